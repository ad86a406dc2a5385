import { LIGHT_OF_BYTE } from '../../textures/convert/srgb';
import { measurePicture } from '../../textures/judging/picture-measures';
import { listNamedMaterials } from '../../textures/materials/list-named-materials';
import { getSlotTexture, setSlotTexture } from '../../textures/slot-texture';
import { SLOTS } from '../../textures/slots';
import type { StepDefinition } from '../step-definition';

export const foldConstant: StepDefinition<'fold-constant'> = {
  kind: 'fold-constant',
  phase: 'textures',
  order: 5,
  codeVersion: 1,
  topology: 'keeps',
  loses: ['maps'],
  title: (step) => `A ${SLOTS[step.slot].label} map of one colour made a value`,
  credit: () => null,
  adaptation: () => null,
  async apply(document, step, { codec }) {
    const materials = listNamedMaterials(document, [step.material]);
    if (materials.length === 0) return { changed: '', unmatched: [step.material] };
    for (const material of materials) {
      const image = getSlotTexture(material, step.slot)?.getImage();
      if (!image) continue;
      const picture = await codec.decode(image);
      // another picture may have been put there since: only what is one colour becomes a figure
      if (!measurePicture(picture).constant)
        return { changed: `${step.material}: left, it is not one colour`, unmatched: [] };
      const { data } = picture;
      const [r, g, b] = [LIGHT_OF_BYTE[data[0]], LIGHT_OF_BYTE[data[1]], LIGHT_OF_BYTE[data[2]]];
      const factor = material.getBaseColorFactor();
      if (step.slot === 'baseColor')
        material.setBaseColorFactor([factor[0] * r, factor[1] * g, factor[2] * b, (factor[3] * data[3]) / 255]);
      else if (step.slot === 'metallicRoughness')
        material
          .setRoughnessFactor((material.getRoughnessFactor() * data[1]) / 255)
          .setMetallicFactor((material.getMetallicFactor() * data[2]) / 255);
      else if (step.slot === 'emissive') {
        const [er, eg, eb] = material.getEmissiveFactor();
        material.setEmissiveFactor([er * r, eg * g, eb * b]);
      }
      // occlusion and normals that say nothing need no figure
      setSlotTexture(document, material, step.slot, null);
    }
    return { changed: step.material, unmatched: [] };
  },
};
