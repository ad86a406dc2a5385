import type { Document, Node } from '@gltf-transform/core';
import { getRigidBody, RigidBodies } from '../../scene/document/rigid-bodies';
import { listShownNodes } from '../../scene/traverse';
import { cloneMesh } from '../../scene/meshes/clone-mesh';

/** Prefixes of shapes that are convex by their makers' word. */
const CONVEX = /^(ucx|ubx|usp|ucp)_|convcolonly/i;

/** Lets parts be what a model collides by: each stays in its place, and is shown no more. */
export function keepCollision(document: Document, nodes: readonly Node[]): void {
  const bodies = document.createExtension(RigidBodies);
  for (const node of nodes) {
    const mesh = node.getMesh();
    if (!mesh) continue;
    // what is not seen is made of nothing; others that show the same mesh keep theirs
    const own = cloneMesh(mesh);
    for (const primitive of own.listPrimitives()) primitive.setMaterial(null);
    const body = bodies.createRigidBody().setMesh(own).setIsHull(CONVEX.test(node.getName()));
    node.setMesh(null).setExtension(RigidBodies.EXTENSION_NAME, body);
    if (mesh.listParents().every(({ propertyType }) => propertyType === 'Root')) mesh.dispose();
  }
}

/** Does something to a document with the meshes it collides by in their nodes: what goes into vertices goes into theirs. */
export function withCollidersShown<T>(document: Document, act: () => T): T {
  const bodies = listShownNodes(document).flatMap((node) => {
    const body = getRigidBody(node);
    const mesh = body?.getMesh();
    if (!body || !mesh || node.getMesh()) return [];
    node.setMesh(mesh);
    return [{ node, body }];
  });
  const result = act();
  for (const { node, body } of bodies) {
    body.setMesh(node.getMesh());
    node.setMesh(null);
  }
  return result;
}
