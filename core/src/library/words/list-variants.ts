import { listRelated, listWider, singularOf, type RelatedWord } from './meanings';
import type { Vocabulary } from './vocabulary';

/** How a word that was found is what was asked for. */
export type Likeness = 'same' | 'begins-so' | 'same-meaning' | 'narrower' | 'spelt-nearly' | 'wider';

/** A word to look for, and what it costs to take it for the one asked for. */
export interface Variant {
  term: string;
  likeness: Likeness;
  cost: number;
}

/** What a likeness costs, and what every step of its distance adds. Ours; a hit in a name under another word is about a hit in a part's name. */
const COSTS: Record<Likeness, { first: number; step: number; most: number }> = {
  same: { first: 0, step: 0, most: 0 },
  'begins-so': { first: 3, step: 0, most: 3 },
  'same-meaning': { first: 3, step: 1, most: 6 },
  'spelt-nearly': { first: 5, step: 0, most: 5 },
  narrower: { first: 7, step: 1, most: 11 },
  wider: { first: 12, step: 1, most: 16 },
};

/** By what a word means, and not by how it is written. */
export const isByMeaning = (likeness: Likeness): boolean =>
  likeness === 'same-meaning' || likeness === 'narrower' || likeness === 'wider';

const LIKENESS_OF: Record<RelatedWord['relation'], Likeness> = {
  same: 'same-meaning',
  narrower: 'narrower',
  wider: 'wider',
};

const SHORTEST = { begun: 3, misspelt: 4 };
const MOST = { begun: 64, misspelt: 16 };

/**
 * What to look for where somebody asks for a word: the word, its singular, what begins so, what means the same and what is narrower; where
 * none of these stands anywhere, what is spelt nearly so, and then what it is a kind of.
 * @param word folded, as `foldWord` gives it
 * @returns the cheapest first, each term once
 */
export function listVariants(word: string, vocabulary: Vocabulary, isThere: (term: string) => boolean): Variant[] {
  const found = new Map<string, Variant>();
  const add = (term: string, likeness: Likeness, distance = 0): void => {
    const { first, step, most } = COSTS[likeness];
    const cost = Math.min(first + step * distance, most);
    if (isThere(term) && (found.get(term)?.cost ?? Infinity) > cost) found.set(term, { term, likeness, cost });
  };
  const one = singularOf(word);
  add(word, 'same');
  add(one, 'same');
  if (word.length >= SHORTEST.begun) for (const term of vocabulary.listLonger(word, MOST.begun)) add(term, 'begins-so');
  const related = [...listRelated(word), ...(one === word ? [] : listRelated(one))];
  for (const { term, relation, distance } of related) add(term, LIKENESS_OF[relation], distance);
  const isFound = [...found.values()].some(({ likeness }) => likeness === 'same' || likeness === 'same-meaning');
  if (!isFound && word.length >= SHORTEST.misspelt && !/^\d/.test(word))
    for (const form of new Set([word, one]))
      for (const term of vocabulary.listNear(form).slice(0, MOST.misspelt)) add(term, 'spelt-nearly');
  if (found.size === 0)
    for (const { term, relation, distance } of listWider(one)) add(term, LIKENESS_OF[relation], distance);
  return [...found.values()].sort((a, b) => a.cost - b.cost);
}

/** Terms that `listVariants` would look for, whether they stand anywhere or not, but for those that begin as the word does or are spelt nearly so. */
export function listWanted(word: string): ReadonlySet<string> {
  const one = singularOf(word);
  const related = [...listRelated(word), ...listRelated(one), ...listWider(one)];
  return new Set([word, one, ...related.map(({ term }) => term)]);
}
