import type { vec4 } from '@gltf-transform/core';
import { Vector3 } from 'three';
import { ConvexHull } from 'three/examples/jsm/math/ConvexHull.js';
import type { StepOf } from '@haveld/contract/step';
import { computeHull2d, computeHullArea, measureInside } from '../../geometry/convex-hull-2d';
import { quarterTurnMatrix } from '../../scene/matrix';
import type { MeshInstance } from '../../scene/traverse';
import { computeWorldPositions } from '../../scene/world-positions';
import type { SurfaceMeasures } from './surface-measures';

export interface Lean {
  /** Above 0. */
  degrees: number;
  /** Where its head leans to, seen from its front. */
  towards: 'left' | 'right' | 'front' | 'back';
  /** What sets it straight, a unit quaternion xyzw. */
  turn: vec4;
  /** Share of its base that its feet span once it is straight. */
  support: number;
}

/** Beyond this it lies, and does not lean; below nobody sees it. Degrees; ours. */
const MOST = 8;
const LEAST = 0.2;
/** A face of the hull this small is no foot to stand on, as a share of the base. */
const FOOT_FROM = 0.08;
/** What a model stands on is sought in this share of its height, among at most so many vertices. */
const LOWER = 0.35;
const MOST_POINTS = 12_000;
const TOGETHER = Math.cos((0.6 * Math.PI) / 180);

/**
 * Does a model lean? It does where it would tip as it stands, and would rest on a face of its hull next to that.
 * @param surface measured in the axes of the file
 * @param turn what makes it Y up; null where it is
 * @returns null where it rests as it stands, or on nothing near
 */
export function judgeLean(
  surface: SurfaceMeasures,
  instances: readonly MeshInstance[],
  turn: Pick<StepOf<'turn'>, 'axis' | 'degrees'> | null,
): Lean | null {
  const stand = createTurner(turn);
  const centre = stand(surface.centre[0], surface.centre[1], surface.centre[2]);
  const points = listLowest(instances, stand);
  if (points.length < 4) return null;
  const low = Math.min(...points.map(({ y }) => y));
  const reach = measureReach(points);
  const feet = computeHull2d(
    Float64Array.from(points.filter(({ y }) => y <= low + reach * 0.01).flatMap(({ x, z }) => [x, z])),
  );
  const base = computeHull2d(Float64Array.from(points.flatMap(({ x, z }) => [x, z])));
  const footprint = base.length >= 6 ? computeHullArea(base) : 0;
  if (!(footprint > 0)) return null;
  const rests = measureInside(feet, centre.x, centre.z) > 0 && computeHullArea(feet) > footprint * FOOT_FROM;
  if (rests) return null;
  const [found] = listRestingFaces(points, centre)
    .filter(({ angle, area }) => angle >= LEAST && angle <= MOST && area > footprint * FOOT_FROM)
    .sort((one, other) => one.angle - other.angle);
  if (!found) return null;
  const { normal, angle, area } = found;
  // half the way to straight down, twice
  const half = normal
    .clone()
    .add(new Vector3(0, -1, 0))
    .normalize();
  const axis = normal.clone().cross(half);
  const isSideways = Math.abs(normal.x) > Math.abs(normal.z);
  return {
    degrees: angle,
    // a foot that looks to +x belongs to a head that leans to −x: to the left, seen from +z
    towards: isSideways ? (normal.x > 0 ? 'left' : 'right') : normal.z > 0 ? 'back' : 'front',
    turn: [axis.x, axis.y, axis.z, normal.dot(half)],
    support: Math.min(1, area / footprint),
  };
}

type Turner = (x: number, y: number, z: number) => Vector3;

function createTurner(turn: Pick<StepOf<'turn'>, 'axis' | 'degrees'> | null): Turner {
  if (!turn) return (x, y, z) => new Vector3(x, y, z);
  const m = quarterTurnMatrix(turn.axis, turn.degrees);
  return (x, y, z) =>
    new Vector3(m[0] * x + m[4] * y + m[8] * z, m[1] * x + m[5] * y + m[9] * z, m[2] * x + m[6] * y + m[10] * z);
}

/** Vertices of the lower part, upright; of very many every so manieth. */
function listLowest(instances: readonly MeshInstance[], stand: Turner): Vector3[] {
  const all = instances.flatMap((instance) =>
    instance.mesh.listPrimitives().map((primitive) => computeWorldPositions(instance, primitive)),
  );
  const count = all.reduce((sum, positions) => sum + positions.length / 3, 0);
  const step = Math.max(1, Math.ceil(count / (MOST_POINTS * 4)));
  const points = all.flatMap((positions) => {
    const found: Vector3[] = [];
    for (let o = 0; o + 2 < positions.length; o += 3 * step)
      found.push(stand(positions[o], positions[o + 1], positions[o + 2]));
    return found;
  });
  let [low, high] = [Infinity, -Infinity];
  for (const { y } of points) [low, high] = [Math.min(low, y), Math.max(high, y)];
  if (!Number.isFinite(low) || !Number.isFinite(high)) return [];
  const lower = points.filter(({ y }) => y <= low + (high - low) * LOWER);
  return lower.filter((_, i) => i % Math.ceil(lower.length / MOST_POINTS) === 0);
}

function measureReach(points: readonly Vector3[]): number {
  const xs = points.map(({ x }) => x);
  const zs = points.map(({ z }) => z);
  const span = (values: number[]): number =>
    values.reduce((a, b) => Math.max(a, b)) - values.reduce((a, b) => Math.min(a, b));
  return Math.max(span(xs), span(zs));
}

interface RestingFace {
  normal: Vector3;
  /** From straight down, degrees. */
  angle: number;
  area: number;
}

/** Faces of the hull that look down and hold the middle of the surface above them. */
function listRestingFaces(points: readonly Vector3[], middle: Vector3): RestingFace[] {
  // the middle is inside the whole, and makes a body even of feet that lie in one plane
  const hull = new ConvexHull().setFromPoints([...points, middle]);
  const groups: { normal: Vector3; points: Vector3[] }[] = [];
  for (const face of hull.faces) {
    if (face.normal.y > -Math.cos((MOST * Math.PI) / 180)) continue;
    const corners = [face.edge, face.edge.next, face.edge.prev].map((edge) => edge.head().point);
    const group = groups.find(({ normal }) => normal.dot(face.normal) > TOGETHER);
    if (group) group.points.push(...corners);
    else groups.push({ normal: face.normal.clone(), points: corners });
  }
  return groups.flatMap(({ normal, points: corners }): RestingFace[] => {
    const u = new Vector3(1, 0, 0).addScaledVector(normal, -normal.x).normalize();
    const v = normal.clone().cross(u);
    const flat = computeHull2d(Float64Array.from(corners.flatMap((point) => [point.dot(u), point.dot(v)])));
    if (flat.length < 6 || measureInside(flat, middle.dot(u), middle.dot(v)) <= 0) return [];
    return [{ normal, angle: (Math.acos(Math.min(1, -normal.y)) * 180) / Math.PI, area: computeHullArea(flat) }];
  });
}
