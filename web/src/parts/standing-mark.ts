import type { FindingMark } from '@haveld/contract/finding';
import type { VerdictName } from '@haveld/contract/licence';
import type { HouseStanding } from '@haveld/contract/terms';

/** How the house takes a licence, as a mark. */
export const STANDING_MARKS: Record<HouseStanding, FindingMark> = {
  taken: 'holds',
  look: 'look',
  never: 'look',
  closed: 'blocks',
};
export const STANDING_WORDS: Record<HouseStanding, string> = {
  taken: 'taken',
  look: 'allowed after review',
  never: 'never for commercial projects',
  closed: 'nothing is granted',
};

export const VERDICT_MARKS: Record<VerdictName, FindingMark> = {
  allowed: 'holds',
  'allowed-with-duties': 'holds',
  'ask-first': 'look',
  'not-allowed': 'blocks',
};
export const VERDICT_WORDS: Record<VerdictName, string> = {
  allowed: 'allowed',
  'allowed-with-duties': 'allowed with obligations',
  'ask-first': 'ask first',
  'not-allowed': 'not allowed',
};
