import type { vec4 } from '@gltf-transform/core';
import { Vector3 } from 'three';
import { ConvexHull } from 'three/examples/jsm/math/ConvexHull.js';
import type { Box } from '@haveld/contract/report';
import type { StepOf } from '@haveld/contract/step';
import { computeHull2d, computeHullArea, measureInside } from '../../geometry/convex-hull-2d';
import { quarterTurnMatrix } from '../../scene/matrix';
import { boundPoints } from '../../geometry/bound-points';
import type { PlacedPart } from '../../scene/measures/placed-parts';
import type { SurfaceMeasures } from './surface-measures';

export interface Tilt {
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

/** Cells a side of the base, the lowest point of each of which stands for what lies below another. */
const CELLS = 16;

/**
 * Does a model lean? It does where it would tip as it stands, and would rest on a face of its hull next to that.
 * @param surface measured in the axes of the file
 * @param turn what makes it Y up; null where it is
 * @returns null where it rests as it stands, or on nothing near
 */
export function judgeTilt(
  surface: SurfaceMeasures,
  parts: readonly PlacedPart[],
  turn: Pick<StepOf<'rotate'>, 'axis' | 'degrees'> | null,
): Tilt | null {
  const stand = turn ? quarterTurnMatrix(turn.axis, turn.degrees) : IDENTITY;
  const [x, y, z] = surface.centre;
  const centre = new Vector3(
    stand[0] * x + stand[4] * y + stand[8] * z,
    stand[1] * x + stand[5] * y + stand[9] * z,
    stand[2] * x + stand[6] * y + stand[10] * z,
  );
  const points = listLower(parts, stand);
  if (points.length < 4 * 3) return null;
  const box = boundPoints([points])!;
  const reach = Math.max(box.max[0] - box.min[0], box.max[2] - box.min[2]);
  const feet = computeHull2d(seenFromAbove(points, box.min[1] + reach * 0.01));
  const base = computeHull2d(seenFromAbove(points, Infinity));
  const footprint = base.length >= 6 ? computeHullArea(base) : 0;
  if (!(footprint > 0)) return null;
  const rests = measureInside(feet, centre.x, centre.z) > 0 && computeHullArea(feet) > footprint * FOOT_FROM;
  if (rests) return null;
  const [found] = listRestingFaces(listUndermost(points, box), centre)
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

const IDENTITY = [1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1];

/** Vertices of the lower part, upright, xyz; of very many every so manieth. */
function listLower(parts: readonly PlacedPart[], m: readonly number[]): Float64Array {
  const count = parts.reduce((sum, { positions }) => sum + positions.length / 3, 0);
  const step = Math.max(1, Math.ceil(count / (MOST_POINTS * 4)));
  const points: number[] = [];
  let [low, high] = [Infinity, -Infinity];
  for (const { positions: p } of parts)
    for (let o = 0; o + 2 < p.length; o += 3 * step) {
      const y = m[1] * p[o] + m[5] * p[o + 1] + m[9] * p[o + 2];
      if (y < low) low = y;
      if (y > high) high = y;
      points.push(m[0] * p[o] + m[4] * p[o + 1] + m[8] * p[o + 2], y, m[2] * p[o] + m[6] * p[o + 1] + m[10] * p[o + 2]);
    }
  if (!Number.isFinite(low) || !Number.isFinite(high)) return new Float64Array();
  const most = low + (high - low) * LOWER;
  let lower = 0;
  for (let o = 1; o < points.length; o += 3) if (points[o] <= most) lower++;
  const every = Math.ceil(lower / MOST_POINTS);
  const kept = new Float64Array(Math.ceil(lower / every) * 3);
  for (let o = 0, met = 0, at = 0; o < points.length; o += 3) {
    if (!(points[o + 1] <= most) || met++ % every !== 0) continue;
    kept[at++] = points[o];
    kept[at++] = points[o + 1];
    kept[at++] = points[o + 2];
  }
  return kept;
}

/** @returns x and z of the points up to a height */
function seenFromAbove(points: Float64Array, upTo: number): Float64Array {
  const seen: number[] = [];
  for (let o = 0; o < points.length; o += 3) if (points[o + 1] <= upTo) seen.push(points[o], points[o + 2]);
  return Float64Array.from(seen);
}

/** @returns the points a face may hold that leans by `MOST` at most: under none of them lies another, below even the steepest such face */
function listUndermost(points: Float64Array, { min, max }: Box): Vector3[] {
  const steepest = Math.tan((MOST * Math.PI) / 180) * (1 + 1e-9);
  const lowest = new Int32Array(CELLS * CELLS).fill(-1);
  const cellOf = (o: number): number => {
    const along = (value: number, axis: 0 | 2): number =>
      Math.min(CELLS - 1, Math.floor(((value - min[axis]) / Math.max(max[axis] - min[axis], 1e-300)) * CELLS));
    return along(points[o], 0) * CELLS + along(points[o + 2], 2);
  };
  for (let o = 0; o < points.length; o += 3) {
    const cell = cellOf(o);
    if (lowest[cell] < 0 || points[o + 1] < points[lowest[cell] + 1]) lowest[cell] = o;
  }
  const below = [...lowest].filter((o) => o >= 0).sort((one, other) => points[one + 1] - points[other + 1]);
  const undermost: Vector3[] = [];
  for (let o = 0; o < points.length; o += 3) {
    const [x, y, z] = [points[o], points[o + 1], points[o + 2]];
    const isAbove = below.some((q) => {
      const drop = y - points[q + 1];
      const [dx, dz] = [x - points[q], z - points[q + 2]];
      return drop > 0 && drop * drop > steepest * steepest * (dx * dx + dz * dz);
    });
    if (!isAbove) undermost.push(new Vector3(x, y, z));
  }
  return undermost;
}

interface RestingFace {
  normal: Vector3;
  /** From straight down, degrees. */
  angle: number;
  area: number;
}

/** Do they span more than a line? A single tip, however often it is written down, is no foot. */
function isWide(points: readonly Vector3[], middle: Vector3): boolean {
  if (!Number.isFinite(middle.lengthSq())) return false;
  const [first] = points;
  const along = first.clone().sub(middle);
  return points.some((point) => point.clone().sub(middle).cross(along).length() > along.lengthSq() * 1e-12);
}

/** Faces of the hull that look down and hold the middle of the surface above them. */
function listRestingFaces(points: readonly Vector3[], middle: Vector3): RestingFace[] {
  if (!isWide(points, middle)) return [];
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
