import type { Document, Material, Mesh, Node } from '@gltf-transform/core';
import type { CornerLayer, PolygonMesh } from '../../geometry/polygon-mesh';
import { getBuffer, PrimitiveBuilder } from '../../scene/meshes/build-primitive';
import { createDocument } from '../../scene/document/document-io';
import { setNodeSource } from '../../scene/document/source-data';
import { getShownScene } from '../../scene/traverse';
import { GrowableInts } from '../../geometry/growable';
import type { ParsedObj } from './parse-obj';

/** Builds the scene of an OBJ file: a node a part, a primitive a material, polygons and smoothing kept beside the triangles. */
export function buildObjDocument(
  obj: ParsedObj,
  materials: Map<string, Material>,
  document: Document = createDocument(),
): Document {
  const nodes = new PartNodes(document, obj);
  const builder = new PrimitiveBuilder(document, toPolygonMesh(obj));
  for (const [part, byMaterial] of groupPolygons(obj)) {
    const mesh = document.createMesh(partName(obj, part));
    for (const [index, polygons] of byMaterial) {
      const { primitive } = builder.build(polygons);
      const material = materials.get(obj.materials[index]);
      if (material) primitive.setMaterial(material);
      mesh.addPrimitive(primitive);
    }
    nodes.add(part, mesh);
  }
  addElements(document, obj, nodes);
  return document;
}

function toPolygonMesh(obj: ParsedObj): PolygonMesh {
  return {
    positions: obj.positions.view(),
    corners: obj.corners.view(),
    sizes: obj.polygonSizes.view(),
    normals: obj.normals.length > 0 ? { width: 3, values: obj.normals.view(), index: obj.cornerNormals.view() } : null,
    uvs: obj.uvs.length > 0 ? [toLayout(obj)] : [],
    colours: obj.colours.length > 0 ? [toColours(obj)] : [],
    smoothing: obj.statesSmoothing ? { by: 'groups', ofPolygon: obj.polygonSmoothing.view() } : { by: 'none' },
  };
}

/** OBJ counts v upwards, glTF downwards (glTF 2.0, 3.8.2). */
function toLayout({ uvs, cornerUvs }: ParsedObj): CornerLayer {
  const values = Float32Array.from(uvs.view());
  for (let i = 1; i < values.length; i += 2) values[i] = 1 - values[i];
  return { width: 2, values, index: cornerUvs.view() };
}

/** Vertices behind the last coloured one are white. */
function toColours({ colours, positions, corners }: ParsedObj): CornerLayer {
  const values = new Float32Array(positions.length).fill(1);
  values.set(colours.view());
  return { width: 3, values, index: corners.view() };
}

/** part → material → polygon numbers, all in file order. */
function groupPolygons(obj: ParsedObj): Map<number, Map<number, Int32Array>> {
  const { polygonParts, polygonMaterials } = obj;
  const grown = new Map<number, Map<number, GrowableInts>>();
  for (let k = 0; k < obj.polygonSizes.length; k++) {
    const part = polygonParts.data[k];
    const material = polygonMaterials.data[k];
    let byMaterial = grown.get(part);
    if (!byMaterial) grown.set(part, (byMaterial = new Map<number, GrowableInts>()));
    let polygons = byMaterial.get(material);
    if (!polygons) byMaterial.set(material, (polygons = new GrowableInts(64)));
    polygons.push(k);
  }
  return new Map(
    [...grown].map(([part, byMaterial]) => [
      part,
      new Map([...byMaterial].map(([material, polygons]) => [material, polygons.view()])),
    ]),
  );
}

function partName(obj: ParsedObj, part: number): string {
  const { object, groups } = obj.parts[part];
  return groups.length > 0 ? groups.join(' ') : object;
}

/** A node a part; parts of one object hang under a node of its name. */
class PartNodes {
  readonly #document: Document;
  readonly #obj: ParsedObj;
  readonly #siblings = new Map<string, number>();
  readonly #objects = new Map<string, Node>();
  readonly #parts = new Map<number, Node>();

  constructor(document: Document, obj: ParsedObj) {
    this.#document = document;
    this.#obj = obj;
    for (const { object } of obj.parts) this.#siblings.set(object, (this.#siblings.get(object) ?? 0) + 1);
  }

  add(part: number, mesh: Mesh): Node {
    const { object, groups } = this.#obj.parts[part];
    const node = this.#document.createNode(mesh.getName()).setMesh(mesh);
    if (groups.length > 0) setNodeSource(node, { groups });
    if (object !== '' && this.#siblings.get(object)! > 1) this.#objectNode(object).addChild(node);
    else {
      if (object !== '') node.setName(object);
      getShownScene(this.#document).addChild(node);
    }
    this.#parts.set(part, node);
    return node;
  }

  get(part: number): Node {
    return this.#parts.get(part) ?? this.add(part, this.#document.createMesh(partName(this.#obj, part)));
  }

  #objectNode(object: string): Node {
    let node = this.#objects.get(object);
    if (!node) {
      node = this.#document.createNode(object);
      getShownScene(this.#document).addChild(node);
      this.#objects.set(object, node);
    }
    return node;
  }
}

/** Lines and points stay what they are: primitives of glTF's modes 1 and 0. */
function addElements(document: Document, obj: ParsedObj, nodes: PartNodes): void {
  const { elementSizes, elementParts, elementVertices, positions } = obj;
  const byPart = new Map<number, { lines: number[]; points: number[] }>();
  for (let e = 0, at = 0; e < elementSizes.length; e++) {
    const size = elementSizes.data[e];
    const part = elementParts.data[e];
    let found = byPart.get(part);
    if (!found) byPart.set(part, (found = { lines: [], points: [] }));
    const { data } = elementVertices;
    if (size === 1) found.points.push(data[at]);
    else for (let i = 0; i + 1 < size; i++) found.lines.push(data[at + i], data[at + i + 1]);
    at += size;
  }
  for (const [part, { lines, points }] of byPart) {
    const mesh = nodes.get(part).getMesh()!;
    for (const [mode, vertices] of [
      [1, lines],
      [0, points],
    ] as const) {
      if (vertices.length === 0) continue;
      const array = new Float32Array(vertices.length * 3);
      vertices.forEach((v, i) => {
        for (let axis = 0; axis < 3; axis++) array[i * 3 + axis] = positions.data[v * 3 + axis];
      });
      const accessor = document.createAccessor().setType('VEC3').setArray(array).setBuffer(getBuffer(document));
      mesh.addPrimitive(document.createPrimitive().setMode(mode).setAttribute('POSITION', accessor));
    }
  }
}
