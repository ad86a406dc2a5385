import type { Texture } from '@gltf-transform/core';
import { flipGreen, invertPicture, putChannel, takeChannel } from '../../textures/convert/change-channels';
import { listNamedMaterials, listUnmatchedNames } from '../../textures/materials/list-named-materials';
import type { Picture } from '../../textures/pictures/picture-codec';
import { getSlotTexture, setSlotTexture } from '../../textures/slot-texture';
import { SLOTS } from '../../textures/slots';
import type { StepDefinition } from '../step-definition';

/** Each change undoes itself: done twice it leaves the map as it was. */
export const changeMap: StepDefinition<'change-map'> = {
  kind: 'change-map',
  phase: 'textures',
  order: 4,
  codeVersion: 1,
  topology: 'keeps',
  loses: ['maps'],
  title: (step) =>
    step.change === 'flip-green' ? 'Green of the normals turned over' : `${SLOTS[step.slot].label} turned over`,
  credit: () => null,
  adaptation: () => null,
  async apply(document, step, { codec }) {
    const changed = new Map<Texture, Texture>();
    let count = 0;
    for (const material of listNamedMaterials(document, step.materials)) {
      const texture = getSlotTexture(material, step.slot);
      const image = texture?.getImage();
      if (!texture || !image) continue;
      let other = changed.get(texture);
      if (!other) {
        const png = await codec.encodePng(change(await codec.decode(image), step.slot, step.change));
        other = document
          .createTexture(texture.getName())
          .setImage(png as Uint8Array<ArrayBuffer>)
          .setMimeType('image/png');
        changed.set(texture, other);
      }
      setSlotTexture(document, material, step.slot, other);
      count++;
    }
    return {
      changed: `${changed.size} ${changed.size === 1 ? 'map' : 'maps'} of ${count} ${count === 1 ? 'material' : 'materials'}`,
      unmatched: listUnmatchedNames(document, step.materials),
    };
  },
};

/** Roughness and metallic share a picture: only the channel that is meant turns over. */
function change(picture: Picture, slot: string, kind: 'invert' | 'flip-green'): Picture {
  if (kind === 'flip-green') return flipGreen(picture);
  const channel = slot === 'roughness' || slot === 'glossiness' ? 'g' : slot === 'metallic' ? 'b' : null;
  if (!channel) return invertPicture(picture);
  const data = picture.data.slice();
  const dst = { ...picture, data };
  putChannel(dst, channel === 'g' ? 1 : 2, takeChannel(picture, channel, true));
  return dst;
}
