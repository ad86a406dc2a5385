import type { Mesh } from '@gltf-transform/core';

/** @returns a copy with primitives of its own, which share what they hold */
export function cloneMesh(mesh: Mesh): Mesh {
  const copy = mesh.clone();
  for (const primitive of mesh.listPrimitives()) copy.removePrimitive(primitive).addPrimitive(primitive.clone());
  return copy;
}
