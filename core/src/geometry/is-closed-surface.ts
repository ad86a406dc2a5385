import { buildEdgeTable } from './edge-table';
import { mergePoints } from './merge-points';
import type { Surface } from './surface';

/** @returns true where every edge of some triangles is walked as often one way as the other */
export function isClosedSurface(parts: readonly (Surface & { corners: number })[]): boolean {
  const { points, starts, count } = numberPoints(parts);
  const corners = new Uint32Array(parts.reduce((sum, part) => sum + wholeCorners(part), 0));
  let at = 0;
  parts.forEach((part, k) => {
    const end = wholeCorners(part);
    for (let i = 0; i < end; i++) corners[at++] = points[starts[k] + (part.indices ? part.indices[i] : i)];
  });
  return buildEdgeTable(corners, count).net.every((walked) => walked === 0);
}

const wholeCorners = ({ corners }: { corners: number }): number => corners - (corners % 3);

/** Gives vertices at one place one number, as shares of the whole, so that what is far away is not rounded together. */
function numberPoints(parts: readonly Surface[]): { points: Int32Array; starts: number[]; count: number } {
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
  const { positions, corners } = mergePoints(all);
  return { points: corners, starts, count: positions.length / 3 };
}
