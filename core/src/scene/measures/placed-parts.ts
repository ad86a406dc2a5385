import type { Document, Primitive } from '@gltf-transform/core';
import type { Box } from '@haveld/contract/report';
import { boundPoints } from '../../geometry/bound-points';
import type { Surface } from '../../geometry/surface';
import { isTriangles, listMeshInstances, type MeshInstance } from '../traverse';
import { computeWorldPositions } from './world-positions';

/** One primitive where it stands: world space, skins and blend shapes in the pose the nodes have. */
export interface PlacedPart extends Surface {
  instance: MeshInstance;
  primitive: Primitive;
  /** Null where it has no finite point. */
  box: Box | null;
  /** Three a triangle; 0 for lines and points. */
  corners: number;
}

/** Places every primitive once, for whatever is measured afterwards. */
export const listPlacedParts = (
  document: Document,
  instances: readonly MeshInstance[] = listMeshInstances(document),
): PlacedPart[] =>
  instances.flatMap((instance) =>
    instance.mesh.listPrimitives().map((primitive): PlacedPart => {
      const positions = computeWorldPositions(instance, primitive);
      const indices = primitive.getIndices()?.getArray() ?? null;
      const corners = isTriangles(primitive) ? (indices?.length ?? positions.length / 3) : 0;
      return { instance, primitive, positions, indices, box: boundPoints([positions]), corners };
    }),
  );
