import type { TextureSlot } from '@haveld/contract/step';

export interface SlotFacts {
  /** glTF 2.0, 3.9.2 and 3.9.3: base colour and emissive are sRGB, all else is linear. */
  colourSpace: 'srgb' | 'linear';
  /** In a sentence. */
  words: string;
}

export const SLOTS: Record<TextureSlot, SlotFacts> = {
  baseColour: { colourSpace: 'srgb', words: 'base colour' },
  normal: { colourSpace: 'linear', words: 'normal' },
  metallicRoughness: { colourSpace: 'linear', words: 'metallic and roughness' },
  occlusion: { colourSpace: 'linear', words: 'occlusion' },
  emissive: { colourSpace: 'srgb', words: 'emissive' },
  roughness: { colourSpace: 'linear', words: 'roughness' },
  metallic: { colourSpace: 'linear', words: 'metallic' },
  opacity: { colourSpace: 'linear', words: 'opacity' },
  bump: { colourSpace: 'linear', words: 'height' },
  specular: { colourSpace: 'srgb', words: 'specular' },
  glossiness: { colourSpace: 'linear', words: 'glossiness' },
  sheen: { colourSpace: 'srgb', words: 'sheen' },
  clearCoat: { colourSpace: 'linear', words: 'clear coat' },
  transmission: { colourSpace: 'linear', words: 'transmission' },
  thickness: { colourSpace: 'linear', words: 'thickness' },
};
