import type { Mesh, Node } from '@gltf-transform/core';

/** @returns each mesh of some nodes once: one that stands several times changes wherever it stands */
export const listMeshesOf = (nodes: readonly Node[]): Mesh[] => [
  ...new Set(nodes.flatMap((node) => node.getMesh() ?? [])),
];
