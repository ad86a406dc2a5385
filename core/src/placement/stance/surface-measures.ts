import type { Box } from '@haveld/contract/report';
import { boxSize } from '../../scene/bounds';
import { isTriangles, type MeshInstance } from '../../scene/traverse';
import { computeWorldPositions } from '../../scene/world-positions';

/** Ends of a box: the lower and the upper one along x, then y, then z. */
export const ENDS = 6;
/** What lies within this share of a box's extent from its end belongs to that end. */
const SLAB = 0.01;
const SAMPLES = 4096;

/** What a surface looks like from its six sides; world space, lengths in its own unit. */
export interface SurfaceMeasures {
  box: Box;
  area: number;
  /** Mean of the surface. */
  centre: [number, number, number];
  /** Share of each end of the box that faces lying in it and looking outwards cover; 0 to 1 and more where they overlap. */
  flat: Float64Array;
  /** Share of the surface that is square to x, y, z. */
  square: Float64Array;
  /** Points spread evenly over the surface, xyz. */
  points: Float64Array;
  /** Vertices near each end: two coordinates each, along the next two axes in turn. */
  near: Float64Array[];
}

interface Part {
  positions: Float64Array;
  indices: ArrayLike<number> | null;
  corners: number;
  /** Of each triangle, filled while the whole is measured. */
  areas: Float64Array;
}

/** @returns null where there is no surface */
export function measureSurface(instances: readonly MeshInstance[], box: Box): SurfaceMeasures | null {
  const parts = instances.flatMap((instance) =>
    instance.mesh.listPrimitives().flatMap((primitive): Part[] => {
      if (!isTriangles(primitive)) return [];
      const positions = computeWorldPositions(instance, primitive);
      const indices = primitive.getIndices()?.getArray() ?? null;
      const corners = indices?.length ?? positions.length / 3;
      return [{ positions, indices, corners, areas: new Float64Array(Math.floor(corners / 3)) }];
    }),
  );
  const sums = { area: 0, centre: [0, 0, 0], flat: new Float64Array(ENDS), square: new Float64Array(3) };
  for (const part of parts) addPart(part, box, sums);
  if (!(sums.area > 0) || !Number.isFinite(sums.area)) return null;
  const size = boxSize(box);
  for (let end = 0; end < ENDS; end++) {
    const axis = end >> 1;
    sums.flat[end] /= Math.max(size[(axis + 1) % 3] * size[(axis + 2) % 3], 1e-300);
  }
  for (let axis = 0; axis < 3; axis++) sums.square[axis] /= sums.area;
  return {
    box,
    area: sums.area,
    centre: sums.centre.map((value) => value / sums.area) as [number, number, number],
    flat: sums.flat,
    square: sums.square,
    points: samplePoints(parts, sums.area),
    near: listNear(parts, box),
  };
}

function addPart(
  { positions: p, indices, corners, areas }: Part,
  box: Box,
  sums: { area: number; centre: number[]; flat: Float64Array; square: Float64Array },
): void {
  const size = boxSize(box);
  const low = size.map((side, axis) => box.min[axis] + side * SLAB);
  const high = size.map((side, axis) => box.max[axis] - side * SLAB);
  const normal = [0, 0, 0];
  for (let i = 0; i + 2 < corners; i += 3) {
    const a = (indices ? indices[i] : i) * 3;
    const b = (indices ? indices[i + 1] : i + 1) * 3;
    const c = (indices ? indices[i + 2] : i + 2) * 3;
    const ux = p[b] - p[a];
    const uy = p[b + 1] - p[a + 1];
    const uz = p[b + 2] - p[a + 2];
    const vx = p[c] - p[a];
    const vy = p[c + 1] - p[a + 1];
    const vz = p[c + 2] - p[a + 2];
    normal[0] = (uy * vz - uz * vy) / 2;
    normal[1] = (uz * vx - ux * vz) / 2;
    normal[2] = (ux * vy - uy * vx) / 2;
    const area = Math.sqrt(normal[0] * normal[0] + normal[1] * normal[1] + normal[2] * normal[2]);
    if (!(area > 0)) continue;
    areas[i / 3] = area;
    sums.area += area;
    for (let axis = 0; axis < 3; axis++) {
      const pa = p[a + axis];
      const pb = p[b + axis];
      const pc = p[c + axis];
      sums.centre[axis] += (area * (pa + pb + pc)) / 3;
      const along = normal[axis];
      if (Math.abs(along) > area * 0.99) sums.square[axis] += area;
      if (along < 0 && pa <= low[axis] && pb <= low[axis] && pc <= low[axis]) sums.flat[axis * 2] -= along;
      else if (along > 0 && pa >= high[axis] && pb >= high[axis] && pc >= high[axis]) sums.flat[axis * 2 + 1] += along;
    }
  }
}

/** Points by area, the same for the same surface: every so much of it one, at places of a sequence that fills evenly. */
function samplePoints(parts: readonly Part[], total: number): Float64Array {
  const points = new Float64Array(SAMPLES * 3);
  const step = total / SAMPLES;
  let [count, next, sum] = [0, step / 2, 0];
  for (const { positions: p, indices, corners, areas } of parts)
    for (let i = 0; i + 2 < corners && count < SAMPLES; i += 3) {
      const a = (indices ? indices[i] : i) * 3;
      const b = (indices ? indices[i + 1] : i + 1) * 3;
      const c = (indices ? indices[i + 2] : i + 2) * 3;
      sum += areas[i / 3];
      while (next < sum && count < SAMPLES) {
        // R2: M. Roberts' generalised golden ratio in two dimensions (from memory)
        let s = (count * 0.7548776662466927) % 1;
        let t = (count * 0.5698402909980532) % 1;
        if (s + t > 1) [s, t] = [1 - s, 1 - t];
        for (let axis = 0; axis < 3; axis++)
          points[count * 3 + axis] = p[a + axis] + s * (p[b + axis] - p[a + axis]) + t * (p[c + axis] - p[a + axis]);
        count++;
        next += step;
      }
    }
  return points.subarray(0, count * 3);
}

/** Vertices kept of each end, at most. */
const MOST_NEAR = 20_000;

/** Vertices that lie at an end; of very many every so manieth. */
function listNear(parts: readonly Part[], box: Box): Float64Array[] {
  const size = boxSize(box);
  const found = Array.from({ length: ENDS }, () => ({ list: [] as number[], every: 1, met: 0 }));
  for (const { positions: p } of parts)
    for (let o = 0; o < p.length; o += 3)
      for (let axis = 0; axis < 3; axis++) {
        const isLow = p[o + axis] <= box.min[axis] + size[axis] * SLAB;
        if (!isLow && p[o + axis] < box.max[axis] - size[axis] * SLAB) continue;
        const end = found[axis * 2 + (isLow ? 0 : 1)];
        if (end.met++ % end.every !== 0) continue;
        end.list.push(p[o + ((axis + 1) % 3)], p[o + ((axis + 2) % 3)]);
        if (end.list.length < MOST_NEAR * 2) continue;
        // full: every other one goes, and half as many come
        end.list = end.list.filter((_, i) => (i >> 1) % 2 === 0);
        end.every *= 2;
      }
  return found.map(({ list }) => Float64Array.from(list));
}
