import type { Document, Primitive } from '@gltf-transform/core';
import { completeNormals } from '../../geometry/corner-normals';
import { computeCornerStarts, type CornerLayer, type PolygonMesh } from '../../geometry/polygon-mesh';
import { triangulatePolygon } from '../../geometry/triangulate';
import { HaveldPolygons } from '../document/polygon-data';
import { setPrimitiveSource } from '../document/source-data';

const { sqrt } = Math;

/** A primitive, and where its vertices came from. */
export interface BuiltPrimitive {
  primitive: Primitive;
  /** Control point of each vertex. */
  sources: Int32Array;
  /** A corner of each vertex. */
  cornersOfVertices: Int32Array;
}

/**
 * Turns the polygons of one mesh into glTF primitives: corners that agree in everything become one vertex, polygons become
 * triangles in their order, and sizes, smoothing and creases are kept beside them.
 */
export class PrimitiveBuilder {
  readonly #document: Document;
  readonly #mesh: PolygonMesh;
  readonly #normals: CornerLayer;
  readonly #layers: CornerLayer[];
  readonly #starts: Int32Array;
  /** Newest vertex of a control point, valid where `#stamps` holds the present round. */
  readonly #heads: Int32Array;
  readonly #stamps: Int32Array;
  #round = 0;

  constructor(document: Document, mesh: PolygonMesh) {
    this.#document = document;
    this.#mesh = mesh;
    this.#normals = completeNormals(mesh);
    this.#layers = [this.#normals, ...mesh.uvs, ...mesh.colours];
    this.#starts = computeCornerStarts(mesh.sizes);
    this.#heads = new Int32Array(mesh.positions.length / 3);
    this.#stamps = new Int32Array(mesh.positions.length / 3);
  }

  /** @param polygons the ones to take, in order; all where left out */
  build(polygons?: ArrayLike<number>): BuiltPrimitive {
    const { sizes, corners } = this.#mesh;
    const count = polygons?.length ?? sizes.length;
    let cornerCount = 0;
    let largest = 3;
    for (let i = 0; i < count; i++) {
      const size = sizes[polygons ? polygons[i] : i];
      cornerCount += size;
      if (size > largest) largest = size;
    }
    const vertices = new Vertices(cornerCount);
    const indices = new Uint32Array((cornerCount - 2 * count) * 3);
    const ring = new Int32Array((largest - 2) * 3);
    const points = new Float64Array(largest * 3);
    const vertexOf = new Int32Array(largest);
    this.#round++;
    let at = 0;
    for (let i = 0; i < count; i++) {
      const k = polygons ? polygons[i] : i;
      const size = sizes[k];
      const start = this.#starts[k];
      for (let j = 0; j < size; j++) vertexOf[j] = this.#findVertex(start + j, vertices);
      if (size === 3) {
        indices[at++] = vertexOf[0];
        indices[at++] = vertexOf[1];
        indices[at++] = vertexOf[2];
        continue;
      }
      this.#gatherPoints(start, size, points);
      const triangles = triangulatePolygon(points, size, ring, 0);
      for (let c = 0; c < triangles * 3; c++) indices[at++] = vertexOf[ring[c]];
    }
    const cornersOfVertices = vertices.corners.slice(0, vertices.count);
    const sources = cornersOfVertices.map((c) => corners[c]);
    const primitive = this.#createPrimitive(cornersOfVertices, sources, indices);
    if (!this.#mesh.normals && this.#mesh.smoothing.by === 'none') setPrimitiveSource(primitive, { normals: 'none' });
    this.#keepPolygons(primitive, polygons, count, largest, indices, sources);
    return { primitive, sources, cornersOfVertices };
  }

  #gatherPoints(start: number, size: number, dst: Float64Array): void {
    const { positions, corners } = this.#mesh;
    for (let j = 0; j < size; j++) {
      const v = corners[start + j] * 3;
      dst[j * 3] = positions[v];
      dst[j * 3 + 1] = positions[v + 1];
      dst[j * 3 + 2] = positions[v + 2];
    }
  }

  #findVertex(corner: number, vertices: Vertices): number {
    const point = this.#mesh.corners[corner];
    const isKnown = this.#stamps[point] === this.#round;
    for (let u = isKnown ? this.#heads[point] : -1; u >= 0; u = vertices.next[u]) {
      if (this.#agree(corner, vertices.corners[u])) return u;
    }
    const vertex = vertices.count++;
    vertices.corners[vertex] = corner;
    vertices.next[vertex] = isKnown ? this.#heads[point] : -1;
    this.#heads[point] = vertex;
    this.#stamps[point] = this.#round;
    return vertex;
  }

