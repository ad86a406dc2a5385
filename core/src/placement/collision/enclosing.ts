import { computeHull2d } from '../../geometry/convex-hull-2d';
import type { CollisionShape, Hull } from './shapes';

const { hypot, max, min, sqrt } = Math;
type Vector = [number, number, number];
type Turn = [number, number, number, number];

const ROUNDS = 400;

/**
 * A ball around points, in as many dimensions as they have: close to the smallest (Bădoiu and Clarkson 2003: within 1/√n of its radius
 * after n rounds, here far closer), and never too small.
 * @param points `width` numbers each
 */
export function encloseByBall(points: ArrayLike<number>, width: number): { centre: number[]; radius: number } {
  const centre = Array.from({ length: width }, (_, k) => points[k] ?? 0);
  const farthest = (): { at: number; distance: number } => {
    let [at, most] = [0, -1];
    for (let o = 0; o < points.length; o += width) {
      let sum = 0;
      for (let k = 0; k < width; k++) sum += (points[o + k] - centre[k]) ** 2;
      if (sum > most) [at, most] = [o, sum];
    }
    return { at, distance: sqrt(max(0, most)) };
  };
  for (let round = 1; round <= ROUNDS; round++) {
    const { at } = farthest();
    for (let k = 0; k < width; k++) centre[k] += (points[at + k] - centre[k]) / (round + 1);
  }
  return { centre, radius: farthest().distance };
}

/** Three axes at right angles, right-handed. */
type Axes = [Vector, Vector, Vector];

/**
 * A box that lies as the hull's faces do: of those that rest on one of its faces, the one of least volume. The least of all may rest on
 * edges alone (O’Rourke 1985), and is rarely much smaller.
 */
export function encloseByTurnedBox({ points, indices }: Hull): Extract<CollisionShape, { kind: 'box' }> {
  let best: { axes: Axes; low: Vector; high: Vector; volume: number } | null = null;
  for (const normal of listFaceNormals(points, indices)) {
    const [side, other] = across(normal);
    const flat = new Float64Array((points.length / 3) * 2);
    for (let k = 0; k * 3 < points.length; k++) {
      flat[k * 2] = dotAt(points, k * 3, side);
      flat[k * 2 + 1] = dotAt(points, k * 3, other);
    }
    const hull = computeHull2d(flat);
    for (let k = 0; k < hull.length; k += 2) {
      const next = (k + 2) % hull.length;
      const [u, v] = [hull[next] - hull[k], hull[next + 1] - hull[k + 1]];
      const length = hypot(u, v);
      if (length === 0) continue;
      const first = side.map((value, n) => (value * u + other[n] * v) / length) as Vector;
      const axes: Axes = [first, normal, cross(first, normal)];
      const { low, high } = measureAlong(points, axes);
      const volume = max(1e-12, high[0] - low[0]) * max(1e-12, high[1] - low[1]) * max(1e-12, high[2] - low[2]);
      if (!best || volume < best.volume * (1 - 1e-9)) best = { axes, low, high, volume };
    }
  }
  const axes: Axes = best?.axes ?? [
    [1, 0, 0],
    [0, 1, 0],
    [0, 0, 1],
  ];
  const { low, high } = best ?? measureAlong(points, axes);
  return {
    kind: 'box',
    centre: [0, 1, 2].map((k) => axes.reduce((sum, axis, n) => sum + (axis[k] * (low[n] + high[n])) / 2, 0)) as Vector,
    turn: turnOfAxes(axes),
    size: high.map((value, n) => value - low[n]) as Vector,
  };
}

/** A cylinder or a capsule around points, along an axis of unit length. */
export function encloseRound(
  kind: 'cylinder' | 'capsule',
  points: ArrayLike<number>,
  axis: Vector,
): Extract<CollisionShape, { kind: 'cylinder' | 'capsule' }> {
  const [side, other] = across(axis);
  const flat = new Float64Array((points.length / 3) * 2);
  for (let k = 0; k * 3 < points.length; k++) {
    flat[k * 2] = dotAt(points, k * 3, side);
    flat[k * 2 + 1] = dotAt(points, k * 3, other);
  }
  const { centre, radius } = encloseByBall(flat, 2);
  let [low, high] = [Infinity, -Infinity];
  for (let k = 0; k * 3 < points.length; k++) {
    const along = dotAt(points, k * 3, axis);
    // what lies nearer the axis may lie within the round end
    const away = hypot(flat[k * 2] - centre[0], flat[k * 2 + 1] - centre[1]);
    const cap = kind === 'capsule' ? sqrt(max(0, radius ** 2 - away ** 2)) : 0;
    low = min(low, along + cap);
    high = max(high, along - cap);
  }
  const middle = (low + high) / 2;
  return {
    kind,
    centre: [0, 1, 2].map((k) => side[k] * centre[0] + other[k] * centre[1] + axis[k] * middle) as Vector,
    turn: turnOfAxes([side, axis, cross(side, axis)]),
    radius,
    height: max(0, high - low),
  };
}

