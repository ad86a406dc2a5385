import { findPart } from '../../scene/part-ref';
import { listNamedMaterials } from '../../textures/materials/list-named-materials';
import type { StepDefinition } from '../step-definition';

export const splitMaterial: StepDefinition<'split-material'> = {
  kind: 'split-material',
  phase: 'textures',
  order: 8,
  codeVersion: 1,
  topology: 'keeps',
  title: (step) => `“${step.part.name}” given a material of its own`,
  credit: () => null,
  adaptation: () => null,
  apply(document, step) {
    const [material] = listNamedMaterials(document, [step.material]);
    const node = findPart(document, step.part);
    const mesh = node?.getMesh();
    if (!material || !node || !mesh) return { changed: '', unmatched: [material ? step.part.name : step.material] };
    // a mesh that others stand for too is copied, not changed for all
    const isShared = mesh.listParents().filter((parent) => parent.propertyType === 'Node').length > 1;
    const own = isShared ? mesh.clone() : mesh;
    const copy = material.clone().setName(step.name);
    for (const primitive of own.listPrimitives()) {
      if (primitive.getMaterial() !== material) continue;
      if (isShared) own.removePrimitive(primitive).addPrimitive(primitive.clone().setMaterial(copy));
      else primitive.setMaterial(copy);
    }
    node.setMesh(own);
    return { changed: `${step.part.name}: ${step.name}`, unmatched: [] };
  },
};
