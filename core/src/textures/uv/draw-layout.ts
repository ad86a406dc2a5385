import type { Document } from '@gltf-transform/core';
import { countTriangles } from '../../scene/traverse';
import type { Picture } from '../pictures/picture-codec';
import { coverTriangle, createCover, readUvs, signedUvArea, type UvCover } from './uv-cover';

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
}

/**
 * Draws how a material lies on its pictures: what is covered once, more than once, mirrored, and where the tiles end. Each mesh
 * counts once, however often it stands in the scene.
 * @param material name; empty for faces without one
 * @param side texels of the picture, a side
 * @returns null where nothing of it has a layout
 */
export function drawLayout(
  document: Document,
  material: string,
  side: number,
  colours: LayoutColours,
): DrawnLayout | null {
  const triangles = listTriangles(document, material);
  if (triangles.length === 0) return null;
  const window = chooseWindow(triangles.map(({ uv }) => uv));
  const cover = createCover(side, window);
  const mirrored = new Uint8Array(side * side);
  for (const { uv, indices } of triangles)
    for (let c = 0; c + 2 < indices.length; c += 3) {
      const [a, b, d] = [indices[c], indices[c + 1], indices[c + 2]];
      coverTriangle(cover, uv, a, b, d);
      if (signedUvArea(uv, a, b, d) > 0) coverTriangle(cover, uv, a, b, d, (cell) => (mirrored[cell] = 1));
    }
  return { picture: paint(cover, mirrored, colours), ...window };
}

interface UvTriangles {
  uv: Float32Array;
  indices: ArrayLike<number>;
}

function listTriangles(document: Document, material: string): UvTriangles[] {
  return document
    .getRoot()
    .listMeshes()
    .flatMap((mesh) => mesh.listPrimitives())
    .filter((primitive) => (primitive.getMaterial()?.getName() ?? '') === material && countTriangles(primitive) > 0)
    .flatMap((primitive) => {
      const uv = readUvs(primitive);
      const indices = primitive.getIndices()?.getArray();
      return uv ? [{ uv, indices: indices ?? Uint32Array.from({ length: uv.length / 2 }, (_, i) => i) }] : [];
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

function paint({ side, tiles, times }: UvCover, mirrored: Uint8Array, colours: LayoutColours): Picture {
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
    const colour =
      count === 0
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
