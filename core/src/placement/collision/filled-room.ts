import type { Surface } from '../../geometry/surface';

const { abs, ceil, floor, max, min, sqrt } = Math;

/** Cells along the longest side. */
const CELLS = 40;
/** Free cells all around, for what a round shape holds beyond the model's box. */
const RIM = 14;

/** A model in cells: what its surface touches, and what cannot be reached from outside. */
export interface FilledRoom {
  /** Metres a cell. */
  cell: number;
  /** Its lowest corner. */
  origin: [number, number, number];
  counts: [number, number, number];
  /** 1 for a cell that is filled. */
  filled: Uint8Array;
  /** Cells from each to the nearest filled one. */
  away: Float32Array;
  /** Cubic metres; cells the surface goes through count half. */
  volume: number;
}

/** Fills a surface, whether it is closed or not: what no way leads to from outside counts as within. */
export function fillRoom(parts: readonly (Surface & { corners: number })[], low: number[], high: number[]): FilledRoom {
  const longest = max(...high.map((value, axis) => value - low[axis]), 1e-9);
  const cell = longest / CELLS;
  const origin = low.map((value) => value - cell * (RIM + 0.5)) as [number, number, number];
  const counts = high.map((value, axis) => ceil((value - low[axis]) / cell) + 1 + RIM * 2) as [number, number, number];
  const filled = new Uint8Array(counts[0] * counts[1] * counts[2]).fill(1);
  const touched = new Uint8Array(filled.length);
  const at = (x: number, y: number, z: number): number => (z * counts[1] + y) * counts[0] + x;
  for (const { positions, indices, corners } of parts)
    for (let i = 0; i + 2 < corners; i += 3)
      if (indices) touchTriangle(positions, indices[i] * 3, indices[i + 1] * 3, indices[i + 2] * 3);
      else touchTriangle(positions, i * 3, i * 3 + 3, i * 3 + 6);

  /** By places on it, closer together than half a cell. */
  function touchTriangle(p: ArrayLike<number>, a: number, b: number, c: number): void {
    let reach = 0;
    for (let axis = 0; axis < 3; axis++)
      reach = max(
        reach,
        abs(p[b + axis] - p[a + axis]),
        abs(p[c + axis] - p[a + axis]),
        abs(p[c + axis] - p[b + axis]),
      );
    const steps = min(400, max(1, ceil(reach / (cell * 0.45))));
    for (let u = 0; u <= steps; u++)
      for (let v = 0; u + v <= steps; v++) {
        const s = u / steps;
        const t = v / steps;
        const r = 1 - s - t;
        const x = floor((p[a] * r + p[b] * s + p[c] * t - origin[0]) / cell);
        const y = floor((p[a + 1] * r + p[b + 1] * s + p[c + 1] * t - origin[1]) / cell);
        const z = floor((p[a + 2] * r + p[b + 2] * s + p[c + 2] * t - origin[2]) / cell);
        touched[at(x, y, z)] = 1;
      }
  }

  const stack = [0];
  filled[0] = 0;
  for (let here = stack.pop(); here !== undefined; here = stack.pop()) {
    const x = here % counts[0];
    const y = floor(here / counts[0]) % counts[1];
    const z = floor(here / (counts[0] * counts[1]));
    const reachTo = (nx: number, ny: number, nz: number): void => {
      if (nx < 0 || ny < 0 || nz < 0 || nx >= counts[0] || ny >= counts[1] || nz >= counts[2]) return;
      const there = at(nx, ny, nz);
      if (filled[there] === 0 || touched[there] === 1) return;
      filled[there] = 0;
      stack.push(there);
    };
    reachTo(x - 1, y, z);
    reachTo(x + 1, y, z);
    reachTo(x, y - 1, z);
    reachTo(x, y + 1, z);
    reachTo(x, y, z - 1);
    reachTo(x, y, z + 1);
  }
  let cells = 0;
  for (let i = 0; i < filled.length; i++) cells += filled[i] ? (touched[i] ? 0.5 : 1) : 0;
  return { cell, origin, counts, filled, away: measureAway(filled, counts), volume: cells * cell ** 3 };
}

/**
 * How far from the model a shape holds air.
 * @param isWithin of the shape, places in the space of the room
 * @returns metres, to about a cell; what lies beyond the room's own rim counts as lying on it
 */
export function measureAir(
  { cell, origin, counts, away }: FilledRoom,
  isWithin: (x: number, y: number, z: number) => boolean,
): number {
  let farthest = 0;
  for (let z = 0, i = 0; z < counts[2]; z++)
    for (let y = 0; y < counts[1]; y++)
      for (let x = 0; x < counts[0]; x++, i++)
        if (
          away[i] > farthest &&
          isWithin(origin[0] + (x + 0.5) * cell, origin[1] + (y + 0.5) * cell, origin[2] + (z + 0.5) * cell)
        )
          farthest = away[i];
  return farthest * cell;
}

/** Cells to the nearest filled one, exactly: a line after the other along each axis (Felzenszwalb and Huttenlocher 2012). */
function measureAway(filled: Uint8Array, [w, h, d]: FilledRoom['counts']): Float32Array {
  const squares = Float64Array.from(filled, (flag) => (flag ? 0 : FAR));
  const longest = max(w, h, d);
  const line = new Float64Array(longest);
  const lowest = new Int32Array(longest);
  const borders = new Float64Array(longest + 1);
  for (const [count, stride, others] of [
    [w, 1, (n: number) => n * w],
    [h, w, (n: number) => floor(n / w) * w * h + (n % w)],
    [d, w * h, (n: number) => n],
  ] as const)
    for (let n = 0; n < filled.length / count; n++)
      measureLine(squares, others(n), stride, count, { line, lowest, borders });
  return Float32Array.from(squares, sqrt);
}

/** Farther than anything in a room, squared; its sums stay exact. */
const FAR = 1e12;

/** The lower envelope of parabolas above a line of cells. */
function measureLine(
  squares: Float64Array,
  first: number,
  stride: number,
  count: number,
  { line, lowest, borders }: { line: Float64Array; lowest: Int32Array; borders: Float64Array },
): void {
  for (let i = 0; i < count; i++) line[i] = squares[first + i * stride];
  let k = 0;
  lowest[0] = 0;
  borders[0] = -Infinity;
  borders[1] = Infinity;
  for (let i = 1; i < count; i++) {
    let cross = crossingOf(line, lowest[k], i);
    while (cross <= borders[k]) cross = crossingOf(line, lowest[--k], i);
    lowest[++k] = i;
    borders[k] = cross;
    borders[k + 1] = Infinity;
  }
  k = 0;
  for (let i = 0; i < count; i++) {
    while (borders[k + 1] < i) k++;
    squares[first + i * stride] = (i - lowest[k]) ** 2 + line[lowest[k]];
  }
}

/** Where the parabolas over two cells of a line meet. */
const crossingOf = (line: Float64Array, a: number, b: number): number =>
  (line[b] + b * b - line[a] - a * a) / (2 * (b - a));
