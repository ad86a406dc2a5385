import { ImageUtils } from '@gltf-transform/core';
import { identifyPicture } from './identify-picture';

/** @returns [width, height] in texels from a picture's header, or null where it is not readable without decoding */
export function readPictureSize(bytes: Uint8Array): [number, number] | null {
  const kind = identifyPicture(bytes);
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  switch (kind) {
    case 'png':
    case 'jpeg':
    case 'webp': {
      // shorter than the shortest header of the three
      if (bytes.length < 24) return null;
      const size = ImageUtils.getSize(bytes as Uint8Array<ArrayBuffer>, `image/${kind}`);
      return size ? [size[0], size[1]] : null;
    }
    case 'tga':
      return [view.getUint16(12, true), view.getUint16(14, true)];
    case 'bmp':
      return bytes.length < 26 ? null : [view.getInt32(18, true), Math.abs(view.getInt32(22, true))];
    case 'gif':
      return bytes.length < 10 ? null : [view.getUint16(6, true), view.getUint16(8, true)];
    case 'psd':
      return bytes.length < 26 ? null : [view.getUint32(18), view.getUint32(14)];
    case 'dds':
      return bytes.length < 20 ? null : [view.getUint32(16, true), view.getUint32(12, true)];
    case 'ktx2':
      return bytes.length < 28 ? null : [view.getUint32(20, true), Math.max(1, view.getUint32(24, true))];
    case 'exr':
      return readDataWindow(bytes, view);
    case 'hdr':
      return readResolutionLine(bytes);
    default:
      return null;
  }
}

/** OpenEXR: the attribute `dataWindow` of type `box2i` holds the corners, both included. */
function readDataWindow(bytes: Uint8Array, view: DataView): [number, number] | null {
  const head = String.fromCharCode(...bytes.subarray(0, 4096));
  const at = head.indexOf('dataWindow\0box2i\0');
  if (at < 0 || at + 37 > bytes.length) return null;
  const corner = (i: number): number => view.getInt32(at + 21 + i * 4, true);
  return [corner(2) - corner(0) + 1, corner(3) - corner(1) + 1];
}

/** Radiance: `-Y 512 +X 1024` ends the header. */
function readResolutionLine(bytes: Uint8Array): [number, number] | null {
  const [, height, width] = /\n[-+]Y (\d+) [-+]X (\d+)\n/.exec(String.fromCharCode(...bytes.subarray(0, 4096))) ?? [];
  return height ? [Number(width), Number(height)] : null;
}
