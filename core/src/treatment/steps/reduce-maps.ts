import type { Texture } from '@gltf-transform/core';
import { fitSide, reducePicture, type ReduceAs } from '../../textures/convert/reduce-picture';
import { getSlotTexture, SHOWN_SLOTS } from '../../textures/slot-texture';
import { SLOTS } from '../../textures/slots';
import { readPictureSize } from '../../textures/picture-size';
import type { StepDefinition } from '../step-definition';

export const reduceMaps: StepDefinition<'reduce-maps'> = {
  kind: 'reduce-maps',
  phase: 'textures',
  order: 9,
  codeVersion: 1,
  topology: 'keeps',
  title: (step) =>
    `Maps reduced to ${step.side >= 1024 && step.side % 1024 === 0 ? `${step.side / 1024}K` : `${step.side} texels`}`,
  credit: () => null,
  adaptation: () => null,
  async apply(document, step, { codec }) {
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
      if (!image || !size || Math.max(...size) <= step.side) continue;
      const picture = await codec.decode(image);
      const [width, height] = fitSide(picture.width, picture.height, step.side);
      const reduced = reducePicture(picture, width, height, as);
      // a photograph that came as JPEG stays one: as PNG it would be larger than before
      const isJpeg = texture.getMimeType() === 'image/jpeg' && as === 'colour';
      const bytes = isJpeg ? await codec.encodeJpeg(reduced, 92) : await codec.encodePng(reduced);
      texture.setImage(bytes as Uint8Array<ArrayBuffer>).setMimeType(isJpeg ? 'image/jpeg' : 'image/png');
      count++;
    }
    return { changed: `${count} ${count === 1 ? 'map' : 'maps'}`, unmatched: [] };
  },
};
