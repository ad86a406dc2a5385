import type { Figures, CheckLine } from '@haveld/contract/report';
import { compareFigures } from '@haveld/core/scene/measures/compare-figures';
import { readGlb } from '@haveld/core/scene/document/document-io';
import { computeFigures } from '@haveld/core/scene/measures/figures';
import { toCheckLine } from '../validate-gltf';
import { checkGlb } from './check-glb';
import { DomainError } from '@haveld/contract/error';

/** Valid by the rules of the reference validator, and the same when read back. */
export async function checkWritten(bytes: Uint8Array, expected: Figures): Promise<CheckLine[]> {
  return [toCheckLine(await checkGlb(bytes)), ...compareFigures(expected, computeFigures(await readGlb(bytes)))];
}

/** @throws {DomainError} `broken` where a check does not hold: what was written is not what was meant */
export function requireHolding(checks: readonly CheckLine[], subject: string): void {
  const failed = checks.filter((check) => !check.holds);
  if (failed.length === 0) return;
  const lines = failed.map((check) => `${check.what} ${check.found} instead of ${check.expected}`);
  throw new DomainError('broken', `${subject} is invalid: ${lines.join('; ')}.`);
}
