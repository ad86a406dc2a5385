import type { Document } from '@gltf-transform/core';
import type { Box } from '@haveld/contract/report';
import { listMeshInstances, type MeshInstance } from './traverse';
import { computeWorldPositions } from './world-positions';

/**
 * The bounding box of what a document shows, or of some of its instances.
 * @returns world space, document units; null where nothing has a finite vertex
 */
export function computeBounds(document: Document, instances: MeshInstance[] = listMeshInstances(document)): Box | null {
  const min: [number, number, number] = [Infinity, Infinity, Infinity];
  const max: [number, number, number] = [-Infinity, -Infinity, -Infinity];
  for (const instance of instances) {
    for (const primitive of instance.mesh.listPrimitives()) {
      const positions = computeWorldPositions(instance, primitive);
      for (let i = 0; i < positions.length; i++) {
        const v = positions[i];
        const axis = i % 3;
        if (v < min[axis]) min[axis] = v;
        if (v > max[axis]) max[axis] = v;
      }
    }
  }
  return min.every(Number.isFinite) && max.every(Number.isFinite) ? { min, max } : null;
}

/** @returns [width, height, depth] in the box's unit */
export function boxSize(box: Box): [number, number, number] {
  return [box.max[0] - box.min[0], box.max[1] - box.min[1], box.max[2] - box.min[2]];
}

/** @returns the middle of a box */
export function boxCentre(box: Box): [number, number, number] {
  return [(box.min[0] + box.max[0]) / 2, (box.min[1] + box.max[1]) / 2, (box.min[2] + box.max[2]) / 2];
}
