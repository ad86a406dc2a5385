import { flipFaces } from '../../scene/meshes/flip-faces';
import { PartIndex } from '../../scene/part-ref';
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
    const { nodes, unmatched } = new PartIndex(document).findAll(step.parts);
    const meshes = new Set(nodes.flatMap((node) => node.getMesh() ?? []));
    for (const mesh of meshes) flipFaces(document, mesh);
    return { changed: meshes.size === 1 ? '1 mesh' : `${meshes.size} meshes`, unmatched };
  },
};
