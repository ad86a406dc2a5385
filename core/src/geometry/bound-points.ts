import type { Box } from '@haveld/contract/report';
import { inChunks } from './in-chunks';

/** @param lists xyz each. @returns null where none has a finite point */
export function boundPoints(lists: readonly Float64Array[]): Box | null {
  const min: [number, number, number] = [Infinity, Infinity, Infinity];
  const max: [number, number, number] = [-Infinity, -Infinity, -Infinity];
  for (const positions of lists)
    inChunks(positions.length / 3, (from, to) => extend(positions.subarray(from * 3, to * 3), min, max));
  return min.every(Number.isFinite) && max.every(Number.isFinite) ? { min, max } : null;
}

function extend(positions: Float64Array, min: number[], max: number[]): void {
  let [minX, minY, minZ] = min;
  let [maxX, maxY, maxZ] = max;
  for (let o = 0; o < positions.length; o += 3) {
    const x = positions[o];
    const y = positions[o + 1];
    const z = positions[o + 2];
    if (x < minX) minX = x;
    if (x > maxX) maxX = x;
    if (y < minY) minY = y;
    if (y > maxY) maxY = y;
    if (z < minZ) minZ = z;
    if (z > maxZ) maxZ = z;
  }
  [min[0], min[1], min[2]] = [minX, minY, minZ];
  [max[0], max[1], max[2]] = [maxX, maxY, maxZ];
}
