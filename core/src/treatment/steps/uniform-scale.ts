import { evenScale } from '../../placement/bake/non-uniform-scale';
import { PartIndex } from '../../scene/part-ref';
import { count } from '../../text/count';
import type { StepDefinition } from '../step-definition';

export const uniformScale: StepDefinition<'uniform-scale'> = {
  kind: 'uniform-scale',
  phase: 'structure',
  order: 0,
  codeVersion: 1,
  topology: 'keeps',
  title: (step) => (step.unmirror ? 'Mirroring and stretch removed' : 'Stretch removed'),
  credit: () => 'stretch removed',
  adaptation: () => 'its proportions',
  apply(document, step) {
    const { nodes, unmatched } = new PartIndex(document).findAll(step.parts);
    for (const node of nodes) node.setScale(evenScale(node.getScale(), !step.unmirror));
    return { changed: count(nodes.length, 'node'), unmatched };
  },
};
