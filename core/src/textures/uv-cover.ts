import type { Primitive } from '@gltf-transform/core';

/** A square of cells over the first tile (or a window of tiles), each with how many triangles cover its middle. */
export interface UvCover {
  side: number;
  /** Lower left corner of the window in tiles, and how many tiles it is wide. */
  u: number;
  v: number;
  tiles: number;
  /** Rows from v = 0 on, as glTF's pictures count; 255 at most. */
  times: Uint8Array;
}

export const createCover = (side: number, window = { u: 0, v: 0, tiles: 1 }): UvCover => ({
  side,
  ...window,
  times: new Uint8Array(side * side),
});

/** UVs of a primitive as plain numbers, two a vertex; null where it has none. */
export function readUvs(primitive: Primitive, set = 0): Float32Array | null {
  const accessor = primitive.getAttribute(`TEXCOORD_${set}`);
  if (!accessor) return null;
  const uvs = new Float32Array(accessor.getCount() * 2);
  const element = [0, 0];
  for (let i = 0; i < accessor.getCount(); i++) uvs.set(accessor.getElement(i, element), i * 2);
  return uvs;
}

/** Area of a triangle on the layout, in tiles; above 0 where it is mirrored, as v runs down a picture in glTF. */
export const signedUvArea = (uv: Float32Array, a: number, b: number, d: number): number =>
  ((uv[b * 2] - uv[a * 2]) * (uv[d * 2 + 1] - uv[a * 2 + 1]) -
    (uv[d * 2] - uv[a * 2]) * (uv[b * 2 + 1] - uv[a * 2 + 1])) /
  2;

/**
 * Marks the cells whose middles a triangle covers; neighbours share edges, so middles alone count, moved by a hair off the
 * diagonals that meshes love.
 * @param mark called with each cell instead of counting it
 * @returns how many cells it covers
 */
export function coverTriangle(
  cover: UvCover,
  uv: Float32Array,
  a: number,
  b: number,
  d: number,
  mark?: (cell: number) => void,
): number {
  const { side, times } = cover;
  const scale = side / cover.tiles;
  const x = [a, b, d].map((corner) => (uv[corner * 2] - cover.u) * scale);
  const y = [a, b, d].map((corner) => (uv[corner * 2 + 1] - cover.v) * scale);
  const from = Math.max(0, Math.floor(Math.min(...y)));
  const to = Math.min(side - 1, Math.floor(Math.max(...y)));
  const left = Math.max(0, Math.floor(Math.min(...x)));
  const right = Math.min(side - 1, Math.floor(Math.max(...x)));
  const area = (x[1] - x[0]) * (y[2] - y[0]) - (x[2] - x[0]) * (y[1] - y[0]);
  if (area === 0) return 0;
  let covered = 0;
  for (let row = from; row <= to; row++) {
    const py = row + 0.50007;
    const [first, last] = findColumns(x, y, py);
    const end = Math.min(right, last);
    for (let column = Math.max(left, first); column <= end; column++) {
      // only at the ends of a row is it in doubt
      if (column < first + MARGIN || column > last - MARGIN) {
        const px = column + 0.50013;
        const w0 = ((x[1] - px) * (y[2] - py) - (x[2] - px) * (y[1] - py)) / area;
        const w1 = ((x[2] - px) * (y[0] - py) - (x[0] - px) * (y[2] - py)) / area;
        if (w0 <= 0 || w1 <= 0 || w0 + w1 >= 1) continue;
      }
      const cell = row * side + column;
      covered++;
      if (mark) mark(cell);
      else if (times[cell] < 255) times[cell]++;
    }
  }
  return covered;
}

/** Columns at either end of a row that are looked at one by one. */
const MARGIN = 3;

/** Columns between which a row can lie in a triangle, with one to spare on either side. */
function findColumns(x: readonly number[], y: readonly number[], py: number): [number, number] {
  let [low, high] = [Infinity, -Infinity];
  for (let k = 0; k < 3; k++) {
    const next = (k + 1) % 3;
    if (y[k] > py === y[next] > py) continue;
    const at = x[k] + ((py - y[k]) / (y[next] - y[k])) * (x[next] - x[k]);
    low = Math.min(low, at);
    high = Math.max(high, at);
  }
  return [Math.floor(low) - 1, Math.floor(high) + 1];
}
