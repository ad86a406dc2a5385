import type { Accessor, Document, Mesh, Node, Primitive, mat4 } from '@gltf-transform/core';
import { inChunks } from '../../geometry/in-chunks';
import { isLinearIdentity, linearDeterminant, normalMatrix } from '../../scene/matrix';
import { flipWinding } from '../../scene/meshes/flip-faces';
import { listShownNodes } from '../../scene/traverse';

/**
 * Puts every turn and scale into the vertices: afterwards each node has only a translation. Nothing moves in world space.
 * Meshes that stand several times stay shared where they are turned and scaled alike. Normals go by the cofactor matrix,
 * the tangent's w flips where a matrix mirrors, and so does the winding.
 * @returns how many nodes had a turn or scale
 */
export function bakeTransforms(document: Document): number {
  const nodes = listShownNodes(document);
  const worlds = new Map<Node, mat4>(nodes.map((node) => [node, [...node.getWorldMatrix()] as mat4]));
  const baker = new MeshBaker(document);
  let turned = 0;
  for (const node of nodes) {
    const world = worlds.get(node)!;
    const parent = node.getParentNode();
    const parentWorld = parent ? worlds.get(parent) : undefined;
    if (!isLinearIdentity(node.getMatrix())) turned++;
    const mesh = node.getMesh();
    if (mesh && !isLinearIdentity(world)) node.setMesh(baker.bake(mesh, world));
    const origin = parentWorld ?? [0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 1];
    const offset: [number, number, number] = [world[12] - origin[12], world[13] - origin[13], world[14] - origin[14]];
    const aims = node.getCamera() !== null || node.getExtension('KHR_lights_punctual') !== null;
    node.setRotation(aims ? node.getWorldRotation() : [0, 0, 0, 1]);
    node.setScale([1, 1, 1]);
    node.setTranslation(offset);
  }
  return turned;
}

class MeshBaker {
  readonly #document: Document;
  readonly #meshes = new Map<Mesh, { world: mat4; baked: Mesh }[]>();
  readonly #wound = new Map<Accessor, Accessor>();

  constructor(document: Document) {
    this.#document = document;
  }

  bake(mesh: Mesh, world: mat4): Mesh {
    const known = this.#meshes.get(mesh) ?? [];
    this.#meshes.set(mesh, known);
    const same = known.find((entry) => sameLinear(entry.world, world));
    if (same) return same.baked;
    const baked = mesh.clone();
    const attributes = new Map<string, Accessor>();
    for (const primitive of mesh.listPrimitives()) {
      baked.removePrimitive(primitive);
      baked.addPrimitive(this.#bakePrimitive(primitive, world, attributes));
    }
    known.push({ world, baked });
    return baked;
  }

  #bakePrimitive(primitive: Primitive, world: mat4, attributes: Map<string, Accessor>): Primitive {
    const dst = primitive.clone();
    const mirrors = linearDeterminant(world) < 0;
    for (const semantic of ['POSITION', 'NORMAL', 'TANGENT']) {
      const accessor = primitive.getAttribute(semantic);
      if (accessor) dst.setAttribute(semantic, this.#bakeAttribute(accessor, semantic, world, mirrors, attributes));
    }
    for (const target of primitive.listTargets()) {
      const moved = target.clone();
      for (const semantic of target.listSemantics()) {
        const accessor = target.getAttribute(semantic)!;
        moved.setAttribute(
          semantic,
          this.#bakeAttribute(accessor, semantic === 'POSITION' ? 'POSITION' : 'DELTA', world, mirrors, attributes),
        );
      }
      dst.removeTarget(target).addTarget(moved);
    }
    if (mirrors && primitive.getMode() === 4) flipWinding(this.#document, dst, this.#wound);
    return dst;
  }

  #bakeAttribute(
    src: Accessor,
    semantic: string,
    world: mat4,
    mirrors: boolean,
    cache: Map<string, Accessor>,
  ): Accessor {
    const key = `${this.#idOf(src)}:${semantic}`;
    const known = cache.get(key);
    if (known) return known;
    const m = semantic === 'NORMAL' ? normalMatrix(world) : linearPart(world);
    const width = src.getElementSize();
    const array = transformVectors(readNumbers(src), width, m);
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

/** Numbers of an accessor as they count; its own array where that is plain. */
function readNumbers(src: Accessor): ArrayLike<number> {
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

/** The first three of each `width` numbers times a 3 × 3 matrix; a fourth stays. */
function transformVectors(src: ArrayLike<number>, width: number, m: readonly number[]): Float32Array<ArrayBuffer> {
  const dst = new Float32Array(src.length);
  inChunks(src.length / width, (from, to) => transformSome(src, dst, width, m, from, to));
  return dst;
}

function transformSome(
  src: ArrayLike<number>,
  dst: Float32Array,
  width: number,
  [m0, m1, m2, m3, m4, m5, m6, m7, m8]: readonly number[],
  from: number,
  to: number,
): void {
  for (let o = from * width; o < to * width; o += width) {
    const x = src[o];
    const y = src[o + 1];
    const z = src[o + 2];
    dst[o] = m0 * x + m3 * y + m6 * z;
    dst[o + 1] = m1 * x + m4 * y + m7 * z;
    dst[o + 2] = m2 * x + m5 * y + m8 * z;
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

function sameLinear(a: mat4, b: mat4): boolean {
  const left = linearPart(a);
  return linearPart(b).every((v, i) => Math.abs(v - left[i]) <= 1e-9 * Math.max(1, Math.abs(v)));
}
