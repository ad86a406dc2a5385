import type { Document } from '@gltf-transform/core';
import type { Surface } from '../geometry/surface';
import { isTriangles, listMeshInstances } from './traverse';
import { computeWorldPositions } from './world-positions';

/** @returns every triangle of the shown scene where it stands, world space, a surface a primitive; skins in the pose the nodes have */
export function listSurfaces(document: Document): Surface[] {
  return listMeshInstances(document).flatMap((instance) =>
    instance.mesh
      .listPrimitives()
      .filter(isTriangles)
      .map((primitive) => ({
        positions: computeWorldPositions(instance, primitive),
        indices: primitive.getIndices()?.getArray() ?? null,
      })),
  );
}
