import type { Material, Primitive } from '@gltf-transform/core';
import { findWeightedQuantiles } from '../../geometry/weighted-quantiles';
import type { PlacedPart } from '../../scene/measures/placed-parts';
import { triangleArea } from '../../scene/measures/texel-density';
import { readUvs } from '../../scene/measures/read-uvs';
import { coverTriangle, createCover, signedUvArea, type UvCover } from './uv-cover';

/** Rows and columns the layout is drawn into to find what lies on what. */
const COVER_SIDE = 512;

/** A layout that fills its tile so many times over lies on itself: what comes after is not drawn. */
const MOST_COVERED = 64 * COVER_SIDE ** 2;

/**
 * Triangles whose density is kept, about: of more, every so manieth. A share of so many drawn at random is off by 0.9 % of the surface in
 * one case of a million at worst (Dvoretzky, Kiefer and Wolfowitz 1956, with Massart's constant).
 */
const MOST_MEASURED = 100_000;

/** UVs this far outside the tile are a seam's rounding. */
const EDGE = 1e-3;

/** So many times as fine as its coarsest twentieth, a surface is uneven. Ours. */
export const FINER_TIMES = 8;

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

/** @returns one layout a material that surfaces use, in the order of the parts; null stands for faces without one */
export function describeLayouts(parts: readonly PlacedPart[]): Map<Material | null, UvLayout> {
  const byMaterial = new Map<Material | null, PlacedPart[]>();
  for (const part of parts) {
    if (part.corners < 3) continue;
    const material = part.primitive.getMaterial();
    const used = byMaterial.get(material);
    if (used) used.push(part);
    else byMaterial.set(material, [part]);
  }
  return new Map([...byMaterial].map(([material, used]) => [material, describeLayout(used)]));
}

interface Sums {
  surfaceArea: number;
  uvArea: number;
  degenerate: number;
  flipped: number;
  outside: number;
  tiles: Tiles;
  /** Of triangles with a layout, as many as `measured`. */
  density: Float64Array;
  area: Float64Array;
  measured: number;
  /** Every so manieth triangle is measured: odd, so that both halves of squares are. */
  every: number;
}

function describeLayout(used: readonly PlacedPart[]): UvLayout {
  const triangles = used.reduce((sum, { corners }) => sum + Math.floor(corners / 3), 0);
  const every = Math.ceil(triangles / MOST_MEASURED) | 1;
  const sums: Sums = {
    surfaceArea: 0,
    uvArea: 0,
    degenerate: 0,
    flipped: 0,
    outside: 0,
    tiles: new Tiles(),
    density: new Float64Array(Math.ceil(triangles / every) + used.length),
    area: new Float64Array(Math.ceil(triangles / every) + used.length),
    measured: 0,
    every,
  };
  const cover = createCover(COVER_SIDE);
  const drawn = new Set<Primitive>();
  let [bare, drawnCells] = [0, 0];
  for (const part of used) {
    const uv = readUvs(part.primitive);
    if (!uv) {
      bare += Math.floor(part.corners / 3);
      sums.surfaceArea += measureArea(part);
      continue;
    }
    addPart(sums, part, uv);
    // a mesh that stands in several places lies on the same texels on purpose
    if (!drawn.has(part.primitive)) drawnCells += coverPart(cover, part, uv, MOST_COVERED - drawnCells);
    drawn.add(part.primitive);
  }
  const { surfaceArea, uvArea, degenerate, flipped, outside, tiles } = sums;
  return {
    triangles,
    bare,
    surfaceArea,
    uvArea,
    degenerate: surfaceArea > 0 ? degenerate / surfaceArea : 0,
    flipped: uvArea > 0 ? flipped / uvArea : 0,
    outside: surfaceArea > 0 ? outside / surfaceArea : 0,
    tiles: tiles.list(),
    overlapping: drawn.size > 0 ? measureOverlap(cover.times) : 0,
    density: describeDensity(sums),
  };
}

