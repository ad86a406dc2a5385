import { getNodeSource, setNodeSource } from '../../scene/document/source-data';
import { PartIndex } from '../../scene/part-ref';
import { count } from '../../text/count';
import { describeNames } from '../describe-names';
import type { StepDefinition } from '../step-definition';

export const nameParts: StepDefinition<'name-parts'> = {
  kind: 'name-parts',
  phase: 'parts',
  order: 0,
  codeVersion: 1,
  topology: 'keeps',
  title: (step) =>
    step.names.length === 1
      ? `“${step.names[0].part.name}” named “${step.names[0].name}”`
      : `${count(step.names.length, 'part')} named`,
  credit: () => null,
  adaptation: () => null,
  apply(document, step) {
    const index = new PartIndex(document);
    const found = step.names.map(({ part, name }) => ({ node: index.find(part), part, name }));
    for (const { node, name } of found) {
      if (!node) continue;
      const { calledBefore = node.getName() } = getNodeSource(node);
      // another script stands beside what was made of it
      if (calledBefore !== '' && calledBefore !== name) setNodeSource(node, { calledBefore });
      node.setName(name);
    }
    const named = found.filter(({ node }) => node);
    return {
      changed: describeNames(named.map(({ name }) => name)),
      unmatched: found.filter(({ node }) => !node).map(({ part }) => part.name || 'unnamed'),
    };
  },
};
