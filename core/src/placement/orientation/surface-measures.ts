import type { Box } from '@haveld/contract/report';
import { inChunks } from '../../geometry/in-chunks';
import { boxSize } from '../../scene/measures/bounds';
import type { PlacedPart } from '../../scene/measures/placed-parts';
import { fillCells } from './measure-mirror';

/** Ends of a box: the lower and the upper one along x, then y, then z. */
export const ENDS = 6;

/** What lies within this share of a box's extent from its end belongs to that end. */
const SLAB = 0.01;
const SAMPLES = 4096;

/** A face this much of whose area lies across an axis is square to it. */
const LEVEL = 0.99;

/** A face less of whose area lies across an axis than this is along it. */
const STEEP = 0.35;

/** Where less of a surface than this is along an axis, pictures there say little of which way is up. */
const LEAST_ALONG = 0.05;

/** Triangles of a part whose pictures are looked at, at most. */
const MOST_LAID_OUT = 100_000;

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
  /**
   * What is missing for the surface to be closed, along x, y, z, as a share of the box across it: above 0 where more of it looks to the
   * upper end, as where there is no underside.
   */
  open: Float64Array;
  /** How far the pictures on faces along x, y, z have their upper edge to its upper end: −1 to 1; 0 where they lie anyhow, or there are none. */
  pictures: Float64Array;
  /** Points spread evenly over the surface, xyz. */
  points: Float64Array;
  /** Which cells of the box hold one of them (`fillCells`). */
  cells: Uint8Array;
  /** Vertices near each end: two coordinates each, along the next two axes in turn. */
  near: Float64Array[];
}

interface Part {
  positions: Float64Array;
  indices: ArrayLike<number> | null;
  corners: number;
  /** Where each corner lies on the picture, v downwards as in glTF; null without one. */
  layout: ArrayLike<number> | null;
  /** Of each triangle, filled while the whole is measured. */
  areas: Float64Array;
}

interface Sums {
  area: number;
  centre: number[];
  flat: Float64Array;
  square: Float64Array;
  open: Float64Array;
  /** Area of the faces along each axis. */
  along: Float64Array;
  pictures: Float64Array;
}

/** @returns null where there is no surface */
export function measureSurface(placed: readonly PlacedPart[], box: Box): SurfaceMeasures | null {
  const parts = placed
    .filter(({ corners }) => corners > 2)
    .map(({ positions, indices, corners, primitive }): Part => {
      const layout = primitive.getAttribute('TEXCOORD_0')?.getArray() ?? null;
      return { positions, indices, corners, layout, areas: new Float64Array(Math.floor(corners / 3)) };
    });
  const sums: Sums = {
    area: 0,
    centre: [0, 0, 0],
    flat: new Float64Array(ENDS),
    square: new Float64Array(3),
    open: new Float64Array(3),
    along: new Float64Array(3),
    pictures: new Float64Array(3),
  };
  const slabs = findSlabs(box);
  for (const part of parts) {
    inChunks(part.areas.length, (from, to) => addTriangles(sums, part, slabs, from, to));
    if (part.layout) addPictures(sums.pictures, part, part.layout);
  }
  if (!(sums.area > 0) || !Number.isFinite(sums.area)) return null;
  const size = boxSize(box);
  for (let end = 0; end < ENDS; end++) {
    const axis = end >> 1;
    sums.flat[end] /= Math.max(size[(axis + 1) % 3] * size[(axis + 2) % 3], 1e-300);
  }
  for (let axis = 0; axis < 3; axis++) {
    sums.square[axis] /= sums.area;
    sums.open[axis] /= Math.max(size[(axis + 1) % 3] * size[(axis + 2) % 3], 1e-300);
    sums.pictures[axis] /= Math.max(sums.along[axis], LEAST_ALONG * sums.area);
  }
  const points = samplePoints(parts, sums.area);
  return {
    box,
    area: sums.area,
    centre: sums.centre.map((value) => value / sums.area) as [number, number, number],
    flat: sums.flat,
    square: sums.square,
    open: sums.open,
    pictures: sums.pictures,
    points,
    cells: fillCells(points, box),
    near: listNear(placed, slabs),
  };
}

