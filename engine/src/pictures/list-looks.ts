import { createHash } from 'node:crypto';
import type { Document } from '@gltf-transform/core';
import { measureLook } from './measure-look';

/** Every picture of a model once, by its bytes, with what it looks like; null where that says nothing. */
export async function listLooks(document: Document): Promise<{ sha256: string; look: string | null }[]> {
  const pictures = new Map<string, string | null>();
  for (const texture of document.getRoot().listTextures()) {
    const image = texture.getImage();
    if (!image) continue;
    const sha256 = createHash('sha256').update(image).digest('hex');
    if (!pictures.has(sha256)) pictures.set(sha256, await measureLook(image));
  }
  return [...pictures].sort(([a], [b]) => (a < b ? -1 : 1)).map(([sha256, look]) => ({ sha256, look }));
}
