import type { Accessor, Document, Mesh, Node, Primitive, mat4 } from '@gltf-transform/core';
import { invertMatrix, linearDeterminant, multiplyMatrix } from '../../scene/matrix';
import { readNumbers } from '../../scene/meshes/read-numbers';
import { setLocalMatrix } from '../../scene/place-node';
import { listMeshInstances } from '../../scene/traverse';
import { listReferredNodes } from '../referred-nodes';
import { hasBlendShapes } from './movers';

/** A part that holds the geometry of another once more. */
export interface EqualPart {
  node: Node;
  /** From the space of the first one's mesh to that of its own. */
  matrix: mat4;
}

/** Parts that hold the same geometry, each for itself; the first is the one the others are compared with. */
export interface EqualParts {
  first: Node;
  others: EqualPart[];
  /** True where all lie in their own space as the first does: nothing has to be turned or scaled. */
  isPlain: boolean;
  /** What need not be kept twice. */
  triangles: number;
}

/** How far a corner may lie from where it was, as a share of the part's size. */
const TOLERANCE = 1e-6;
/** Twice what a number of single precision is rounded by, as a share of it. */
const SINGLE = 2 ** -23;
/** Of a unit normal: single precision, turned once. */
const NORMAL_TOLERANCE = 1e-3;

/**
 * Finds parts that are the same shape kept several times: same triangles, layouts, colours and materials, corner for corner, at most
 * turned, shifted or scaled evenly. Mirrored twins are no such parts, for their faces go the other way round.
 */
export function listEqualParts(document: Document): EqualParts[] {
  const groups = new Map<string, Node[]>();
  const seen = new Set<Mesh>();
  const keys = new Keys();
  for (const { node, mesh } of listMeshInstances(document)) {
    if (node.getSkin() || hasBlendShapes(node) || seen.has(mesh)) continue;
    seen.add(mesh);
    const key = keys.of(mesh);
    if (key !== null) groups.set(key, [...(groups.get(key) ?? []), node]);
  }
  return [...groups.values()].flatMap((nodes) => compareAll(nodes));
}

/** Of those with one key the first stands for all that fit it, then the next for the rest. */
function compareAll(nodes: readonly Node[]): EqualParts[] {
  const found: EqualParts[] = [];
  for (let left = [...nodes]; left.length > 1;) {
    const [first, ...rest] = left;
    const others = rest.flatMap((node): EqualPart[] => {
      const matrix = matchMeshes(first.getMesh()!, node.getMesh()!);
      return matrix ? [{ node, matrix }] : [];
    });
    if (others.length > 0)
      found.push({
        first,
        others,
        isPlain: others.every(({ matrix }) => isIdentity(matrix)),
        triangles: others.length * countIndices(first.getMesh()!),
      });
    left = rest.filter((node) => !others.some((other) => other.node === node));
  }
  return found;
}

const countIndices = (mesh: Mesh): number =>
  mesh.listPrimitives().reduce((sum, one) => sum + Math.floor((one.getIndices()?.getCount() ?? 0) / 3), 0);

const IDENTITY: mat4 = [1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1];

const isIdentity = (matrix: mat4): boolean => matrix.every((v, i) => v === IDENTITY[i]);

/** @returns those of equal parts that stand exactly where the first of them, or another, stands: two surfaces in one place flicker */
export function listDoubledParts(equal: readonly EqualParts[]): { kept: Node; doubles: Node[] }[] {
  return equal.flatMap(({ first, others }) => {
    const all = [{ node: first, matrix: IDENTITY }, ...others].map(({ node, matrix }) => ({
      node,
      place: multiplyMatrix(node.getWorldMatrix(), matrix),
    }));
    const found: { kept: Node; doubles: Node[]; place: mat4 }[] = [];
    for (const { node, place } of all) {
      const same = found.find((one) => isSamePlace(one.place, place));
      if (same) same.doubles.push(node);
      else found.push({ kept: node, doubles: [], place });
    }
    return found.filter(({ doubles }) => doubles.length > 0);
  });
}

function isSamePlace(a: mat4, b: mat4): boolean {
  const most = Math.max(...a.map(Math.abs));
  return a.every((v, i) => Math.abs(v - b[i]) <= 1e-5 * most);
}

/** What lies in space, and is compared by what a matrix makes of it. */
const SPATIAL = new Set(['POSITION', 'NORMAL', 'TANGENT']);

