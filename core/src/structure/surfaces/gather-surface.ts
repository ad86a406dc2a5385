import type { Primitive } from '@gltf-transform/core';
import { buildEdgeTable, type EdgeTable } from '../../geometry/edge-table';
import { mergePoints } from '../../geometry/merge-points';
import { listIndices } from '../../scene/meshes/list-indices';
import { readNumbers } from '../../scene/meshes/read-numbers';
import { computePolygonStarts } from '../../scene/meshes/split-polygons';
import { isTriangles } from '../../scene/traverse';

/** A primitive's place in the surface it is part of. */
export interface SurfaceMember {
  primitive: Primitive;
  indices: Uint32Array<ArrayBuffer>;
  firstTriangle: number;
  firstPolygon: number;
}

/** All faces of a part as one surface, in the part's own space: seams of materials, layouts and smoothing tear nothing apart. */
export interface PartSurface {
  /** xyz of each place, once. */
  positions: Float32Array;
  /** The place of each corner, three corners a triangle. */
  points: Uint32Array;
  table: EdgeTable;
  /** Of each triangle. */
  polygonOf: Uint32Array;
  /** The first triangle of each polygon, and after them how many triangles there are. */
  polygonStarts: Uint32Array;
  members: SurfaceMember[];
}

/** @returns null where the primitives have no triangles */
export function gatherSurface(primitives: readonly Primitive[]): PartSurface | null {
  const members: SurfaceMember[] = [];
  const starts: Uint32Array[] = [];
  const places: ArrayLike<number>[] = [];
  let [triangles, polygons, vertices] = [0, 0, 0];
  for (const primitive of primitives) {
    if (!isTriangles(primitive)) continue;
    const indices = listIndices(primitive);
    if (indices.length === 0) continue;
    members.push({ primitive, indices, firstTriangle: triangles, firstPolygon: polygons });
    const own = computePolygonStarts(primitive, indices.length / 3);
    starts.push(own);
    polygons += own.length - 1;
    triangles += indices.length / 3;
    const position = readNumbers(primitive.getAttribute('POSITION')!);
    places.push(position);
    vertices += position.length / 3;
  }
  if (triangles === 0) return null;
  const all = new Float32Array(vertices * 3);
  for (let m = 0, at = 0; m < places.length; at += places[m++].length) all.set(places[m], at);
  const { positions, corners } = mergePoints(all);
  const points = new Uint32Array(triangles * 3);
  const polygonStarts = new Uint32Array(polygons + 1);
  const polygonOf = new Uint32Array(triangles);
  let firstVertex = 0;
  members.forEach(({ indices, firstTriangle, firstPolygon }, m) => {
    for (let c = 0, at = firstTriangle * 3; c < indices.length; c++, at++)
      points[at] = corners[firstVertex + indices[c]];
    firstVertex += places[m].length / 3;
    for (let k = 0; k + 1 < starts[m].length; k++) {
      polygonStarts[firstPolygon + k] = firstTriangle + starts[m][k];
      for (let t = starts[m][k]; t < starts[m][k + 1]; t++) polygonOf[firstTriangle + t] = firstPolygon + k;
    }
  });
  polygonStarts[polygons] = triangles;
  return { positions, points, table: buildEdgeTable(points, positions.length / 3), polygonOf, polygonStarts, members };
}
