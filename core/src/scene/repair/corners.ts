import type { Primitive } from '@gltf-transform/core';

export const isEmpty = (primitive: Primitive): boolean =>
  primitive.getIndices()?.getCount() === 0 || (primitive.getAttribute('POSITION')?.getCount() ?? 0) === 0;

/** Corners a triangle, a line or a point has; strips and fans share theirs. */
const WIDTHS: Record<number, number> = { 0: 1, 1: 2, 4: 3 };

/**
 * Leaves out what names a vertex that is not there or lacks a corner, and takes indices in a type that glTF has for them
 * (glTF 2.0, 3.7.2.1).
 *
 * @returns triangles left out; polygons kept beside them would no longer match and go too
 */
export function dropBadCorners(primitive: Primitive): number {
  const indices = primitive.getIndices();
  const array = indices?.getArray();
  const count = primitive.getAttribute('POSITION')?.getCount() ?? 0;
  if (!indices || !array) return 0;
  const width = WIDTHS[primitive.getMode()] ?? 1;
  const isUnsigned = array instanceof Uint8Array || array instanceof Uint16Array || array instanceof Uint32Array;
  const isCorner = (corner: number): boolean => corner < count && corner >= 0 && Number.isInteger(corner);
  if (isUnsigned && array.length % width === 0 && array.every(isCorner)) return 0;
  const kept: number[] = [];
  let dropped = 0;
  for (let i = 0; i < array.length; i += width) {
    const corners = array.subarray(i, i + width);
    if (corners.length === width && corners.every(isCorner)) kept.push(...corners);
    else dropped++;
  }
  const copy = indices.clone().setType('SCALAR').setNormalized(false).setArray(Uint32Array.from(kept));
  primitive.setIndices(copy).setExtension('HAVELD_polygons', null);
  return dropped;
}
