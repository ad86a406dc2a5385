import { PartIndex } from '../../scene/part-ref';
import { matchMeshes, shareGeometry } from '../../structure/parts/equal-parts';
import { count } from '../../text/count';
import type { StepDefinition } from '../step-definition';

export const shareEqual: StepDefinition<'share-geometry'> = {
  kind: 'share-geometry',
  phase: 'parts',
  order: 0,
  codeVersion: 1,
  topology: 'keeps',
  title: (step) => `${count(step.groups.length, 'shape')} kept once for ${count(step.groups.flat().length, 'part')}`,
  credit: () => null,
  adaptation: () => null,
  apply(document, step) {
    const index = new PartIndex(document);
    const unmatched: string[] = [];
    let shared = 0;
    for (const group of step.groups) {
      const { nodes, unmatched: missing } = index.findAll(group);
      unmatched.push(...missing);
      const [first, ...others] = nodes;
      for (const node of others) {
        const matrix = first.getMesh() && node.getMesh() && matchMeshes(first.getMesh()!, node.getMesh()!);
        if (matrix && shareGeometry(document, first, { node, matrix })) shared++;
        else unmatched.push(node.getName() || 'unnamed');
      }
    }
    return { changed: `${count(shared, 'part')} made instances`, unmatched };
  },
};
