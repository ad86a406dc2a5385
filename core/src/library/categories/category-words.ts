import type { Category } from '@haveld/contract/category';
import { foldWord } from '../words/fold-words';
import { findMeaning, singularOf } from '../words/meanings';
import type { CategoryTree } from './category-tree';

/** What belongs into the categories of a tree, by meanings of WordNet; words no dictionary has are the house's own. */
export interface CategoryWords {
  /** Folded, several words written as one. */
  byWord: ReadonlyMap<string, Category>;
  byMeaning: ReadonlyMap<number, Category>;
}

const known = new WeakMap<CategoryTree, CategoryWords>();

/** Read once for each tree. */
export function getCategoryWords(tree: CategoryTree): CategoryWords {
  let words = known.get(tree);
  if (!words) known.set(tree, (words = readWords(tree)));
  return words;
}

function readWords(tree: CategoryTree): CategoryWords {
  const byWord = new Map<string, Category>();
  const byMeaning = new Map<number, Category>();
  for (const { id, words } of tree.nodes)
    for (const word of words) {
      const meaning = findMeaning(word);
      if (meaning !== null) {
        byMeaning.set(meaning, id);
        continue;
      }
      const plain = foldWord(word).replace(/[ _'-]/g, '');
      byWord.set(plain, id);
      byWord.set(singularOf(plain), id);
    }
  return { byWord, byMeaning };
}
