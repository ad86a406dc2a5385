import type { TextureRole } from '@haveld/contract/texture-role';
import type { TextureSlot } from '@haveld/contract/step';

export interface RoleFacts {
  /** In a sentence. */
  words: string;
  /** glTF 2.0, 3.9: colours are sRGB, all else is linear; null where there is nothing to bind. */
  colourSpace: 'srgb' | 'linear' | null;
  /** Where a map of this role is bound; null where it has no place. */
  slot: TextureSlot | null;
}

export const ROLES: Record<TextureRole, RoleFacts> = {
  'base-colour': { words: 'base colour', colourSpace: 'srgb', slot: 'baseColour' },
  normal: { words: 'normal', colourSpace: 'linear', slot: 'normal' },
  height: { words: 'height', colourSpace: 'linear', slot: 'bump' },
  roughness: { words: 'roughness', colourSpace: 'linear', slot: 'roughness' },
  glossiness: { words: 'glossiness', colourSpace: 'linear', slot: 'glossiness' },
  metallic: { words: 'metallic', colourSpace: 'linear', slot: 'metallic' },
  specular: { words: 'specular', colourSpace: 'srgb', slot: 'specular' },
  occlusion: { words: 'occlusion', colourSpace: 'linear', slot: 'occlusion' },
  emissive: { words: 'emissive', colourSpace: 'srgb', slot: 'emissive' },
  opacity: { words: 'opacity', colourSpace: 'linear', slot: 'opacity' },
  packed: { words: 'several in one', colourSpace: 'linear', slot: 'metallicRoughness' },
  sheen: { words: 'sheen', colourSpace: 'srgb', slot: 'sheen' },
  'clear-coat': { words: 'clear coat', colourSpace: 'linear', slot: 'clearCoat' },
  transmission: { words: 'transmission', colourSpace: 'linear', slot: 'transmission' },
  thickness: { words: 'thickness', colourSpace: 'linear', slot: 'thickness' },
  mask: { words: 'mask', colourSpace: 'linear', slot: null },
  lookup: { words: 'lookup table', colourSpace: null, slot: null },
  preview: { words: 'preview picture', colourSpace: null, slot: null },
  none: { words: 'no map', colourSpace: null, slot: null },
};
