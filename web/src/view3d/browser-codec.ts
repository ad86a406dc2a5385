import { TGALoader } from 'three/examples/jsm/loaders/TGALoader.js';
import { DomainError } from '@haveld/contract/error';
import { identifyPicture } from '@haveld/core/textures/pictures/identify-picture';
import type { DeepChannel, Picture, PictureCodec } from '@haveld/core/textures/pictures/picture-codec';

/** Reads pictures with the browser's own decoders, without touching colours or alpha; TGA, which it does not know, with a loader. */
export const browserCodec: PictureCodec = {
  async decode(bytes: Uint8Array): Promise<Picture> {
    if (identifyPicture(bytes) === 'tga') {
      const { data, width, height } = new TGALoader().parse(bytes.slice().buffer);
      if (data && width && height)
        return { width, height, data: new Uint8Array(data.buffer, data.byteOffset, data.byteLength) };
    }
    try {
      const bitmap = await createImageBitmap(new Blob([bytes.slice()]), {
        premultiplyAlpha: 'none',
        colorSpaceConversion: 'none',
      });
      const canvas = new OffscreenCanvas(bitmap.width, bitmap.height);
      const context = canvas.getContext('2d')!;
      context.drawImage(bitmap, 0, 0);
      const { data } = context.getImageData(0, 0, bitmap.width, bitmap.height);
      return { width: bitmap.width, height: bitmap.height, data: new Uint8Array(data.buffer) };
    } catch (error) {
      throw new DomainError(
        'bad-file',
        'This picture cannot be shown here; the version made on the server may hold it.',
        { cause: error },
      );
    }
  },

  /** The browser reads 8 bits: what is shown on the bench is that deep, the version made on the server as deep as the file. */
  async decodeDeep(bytes: Uint8Array): Promise<DeepChannel> {
    const { width, height, data } = await browserCodec.decode(bytes);
    return { width, height, data: Uint16Array.from({ length: width * height }, (_, i) => data[i * 4] * 257) };
  },

  encodePng: (picture) => encode(picture, 'image/png'),
  encodeJpeg: (picture, quality) => encode(picture, 'image/jpeg', quality / 100),
};

async function encode({ width, height, data }: Picture, type: string, quality?: number): Promise<Uint8Array> {
  const canvas = new OffscreenCanvas(width, height);
  canvas.getContext('2d')!.putImageData(new ImageData(new Uint8ClampedArray(data), width, height), 0, 0);
  return new Uint8Array(await (await canvas.convertToBlob({ type, quality })).arrayBuffer());
}
