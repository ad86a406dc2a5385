import { ImageUtils } from '@gltf-transform/core';

/**
 * Whether a picture's bytes hold together as far as its pixels begin.
 * @param mimeType `image/png`, `image/jpeg` or `image/webp`; others are taken as they are
 */
export function isShowable(bytes: Uint8Array<ArrayBuffer>, mimeType: string): boolean {
  if (!['image/png', 'image/jpeg', 'image/webp'].includes(mimeType)) return true;
  return ImageUtils.getSize(bytes, mimeType) !== null && (mimeType !== 'image/png' || reachesPixels(bytes));
}

/** Walks the chunks of a PNG to its first pixels (PNG third edition, 5.3). */
function reachesPixels(bytes: Uint8Array): boolean {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  for (let at = 8; at + 12 <= bytes.length; at += view.getUint32(at) + 12) {
    if (String.fromCharCode(...bytes.subarray(at + 4, at + 8)) === 'IDAT') return true;
  }
  return false;
}