/** Where the slabs at the ends of a box begin, along x, y, z. */
interface Slabs {
  low: number[];
  high: number[];
}

function findSlabs(box: Box): Slabs {
  const size = boxSize(box);
  return {
    low: size.map((side, axis) => box.min[axis] + side * SLAB),
    high: size.map((side, axis) => box.max[axis] - side * SLAB),
  };
}

function addTriangles(
  sums: Sums,
  { positions: p, indices, areas }: Part,
  { low, high }: Slabs,
  from: number,
  to: number,
): void {
  const { flat, square, along } = sums;
  let [whole, x, y, z] = [0, 0, 0, 0];
  let [openX, openY, openZ] = [0, 0, 0];
  for (let t = from; t < to; t++) {
    const i = t * 3;
    const a = (indices ? indices[i] : i) * 3;
    const b = (indices ? indices[i + 1] : i + 1) * 3;
    const c = (indices ? indices[i + 2] : i + 2) * 3;
    const ux = p[b] - p[a];
    const uy = p[b + 1] - p[a + 1];
    const uz = p[b + 2] - p[a + 2];
    const vx = p[c] - p[a];
    const vy = p[c + 1] - p[a + 1];
    const vz = p[c + 2] - p[a + 2];
    const nx = (uy * vz - uz * vy) / 2;
    const ny = (uz * vx - ux * vz) / 2;
    const nz = (ux * vy - uy * vx) / 2;
    const area = Math.sqrt(nx * nx + ny * ny + nz * nz);
    if (!(area > 0)) continue;
    areas[t] = area;
    whole += area;
    x += area * (p[a] + p[b] + p[c]);
    y += area * (p[a + 1] + p[b + 1] + p[c + 1]);
    z += area * (p[a + 2] + p[b + 2] + p[c + 2]);
    openX += nx;
    openY += ny;
    openZ += nz;
    const steep = area * STEEP;
    if (nx < steep && -nx < steep) along[0] += area;
    if (ny < steep && -ny < steep) along[1] += area;
    if (nz < steep && -nz < steep) along[2] += area;
    const level = area * LEVEL;
    if (nx > level || -nx > level) square[0] += area;
    if (ny > level || -ny > level) square[1] += area;
    if (nz > level || -nz > level) square[2] += area;
    for (let axis = 0; axis < 3; axis++) {
      const across = axis === 0 ? nx : axis === 1 ? ny : nz;
      if (across < 0) {
        const most = low[axis];
        if (p[a + axis] <= most && p[b + axis] <= most && p[c + axis] <= most) flat[axis * 2] -= across;
      } else if (across > 0) {
        const least = high[axis];
        if (p[a + axis] >= least && p[b + axis] >= least && p[c + axis] >= least) flat[axis * 2 + 1] += across;
      }
    }
  }
  sums.area += whole;
  sums.centre[0] += x / 3;
  sums.centre[1] += y / 3;
  sums.centre[2] += z / 3;
  sums.open[0] += openX;
  sums.open[1] += openY;
  sums.open[2] += openZ;
}

/**
 * Adds the area of faces along each axis times how far the picture's upper edge looks to its upper end. Of very many triangles every so
 * manieth stands for its neighbours.
 */
