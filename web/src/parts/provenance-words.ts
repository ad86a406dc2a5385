import { getTerms, isKnownLicence } from '@haveld/core/rights/licences';

const FIELDS: Record<string, string> = {
  licenceId: 'licence',
  authorUnknown: 'author unknown',
  pageUrl: 'page',
  pageText: 'words of the page',
};

/** A field of provenance as a person calls it. */
export const fieldWords = (field: string): string => FIELDS[field] ?? field;

/** A value of such a field: licences by their short name, nothing as "nothing". */
export function valueWords(value: string): string {
  if (value === '') return 'nothing';
  if (value === 'true' || value === 'false') return value === 'true' ? 'yes' : 'no';
  return isKnownLicence(value) ? getTerms(value).short : value;
}
