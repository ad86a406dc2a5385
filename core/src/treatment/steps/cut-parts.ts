import { PartIndex } from '../../scene/part-ref';
import { cutPart } from '../../structure/parts/cut-part';
import { count } from '../../text/count';
import type { StepDefinition } from '../step-definition';

export const cutPartsAlong: StepDefinition<'cut-parts'> = {
  kind: 'cut-parts',
  phase: 'parts',
  order: 0,
  codeVersion: 1,
  topology: 'replaces',
  // where it is cut it is open, and a troubled edge that is cut is two
  brings: ['open', 'crowded', 'against'],
  title: ({ cuts }) => (cuts.length === 1 ? `“${cuts[0].part.name}” cut in two` : `${cuts.length} parts cut in two`),
  credit: () => null,
  adaptation: () => null,
  apply(document, { cuts }) {
    const { nodes, unmatched } = new PartIndex(document).findAll(cuts.map(({ part }) => part));
    if (unmatched.length > 0) return { changed: '', unmatched };
    const whole = nodes.filter((node, i) => {
      const isCut =
        node.getMesh() && !node.getSkin() && cutPart(document, node, cuts[i].plane, `${node.getName() || 'part'}_cut`);
      return !isCut;
    });
    return {
      changed: count(nodes.length - whole.length, 'part'),
      unmatched: whole.map((node) => `a part of ${node.getName() || 'unnamed'} on the other side`),
    };
  },
};
