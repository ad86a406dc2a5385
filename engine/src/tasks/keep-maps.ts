import type { Document } from '@gltf-transform/core';
import { getMaterialSource, setMaterialSource } from '@haveld/core/scene/document/source-data';
import { getSlotTexture } from '@haveld/core/textures/slot-texture';
import type { FolderStore } from '../store/folder-store';

/**
 * Takes the pictures out of a document into the store, each once, and notes their hashes where they are embedded, so that a map
 * that came inside the file can be treated as one that came beside it.
 * @returns the hashes of all pictures the document shows
 */
export async function keepMaps(document: Document, store: FolderStore): Promise<string[]> {
  const hashes = new Map<object, string>();
  for (const texture of document.getRoot().listTextures()) {
    const image = texture.getImage();
    if (!image) continue;
    hashes.set(texture, (await store.put(image)).sha256);
  }
  for (const material of document.getRoot().listMaterials()) {
    const { maps } = getMaterialSource(material);
    if (!maps?.some(({ status }) => status === 'embedded')) continue;
    setMaterialSource(material, {
      maps: maps.map((map) => {
        const texture = map.status === 'embedded' ? getSlotTexture(material, map.slot) : null;
        return texture ? { ...map, sha256: map.sha256 ?? hashes.get(texture) ?? null } : map;
      }),
    });
  }
  return [...new Set(hashes.values())];
}
