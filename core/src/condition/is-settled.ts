import type { UpCandidate } from '../placement/orientation/judge-up';
import type { SizeCandidate } from '../placement/size/judge-size';
import type { SureRules } from './make-finding';
import type { Said } from './said';

/**
 * Is it said for sure which way is up? Y and Z are judged alike: by a confidence that is right as often as it says (docs/placement.md), and
 * never against what the shape itself says of that stance.
 */
export const isUpSettled = (best: UpCandidate | undefined, { sureFrom }: SureRules): boolean =>
  best !== undefined && best.confidence >= sureFrom && !best.wouldTip;

/**
 * Is it said for sure how large it is? By a confidence that is right as often as it says, with something that speaks for it beside the
 * mere habit of files (docs/placement.md).
 */
export const isSureOfSize = (best: SizeCandidate | undefined, { sureFrom }: SureRules): boolean =>
  best !== undefined && best.id !== 'none' && best.independent > 0 && best.confidence >= sureFrom;

/** Until its size is settled, lengths of a model are shares of its own. */
export const isSizeSettled = ({
  size: [best],
  said,
  rules,
}: {
  size: readonly SizeCandidate[];
  said: Said;
  rules: SureRules;
}): boolean => said.factor !== undefined || isSureOfSize(best, rules);
