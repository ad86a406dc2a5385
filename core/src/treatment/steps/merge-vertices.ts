import { PartIndex } from '../../scene/part-ref';
import { mergeVertices } from '../../structure/surfaces/merge-vertices';
import { count } from '../../text/count';
import type { StepDefinition } from '../step-definition';
import { listMeshesOf } from './list-meshes-of';

export const mergeVerticesOfParts: StepDefinition<'merge-vertices'> = {
  kind: 'merge-vertices',
  phase: 'parts',
  order: 0,
  codeVersion: 1,
  topology: 'replaces',
  // polygons whose corners all came together
  loses: ['triangles', 'polygons', 'layouts', 'colours', 'creases', 'skinned'],
  // what was two open edges is one between two faces, whichever way they look
  brings: ['against'],
  title: ({ of }) => (of === 'borders' ? 'Open borders brought together' : 'Near vertices brought together'),
  credit: () => null,
  adaptation: () => null,
  apply(document, { parts, tolerance, of }) {
    const { nodes, unmatched } = new PartIndex(document).findAll(parts);
    const moved = listMeshesOf(nodes).reduce(
      (sum, mesh) => sum + mergeVertices(document, mesh.listPrimitives(), tolerance, of),
      0,
    );
    return { changed: count(moved, 'place'), unmatched };
  },
};
