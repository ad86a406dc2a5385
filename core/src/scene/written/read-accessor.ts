import type { GLTF } from '@gltf-transform/core';

/** Numbers of an accessor as they lie in the file: element `i`, component `c` is `values[i * step + c]`. */
export interface AccessorNumbers {
  values: Numbers;
  step: number;
  count: number;
  /** Components of an element. */
  size: number;
  /** What a stored integer stands for 1 by; 1 where it is not normalised. */
  one: number;
}

export type Numbers = Float32Array | Int8Array | Uint8Array | Int16Array | Uint16Array | Uint32Array;

const FLOAT = 5126;
const ARRAYS = {
  5120: Int8Array,
  5121: Uint8Array,
  5122: Int16Array,
  5123: Uint16Array,
  5125: Uint32Array,
  5126: Float32Array,
} as const;
const SIZES = { SCALAR: 1, VEC2: 2, VEC3: 3, VEC4: 4, MAT2: 4, MAT3: 9, MAT4: 16 } as const;
const ONES: Record<number, number> = { 5120: 127, 5121: 255, 5122: 32767, 5123: 65535 };

const componentsOf = (type: number) => ARRAYS[type as keyof typeof ARRAYS];

export const isFloat = (accessor: GLTF.IAccessor): boolean => accessor.componentType === FLOAT;

/**
 * The numbers of an accessor, in place where they can be: sparse ones are laid out. Its structure must be valid.
 * @returns null where it holds none
 */
export function readAccessor(
  { bufferViews = [] }: GLTF.IGLTF,
  accessor: GLTF.IAccessor,
  binary: Uint8Array,
): AccessorNumbers | null {
  const { componentType, count, type, bufferView, byteOffset = 0, sparse, normalized } = accessor;
  const size = SIZES[type as keyof typeof SIZES];
  const Numbers = componentsOf(componentType);
  const one = normalized ? (ONES[componentType] ?? 1) : 1;
  const stored = bufferView === undefined ? null : bufferViews[bufferView];
  const step = (stored?.byteStride ?? size * Numbers.BYTES_PER_ELEMENT) / Numbers.BYTES_PER_ELEMENT;
  const plain = stored && takeNumbers(componentType, binary, stored, byteOffset, (count - 1) * step + size);
  if (!sparse) return plain && { values: plain, step, count, size, one };
  const values = new Numbers(count * size);
  if (plain) for (let i = 0; i < count; i++) for (let c = 0; c < size; c++) values[i * size + c] = plain[i * step + c];
  const places = readSparsePlaces({ bufferViews }, sparse, binary);
  const { bufferView: from, byteOffset: at = 0 } = sparse.values;
  const put = takeNumbers(componentType, binary, bufferViews[from], at, sparse.count * size);
  places.forEach((place, i) => {
    if (place < count) values.set(put.subarray(i * size, i * size + size), place * size);
  });
  return { values, step: size, count, size, one };
}

/** Which elements a sparse accessor puts others in the place of. */
export function readSparsePlaces(
  { bufferViews = [] }: Pick<GLTF.IGLTF, 'bufferViews'>,
  { indices, count }: GLTF.IAccessorSparse,
  binary: Uint8Array,
): Numbers {
  return takeNumbers(indices.componentType, binary, bufferViews[indices.bufferView], indices.byteOffset ?? 0, count);
}

function takeNumbers(
  componentType: number,
  binary: Uint8Array,
  { byteOffset = 0 }: GLTF.IBufferView,
  offset: number,
  length: number,
): Numbers {
  const Numbers = componentsOf(componentType);
  const at = binary.byteOffset + byteOffset + offset;
  const bytes = length * Numbers.BYTES_PER_ELEMENT;
  // a file read into the middle of something may lie odd
  if (at % Numbers.BYTES_PER_ELEMENT !== 0)
    return new Numbers(binary.slice(at - binary.byteOffset, at - binary.byteOffset + bytes).buffer);
  return new Numbers(binary.buffer as ArrayBuffer, at, length);
}
