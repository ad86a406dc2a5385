import type { Document, Node } from '@gltf-transform/core';
import { cloneMesh } from '../../scene/meshes/clone-mesh';
import { cutPolygons, type Plane } from '../../scene/meshes/cut-polygons';
import { isTriangles } from '../../scene/traverse';
import { separate } from './separate-faces';

/**
 * Cuts a part along a plane: what lies before it becomes a part of its own that hangs under it. Where it is cut it stays open.
 * @param plane in the part's own space
 * @returns false where all of it lies on one side; then nothing is changed
 */
export function cutPart(document: Document, part: Node, plane: Plane, name: string): boolean {
  const shared = part.getMesh()!;
  const mesh = cloneMesh(shared);
  const before = mesh
    .listPrimitives()
    .map((primitive) => (isTriangles(primitive) ? cutPolygons(document, primitive, plane) : new Uint8Array()));
  const isApart = [0, 1].every((side) => before.some((sides) => sides.includes(side)));
  if (!isApart) {
    mesh.dispose();
    return false;
  }
  part.setMesh(mesh);
  separate(document, part, before, name);
  return true;
}