function measureArea({ positions, indices, corners }: PlacedPart): number {
  let sum = 0;
  for (let c = 0; c + 2 < corners; c += 3)
    sum += indices
      ? triangleArea(positions, indices[c] * 3, indices[c + 1] * 3, indices[c + 2] * 3)
      : triangleArea(positions, c * 3, c * 3 + 3, c * 3 + 6);
  return sum;
}

function addPart(sums: Sums, { positions, indices, corners }: PlacedPart, uv: Float32Array): void {
  for (let c = 0; c + 2 < corners; c += 3) {
    const a = indices ? indices[c] : c;
    const b = indices ? indices[c + 1] : c + 1;
    const d = indices ? indices[c + 2] : c + 2;
    const surface = triangleArea(positions, a * 3, b * 3, d * 3);
    const signed = signedUvArea(uv, a, b, d);
    const area = Math.abs(signed);
    sums.surfaceArea += surface;
    sums.uvArea += area;
    if (isDegenerate(area, surface)) sums.degenerate += surface;
    else if (surface > 0 && c % (3 * sums.every) === 0) {
      sums.density[sums.measured] = Math.sqrt(area / surface);
      sums.area[sums.measured++] = surface;
    }
    // v runs down a picture in glTF: what is not mirrored turns the other way
    if (signed > 0) sums.flipped += area;
    if (isOutside(uv, a) || isOutside(uv, b) || isOutside(uv, d)) sums.outside += surface;
    sums.tiles.add(
      Math.floor((uv[a * 2] + uv[b * 2] + uv[d * 2]) / 3),
      Math.floor((uv[a * 2 + 1] + uv[b * 2 + 1] + uv[d * 2 + 1]) / 3),
      surface,
    );
  }
}

/** @param area of the layout, in tiles @param surface world units squared */
export const isDegenerate = (area: number, surface: number): boolean => surface > 0 && area < surface * 1e-12;

export const isOutside = (uv: Float32Array, corner: number): boolean =>
  uv[corner * 2] < -EDGE || uv[corner * 2] > 1 + EDGE || uv[corner * 2 + 1] < -EDGE || uv[corner * 2 + 1] > 1 + EDGE;

/** @returns how many cells were marked */
function coverPart(cover: UvCover, { indices, corners }: PlacedPart, uv: Float32Array, most: number): number {
  let cells = 0;
  for (let c = 0; c + 2 < corners && cells < most; c += 3)
    cells += indices
      ? coverTriangle(cover, uv, indices[c], indices[c + 1], indices[c + 2])
      : coverTriangle(cover, uv, c, c + 1, c + 2);
  return cells;
}

function measureOverlap(times: Uint8Array): number {
  let [covered, twice] = [0, 0];
  for (let cell = 0; cell < times.length; cell++) {
    if (times[cell] > 0) covered++;
    if (times[cell] > 1) twice++;
  }
  return covered > 0 ? twice / covered : 0;
}

/** Surface a tile; neighbours mostly lie on the same one. */
class Tiles {
  readonly #areas = new Map<string, { area: number }>();
  #last = { u: NaN, v: NaN, tile: { area: 0 } };

  add(u: number, v: number, area: number): void {
    if (u !== this.#last.u || v !== this.#last.v) {
      const key = `${u},${v}`;
      const tile = this.#areas.get(key) ?? { area: 0 };
      this.#areas.set(key, tile);
      this.#last = { u, v, tile };
    }
    this.#last.tile.area += area;
  }

  /** @returns u,v of each, the largest share first */
  list(): string[] {
    return [...this.#areas].sort(([, one], [, other]) => other.area - one.area).map(([key]) => key);
  }
}

function describeDensity({ density, area, measured }: Sums): UvLayout['density'] {
  if (measured === 0) return null;
  const [low, median, high] = findWeightedQuantiles(density, area, measured, [0.05, 0.5, 0.95]);
  return { low, median, high };
}
