import type { TextureSlot } from '@haveld/contract/step';
import type { TextureRole } from '@haveld/contract/texture-role';

export interface SlotFacts {
  /** glTF 2.0, 3.9.2 and 3.9.3, KHR_materials_specular and KHR_materials_sheen: colours are sRGB, all else is linear. */
  colourSpace: 'srgb' | 'linear';
  /** In a sentence. */
  label: string;
  /** What a map bound there is meant to be. */
  role: TextureRole;
}

export const SLOTS: Record<TextureSlot, SlotFacts> = {
  baseColor: { colourSpace: 'srgb', label: 'base colour', role: 'base-colour' },
  normal: { colourSpace: 'linear', label: 'normal', role: 'normal' },
  metallicRoughness: { colourSpace: 'linear', label: 'metallic and roughness', role: 'packed' },
  occlusion: { colourSpace: 'linear', label: 'occlusion', role: 'occlusion' },
  emissive: { colourSpace: 'srgb', label: 'emissive', role: 'emissive' },
  roughness: { colourSpace: 'linear', label: 'roughness', role: 'roughness' },
  metallic: { colourSpace: 'linear', label: 'metallic', role: 'metallic' },
  opacity: { colourSpace: 'linear', label: 'opacity', role: 'opacity' },
  bump: { colourSpace: 'linear', label: 'height', role: 'height' },
  specular: { colourSpace: 'srgb', label: 'specular', role: 'specular' },
  glossiness: { colourSpace: 'linear', label: 'glossiness', role: 'glossiness' },
  sheen: { colourSpace: 'srgb', label: 'sheen', role: 'sheen' },
  clearcoat: { colourSpace: 'linear', label: 'clear coat', role: 'clear-coat' },
  transmission: { colourSpace: 'linear', label: 'transmission', role: 'transmission' },
  thickness: { colourSpace: 'linear', label: 'thickness', role: 'thickness' },
};
