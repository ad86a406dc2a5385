import type { Document, Material, Primitive } from '@gltf-transform/core';
import { listMeshInstances, countTriangles, type MeshInstance } from '../scene/traverse';
import { computeWorldPositions } from '../scene/world-positions';
import { triangleArea } from './texel-density';
import { coverTriangle, createCover, readUvs, signedUvArea } from './uv-cover';

/** Rows and columns the layout is drawn into to find what lies on what. */
const COVER_SIDE = 512;
/** A layout that fills its tile so many times over lies on itself: what comes after is not drawn. */
const MOST_COVERED = 64 * COVER_SIDE ** 2;
/** UVs this far outside the tile are a seam's rounding. */
const EDGE = 1e-3;

/** How a material lies on its pictures. Areas of surface in world units squared, of the layout in tiles. */
export interface UvLayout {
  triangles: number;
  /** Triangles without any UV. */
  bare: number;
  surfaceArea: number;
  uvArea: number;
  /** Share of the surface whose layout has no area. */
  degenerate: number;
  /** Share of the layout that is mirrored. */
  flipped: number;
  /** Share of the surface that reaches out of the first tile; tiles it reaches, u then v. */
  outside: number;
  tiles: string[];
  /** Share of the covered layout that is covered more than once, in the first tile alone. */
  overlapping: number;
  /** Square root of layout over surface, by surface: lowest twentieth, middle, highest twentieth; null without surface. */
  density: { low: number; median: number; high: number } | null;
}

/** @returns one layout a material that surfaces use, in the document's order; null stands for faces without one */
export function describeLayouts(
  document: Document,
  instances: readonly MeshInstance[] = listMeshInstances(document),
): Map<Material | null, UvLayout> {
  const parts = new Map<Material | null, { instance: MeshInstance; primitive: Primitive }[]>();
  for (const instance of instances)
    for (const primitive of instance.mesh.listPrimitives()) {
      if (countTriangles(primitive) === 0) continue;
      const material = primitive.getMaterial();
      parts.set(material, [...(parts.get(material) ?? []), { instance, primitive }]);
    }
  return new Map([...parts].map(([material, used]) => [material, describeLayout(used)]));
}

interface Sums {
  bare: number;
  degenerate: number;
  flipped: number;
  outside: number;
  tiles: Map<string, number>;
  densities: { density: number; area: number }[];
}

function describeLayout(used: readonly { instance: MeshInstance; primitive: Primitive }[]): UvLayout {
  const sums: Sums = { bare: 0, degenerate: 0, flipped: 0, outside: 0, tiles: new Map(), densities: [] };
  const cover = createCover(COVER_SIDE);
  const drawn = new Set<Primitive>();
  let [triangles, surfaceArea, uvArea, drawnCells] = [0, 0, 0, 0];
  for (const { instance, primitive } of used) {
    const positions = computeWorldPositions(instance, primitive);
    const uv = readUvs(primitive);
    const indices = primitive.getIndices()?.getArray();
    const corners = indices?.length ?? positions.length / 3;
    // a mesh that stands in several places lies on the same texels on purpose
    const isFirst = !drawn.has(primitive);
    drawn.add(primitive);
    for (let c = 0; c + 2 < corners; c += 3) {
      const [a, b, d] = indices ? [indices[c], indices[c + 1], indices[c + 2]] : [c, c + 1, c + 2];
      const surface = triangleArea(positions, a * 3, b * 3, d * 3);
      triangles++;
      surfaceArea += surface;
      if (!uv) {
        sums.bare++;
        continue;
      }
      const signed = signedUvArea(uv, a, b, d);
      uvArea += Math.abs(signed);
      addTriangle(sums, uv, [a, b, d], signed, surface);
      if (isFirst && drawnCells < MOST_COVERED) drawnCells += coverTriangle(cover, uv, a, b, d);
    }
  }
  const covered = cover.times.reduce((count, times) => count + (times > 0 ? 1 : 0), 0);
  const twice = cover.times.reduce((count, times) => count + (times > 1 ? 1 : 0), 0);
  return {
    triangles,
    bare: sums.bare,
    surfaceArea,
    uvArea,
    degenerate: surfaceArea > 0 ? sums.degenerate / surfaceArea : 0,
    flipped: uvArea > 0 ? sums.flipped / uvArea : 0,
    outside: surfaceArea > 0 ? sums.outside / surfaceArea : 0,
    tiles: [...sums.tiles].sort((x, y) => y[1] - x[1]).map(([tile]) => tile),
    overlapping: covered > 0 ? twice / covered : 0,
    density: describeDensity(sums.densities),
  };
}

function addTriangle(sums: Sums, uv: Float32Array, corners: number[], signed: number, surface: number): void {
  const area = Math.abs(signed);
  if (surface > 0 && area < surface * 1e-12) sums.degenerate += surface;
  else if (surface > 0) sums.densities.push({ density: Math.sqrt(area / surface), area: surface });
  // v runs down a picture in glTF: what is not mirrored turns the other way
  if (signed > 0) sums.flipped += area;
  const u = corners.map((corner) => uv[corner * 2]);
  const v = corners.map((corner) => uv[corner * 2 + 1]);
  if (Math.min(...u, ...v) < -EDGE || Math.max(...u, ...v) > 1 + EDGE) sums.outside += surface;
  const tile = `${Math.floor((u[0] + u[1] + u[2]) / 3)},${Math.floor((v[0] + v[1] + v[2]) / 3)}`;
  sums.tiles.set(tile, (sums.tiles.get(tile) ?? 0) + surface);
}

function describeDensity(all: { density: number; area: number }[]): UvLayout['density'] {
  if (all.length === 0) return null;
  const sorted = [...all].sort((a, b) => a.density - b.density);
  const total = sorted.reduce((sum, { area }) => sum + area, 0);
  const at = (share: number): number => {
    let sum = 0;
    for (const { density, area } of sorted) {
      sum += area;
      if (sum >= total * share) return density;
    }
    return sorted[sorted.length - 1].density;
  };
  return { low: at(0.05), median: at(0.5), high: at(0.95) };
}
