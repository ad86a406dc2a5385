import { applyFactors } from '../../textures/materials/apply-factors';
import { listNamedMaterials, listUnmatchedNames } from '../../textures/materials/list-named-materials';
import { setSlotTexture } from '../../textures/slot-texture';
import type { StepDefinition } from '../step-definition';

export const setMaterial: StepDefinition<'set-material'> = {
  kind: 'set-material',
  phase: 'textures',
  order: 6,
  codeVersion: 1,
  topology: 'keeps',
  loses: ['maps'],
  title: (step) =>
    `${step.materials.length === 1 ? step.materials[0] : `${step.materials.length} materials`}: ${step.label}`,
  credit: (step) => (step.factors.baseColor || step.without.includes('baseColor') ? 'materials changed' : null),
  adaptation: () => null,
  apply(document, step) {
    for (const material of listNamedMaterials(document, step.materials)) {
      for (const slot of step.without) setSlotTexture(document, material, slot, null);
      applyFactors(document, material, step.factors);
    }
    return { changed: step.label, unmatched: listUnmatchedNames(document, step.materials) };
  },
};
