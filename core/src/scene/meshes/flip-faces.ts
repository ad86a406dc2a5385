import type { Accessor, Document, Mesh, Primitive } from '@gltf-transform/core';
import { isTriangles } from '../traverse';

/** Turns the triangles of a mesh round, and normals that looked with them. */
export function flipFaces(document: Document, mesh: Mesh): void {
  const turned = new Map<Accessor, Accessor>();
  const wound = new Map<Accessor, Accessor>();
  for (const primitive of mesh.listPrimitives()) {
    if (!isTriangles(primitive)) continue;
    const looksOut = normalsFollowFaces(primitive);
    flipWinding(document, primitive, wound);
    if (looksOut) flipNormals(primitive, turned);
  }
}

/**
 * Turns each triangle of a primitive round; its polygon keeps its place.
 * @param wound indices turned already, by what they were: those that are shared stay shared
 */
export function flipWinding(document: Document, primitive: Primitive, wound: Map<Accessor, Accessor>): void {
  const src = primitive.getIndices();
  const known = src && wound.get(src);
  if (known) {
    primitive.setIndices(known);
    return;
  }
  const count = primitive.getAttribute('POSITION')?.getCount() ?? 0;
  const array = src ? src.getArray()!.slice() : Uint32Array.from({ length: count }, (_, i) => i);
  for (let i = 0; i + 2 < array.length; i += 3) [array[i + 1], array[i + 2]] = [array[i + 2], array[i + 1]];
  const dst = src
    ? src.clone()
    : document.createAccessor().setType('SCALAR').setBuffer(document.getRoot().listBuffers()[0]);
  dst.setArray(array as Uint32Array<ArrayBuffer>);
  if (src) wound.set(src, dst);
  primitive.setIndices(dst);
}

/** True where most normals look the way their faces do. */
function normalsFollowFaces(primitive: Primitive): boolean {
  const [position, normal, indices] = [
    primitive.getAttribute('POSITION'),
    primitive.getAttribute('NORMAL'),
    primitive.getIndices(),
  ];
  if (!position || !normal) return false;
  const corners = indices?.getCount() ?? position.getCount();
  const at = (i: number): number => indices?.getScalar(i) ?? i;
  let sum = 0;
  const [a, b, c, n]: number[][] = [[], [], [], []];
  for (let i = 0; i + 2 < corners; i += 3) {
    position.getElement(at(i), a);
    position.getElement(at(i + 1), b);
    position.getElement(at(i + 2), c);
    normal.getElement(at(i), n);
    const [ux, uy, uz] = [b[0] - a[0], b[1] - a[1], b[2] - a[2]];
    const [vx, vy, vz] = [c[0] - a[0], c[1] - a[1], c[2] - a[2]];
    sum += n[0] * (uy * vz - uz * vy) + n[1] * (uz * vx - ux * vz) + n[2] * (ux * vy - uy * vx);
  }
  return sum > 0;
}

function flipNormals(primitive: Primitive, turned: Map<Accessor, Accessor>): void {
  const src = primitive.getAttribute('NORMAL')!;
  let dst = turned.get(src);
  if (!dst) {
    const array = new Float32Array(src.getCount() * 3);
    const element: number[] = [];
    for (let i = 0; i < src.getCount(); i++) {
      src.getElement(i, element);
      for (let k = 0; k < 3; k++) array[i * 3 + k] = -element[k];
    }
    dst = src.clone().setNormalized(false).setArray(array);
    turned.set(src, dst);
  }
  primitive.setAttribute('NORMAL', dst);
}
