import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import type { PictureKind } from '@haveld/core/textures/pictures/identify-picture';
import type { Picture } from '@haveld/core/textures/pictures/picture-codec';

/** Formats sharp refuses and a library for all takes: whole in memory, loaded when one is met. */
const WITH_MAGICK: PictureKind[] = ['psd', 'dds'];

/** @returns the reader of a format sharp does not know; null where sharp reads it */
export function getSpecialReader(kind: PictureKind | null): ((bytes: Uint8Array) => Promise<Picture>) | null {
  if (kind === 'exr' || kind === 'hdr') return async (bytes) => (await import('./read-floats')).readFloats(kind, bytes);
  if (kind === 'ktx2') return readKtx2;
  return kind && WITH_MAGICK.includes(kind) ? readWithMagick : null;
}

let magick: ReturnType<typeof loadMagick> | null = null;

async function loadMagick() {
  const library = await import('@imagemagick/magick-wasm');
  const folder = dirname(createRequire(import.meta.url).resolve('@imagemagick/magick-wasm'));
  await library.initializeImageMagick(await readFile(join(folder, 'x86/magick.wasm')));
  return library;
}

async function readWithMagick(bytes: Uint8Array): Promise<Picture> {
  const { ImageMagick, ColorSpace } = await (magick ??= loadMagick());
  return ImageMagick.read(bytes, (image) => {
    if (image.colorSpace !== ColorSpace.sRGB) image.colorSpace = ColorSpace.sRGB;
    const { width, height } = image;
    const data = image.getPixels((pixels) => pixels.toByteArray(0, 0, width, height, 'RGBA'));
    if (!data) throw new Error('no pixels');
    return { width, height, data: new Uint8Array(data) };
  });
}

/** Basis' own transcoder, at RGBA32 (its format 13). */
async function readKtx2(bytes: Uint8Array): Promise<Picture> {
  const { openBasis } = await import('./basis-module');
  const basis = await openBasis();
  const file = new basis.KTX2File(bytes);
  try {
    if (!file.isValid()) throw new Error('it holds no Basis data, the one kind of KTX2 that is read');
    const [width, height] = [file.getWidth(), file.getHeight()];
    const data = new Uint8Array(file.getImageTranscodedSizeInBytes(0, 0, 0, 13));
    if (!file.startTranscoding() || !file.transcodeImage(data, 0, 0, 0, 13, 0, -1, -1))
      throw new Error('its data are broken');
    return { width, height, data };
  } finally {
    file.close();
    file.delete();
  }
}
