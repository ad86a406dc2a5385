import type { TextureRole } from '@haveld/contract/texture-role';
import type { TextureSlot } from '@haveld/contract/step';

export interface SlotFacts {
  /** glTF 2.0, 3.9.2 and 3.9.3, KHR_materials_specular and KHR_materials_sheen: colours are sRGB, all else is linear. */
  colourSpace: 'srgb' | 'linear';
  /** In a sentence. */
  words: string;
  /** What a map bound there is meant to be. */
  role: TextureRole;
}

export const SLOTS: Record<TextureSlot, SlotFacts> = {
  baseColour: { colourSpace: 'srgb', words: 'base colour', role: 'base-colour' },
  normal: { colourSpace: 'linear', words: 'normal', role: 'normal' },
  metallicRoughness: { colourSpace: 'linear', words: 'metallic and roughness', role: 'packed' },
  occlusion: { colourSpace: 'linear', words: 'occlusion', role: 'occlusion' },
  emissive: { colourSpace: 'srgb', words: 'emissive', role: 'emissive' },
  roughness: { colourSpace: 'linear', words: 'roughness', role: 'roughness' },
  metallic: { colourSpace: 'linear', words: 'metallic', role: 'metallic' },
  opacity: { colourSpace: 'linear', words: 'opacity', role: 'opacity' },
  bump: { colourSpace: 'linear', words: 'height', role: 'height' },
  specular: { colourSpace: 'srgb', words: 'specular', role: 'specular' },
  glossiness: { colourSpace: 'linear', words: 'glossiness', role: 'glossiness' },
  sheen: { colourSpace: 'srgb', words: 'sheen', role: 'sheen' },
  clearCoat: { colourSpace: 'linear', words: 'clear coat', role: 'clear-coat' },
  transmission: { colourSpace: 'linear', words: 'transmission', role: 'transmission' },
  thickness: { colourSpace: 'linear', words: 'thickness', role: 'thickness' },
};
