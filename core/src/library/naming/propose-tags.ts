import { MOST_TAGS } from '@haveld/contract/tag';
import type { ProposedCategory } from '@haveld/contract/category';
import { listMaterialWords } from '../inside/material-words';
import { singularOf } from '../words/meanings';

/** So many materials are told: of more none says what it is of. */
const MOST_MATERIALS = 3;

/**
 * Words an asset is found by beside those that were said of it: what it is, and what it is of.
 * @param category with the word that says it
 * @param materials names of its materials, the largest first @param said tags it has
 * @returns those that are not said yet
 */
export function proposeTags(
  { word }: ProposedCategory,
  materials: readonly string[],
  said: readonly string[],
): string[] {
  const thing = word === null ? [] : [singularOf(word)];
  const found = [...thing, ...listMaterialWords(materials).slice(0, MOST_MATERIALS)];
  const known = new Set(said.map((tag) => tag.toLowerCase()));
  return [...new Set(found)].filter((tag) => !known.has(tag)).slice(0, Math.max(0, MOST_TAGS - said.length));
}
