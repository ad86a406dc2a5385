import type { Proxy } from '@haveld/contract/step';
import { mergePoints } from '../../geometry/merge-points';
import type { DrawItem } from '../gather';

/** A surface that stands for another. */
export interface ProxyShape {
  positions: Float32Array;
  /** The point at each corner, three corners a triangle. */
  points: Uint32Array;
}

/** @returns the surface that stands for what is drawn, world space; null where it has no extent */
export async function shapeProxy(items: readonly DrawItem[], proxy: Proxy): Promise<ProxyShape | null> {
  if (proxy.by === 'baked') return reduceAll(items, proxy.triangles);
  const ends = proxy.by === 'box' ? listCorners(items) : listEnds(items);
  return ends && hullOf(ends);
}

/** Corners of the box around all of it. */
function listCorners(items: readonly DrawItem[]): number[][] | null {
  const min = [Infinity, Infinity, Infinity];
  const max = [-Infinity, -Infinity, -Infinity];
  for (const { positions } of items)
    for (let o = 0; o < positions.length; o++) {
      const n = o % 3;
      if (positions[o] < min[n]) min[n] = positions[o];
      if (positions[o] > max[n]) max[n] = positions[o];
    }
  if (!(max[0] >= min[0])) return null;
  return [0, 1, 2, 3, 4, 5, 6, 7].map((i) => [0, 1, 2].map((n) => ((i >> n) & 1 ? max[n] : min[n])));
}

/** Ways along which ends are looked for: so many that a round thing looks round enough from afar. Ours. */
const WAYS = 96;

/** What lies farthest along ways that are spread evenly over all directions (a spiral of golden angles), each once. */
function listEnds(items: readonly DrawItem[]): number[][] | null {
  const ends = new Map<string, number[]>();
  for (let i = 0; i < WAYS; i++) {
    const y = 1 - (2 * i + 1) / WAYS;
    const angle = i * Math.PI * (3 - Math.sqrt(5));
    const radius = Math.sqrt(1 - y * y);
    const [x, z] = [radius * Math.cos(angle), radius * Math.sin(angle)];
    let farthest = -Infinity;
    let end: number[] | null = null;
    for (const { positions } of items)
      for (let o = 0; o < positions.length; o += 3) {
        const far = positions[o] * x + positions[o + 1] * y + positions[o + 2] * z;
        if (far <= farthest) continue;
        farthest = far;
        end = [positions[o], positions[o + 1], positions[o + 2]];
      }
    if (end) ends.set(end.join(), end);
  }
  return ends.size < 4 ? null : [...ends.values()];
}

/** @returns null for what is flat */
async function hullOf(ends: readonly number[][]): Promise<ProxyShape | null> {
  const [{ Vector3 }, { ConvexHull }] = await Promise.all([
    import('three'),
    import('three/examples/jsm/math/ConvexHull.js'),
  ]);
  const thinnest = Math.min(
    ...[0, 1, 2].map((n) => Math.max(...ends.map((p) => p[n])) - Math.min(...ends.map((p) => p[n]))),
  );
  if (!(thinnest > 0)) return null;
  const hull = new ConvexHull().setFromPoints(ends.map(([x, y, z]) => new Vector3(x, y, z)));
  const corners: number[] = [];
  for (const face of hull.faces) {
    const first = face.edge;
    for (let edge = first.next; edge.next !== first; edge = edge.next)
      for (const { point } of [first.head(), edge.head(), edge.next.head()]) corners.push(point.x, point.y, point.z);
  }
  const { positions, corners: points } = mergePoints(Float32Array.from(corners));
  return { positions, points: Uint32Array.from(points) };
}

/** Whatever is asked for is reached, however far the surface goes from where it was. */
const UNBOUNDED = 1e30;

/** All of it as one surface, small pieces given up first; where that does not reach, holes and necks too. */
async function reduceAll(items: readonly DrawItem[], triangles: number): Promise<ProxyShape | null> {
  const { MeshoptSimplifier: simplifier } = await import('meshoptimizer');
  await simplifier.ready;
  const count = items.reduce((sum, { indices }) => sum + indices.length, 0);
  const corners = new Float32Array(count * 3);
  let o = 0;
  for (const { positions, indices } of items)
    for (const vertex of indices) for (let n = 0; n < 3; n++) corners[o++] = positions[vertex * 3 + n];
  const { positions, corners: points } = mergePoints(corners);
  const all = Uint32Array.from(points);
  let [kept] = simplifier.simplify(all, positions, 3, triangles * 3, UNBOUNDED, ['Prune']);
  if (kept.length > triangles * 3)
    [kept] = simplifier.simplifySloppy(kept, positions, 3, null, triangles * 3, UNBOUNDED);
  return kept.length === 0 ? null : { positions, points: kept };
}
