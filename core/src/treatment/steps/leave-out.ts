import type { PartRef } from '@haveld/contract/step';
import { findPart } from '../../scene/part-ref';
import type { StepDefinition } from '../step-definition';

export const leaveOut: StepDefinition<'leave-out'> = {
  kind: 'leave-out',
  phase: 'structure',
  order: 3,
  codeVersion: 1,
  topology: 'keeps',
  title: (step) =>
    step.what === 'clutter' ? 'Clutter removed' : `${step.what[0].toUpperCase()}${step.what.slice(1)} removed`,
  credit: (step) => (step.what === 'clutter' ? null : `${step.what} left out`),
  adaptation: (step) => (step.what === 'clutter' ? null : `${step.what} left out`),
  apply(document, step) {
    // found before any is taken away, for taking one away renumbers its twins
    const found = step.parts.map((part) => ({ part, node: findPart(document, part) }));
    for (const { node } of found) {
      if (!node) continue;
      const children = node.getMesh() ? [] : node.listChildren();
      if (children.length === 0) node.traverse((below) => below.dispose());
    }
    const unmatched = found.filter(({ node }) => !node).map(({ part }) => part.name);
    return { changed: describeParts(step.parts.filter((part) => !unmatched.includes(part.name))), unmatched };
  },
};

export function describeParts(parts: readonly PartRef[]): string {
  const names = parts.map((part) => part.name || 'unnamed');
  return names.length <= 3 ? names.join(', ') : `${names.slice(0, 2).join(', ')} and ${names.length - 2} more`;
}
