import sharp, { type Sharp } from 'sharp';
import { describeLook, LOOK_SIDE } from '@haveld/core/textures/pictures/picture-look';
import { sharpCodec } from './sharp-codec';

/** @returns the look of a picture, or null where it cannot be read */
export async function measureLook(bytes: Uint8Array): Promise<string | null> {
  try {
    return await shrink(sharp(bytes)).catch(async () => {
      const { width, height, data } = await sharpCodec.decode(bytes);
      return shrink(sharp(data, { raw: { width, height, channels: 4 } }));
    });
  } catch (error) {
    // a picture nobody can read has no look; what is wrong with it is said where it is used
    if ((error as { code?: string }).code === 'bad-file') return null;
    throw error;
  }
}

async function shrink(image: Sharp): Promise<string> {
  const { data } = await image
    .flatten({ background: '#000000' })
    .toColourspace('srgb')
    .resize(LOOK_SIDE, LOOK_SIDE, { fit: 'fill', kernel: 'cubic', fastShrinkOnLoad: false })
    .removeAlpha()
    .raw({ depth: 'uchar' })
    .toBuffer({ resolveWithObject: true });
  return describeLook(new Uint8Array(data.buffer, data.byteOffset, LOOK_SIDE * LOOK_SIDE * 3));
}
