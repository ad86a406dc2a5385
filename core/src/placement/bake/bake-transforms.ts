import type { Accessor, Document, Mesh, Node, Primitive, mat4, vec3 } from '@gltf-transform/core';
import { inChunks } from '../../geometry/in-chunks';
import {
  composeMatrix,
  decomposeMatrix,
  invertMatrix,
  isLinearIdentity,
  linearDeterminant,
  multiplyMatrix,
  normalMatrix,
  translationMatrix,
} from '../../scene/matrix';
import { flipWinding } from '../../scene/meshes/flip-faces';
import { listHoldingMeshes, listShownNodes } from '../../scene/traverse';

/**
 * Puts every turn and scale into the vertices: afterwards each node that shows something, or holds what does, has only a translation.
 * Nothing moves in world space. A node without a mesh below it is a place and a direction, for a camera, a light or what is mounted
 * there: it keeps its turn in the world, and the scale of its own. Meshes that stand several times stay shared where they are turned
 * and scaled alike. Normals go by the cofactor matrix, the tangent's w flips where a matrix mirrors, and so does the winding.
 * @returns how many nodes that show something had a turn or scale
 */
export function bakeTransforms(document: Document): number {
  const nodes = listShownNodes(document);
  const worlds = new Map<Node, mat4>(nodes.map((node) => [node, [...node.getWorldMatrix()] as mat4]));
  const shown = listHoldingMeshes(document);
  const baker = new MeshBaker(document);
  const baked = new Map<Node, mat4>();
  let turned = 0;
  for (const node of nodes) {
    const world = worlds.get(node)!;
    const holdsMesh = shown.has(node);
    if (holdsMesh && !isLinearIdentity(node.getMatrix())) turned++;
    const mesh = node.getMesh();
    if (mesh && !isLinearIdentity(world)) node.setMesh(baker.bake(mesh, world));
    const place: vec3 = [world[12], world[13], world[14]];
    const target = holdsMesh && !aims(node) ? translationMatrix(place) : directionMatrix(node, world, place);
    baked.set(node, target);
    setWithin(node, target, baked.get(node.getParentNode()!) ?? null);
  }
  return turned;
}

/** A camera or a light looks along its node. */
const aims = (node: Node): boolean => node.getCamera() !== null || node.getExtension('KHR_lights_punctual') !== null;

/** Where a node is, which way it is turned in the world, and its own scale; a mirror above it stays in that. */
function directionMatrix(node: Node, world: mat4, translation: vec3): mat4 {
  const { rotation, scale } = decomposeMatrix(world);
  const own = node.getScale();
  return composeMatrix({
    translation,
    rotation,
    scale: scale.map((v, axis) => Math.sign(v || 1) * Math.abs(own[axis])) as vec3,
  });
}

/** Gives a node its place below a parent. A parent that shows something has only a place itself. */
function setWithin(node: Node, world: mat4, parent: mat4 | null): void {
  if (parent && !isLinearIdentity(parent)) {
    node.setMatrix(multiplyMatrix(invertMatrix(parent) ?? IDENTITY, world));
    return;
  }
  const { translation, rotation, scale } = decomposeMatrix(world);
  const isPlain = isLinearIdentity(world);
  node
    .setTranslation(translation.map((v, axis) => v - (parent?.[12 + axis] ?? 0)) as vec3)
    .setRotation(isPlain ? [0, 0, 0, 1] : rotation)
    .setScale(isPlain ? [1, 1, 1] : scale);
}

const IDENTITY = translationMatrix([0, 0, 0]);

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
