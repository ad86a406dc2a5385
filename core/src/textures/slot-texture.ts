import type { Document, Material, Texture, TextureInfo } from '@gltf-transform/core';
import {
  KHRMaterialsClearcoat,
  KHRMaterialsSheen,
  KHRMaterialsSpecular,
  KHRMaterialsTransmission,
  KHRMaterialsVolume,
  type Clearcoat,
  type Sheen,
  type Specular,
  type Transmission,
  type Volume,
} from '@gltf-transform/extensions';
import type { TextureSlot } from '@haveld/contract/step';

const getClearcoat = (material: Material) => material.getExtension<Clearcoat>('KHR_materials_clearcoat');
const getSheen = (material: Material) => material.getExtension<Sheen>('KHR_materials_sheen');
const getSpecular = (material: Material) => material.getExtension<Specular>('KHR_materials_specular');
const getTransmission = (material: Material) => material.getExtension<Transmission>('KHR_materials_transmission');
const getVolume = (material: Material) => material.getExtension<Volume>('KHR_materials_volume');

/** @returns the texture that holds what a slot means; roughness and metallic lie in one, opacity in that of the base colour */
export function getSlotTexture(material: Material, slot: TextureSlot): Texture | null {
  switch (slot) {
    case 'baseColor':
    case 'opacity':
      return material.getBaseColorTexture();
    case 'normal':
      return material.getNormalTexture();
    case 'metallicRoughness':
    case 'roughness':
    case 'glossiness':
    case 'metallic':
      return material.getMetallicRoughnessTexture();
    case 'occlusion':
      return material.getOcclusionTexture();
    case 'emissive':
      return material.getEmissiveTexture();
    case 'clearcoat':
      return getClearcoat(material)?.getClearcoatTexture() ?? null;
    case 'sheen':
      return getSheen(material)?.getSheenColorTexture() ?? null;
    case 'transmission':
      return getTransmission(material)?.getTransmissionTexture() ?? null;
    case 'thickness':
      return getVolume(material)?.getThicknessTexture() ?? null;
    case 'specular':
      return getSpecular(material)?.getSpecularColorTexture() ?? null;
    case 'bump':
      return null;
  }
}

/** How the texture of a slot lies on its layout; null where the slot has none. */
export function getSlotTextureInfo(material: Material, slot: TextureSlot): TextureInfo | null {
  switch (slot) {
    case 'baseColor':
    case 'opacity':
      return material.getBaseColorTextureInfo();
    case 'normal':
      return material.getNormalTextureInfo();
    case 'metallicRoughness':
    case 'roughness':
    case 'glossiness':
    case 'metallic':
      return material.getMetallicRoughnessTextureInfo();
    case 'occlusion':
      return material.getOcclusionTextureInfo();
    case 'emissive':
      return material.getEmissiveTextureInfo();
    case 'clearcoat':
      return getClearcoat(material)?.getClearcoatTextureInfo() ?? null;
    case 'sheen':
      return getSheen(material)?.getSheenColorTextureInfo() ?? null;
    case 'transmission':
      return getTransmission(material)?.getTransmissionTextureInfo() ?? null;
    case 'thickness':
      return getVolume(material)?.getThicknessTextureInfo() ?? null;
    case 'specular':
      return getSpecular(material)?.getSpecularColorTextureInfo() ?? null;
    case 'bump':
      return null;
  }
}

/** Puts a texture into a slot, or takes it out, and sets factors that would hide it to 1. Slots without a place stay. */
export function setSlotTexture(
  document: Document,
  material: Material,
  slot: TextureSlot,
  texture: Texture | null,
): void {
  switch (slot) {
    case 'baseColor':
    case 'opacity':
      material.setBaseColorTexture(texture);
      return;
    case 'normal':
      material.setNormalTexture(texture);
      return;
    case 'metallicRoughness':
    case 'roughness':
    case 'glossiness':
    case 'metallic':
      material.setMetallicRoughnessTexture(texture);
      return;
    case 'occlusion':
      material.setOcclusionTexture(texture);
      return;
    case 'emissive':
      material.setEmissiveTexture(texture);
      if (texture && material.getEmissiveFactor().every((v) => v === 0)) material.setEmissiveFactor([1, 1, 1]);
      return;
    case 'clearcoat': {
      const coat = getClearcoat(material) ?? document.createExtension(KHRMaterialsClearcoat).createClearcoat();
      material.setExtension('KHR_materials_clearcoat', coat.setClearcoatTexture(texture));
      if (texture && coat.getClearcoatFactor() === 0) coat.setClearcoatFactor(1);
      return;
    }
    case 'sheen': {
      const sheen = getSheen(material) ?? document.createExtension(KHRMaterialsSheen).createSheen();
      material.setExtension('KHR_materials_sheen', sheen.setSheenColorTexture(texture));
      if (texture && sheen.getSheenColorFactor().every((v) => v === 0)) sheen.setSheenColorFactor([1, 1, 1]);
      return;
    }
    case 'transmission': {
      const through =
        getTransmission(material) ?? document.createExtension(KHRMaterialsTransmission).createTransmission();
      material.setExtension('KHR_materials_transmission', through.setTransmissionTexture(texture));
      if (texture && through.getTransmissionFactor() === 0) through.setTransmissionFactor(1);
      return;
    }
    case 'thickness': {
      const volume = getVolume(material) ?? document.createExtension(KHRMaterialsVolume).createVolume();
      material.setExtension('KHR_materials_volume', volume.setThicknessTexture(texture));
      if (texture && volume.getThicknessFactor() === 0) volume.setThicknessFactor(1);
      return;
    }
    case 'specular': {
      const specular = getSpecular(material) ?? document.createExtension(KHRMaterialsSpecular).createSpecular();
      material.setExtension('KHR_materials_specular', specular.setSpecularColorTexture(texture));
      return;
    }
    case 'bump':
  }
}

/** Every slot glTF or its extensions have a place for, in the order of a sheet. */
export const SHOWN_SLOTS = [
  'baseColor',
  'normal',
  'metallicRoughness',
  'occlusion',
  'emissive',
  'specular',
  'sheen',
  'clearcoat',
  'transmission',
  'thickness',
] as const satisfies readonly TextureSlot[];
