import type { Reduction } from '@haveld/contract/step';
import { formatLength } from '../placement/units';
import { count } from '../text/count';

/** How far triangles are reduced, in a sentence part. */
export function describeReduction(to: Reduction): string {
  if (to.by === 'share') return `to ${Math.round(to.share * 100)} %`;
  return to.by === 'triangles'
    ? `to ${count(to.triangles, 'triangle')}`
    : `as far as ${formatLength(to.mm / 1000)} allows`;
}
