import type { UpCandidate } from '../placement/orientation/judge-up';
import type { Examination } from './examination';
import { isSure, type SureRules } from './make-finding';

/**
 * Is it said for sure which way is up? Y and Z are judged alike: by a confidence that is right as often as it says (docs/placement.md), and
 * never against what the shape itself says of that stance.
 */
export const isUpSettled = (best: UpCandidate | undefined, { sureFrom }: SureRules): boolean =>
  best !== undefined && best.confidence >= sureFrom && !best.wouldTip;

/** Is it said for sure how large it is? Until it is, lengths of the model are shares of its own. */
export const isSizeSettled = ({ size: [best], rules }: Pick<Examination, 'size' | 'rules'>): boolean =>
  best !== undefined && best.id !== 'none' && isSure(best, best.independent, rules);
