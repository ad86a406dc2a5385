import type { Primitive } from '@gltf-transform/core';

/** @returns three vertices a triangle, whole triangles alone; a copy */
export function listIndices(primitive: Primitive): Uint32Array<ArrayBuffer> {
  const array = primitive.getIndices()?.getArray();
  if (array) return new Uint32Array(array.subarray(0, array.length - (array.length % 3)));
  const count = primitive.getAttribute('POSITION')?.getCount() ?? 0;
  const indices = new Uint32Array(count - (count % 3));
  for (let i = 0; i < indices.length; i++) indices[i] = i;
  return indices;
}
