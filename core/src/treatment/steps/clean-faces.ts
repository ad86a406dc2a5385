import { PartIndex } from '../../scene/part-ref';
import { removeFaultyFaces } from '../../structure/parts/faulty-faces';
import { count } from '../../text/count';
import type { StepDefinition } from '../step-definition';

export const cleanFaces: StepDefinition<'clean-faces'> = {
  kind: 'clean-faces',
  phase: 'parts',
  order: 0,
  codeVersion: 1,
  topology: 'replaces',
  loses: ['triangles', 'polygons', 'layouts', 'colours', 'creases', 'skinned', 'shapes', 'maps'],
  title: () => 'Faces of no area and doubled faces removed',
  credit: () => null,
  adaptation: () => null,
  apply(document, step) {
    const { nodes, unmatched } = new PartIndex(document).findAll(step.parts);
    // a mesh that stands several times is cleaned for all of them
    const meshes = new Map(nodes.flatMap((node) => (node.getMesh() ? [[node.getMesh(), node] as const] : [])));
    let gone = 0;
    for (const [mesh, node] of meshes) {
      gone += removeFaultyFaces(document, node);
      for (const other of nodes) if (other.getMesh() === mesh) other.setMesh(node.getMesh());
    }
    return { changed: count(gone, 'polygon'), unmatched };
  },
};
