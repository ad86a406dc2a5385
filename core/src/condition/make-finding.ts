import type { Choice, Finding } from '@haveld/contract/finding';
import { HOUSE_RULES } from '@haveld/contract/house-rules';

type Given = Pick<Finding, 'key' | 'heading' | 'mark' | 'title'> & Partial<Finding>;

/** Fills in what a finding without a question leaves empty. */
export function makeFinding(given: Given): Finding {
  return { detail: '', evidence: [], choices: [], sure: false, after: [], ...given };
}

/** So many evidences have to agree. */
export const SURE_INDEPENDENT = 2;

/** Sure means: two independent evidences agree, none contradicts, and the confidence is above the house's threshold. */
export const isSure = (choice: Choice | undefined, independent: number): boolean =>
  choice !== undefined && independent >= SURE_INDEPENDENT && choice.confidence >= HOUSE_RULES.sureFrom;
