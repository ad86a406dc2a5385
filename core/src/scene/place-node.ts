import type { Document, Node, mat4 } from '@gltf-transform/core';
import { composeMatrix, decomposeMatrix, invertMatrix, multiplyMatrix } from './matrix';
import { MeshTransformer } from './meshes/transform-mesh';
import { getShownScene, isBelow } from './traverse';

/**
 * Hangs a node under another, or at the top, where it stays in its place in the world.
 * @returns false where it cannot: under itself, or where it would be sheared; then nothing is changed
 */
export function hangUnder(document: Document, node: Node, parent: Node | null): boolean {
  if (parent && (parent === node || isBelow(parent, node))) return false;
  const before = node.getParentNode();
  if (before === parent) return true;
  const world = node.getWorldMatrix();
  const inverse = parent ? invertMatrix(parent.getWorldMatrix()) : null;
  if (parent && !inverse) return false;
  const local = inverse ? multiplyMatrix(inverse, world) : world;
  if (!setLocalMatrix(document, node, local)) return false;
  (parent ?? getShownScene(document)).addChild(node);
  return true;
}

/**
 * Gives a node a matrix below its parent. Shear, which a node cannot have, goes into the vertices where it carries nothing but a mesh.
 * @returns false where it cannot; then nothing is changed
 */
export function setLocalMatrix(document: Document, node: Node, matrix: mat4): boolean {
  const { translation, rotation, scale, residue } = decomposeMatrix(matrix);
  if (residue) {
    const mesh = node.getMesh();
    if (!mesh || node.getSkin() || node.listChildren().length > 0 || node.getCamera()) return false;
    node.setMesh(new MeshTransformer(document).transform(mesh, residue));
  } else if (!isSame(composeMatrix({ translation, rotation, scale }), matrix)) return false;
  node.setTranslation(translation).setRotation(rotation).setScale(scale);
  return true;
}

/** A matrix that flattens has no turn to be read off. */
function isSame(a: mat4, b: mat4): boolean {
  const most = Math.max(...b.map(Math.abs));
  return a.every((v, i) => Math.abs(v - b[i]) <= 1e-6 * most);
}
