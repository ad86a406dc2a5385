import pluralize from 'pluralize';
import { KIND_BY_WORD } from '../../placement/size/kind-rows';
import { compoundHead } from '../../placement/size/typical-sizes';
import { foldWord } from './fold-words';
import { NOUN_TREE } from './noun-tree';

/** A word that may be meant, and by which way. */
export interface RelatedWord {
  /** Folded, several words written as one. */
  term: string;
  relation: 'same' | 'narrower' | 'wider';
  /** How far off: the rank of the meaning among those of the word asked for, and steps down or up. */
  distance: number;
}

interface Sense {
  meaning: number;
  rank: number;
}

interface NounTree {
  words: readonly (readonly string[])[];
  depths: Uint8Array;
  /** Meanings by word, the most usual first, each with its rank among all the word has. */
  byWord: ReadonlyMap<string, readonly Sense[]>;
}

/** Wider meanings than this say nothing: entity, object, whole. */
const SHALLOWEST_WIDER = 4;
const MOST_NARROWER = 48;
const NARROWER_STEPS = 3;
const MOST_MEANINGS = 4;

let tree: NounTree | null = null;
let kinds: ReadonlyMap<string, readonly string[]> | null = null;

/** `7 sofa couch2 day_bed`: the depth, then words with the rank this meaning has for each. */
function readTree(): NounTree {
  const lines = NOUN_TREE.trim().split(/[;\n]/);
  const depths = new Uint8Array(lines.length);
  const words: string[][] = [];
  const byWord = new Map<string, Sense[]>();
  for (const [meaning, line] of lines.entries()) {
    const [depth, ...written] = line.split(' ');
    depths[meaning] = Number(depth);
    words.push(
      written.map((word) => {
        const { plain, rank } = readRanked(word);
        const senses = byWord.get(plain) ?? [];
        senses.push({ meaning, rank });
        byWord.set(plain, senses);
        return plain;
      }),
    );
  }
  for (const senses of byWord.values()) senses.sort((a, b) => a.rank - b.rank);
  return { words, depths, byWord };
}

/** `lamp_post2`: the word as one, and the rank of a meaning of it. */
function readRanked(word: string): { plain: string; rank: number } {
  const ranked = /\d$/.test(word);
  return { plain: (ranked ? word.slice(0, -1) : word).replace(/[ _'-]/g, ''), rank: ranked ? Number(word.at(-1)) : 1 };
}

const getTree = (): NounTree => (tree ??= readTree());

/** Words of a kind of thing by its title, in all languages that are known. */
function getKinds(): ReadonlyMap<string, readonly string[]> {
  if (kinds) return kinds;
  const found = new Map<string, string[]>();
  for (const [word, { plural }] of KIND_BY_WORD) found.set(plural, [...(found.get(plural) ?? []), foldWord(word)]);
  return (kinds = found);
}

/** True for a noun of English that names a thing. @param word folded, several words written as one */
export const isNoun = (word: string): boolean => getTree().byWord.has(word);

/** True for a word that is known, in any language. */
export const isKnownWord = (word: string): boolean => isNoun(word) || KIND_BY_WORD.has(word);

/** @returns what an English plural is the plural of (`mice`: `mouse`); the word itself where it is none */
export function singularOf(word: string): string {
  if (word.length < 4) return word;
  const one = pluralize.singular(word);
  return one !== word && (isKnownWord(one) || !isKnownWord(word)) ? one : word;
}

/**
 * The words a compound is made of, where both are known: `bookshelf` is `book` and `shelf`. In a language whose compounds cannot all be known
 * its end alone, where that is a kind of thing: `gartenstuhl` is a `stuhl`.
 */
export function splitCompound(word: string): string[] {
  for (let cut = 3; cut <= word.length - 3; cut++) {
    const [one, other] = [word.slice(0, cut), word.slice(cut)];
    if (isNoun(one) && isNoun(singularOf(other)) && other.length > 3) return [one, singularOf(other)];
  }
  const head = compoundHead(word);
  return head === null ? [] : [foldWord(head)];
}

/**
 * What somebody may mean who says a word: other words for the same (WordNet, and the words of a kind of thing in other languages), and words for
 * narrower things.
 * @param word folded and singular, several words written as one
 */
export function listRelated(word: string): RelatedWord[] {
  const { words, depths } = getTree();
  const found = new Map<string, RelatedWord>();
  const add = (term: string, relation: RelatedWord['relation'], distance: number): void => {
    if (term !== word && !found.has(term)) found.set(term, { term, relation, distance });
  };
  const meanings = listMeanings(word).slice(0, MOST_MEANINGS);
  for (const [rank, meaning] of meanings.entries()) for (const term of words[meaning]) add(term, 'same', rank);
  const kind = KIND_BY_WORD.get(word);
  if (kind) for (const term of getKinds().get(kind.plural)!) add(term, 'same', isNoun(term) ? 1 : 0);
  const before = found.size;
  for (const [rank, meaning] of meanings.entries())
    for (let below = meaning + 1; below < words.length && depths[below] > depths[meaning]; below++) {
      if (found.size - before >= MOST_NARROWER * (1 + rank)) break;
      const steps = depths[below] - depths[meaning];
      if (steps <= NARROWER_STEPS) for (const term of words[below]) add(term, 'narrower', rank + steps);
    }
  return [...found.values()];
}

/** Words for what a thing is a kind of, the nearest first: asked for where nothing else is found. */
export function listWider(word: string): RelatedWord[] {
  const { words, depths } = getTree();
  const [meaning] = listMeanings(word);
  if (meaning === undefined) return [];
  return listAbove(meaning)
    .filter((above) => depths[above] >= SHALLOWEST_WIDER)
    .flatMap((above) =>
      words[above].map((term) => ({ term, relation: 'wider' as const, distance: depths[meaning] - depths[above] })),
    );
}

/** @param word folded, several words written as one @returns the numbers of what it may mean, the most usual first; none for one that is not known */
export const listMeanings = (word: string): number[] =>
  (getTree().byWord.get(word) ?? []).map(({ meaning }) => meaning);

/** @param word as it is written in a tree of categories: `plant2` in its second meaning, `plant` in its first @returns null where it is not known */
export function findMeaning(word: string): number | null {
  const { plain, rank } = readRanked(word);
  const senses = getTree().byWord.get(plain);
  if (!senses) return null;
  return (/\d$/.test(word) ? senses.find((sense) => sense.rank === rank) : senses[0])?.meaning ?? null;
}

/** The numbers of the wider meanings of one, the nearest first. */
export function listAbove(meaning: number): number[] {
  const { depths } = getTree();
  const found: number[] = [];
  let depth = depths[meaning];
  for (let above = meaning - 1; above >= 0 && depth > 0; above--) {
    if (depths[above] >= depth) continue;
    depth = depths[above];
    found.push(above);
  }
  return found;
}
