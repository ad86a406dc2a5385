import type * as Rapier from '@dimforge/rapier3d-compat';
import type { Document } from '@gltf-transform/core';
import type { CollisionKind } from '@haveld/contract/step';
import { longestSide } from '../../geometry/longest-side';
import { boundParts, boxSize } from '../../scene/measures/bounds';
import { listPlacedParts, type PlacedPart } from '../../scene/measures/placed-parts';
import { computeMoments } from '../pivot/moments';
import { encloseByBall, encloseByTurnedBox, encloseRound } from './enclosing';
import { fillRoom, measureAir } from './filled-room';
import {
  createInsideTest,
  createTurn,
  outlineOf,
  volumeOf,
  volumeOfHull,
  type CollisionShape,
  type Hull,
} from './shapes';

/** One shape a model may be taken for. */
export interface FittedShape {
  kind: CollisionKind;
  shape: CollisionShape;
  /** Its volume as times what the model fills. */
  times: number;
  /** How far from the model it holds air, metres, to about a fortieth of its size. */
  air: number;
  hulls: number;
  /** To draw it by: both ends of each edge, xyz, world space. */
  outline: Float32Array<ArrayBuffer>;
}

/** Shapes that fit, the plainest first, and the one proposed. */
export interface FittedShapes {
  shapes: FittedShape[];
  proposed: CollisionKind;
  /** What the model fills, cubic metres: measured where it is closed, else by cells. */
  volume: number;
}

/** Plain shapes first: of two that fit, the plainer one costs less. */
const PLAIN: CollisionKind[] = ['box', 'sphere', 'cylinder', 'capsule', 'turned-box', 'hull', 'hulls'];
/** A shape fits that holds up to so many times what the model fills. Ours. */
const FITS = 1.15;
/** Several hulls cost more than one: they have to hold so much less of it. Ours. */
const WORTH = 0.8;
/** Points a hull is made of, and triangles that are taken apart, at most. */
const MOST_POINTS = 20_000;
const MOST_TRIANGLES = 200_000;
/** Hulls a model is taken apart into, at most. Ours. */
const MOST_HULLS = 24;

/**
 * Fits every kind of shape to a model as it stands.
 * @param rapier the physics package, started
 * @param only a kind to be fitted alone; left out, all
 * @returns null where the model has no extent in space
 */
export function fitShapes(rapier: typeof Rapier, document: Document, only?: CollisionKind): FittedShapes | null {
  const parts = listPlacedParts(document).filter(({ corners }) => corners >= 3);
  const box = boundParts(parts);
  const points = samplePoints(parts);
  const hull = box && makeHull(rapier, points);
  if (!box || !hull) return null;
  const room = fillRoom(parts, box.min, box.max);
  const moments = computeMoments(parts);
  const volume = moments?.by === 'volume' ? moments.volume : room.volume;
  let turned: Extract<CollisionShape, { kind: 'box' }> | null = null;
  const given: Given = {
    rapier,
    parts,
    hull,
    size: boxSize(box),
    low: box.min,
    turnedBox: () => (turned ??= encloseByTurnedBox(hull)),
  };
  const shapes = PLAIN.filter((kind) => only === undefined || kind === only).flatMap((kind): FittedShape[] => {
    const shape = FITTERS[kind](given);
    if (!shape) return [];
    return [
      {
        kind,
        shape,
        times: volumeOf(shape) / Math.max(volume, 1e-12),
        air: measureAir(room, createInsideTest(shape)),
        hulls: shape.kind === 'hulls' ? shape.hulls.length : 0,
        outline: outlineOf(shape),
      },
    ];
  });
  return { shapes, volume, proposed: propose(shapes) };
}

function propose(shapes: readonly FittedShape[]): CollisionKind {
  const fitting = shapes.find(({ kind, times }) => kind !== 'hulls' && times <= FITS);
  if (fitting) return fitting.kind;
  const [one, several] = (['hull', 'hulls'] as const).map((wanted) => shapes.find(({ kind }) => kind === wanted));
  if (several && one && several.hulls > 1 && several.times < one.times * WORTH) return 'hulls';
  return one?.kind ?? shapes[0]?.kind ?? 'box';
}

interface Given {
  rapier: typeof Rapier;
  parts: readonly PlacedPart[];
  hull: Hull;
  size: readonly number[];
  low: readonly number[];
  /** Worked out once. */
  turnedBox: () => Extract<CollisionShape, { kind: 'box' }>;
}

const FITTERS: Record<CollisionKind, (given: Given) => CollisionShape | null> = {
  box: ({ size, low }) => ({
    kind: 'box',
    centre: [0, 1, 2].map((axis) => low[axis] + size[axis] / 2) as [number, number, number],
    turn: [0, 0, 0, 1],
    size: [size[0], size[1], size[2]],
  }),
  sphere: ({ hull }) => {
    const { centre, radius } = encloseByBall(hull.points, 3);
    return { kind: 'sphere', centre: centre as [number, number, number], radius };
  },
  cylinder: (given) => fitRound('cylinder', given),
  capsule: (given) => fitRound('capsule', given),
  'turned-box': ({ turnedBox }) => turnedBox(),
  hull: ({ hull }) => ({ kind: 'hulls', hulls: [hull] }),
  hulls: takeApart,
};

