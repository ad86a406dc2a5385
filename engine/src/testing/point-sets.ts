import type { Cloud } from './summary';

// a global read in a hot loop is slow in a test's own context
const { floor, hypot, imul, max, min } = Math;

/**
 * How far two sets of points lie apart: the largest distance from a point of either to the nearest of the other.
 * @param limit beyond it the search ends; the answer is then `Infinity`
 */
export function computeDistance(a: Cloud, b: Cloud, limit: number): number {
  if (a.length === 0 || b.length === 0) return a.length === b.length ? 0 : Infinity;
  return max(furthestFrom(a, b, limit), furthestFrom(b, a, limit));
}

function furthestFrom(points: Cloud, others: Cloud, limit: number): number {
  const grid = new Map<number, number[]>();
  for (let o = 0; o < others.length; o += 3) {
    const key = cellKey(floor(others[o] / limit), floor(others[o + 1] / limit), floor(others[o + 2] / limit));
    const list = grid.get(key);
    if (list) list.push(o);
    else grid.set(key, [o]);
  }
  let furthest = 0;
  for (let o = 0; o < points.length; o += 3) {
    furthest = max(furthest, nearestTo(points[o], points[o + 1], points[o + 2], others, grid, limit));
    if (furthest === Infinity) return Infinity;
  }
  return furthest;
}

function nearestTo(
  x: number,
  y: number,
  z: number,
  others: Cloud,
  grid: ReadonlyMap<number, number[]>,
  limit: number,
): number {
  const [cx, cy, cz] = [floor(x / limit), floor(y / limit), floor(z / limit)];
  let nearest = Infinity;
  for (let dx = -1; dx <= 1; dx++)
    for (let dy = -1; dy <= 1; dy++)
      for (let dz = -1; dz <= 1; dz++)
        for (const o of grid.get(cellKey(cx + dx, cy + dy, cz + dz)) ?? [])
          nearest = min(nearest, hypot(others[o] - x, others[o + 1] - y, others[o + 2] - z));
  return nearest;
}

/** Cells that share a key only give more points to look at (the primes of Teschner et al., “Optimized spatial hashing”, 2003). */
const cellKey = (x: number, y: number, z: number): number => imul(x, 73856093) ^ imul(y, 19349663) ^ imul(z, 83492791);

/** @returns the longest side of the box of some points; 0 for none */
export function longestSide(points: Cloud): number {
  let longest = 0;
  for (let axis = 0; axis < 3; axis++) {
    let [low, high] = [Infinity, -Infinity];
    for (let o = axis; o < points.length; o += 3) {
      low = min(low, points[o]);
      high = max(high, points[o]);
    }
    if (high > low) longest = max(longest, high - low);
  }
  return longest;
}
