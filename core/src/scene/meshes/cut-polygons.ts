import type { Accessor, Document, Primitive } from '@gltf-transform/core';
import { computePolygonOutline } from '../../geometry/polygon-outline';
import { triangulatePolygon } from '../../geometry/triangulate';
import { getPolygonData, HaveldPolygons } from '../document/polygon-data';
import { createScalars } from './create-scalars';
import { listIndices } from './list-indices';
import { readNumbers } from './read-numbers';
import { setVertices } from './set-vertices';
import { computePolygonStarts } from './split-polygons';

/** The unit normal of a plane and how far it lies from the origin along it. */
export type Plane = readonly [number, number, number, number];

/** Vertices nearer to a plane than this share of the longest side lie on it. Ours. */
const ON_PLANE = 1e-6;

/**
 * Cuts the polygons of a primitive where a plane goes through them, in place: each piece keeps its material, smoothing and crease, and
 * what its vertices hold is mixed along the edges that are cut.
 * @param plane in the primitive's space
 * @returns 1 for each polygon that then lies before the plane, 0 for one behind it or in it
 */
export function cutPolygons(document: Document, primitive: Primitive, plane: Plane): Uint8Array {
  const positions = readNumbers(primitive.getAttribute('POSITION')!);
  const reach = measureReach(positions, plane);
  const cut = new Cut(primitive, positions, reach);
  if (cut.vertices.length > 0) cut.write(document);
  return Uint8Array.from(cut.sides);
}

function measureReach(positions: ArrayLike<number>, [nx, ny, nz, d]: Plane): Float64Array {
  const reach = new Float64Array(positions.length / 3);
  let longest = 0;
  for (let axis = 0; axis < 3; axis++) {
    let [low, high] = [Infinity, -Infinity];
    for (let o = axis; o < positions.length; o += 3) {
      low = Math.min(low, positions[o]);
      high = Math.max(high, positions[o]);
    }
    longest = Math.max(longest, high - low);
  }
  for (let v = 0; v < reach.length; v++) {
    const far = nx * positions[v * 3] + ny * positions[v * 3 + 1] + nz * positions[v * 3 + 2] - d;
    reach[v] = Math.abs(far) <= ON_PLANE * longest ? 0 : far;
  }
  return reach;
}

/** The polygons there will be. */
class Cut {
  /** Between which two vertices each new one lies, and at what share of the way. */
  readonly vertices: { from: number; to: number; at: number }[] = [];
  readonly sides: number[] = [];
  readonly #indices: number[] = [];
  readonly #sizes: number[] = [];
  /** The polygon each came from. */
  readonly #sources: number[] = [];
  readonly #known = new Map<number, number>();
  readonly #primitive: Primitive;
  readonly #positions: ArrayLike<number>;
  readonly #reach: Float64Array;
  readonly #count: number;

  constructor(primitive: Primitive, positions: ArrayLike<number>, reach: Float64Array) {
    this.#primitive = primitive;
    this.#positions = positions;
    this.#reach = reach;
    this.#count = reach.length;
    const indices = listIndices(primitive);
    const starts = computePolygonStarts(primitive, indices.length / 3);
    for (let k = 0; k + 1 < starts.length; k++) {
      const [from, to] = [starts[k] * 3, starts[k + 1] * 3];
      let [before, behind] = [false, false];
      for (let c = from; c < to; c++) {
        if (reach[indices[c]] > 0) before = true;
        else if (reach[indices[c]] < 0) behind = true;
      }
      if (!before || !behind) this.#keep(indices, from, to, k, before);
      else this.#cutOne(indices, from, to, k);
    }
  }

