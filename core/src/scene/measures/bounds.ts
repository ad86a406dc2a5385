import type { Document } from '@gltf-transform/core';
import type { Box } from '@haveld/contract/report';
import { listMeshInstances, type MeshInstance } from '../traverse';
import { listPlacedParts, type PlacedPart } from './placed-parts';

/**
 * The bounding box of what a document shows, or of some of its instances.
 * @returns world space, document units; null where nothing has a finite vertex
 */
export function computeBounds(
  document: Document,
  instances: readonly MeshInstance[] = listMeshInstances(document),
): Box | null {
  return boundParts(listPlacedParts(document, instances));
}

/** @returns null where none has a finite point */
export function boundParts(parts: readonly PlacedPart[]): Box | null {
  const boxes = parts.flatMap(({ box }) => box ?? []);
  return boxes.length > 0 ? unionBoxes(boxes) : null;
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
