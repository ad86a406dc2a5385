import type { Document } from '@gltf-transform/core';
import type { Box } from '@haveld/contract/report';
import { inChunks } from '../../geometry/in-chunks';
import { listMeshInstances, type MeshInstance } from '../traverse';
import { listPlacedParts } from './placed-parts';

/**
 * The bounding box of what a document shows, or of some of its instances.
 * @returns world space, document units; null where nothing has a finite vertex
 */
export function computeBounds(document: Document, instances: MeshInstance[] = listMeshInstances(document)): Box | null {
  return boundPoints(listPlacedParts(document, instances).map(({ positions }) => positions));
}

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

/** @returns [width, height, depth] in the box's unit */
export function boxSize(box: Box): [number, number, number] {
  return [box.max[0] - box.min[0], box.max[1] - box.min[1], box.max[2] - box.min[2]];
}

/** @returns the middle of a box */
export function boxCentre(box: Box): [number, number, number] {
  return [(box.min[0] + box.max[0]) / 2, (box.min[1] + box.max[1]) / 2, (box.min[2] + box.max[2]) / 2];
}

/** @returns the smallest box around all of them; there must be one at least */
export function unionBoxes(boxes: readonly Box[]): Box {
  const axis = (i: 0 | 1 | 2): [number, number] => [
    Math.min(...boxes.map((b) => b.min[i])),
    Math.max(...boxes.map((b) => b.max[i])),
  ];
  const [x, y, z] = [axis(0), axis(1), axis(2)];
  return { min: [x[0], y[0], z[0]], max: [x[1], y[1], z[1]] };
}
