import type { Accessor, Document, Material, Texture } from '@gltf-transform/core';
import { linearDeterminant, normalMatrix } from '../scene/matrix';
import { computeWorldPositions } from '../scene/measures/world-positions';
import { isTriangles, listMeshInstances, type MeshInstance } from '../scene/traverse';
import type { Picture, PictureCodec } from '../textures/pictures/picture-codec';

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

/** Pictures of base colours, each decoded once for as long as the map is kept. */
export type DecodedMaps = Map<Texture, Picture>;

/**
 * Collects what a picture needs from a document; every map is decoded once.
 * @param instances those to be drawn; all where left out
 */
export async function gatherDrawItems(
  document: Document,
  codec: PictureCodec,
  instances: readonly MeshInstance[] = listMeshInstances(document),
  pictures: DecodedMaps = new Map(),
): Promise<DrawItem[]> {
  const materials = new Set(
    instances.flatMap(({ mesh }) => mesh.listPrimitives().flatMap((primitive) => primitive.getMaterial() ?? [])),
  );
  for (const material of materials) {
    const texture = material.getBaseColorTexture();
    const image = texture?.getImage();
    if (texture && image && !pictures.has(texture)) pictures.set(texture, await codec.decode(image));
  }
  const items: DrawItem[] = [];
  for (const instance of instances) {
    const { mesh, world } = instance;
    const mirrors = linearDeterminant(world) < 0;
    const m = normalMatrix(world);
    for (const primitive of mesh.listPrimitives()) {
      if (!isTriangles(primitive)) continue;
      const positions = computeWorldPositions(instance, primitive);
      const count = positions.length / 3;
      const src = primitive.getIndices()?.getArray();
      const indices = src ? new Uint32Array(src) : Uint32Array.from({ length: count }, (_, i) => i);
      const normals = flipNormals(readFloats(primitive.getAttribute('NORMAL'), 3), count, m, mirrors ? -1 : 1);
      const material = primitive.getMaterial();
      const texture = material?.getBaseColorTexture() ?? null;
      const uv = primitive.getAttribute(`TEXCOORD_${material?.getBaseColorTextureInfo()?.getTexCoord() ?? 0}`);
      const tint = primitive.getAttribute('COLOR_0');
      const tints = tint && dropAlpha(readFloats(tint, tint.getElementSize())!, tint.getElementSize());
      items.push({
        positions,
        normals,
        uvs: readFloats(uv, 2),
        indices,
        tints,
        map: (texture && pictures.get(texture)) ?? null,
        ...readFactors(material),
      });
    }
  }
  return items;
}

/** @returns the numbers of an attribute, its own array where it holds floats; null where there is none */
function readFloats(attribute: Accessor | null, width: number): Float32Array | null {
  if (!attribute) return null;
  const array = attribute.getArray();
  if (array instanceof Float32Array) return array;
  const dst = new Float32Array(attribute.getCount() * width);
  const element: number[] = [];
  for (let i = 0; i < attribute.getCount(); i++) dst.set(attribute.getElement(i, element).slice(0, width), i * width);
  return dst;
}

function flipNormals(src: Float32Array | null, count: number, m: readonly number[], sign: 1 | -1): Float32Array {
  const dst = new Float32Array(count * 3);
  if (!src) return dst;
  for (let o = 0; o < dst.length; o += 3) {
    const x = src[o];
    const y = src[o + 1];
    const z = src[o + 2];
    dst[o] = (m[0] * x + m[3] * y + m[6] * z) * sign;
    dst[o + 1] = (m[1] * x + m[4] * y + m[7] * z) * sign;
    dst[o + 2] = (m[2] * x + m[5] * y + m[8] * z) * sign;
  }
  return dst;
}

function dropAlpha(src: Float32Array, width: number): Float32Array {
  if (width === 3) return src;
  const dst = new Float32Array((src.length / width) * 3);
  for (let i = 0, o = 0; o < dst.length; i += width, o += 3) dst.set(src.subarray(i, i + 3), o);
  return dst;
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
