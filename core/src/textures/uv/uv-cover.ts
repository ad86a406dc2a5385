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

/** Area of a triangle on the layout, in tiles; above 0 where it is mirrored, as v runs down a picture in glTF. */
export const signedUvArea = (uv: Float32Array, a: number, b: number, d: number): number =>
  ((uv[b * 2] - uv[a * 2]) * (uv[d * 2 + 1] - uv[a * 2 + 1]) -
    (uv[d * 2] - uv[a * 2]) * (uv[b * 2 + 1] - uv[a * 2 + 1])) /
  2;

/**
 * Marks the cells whose middles a triangle covers; neighbours share edges, so middles alone count.
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
  const x0 = (uv[a * 2] - cover.u) * scale;
  const x1 = (uv[b * 2] - cover.u) * scale;
  const x2 = (uv[d * 2] - cover.u) * scale;
  const y0 = (uv[a * 2 + 1] - cover.v) * scale;
  const y1 = (uv[b * 2 + 1] - cover.v) * scale;
  const y2 = (uv[d * 2 + 1] - cover.v) * scale;
  const area = (x1 - x0) * (y2 - y0) - (x2 - x0) * (y1 - y0);
  if (area === 0) return 0;
  const from = Math.max(0, Math.ceil(Math.min(y0, y1, y2) - MIDDLE_Y));
  const to = Math.min(side - 1, Math.floor(Math.max(y0, y1, y2) - MIDDLE_Y));
  const left = Math.max(0, Math.ceil(Math.min(x0, x1, x2) - MIDDLE_X));
  const right = Math.min(side - 1, Math.floor(Math.max(x0, x1, x2) - MIDDLE_X));
  if (left > right) return 0;
  const covers = (px: number, py: number): boolean => {
    const w0 = ((x1 - px) * (y2 - py) - (x2 - px) * (y1 - py)) / area;
    const w1 = ((x2 - px) * (y0 - py) - (x0 - px) * (y2 - py)) / area;
    return w0 > 0 && w1 > 0 && w0 + w1 < 1;
  };
  let covered = 0;
  for (let row = from; row <= to; row++) {
    const py = row + MIDDLE_Y;
    // where the row enters and leaves
    let low = Infinity;
    let high = -Infinity;
    if (y0 > py !== y1 > py) {
      const at = x0 + ((py - y0) / (y1 - y0)) * (x1 - x0);
      low = at;
      high = at;
    }
    if (y1 > py !== y2 > py) {
      const at = x1 + ((py - y1) / (y2 - y1)) * (x2 - x1);
      if (at < low) low = at;
      if (at > high) high = at;
    }
    if (y2 > py !== y0 > py) {
      const at = x2 + ((py - y2) / (y0 - y2)) * (x0 - x2);
      if (at < low) low = at;
      if (at > high) high = at;
    }
    // only at the ends of a row is it in doubt
    let first = Math.max(left, Math.floor(low) - 1);
    let last = Math.min(right, Math.floor(high) + 1);
    while (first <= last && !covers(first + MIDDLE_X, py)) first++;
    while (last > first && !covers(last + MIDDLE_X, py)) last--;
    // so that what is no number covers nothing
    if (!(first <= last)) continue;
    const end = row * side + last;
    if (mark) for (let cell = row * side + first; cell <= end; cell++) mark(cell);
    else for (let cell = row * side + first; cell <= end; cell++) if (times[cell] < 255) times[cell]++;
    covered += last - first + 1;
  }
  return covered;
}

/** The middle of a cell, a hair off the diagonals that meshes love. */
const MIDDLE_X = 0.50013;
const MIDDLE_Y = 0.50007;
