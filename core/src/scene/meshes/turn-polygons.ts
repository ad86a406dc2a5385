import type { Accessor, Document, Primitive } from '@gltf-transform/core';
import { createScalars } from './create-scalars';
import { listIndices } from './list-indices';
import { moveCreases } from './move-creases';
import { readNumbers } from './read-numbers';
import { setVertices } from './set-vertices';
import { computePolygonStarts } from './split-polygons';

/**
 * Turns some polygons of a primitive round, in place. Normals that looked with them look the other way, and where a vertex belongs to
 * polygons that stay as well, it becomes two.
 * @param turned 1 for a polygon that turns
 */
export function turnPolygons(document: Document, primitive: Primitive, turned: Uint8Array): void {
  const indices = listIndices(primitive);
  const starts = computePolygonStarts(primitive, indices.length / 3);
  const normal = primitive.getAttribute('NORMAL');
  const faceOf = createFaceNormals(primitive);
  const vertices = primitive.getAttribute('POSITION')!.getCount();
  const sources: number[] = Array.from({ length: vertices }, (_, v) => v);
  const copyOf = new Int32Array(vertices).fill(-1);
  const looks: number[] = [0, 0, 0];
  for (let k = 0; k < turned.length; k++) {
    if (!turned[k]) continue;
    for (let t = starts[k]; t < starts[k + 1]; t++) {
      const face = faceOf(indices, t);
      for (let c = t * 3; c < t * 3 + 3; c++) {
        const vertex = indices[c];
        if (!normal || normal.getElement(vertex, looks).reduce((sum, v, i) => sum + v * face[i], 0) <= 0) continue;
        if (copyOf[vertex] < 0) copyOf[vertex] = sources.push(vertex) - 1;
        indices[c] = copyOf[vertex];
      }
      [indices[t * 3 + 1], indices[t * 3 + 2]] = [indices[t * 3 + 2], indices[t * 3 + 1]];
    }
  }
  const used = new Int32Array(sources.length).fill(-1);
  const kept: number[] = [];
  for (const vertex of indices) if (used[vertex] < 0) used[vertex] = kept.push(vertex) - 1;
  const before = indices.map((vertex) => sources[vertex]);
  for (let c = 0; c < indices.length; c++) indices[c] = used[indices[c]];
  setVertices(
    primitive,
    Int32Array.from(kept, (vertex) => sources[vertex]),
  );
  const isTurned = kept.map((vertex) => vertex >= vertices);
  negate(primitive.getAttribute('NORMAL'), isTurned, [0, 1, 2]);
  // its fourth number says which way the third axis goes (glTF 2.0, 3.7.2.1), and that axis stays
  negate(primitive.getAttribute('TANGENT'), isTurned, [3]);
  for (const target of primitive.listTargets()) negate(target.getAttribute('NORMAL'), isTurned, [0, 1, 2]);
  primitive.setIndices(createScalars(document, kept.length < 65535 ? new Uint16Array(indices) : indices));
  moveCreases(primitive, before, indices);
}

/** @returns a function that gives the normal of a triangle, not of unit length */
function createFaceNormals(primitive: Primitive): (indices: Uint32Array, triangle: number) => [number, number, number] {
  const p = readNumbers(primitive.getAttribute('POSITION')!);
  return (indices, triangle) => {
    const [a, b, c] = [0, 1, 2].map((corner) => indices[triangle * 3 + corner] * 3);
    const [ux, uy, uz] = [p[b] - p[a], p[b + 1] - p[a + 1], p[b + 2] - p[a + 2]];
    const [vx, vy, vz] = [p[c] - p[a], p[c + 1] - p[a + 1], p[c + 2] - p[a + 2]];
    return [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
  };
}

function negate(accessor: Accessor | null, isMeant: readonly boolean[], components: readonly number[]): void {
  if (!accessor) return;
  const element: number[] = [];
  for (let v = 0; v < isMeant.length; v++) {
    if (!isMeant[v]) continue;
    accessor.getElement(v, element);
    for (const component of components) element[component] = -element[component];
    accessor.setElement(v, element);
  }
}
