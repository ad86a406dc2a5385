import type { Document, Material, Texture } from '@gltf-transform/core';
import { isTriangles, listMeshInstances } from '../scene/traverse';
import { computeWorldPositions } from '../scene/world-positions';
import { linearDeterminant, normalMatrix } from '../scene/matrix';
import type { Picture, PictureCodec } from '../textures/picture-codec';

/** One surface to draw, in world space. */
export interface DrawItem {
  positions: Float64Array;
  normals: Float32Array;
  /** uv per vertex, or null. */
  uvs: Float32Array | null;
  indices: Uint32Array;
  /** Linear RGB and alpha. */
  colour: [number, number, number, number];
  emissive: [number, number, number];
  map: Picture | null;
  /** Below this alpha a texel is a hole; 0 = none. */
  cutoff: number;
  blend: boolean;
  metallic: number;
  roughness: number;
  /** Linear RGB per vertex, or null. */
  tints: Float32Array | null;
}

/** Collects what a picture needs from a document; every map is decoded once. */
export async function gatherDrawItems(document: Document, codec: PictureCodec): Promise<DrawItem[]> {
  const pictures = new Map<Texture, Picture | null>();
  for (const material of document.getRoot().listMaterials()) {
    const texture = material.getBaseColorTexture();
    const image = texture?.getImage();
    if (texture && image && !pictures.has(texture)) pictures.set(texture, await codec.decode(image));
  }
  const items: DrawItem[] = [];
  for (const instance of listMeshInstances(document)) {
    const { mesh, world } = instance;
    const mirrors = linearDeterminant(world) < 0;
    const m = normalMatrix(world);
    for (const primitive of mesh.listPrimitives()) {
      if (!isTriangles(primitive)) continue;
      const positions = computeWorldPositions(instance, primitive);
      const count = positions.length / 3;
      const src = primitive.getIndices()?.getArray();
      const indices = src ? Uint32Array.from(src) : Uint32Array.from({ length: count }, (_, i) => i);
      const normal = primitive.getAttribute('NORMAL');
      const normals = new Float32Array(count * 3);
      const element: number[] = [0, 0, 0, 0];
      for (let i = 0; normal && i < count; i++) {
        const [x, y, z] = normal.getElement(i, element);
        const sign = mirrors ? -1 : 1;
        normals[i * 3] = (m[0] * x + m[3] * y + m[6] * z) * sign;
        normals[i * 3 + 1] = (m[1] * x + m[4] * y + m[7] * z) * sign;
        normals[i * 3 + 2] = (m[2] * x + m[5] * y + m[8] * z) * sign;
      }
      const material = primitive.getMaterial();
      const texture = material?.getBaseColorTexture() ?? null;
      const uv = primitive.getAttribute(`TEXCOORD_${material?.getBaseColorTextureInfo()?.getTexCoord() ?? 0}`);
      const uvs = uv ? new Float32Array(uv.getCount() * 2) : null;
      for (let i = 0; uv && uvs && i < uv.getCount(); i++) {
        uv.getElement(i, element);
        uvs[i * 2] = element[0];
        uvs[i * 2 + 1] = element[1];
      }
      const tint = primitive.getAttribute('COLOR_0');
      const tints = tint ? new Float32Array(count * 3) : null;
      for (let i = 0; tint && tints && i < count; i++) {
        tint.getElement(i, element);
        for (let c = 0; c < 3; c++) tints[i * 3 + c] = element[c];
      }
      items.push({
        positions,
        normals,
        uvs,
        indices,
        tints,
        map: (texture && pictures.get(texture)) ?? null,
        ...readFactors(material),
      });
    }
  }
  return items;
}

function readFactors(
  material: Material | null,
): Pick<DrawItem, 'colour' | 'emissive' | 'cutoff' | 'blend' | 'metallic' | 'roughness'> {
  const emits = material && !material.getEmissiveTexture();
  return {
    colour: material ? [...material.getBaseColorFactor()] : [0.6, 0.6, 0.58, 1],
    emissive: emits ? [...material.getEmissiveFactor()] : [0, 0, 0],
    cutoff: material?.getAlphaMode() === 'MASK' ? material.getAlphaCutoff() : 0,
    blend: material?.getAlphaMode() === 'BLEND',
    metallic: material?.getMetallicRoughnessTexture() ? 0.2 : (material?.getMetallicFactor() ?? 0),
    roughness: material?.getRoughnessFactor() ?? 0.9,
  };
}
