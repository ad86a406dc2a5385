import type { Document, Material, Mesh, Node, Primitive } from '@gltf-transform/core';
import { triangulatePolygon } from '../../geometry/triangulate';
import { createDocument } from '../../scene/document-io';
import { HaveldPolygons } from '../../scene/polygon-data';
import { setNodeSource } from '../../scene/source-data';
import { getShownScene } from '../../scene/traverse';
import { CornerTable } from './corner-table';
import type { ParsedObj } from './parse-obj';
import { computePolygonNormals, SmoothNormals } from './smooth-normals';

/** Builds the scene of an OBJ file: a node a part, a primitive a material, polygons and smoothing kept beside the triangles. */
export function buildObjDocument(
  obj: ParsedObj,
  materials: Map<string, Material>,
  document: Document = createDocument(),
): Document {
  const builder = new SceneBuilder(document, obj, materials);
  const runs = groupPolygons(obj);
  for (const [part, byMaterial] of runs) {
    const mesh = document.createMesh(partName(obj, part));
    for (const [material, polygons] of byMaterial)
      mesh.addPrimitive(builder.createPolygonPrimitive(material, polygons));
    builder.addNode(part, mesh);
  }
  builder.addElements();
  return document;
}

/** part → material → polygon numbers, all in file order. */
function groupPolygons(obj: ParsedObj): Map<number, Map<number, number[]>> {
  const runs = new Map<number, Map<number, number[]>>();
  for (let k = 0; k < obj.polygonSizes.length; k++) {
    const part = obj.polygonParts.data[k];
    const material = obj.polygonMaterials.data[k];
    let byMaterial = runs.get(part);
    if (!byMaterial) runs.set(part, (byMaterial = new Map<number, number[]>()));
    const polygons = byMaterial.get(material);
    if (polygons) polygons.push(k);
    else byMaterial.set(material, [k]);
  }
  return runs;
}

function partName(obj: ParsedObj, part: number): string {
  const { object, groups } = obj.parts[part];
  return groups.length > 0 ? groups.join(' ') : object;
}

class SceneBuilder {
  readonly #document: Document;
  readonly #obj: ParsedObj;
  readonly #materials: Map<string, Material>;
  readonly #polygons: HaveldPolygons;
  readonly #objectNodes = new Map<string, Node>();
  readonly #partNodes = new Map<number, Node>();
  readonly #cornerStarts: Int32Array;
  readonly #polygonNormals: Float64Array;
  #smooth: SmoothNormals | null = null;

  constructor(document: Document, obj: ParsedObj, materials: Map<string, Material>) {
    this.#document = document;
    this.#obj = obj;
    this.#materials = materials;
    this.#polygons = document.createExtension(HaveldPolygons);
    this.#cornerStarts = new Int32Array(obj.polygonSizes.length);
    for (let k = 1; k < this.#cornerStarts.length; k++) {
      this.#cornerStarts[k] = this.#cornerStarts[k - 1] + obj.polygonSizes.data[k - 1];
    }
    this.#polygonNormals = computePolygonNormals(obj);
  }

