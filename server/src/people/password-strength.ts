import type { ZxcvbnFactory } from '@zxcvbn-ts/core';
import { DomainError } from '@haveld/contract/error';

/** Of 0 to 4: from 3 on a password stands 10^8 guesses (zxcvbn, Wheeler 2016). Length is in the contract. */
const LEAST_SCORE = 3;

let judge: Promise<ZxcvbnFactory> | null = null;

/**
 * Lists of common passwords decide, and what they are changed by; no rule asks for digits or signs (NIST SP 800-63B, 5.1.1.2).
 * @param own words that are known of the person
 * @throws {DomainError} `bad-request` for one that is tried early
 */
export async function requireStrong(password: string, own: readonly string[]): Promise<void> {
  judge ??= loadJudge();
  // more than it needs to judge by: it takes longer the longer a password is
  const { score } = (await judge).check(password.slice(0, 100), [...own]);
  if (score < LEAST_SCORE)
    throw new DomainError(
      'bad-request',
      'This password is among those that are tried first. A few words that have nothing to do with one another are better.',
    );
}

async function loadJudge(): Promise<ZxcvbnFactory> {
  const [core, { dictionary, adjacencyGraphs }] = await Promise.all([
    import('@zxcvbn-ts/core'),
    import('@zxcvbn-ts/language-common'),
  ]);
  return new core.ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs });
}
