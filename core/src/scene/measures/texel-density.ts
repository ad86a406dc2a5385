import type { vec2 } from '@gltf-transform/core';
import type { PlacedPart } from './placed-parts';
import { readUvs } from './read-uvs';

/**
 * Texel density of one surface.
 * @param uvArea unitless, 1 = the whole 0–1 tile
 * @param surfaceArea m², world space
 * @param textureSize [width, height] in texels
 * @returns texels per metre, or null where there is no surface or no layout
 * @throws {RangeError} if an area is negative or NaN
 */
export function computeTexelDensity(uvArea: number, surfaceArea: number, textureSize: vec2): number | null {
  if (!(uvArea >= 0) || !(surfaceArea >= 0)) {
    throw new RangeError(`computeTexelDensity: areas must be 0 or more, got ${uvArea} and ${surfaceArea}`);
  }
  if (surfaceArea === 0 || uvArea === 0) return null;
  return Math.sqrt((uvArea * textureSize[0] * textureSize[1]) / surfaceArea);
}

/** @returns area over all triangles of a primitive: UV unitless, surface in world units squared */
export function computeSurface({ positions, indices, corners, primitive }: PlacedPart): {
  uvArea: number;
  surfaceArea: number;
} {
  const uvs = readUvs(primitive);
  let uvArea = 0;
  let surfaceArea = 0;
  for (let c = 0; c + 2 < corners; c += 3) {
    const a = indices ? indices[c] : c;
    const b = indices ? indices[c + 1] : c + 1;
    const d = indices ? indices[c + 2] : c + 2;
    surfaceArea += triangleArea(positions, a * 3, b * 3, d * 3);
    if (!uvs) continue;
    const u1 = uvs[b * 2] - uvs[a * 2];
    const v1 = uvs[b * 2 + 1] - uvs[a * 2 + 1];
    const u2 = uvs[d * 2] - uvs[a * 2];
    const v2 = uvs[d * 2 + 1] - uvs[a * 2 + 1];
    uvArea += Math.abs(u1 * v2 - u2 * v1) / 2;
  }
  return { uvArea, surfaceArea };
}

/** Area of a triangle of a list of xyz; the corners are places in the list. */
export function triangleArea(p: Float64Array, a: number, b: number, c: number): number {
  const ux = p[b] - p[a];
  const uy = p[b + 1] - p[a + 1];
  const uz = p[b + 2] - p[a + 2];
  const vx = p[c] - p[a];
  const vy = p[c + 1] - p[a + 1];
  const vz = p[c + 2] - p[a + 2];
  const nx = uy * vz - uz * vy;
  const ny = uz * vx - ux * vz;
  const nz = ux * vy - uy * vx;
  return Math.sqrt(nx * nx + ny * ny + nz * nz) / 2;
}
