import type { Terms } from '@haveld/contract/terms';
import { listLicenceIds } from './expression';
import type { LicenceBook } from './licence-book';

const TERMS = ['commercial', 'adapt', 'shareAdapted', 'passOn', 'largerWork'] as const;
const DUTIES = [
  'attribution',
  'stateChanges',
  'shareAlike',
  'notice',
  'noLocks',
  'noEndorsement',
  'editorialOnly',
  'personalOnly',
] as const;

const weigh = (terms: Terms): number =>
  TERMS.filter((name) => terms[name].grant !== 'yes').length * 10 +
  DUTIES.filter((name) => terms[name] !== null).length;

/** Of several licences named for one thing, the one that grants least: held to until somebody has asked. */
export function strictestOf(book: LicenceBook, licenceIds: readonly string[]): string | null {
  const weighed = licenceIds.map((id) => ({
    id,
    weight: Math.max(...listLicenceIds(id).map((each) => weigh(book.getTerms(each)))),
  }));
  weighed.sort((a, b) => b.weight - a.weight);
  return weighed[0]?.id ?? null;
}
