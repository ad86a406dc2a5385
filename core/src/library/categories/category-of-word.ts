import type { Category } from '@haveld/contract/category';
import { KIND_BY_WORD } from '../../placement/size/kind-rows';
import { PARTS } from '../../placement/size/typical-sizes';
import { findMeaning, listAbove, listMeanings } from '../words/meanings';
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

/** What a word may mean: its category, if it has one, and whether it is a thing at all. */
interface Sense {
  id: Category | null;
  isThing: boolean;
}

/**
 * The category of what a word means (docs/decisions/032).
 * @param word folded, several words written as one
 */
export function categoryOfWord(tree: CategoryTree, word: string): Category | null {
  const own = getCategoryWords(tree).byWord.get(word);
  if (own !== undefined) return own;
  const kind = KIND_BY_WORD.get(word);
  const kindId = kind?.category && tree.has(kind.category) ? kind.category : null;
  const senses = listSenses(tree, word, kind !== undefined && (kindId === null || !ALIVE.includes(kindId)));
  if (senses.length === 0) return categoryOfFirst(tree, kind?.words ?? []) ?? kindId;
  const found = senses.flatMap(({ id }) => id ?? []);
  const ofItsKind = kindId && found.find((id) => tree.isWithin(id, kindId));
  if (ofItsKind) return ofItsKind;
  const [first] = found;
  // first a thing that has no place here: a mast is no feed for pigs, though that is called so too
  if (first === undefined || senses[0].id === null) return kindId;
  return (tree.isWithin(first, GROWING) && found.find((id) => tree.isWithin(id, EATEN))) || first;
}

/** @param isDead it is known how big such things are, and they are no people: a mug is somebody too, but not here */
function listSenses(tree: CategoryTree, word: string, isDead: boolean): Sense[] {
  return (
    listMeanings(word)
      // a leg is of a chair before it is eaten
      .slice(0, PARTS.has(word) ? 1 : MOST_MEANINGS)
      .map((meaning) => ({ id: categoryOfMeaning(tree, meaning), isThing: isThing(meaning) }))
      .filter(({ id, isThing: is }) => is || id !== null)
      .filter(({ id }) => !isDead || id === null || !ALIVE.some((living) => tree.isWithin(id, living)))
  );
}

/** Not a part of a body, a stuff, or a thought. */
const isThing = (meaning: number): boolean => [meaning, ...listAbove(meaning)].includes(findMeaning(WHOLE)!);

/** Of words for one thing in several languages the first that is English decides. */
function categoryOfFirst(tree: CategoryTree, words: readonly string[]): Category | null {
  const [meaning] = words.flatMap((word) => listMeanings(word).slice(0, 1));
  return meaning === undefined ? null : categoryOfMeaning(tree, meaning);
}

/** The category of the nearest wider meaning that has one. */
function categoryOfMeaning(tree: CategoryTree, meaning: number): Category | null {
  const { byMeaning } = getCategoryWords(tree);
  const nearest = [meaning, ...listAbove(meaning)].find((one) => byMeaning.has(one));
  return nearest === undefined ? null : byMeaning.get(nearest)!;
}
