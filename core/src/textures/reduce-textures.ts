import type { Document, Texture } from '@gltf-transform/core';
import { fitSide, reducePicture, type ReduceAs } from './convert/reduce-picture';
import type { PictureCodec } from './picture-codec';
import { readPictureSize } from './picture-size';
import { getSlotTexture, SHOWN_SLOTS } from './slot-texture';
import { SLOTS } from './slots';

/**
 * Makes every map of a document at most so large, each by what it is: colours as light, normals as vectors, figures as they are.
 * @param side longest side in texels; smaller maps stay as they are
 * @returns how many were made smaller
 */
export async function reduceTextures(document: Document, side: number, codec: PictureCodec): Promise<number> {
  const ways = new Map<Texture, ReduceAs>();
  for (const material of document.getRoot().listMaterials())
    for (const slot of SHOWN_SLOTS) {
      const texture = getSlotTexture(material, slot);
      if (texture)
        ways.set(texture, slot === 'normal' ? 'normal' : SLOTS[slot].colourSpace === 'srgb' ? 'colour' : 'data');
    }
  let count = 0;
  for (const [texture, as] of ways) {
    const image = texture.getImage();
    const size = image && readPictureSize(image);
    if (!image || !size || Math.max(...size) <= side) continue;
    const picture = await codec.decode(image);
    const [width, height] = fitSide(picture.width, picture.height, side);
    const reduced = reducePicture(picture, width, height, as);
    // a photograph that came as JPEG stays one: as PNG it would be larger than before
    const isJpeg = texture.getMimeType() === 'image/jpeg' && as === 'colour';
    const bytes = isJpeg ? await codec.encodeJpeg(reduced, 92) : await codec.encodePng(reduced);
    texture.setImage(bytes as Uint8Array<ArrayBuffer>).setMimeType(isJpeg ? 'image/jpeg' : 'image/png');
    count++;
  }
  return count;
}