/** More ways than these a round thing lies, and none of them better. Ours. */
const MOST_WAYS = 120;

/** The ways a hull's faces look, those of the most area first; opposite ones are the same way. */
function listFaceNormals(p: Float32Array, indices: Uint32Array): Vector[] {
  const ways = new Map<string, { normal: Vector; area: number }>();
  for (let i = 0; i < indices.length; i += 3) {
    const { normal, area } = faceNormal(p, indices[i], indices[i + 1], indices[i + 2]);
    if (area === 0) continue;
    const main = normal.map(Math.abs).indexOf(max(...normal.map(Math.abs)));
    const key = normal.map((v) => Math.round(v * Math.sign(normal[main]) * 200)).join();
    const known = ways.get(key);
    if (known) known.area += area;
    else ways.set(key, { normal, area });
  }
  return [...ways.values()]
    .sort((a, b) => b.area - a.area)
    .slice(0, MOST_WAYS)
    .map(({ normal }) => normal);
}

function measureAlong(points: ArrayLike<number>, axes: Axes): { low: Vector; high: Vector } {
  const low: Vector = [Infinity, Infinity, Infinity];
  const high: Vector = [-Infinity, -Infinity, -Infinity];
  for (let o = 0; o < points.length; o += 3)
    axes.forEach((axis, n) => {
      const along = dotAt(points, o, axis);
      low[n] = min(low[n], along);
      high[n] = max(high[n], along);
    });
  return { low, high };
}

const dotAt = (points: ArrayLike<number>, o: number, [x, y, z]: Vector): number =>
  points[o] * x + points[o + 1] * y + points[o + 2] * z;

const cross = ([ax, ay, az]: Vector, [bx, by, bz]: Vector): Vector => [
  ay * bz - az * by,
  az * bx - ax * bz,
  ax * by - ay * bx,
];

/** A unit normal, and twice the area. */
function faceNormal(p: ArrayLike<number>, a: number, b: number, c: number): { normal: Vector; area: number } {
  const n = cross(
    [p[b * 3] - p[a * 3], p[b * 3 + 1] - p[a * 3 + 1], p[b * 3 + 2] - p[a * 3 + 2]],
    [p[c * 3] - p[a * 3], p[c * 3 + 1] - p[a * 3 + 1], p[c * 3 + 2] - p[a * 3 + 2]],
  );
  const length = hypot(...n);
  return { normal: length > 0 ? (n.map((v) => v / length) as Vector) : [0, 0, 0], area: length };
}

/** Two axes at right angles to one, and to each other. */
function across(axis: Vector): [Vector, Vector] {
  const least = axis.map(Math.abs).indexOf(min(...axis.map(Math.abs)));
  const other: Vector = [0, 0, 0];
  other[least] = 1;
  const raw = cross(other, axis);
  const length = hypot(...raw);
  const side = raw.map((v) => v / length) as Vector;
  return [side, cross(axis, side)];
}

/** Shepperd 1978. @param axes where x, y and z go to, right-handed */
function turnOfAxes([[a, b, c], [d, e, f], [g, h, i]]: Axes): Turn {
  const parts = [
    [1 + a - e - i, b + d, c + g, f - h],
    [b + d, 1 - a + e - i, f + h, g - c],
    [c + g, f + h, 1 - a - e + i, b - d],
    [f - h, g - c, b - d, 1 + a + e + i],
  ];
  const most = [0, 1, 2, 3].reduce((best, k) => (parts[k][k] > parts[best][best] ? k : best), 0);
  const length = hypot(...parts[most]);
  return parts[most].map((value) => value / length) as Turn;
}