/** Tells meshes apart that cannot be equal, each looked at once. */
class Keys {
  readonly #ids = new Map<unknown, number>();

  /** @returns null for a mesh that holds something which is not compared */
  of(mesh: Mesh): string | null {
    const primitives = mesh.listPrimitives();
    if (primitives.length === 0 || primitives.some((one) => one.getMode() !== 4 || !one.getIndices())) return null;
    return JSON.stringify(primitives.map((primitive) => this.#describe(primitive)));
  }

  #describe(primitive: Primitive): unknown[] {
    const values = [...primitive.listSemantics()].sort().map((semantic) => {
      const accessor = primitive.getAttribute(semantic)!;
      const isSpatial = SPATIAL.has(semantic);
      return [
        semantic,
        accessor.getType(),
        accessor.getComponentType(),
        accessor.getCount(),
        semantic === 'POSITION' ? describeProportion(accessor) : isSpatial ? '' : hash(accessor),
      ];
    });
    return [this.#idOf(primitive.getMaterial()), hash(primitive.getIndices()!), values, primitive.getExtras()];
  }

  #idOf(material: unknown): number {
    const id = this.#ids.get(material) ?? this.#ids.size;
    this.#ids.set(material, id);
    return id;
  }
}

/** How wide a shape is by how long, whichever way it lies: without it, every box of a thousand would be compared with every other. */
function describeProportion(accessor: Accessor): string {
  const p = readNumbers(accessor);
  const frame = [...pickThree(p)].map((o) => [p[o], p[o + 1], p[o + 2]]);
  const [u, w] = [1, 2].map((k) => frame[k].map((v, i) => v - frame[0][i]));
  const length = Math.hypot(...u);
  return (Math.hypot(...cross(u, w)) / (length * length)).toPrecision(3);
}

/** FNV-1a over the bytes, and how many there are. What it takes for equal is compared once more. */
function hash(accessor: Accessor): string {
  const array = accessor.getArray()!;
  const bytes = new Uint8Array(array.buffer, array.byteOffset, array.byteLength);
  let h = 0x811c9dc5;
  for (const byte of bytes) h = Math.imul(h ^ byte, 0x01000193);
  return `${array.length}:${h >>> 0}`;
}

/** @returns what carries every corner of the first onto that of the second; null where nothing does */
export function matchMeshes(a: Mesh, b: Mesh): mat4 | null {
  const [from, to] = [a.listPrimitives(), b.listPrimitives()];
  if (from.length !== to.length) return null;
  const largest = from.reduce((best, one, i) => (sizeOf(one) > sizeOf(from[best]) ? i : best), 0);
  const matrix = findMatrix(from[largest].getAttribute('POSITION')!, to[largest].getAttribute('POSITION')!);
  if (!matrix) return null;
  return from.every((one, i) => agree(one, to[i], matrix)) ? matrix : null;
}

const sizeOf = (primitive: Primitive): number => primitive.getAttribute('POSITION')!.getCount();

/** By three corners far from one another. */
function findMatrix(a: Accessor, b: Accessor): mat4 | null {
  if (areEqual(a, b)) return [...IDENTITY];
  const [left, right] = [readNumbers(a), readNumbers(b)];
  if (left.length !== right.length) return null;
  const three = pickThree(left);
  const [from, to] = [frameOf(left, three), frameOf(right, three)];
  const inverse = from && invertMatrix(from);
  return inverse && to ? multiplyMatrix(to, inverse) : null;
}

function areEqual(a: Accessor, b: Accessor): boolean {
  const [left, right] = [a.getArray()!, b.getArray()!];
  if (left === right) return true;
  if (left.length !== right.length) return false;
  for (let i = 0; i < left.length; i++) if (left[i] !== right[i]) return false;
  return true;
}

/** The first corner, the one farthest from it, and the one farthest from the line between. */
function pickThree(p: ArrayLike<number>): [number, number, number] {
  let [second, most] = [0, -1];
  for (let o = 0; o < p.length; o += 3) {
    const d = (p[o] - p[0]) ** 2 + (p[o + 1] - p[1]) ** 2 + (p[o + 2] - p[2]) ** 2;
    if (d > most) [second, most] = [o, d];
  }
  const [ux, uy, uz] = [p[second] - p[0], p[second + 1] - p[1], p[second + 2] - p[2]];
  let third = 0;
  most = -1;
  for (let o = 0; o < p.length; o += 3) {
    const [x, y, z] = [p[o] - p[0], p[o + 1] - p[1], p[o + 2] - p[2]];
    const d = (uy * z - uz * y) ** 2 + (uz * x - ux * z) ** 2 + (ux * y - uy * x) ** 2;
    if (d > most) [third, most] = [o, d];
  }
  return [0, second, third];
}

/** Three axes at right angles by three corners, as long as the first side; null where they lie in one line. */
function frameOf(p: ArrayLike<number>, [a, b, c]: readonly [number, number, number]): mat4 | null {
  const u = [p[b] - p[a], p[b + 1] - p[a + 1], p[b + 2] - p[a + 2]];
  const w = [p[c] - p[a], p[c + 1] - p[a + 1], p[c + 2] - p[a + 2]];
  const length = Math.hypot(...u);
  const x = u.map((v) => v / length);
  const n = cross(x, w);
  const height = Math.hypot(...n);
  if (!(length > 0) || !(height > length * 1e-6)) return null;
  const z = n.map((v) => v / height);
  const y = cross(z, x);
  const [s, t, v] = [x, y, z].map((axis) => axis.map((value) => value * length));
  return [...s, 0, ...t, 0, ...v, 0, p[a], p[a + 1], p[a + 2], 1] as mat4;
}

const cross = (a: readonly number[], b: readonly number[]): number[] => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];

