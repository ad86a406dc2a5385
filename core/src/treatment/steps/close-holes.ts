import { PartIndex } from '../../scene/part-ref';
import { closeHoles } from '../../structure/surfaces/close-holes';
import { count } from '../../text/count';
import type { StepDefinition } from '../step-definition';
import { listMeshesOf } from './list-meshes-of';

export const closeHolesOfParts: StepDefinition<'close-holes'> = {
  kind: 'close-holes',
  phase: 'parts',
  order: 0,
  codeVersion: 1,
  topology: 'replaces',
  title: () => 'Holes closed',
  credit: () => 'holes closed',
  adaptation: () => 'holes closed',
  apply(document, { parts, upTo }) {
    const { nodes, unmatched } = new PartIndex(document).findAll(parts);
    const closed = listMeshesOf(nodes).reduce(
      (sum, mesh) => sum + closeHoles(document, mesh.listPrimitives(), upTo),
      0,
    );
    return { changed: count(closed, 'hole'), unmatched };
  },
};
