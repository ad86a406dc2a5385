import sharp, { type Sharp } from 'sharp';
import { computeLook, LOOK_HEIGHT, LOOK_WIDTH } from '@haveld/core/textures/picture-look';
import { sharpCodec } from './sharp-codec';

/** @returns the look of a picture in hexadecimal, or null where it is flat or cannot be read */
export async function measureLook(bytes: Uint8Array): Promise<string | null> {
  try {
    const grey = await shrink(sharp(bytes)).catch(async () => {
      const { width, height, data } = await sharpCodec.decode(bytes);
      return shrink(sharp(data, { raw: { width, height, channels: 4 } }));
    });
    return computeLook(grey)?.toString(16) ?? null;
  } catch (error) {
    // a picture nobody can read has no look; what is wrong with it is said where it is used
    if ((error as Error).name === 'DomainError' || (error as { code?: string }).code === 'bad-file') return null;
    throw error;
  }
}

async function shrink(image: Sharp): Promise<Uint8Array> {
  const { data } = await image
    .removeAlpha()
    .greyscale()
    .resize(LOOK_WIDTH, LOOK_HEIGHT, { fit: 'fill', kernel: 'linear' })
    .raw({ depth: 'uchar' })
    .toBuffer({ resolveWithObject: true });
  return new Uint8Array(data.buffer, data.byteOffset, LOOK_WIDTH * LOOK_HEIGHT);
}
