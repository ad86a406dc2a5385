import type { Mesh, Primitive } from '@gltf-transform/core';
import { mergePoints } from '../geometry/merge-points';
import { getPrimitiveSource } from './source-data';
import { isTriangles } from './traverse';

const { sqrt, cos, PI } = Math;

/** Below this angle a surface is usually meant to be round (common practice, no source). */
export const ROUND_DEGREES = 40;

/** An edge flatter than this does not show. */
const FLAT_DEGREES = 1;

/** @returns true where the source says nothing of how a primitive is shaded */
export const isUnshaded = (primitive: Primitive): boolean =>
  isTriangles(primitive) && (!primitive.getAttribute('NORMAL') || getPrimitiveSource(primitive).normals === 'none');

/**
 * Counts the edges that show as facets though the surface hardly bends there.
 * @param degrees two triangles that meet at less than this are meant to be one round surface
 */
export function countFacetedEdges(mesh: Mesh, degrees: number): number {
  const triangles = gatherTriangles(mesh.listPrimitives().filter(isUnshaded));
  const { corners, positions } = mergePoints(triangles);
  const normals = new Float64Array(corners.length);
  for (let t = 0; t < corners.length; t += 3) {
    const [a, b, c] = [corners[t] * 3, corners[t + 1] * 3, corners[t + 2] * 3];
    const [ux, uy, uz] = [
      positions[b] - positions[a],
      positions[b + 1] - positions[a + 1],
      positions[b + 2] - positions[a + 2],
    ];
    const [vx, vy, vz] = [
      positions[c] - positions[a],
      positions[c + 1] - positions[a + 1],
      positions[c + 2] - positions[a + 2],
    ];
    const [x, y, z] = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
    const length = sqrt(x * x + y * y + z * z) || 1;
    normals[t] = x / length;
    normals[t + 1] = y / length;
    normals[t + 2] = z / length;
  }
  const [least, most] = [cos((FLAT_DEGREES * PI) / 180), cos((degrees * PI) / 180)];
  // the first triangle of each edge, chained by the edge's lower point
  const heads = new Int32Array(positions.length / 3).fill(-1);
  const next = new Int32Array(corners.length);
  const upper = new Int32Array(corners.length);
  let faceted = 0;
  for (let c = 0; c < corners.length; c++) {
    const t = c - (c % 3);
    const a = corners[c];
    const b = corners[t + ((c + 1) % 3)];
    const low = a < b ? a : b;
    upper[c] = a < b ? b : a;
    let other = heads[low];
    while (other >= 0 && upper[other] !== upper[c]) other = next[other];
    if (other < 0) {
      next[c] = heads[low];
      heads[low] = c;
      continue;
    }
    const s = other - (other % 3);
    const along = normals[t] * normals[s] + normals[t + 1] * normals[s + 1] + normals[t + 2] * normals[s + 2];
    if (along < least && along > most) faceted++;
  }
  return faceted;
}

/** xyz per corner of every triangle. */
function gatherTriangles(primitives: readonly Primitive[]): Float32Array {
  const parts = primitives.map((primitive) => {
    const position = primitive.getAttribute('POSITION')!;
    const indices = primitive.getIndices()?.getArray();
    const count = indices?.length ?? position.getCount();
    const dst = new Float32Array(count * 3);
    const element = [0, 0, 0];
    for (let c = 0; c < count; c++) dst.set(position.getElement(indices ? indices[c] : c, element), c * 3);
    return dst;
  });
  const all = new Float32Array(parts.reduce((sum, part) => sum + part.length, 0));
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return all;
}