function agree(a: Primitive, b: Primitive, matrix: mat4): boolean {
  if (linearDeterminant(matrix) <= 0 || !areEqual(a.getIndices()!, b.getIndices()!)) return false;
  for (const semantic of a.listSemantics())
    if (!SPATIAL.has(semantic) && !areEqual(a.getAttribute(semantic)!, b.getAttribute(semantic)!)) return false;
  const to = b.getAttribute('POSITION')!;
  const [min, max] = [to.getMinNormalized([]), to.getMaxNormalized([])];
  const farthest = Math.max(...max.map(Math.abs), ...min.map(Math.abs));
  const within = TOLERANCE * Math.hypot(...max.map((v, i) => v - min[i])) + SINGLE * farthest;
  if (!landOn(readNumbers(a.getAttribute('POSITION')!), readNumbers(to), 3, matrix, within)) return false;
  return ['NORMAL', 'TANGENT'].every((semantic) => turnAlike(a, b, semantic, matrix));
}

/** Directions are turned, not shifted. */
function turnAlike(a: Primitive, b: Primitive, semantic: string, matrix: mat4): boolean {
  const [from, to] = [a.getAttribute(semantic), b.getAttribute(semantic)];
  if (!from || !to) return from === to;
  const scale = Math.cbrt(linearDeterminant(matrix));
  const turn = matrix.map((v, i) => (i < 12 ? v / scale : 0)) as mat4;
  return landOn(readNumbers(from), readNumbers(to), from.getElementSize(), turn, NORMAL_TOLERANCE);
}

/** @returns true where a matrix carries each first three numbers onto the other's; a fourth has to be the same */
function landOn(from: ArrayLike<number>, to: ArrayLike<number>, width: number, m: mat4, within: number): boolean {
  if (from.length !== to.length) return false;
  for (let o = 0; o < from.length; o += width) {
    const [x, y, z] = [from[o], from[o + 1], from[o + 2]];
    if (!(Math.abs(m[0] * x + m[4] * y + m[8] * z + m[12] - to[o]) <= within)) return false;
    if (!(Math.abs(m[1] * x + m[5] * y + m[9] * z + m[13] - to[o + 1]) <= within)) return false;
    if (!(Math.abs(m[2] * x + m[6] * y + m[10] * z + m[14] - to[o + 2]) <= within)) return false;
    if (width === 4 && from[o + 3] !== to[o + 3]) return false;
  }
  return true;
}

/**
 * Gives a part the geometry of another, where it stands.
 * @param matrix from the other's space to its own
 * @returns false where it stays as it is: a clip or what hangs under it would move along, or it would be sheared
 */
export function shareGeometry(document: Document, first: Node, { node, matrix }: EqualPart): boolean {
  if (!isIdentity(matrix)) {
    if (node.listChildren().length > 0 || listReferredNodes(document).has(node)) return false;
    const own = node.getMesh();
    node.setMesh(null);
    const isPlaced = setLocalMatrix(document, node, multiplyMatrix(node.getMatrix(), matrix));
    if (!isPlaced) node.setMesh(own);
    if (!isPlaced) return false;
  }
  node.setMesh(first.getMesh());
  return true;
}
