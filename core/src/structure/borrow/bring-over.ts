import type { Accessor, Buffer, Document, Extension, Material, Property } from '@gltf-transform/core';
import { copyToDocument } from '@gltf-transform/functions';

/**
 * Copies properties of one document into another with all they need; the lender stays as it is. Materials that are the same in both
 * are one afterwards; those that are only called alike get the lender's number behind their name, for steps find materials by name.
 * @param mark the lender's number
 * @returns each property's counterpart
 */
export function bringOver(
  document: Document,
  lender: Document,
  wanted: Property[],
  mark: string,
): Map<Property, Property> {
  const own = document.getRoot().listMaterials();
  for (const extension of lender.getRoot().listExtensionsUsed())
    document.createExtension(extension.constructor as new (document: Document) => Extension);
  const copies = copyToDocument(document, lender, wanted);
  const buffer = document.getRoot().listBuffers()[0] ?? document.createBuffer();
  for (const copy of copies.values())
    if (copy.propertyType === 'Accessor' && (copy as Accessor).getBuffer()) (copy as Accessor).setBuffer(buffer);
  for (const copy of copies.values()) if (copy.propertyType === 'Buffer' && copy !== buffer) (copy as Buffer).dispose();
  for (const [source, copy] of copies)
    if (copy.propertyType === 'Material') copies.set(source, settle(copy as Material, own, mark));
  return copies;
}

/** @returns the material that stands for a lent one from now on */
function settle(lent: Material, own: readonly Material[], mark: string): Material {
  const called = lent.getName();
  const marked = `${called} (${mark})`;
  const same = own.find((material) => {
    if (material.getName() !== called && material.getName() !== marked) return false;
    return material.equals(lent, new Set(['name']));
  });
  if (same) {
    for (const parent of lent.listParents()) if (parent.propertyType !== 'Root') parent.swap(lent, same);
    lent.dispose();
    return same;
  }
  if (own.some((material) => material.getName() === called)) lent.setName(marked);
  return lent;
}
