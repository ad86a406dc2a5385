import { PartIndex } from '../../scene/part-ref';
import { describeNames } from '../describe-names';
import type { StepDefinition } from '../step-definition';

export const leaveOut: StepDefinition<'leave-out'> = {
  kind: 'leave-out',
  phase: 'structure',
  order: 3,
  codeVersion: 1,
  topology: 'keeps',
  loses: [
    'triangles',
    'polygons',
    'lines',
    'layouts',
    'colours',
    'creases',
    'shapes',
    'skinned',
    'tracks',
    'maps',
    'marks',
  ],
  title: (step) =>
    step.what === 'clutter' ? 'Clutter removed' : `${step.what[0].toUpperCase()}${step.what.slice(1)} removed`,
  credit: (step) => (step.what === 'clutter' ? null : `${step.what} left out`),
  adaptation: (step) => (step.what === 'clutter' ? null : `${step.what} left out`),
  apply(document, step) {
    // found before any is taken away, for taking one away renumbers its twins
    const { nodes, unmatched } = new PartIndex(document).findAll(step.parts);
    const names = nodes.map((node) => node.getName());
    for (const node of nodes) {
      const children = node.getMesh() ? [] : node.listChildren();
      if (children.length === 0) node.traverse((below) => below.dispose());
    }
    return { changed: describeNames(names), unmatched };
  },
};
