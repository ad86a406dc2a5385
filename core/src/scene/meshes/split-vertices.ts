/** Vertices that were split. */
export interface SplitVertices {
  /** A corner that stands for each new vertex. */
  corners: Int32Array;
  /** The new vertex at each corner. */
  dst: Uint32Array<ArrayBuffer>;
}

/** Nearer than this two values are one. */
const SAME = 1e-6;

/**
 * One vertex for each old vertex and value that stands at its corners.
 * @param indices the old vertex at each corner
 * @param vertices how many old ones there are
 * @param values so many numbers a corner
 */
export function splitVertices(
  indices: Uint32Array,
  vertices: number,
  values: Float32Array,
  width: number,
): SplitVertices {
  const heads = new Int32Array(vertices).fill(-1);
  const next = new Int32Array(indices.length);
  const corners = new Int32Array(indices.length);
  const dst = new Uint32Array(indices.length);
  let count = 0;
  for (let c = 0; c < indices.length; c++) {
    let u = heads[indices[c]];
    while (u >= 0 && !isSame(values, width, corners[u], c)) u = next[u];
    if (u < 0) {
      u = count++;
      corners[u] = c;
      next[u] = heads[indices[c]];
      heads[indices[c]] = u;
    }
    dst[c] = u;
  }
  return { corners: corners.slice(0, count), dst };
}

function isSame(values: Float32Array, width: number, a: number, b: number): boolean {
  for (let n = 0; n < width; n++) if (Math.abs(values[a * width + n] - values[b * width + n]) > SAME) return false;
  return true;
}
