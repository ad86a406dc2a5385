import { isExpression } from '@haveld/core/rights/expression';
import { licenceWords, type LicenceBook } from '@haveld/core/rights/licence-book';

const FIELDS: Record<string, string> = {
  licenceId: 'licence',
  authorUnknown: 'author unknown',
  authorUrl: 'author’s page',
  pageUrl: 'page',
  pageText: 'words of the page',
  statedGrant: 'grant as stated',
  acquiredOn: 'acquired on',
  acquiredBy: 'acquired by',
  expiresOn: 'grant ends on',
  claims: 'what the page says',
  seats: 'people',
  territory: 'place',
};

/** A title inside a sentence: names keep their capitals. */
export const lowerFirst = (text: string): string =>
  /^[A-Z][a-z]/.test(text) && !/^(Creative|Free Art|Public)/.test(text) ? text[0].toLowerCase() + text.slice(1) : text;

/** A field of provenance as a person calls it. */
export const fieldWords = (field: string): string => FIELDS[field] ?? field;

/** A value of such a field: licences by their short name, nothing as "nothing". */
export function valueWords(book: LicenceBook, field: string, value: string): string {
  if (value === '') return 'nothing';
  if (value === 'true' || value === 'false') return value === 'true' ? 'yes' : 'no';
  return field === 'licenceId' && isExpression(value) ? licenceWords(book, value) : value;
}