  #keep(indices: Uint32Array, from: number, to: number, source: number, isBefore: boolean): void {
    for (let c = from; c < to; c++) this.#indices.push(indices[c]);
    this.#note((to - from) / 3 + 2, source, isBefore);
  }

  #note(size: number, source: number, isBefore: boolean): void {
    this.#sizes.push(size);
    this.#sources.push(source);
    this.sides.push(isBefore ? 1 : 0);
  }

  /** Whole where its outline crosses the plane twice, else triangle by triangle. */
  #cutOne(indices: Uint32Array, from: number, to: number, source: number): void {
    const outline = computePolygonOutline(indices, from, (to - from) / 3);
    if (outline && this.#countCrossings(outline) === 2) return this.#halve(outline, source);
    for (let c = from; c < to; c += 3) {
      const triangle = [indices[c], indices[c + 1], indices[c + 2]];
      const sides = triangle.map((v) => Math.sign(this.#reach[v]));
      if (sides.includes(1) && sides.includes(-1)) this.#halve(triangle, source);
      else this.#keep(indices, c, c + 3, source, sides.includes(1));
    }
  }

  #countCrossings(outline: readonly number[]): number {
    const sides = outline.map((v) => Math.sign(this.#reach[v])).filter((side) => side !== 0);
    return sides.filter((side, i) => side !== sides[(i + 1) % sides.length]).length;
  }

  #halve(outline: readonly number[], source: number): void {
    const halves: number[][] = [[], []];
    outline.forEach((v, i) => {
      const w = outline[(i + 1) % outline.length];
      const [here, there] = [this.#reach[v], this.#reach[w]];
      if (here >= 0) halves[0].push(v);
      if (here <= 0) halves[1].push(v);
      if (here * there < 0) {
        const between = this.#between(v, w);
        halves[0].push(between);
        halves[1].push(between);
      }
    });
    halves.forEach((half, i) => half.length > 2 && this.#add(half, source, i === 0));
  }

  /** The vertex where an edge meets the plane, one for both polygons at it. */
  #between(a: number, b: number): number {
    const [from, to] = a < b ? [a, b] : [b, a];
    const key = from * this.#count + to;
    const known = this.#known.get(key);
    if (known !== undefined) return known;
    const vertex = this.#count + this.vertices.length;
    const [here, there] = [this.#reach[from], this.#reach[to]];
    this.vertices.push({ from, to, at: here / (here - there) });
    this.#known.set(key, vertex);
    return vertex;
  }

  #add(ring: readonly number[], source: number, isBefore: boolean): void {
    const places = Float64Array.from(ring.flatMap((v) => this.#placeOf(v)));
    const triangles = new Int32Array((ring.length - 2) * 3);
    triangulatePolygon(places, ring.length, triangles, 0);
    for (const corner of triangles) this.#indices.push(ring[corner]);
    this.#note(ring.length, source, isBefore);
  }

  #placeOf(vertex: number): number[] {
    const p = this.#positions;
    if (vertex < this.#count) return [0, 1, 2].map((axis) => p[vertex * 3 + axis]);
    const { from, to, at } = this.vertices[vertex - this.#count];
    return [0, 1, 2].map((axis) => p[from * 3 + axis] + at * (p[to * 3 + axis] - p[from * 3 + axis]));
  }

  write(document: Document): void {
    const primitive = this.#primitive;
    const picked = new Int32Array(this.#count + this.vertices.length);
    for (let v = 0; v < this.#count; v++) picked[v] = v;
    this.vertices.forEach(({ from, to, at }, i) => (picked[this.#count + i] = at < 0.5 ? from : to));
    setVertices(primitive, picked);
    for (const semantic of primitive.listSemantics()) this.#mix(semantic, primitive.getAttribute(semantic)!);
    for (const target of primitive.listTargets())
      for (const semantic of target.listSemantics()) this.#mix(`target ${semantic}`, target.getAttribute(semantic)!);
    const isShort = picked.length < 65535;
    primitive.setIndices(
      createScalars(document, isShort ? Uint16Array.from(this.#indices) : Uint32Array.from(this.#indices)),
    );
    this.#writePolygons(document);
  }

  #mix(semantic: string, attribute: Accessor): void {
    // whom a vertex follows is no number between two others
    if (/^(JOINTS|WEIGHTS)_/.test(semantic)) return;
    const [a, b]: number[][] = [[], []];
    this.vertices.forEach(({ from, to, at }, i) => {
      attribute.getElement(from, a);
      attribute.getElement(to, b);
      const mixed = a.map((v, n) => v + at * (b[n] - v));
      if (semantic === 'NORMAL' || semantic === 'TANGENT') {
        const length = Math.hypot(mixed[0], mixed[1], mixed[2]) || 1;
        for (let n = 0; n < 3; n++) mixed[n] /= length;
        if (semantic === 'TANGENT') mixed[3] = a[3];
      }
      attribute.setElement(this.#count + i, mixed);
    });
  }

  #writePolygons(document: Document): void {
    const data = getPolygonData(this.#primitive);
    if (!data && this.#sizes.every((size) => size === 3)) return;
    const kept = data?.clone() ?? document.createExtension(HaveldPolygons).createPolygonData();
    kept.setSizes(createScalars(document, Uint32Array.from(this.#sizes)));
    const smoothing = data?.getSmoothing()?.getArray();
    if (smoothing)
      kept.setSmoothing(
        createScalars(
          document,
          Uint32Array.from(this.#sources, (k) => smoothing[k]),
        ),
      );
    const edges = data?.getCreaseEdges()?.getArray();
    const weights = data?.getCreaseWeights()?.getArray();
    if (edges && weights) {
      const pairs: number[] = [];
      const values: number[] = [];
      for (let e = 0; e < weights.length; e++) {
        const [a, b] = [edges[e * 2], edges[e * 2 + 1]];
        const middle = this.#known.get(Math.min(a, b) * this.#count + Math.max(a, b));
        pairs.push(...(middle === undefined ? [a, b] : [a, middle, middle, b]));
        values.push(...(middle === undefined ? [weights[e]] : [weights[e], weights[e]]));
      }
      kept.setCreases(
        createScalars(document, Uint32Array.from(pairs)),
        createScalars(document, Float32Array.from(values)),
      );
    }
    this.#primitive.setExtension(HaveldPolygons.EXTENSION_NAME, kept);
  }
}
