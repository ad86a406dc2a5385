import type { Document, Node, Primitive } from '@gltf-transform/core';
import { longestSide } from '../../geometry/longest-side';
import { mergePoints } from '../../geometry/merge-points';
import { computePolygonOutline } from '../../geometry/polygon-outline';
import { listIndices } from '../../scene/meshes/list-indices';
import { readNumbers } from '../../scene/meshes/read-numbers';
import { computePolygonStarts } from '../../scene/meshes/split-polygons';
import { isTriangles } from '../../scene/traverse';
import { separate } from './separate-faces';

const { sqrt, max } = Math;

/** What is wrong with a polygon. */
export const FAULTS = { none: 0, noArea: 1, doubled: 2 } as const;

/** Faults of the polygons of one part, by primitive. */
export interface FaultyFaces {
  faults: Uint8Array[];
  noArea: number;
  doubled: number;
}

/** Flatter than this share of the part's size has no area: single precision tells no more. */
const FLAT = 1e-7;

/**
 * Finds polygons nobody can see: those without area, and those that lie on another of their primitive, corner on corner and the same
 * way round. What lies the other way round is the back of a sheet, and stays.
 */
export function listFaultyFaces(primitives: readonly Primitive[]): FaultyFaces {
  const faults = primitives.map((primitive) => (isTriangles(primitive) ? findFaults(primitive) : new Uint8Array()));
  const countOf = (fault: number): number =>
    faults.reduce((sum, flags) => sum + flags.reduce((n, flag) => n + (flag === fault ? 1 : 0), 0), 0);
  return { faults, noArea: countOf(FAULTS.noArea), doubled: countOf(FAULTS.doubled) };
}

function findFaults(primitive: Primitive): Uint8Array {
  const indices = listIndices(primitive);
  const starts = computePolygonStarts(primitive, indices.length / 3);
  const { positions, corners: pointOf } = mergePoints(
    Float32Array.from(readNumbers(primitive.getAttribute('POSITION')!)),
  );
  const least = FLAT * longestSide(positions);
  const faults = new Uint8Array(starts.length - 1);
  const seen = new RingSet(faults.length, indices.length);
  const points = indices.map((vertex) => pointOf[vertex]);
  for (let k = 0; k < faults.length; k++) {
    let hasArea = false;
    for (let t = starts[k]; t < starts[k + 1] && !hasArea; t++)
      hasArea = hasHeight(positions, points[t * 3], points[t * 3 + 1], points[t * 3 + 2], least);
    if (!hasArea) faults[k] = FAULTS.noArea;
    else if (!seen.add(listRing(points, starts[k], starts[k + 1]))) faults[k] = FAULTS.doubled;
  }
  return faults;
}

/** The points around a polygon, or of all its triangles where they form no ring. */
function listRing(points: Uint32Array, from: number, to: number): ArrayLike<number> {
  const triangles = points.subarray(from * 3, to * 3);
  return to - from === 1 ? triangles : (computePolygonOutline(points, from * 3, to - from) ?? triangles);
}

/** @returns true where a triangle is as high over its longest side as may be seen */
function hasHeight(p: Float32Array, a: number, b: number, c: number, least: number): boolean {
  if (a === b || b === c || c === a) return false;
  const [ux, uy, uz] = [p[b * 3] - p[a * 3], p[b * 3 + 1] - p[a * 3 + 1], p[b * 3 + 2] - p[a * 3 + 2]];
  const [vx, vy, vz] = [p[c * 3] - p[a * 3], p[c * 3 + 1] - p[a * 3 + 1], p[c * 3 + 2] - p[a * 3 + 2]];
  const [nx, ny, nz] = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
  const longest = max(
    ux * ux + uy * uy + uz * uz,
    vx * vx + vy * vy + vz * vz,
    (ux - vx) ** 2 + (uy - vy) ** 2 + (uz - vz) ** 2,
  );
  return sqrt(nx * nx + ny * ny + nz * nz) > least * sqrt(longest);
}

/** Polygons by their points and the way they go round, in a table of open addresses. */
class RingSet {
  readonly #mask: number;
  readonly #slots: Int32Array;
  /** All rings in a row, each from its lowest point on. */
  readonly #points: Int32Array;
  readonly #starts: Int32Array;
  #count = 0;

  constructor(most: number, corners: number) {
    this.#mask = 2 ** Math.ceil(Math.log2(Math.max(16, most * 2))) - 1;
    this.#slots = new Int32Array(this.#mask + 1).fill(-1);
    this.#points = new Int32Array(corners);
    this.#starts = new Int32Array(most + 1);
  }

  /** @returns false where it is there already */
  add(ring: ArrayLike<number>): boolean {
    const from = this.#starts[this.#count];
    const end = from + ring.length;
    let lowest = 0;
    for (let i = 1; i < ring.length; i++) if (ring[i] < ring[lowest]) lowest = i;
    let hash = ring.length;
    for (let i = 0; i < ring.length; i++) {
      // it does not matter where one begins
      const point = ring[(lowest + i) % ring.length];
      this.#points[from + i] = point;
      hash = Math.imul(hash ^ point, 0x9e3779b1);
      hash ^= hash >>> 15;
    }
    for (let slot = hash & this.#mask; ; slot = (slot + 1) & this.#mask) {
      const known = this.#slots[slot];
      if (known < 0) {
        this.#slots[slot] = this.#count++;
        this.#starts[this.#count] = end;
        return true;
      }
      if (this.#isSame(known, from, end)) return false;
    }
  }

  #isSame(known: number, from: number, end: number): boolean {
    const start = this.#starts[known];
    if (this.#starts[known + 1] - start !== end - from) return false;
    for (let i = 0; i < end - from; i++) if (this.#points[start + i] !== this.#points[from + i]) return false;
    return true;
  }
}

/** Takes faulty polygons out of a part. @returns how many went */
export function removeFaultyFaces(document: Document, part: Node): number {
  const mesh = part.getMesh();
  if (!mesh) return 0;
  const { faults } = listFaultyFaces(mesh.listPrimitives());
  const chosen = faults.map((flags) => flags.map((fault) => (fault === FAULTS.none ? 0 : 1)));
  return chosen.some((flags) => flags.includes(1)) ? separate(document, part, chosen, null).faces : 0;
}
