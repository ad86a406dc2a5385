import type { Document, Mesh, Node, vec3 } from '@gltf-transform/core';
import { isLinearIdentity } from '../../scene/matrix';
import { countStands } from '../../scene/measures/count-stands';

/**
 * Moves what hangs under a node by `delta`. A part that stands at its parent's origin keeps standing there: its vertices and
 * children move instead, so a part without a pivot of its own takes the model's. Parts with a place of their own, and meshes
 * that stand several times, are moved as a whole.
 * @param delta world space; what shows something must carry translations only, a place with a direction is moved as a whole
 */
export function shiftChildren(document: Document, parent: Node, delta: vec3): void {
  const moved = new Set<unknown>();
  const standing = countStands(document);
  const visit = (node: Node): void => {
    const mesh = node.getMesh();
    const stands = mesh ? standing.get(mesh)! : 0;
    const atOrigin = node.getTranslation().every((v) => Math.abs(v) < 1e-9);
    const plain =
      !node.getCamera() && node.listExtensions().length === 0 && !node.getSkin() && isLinearIdentity(node.getMatrix());
    if (!atOrigin || stands > 1 || !plain || (!mesh && node.listChildren().length === 0)) {
      const [x, y, z] = node.getTranslation();
      node.setTranslation([x + delta[0], y + delta[1], z + delta[2]]);
      return;
    }
    if (mesh) shiftMesh(mesh, delta, moved);
    node.listChildren().forEach(visit);
  };
  parent.listChildren().forEach(visit);
}

/**
 * Moves the vertices of a mesh; what another mesh shares is copied first.
 * @param moved accessors that have been moved already, and stay
 */
export function shiftMesh(mesh: Mesh, delta: Readonly<vec3>, moved: Set<unknown>): void {
  for (const primitive of mesh.listPrimitives()) {
    const position = primitive.getAttribute('POSITION');
    if (!position || moved.has(position)) continue;
    const shared = position
      .listParents()
      .some((owner) => owner.propertyType === 'Primitive' && !mesh.listPrimitives().includes(owner as never));
    const count = position.getCount();
    const array = new Float32Array(count * 3);
    const element = [0, 0, 0];
    for (let i = 0; i < count; i++) {
      position.getElement(i, element);
      for (let axis = 0; axis < 3; axis++) array[i * 3 + axis] = element[axis] + delta[axis];
    }
    const dst = shared ? position.clone() : position;
    dst.setNormalized(false).setArray(array);
    if (shared) primitive.setAttribute('POSITION', dst);
    moved.add(dst);
  }
}
