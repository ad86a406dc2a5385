import { nextCorner } from '../../geometry/edge-table';
import type { PartSurface } from './gather-surface';

/** A ring of open edges. */
export interface Hole {
  /** Places around it, the way a face that closes it goes. */
  ring: number[];
  /** The corner of the surface each of its edges begins at, seen from the surface: that edge ends at the ring's place of the same number. */
  corners: number[];
  /** The longest side of its box, in the part's unit. */
  size: number;
  /** The mean of its places. */
  middle: [number, number, number];
  /** A unit vector, the way a face that closes it looks; nothing for a ring without area. */
  normal: [number, number, number];
  /** How far its places lie off its plane at most, in that unit. */
  offPlane: number;
}

/** Rings of more edges are borders of cloth, terrain or scans, and nobody's hole. Ours. */
const MOST_EDGES = 2000;

/** Finds the rings that open edges form. Where borders touch in one place, each ring is told by itself. */
export function findHoles(surface: PartSurface): Hole[] {
  const { table, points } = surface;
  const leaving = new Map<number, number[]>();
  for (let c = 0; c < table.edgeOf.length; c++) {
    const edge = table.edgeOf[c];
    if (edge < 0 || table.uses[edge] !== 1) continue;
    // the surface goes from here to the next corner, a face that closes it comes back
    const from = points[nextCorner(c)];
    const known = leaving.get(from);
    if (known) known.push(c);
    else leaving.set(from, [c]);
  }
  const holes: Hole[] = [];
  for (const start of leaving.keys()) {
    const path: number[] = [];
    const placeOf = new Map<number, number>();
    for (let at = start; ;) {
      const known = placeOf.get(at);
      if (known !== undefined) {
        const corners = path.splice(known);
        for (const corner of corners) placeOf.delete(points[nextCorner(corner)]);
        if (corners.length >= 3 && corners.length <= MOST_EDGES) holes.push(describeHole(surface, corners));
      }
      const corner = leaving.get(at)?.pop();
      // an edge that leads nowhere: faces that do not agree are in the way
      if (corner === undefined) break;
      placeOf.set(at, path.length);
      path.push(corner);
      at = points[corner];
    }
  }
  return holes;
}

function describeHole({ positions, points }: PartSurface, corners: number[]): Hole {
  const ring = corners.map((corner) => points[nextCorner(corner)]);
  const middle: Hole['middle'] = [0, 0, 0];
  const low = [Infinity, Infinity, Infinity];
  const high = [-Infinity, -Infinity, -Infinity];
  for (const place of ring)
    for (let axis = 0; axis < 3; axis++) {
      const value = positions[place * 3 + axis];
      middle[axis] += value / ring.length;
      low[axis] = Math.min(low[axis], value);
      high[axis] = Math.max(high[axis], value);
    }
  const normal = ringNormal(positions, ring);
  const offPlane = ring.reduce(
    (most, place) =>
      Math.max(
        most,
        Math.abs(normal.reduce((sum, part, axis) => sum + part * (positions[place * 3 + axis] - middle[axis]), 0)),
      ),
    0,
  );
  return { ring, corners, size: Math.max(...high.map((value, axis) => value - low[axis])), middle, normal, offPlane };
}

/** Newell's method (Sutherland, Sproull and Schumacker 1974). @returns a unit vector; nothing for a ring without area */
export function ringNormal(positions: ArrayLike<number>, ring: readonly number[]): [number, number, number] {
  let [x, y, z] = [0, 0, 0];
  // about its first place, so that a ring far from the origin loses no digits
  const [ox, oy, oz] = [positions[ring[0] * 3], positions[ring[0] * 3 + 1], positions[ring[0] * 3 + 2]];
  for (let i = 0; i < ring.length; i++) {
    const a = ring[i] * 3;
    const b = ring[(i + 1) % ring.length] * 3;
    const [ax, ay, az] = [positions[a] - ox, positions[a + 1] - oy, positions[a + 2] - oz];
    const [bx, by, bz] = [positions[b] - ox, positions[b + 1] - oy, positions[b + 2] - oz];
    x += (ay - by) * (az + bz);
    y += (az - bz) * (ax + bx);
    z += (ax - bx) * (ay + by);
  }
  const length = Math.hypot(x, y, z);
  return length > 0 ? [x / length, y / length, z / length] : [0, 0, 0];
}
