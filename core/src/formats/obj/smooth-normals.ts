import type { ParsedObj } from './parse-obj';

/** Area normal of every polygon (Newell), not unit: its length is twice the area. xyz per polygon. */
export function computePolygonNormals(obj: ParsedObj): Float64Array {
  const { corners, polygonSizes, positions } = obj;
  const dst = new Float64Array(polygonSizes.length * 3);
  const p = positions.data;
  for (let k = 0, corner = 0; k < polygonSizes.length; k++) {
    const size = polygonSizes.data[k];
    for (let i = 0; i < size; i++) {
      const a = corners.data[(corner + i) * 3] * 3;
      const b = corners.data[(corner + ((i + 1) % size)) * 3] * 3;
      dst[k * 3] += (p[a + 1] - p[b + 1]) * (p[a + 2] + p[b + 2]);
      dst[k * 3 + 1] += (p[a + 2] - p[b + 2]) * (p[a] + p[b]);
      dst[k * 3 + 2] += (p[a] - p[b]) * (p[a + 1] + p[b + 1]);
    }
    corner += size;
  }
  return dst;
}

/** Sums polygon normals by vertex and smoothing group, so corners of one group share a normal, weighted by area. */
export class SmoothNormals {
  readonly #sums = new Map<number, [number, number, number]>();
  readonly #groupCount: number;

  constructor(obj: ParsedObj, polygonNormals: Float64Array) {
    const { corners, polygonSizes, polygonSmoothing } = obj;
    let highest = 0;
    for (let k = 0; k < polygonSmoothing.length; k++) highest = Math.max(highest, polygonSmoothing.data[k]);
    this.#groupCount = highest + 1;
    for (let k = 0, corner = 0; k < polygonSizes.length; k++) {
      const size = polygonSizes.data[k];
      const group = polygonSmoothing.data[k];
      for (let i = 0; group > 0 && i < size; i++) {
        const key = corners.data[(corner + i) * 3] * this.#groupCount + group;
        const sum = this.#sums.get(key);
        const [x, y, z] = [polygonNormals[k * 3], polygonNormals[k * 3 + 1], polygonNormals[k * 3 + 2]];
        if (sum) {
          sum[0] += x;
          sum[1] += y;
          sum[2] += z;
        } else this.#sums.set(key, [x, y, z]);
      }
      corner += size;
    }
  }

  /** @returns the sum for a vertex in a group, not unit */
  get(vertex: number, group: number): [number, number, number] {
    return this.#sums.get(vertex * this.#groupCount + group) ?? [0, 0, 0];
  }
}
