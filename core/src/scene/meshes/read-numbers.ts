import type { Accessor } from '@gltf-transform/core';

/** @returns the numbers of an accessor as they count; its own array where that is plain */
export function readNumbers(src: Accessor): ArrayLike<number> {
  const plain = src.getArray();
  if (plain && !src.getNormalized()) return plain;
  const width = src.getElementSize();
  const numbers = new Float32Array(src.getCount() * width);
  const element: number[] = [0, 0, 0, 0];
  for (let i = 0; i < src.getCount(); i++) {
    src.getElement(i, element);
    for (let k = 0; k < width; k++) numbers[i * width + k] = element[k];
  }
  return numbers;
}