  addNode(part: number, mesh: Mesh): Node {
    const { object, groups } = this.#obj.parts[part];
    const siblings = this.#obj.parts.filter((other) => other.object === object).length;
    const node = this.#document.createNode(mesh.getName()).setMesh(mesh);
    if (groups.length > 0) setNodeSource(node, { groups });
    if (object !== '' && siblings > 1) this.#objectNode(object).addChild(node);
    else {
      if (object !== '') node.setName(object);
      getShownScene(this.#document).addChild(node);
    }
    this.#partNodes.set(part, node);
    return node;
  }

  #objectNode(object: string): Node {
    let node = this.#objectNodes.get(object);
    if (!node) {
      node = this.#document.createNode(object);
      getShownScene(this.#document).addChild(node);
      this.#objectNodes.set(object, node);
    }
    return node;
  }

  createPolygonPrimitive(materialIndex: number, polygons: number[]): Primitive {
    const { polygonSizes, polygonSmoothing, corners, positions, uvs, normals, colours, statesSmoothing } = this.#obj;
    let cornerCount = 0;
    let triangleCount = 0;
    for (const k of polygons) {
      cornerCount += polygonSizes.data[k];
      triangleCount += polygonSizes.data[k] - 2;
    }
    const table = new CornerTable(cornerCount);
    const dst = {
      position: new Float32Array(cornerCount * 3),
      normal: new Float32Array(cornerCount * 3),
      uv: new Float32Array(cornerCount * 2),
      colour: new Float32Array(colours.length > 0 ? cornerCount * 3 : 0),
    };
    const indices = new Uint32Array(triangleCount * 3);
    const sizes = new Uint16Array(polygons.length);
    const smoothing = new Uint32Array(polygons.length);
    let hasUv = false;
    let isTrianglesOnly = true;
    let points = new Float64Array(12);
    let ring = new Int32Array(6);
    let at = 0;
    polygons.forEach((k, ordinal) => {
      const size = polygonSizes.data[k];
      sizes[ordinal] = size;
      smoothing[ordinal] = polygonSmoothing.data[k];
      if (size > 3) isTrianglesOnly = false;
      if (points.length < size * 3) {
        points = new Float64Array(size * 3);
        ring = new Int32Array((size - 2) * 3);
      }
      const start = this.#cornerStarts[k];
      for (let i = 0; i < size; i++) {
        const v = corners.data[(start + i) * 3] * 3;
        points[i * 3] = positions.data[v];
        points[i * 3 + 1] = positions.data[v + 1];
        points[i * 3 + 2] = positions.data[v + 2];
      }
      const triangles = size === 3 ? 1 : triangulatePolygon(points, size, ring, 0);
      if (size === 3) ring.set([0, 1, 2]);
      for (let c = 0; c < triangles * 3; c++) {
        const corner = (start + ring[c]) * 3;
        const v = corners.data[corner];
        const t = corners.data[corner + 1];
        const n = corners.data[corner + 2];
        const group = smoothing[ordinal];
        // without a normal of its own a corner is one vertex a smoothing group, or one a face where smoothing is off
        const shade = n >= 0 ? 0 : group > 0 ? group : -1 - k;
        const before = table.count;
        const vertex = table.find(v, t, n, shade);
        indices[at++] = vertex;
        if (table.count === before) continue;
        dst.position.set(positions.data.subarray(v * 3, v * 3 + 3), vertex * 3);
        if (t >= 0) {
          hasUv = true;
          dst.uv[vertex * 2] = uvs.data[t * 2];
          // OBJ counts v upwards, glTF downwards (glTF 2.0, 3.8.2)
          dst.uv[vertex * 2 + 1] = 1 - uvs.data[t * 2 + 1];
        }
        if (dst.colour.length > 0) {
          for (let i = 0; i < 3; i++)
            dst.colour[vertex * 3 + i] = v * 3 + i < colours.length ? colours.data[v * 3 + i] : 1;
        }
        writeUnit(
          dst.normal,
          vertex * 3,
          n >= 0 ? normals.data.subarray(n * 3, n * 3 + 3) : this.#normalOf(k, v, group),
          this.#faceNormal(k),
        );
      }
    });
    const primitive = this.#document.createPrimitive();
    const buffer = this.#document.getRoot().listBuffers()[0] ?? this.#document.createBuffer();
    const add = (semantic: string, type: 'VEC2' | 'VEC3', array: Float32Array, width: number): void => {
      primitive.setAttribute(
        semantic,
        this.#document
          .createAccessor()
          .setType(type)
          .setArray(array.slice(0, table.count * width))
          .setBuffer(buffer),
      );
    };
    add('POSITION', 'VEC3', dst.position, 3);
    add('NORMAL', 'VEC3', dst.normal, 3);
    if (hasUv) add('TEXCOORD_0', 'VEC2', dst.uv, 2);
    if (dst.colour.length > 0) add('COLOR_0', 'VEC3', dst.colour, 3);
    primitive.setIndices(
      this.#document
        .createAccessor()
        .setType('SCALAR')
        .setArray(table.count < 65535 ? new Uint16Array(indices) : indices)
        .setBuffer(buffer),
    );
    const material = this.#materials.get(this.#obj.materials[materialIndex]);
    if (material) primitive.setMaterial(material);
    if (!isTrianglesOnly || statesSmoothing) {
      const data = this.#polygons.createPolygonData();
      const scalar = (array: Uint16Array | Uint32Array) =>
        this.#document
          .createAccessor()
          .setType('SCALAR')
          .setArray(array as Uint16Array<ArrayBuffer>)
          .setBuffer(buffer);
      if (!isTrianglesOnly) data.setSizes(scalar(sizes));
      if (statesSmoothing) data.setSmoothing(scalar(smoothing));
      primitive.setExtension('HAVELD_polygons', data);
    }
    return primitive;
  }

  #faceNormal(polygon: number): Float64Array {
    return this.#polygonNormals.subarray(polygon * 3, polygon * 3 + 3);
  }

