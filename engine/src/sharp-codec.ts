import { decode as decodeBmp } from 'bmp-ts';
import sharp from 'sharp';
import { TGALoader } from 'three/examples/jsm/loaders/TGALoader.js';
import { DomainError } from '@haveld/contract/error';
import { identifyPicture } from '@haveld/core/textures/identify-picture';
import type { Picture, PictureCodec } from '@haveld/core/textures/picture-codec';

/** 16K × 16K: anything larger is refused before it is decoded. */
const MAX_PIXELS = 16384 * 16384;

sharp.concurrency(1);
sharp.cache(false);

/** Reads pictures with sharp; TGA and BMP, which it refuses, with readers of their own. The same pixels give the same PNG. */
export const sharpCodec: PictureCodec = {
  async decode(bytes: Uint8Array): Promise<Picture> {
    const kind = identifyPicture(bytes);
    try {
      if (kind === 'tga') return decodeTga(bytes);
      if (kind === 'bmp') return readBmp(bytes);
      const { data, info } = await sharp(bytes, { limitInputPixels: MAX_PIXELS })
        .toColourspace('srgb')
        .ensureAlpha()
        .raw({ depth: 'uchar' })
        .toBuffer({ resolveWithObject: true });
      return {
        width: info.width,
        height: info.height,
        data: new Uint8Array(data.buffer, data.byteOffset, data.byteLength),
      };
    } catch (error) {
      throw new DomainError(
        'bad-file',
        `This picture cannot be read${kind ? ` as ${kind.toUpperCase()}` : ''}: ${(error as Error).message.split('\n')[0]}.`,
        { cause: error },
      );
    }
  },

  async encodePng({ width, height, data }: Picture): Promise<Uint8Array> {
    const image = sharp(data, { raw: { width, height, channels: 4 } });
    const png = await image.png({ compressionLevel: 6, adaptiveFiltering: true }).toBuffer();
    return new Uint8Array(png.buffer, png.byteOffset, png.byteLength);
  },
};

function decodeTga(bytes: Uint8Array): Picture {
  const [width, height] = [bytes[12] | (bytes[13] << 8), bytes[14] | (bytes[15] << 8)];
  if (width * height > MAX_PIXELS) throw new RangeError(`${width} × ${height} is too large`);
  const read = new TGALoader().parse(bytes.slice().buffer);
  if (!read.data || !read.width || !read.height) throw new Error('no pixels');
  return {
    width: read.width,
    height: read.height,
    data: new Uint8Array(read.data.buffer, read.data.byteOffset, read.data.byteLength),
  };
}

function readBmp(bytes: Uint8Array): Picture {
  const { width, height, data } = decodeBmp(Buffer.from(bytes), { toRGBA: true });
  return { width, height, data: new Uint8Array(data) };
}
