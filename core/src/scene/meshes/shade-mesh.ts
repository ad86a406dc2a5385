import { weldPrimitive } from '@gltf-transform/functions';
import type { Document, Mesh, Primitive } from '@gltf-transform/core';
import { computeCornerNormals } from '../../geometry/corner-normals';
import { mergePoints } from '../../geometry/merge-points';
import { computePolygonOutline } from '../../geometry/polygon-outline';
import type { SmoothingRule } from '../../geometry/polygon-mesh';
import { getBuffer } from './build-primitive';
import { listIndices } from './list-indices';
import { moveCreases } from './move-creases';
import { pickVertices } from './pick-vertices';
import { splitVertices } from './split-vertices';
import { getPolygonData } from '../document/polygon-data';
import { getPrimitiveSource, setPrimitiveSource } from '../document/source-data';
import { isTriangles } from '../traverse';

/** How a mesh is to be shaded: by the groups its source kept, or smooth below an angle. */
export type Shading = { from: 'groups' } | { from: 'angle'; degrees: number };

/**
 * Computes normals anew for a whole mesh, over the seams of its materials. Triangles and polygons keep their order; vertices
 * split where two surfaces meet and join where none do.
 * @param atMaterials true for a hard edge where two materials meet
 * @returns triangles that were shaded
 */
export function shadeMesh(document: Document, mesh: Mesh, shading: Shading, atMaterials = false): number {
  const primitives = mesh.listPrimitives().filter(isTriangles);
  if (!atMaterials) return shadePrimitives(document, primitives, shading);
  const materials = new Set(primitives.map((primitive) => primitive.getMaterial()));
  return [...materials].reduce(
    (sum, material) =>
      sum +
      shadePrimitives(
        document,
        primitives.filter((primitive) => primitive.getMaterial() === material),
        shading,
      ),
    0,
  );
}

/** As one surface. @returns triangles that were shaded */
function shadePrimitives(document: Document, primitives: readonly Primitive[], shading: Shading): number {
  const indices = primitives.map(listIndices);
  const corners = indices.reduce((sum, list) => sum + list.length, 0);
  if (corners === 0) return 0;
  const points = new Float32Array(corners * 3);
  let at = 0;
  let isBits = false;
  primitives.forEach((primitive, p) => {
    const position = primitive.getAttribute('POSITION')!;
    const element = [0, 0, 0];
    if (getPolygonData(primitive)?.getSmoothingKind() === 'bits') isBits = true;
    for (const vertex of indices[p]) points.set(position.getElement(vertex, element), at++ * 3);
  });
  const { positions, corners: merged } = mergePoints(points);
  const { rings, sizes, groups, ringOf } = gatherPolygons(primitives, indices, merged);
  const rule: SmoothingRule =
    shading.from === 'angle'
      ? { by: 'angle', degrees: shading.degrees }
      : { by: isBits ? 'bits' : 'groups', ofPolygon: groups };
  const ofRings = computeCornerNormals({ positions, corners: rings, sizes }, rule);
  const normals = new Float32Array(corners * 3);
  for (let c = 0; c < corners; c++)
    for (let axis = 0; axis < 3; axis++) normals[c * 3 + axis] = ofRings[ringOf[c] * 3 + axis];
  at = 0;
  primitives.forEach((primitive, p) => {
    setNormals(document, primitive, indices[p], normals.subarray(at * 3, (at + indices[p].length) * 3));
    at += indices[p].length;
  });
  return corners / 3;
}

interface Polygons {
  /** Point per corner of every polygon. */
  rings: Int32Array;
  sizes: Int32Array;
  /** Smoothing of each polygon. */
  groups: Uint32Array;
  /** The polygon's corner that each corner of a triangle stands on. */
  ringOf: Int32Array;
}

/** Puts the triangles of each polygon together again: a bent one shades as one all the same. */
function gatherPolygons(
  primitives: readonly Primitive[],
  indices: readonly Uint32Array[],
  pointOf: Int32Array,
): Polygons {
  const corners = pointOf.length;
  const rings = new Int32Array(corners);
  const sizes = new Int32Array(corners / 3);
  const groups = new Uint32Array(corners / 3);
  const ringOf = new Int32Array(corners);
  let [ringCount, polygons, first] = [0, 0, 0];
  primitives.forEach((primitive, p) => {
    const own = indices[p];
    const data = getPolygonData(primitive);
    const [kept, smoothing] = [data?.getSizes()?.getArray(), data?.getSmoothing()?.getArray()];
    for (let c = 0, k = 0; c < own.length; k++) {
      const triangles = Math.min(kept && k < kept.length ? kept[k] - 2 : 1, (own.length - c) / 3);
      const outline = computePolygonOutline(own, c, triangles);
      for (let t = 0; t < (outline ? 1 : triangles); t++) {
        const from = outline ? c : c + t * 3;
        const ring = outline ?? [own[from], own[from + 1], own[from + 2]];
        for (let i = from; i < from + (outline ? triangles : 1) * 3; i++) {
          ringOf[first + i] = ringCount + ring.indexOf(own[i]);
          rings[ringOf[first + i]] = pointOf[first + i];
        }
        groups[polygons] = smoothing?.[k] ?? 0;
        sizes[polygons++] = ring.length;
        ringCount += ring.length;
      }
      c += triangles * 3;
    }
    first += own.length;
  });
  return {
    rings: rings.subarray(0, ringCount),
    sizes: sizes.subarray(0, polygons),
    groups: groups.subarray(0, polygons),
    ringOf,
  };
}

/** One vertex for each old vertex and normal. */
function setNormals(document: Document, primitive: Primitive, indices: Uint32Array, normals: Float32Array): void {
  const { corners, dst } = splitVertices(indices, primitive.getAttribute('POSITION')!.getCount(), normals, 3);
  const count = corners.length;
  const sources = Int32Array.from({ length: count }, (_, u) => indices[corners[u]]);
  for (const semantic of primitive.listSemantics()) {
    // tangents follow normals: those of the old ones would be wrong
    const src = primitive.getAttribute(semantic)!;
    primitive.setAttribute(
      semantic,
      semantic === 'TANGENT' || semantic === 'NORMAL' ? null : pickVertices(src, sources),
    );
  }
  for (const target of primitive.listTargets())
    for (const semantic of target.listSemantics()) {
      const src = target.getAttribute(semantic)!;
      target.setAttribute(semantic, semantic === 'POSITION' ? pickVertices(src, sources) : null);
    }
  const normal = new Float32Array(count * 3);
  for (let u = 0; u < count; u++)
    for (let axis = 0; axis < 3; axis++) normal[u * 3 + axis] = normals[corners[u] * 3 + axis];
  fillLacking(normal);
  const buffer = getBuffer(document);
  primitive.setAttribute('NORMAL', document.createAccessor().setType('VEC3').setArray(normal).setBuffer(buffer));
  primitive.setIndices(document.createAccessor().setType('SCALAR').setArray(dst).setBuffer(buffer));
  moveCreases(primitive, indices, dst);
  if (getPrimitiveSource(primitive).normals) setPrimitiveSource(primitive, { normals: undefined });
  // creases name vertices by number, so such a primitive is not joined further
  if (!getPolygonData(primitive)?.getCreaseEdges()) weldPrimitive(primitive);
}

/** Slivers without area have no normal: they take the one glTF's validators are content with. */
function fillLacking(normal: Float32Array): void {
  for (let o = 0; o < normal.length; o += 3)
    if (normal[o] === 0 && normal[o + 1] === 0 && normal[o + 2] === 0) normal[o + 1] = 1;
}
