import { PropertyType, type Document } from '@gltf-transform/core';
import { PACKINGS } from './packings';

/** Leaves one buffer, each picture once, and nothing that no part uses. */
export async function tidyDocument(document: Document): Promise<void> {
  const root = document.getRoot();
  for (const extension of root.listExtensionsUsed())
    if (PACKINGS.includes(extension.extensionName)) extension.dispose();
  const isPlain = root.listBuffers().length <= 1 && root.listTextures().length === 0;
  if (isPlain && !hasUnused(document)) return;
  // it takes a while to load, which a single bare mesh is spared
  const { dedup, prune, unpartition } = await import('@gltf-transform/functions');
  await document.transform(
    unpartition(),
    dedup({ propertyTypes: [PropertyType.TEXTURE] }),
    prune({
      propertyTypes: [PropertyType.TEXTURE, PropertyType.ACCESSOR, PropertyType.MESH],
      keepAttributes: true,
      keepSolidTextures: true,
      keepExtras: true,
    }),
  );
}

const hasUnused = (document: Document): boolean => {
  const root = document.getRoot();
  return [...root.listAccessors(), ...root.listMeshes()].some((property) =>
    property.listParents().every((parent) => parent === root || parent.propertyType === PropertyType.BUFFER),
  );
};
