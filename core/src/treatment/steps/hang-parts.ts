import { PartIndex } from '../../scene/part-ref';
import { hangParts } from '../../structure/parts/hang-parts';
import { count } from '../../text/count';
import { describeNames, namesOf } from '../describe-names';
import type { StepDefinition } from '../step-definition';

export const hangPartsUnder: StepDefinition<'hang-parts'> = {
  kind: 'hang-parts',
  phase: 'parts',
  order: 0,
  codeVersion: 1,
  topology: 'keeps',
  title: (step) =>
    `${describeNames(step.parts.map(({ name }) => name))} ${step.under ? `under “${step.under.name}”` : 'to the top'}`,
  credit: () => null,
  adaptation: () => null,
  apply(document, step) {
    const index = new PartIndex(document);
    const { nodes, unmatched } = index.findAll(step.parts);
    const under = step.under && index.find(step.under);
    if (step.under && !under) return { changed: '', unmatched: [...unmatched, step.under.name] };
    const left = hangParts(document, nodes, under);
    return {
      changed: `${count(nodes.length - left.length, 'part')} moved`,
      unmatched: [...unmatched, ...namesOf(left)],
    };
  },
};
