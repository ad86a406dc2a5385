import { PartIndex } from '../../scene/part-ref';
import { joinParts } from '../../structure/parts/join-parts';
import { count } from '../../text/count';
import { describeNames, namesOf } from '../describe-names';
import type { StepDefinition } from '../step-definition';

export const joinPartsToOne: StepDefinition<'join-parts'> = {
  kind: 'join-parts',
  phase: 'parts',
  order: 0,
  codeVersion: 1,
  topology: 'keeps',
  title: (step) => `${count(step.parts.length, 'part')} joined as “${step.name}”`,
  credit: () => null,
  adaptation: () => null,
  apply(document, step) {
    const { nodes, unmatched } = new PartIndex(document).findAll(step.parts);
    if (nodes.length < 2) return { changed: '', unmatched };
    const reason = joinParts(document, nodes, step.name);
    return reason
      ? { changed: `left as they are: ${reason}`, unmatched: [...unmatched, ...namesOf(nodes)] }
      : { changed: describeNames(step.parts.map(({ name }) => name)), unmatched };
  },
};