/** Along the axes of the world and of the turned box, whichever holds least. */
function fitRound(kind: 'cylinder' | 'capsule', { hull, turnedBox }: Given): CollisionShape {
  const turn = createTurn(turnedBox().turn);
  const axes = [
    [1, 0, 0],
    [0, 1, 0],
    [0, 0, 1],
  ].flatMap(([x, y, z]): [number, number, number][] => [[x, y, z], turn(x, y, z)]);
  return axes
    .map((axis) => encloseRound(kind, hull.points, axis))
    .reduce((best, one) => (volumeOf(one) < volumeOf(best) * (1 - 1e-6) ? one : best));
}

/** By rapier, which holds VHACD (Mamou 2016). */
function takeApart({ rapier, parts }: Given): CollisionShape | null {
  const vertices: number[] = [];
  const indices: number[] = [];
  for (const { positions, indices: own, corners } of parts) {
    const first = vertices.length / 3;
    for (const value of positions) vertices.push(value);
    for (let i = 0; i < corners - (corners % 3); i++) indices.push(first + (own ? own[i] : i));
  }
  if (indices.length / 3 > MOST_TRIANGLES) return null;
  const whole = longestSide(vertices);
  const world = new rapier.World({ x: 0, y: 0, z: 0 });
  try {
    const described = rapier.ColliderDesc.convexDecomposition(
      Float32Array.from(vertices, (value) => value / whole),
      Uint32Array.from(indices),
      {
        maxConvexHulls: MOST_HULLS,
      },
    );
    if (!described) return null;
    const { shapes } = world.createCollider(described).shape as Rapier.Compound;
    const hulls = shapes.flatMap((shape) => {
      const { vertices: corners } = shape as Rapier.ConvexPolyhedron;
      return (
        makeHull(
          rapier,
          corners.map((value) => value * whole),
        ) ?? []
      );
    });
    return hulls.length > 0 ? { kind: 'hulls', hulls } : null;
  } finally {
    world.free();
  }
}

/** @returns the convex hull of points; null where they lie in a plane */
export function makeHull(rapier: typeof Rapier, points: Float32Array): Hull | null {
  // at one size for all, so that a pin is as exact as a ship
  const whole = longestSide(points);
  if (!(whole > 1e-20) || !hasRoom(points, whole * FLAT)) return null;
  const described = rapier.ColliderDesc.convexHull(points.map((value) => value / whole));
  const collider = described && collide(rapier, described);
  const indices = collider?.indices;
  const hull = indices && { points: collider.points.map((value) => value * whole), indices };
  return hull && volumeOfHull(hull) > 1e-9 * whole ** 3 ? hull : null;
}

/** @returns the corners and triangles of what is described; null where the package makes nothing of it */
function collide(
  rapier: typeof Rapier,
  described: Rapier.ColliderDesc,
): { points: Float32Array; indices?: Uint32Array } | null {
  const world = new rapier.World({ x: 0, y: 0, z: 0 });
  try {
    const collider = world.createCollider(described);
    return { points: collider.vertices(), indices: collider.indices() };
  } catch (error) {
    // points that lie all but in a plane are refused late, when the shape is made
    if (error instanceof Error && error.message.startsWith('expected instance of')) return null;
    throw error;
  } finally {
    world.free();
  }
}

/** Thinner than this share of its size a thing lies in a plane. Ours. */
const FLAT = 1e-4;

/** True where four of the points span room: each is the farthest from what those before it span. */
function hasRoom(p: Float32Array, least: number): boolean {
  const farthest = (measure: (x: number, y: number, z: number) => number): [number, number, number, number] => {
    let [at, most] = [0, -1];
    for (let o = 0; o < p.length; o += 3) {
      const distance = measure(p[o] - p[0], p[o + 1] - p[1], p[o + 2] - p[2]);
      if (distance > most) [at, most] = [o, distance];
    }
    return [p[at] - p[0], p[at + 1] - p[1], p[at + 2] - p[2], most];
  };
  const [ax, ay, az, length] = farthest((x, y, z) => Math.hypot(x, y, z));
  if (length <= least) return false;
  const [bx, by, bz, width] = farthest(
    (x, y, z) => Math.hypot(ay * z - az * y, az * x - ax * z, ax * y - ay * x) / length,
  );
  if (width <= least) return false;
  const [nx, ny, nz] = [ay * bz - az * by, az * bx - ax * bz, ax * by - ay * bx];
  const size = Math.hypot(nx, ny, nz);
  const [, , , height] = farthest((x, y, z) => Math.abs(x * nx + y * ny + z * nz) / size);
  return height > least;
}

/** Of very many every so manieth, and the ends along 26 ways whatever comes. */
function samplePoints(parts: readonly PlacedPart[]): Float32Array {
  const count = parts.reduce((sum, { positions }) => sum + positions.length / 3, 0);
  const step = Math.max(1, Math.ceil(count / MOST_POINTS));
  const ways: [number, number, number][] = [];
  for (let n = 0; n < 27; n++)
    if (n !== 13) ways.push([(n % 3) - 1, (Math.floor(n / 3) % 3) - 1, Math.floor(n / 9) - 1]);
  const ends = ways.map(() => ({ most: -Infinity, at: [0, 0, 0] }));
  const points: number[] = [];
  for (const { positions: p } of parts)
    for (let o = 0, i = 0; o + 2 < p.length; o += 3, i++) {
      if (i % step === 0) points.push(p[o], p[o + 1], p[o + 2]);
      if (step === 1) continue;
      ways.forEach(([x, y, z], n) => {
        const along = p[o] * x + p[o + 1] * y + p[o + 2] * z;
        if (along > ends[n].most) ends[n] = { most: along, at: [p[o], p[o + 1], p[o + 2]] };
      });
    }
  if (step > 1) for (const { at } of ends) points.push(...at);
  return Float32Array.from(points);
}
