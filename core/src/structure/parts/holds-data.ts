import type { Node } from '@gltf-transform/core';

/** @returns true where a node carries something beside a shape: data of its own, a camera, a light */
export function holdsData(node: Node): boolean {
  const { haveld: _ours, ...extras } = node.getExtras() as Record<string, unknown>;
  return Object.keys(extras).length > 0 || node.getCamera() !== null || node.listExtensions().length > 0;
}
