import { headWords, splitWords } from '../../text/head-words';
import { listMaterialWords } from '../inside/material-words';
import { singularOf } from '../words/meanings';
import { cleanName } from './clean-name';

/** What a name is composed of. */
export interface NameFacts {
  /** A page’s title or a file’s name. */
  title: string;
  /** Names of its materials. */
  materials: readonly string[];
  /** As the house calls it; empty where nothing says what it is. */
  category: string;
}

/**
 * A name in the house’s pattern: `{thing} {which} {material}` makes “Chair dining oak” of `chair2_FINAL` with the title “Dining chair” and a
 * material called oak.
 * @param pattern words in braces: name (the title, cleaned), thing (its head), which (what shifts it), material, category
 * @returns the title, cleaned, where the pattern gives nothing
 */
export function composeName(pattern: string, { title, materials, category }: NameFacts): string {
  const name = cleanName(title);
  const heads = headWords(name);
  const ofWhat = listMaterialWords([name]);
  const material = ofWhat[0] ?? listMaterialWords(materials)[0] ?? '';
  const thing = heads.at(-1) ?? '';
  const which = splitWords(name).filter((word) => word !== thing && listMaterialWords([word]).length === 0);
  const parts: Record<string, string> = { name, thing: singularOf(thing), which: which.join(' '), material, category };
  const composed = pattern
    .replace(/\{(\w+)\}/g, (_, part: string) => parts[part] ?? '')
    .replace(/\s+/g, ' ')
    .trim();
  return composed === '' ? name : composed.charAt(0).toUpperCase() + composed.slice(1);
}
