import type { Node } from '@gltf-transform/core';

/** @param referred what clips and skins move @returns the nearest of these, the node itself or above it; null where it stands still */
export function findMover(node: Node, referred: ReadonlySet<Node>): Node | null {
  for (let at: Node | null = node; at; at = at.getParentNode()) if (referred.has(at)) return at;
  return null;
}

/** @returns true where a mesh has shapes it blends into */
export const hasBlendShapes = (node: Node): boolean =>
  node
    .getMesh()
    ?.listPrimitives()
    .some((primitive) => primitive.listTargets().length > 0) ?? false;