function addPictures(pictures: Float64Array, { positions: p, indices, areas }: Part, layout: ArrayLike<number>): void {
  const step = Math.ceil(areas.length / MOST_LAID_OUT);
  for (let t = 0; t < areas.length; t += step) {
    const i = t * 3;
    const a = indices ? indices[i] : i;
    const b = indices ? indices[i + 1] : i + 1;
    const c = indices ? indices[i + 2] : i + 2;
    const u1 = layout[b * 2] - layout[a * 2];
    const v1 = layout[b * 2 + 1] - layout[a * 2 + 1];
    const u2 = layout[c * 2] - layout[a * 2];
    const v2 = layout[c * 2 + 1] - layout[a * 2 + 1];
    // the sign alone: how large the picture is does not matter
    const way = Math.sign(u2 * v1 - u1 * v2);
    if (way === 0) continue;
    const e1x = p[b * 3] - p[a * 3];
    const e1y = p[b * 3 + 1] - p[a * 3 + 1];
    const e1z = p[b * 3 + 2] - p[a * 3 + 2];
    const e2x = p[c * 3] - p[a * 3];
    const e2y = p[c * 3 + 1] - p[a * 3 + 1];
    const e2z = p[c * 3 + 2] - p[a * 3 + 2];
    const x = way * (u1 * e2x - u2 * e1x);
    const y = way * (u1 * e2y - u2 * e1y);
    const z = way * (u1 * e2z - u2 * e1z);
    const length = Math.sqrt(x * x + y * y + z * z);
    if (!(length > 0)) continue;
    const weight = (areas[t] * step) / length;
    const steep = areas[t] * 2 * STEEP;
    if (Math.abs(e1y * e2z - e1z * e2y) < steep) pictures[0] += weight * x;
    if (Math.abs(e1z * e2x - e1x * e2z) < steep) pictures[1] += weight * y;
    if (Math.abs(e1x * e2y - e1y * e2x) < steep) pictures[2] += weight * z;
  }
}

/** Points by area, the same for the same surface: every so much of it one, at places of a sequence that fills evenly. */
function samplePoints(parts: readonly Part[], total: number): Float64Array {
  const points = new Float64Array(SAMPLES * 3);
  const step = total / SAMPLES;
  let [count, next, sum] = [0, step / 2, 0];
  for (const { positions: p, indices, areas } of parts)
    for (let t = 0; t < areas.length && count < SAMPLES; t++) {
      sum += areas[t];
      // of very many triangles hardly any is sampled
      if (next >= sum) continue;
      const a = (indices ? indices[t * 3] : t * 3) * 3;
      const b = (indices ? indices[t * 3 + 1] : t * 3 + 1) * 3;
      const c = (indices ? indices[t * 3 + 2] : t * 3 + 2) * 3;
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
function listNear(parts: readonly PlacedPart[], slabs: Slabs): Float64Array[] {
  const ends = Array.from({ length: ENDS }, () => new Thinned());
  for (const { positions, corners } of parts)
    if (corners > 2)
      inChunks(positions.length / 3, (from, to) => addNear(ends, positions.subarray(from * 3, to * 3), slabs));
  return ends.map((end) => end.toArray());
}

function addNear(ends: readonly Thinned[], p: Float64Array, { low, high }: Slabs): void {
  const [lowX, lowY, lowZ] = low;
  const [highX, highY, highZ] = high;
  for (let o = 0; o < p.length; o += 3) {
    const x = p[o];
    const y = p[o + 1];
    const z = p[o + 2];
    if (x <= lowX) ends[0].add(y, z);
    else if (x >= highX) ends[1].add(y, z);
    if (y <= lowY) ends[2].add(z, x);
    else if (y >= highY) ends[3].add(z, x);
    if (z <= lowZ) ends[4].add(x, y);
    else if (z >= highZ) ends[5].add(x, y);
  }
}

/** Points of a plane, thinned evenly once they are too many. */
class Thinned {
  #list: number[] = [];
  #every = 1;
  #met = 0;

  add(u: number, v: number): void {
    if (this.#met++ % this.#every !== 0) return;
    this.#list.push(u, v);
    if (this.#list.length < MOST_NEAR * 2) return;
    // full: every other one goes, and half as many come
    this.#list = this.#list.filter((_, i) => (i >> 1) % 2 === 0);
    this.#every *= 2;
  }

  toArray(): Float64Array {
    return Float64Array.from(this.#list);
  }
}
