import type { Accessor } from '@gltf-transform/core';
import { inChunks } from '../../geometry/in-chunks';

/** @returns a copy of an attribute with other vertices: vertex `u` of it is `sources[u]` of the old one, which may be shared and stays */
export function pickVertices(src: Accessor, sources: Int32Array): Accessor {
  const width = src.getElementSize();
  const from = src.getArray()!;
  const array = from.slice(0, 0).constructor as new (length: number) => Float32Array<ArrayBuffer>;
  const dst = new array(sources.length * width);
  inChunks(sources.length, (first, end) => copySome(from, dst, width, sources, first, end));
  return src.clone().setArray(dst);
}

function copySome(
  src: ArrayLike<number>,
  dst: Float32Array,
  width: number,
  sources: Int32Array,
  first: number,
  end: number,
): void {
  for (let u = first; u < end; u++) {
    const from = sources[u] * width;
    const to = u * width;
    for (let n = 0; n < width; n++) dst[to + n] = src[from + n];
  }
}
