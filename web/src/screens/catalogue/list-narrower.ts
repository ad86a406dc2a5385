import type { Catalogue, FacetCount, Question } from '@haveld/contract/api/catalogue';
import { QUESTION_PARTS, type QuestionPart } from './question-parts';

/** A part of a question that is not asked for yet, with a value of it. */
export interface Narrower {
  part: QuestionPart;
  count: FacetCount;
}

/** What would leave nearly all, or nearly nothing, narrows little. Ours. */
const USEFUL = { least: 0.01, most: 0.8 };
const EACH = 2;
const MOST = 7;

/** How much a choice tells, as the entropy of taking it or not (Shannon 1948); half of them tells most. */
const tells = (share: number): number => -share * Math.log2(share) - (1 - share) * Math.log2(1 - share);

/** The values that divide what fits best, the best first; of each facet no more than two. */
export function listNarrower(question: Question, { facets, total }: Pick<Catalogue, 'facets' | 'total'>): Narrower[] {
  if (!facets) return [];
  const open = QUESTION_PARTS.filter(({ valueOf }) => valueOf(question) === '');
  const offered = open.flatMap((part) =>
    facets[part.facet]
      .map((count) => ({ part, count, share: count.count / total }))
      .filter(({ share }) => share >= USEFUL.least && share <= USEFUL.most)
      .sort((a, b) => tells(b.share) - tells(a.share))
      .slice(0, EACH),
  );
  return offered.sort((a, b) => tells(b.share) - tells(a.share)).slice(0, MOST);
}
