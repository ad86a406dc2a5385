import { flipFaces } from '../../scene/meshes/flip-faces';
import { findPart } from '../../scene/part-ref';
import type { StepDefinition } from '../step-definition';

/** Not idempotent: turned twice they look inwards again. */
export const flipFacesOut: StepDefinition<'flip-faces'> = {
  kind: 'flip-faces',
  phase: 'structure',
  order: 2,
  codeVersion: 1,
  topology: 'permutes',
  title: () => 'Faces flipped outwards',
  credit: () => null,
  adaptation: () => null,
  apply(document, step) {
    const found = step.parts.map((part) => ({ part, node: findPart(document, part) }));
    const meshes = new Set(found.flatMap(({ node }) => node?.getMesh() ?? []));
    for (const mesh of meshes) flipFaces(document, mesh);
    const unmatched = found.filter(({ node }) => !node).map(({ part }) => part.name);
    return { changed: meshes.size === 1 ? '1 mesh' : `${meshes.size} meshes`, unmatched };
  },
};
