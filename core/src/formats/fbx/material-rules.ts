import type { TextureSlot } from '@haveld/contract/step';

/** Which properties say what a glTF material needs; the first that an object states itself is taken. */
export interface PropertySet {
  label: string;
  /** A property whose presence tells this set. */
  mark: string;
  baseColor: string[];
  /** Multiplies the base colour. */
  baseWeight?: string;
  roughness?: string;
  /** 1 − roughness. */
  glossiness?: string;
  metallic?: string;
  emissive?: string;
  emissiveWeight?: string;
  /** Colour or number, 1 = solid. */
  opacity?: string;
  /** 1 = clear. */
  transparency?: string;
}

/**
 * Physically based property sets as exporters write them, most particular first. Names of properties as found in files
 * (two of them in assimp-testmodels' maxPbrMaterial_*.fbx); the others from memory.
 */
export const PROPERTY_SETS: PropertySet[] = [
  {
    label: 'metal and roughness',
    mark: '3dsMax|main|metalness',
    baseColor: ['3dsMax|main|basecolor'],
    roughness: '3dsMax|main|roughness',
    metallic: '3dsMax|main|metalness',
    emissive: '3dsMax|main|emit_color',
  },
  {
    label: 'specular and glossiness',
    mark: '3dsMax|main|glossiness',
    baseColor: ['3dsMax|main|basecolor'],
    glossiness: '3dsMax|main|glossiness',
    emissive: '3dsMax|main|emit_color',
  },
  {
    label: 'physical',
    mark: '3dsMax|Parameters|base_color',
    baseColor: ['3dsMax|Parameters|base_color'],
    baseWeight: '3dsMax|Parameters|base_weight',
    roughness: '3dsMax|Parameters|roughness',
    metallic: '3dsMax|Parameters|metalness',
    emissive: '3dsMax|Parameters|emit_color',
    emissiveWeight: '3dsMax|Parameters|emission',
    transparency: '3dsMax|Parameters|transparency',
  },
  {
    label: 'metal and roughness',
    mark: 'Maya|TEX_color_map',
    baseColor: ['Maya|base_color'],
    roughness: 'Maya|roughness',
    metallic: 'Maya|metallic',
    emissive: 'Maya|emissive',
    emissiveWeight: 'Maya|emissive_intensity',
  },
  {
    label: 'standard surface',
    mark: 'Maya|specularRoughness',
    baseColor: ['Maya|baseColor'],
    baseWeight: 'Maya|base',
    roughness: 'Maya|specularRoughness',
    metallic: 'Maya|metalness',
    emissive: 'Maya|emissionColor',
    emissiveWeight: 'Maya|emission',
    opacity: 'Maya|opacity',
  },
  {
    label: 'metal and roughness',
    mark: 'Roughness',
    baseColor: ['BaseColor', 'DiffuseColor'],
    roughness: 'Roughness',
    metallic: 'Metallic',
    emissive: 'EmissiveColor',
    emissiveWeight: 'EmissiveFactor',
  },
];

/** Where a map connected to a property belongs; compared without case and without what stands before the last `|`. */
export const MAP_SLOTS: Record<string, TextureSlot> = {
  diffusecolor: 'baseColor',
  diffuse: 'baseColor',
  basecolor: 'baseColor',
  base_color: 'baseColor',
  base_color_map: 'baseColor',
  tex_color_map: 'baseColor',
  normalmap: 'normal',
  norm_map: 'normal',
  normal_map: 'normal',
  tex_normal_map: 'normal',
  normalcamera: 'normal',
  bump: 'bump',
  bump_map: 'bump',
  displacementcolor: 'bump',
  displacement_map: 'bump',
  roughness: 'roughness',
  roughness_map: 'roughness',
  tex_roughness_map: 'roughness',
  specularroughness: 'roughness',
  metallic: 'metallic',
  metalness: 'metallic',
  metalness_map: 'metallic',
  tex_metallic_map: 'metallic',
  ao_map: 'occlusion',
  tex_ao_map: 'occlusion',
  ambientcolor: 'occlusion',
  emissivecolor: 'emissive',
  emissivefactor: 'emissive',
  emit_color_map: 'emissive',
  emission_map: 'emissive',
  tex_emissive_map: 'emissive',
  emissioncolor: 'emissive',
  transparentcolor: 'opacity',
  transparencyfactor: 'opacity',
  opacity: 'opacity',
  opacity_map: 'opacity',
  cutout_map: 'opacity',
  specularcolor: 'specular',
  specularfactor: 'specular',
  specular_map: 'specular',
  refl_color_map: 'specular',
};

/** @returns the slot of a map by the property it is connected to, or null where glTF has none */
export function findMapSlot(property: string): TextureSlot | null {
  return MAP_SLOTS[property.slice(property.lastIndexOf('|') + 1).toLowerCase()] ?? null;
}
