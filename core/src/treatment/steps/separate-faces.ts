import { PartIndex } from '../../scene/part-ref';
import { chooseFaces, separate } from '../../structure/parts/separate-faces';
import { count } from '../../text/count';
import type { StepDefinition } from '../step-definition';

export const separateFaces: StepDefinition<'separate-faces'> = {
  kind: 'separate-faces',
  phase: 'parts',
  order: 0,
  codeVersion: 1,
  topology: 'replaces',
  loses: ['triangles', 'polygons', 'layouts', 'colours', 'creases', 'skinned', 'maps'],
  // where the faces hung together before
  brings: ['open'],
  title: (step) =>
    step.name === null ? `Faces of “${step.part.name}” removed` : `“${step.name}” separated from “${step.part.name}”`,
  credit: (step) => (step.name === null ? 'faces left out' : null),
  adaptation: (step) => (step.name === null ? 'faces left out' : null),
  apply(document, step) {
    const part = new PartIndex(document).find(step.part);
    const mesh = part?.getMesh();
    if (!part || !mesh) return { changed: '', unmatched: [step.part.name] };
    const chosen = chooseFaces(mesh.listPrimitives(), step.faces);
    if (!chosen) return { changed: '', unmatched: [`faces of ${step.part.name}`] };
    const { faces } = separate(document, part, chosen, step.name);
    return { changed: count(faces, 'polygon'), unmatched: [] };
  },
};
