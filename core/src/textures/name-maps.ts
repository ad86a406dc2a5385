import type { Document, Texture } from '@gltf-transform/core';
import { HOUSE_RULES } from '@haveld/contract/house-rules';
import { houseName } from '../text/house-name';
import { getSlotTexture, SHOWN_SLOTS } from './slot-texture';

interface MapUse {
  materials: Set<string>;
  roles: string[];
}

/** What a map is called by the places it lies in; two in one picture are both said. */
const ROLE_NAMES: Record<(typeof SHOWN_SLOTS)[number], string> = {
  baseColor: 'base_colour',
  normal: 'normal',
  metallicRoughness: 'roughness_metallic',
  occlusion: 'occlusion',
  emissive: 'emissive',
  specular: 'specular',
  sheen: 'sheen',
  clearcoat: 'clear_coat',
  transmission: 'transmission',
  thickness: 'thickness',
};

/**
 * Names every map of a document by the house's pattern, each once: their names become files. A map of several materials leaves
 * the material out; one in a place Haveld has no name for is called `map`.
 * @param asset name of the asset
 * @param pattern of the house
 * @returns how many got another name than they had
 */
export function nameMaps(document: Document, asset: string, pattern = HOUSE_RULES.mapName): number {
  const taken = new Set<string>();
  let count = 0;
  for (const [texture, { materials, roles }] of listUses(document)) {
    const parts = { asset, material: materials.size === 1 ? [...materials][0] : '', role: roles.join(' ') };
    const wanted = houseName(pattern.replace(/\{(\w+)\}/g, (_, part: keyof typeof parts) => parts[part]));
    let name = wanted;
    for (let n = 2; taken.has(name); n++) name = `${wanted}_${n}`;
    taken.add(name);
    if (texture.getName() !== name) count++;
    texture.setName(name);
  }
  return count;
}

function listUses(document: Document): Map<Texture, MapUse> {
  const uses = new Map<Texture, MapUse>();
  for (const material of document.getRoot().listMaterials())
    for (const slot of SHOWN_SLOTS) {
      const texture = getSlotTexture(material, slot);
      if (!texture) continue;
      const use = uses.get(texture) ?? { materials: new Set(), roles: [] };
      uses.set(texture, use);
      use.materials.add(material.getName() || 'plain');
      if (!use.roles.includes(ROLE_NAMES[slot])) use.roles.push(ROLE_NAMES[slot]);
    }
  for (const texture of document.getRoot().listTextures())
    if (!uses.has(texture)) uses.set(texture, { materials: new Set(), roles: ['map'] });
  return uses;
}
