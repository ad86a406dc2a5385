import type { Primitive } from '@gltf-transform/core';

export const isEmpty = (primitive: Primitive): boolean =>
  primitive.getIndices()?.getCount() === 0 || (primitive.getAttribute('POSITION')?.getCount() ?? 0) === 0;

/** @returns triangles left out; polygons kept beside them would no longer match and go too */
export function dropBadCorners(primitive: Primitive): number {
  const indices = primitive.getIndices();
  const array = indices?.getArray();
  const count = primitive.getAttribute('POSITION')?.getCount() ?? 0;
  if (!indices || !array) return 0;
  let isWhole = true;
  for (let i = 0; i < array.length && isWhole; i++) isWhole = array[i] < count;
  if (isWhole) return 0;
  const width = primitive.getMode() === 4 ? 3 : primitive.getMode() === 1 ? 2 : 1;
  const kept: number[] = [];
  let dropped = 0;
  for (let i = 0; i + width <= array.length; i += width) {
    const corners = array.subarray(i, i + width);
    if (corners.every((corner: number) => corner < count)) kept.push(...corners);
    else dropped++;
  }
  const copy = indices.clone().setArray(Uint32Array.from(kept));
  primitive.setIndices(copy).setExtension('HAVELD_polygons', null);
  return dropped;
}
