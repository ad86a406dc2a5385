import { isExpression } from '@haveld/core/rights/expression';
import { licenceWords, type LicenceBook } from '@haveld/core/rights/licence-book';

/** A title inside a sentence: names keep their capitals. */
export const lowerFirst = (text: string): string =>
  /^[A-Z][a-z]/.test(text) && !/^(Creative|Free Art|Public)/.test(text) ? text[0].toLowerCase() + text.slice(1) : text;

/** A value of such a field: licences by their short name, nothing as "nothing". */
export function valueWords(book: LicenceBook, field: string, value: string): string {
  if (value === '') return 'nothing';
  if (value === 'true' || value === 'false') return value === 'true' ? 'yes' : 'no';
  return field === 'licenceId' && isExpression(value) ? licenceWords(book, value) : value;
}
