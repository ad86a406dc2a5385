import type { TextureSlot } from '@haveld/contract/step';
import type { TextureRole } from '@haveld/contract/texture-role';

export interface RoleFacts {
  /** In a sentence. */
  label: string;
  /** glTF 2.0, 3.9: colours are sRGB, all else is linear; null where there is nothing to bind. */
  colourSpace: 'srgb' | 'linear' | null;
  /** Where a map of this role is bound; null where it has no place. */
  slot: TextureSlot | null;
}

export const ROLES: Record<TextureRole, RoleFacts> = {
  'base-colour': { label: 'base colour', colourSpace: 'srgb', slot: 'baseColor' },
  normal: { label: 'normal', colourSpace: 'linear', slot: 'normal' },
  height: { label: 'height', colourSpace: 'linear', slot: 'bump' },
  roughness: { label: 'roughness', colourSpace: 'linear', slot: 'roughness' },
  glossiness: { label: 'glossiness', colourSpace: 'linear', slot: 'glossiness' },
  metallic: { label: 'metallic', colourSpace: 'linear', slot: 'metallic' },
  specular: { label: 'specular', colourSpace: 'srgb', slot: 'specular' },
  occlusion: { label: 'occlusion', colourSpace: 'linear', slot: 'occlusion' },
  emissive: { label: 'emissive', colourSpace: 'srgb', slot: 'emissive' },
  opacity: { label: 'opacity', colourSpace: 'linear', slot: 'opacity' },
  packed: { label: 'several in one', colourSpace: 'linear', slot: 'metallicRoughness' },
  sheen: { label: 'sheen', colourSpace: 'srgb', slot: 'sheen' },
  'clear-coat': { label: 'clear coat', colourSpace: 'linear', slot: 'clearcoat' },
  transmission: { label: 'transmission', colourSpace: 'linear', slot: 'transmission' },
  thickness: { label: 'thickness', colourSpace: 'linear', slot: 'thickness' },
  mask: { label: 'mask', colourSpace: 'linear', slot: null },
  lookup: { label: 'lookup table', colourSpace: null, slot: null },
  preview: { label: 'preview picture', colourSpace: null, slot: null },
  none: { label: 'no map', colourSpace: null, slot: null },
};
