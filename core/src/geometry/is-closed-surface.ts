import { mergePoints } from './merge-points';
import type { Surface } from './surface';

/** @returns true where every edge of some triangles is walked as often one way as the other */
export function isClosedSurface(parts: readonly (Surface & { corners: number })[]): boolean {
  const { points, starts } = numberPoints(parts);
  const edges = new EdgeCount(parts.reduce((sum, { corners }) => sum + corners, 0));
  parts.forEach(({ indices, corners }, k) => {
    const start = starts[k];
    for (let i = 0; i + 2 < corners; i += 3) {
      const a = points[start + (indices ? indices[i] : i)];
      const b = points[start + (indices ? indices[i + 1] : i + 1)];
      const c = points[start + (indices ? indices[i + 2] : i + 2)];
      edges.walk(a, b);
      edges.walk(b, c);
      edges.walk(c, a);
    }
  });
  return edges.areEven();
}

/** Gives vertices at one place one number, as shares of the whole, so that what is far away is not rounded together. */
function numberPoints(parts: readonly Surface[]): { points: Int32Array; starts: number[] } {
  const all = new Float32Array(parts.reduce((sum, { positions }) => sum + positions.length, 0));
  let [low, high] = [Infinity, -Infinity];
  for (const { positions } of parts)
    for (const value of positions) {
      if (value < low) low = value;
      if (value > high) high = value;
    }
  const scale = high > low ? 1 / (high - low) : 1;
  let length = 0;
  const starts = parts.map(({ positions }) => {
    for (let i = 0; i < positions.length; i++) all[length + i] = (positions[i] - low) * scale;
    length += positions.length;
    return (length - positions.length) / 3;
  });
  return { points: mergePoints(all).corners, starts };
}

/** How often each edge was walked one way more than the other, in a table of open addresses. */
class EdgeCount {
  readonly #mask: number;
  readonly #from: Int32Array;
  readonly #to: Int32Array;
  readonly #net: Int32Array;

  constructor(most: number) {
    const capacity = 2 ** Math.ceil(Math.log2(Math.max(16, most * 2)));
    this.#mask = capacity - 1;
    this.#from = new Int32Array(capacity).fill(-1);
    this.#to = new Int32Array(capacity);
    this.#net = new Int32Array(capacity);
  }

  walk(from: number, to: number): void {
    if (from === to) return;
    const low = from < to ? from : to;
    const high = from < to ? to : from;
    let hash = Math.imul(low, 0x9e3779b1) ^ Math.imul(high, 0x85ebca6b);
    hash ^= hash >>> 15;
    for (let slot = hash & this.#mask; ; slot = (slot + 1) & this.#mask) {
      if (this.#from[slot] < 0) {
        this.#from[slot] = low;
        this.#to[slot] = high;
      } else if (this.#from[slot] !== low || this.#to[slot] !== high) continue;
      this.#net[slot] += from < to ? 1 : -1;
      return;
    }
  }

  areEven(): boolean {
    for (const count of this.#net) if (count !== 0) return false;
    return true;
  }
}
