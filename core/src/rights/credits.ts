import type { Provenance } from '@haveld/contract/licence';
import { getTerms } from './licences';

/**
 * One credit: title, author, source, licence, what was changed (Creative Commons 4.0, section 3(a)(1)).
 * @param changes what the treatment changed, in words: `scaled to real size`
 * @returns one line of plain text
 */
export function composeCredit(provenance: Provenance, changes: readonly string[]): string {
  const terms = getTerms(provenance.licenceId);
  const author = provenance.author !== '' ? provenance.author : 'an unknown author';
  const from = [provenance.source, provenance.pageUrl].filter((part) => part !== '').join(', ');
  const licence = terms.url === '' ? terms.short : `${terms.short} (${terms.url})`;
  const changed = changes.length > 0 ? ` Changed: ${changes.join('; ')}.` : ' Unchanged.';
  return `“${provenance.title}” by ${author}${from === '' ? '' : `, ${from}`}. ${licence}.${changed}`;
}
