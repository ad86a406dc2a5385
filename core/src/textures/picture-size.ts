import { ImageUtils } from '@gltf-transform/core';
import { identifyPicture } from './identify-picture';

/** @returns [width, height] in texels from a picture's header, or null where it is not readable without decoding */
export function readPictureSize(bytes: Uint8Array): [number, number] | null {
  const kind = identifyPicture(bytes);
  if (kind === 'png' || kind === 'jpeg' || kind === 'webp') {
    const size = ImageUtils.getSize(bytes as Uint8Array<ArrayBuffer>, `image/${kind}`);
    return size ? [size[0], size[1]] : null;
  }
  if (kind === 'tga') return [bytes[12] | (bytes[13] << 8), bytes[14] | (bytes[15] << 8)];
  if (kind === 'bmp') {
    const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
    return bytes.length < 26 ? null : [view.getInt32(18, true), Math.abs(view.getInt32(22, true))];
  }
  return null;
}
