import type { Document, Primitive } from '@gltf-transform/core';
import { getBuffer } from './build-primitive';
import { moveCreases } from './move-creases';
import { setVertices } from './set-vertices';
import { splitVertices } from './split-vertices';

/**
 * Gives a primitive a layout by its corners. Vertices split where it is cut; triangles, polygons and creases stay. Lower layouts it
 * lacks are the same one, for they are counted without a gap (glTF 2.0, 3.7.2.1).
 * @param indices the vertex at each corner
 * @param uvs two numbers a corner
 */
export function setLayout(
  document: Document,
  primitive: Primitive,
  set: number,
  indices: Uint32Array,
  uvs: Float32Array,
): void {
  const { corners, dst } = splitVertices(indices, primitive.getAttribute('POSITION')!.getCount(), uvs, 2);
  setVertices(
    primitive,
    Int32Array.from(corners, (corner) => indices[corner]),
  );
  const buffer = getBuffer(document);
  const values = new Float32Array(corners.length * 2);
  corners.forEach((corner, u) => values.set(uvs.subarray(corner * 2, corner * 2 + 2), u * 2));
  const layout = document.createAccessor().setType('VEC2').setArray(values).setBuffer(buffer);
  for (let n = 0; n <= set; n++)
    if (n === set || !primitive.getAttribute(`TEXCOORD_${n}`)) primitive.setAttribute(`TEXCOORD_${n}`, layout);
  primitive.setIndices(document.createAccessor().setType('SCALAR').setArray(dst).setBuffer(buffer));
  moveCreases(primitive, indices, dst);
}
