import type { Document, Material } from '@gltf-transform/core';
import { takeMapsFromBare } from '../../scene/repair/materials';
import { bringOver } from './bring-over';

/**
 * Gives materials the looks of one of another model: factors, maps and extensions. Each keeps its name.
 * @returns false where the lender has no such material
 */
export function borrowMaterial(
  document: Document,
  lender: Document,
  { accession, material, materials }: { accession: string; material: string; materials: readonly Material[] },
): boolean {
  const lent = lender
    .getRoot()
    .listMaterials()
    .find((one) => one.getName() === material);
  if (!lent) return false;
  const copies = bringOver(document, lender, [lent], accession);
  const copy = copies.get(lent) as Material;
  for (const own of materials) {
    if (own === copy) continue;
    const name = own.getName();
    own.copy(copy).setName(name);
  }
  if (!materials.includes(copy) && copy.listParents().every(({ propertyType }) => propertyType === 'Root'))
    copy.dispose();
  takeMapsFromBare(document);
  return true;
}
