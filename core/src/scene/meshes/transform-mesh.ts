import type { Accessor, Document, Mesh, Primitive, mat4 } from '@gltf-transform/core';
import { inChunks } from '../../geometry/in-chunks';
import { linearDeterminant, normalMatrix } from '../matrix';
import { flipWinding } from './flip-faces';
import { readNumbers } from './read-numbers';

/**
 * Puts a matrix into the vertices of meshes. What is shared stays shared where it is moved alike. Normals go by the cofactor matrix;
 * where a matrix mirrors, the tangent's w flips, and so does the winding.
 */
export class MeshTransformer {
  readonly #document: Document;
  readonly #meshes = new Map<Mesh, { matrix: mat4; moved: Mesh }[]>();
  readonly #wound = new Map<Accessor, Accessor>();

  constructor(document: Document) {
    this.#document = document;
  }

  /** @param matrix from the mesh's space to the new one @returns a copy; the same for the same mesh and matrix */
  transform(mesh: Mesh, matrix: mat4): Mesh {
    const known = this.#meshes.get(mesh) ?? [];
    this.#meshes.set(mesh, known);
    const same = known.find((entry) => areSame(entry.matrix, matrix));
    if (same) return same.moved;
    const moved = mesh.clone();
    const attributes = new Map<string, Accessor>();
    for (const primitive of mesh.listPrimitives()) {
      moved.removePrimitive(primitive);
      moved.addPrimitive(this.#transformPrimitive(primitive, matrix, attributes));
    }
    known.push({ matrix, moved });
    return moved;
  }

  #transformPrimitive(primitive: Primitive, matrix: mat4, attributes: Map<string, Accessor>): Primitive {
    const dst = primitive.clone();
    const mirrors = linearDeterminant(matrix) < 0;
    for (const semantic of ['POSITION', 'NORMAL', 'TANGENT']) {
      const accessor = primitive.getAttribute(semantic);
      if (accessor)
        dst.setAttribute(semantic, this.#transformAttribute(accessor, semantic, matrix, mirrors, attributes));
    }
    for (const target of primitive.listTargets()) {
      const moved = target.clone();
      for (const semantic of target.listSemantics()) {
        const accessor = target.getAttribute(semantic)!;
        moved.setAttribute(
          semantic,
          // differences have a direction and no place
          this.#transformAttribute(accessor, 'DELTA', matrix, mirrors, attributes),
        );
      }
      dst.removeTarget(target).addTarget(moved);
    }
    if (mirrors && primitive.getMode() === 4) flipWinding(this.#document, dst, this.#wound);
    return dst;
  }

  #transformAttribute(
    src: Accessor,
    semantic: string,
    matrix: mat4,
    mirrors: boolean,
    cache: Map<string, Accessor>,
  ): Accessor {
    const key = `${this.#idOf(src)}:${semantic}`;
    const known = cache.get(key);
    if (known) return known;
    const m = semantic === 'NORMAL' ? normalMatrix(matrix) : linearPart(matrix);
    const shift = semantic === 'POSITION' ? matrix.slice(12, 15) : NO_SHIFT;
    const width = src.getElementSize();
    const array = transformVectors(readNumbers(src), width, m, shift);
    if (semantic === 'NORMAL' || semantic === 'TANGENT')
      makeUnit(array, width, semantic === 'NORMAL' && mirrors ? -1 : 1, mirrors ? -1 : 1);
    const dst = src.clone().setNormalized(false).setArray(array);
    cache.set(key, dst);
    return dst;
  }

  readonly #ids = new Map<Accessor, number>();

  #idOf(accessor: Accessor): number {
    let id = this.#ids.get(accessor);
    if (id === undefined) this.#ids.set(accessor, (id = this.#ids.size));
    return id;
  }
}

const NO_SHIFT = [0, 0, 0];

/** The first three of each `width` numbers times a 3 × 3 matrix, and shifted; a fourth stays. */
function transformVectors(
  src: ArrayLike<number>,
  width: number,
  m: readonly number[],
  shift: readonly number[],
): Float32Array<ArrayBuffer> {
  const dst = new Float32Array(src.length);
  inChunks(src.length / width, (from, to) => transformSome(src, dst, width, m, shift, from, to));
  return dst;
}

function transformSome(
  src: ArrayLike<number>,
  dst: Float32Array,
  width: number,
  [m0, m1, m2, m3, m4, m5, m6, m7, m8]: readonly number[],
  [dx, dy, dz]: readonly number[],
  from: number,
  to: number,
): void {
  for (let o = from * width; o < to * width; o += width) {
    const x = src[o];
    const y = src[o + 1];
    const z = src[o + 2];
    dst[o] = m0 * x + m3 * y + m6 * z + dx;
    dst[o + 1] = m1 * x + m4 * y + m7 * z + dy;
    dst[o + 2] = m2 * x + m5 * y + m8 * z + dz;
    if (width === 4) dst[o + 3] = src[o + 3];
  }
}

/** Makes vectors unit length, times `sign`; a tangent's fourth number times `flip`. */
function makeUnit(array: Float32Array, width: number, sign: 1 | -1, flip: 1 | -1): void {
  inChunks(array.length / width, (from, to) => makeSomeUnit(array, width, sign, flip, from, to));
}

function makeSomeUnit(array: Float32Array, width: number, sign: 1 | -1, flip: 1 | -1, from: number, to: number): void {
  for (let o = from * width; o < to * width; o += width) {
    const length = Math.sqrt(array[o] * array[o] + array[o + 1] * array[o + 1] + array[o + 2] * array[o + 2]);
    const by = sign / (length || 1);
    array[o] *= by;
    array[o + 1] *= by;
    array[o + 2] *= by;
    if (width === 4) array[o + 3] *= flip;
  }
}

const linearPart = (m: mat4): number[] => [m[0], m[1], m[2], m[4], m[5], m[6], m[8], m[9], m[10]];

const areSame = (a: mat4, b: mat4): boolean => b.every((v, i) => Math.abs(v - a[i]) <= 1e-9 * Math.max(1, Math.abs(v)));
