import type { Provenance, RightsFinding } from '@haveld/contract/licence';
import { UNKNOWN_LICENCE } from './licences';

/** From here on a single statement is taken as the proposal. */
const TAKEN_FROM = 0.75;

/**
 * What the evidence says, as a starting point for a person.
 * @returns unknown licence where nothing is said, or where two statements contradict each other
 */
export function proposeProvenance(found: RightsFinding, title: string): Provenance {
  const [first, second] = found.licences;
  const contradicted = second !== undefined && second.confidence >= TAKEN_FROM;
  const page = found.sources[0]?.url ?? '';
  return {
    title: found.titles[0]?.title ?? title,
    author: found.authors[0]?.name ?? '',
    authorUnknown: false,
    licenceId: first && first.confidence >= TAKEN_FROM && !contradicted ? first.id : UNKNOWN_LICENCE,
    source: page === '' ? '' : new URL(page).hostname.replace(/^www\./, ''),
    pageUrl: URL.canParse(page) ? page : '',
    pageText: '',
  };
}
