import type { Primitive } from '@gltf-transform/core';

/** UVs of a primitive as plain numbers, two a vertex, to be read alone; null where it has none. */
export function readUvs(primitive: Primitive, set = 0): Float32Array | null {
  const accessor = primitive.getAttribute(`TEXCOORD_${set}`);
  if (!accessor) return null;
  const array = accessor.getArray();
  if (array instanceof Float32Array) return array;
  const uvs = new Float32Array(accessor.getCount() * 2);
  const element = [0, 0];
  for (let i = 0; i < accessor.getCount(); i++) uvs.set(accessor.getElement(i, element), i * 2);
  return uvs;
}
