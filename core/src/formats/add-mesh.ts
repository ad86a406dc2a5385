import type { Document, Material, Node } from '@gltf-transform/core';
import type { PolygonMesh } from '../geometry/polygon-mesh';
import { getBuffer, PrimitiveBuilder } from '../scene/meshes/build-primitive';

/** @returns a node that shows a mesh of one material; where it stands is for the caller */
export function createMeshNode(document: Document, name: string, mesh: PolygonMesh, material: Material | null): Node {
  const { primitive } = new PrimitiveBuilder(document, mesh).build();
  primitive.setMaterial(material);
  return document.createNode(name).setMesh(document.createMesh(name).addPrimitive(primitive));
}

/** @returns a node that shows points, with colours where there are any */
export function createPointsNode(
  document: Document,
  name: string,
  positions: Float32Array | Float64Array,
  colours: { values: Float32Array; width: number } | null,
): Node {
  const accessor = (type: 'VEC3' | 'VEC4', array: Float32Array) =>
    document
      .createAccessor()
      .setType(type)
      .setArray(array as Float32Array<ArrayBuffer>)
      .setBuffer(getBuffer(document));
  const primitive = document
    .createPrimitive()
    .setMode(0)
    .setAttribute('POSITION', accessor('VEC3', Float32Array.from(positions)));
  if (colours) primitive.setAttribute('COLOR_0', accessor(colours.width === 4 ? 'VEC4' : 'VEC3', colours.values));
  return document.createNode(name).setMesh(document.createMesh(name).addPrimitive(primitive));
}

/** A dull grey: what a format without materials is shown in. */
export function createPlainMaterial(document: Document, name: string): Material {
  return document.createMaterial(name).setRoughnessFactor(0.8).setMetallicFactor(0);
}
