import { PartIndex } from '../../scene/part-ref';
import { turnFacesOf } from '../../structure/surfaces/turn-faces-of';
import { count } from '../../text/count';
import type { StepDefinition } from '../step-definition';
import { listMeshesOf } from './list-meshes-of';

export const turnFaces: StepDefinition<'turn-faces'> = {
  kind: 'turn-faces',
  phase: 'parts',
  order: 0,
  codeVersion: 1,
  topology: 'permutes',
  title: () => 'Faces flipped to agree and to look outwards',
  credit: () => null,
  adaptation: () => null,
  apply(document, step) {
    const { nodes, unmatched } = new PartIndex(document).findAll(step.parts);
    const turned = listMeshesOf(nodes).reduce((sum, mesh) => sum + turnFacesOf(document, mesh.listPrimitives()), 0);
    return { changed: count(turned, 'polygon'), unmatched };
  },
};
