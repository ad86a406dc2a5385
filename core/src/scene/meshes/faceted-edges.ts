import type { Accessor, Mesh, Primitive } from '@gltf-transform/core';
import { mergePoints } from '../../geometry/merge-points';
import { getPrimitiveSource } from '../document/source-data';
import { isTriangles } from '../traverse';

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
  const { corners, positions } = joinTriangles(mesh.listPrimitives().filter(isUnshaded));
  const normals = new Float64Array(corners.length);
  for (let t = 0; t < corners.length; t += 3) {
    const a = corners[t] * 3;
    const b = corners[t + 1] * 3;
    const c = corners[t + 2] * 3;
    const ux = positions[b] - positions[a];
    const uy = positions[b + 1] - positions[a + 1];
    const uz = positions[b + 2] - positions[a + 2];
    const vx = positions[c] - positions[a];
    const vy = positions[c + 1] - positions[a + 1];
    const vz = positions[c + 2] - positions[a + 2];
    const x = uy * vz - uz * vy;
    const y = uz * vx - ux * vz;
    const z = ux * vy - uy * vx;
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

/** Triangles of some primitives over shared points: vertices at one place are one point, whatever else they carry. */
function joinTriangles(primitives: readonly Primitive[]): { positions: Float32Array; corners: Int32Array } {
  const parts = primitives.map((primitive) => ({
    vertices: readPositions(primitive.getAttribute('POSITION')!),
    indices: primitive.getIndices()?.getArray() ?? null,
  }));
  const vertices = concatenate(parts.map((part) => part.vertices));
  const { positions, corners: pointOf } = mergePoints(vertices);
  const count = parts.reduce((sum, part) => sum + (part.indices?.length ?? part.vertices.length / 3), 0);
  const corners = new Int32Array(count - (count % 3));
  let [c, from] = [0, 0];
  for (const { vertices: own, indices } of parts) {
    const length = indices?.length ?? own.length / 3;
    for (let i = 0; i < length && c < corners.length; i++) corners[c++] = pointOf[from + (indices ? indices[i] : i)];
    from += own.length / 3;
  }
  return { positions, corners };
}

function readPositions(accessor: Accessor): Float32Array {
  const array = accessor.getArray();
  if (array instanceof Float32Array) return array;
  const dst = new Float32Array(accessor.getCount() * 3);
  const element = [0, 0, 0];
  for (let i = 0; i < accessor.getCount(); i++) dst.set(accessor.getElement(i, element), i * 3);
  return dst;
}

function concatenate(parts: readonly Float32Array[]): Float32Array {
  const all = new Float32Array(parts.reduce((sum, part) => sum + part.length, 0));
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return all;
}
