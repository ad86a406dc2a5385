import type { Choice, Finding } from '@haveld/contract/finding';
import { FINDING_KINDS, findingKey } from '@haveld/contract/finding-kinds';
import type { HouseRules } from '@haveld/contract/house-rules';

type Given = Pick<Finding, 'kind' | 'mark' | 'title'> &
  Partial<Omit<Finding, 'key' | 'heading'>> & {
    /** Tells it from others of its kind on one sheet; left out where there is one. */
    of?: string;
  };

/** Fills in what its kind says, and what a finding without a question leaves empty. */
export function makeFinding({ of, ...given }: Given): Finding {
  const { heading } = FINDING_KINDS[given.kind];
  return {
    key: findingKey(given.kind, of),
    heading,
    detail: '',
    evidence: [],
    choices: [],
    sure: false,
    after: [],
    about: {},
    ...given,
  };
}

/** So many evidences have to agree. */
export const SURE_INDEPENDENT = 2;

/** What the house says of being sure. */
export type SureRules = Pick<HouseRules, 'sureFrom'>;

/** Sure means: two independent evidences agree, none contradicts, and the confidence is above the house's threshold. */
export const isSure = (
  choice: Pick<Choice, 'confidence'> | undefined,
  independent: number,
  { sureFrom }: SureRules,
): boolean => choice !== undefined && independent >= SURE_INDEPENDENT && choice.confidence >= sureFrom;
