import type { Choice, Finding } from '@haveld/contract/finding';
import { HOUSE_RULES } from '@haveld/contract/house-rules';

type Given = Pick<Finding, 'key' | 'heading' | 'mark' | 'title'> & Partial<Finding>;

/** Fills in what a finding without a question leaves empty. */
export function makeFinding(given: Given): Finding {
  return { detail: '', evidence: [], choices: [], sure: false, after: [], ...given };
}

/** Sure means: two independent evidences agree, none contradicts, and the confidence is above the house's threshold. */
export const isSure = (choice: Choice | undefined, independent: number): boolean =>
  choice !== undefined && independent >= 2 && choice.confidence >= HOUSE_RULES.sureFrom;

/** `1 camera`, `3 cameras`. */
export const count = (n: number, one: string, many = `${one}s`): string => `${formatCount(n)} ${n === 1 ? one : many}`;

/** Thousands apart: `12 400`. */
export const formatCount = (n: number): string => String(n).replace(/\B(?=(\d{3})+$)/g, '\u202f');
