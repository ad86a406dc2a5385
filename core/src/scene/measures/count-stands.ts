import type { Document, Mesh } from '@gltf-transform/core';

/** @returns how many nodes show each mesh */
export function countStands(document: Document): Map<Mesh, number> {
  const stands = new Map<Mesh, number>();
  for (const node of document.getRoot().listNodes()) {
    const mesh = node.getMesh();
    if (mesh) stands.set(mesh, (stands.get(mesh) ?? 0) + 1);
  }
  return stands;
}