  #agree(a: number, b: number): boolean {
    for (const { index, values, width } of this.#layers) {
      const i = index ? index[a] : a;
      const j = index ? index[b] : b;
      if (i === j) continue;
      if (i < 0 || j < 0) return false;
      for (let n = 0; n < width; n++) if (values[i * width + n] !== values[j * width + n]) return false;
    }
    return true;
  }

  #createPrimitive(vertexCorners: Int32Array, sources: Int32Array, indices: Uint32Array): Primitive {
    const { positions, uvs, colours } = this.#mesh;
    const primitive = this.#document.createPrimitive();
    const position = new Float32Array(sources.length * 3);
    for (let u = 0, o = 0; u < sources.length; u++) {
      const v = sources[u] * 3;
      position[o++] = positions[v];
      position[o++] = positions[v + 1];
      position[o++] = positions[v + 2];
    }
    const normal = gatherLayer(this.#normals, vertexCorners);
    makeUnit(normal, position, indices);
    this.#add(primitive, 'POSITION', position, 3);
    this.#add(primitive, 'NORMAL', normal, 3);
    // glTF 2.0, 3.7.2.1: sets are numbered without a gap
    const usedSets = uvs.map((layer) => hasAny(layer, vertexCorners)).lastIndexOf(true) + 1;
    uvs
      .slice(0, usedSets)
      .forEach((layer, set) => this.#add(primitive, `TEXCOORD_${set}`, gatherLayer(layer, vertexCorners), 2));
    const [colour] = colours.filter((layer) => hasAny(layer, vertexCorners));
    if (colour) this.#add(primitive, 'COLOR_0', gatherLayer(colour, vertexCorners), colour.width);
    colours
      .filter((layer) => layer !== colour)
      .forEach((layer, n) => this.#add(primitive, `_COLOR_${n + 1}`, gatherLayer(layer, vertexCorners), layer.width));
    primitive.setIndices(this.#scalar(sources.length < 65535 ? new Uint16Array(indices) : indices));
    return primitive;
  }

  #add(primitive: Primitive, semantic: string, array: Float32Array, width: number): void {
    const accessor = this.#document
      .createAccessor()
      .setType(`VEC${width}` as 'VEC2')
      .setArray(array as Float32Array<ArrayBuffer>)
      .setBuffer(getBuffer(this.#document));
    primitive.setAttribute(semantic, accessor);
  }

  #scalar(array: Uint16Array | Uint32Array | Float32Array) {
    return this.#document
      .createAccessor()
      .setType('SCALAR')
      .setArray(array as Uint16Array<ArrayBuffer>)
      .setBuffer(getBuffer(this.#document));
  }

  #keepPolygons(
    primitive: Primitive,
    polygons: ArrayLike<number> | undefined,
    count: number,
    largest: number,
    indices: Uint32Array,
    sources: Int32Array,
  ): void {
    const { sizes, smoothing } = this.#mesh;
    const creases = this.#listCreases(polygons, count, indices, sources);
    const hasGroups = smoothing.by === 'groups' || smoothing.by === 'bits';
    if (largest === 3 && !hasGroups && !creases) return;
    const data = this.#document.createExtension(HaveldPolygons).createPolygonData();
    const of = (i: number): number => (polygons ? polygons[i] : i);
    if (largest > 3) {
      const kept = largest > 65535 ? new Uint32Array(count) : new Uint16Array(count);
      for (let i = 0; i < count; i++) kept[i] = sizes[of(i)];
      data.setSizes(this.#scalar(kept));
    }
    if (hasGroups) {
      const kept = new Uint32Array(count);
      for (let i = 0; i < count; i++) kept[i] = smoothing.ofPolygon[of(i)];
      data.setSmoothing(this.#scalar(kept)).setSmoothingKind(smoothing.by);
    }
    if (creases) data.setCreases(this.#scalar(creases.edges), this.#scalar(creases.weights));
    primitive.setExtension('HAVELD_polygons', data);
  }

  /** Creased edges as pairs of this primitive's vertices, each edge once. */
  #listCreases(
    polygons: ArrayLike<number> | undefined,
    count: number,
    indices: Uint32Array,
    sources: Int32Array,
  ): { edges: Uint32Array; weights: Float32Array } | null {
    const { creases, sizes, corners } = this.#mesh;
    if (!creases) return null;
    const weightOf = new Map<string, number>();
    for (let i = 0; i < count; i++) {
      const k = polygons ? polygons[i] : i;
      for (let j = 0; j < sizes[k]; j++) {
        const weight = creases[this.#starts[k] + j];
        if (!(weight > 0)) continue;
        weightOf.set(edgeKey(corners[this.#starts[k] + j], corners[this.#starts[k] + ((j + 1) % sizes[k])]), weight);
      }
    }
    if (weightOf.size === 0) return null;
    const edges: number[] = [];
    const weights: number[] = [];
    for (let i = 0; i < indices.length; i++) {
      const a = indices[i];
      const b = indices[i % 3 === 2 ? i - 2 : i + 1];
      const key = edgeKey(sources[a], sources[b]);
      const weight = weightOf.get(key);
      if (weight === undefined) continue;
      weightOf.delete(key);
      edges.push(a, b);
      weights.push(weight);
    }
    return { edges: Uint32Array.from(edges), weights: Float32Array.from(weights) };
  }
}

/** Vertices of the primitive in the making: a corner of each, chained by control point. */
class Vertices {
  count = 0;
  readonly corners: Int32Array;
  readonly next: Int32Array;

  constructor(capacity: number) {
    this.corners = new Int32Array(capacity);
    this.next = new Int32Array(capacity);
  }
}

const edgeKey = (a: number, b: number): string => (a < b ? `${a} ${b}` : `${b} ${a}`);

/** The one buffer of a document. */
export const getBuffer = (document: Document) => document.getRoot().listBuffers()[0] ?? document.createBuffer();

function hasAny({ index }: CornerLayer, vertexCorners: Int32Array): boolean {
  return index === null || vertexCorners.some((c) => index[c] >= 0);
}

function gatherLayer({ index, values, width }: CornerLayer, vertexCorners: Int32Array): Float32Array {
  const dst = new Float32Array(vertexCorners.length * width);
  for (let u = 0, o = 0; u < vertexCorners.length; u++, o += width) {
    const at = (index ? index[vertexCorners[u]] : vertexCorners[u]) * width;
    if (at < 0) continue;
    for (let n = 0; n < width; n++) {
      const value = values[at + n];
      // a number that is none would make the whole file invalid
      dst[o + n] = value - value === 0 ? value : 0;
    }
  }
  return dst;
}

/** Makes normals unit vectors; one without length takes those of its triangles, and +Y where they have no area. */
function makeUnit(normal: Float32Array, position: Float32Array, indices: Uint32Array): void {
  let lacking = false;
  for (let o = 0; o < normal.length; o += 3) {
    const length = sqrt(normal[o] ** 2 + normal[o + 1] ** 2 + normal[o + 2] ** 2);
    if (length < 1e-12) {
      normal[o] = NaN;
      lacking = true;
      continue;
    }
    normal[o] /= length;
    normal[o + 1] /= length;
    normal[o + 2] /= length;
  }
  if (lacking) fillFromTriangles(normal, position, indices);
}

function fillFromTriangles(normal: Float32Array, position: Float32Array, indices: Uint32Array): void {
  const sums = new Map<number, [number, number, number]>();
  for (let i = 0; i < indices.length; i += 3) {
    const [a, b, c] = [indices[i] * 3, indices[i + 1] * 3, indices[i + 2] * 3];
    if (!(Number.isNaN(normal[a]) || Number.isNaN(normal[b]) || Number.isNaN(normal[c]))) continue;
    const [ux, uy, uz] = [0, 1, 2].map((n) => position[b + n] - position[a + n]);
    const [vx, vy, vz] = [0, 1, 2].map((n) => position[c + n] - position[a + n]);
    for (const at of [a, b, c]) {
      const sum = sums.get(at) ?? [0, 0, 0];
      sum[0] += uy * vz - uz * vy;
      sum[1] += uz * vx - ux * vz;
      sum[2] += ux * vy - uy * vx;
      sums.set(at, sum);
    }
  }
  for (let o = 0; o < normal.length; o += 3) {
    if (!Number.isNaN(normal[o])) continue;
    const [x, y, z] = sums.get(o) ?? [0, 0, 0];
    const length = sqrt(x * x + y * y + z * z);
    const isFlat = !(length > 1e-30);
    normal[o] = isFlat ? 0 : x / length;
    normal[o + 1] = isFlat ? 1 : y / length;
    normal[o + 2] = isFlat ? 0 : z / length;
  }
}
