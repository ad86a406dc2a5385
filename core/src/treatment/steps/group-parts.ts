import { PartIndex } from '../../scene/part-ref';
import { groupParts } from '../../structure/parts/hang-parts';
import { count } from '../../text/count';
import { namesOf } from '../describe-names';
import type { StepDefinition } from '../step-definition';

export const groupPartsTogether: StepDefinition<'group-parts'> = {
  kind: 'group-parts',
  phase: 'parts',
  order: 0,
  codeVersion: 1,
  topology: 'keeps',
  title: (step) => `${count(step.parts.length, 'part')} grouped as “${step.name}”`,
  credit: () => null,
  adaptation: () => null,
  apply(document, step) {
    const { nodes, unmatched } = new PartIndex(document).findAll(step.parts);
    if (nodes.length === 0) return { changed: '', unmatched };
    const { group, left } = groupParts(document, nodes, step.name);
    return { changed: group ? `“${step.name}”` : 'nothing to group', unmatched: [...unmatched, ...namesOf(left)] };
  },
};
