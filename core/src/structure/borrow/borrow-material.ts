import type { Document, Material } from '@gltf-transform/core';
import type { TextureSlot } from '@haveld/contract/step';
import { takeMapsFromBare } from '../../scene/repair/materials';
import { getSlotTexture, setSlotTexture } from '../../textures/slot-texture';
import { bringOver } from './bring-over';

/**
 * Gives materials the looks of one of another model: factors, maps and extensions. Each keeps its name.
 * @param slot given where only the map there is taken, with the factors it is multiplied by
 * @returns false where the lender has no such material, or no such map
 */
export function borrowMaterial(
  document: Document,
  lender: Document,
  {
    accession,
    material,
    materials,
    slot,
  }: { accession: string; material: string; materials: readonly Material[]; slot?: TextureSlot },
): boolean {
  const lent = lender
    .getRoot()
    .listMaterials()
    .find((one) => one.getName() === material);
  if (!lent || (slot && !getSlotTexture(lent, slot))) return false;
  const copies = bringOver(document, lender, [lent], accession);
  const copy = copies.get(lent) as Material;
  for (const own of materials) {
    if (own === copy) continue;
    const name = own.getName();
    if (slot) takeMap(document, own, copy, slot);
    else own.copy(copy).setName(name);
  }
  if (!materials.includes(copy) && copy.listParents().every(({ propertyType }) => propertyType === 'Root'))
    copy.dispose();
  takeMapsFromBare(document);
  return true;
}

function takeMap(document: Document, own: Material, lent: Material, slot: TextureSlot): void {
  setSlotTexture(document, own, slot, getSlotTexture(lent, slot));
  if (slot === 'baseColor') own.setBaseColorFactor(lent.getBaseColorFactor());
  else if (slot === 'metallicRoughness')
    own.setMetallicFactor(lent.getMetallicFactor()).setRoughnessFactor(lent.getRoughnessFactor());
  else if (slot === 'emissive') own.setEmissiveFactor(lent.getEmissiveFactor());
}
