import { OTHER_THINGS, type ProposedCategory } from '@haveld/contract/category';
import { KIND_BY_WORD } from '../../placement/size/kind-rows';
import { compoundHead, PARTS, PLACES } from '../../placement/size/typical-sizes';
import { headWords } from '../../text/head-words';
import { listMaterialWords } from '../inside/material-words';
import { foldWord } from '../words/fold-words';
import { isNoun, singularOf } from '../words/meanings';
import { categoryOfWord } from './category-of-word';
import type { CategoryTree } from './category-tree';
import { getCategoryWords } from './category-words';

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
      const id = categoryOfWord(tree, asOne(word));
      if (id !== null) return ofItsKind(tree, joined, { id, word });
    }
    // a life ring is no ring, whatever else it is
    if (pair !== undefined) return null;
    const end = compoundHead(words[i]);
    const id = end === null ? null : categoryOfWord(tree, end);
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
