import type { Document } from '@gltf-transform/core';
import { identifyPicture } from './identify-picture';

/** Kinds of pictures a glTF file may hold, its extensions included. */
const TYPES: Record<string, string> = {
  png: 'image/png',
  jpeg: 'image/jpeg',
  webp: 'image/webp',
  ktx2: 'image/ktx2',
};

/** Pictures are called what their bytes are (glTF 2.0, 3.8.3, and its extensions for WebP and KTX2). */
export function nameImageTypes(document: Document): void {
  for (const texture of document.getRoot().listTextures()) {
    const image = texture.getImage();
    const type = image && TYPES[identifyPicture(image) ?? ''];
    if (type && texture.getMimeType() !== type) texture.setMimeType(type);
  }
}
