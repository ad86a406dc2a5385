import type { Accessor, Document, Mesh, Node, Primitive, mat4 } from '@gltf-transform/core';
import { vec3 } from 'gl-matrix';
import { invertMatrix, linearDeterminant, multiplyMatrix, transformPoint } from '../../scene/matrix';
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
        isSpatial ? accessor.getCount() : hash(accessor),
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
  const largest = from.reduce((best, one, i) => (sizeOf(one) > sizeOf(from[best]) ? i : best), 0);
  const matrix = findMatrix(from[largest].getAttribute('POSITION')!, to[largest].getAttribute('POSITION')!);
  if (!matrix) return null;
  return from.every((one, i) => agree(one, to[i], matrix)) ? matrix : null;
}

const sizeOf = (primitive: Primitive): number => primitive.getAttribute('POSITION')!.getCount();

/** By three corners far from one another. */
function findMatrix(a: Accessor, b: Accessor): mat4 | null {
  if (areEqual(a, b)) return [...IDENTITY];
  const [p, q, r] = pickThree(a);
  const [from, to] = [frameOf(a, p, q, r), frameOf(b, p, q, r)];
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

const at = (accessor: Accessor, vertex: number): vec3 => accessor.getElement(vertex, [0, 0, 0]) as unknown as vec3;

/** The first corner, the one farthest from it, and the one farthest from the line between. */
function pickThree(accessor: Accessor): [number, number, number] {
  const p = at(accessor, 0);
  const farthest = (distance: (point: vec3) => number): number => {
    let [best, most] = [0, -1];
    for (let v = 0; v < accessor.getCount(); v++) {
      const d = distance(at(accessor, v));
      if (d > most) [best, most] = [v, d];
    }
    return best;
  };
  const second = farthest((point) => vec3.distance(point, p));
  const along = vec3.normalize(vec3.create(), vec3.subtract(vec3.create(), at(accessor, second), p));
  const third = farthest((point) => {
    const d = vec3.subtract(vec3.create(), point, p);
    return vec3.length(vec3.cross(vec3.create(), d, along));
  });
  return [0, second, third];
}

/** Three axes at right angles by three corners, as long as the first side; null where they lie in one line. */
function frameOf(accessor: Accessor, p: number, q: number, r: number): mat4 | null {
  const o = Array.from(at(accessor, p));
  const u = Array.from(at(accessor, q), (v, i) => v - o[i]);
  const w = Array.from(at(accessor, r), (v, i) => v - o[i]);
  const length = Math.hypot(...u);
  const x = u.map((v) => v / length);
  const n = cross(x, w);
  const height = Math.hypot(...n);
  if (!(length > 0) || !(height > length * 1e-6)) return null;
  const z = n.map((v) => v / height);
  const y = cross(z, x);
  const [s, t, v] = [x, y, z].map((axis) => axis.map((value) => value * length));
  return [...s, 0, ...t, 0, ...v, 0, ...o, 1] as mat4;
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
  const [from, to] = [a.getAttribute('POSITION')!, b.getAttribute('POSITION')!];
  const [min, max] = [to.getMinNormalized([]), to.getMaxNormalized([])];
  const within = TOLERANCE * Math.hypot(...max.map((v, i) => v - min[i]));
  for (let v = 0; v < from.getCount(); v++) {
    const moved = transformPoint(matrix, at(from, v));
    const wanted = at(to, v);
    for (let i = 0; i < 3; i++) if (!(Math.abs(moved[i] - wanted[i]) <= within)) return false;
  }
  return ['NORMAL', 'TANGENT'].every((semantic) => turnAlike(a, b, semantic, matrix));
}

function turnAlike(a: Primitive, b: Primitive, semantic: string, m: mat4): boolean {
  const [from, to] = [a.getAttribute(semantic), b.getAttribute(semantic)];
  if (!from || !to) return from === to;
  const scale = Math.cbrt(linearDeterminant(m));
  const [left, right]: number[][] = [[], []];
  for (let v = 0; v < from.getCount(); v++) {
    from.getElement(v, left);
    to.getElement(v, right);
    for (let row = 0; row < 3; row++) {
      const turned = (m[row] * left[0] + m[4 + row] * left[1] + m[8 + row] * left[2]) / scale;
      if (!(Math.abs(turned - right[row]) <= NORMAL_TOLERANCE)) return false;
    }
    if (left.length === 4 && left[3] !== right[3]) return false;
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
