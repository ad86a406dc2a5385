import { evenScale } from '../../placement/bake/non-uniform-scale';
import { findPart } from '../../scene/part-ref';
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
    const found = step.parts.map((part) => ({ part, node: findPart(document, part) }));
    for (const { node } of found) node?.setScale(evenScale(node.getScale(), !step.unmirror));
    const unmatched = found.filter(({ node }) => !node).map(({ part }) => part.name);
    const changed = found.length - unmatched.length;
    return { changed: changed === 1 ? '1 node' : `${changed} nodes`, unmatched };
  },
};
