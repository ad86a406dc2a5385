import { listNamedMaterials, listUnmatchedNames } from '../../textures/materials/list-named-materials';
import type { StepDefinition } from '../step-definition';

export const mergeMaterials: StepDefinition<'merge-materials'> = {
  kind: 'merge-materials',
  phase: 'textures',
  order: 7,
  codeVersion: 1,
  topology: 'keeps',
  loses: ['maps'],
  title: (step) => `${step.from.length + 1} materials made one`,
  credit: () => null,
  adaptation: () => null,
  apply(document, step) {
    const [kept] = listNamedMaterials(document, [step.into]);
    if (!kept) return { changed: '', unmatched: [step.into] };
    const unmatched = listUnmatchedNames(document, step.from);
    for (const material of listNamedMaterials(document, [...step.from, step.into])) {
      if (material === kept) continue;
      for (const mesh of document.getRoot().listMeshes())
        for (const primitive of mesh.listPrimitives())
          if (primitive.getMaterial() === material) primitive.setMaterial(kept);
      material.dispose();
    }
    return { changed: `${step.from.join(', ')} into ${step.into}`, unmatched };
  },
};
