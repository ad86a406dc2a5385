import { mergePoints } from './merge-points';
import { mergePointsWithin } from './merge-points-within';

/**
 * Numbers the pieces of a surface that hang together. Corners at one place are one corner, whatever they have beside it: seams of
 * layouts and of smoothing tear nothing apart.
 * @param positions xyz a vertex
 * @param indices three vertices a triangle
 * @param tolerance in the unit of the positions; 0 joins what lies at the very same place
 * @returns the island of each triangle, numbered as they first appear
 */
export function findIslands(
  positions: Float32Array,
  indices: Uint32Array,
  tolerance = 0,
): { islandOf: Int32Array; islands: number } {
  const { corners: pointOf } = tolerance > 0 ? mergePointsWithin(positions, tolerance) : mergePoints(positions);
  const above = new Int32Array(positions.length / 3);
  for (let i = 0; i < above.length; i++) above[i] = i;
  unite(above, pointOf, indices);
  const numbers = new Int32Array(above.length).fill(-1);
  const islandOf = new Int32Array(indices.length / 3);
  let islands = 0;
  for (let t = 0; t < islandOf.length; t++) {
    const top = findTop(above, pointOf[indices[t * 3]]);
    if (numbers[top] < 0) numbers[top] = islands++;
    islandOf[t] = numbers[top];
  }
  return { islandOf, islands };
}

function unite(above: Int32Array, pointOf: Int32Array, indices: Uint32Array): void {
  for (let i = 0; i < indices.length; i += 3) {
    const a = findTop(above, pointOf[indices[i]]);
    const b = findTop(above, pointOf[indices[i + 1]]);
    const c = findTop(above, pointOf[indices[i + 2]]);
    // the lowest number stands for all
    const low = a < b ? (a < c ? a : c) : b < c ? b : c;
    above[a] = low;
    above[b] = low;
    above[c] = low;
  }
}

/** Halves the way up as it goes (Tarjan and van Leeuwen 1984). */
function findTop(above: Int32Array, from: number): number {
  let at = from;
  while (above[at] !== at) {
    above[at] = above[above[at]];
    at = above[at];
  }
  return at;
}
