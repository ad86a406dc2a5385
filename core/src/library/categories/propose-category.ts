import { OTHER_THINGS, type Category, type ProposedCategory } from '@haveld/contract/category';
import { KIND_BY_WORD } from '../../placement/size/kind-rows';
import { compoundHead, PARTS, PLACES } from '../../placement/size/typical-sizes';
import { headWords } from '../../text/head-words';
import { listMaterialWords } from '../inside/material-words';
import { foldWord } from '../words/fold-words';
import { findMeaning, isNoun, listAbove, listMeanings, singularOf } from '../words/meanings';
import type { CategoryTree } from './category-tree';
import { getCategoryWords } from './category-words';

/** So many meanings of a word are tried, the most usual first. */
const MOST_MEANINGS = 4;

/** A plant and what is eaten of it have one word (`watermelon`): a model is of what is eaten. */
const GROWING: Category = 'foliage';
const EATEN: Category = 'food';

const ALIVE: readonly Category[] = ['person', 'creature'];

/** Things that are one: made, grown or alive. */
const WHOLE = 'whole2';

/**
 * What a model is catalogued as: its name says what it is, and WordNet of what kind that is; the narrowest category of a word decides. In a
 * compound of English the last word decides. Where the name says nothing, what its page or its maker says of it does.
 * @param name as a person would write it @param said tags and shelves of its page, the most telling first
 */
export function proposeCategory(
  tree: CategoryTree,
  { name, said }: { name: string; said: readonly string[] },
): ProposedCategory {
  for (const text of [name, ...said.filter(saysWhat)]) {
    const found = findInText(tree, text);
    if (found) return found;
  }
  return { id: OTHER_THINGS, word: null };
}

/** A tag of a stuff or a place says what it is of, or where it stands. */
const saysWhat = (tag: string): boolean =>
  listMaterialWords([tag]).length === 0 && !headWords(tag).every((word) => PLACES.has(word));

function findInText(tree: CategoryTree, text: string): ProposedCategory | null {
  const words = listHeads(text);
  for (let i = words.length - 1; i >= 0; i--) {
    const forms = formsOf(words[i]);
    const joined = i > 0 ? forms.map((form) => `${words[i - 1]} ${form}`) : [];
    const pair = joined.find((one) => isSaidAsOne(tree, one));
    for (const word of pair === undefined ? forms : [pair]) {
      const id = findOfWord(tree, asOne(word));
      if (id !== null) return ofItsKind(tree, joined, { id, word });
    }
    // a life ring is no ring, whatever else it is
    if (pair !== undefined) return null;
    const end = compoundHead(words[i]);
    const id = end === null ? null : findOfWord(tree, end);
    if (end !== null && id !== null) return { id, word: end };
    // what it is made for, or a part of, does not say what it is
    if (forms.some((form) => PARTS.has(form) || isNoun(form))) return null;
  }
  return null;
}

/** Folded; what a thing is of says nothing where something else does. */
function listHeads(text: string): string[] {
  const words = headWords(text).map(foldWord);
  const things = words.filter((word) => listMaterialWords([word]).length === 0);
  return things.length > 0 ? things : words;
}

const asOne = (word: string): string => word.replace(' ', '');

/** A pair whose meaning is known is more than its head. */
const isSaidAsOne = (tree: CategoryTree, pair: string): boolean =>
  isNoun(asOne(pair)) || getCategoryWords(tree).byWord.has(asOne(pair));

/** Of a pair whose size is known the kind decides, where its head is of another: a toy car is a toy, a bar table a table. */
function ofItsKind(tree: CategoryTree, pairs: readonly string[], found: ProposedCategory): ProposedCategory {
  const pair = pairs.find((one) => KIND_BY_WORD.get(asOne(one))?.category);
  const kind = pair === undefined ? null : KIND_BY_WORD.get(asOne(pair))!.category;
  if (kind === null || !tree.has(kind) || tree.isWithin(found.id, kind)) return found;
  return { id: kind, word: pair! };
}

const formsOf = (word: string): string[] => [...new Set([word, singularOf(word)])];

function findOfWord(tree: CategoryTree, word: string): Category | null {
  const own = getCategoryWords(tree).byWord.get(word);
  if (own !== undefined) return own;
  const kind = KIND_BY_WORD.get(word);
  const ofKind = kind?.category && tree.has(kind.category) ? kind.category : null;
  const isAlive = (id: Category): boolean => ALIVE.some((living) => tree.isWithin(id, living));
  const kindIsAlive = ofKind !== null && ALIVE.includes(ofKind);
  const meant = listMeanings(word)
    // a leg is of a chair before it is eaten
    .slice(0, PARTS.has(word) ? 1 : MOST_MEANINGS)
    .map((meaning) => ({ id: findOfMeaning(tree, meaning), isThing: isThing(meaning) }))
    .filter(({ id, isThing: is }) => is || id !== null)
    // a mug is somebody too, but not where it is known how big mugs are
    .filter(({ id }) => !kind || id === null || kindIsAlive || !isAlive(id));
  const found = meant.flatMap(({ id }) => id ?? []);
  const ofItsKind = ofKind && found.find((id) => tree.isWithin(id, ofKind));
  if (ofItsKind) return ofItsKind;
  const [first] = found;
  if (meant.length === 0) return findOfKind(tree, kind?.words ?? []) ?? ofKind;
  // first a thing that has no place here: a mast is no feed for pigs, though that is called so too
  if (first === undefined || meant[0].id === null) return ofKind;
  return (tree.isWithin(first, GROWING) && found.find((id) => tree.isWithin(id, EATEN))) || first;
}

/** Not a part of a body, a stuff, or a thought. */
const isThing = (meaning: number): boolean => [meaning, ...listAbove(meaning)].includes(findMeaning(WHOLE)!);

/** A word of another language: what the kind is called in English. */
function findOfKind(tree: CategoryTree, words: readonly string[]): Category | null {
  const [meaning] = words.flatMap((word) => listMeanings(word).slice(0, 1));
  return meaning === undefined ? null : findOfMeaning(tree, meaning);
}

/** The category of the nearest wider meaning that has one. */
function findOfMeaning(tree: CategoryTree, meaning: number): Category | null {
  const { byMeaning } = getCategoryWords(tree);
  const nearest = [meaning, ...listAbove(meaning)].find((one) => byMeaning.has(one));
  return nearest === undefined ? null : byMeaning.get(nearest)!;
}
