import type { Document } from '@gltf-transform/core';
import type { LayoutTrouble } from '@haveld/contract/finding';
import { listPlacedParts, type PlacedPart } from '../../scene/measures/placed-parts';
import type { Picture } from '../pictures/picture-codec';
import { flagTroubledFaces } from './troubled-faces';
import { readUvs } from '../../scene/measures/read-uvs';
import { coverTriangle, createCover, signedUvArea, type UvCover } from './uv-cover';

/** Tiles shown at most, a side: a layout that repeats a hundred times would be a grey square. */
const MOST_TILES = 4;

export interface DrawnLayout {
  picture: Picture;
  /** Tiles from left to right, and their lower left corner. */
  tiles: number;
  u: number;
  v: number;
}

/** Colours of what lies on the layout, RGB. */
export interface LayoutColours {
  ground: [number, number, number];
  once: [number, number, number];
  /** Covered by more than one triangle. */
  twice: [number, number, number];
  mirrored: [number, number, number];
  edge: [number, number, number];
  tile: [number, number, number];
  /** What is pointed at, hatched: its ground and its lines. */
  lit: [number, number, number];
  hatch: [number, number, number];
}

/** Lines of the hatch over a picture, and how much of the way from one to the next a line takes. */
const HATCH = { lines: 18, share: 0.4 };

/**
 * Draws how a material lies on its pictures: what is covered once, more than once, mirrored, and where the tiles end. Each mesh
 * counts once, however often it stands in the scene.
 * @param material name; empty for faces without one
 * @param side texels of the picture, a side
 * @param trouble what is hatched: faces that have it
 * @returns null where nothing of it has a layout
 */
export function drawLayout(
  document: Document,
  material: string,
  side: number,
  colours: LayoutColours,
  trouble: LayoutTrouble | null = null,
): DrawnLayout | null {
  const parts = listLaidParts(document, material);
  if (parts.length === 0) return null;
  const window = chooseWindow(parts.map(({ uv }) => uv));
  const cover = createCover(side, window);
  const mirrored = new Uint8Array(side * side);
  const lit = new Uint8Array(side * side);
  const troubled =
    trouble &&
    flagTroubledFaces(
      parts.map(({ part }) => part),
      trouble,
    );
  parts.forEach(({ part: { indices, corners }, uv }, p) => {
    for (let c = 0; c + 2 < corners; c += 3) {
      const [a, b, d] = indices ? [indices[c], indices[c + 1], indices[c + 2]] : [c, c + 1, c + 2];
      coverTriangle(cover, uv, a, b, d);
      if (signedUvArea(uv, a, b, d) > 0) coverTriangle(cover, uv, a, b, d, (cell) => (mirrored[cell] = 1));
      if (!troubled?.[p][c / 3]) continue;
      coverTriangle(cover, uv, a, b, d, (cell) => (lit[cell] = 1));
      // what has no area is a line
      markLine(cover, uv, [a, b, d], lit);
    }
  });
  return { picture: paint(cover, mirrored, lit, colours), ...window };
}

interface LaidPart {
  part: PlacedPart;
  uv: Float32Array;
}

/** Each mesh once, where it has UVs. */
function listLaidParts(document: Document, material: string): LaidPart[] {
  const used = listPlacedParts(document).filter(
    ({ primitive, corners }) => corners > 2 && (primitive.getMaterial()?.getName() ?? '') === material,
  );
  return [...new Map(used.map((part) => [part.primitive, part])).values()].flatMap((part) => {
    const uv = readUvs(part.primitive);
    return uv ? [{ part, uv }] : [];
  });
}

/** Marks the cells along the edges of a triangle. */
function markLine({ side, u, v, tiles }: UvCover, uv: Float32Array, corners: readonly number[], lit: Uint8Array): void {
  const scale = side / tiles;
  const places = corners.map((corner) => [(uv[corner * 2] - u) * scale, (uv[corner * 2 + 1] - v) * scale]);
  places.forEach(([x0, y0], k) => {
    const [x1, y1] = places[(k + 1) % 3];
    const cells = Math.min(4 * side, Math.ceil(Math.hypot(x1 - x0, y1 - y0)) + 1);
    for (let i = 0; i <= cells; i++) {
      const x = Math.floor(x0 + ((x1 - x0) * i) / cells);
      const y = Math.floor(y0 + ((y1 - y0) * i) / cells);
      if (x >= 0 && y >= 0 && x < side && y < side) lit[y * side + x] = 1;
    }
  });
}

/** The tiles the layout reaches, a square of them from the lowest on. */
function chooseWindow(all: readonly Float32Array[]): { u: number; v: number; tiles: number } {
  const low = [Infinity, Infinity];
  const high = [-Infinity, -Infinity];
  for (const uv of all)
    for (let i = 0; i < uv.length; i++) {
      if (uv[i] < low[i & 1]) low[i & 1] = uv[i];
      if (uv[i] > high[i & 1]) high[i & 1] = uv[i];
    }
  const [u, v] = low.map((value) => Math.floor(Math.min(0, value + 1e-3)));
  const reach = Math.max(high[0] - u, high[1] - v, 1);
  return { u, v, tiles: Math.min(MOST_TILES, Math.ceil(reach - 1e-3)) };
}

function paint(
  { side, tiles, times }: UvCover,
  mirrored: Uint8Array,
  lit: Uint8Array,
  colours: LayoutColours,
): Picture {
  const data = new Uint8Array(side * side * 4);
  const isEdge = (cell: number): boolean => {
    const x = cell % side;
    const y = (cell - x) / side;
    return (
      (x > 0 && times[cell - 1] === 0) ||
      (x + 1 < side && times[cell + 1] === 0) ||
      (y > 0 && times[cell - side] === 0) ||
      (y + 1 < side && times[cell + side] === 0)
    );
  };
  for (let cell = 0; cell < times.length; cell++) {
    const count = times[cell];
    const x = cell % side;
    const y = (cell - x) / side;
    const onLine = Math.floor((x * tiles) / side) !== Math.floor(((x + 1) * tiles) / side) && x + 1 < side;
    const onRow = Math.floor((y * tiles) / side) !== Math.floor(((y + 1) * tiles) / side) && y + 1 < side;
    const colour = lit[cell]
      ? (((x + y) * HATCH.lines) / side) % 1 < HATCH.share
        ? colours.hatch
        : colours.lit
      : count === 0
        ? onLine || onRow
          ? colours.tile
          : colours.ground
        : isEdge(cell)
          ? colours.edge
          : count > 1
            ? colours.twice
            : mirrored[cell]
              ? colours.mirrored
              : colours.once;
    data.set(colour, cell * 4);
    data[cell * 4 + 3] = 255;
  }
  return { width: side, height: side, data };
}