  #normalOf(polygon: number, vertex: number, group: number): ArrayLike<number> {
    if (group === 0) return this.#faceNormal(polygon);
    this.#smooth ??= new SmoothNormals(this.#obj, this.#polygonNormals);
    return this.#smooth.get(vertex, group);
  }

  /** Lines and points stay what they are: primitives of glTF's modes 1 and 0. */
  addElements(): void {
    const { elementSizes, elementParts, elementVertices, positions } = this.#obj;
    const byPart = new Map<number, { lines: number[]; points: number[] }>();
    for (let e = 0, at = 0; e < elementSizes.length; e++) {
      const size = elementSizes.data[e];
      const part = elementParts.data[e];
      let found = byPart.get(part);
      if (!found) byPart.set(part, (found = { lines: [], points: [] }));
      const vertices = [...elementVertices.data.subarray(at, at + size)];
      if (size === 1) found.points.push(vertices[0]);
      else for (let i = 0; i + 1 < size; i++) found.lines.push(vertices[i], vertices[i + 1]);
      at += size;
    }
    const buffer = this.#document.getRoot().listBuffers()[0] ?? this.#document.createBuffer();
    for (const [part, { lines, points }] of byPart) {
      const node =
        this.#partNodes.get(part) ?? this.addNode(part, this.#document.createMesh(partName(this.#obj, part)));
      for (const [mode, vertices] of [
        [1, lines],
        [0, points],
      ] as const) {
        if (vertices.length === 0) continue;
        const array = new Float32Array(vertices.length * 3);
        vertices.forEach((v, i) => array.set(positions.data.subarray(v * 3, v * 3 + 3), i * 3));
        const accessor = this.#document.createAccessor().setType('VEC3').setArray(array).setBuffer(buffer);
        node.getMesh()!.addPrimitive(this.#document.createPrimitive().setMode(mode).setAttribute('POSITION', accessor));
      }
    }
  }
}

/** Writes a unit vector; where `src` has no length `fallback` stands in, and +Y where that has none either. */
function writeUnit(dst: Float32Array, at: number, src: ArrayLike<number>, fallback: ArrayLike<number>): void {
  const length = Math.hypot(src[0], src[1], src[2]);
  if (length > 1e-20) {
    for (let i = 0; i < 3; i++) dst[at + i] = src[i] / length;
    return;
  }
  const other = Math.hypot(fallback[0], fallback[1], fallback[2]);
  for (let i = 0; i < 3; i++) dst[at + i] = other > 1e-20 ? fallback[i] / other : i === 1 ? 1 : 0;
}
