import { formatLength } from '../../placement/units';
import { listPlacedParts } from '../../scene/measures/placed-parts';
import { measureApart } from '../../structure/levels/measure-apart';
import { simplifyModel } from '../../structure/levels/simplify-model';
import { count, formatCount } from '../../text/count';
import { describeReduction } from '../describe-reduction';
import type { StepDefinition } from '../step-definition';

/** Not idempotent where it goes by a share: twice halved is a quarter. */
export const reduceTriangles: StepDefinition<'reduce-triangles'> = {
  kind: 'reduce-triangles',
  phase: 'geometry',
  order: 1,
  codeVersion: 1,
  topology: 'replaces',
  loses: ['triangles', 'polygons', 'layouts', 'colours', 'creases', 'skinned'],
  title: (step) => `Reduced ${describeReduction(step.to)}`,
  credit: () => 'triangles reduced',
  adaptation: () => 'triangles reduced',
  async apply(document, step) {
    const asItWas = listPlacedParts(document);
    const { before, after, left } = await simplifyModel(document, step.to);
    if (after === before) return { changed: 'nothing could be taken away', unmatched: left };
    // what the simplifier calls its error is a mean: a corner may lie three times as far
    const apart = await measureApart(asItWas, listPlacedParts(document));
    return {
      changed: `${formatCount(before)} to ${count(after, 'triangle')}, up to ${formatLength(apart)} from where it was`,
      unmatched: left,
    };
  },
};
