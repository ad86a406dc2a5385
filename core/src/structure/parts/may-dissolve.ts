import type { Node } from '@gltf-transform/core';

/** @param referred what clips and skins move */
export function mayDissolve(group: Node, referred: ReadonlySet<Node>): boolean {
  if (group.getMesh() || group.getCamera() || group.listExtensions().length > 0 || referred.has(group)) return false;
  // what a clip moves, it moves within its group: the two are one where the group neither turns nor shifts it
  return isUntransformed(group) || !group.listChildren().some((child) => referred.has(child));
}

const isUntransformed = (node: Node): boolean =>
  node.getMatrix().every((v, i) => Math.abs(v - (i % 5 === 0 ? 1 : 0)) <= 1e-9);
