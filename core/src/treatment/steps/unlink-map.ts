import { getMaterialSource, setMaterialSource } from '../../scene/document/source-data';
import { listNamedMaterials } from '../../textures/materials/list-named-materials';
import { setSlotTexture } from '../../textures/slot-texture';
import { SLOTS } from '../../textures/slots';
import type { StepDefinition } from '../step-definition';

export const unlinkMap: StepDefinition<'unlink-map'> = {
  kind: 'unlink-map',
  phase: 'textures',
  // as relinking: the two run as they were taken, so that a map can be moved within one picture
  order: 0,
  codeVersion: 1,
  topology: 'keeps',
  loses: ['maps'],
  title: (step) => `${capital(SLOTS[step.slot].label)} map removed`,
  credit: (step) => (SLOTS[step.slot].colourSpace === 'srgb' ? 'maps removed' : null),
  adaptation: () => null,
  apply(document, step) {
    const materials = listNamedMaterials(document, [step.material]);
    if (materials.length === 0) return { changed: '', unmatched: [step.material] };
    for (const material of materials) {
      setSlotTexture(document, material, step.slot, null);
      if (step.slot === 'metallicRoughness' || step.slot === 'metallic') material.setMetallicFactor(0);
      const maps = getMaterialSource(material).maps ?? [];
      setMaterialSource(material, { maps: maps.filter(({ slot }) => slot !== step.slot) });
    }
    return { changed: `${step.material} goes without`, unmatched: [] };
  },
};

const capital = (text: string): string => text[0].toUpperCase() + text.slice(1);
