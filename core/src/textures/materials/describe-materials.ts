import type { Document, Material, Texture } from '@gltf-transform/core';
import type { IOR, Sheen, Transmission } from '@gltf-transform/extensions';
import type { MaterialFactors, PartRef } from '@haveld/contract/step';
import { PartIndex } from '../../scene/part-ref';
import { getMaterialSource } from '../../scene/document/source-data';
import { countTriangles, listMeshInstances } from '../../scene/traverse';
import { readPictureSize } from '../pictures/picture-size';
import { getSlotTexture, SHOWN_SLOTS } from '../slot-texture';

export type ShownSlot = (typeof SHOWN_SLOTS)[number];

/** A picture as a document holds it. */
export interface HeldPicture {
  /** The same for the same bytes. */
  key: string;
  bytes: Uint8Array;
  mimeType: string;
  width: number;
  height: number;
}

/** What a material is made of, and where it is used. */
export interface MaterialLook {
  name: string;
  factors: Required<
    Pick<MaterialFactors, 'baseColor' | 'metallic' | 'roughness' | 'emissive' | 'alphaMode' | 'doubleSided'>
  > &
    MaterialFactors;
  /** Keys of the pictures in its slots. */
  slots: Partial<Record<ShownSlot, string>>;
  triangles: number;
  /** Parts that show it, at most a hundred. */
  parts: PartRef[];
}

const MOST_PARTS = 100;

/** Lists the materials of a document in the order it has them, with their pictures, each once. */
export function describeMaterials(document: Document): { materials: MaterialLook[]; pictures: HeldPicture[] } {
  const pictures = new Map<Texture, HeldPicture>();
  const uses = countUses(document);
  const materials = document
    .getRoot()
    .listMaterials()
    .filter((material) => !getMaterialSource(material).isProxy)
    .map((material): MaterialLook => {
      const slots: MaterialLook['slots'] = {};
      for (const slot of SHOWN_SLOTS) {
        const texture = getSlotTexture(material, slot);
        const held = texture && (pictures.get(texture) ?? holdPicture(texture));
        if (!texture || !held) continue;
        pictures.set(texture, held);
        slots[slot] = held.key;
      }
      const use = uses.get(material) ?? { triangles: 0, parts: [] };
      return { name: material.getName(), factors: readFactors(material), slots, ...use };
    });
  return { materials, pictures: [...new Map([...pictures.values()].map((held) => [held.key, held])).values()] };
}

function countUses(document: Document): Map<Material, { triangles: number; parts: PartRef[] }> {
  const index = new PartIndex(document);
  const uses = new Map<Material, { triangles: number; parts: PartRef[] }>();
  for (const { node, mesh } of listMeshInstances(document)) {
    const here = new Set<Material>();
    for (const primitive of mesh.listPrimitives()) {
      const material = primitive.getMaterial();
      if (!material) continue;
      const use = uses.get(material) ?? { triangles: 0, parts: [] };
      use.triangles += countTriangles(primitive);
      if (!here.has(material) && use.parts.length < MOST_PARTS) use.parts.push(index.refer(node));
      here.add(material);
      uses.set(material, use);
    }
  }
  return uses;
}

function holdPicture(texture: Texture): HeldPicture | null {
  const bytes = texture.getImage();
  if (!bytes) return null;
  const [width, height] = readPictureSize(bytes) ?? [0, 0];
  return { key: keyOf(bytes), bytes, mimeType: texture.getMimeType(), width, height };
}

/** FNV-1a over the length and every 97th byte: enough to tell the pictures of one model apart. */
function keyOf(bytes: Uint8Array): string {
  let hash = 0x811c9dc5 ^ bytes.length;
  for (let i = 0; i < bytes.length; i += 97) hash = Math.imul(hash ^ bytes[i], 0x01000193);
  for (let i = Math.max(0, bytes.length - 64); i < bytes.length; i++) hash = Math.imul(hash ^ bytes[i], 0x01000193);
  return `${bytes.length.toString(36)}-${(hash >>> 0).toString(36)}`;
}

function readFactors(material: Material): MaterialLook['factors'] {
  const transmission = material.getExtension<Transmission>('KHR_materials_transmission')?.getTransmissionFactor();
  const ior = material.getExtension<IOR>('KHR_materials_ior')?.getIOR();
  const sheen = material.getExtension<Sheen>('KHR_materials_sheen')?.getSheenColorFactor();
  return {
    baseColor: [...material.getBaseColorFactor()],
    metallic: material.getMetallicFactor(),
    roughness: material.getRoughnessFactor(),
    emissive: [...material.getEmissiveFactor()],
    alphaMode: material.getAlphaMode(),
    alphaCutoff: material.getAlphaCutoff(),
    doubleSided: material.getDoubleSided(),
    // without a map it says nothing
    ...(material.getNormalTexture() ? { normalStrength: material.getNormalScale() } : {}),
    ...(transmission !== undefined ? { transmission } : {}),
    ...(ior !== undefined ? { ior } : {}),
    ...(sheen ? { sheen: [...sheen] } : {}),
  };
}
