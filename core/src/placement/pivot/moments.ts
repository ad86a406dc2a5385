import type { Node } from '@gltf-transform/core';
import { inChunks } from '../../geometry/in-chunks';
import { isClosedSurface } from '../../geometry/is-closed-surface';
import { linearDeterminant } from '../../scene/matrix';
import type { PlacedPart } from '../../scene/measures/placed-parts';
import type { MeshInstance } from '../../scene/traverse';

/** What a body weighs and where, if it were of one material. World space. */
export interface Moments {
  /** Square units. */
  area: number;
  /** Cubic units; 0 where the surface is open. */
  volume: number;
  /** Of the volume where every part is closed, else of the surface. */
  balance: [number, number, number];
  by: 'volume' | 'surface';
  /** Closed parts whose faces look inwards. */
  invertedFaces: Node[];
}

/** Past so many triangles nobody counts edges: a surface whose faces cancel out counts as closed. Ours: less than half a second. */
const MOST_COUNTED = 400_000;

/**
 * Volume and centre by signed tetrahedra (the divergence theorem), where every part is a closed surface; otherwise the mean of the
 * surface. @returns null where there is no surface
 */
export function computeMoments(placed: readonly PlacedPart[]): Moments | null {
  let [area, volume] = [0, 0];
  const surface = [0, 0, 0];
  const solid = [0, 0, 0];
  let isClosed = true;
  const invertedFaces: Node[] = [];
  for (const [instance, parts] of groupByInstance(placed)) {
    const sums = createSums();
    // about a corner of its own, so that a model far from the origin loses no digits; one for all its parts, which close it together
    const [first] = parts;
    for (const part of parts)
      inChunks(Math.floor(part.corners / 3), (from, to) => addTriangles(sums, part, first.positions, from, to));
    const triangles = parts.reduce((sum, { corners }) => sum + Math.floor(corners / 3), 0);
    area += sums.twiceArea / 2;
    for (let axis = 0; axis < 3; axis++) surface[axis] += sums.surface[axis];
    const cancels = Math.hypot(...sums.faces) < sums.twiceArea * 1e-4;
    // a node that mirrors turns the winding with it (glTF 2.0, 3.7.4)
    const seen = linearDeterminant(instance.world) < 0 ? -sums.volume : sums.volume;
    if (isClosed || seen < 0) {
      const isPartClosed = cancels && (triangles > MOST_COUNTED || isClosedSurface(parts));
      isClosed &&= isPartClosed;
      // what encloses next to nothing looks neither way
      if (isPartClosed && seen < -1e-6 * (sums.twiceArea / 2) ** 1.5) invertedFaces.push(instance.node);
    }
    // a mirrored or inside-out part encloses as much
    const sign = sums.volume < 0 ? -1 : 1;
    volume += sums.volume * sign;
    for (let axis = 0; axis < 3; axis++) solid[axis] += sums.solid[axis] * sign;
  }
  if (!(area > 0) || !Number.isFinite(area)) return null;
  const by = isClosed && volume > 1e-9 * area ** 1.5 ? 'volume' : 'surface';
  const balance = (by === 'volume' ? solid.map((v) => v / volume) : surface.map((v) => v / area)) as Moments['balance'];
  return { area, volume: by === 'volume' ? volume : 0, balance, by, invertedFaces };
}

function groupByInstance(placed: readonly PlacedPart[]): Map<MeshInstance, PlacedPart[]> {
  const groups = new Map<MeshInstance, PlacedPart[]>();
  for (const part of placed) {
    if (part.corners < 3) continue;
    const parts = groups.get(part.instance);
    if (parts) parts.push(part);
    else groups.set(part.instance, [part]);
  }
  return groups;
}

interface Sums {
  twiceArea: number;
  volume: number;
  /** The faces as vectors: those of a closed surface add up to nothing. */
  faces: [number, number, number];
  /** Area times its middle. */
  surface: [number, number, number];
  /** Volume times its middle. */
  solid: [number, number, number];
}

const createSums = (): Sums => ({
  twiceArea: 0,
  volume: 0,
  faces: [0, 0, 0],
  surface: [0, 0, 0],
  solid: [0, 0, 0],
});

/** Written out, as in shape-signature: a call a triangle costs a third more. */
function addTriangles(
  sums: Sums,
  { positions: p, indices }: PlacedPart,
  origin: Float64Array,
  from: number,
  to: number,
): void {
  const [ox, oy, oz] = [origin[0] ?? 0, origin[1] ?? 0, origin[2] ?? 0];
  let [twiceArea, volume] = [0, 0];
  let [fx, fy, fz] = [0, 0, 0];
  let [sx, sy, sz] = [0, 0, 0];
  let [vx, vy, vz] = [0, 0, 0];
  for (let t = from; t < to; t++) {
    const i = t * 3;
    const a = (indices ? indices[i] : i) * 3;
    const b = (indices ? indices[i + 1] : i + 1) * 3;
    const c = (indices ? indices[i + 2] : i + 2) * 3;
    const ax = p[a] - ox;
    const ay = p[a + 1] - oy;
    const az = p[a + 2] - oz;
    const bx = p[b] - ox;
    const by = p[b + 1] - oy;
    const bz = p[b + 2] - oz;
    const cx = p[c] - ox;
    const cy = p[c + 1] - oy;
    const cz = p[c + 2] - oz;
    const nx = (by - ay) * (cz - az) - (bz - az) * (cy - ay);
    const ny = (bz - az) * (cx - ax) - (bx - ax) * (cz - az);
    const nz = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
    const twice = Math.sqrt(nx * nx + ny * ny + nz * nz);
    if (!(twice > 0)) continue;
    twiceArea += twice;
    fx += nx;
    fy += ny;
    fz += nz;
    const sixfold = ax * nx + ay * ny + az * nz;
    volume += sixfold;
    const mx = ax + bx + cx;
    const my = ay + by + cy;
    const mz = az + bz + cz;
    sx += twice * mx;
    sy += twice * my;
    sz += twice * mz;
    vx += sixfold * mx;
    vy += sixfold * my;
    vz += sixfold * mz;
  }
  const own = volume / 6;
  sums.twiceArea += twiceArea;
  sums.volume += own;
  const [faces, surface, solid] = [sums.faces, sums.surface, sums.solid];
  [faces[0], faces[1], faces[2]] = [faces[0] + fx, faces[1] + fy, faces[2] + fz];
  surface[0] += sx / 6 + (twiceArea / 2) * ox;
  surface[1] += sy / 6 + (twiceArea / 2) * oy;
  surface[2] += sz / 6 + (twiceArea / 2) * oz;
  solid[0] += vx / 24 + own * ox;
  solid[1] += vy / 24 + own * oy;
  solid[2] += vz / 24 + own * oz;
}
