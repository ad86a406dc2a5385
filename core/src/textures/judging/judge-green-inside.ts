import type { Document, Material, Texture } from '@gltf-transform/core';
import { countTriangles } from '../../scene/traverse';
import type { Picture } from '../pictures/picture-codec';
import { readUvs } from '../../scene/measures/read-uvs';
import { coverTriangle, createCover } from '../uv/uv-cover';
import { judgeGreen, type GreenJudgement } from './judge-green';

const SIDE = 512;

/** Cells cut off an island's rim: what lies beside a seam belongs to two surfaces. */
const RIM = 2;

/**
 * Which way green points, judged within the islands of the layouts that show a map, away from their seams. What lies between
 * islands is no surface, and where two lie on one another neither is judged.
 * @returns null where the islands say nothing of it: no layout, or next to nothing inside
 */
export function judgeGreenInside(document: Document, texture: Texture, picture: Picture): GreenJudgement | null {
  const materials = new Set(
    document
      .getRoot()
      .listMaterials()
      .filter((material) => material.getNormalTexture() === texture),
  );
  const cells = drawIslands(document, materials);
  if (!cells) return null;
  const { width, height } = picture;
  const inside = new Uint8Array(width * height);
  let count = 0;
  for (let y = 0, o = 0; y < height; y++) {
    const row = Math.min(SIDE - 1, Math.floor((y * SIDE) / height)) * SIDE;
    for (let x = 0; x < width; x++, o++)
      count += inside[o] = cells[row + Math.min(SIDE - 1, Math.floor((x * SIDE) / width))];
  }
  return count < 256 ? null : judgeGreen(picture, inside);
}

/** 1 where exactly one triangle lies and nothing ends nearby; null where a layout leaves the tile: it repeats the picture whole. */
function drawIslands(document: Document, materials: ReadonlySet<Material>): Uint8Array | null {
  const cover = createCover(SIDE);
  for (const mesh of document.getRoot().listMeshes())
    for (const primitive of mesh.listPrimitives()) {
      const material = primitive.getMaterial();
      if (!material || !materials.has(material) || countTriangles(primitive) === 0) continue;
      const uv = readUvs(primitive, material.getNormalTextureInfo()?.getTexCoord() ?? 0);
      if (!uv) continue;
      if (uv.some((value) => value < -0.01 || value > 1.01)) return null;
      const indices = primitive.getIndices()?.getArray();
      const corners = indices?.length ?? uv.length / 2;
      for (let c = 0; c + 2 < corners; c += 3)
        if (indices) coverTriangle(cover, uv, indices[c], indices[c + 1], indices[c + 2]);
        else coverTriangle(cover, uv, c, c + 1, c + 2);
    }
  const { times } = cover;
  const kept = Uint8Array.from(times, (count) => (count === 1 ? 1 : 0));
  for (let step = 0; step < RIM; step++) {
    const before = kept.slice();
    for (let y = 0; y < SIDE; y++)
      for (let x = 0; x < SIDE; x++) {
        const cell = y * SIDE + x;
        if (!before[cell]) continue;
        const ends =
          (x > 0 && !before[cell - 1]) ||
          (x + 1 < SIDE && !before[cell + 1]) ||
          (y > 0 && !before[cell - SIDE]) ||
          (y + 1 < SIDE && !before[cell + SIDE]);
        if (ends) kept[cell] = 0;
      }
  }
  return kept;
}
