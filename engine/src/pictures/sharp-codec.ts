import { decode as decodeBmp } from 'bmp-ts';
import sharp from 'sharp';
import { TGALoader } from 'three/examples/jsm/loaders/TGALoader.js';
import { DomainError } from '@haveld/contract/error';
import { isSolid } from '@haveld/core/textures/convert/is-solid';
import { identifyPicture } from '@haveld/core/textures/pictures/identify-picture';
import type { DeepChannel, MapFileCodec, Picture } from '@haveld/core/textures/pictures/picture-codec';
import { checkPictureSize } from './picture-limits';
import { getSpecialReader } from './read-special';

/** 16K × 16K: anything larger is refused before it is decoded. */
export const MAX_PIXELS = 16384 * 16384;

sharp.concurrency(1);
sharp.cache(false);

/**
 * Reads pictures with sharp; what it refuses (TGA, BMP, PSD, EXR, HDR, DDS, KTX2) with readers of their own. The same pixels
 * give the same PNG.
 */
export const sharpCodec: MapFileCodec = {
  decode: (bytes) => reading(bytes, () => decodePicture(bytes)),

  decodeDeep: (bytes) =>
    reading(bytes, async () => {
      const kind = identifyPicture(bytes);
      if (kind === 'png' || kind === 'tiff') return decodeSixteen(bytes);
      const { width, height, data } = await decodePicture(bytes);
      return { width, height, data: Uint16Array.from({ length: width * height }, (_, i) => data[i * 4] * 257) };
    }),

  encodePng: (picture) => writePng(picture, { adaptiveFiltering: true }),

  async encodeJpeg({ width, height, data }: Picture, quality: number): Promise<Uint8Array> {
    const image = sharp(data, { raw: { width, height, channels: 4 } }).removeAlpha();
    const jpeg = await image.jpeg({ quality, chromaSubsampling: '4:4:4' }).toBuffer();
    return new Uint8Array(jpeg.buffer, jpeg.byteOffset, jpeg.byteLength);
  },

  async encodeWebp({ width, height, data }: Picture, quality: number | null): Promise<Uint8Array> {
    const image = sharp(data, { raw: { width, height, channels: 4 } });
    if (isSolid({ data })) image.removeAlpha();
    // exact: colours under what is see-through are kept, as every other format here keeps them
    const webp = await image
      .webp(quality === null ? { lossless: true, exact: true } : { quality, exact: true, smartSubsample: true })
      .toBuffer();
    return new Uint8Array(webp.buffer, webp.byteOffset, webp.byteLength);
  },

  async encodeKtx2(picture, as) {
    const { encodeKtx2 } = await import('./encode-ktx2');
    return encodeKtx2(picture, as);
  },
};

/**
 * What goes wrong while a picture is read, in a sentence.
 * @throws {DomainError} `bad-file`, or what the limits say
 */
export async function reading<T>(bytes: Uint8Array, read: () => Promise<T>): Promise<T> {
  const kind = identifyPicture(bytes);
  try {
    checkPictureSize(bytes, kind);
    return await read();
  } catch (error) {
    if (error instanceof DomainError) throw error;
    throw new DomainError(
      'bad-file',
      `This picture cannot be read${kind ? ` as ${kind.toUpperCase()}` : ''}: ${(error as Error).message.split('\n')[0]}.`,
      { cause: error },
    );
  }
}

async function decodePicture(bytes: Uint8Array): Promise<Picture> {
  const kind = identifyPicture(bytes);
  if (kind === 'tga') return decodeTga(bytes);
  if (kind === 'bmp') return readBmp(bytes);
  const special = getSpecialReader(kind);
  if (special) return special(bytes);
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
}

async function decodeSixteen(bytes: Uint8Array): Promise<DeepChannel> {
  const { data, info } = await sharp(bytes, { limitInputPixels: MAX_PIXELS })
    .toColourspace('grey16')
    .extractChannel(0)
    .raw({ depth: 'ushort' })
    .toBuffer({ resolveWithObject: true });
  return {
    width: info.width,
    height: info.height,
    data: new Uint16Array(data.buffer, data.byteOffset, data.byteLength / 2),
  };
}

function decodeTga(bytes: Uint8Array): Picture {
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

/** A picture we drew: smooth as it is, it is no third larger as a PNG made in two fifths of the time. */
export const encodeDrawn = (picture: Picture): Promise<Uint8Array> => writePng(picture, { adaptiveFiltering: false });

async function writePng(
  { width, height, data }: Picture,
  { adaptiveFiltering }: { adaptiveFiltering: boolean },
): Promise<Uint8Array> {
  const image = sharp(data, { raw: { width, height, channels: 4 } });
  // a fourth channel that says nothing costs a third more
  if (isSolid({ data })) image.removeAlpha();
  const png = await image.png({ compressionLevel: 6, adaptiveFiltering }).toBuffer();
  return new Uint8Array(png.buffer, png.byteOffset, png.byteLength);
}
