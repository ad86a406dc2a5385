import { createRandom } from '@haveld/core/testing/random';
import { splitWords } from '@haveld/core/text/head-words';
import type { WordNet } from '../../tuning/wordnet';

/** What a question is drawn from. */
export interface AskedAsset {
  id: string;
  title: string;
  isHeldOut: boolean;
  /** Names of its parts and materials, as the file has them. */
  parts: readonly string[];
}

export type QuestionKind = 'title' | 'synonym' | 'plural' | 'slip' | 'part';

export interface DrawnQuestion {
  kind: QuestionKind;
  words: string;
  /** Every asset that is a right answer. */
  right: ReadonlySet<string>;
  /** True where it was drawn from an asset whose author is held out. */
  isHeldOut: boolean;
}

/** Numbers of WordNet's lexicographer files: what can be made a model of. */
const TANGIBLE = new Set([5, 6, 8, 13, 17, 18, 20]);

const EACH = 40;
const LETTERS = 'abcdefghijklmnopqrstuvwxyz';
const SHORTEST_SLIPPED = 5;
const SHORTEST_PART_WORD = 4;

/** Names that so many assets have say nothing of one. */
const MOST_SHARED = 10;

/**
 * Draws questions by rule, forty of each kind, from assets in a seeded order: the title as it is; another word of the first tangible meaning
 * WordNet has for a word of the title; its regular plural; a word of the title with one letter left out, put in, exchanged or swapped;
 * the name of a part. The right answers are all assets whose title holds the word meant (for a synonym: any word of its meaning), or that
 * have a part of that name.
 */
export function drawQuestions(assets: readonly AskedAsset[], wordNet: WordNet): DrawnQuestion[] {
  const random = createRandom(20261201);
  const words = new Map(assets.map((asset) => [asset.id, new Set(splitWords(asset.title).flatMap(formsOf))]));
  const withAny = (wanted: readonly string[]): Set<string> =>
    new Set(assets.filter(({ id }) => wanted.some((word) => hasAll(words.get(id)!, word))).map(({ id }) => id));
  const partOwners = new Map<string, Set<string>>();
  for (const { id, parts } of assets)
    for (const part of parts)
      partOwners.set(wordsOfPart(part), (partOwners.get(wordsOfPart(part)) ?? new Set()).add(id));

  const drawers: Record<QuestionKind, (asset: AskedAsset) => Omit<DrawnQuestion, 'kind' | 'isHeldOut'> | null> = {
    title: ({ title }) => ({
      words: title,
      right: new Set(assets.filter((one) => one.title.toLowerCase() === title.toLowerCase()).map(({ id }) => id)),
    }),
    synonym: ({ title }) => {
      const options = splitWords(title).flatMap((word) => {
        const meaning = meaningOf(wordNet, word);
        const others = meaning?.words.filter((other) => other.toLowerCase() !== word) ?? [];
        return others.map((other) => ({ other, all: meaning!.words }));
      });
      const drawn = pick(options, random);
      return drawn && { words: plain(drawn.other), right: withAny(drawn.all.map(plain)) };
    },
    plural: ({ title }) => {
      const word = pick(
        splitWords(title).filter((one) => meaningOf(wordNet, one) && !one.endsWith('s')),
        random,
      );
      return word === null ? null : { words: pluralOf(word), right: withAny([word]) };
    },
    slip: ({ title }) => {
      const word = pick(
        splitWords(title).filter((one) => one.length >= SHORTEST_SLIPPED),
        random,
      );
      return word === null ? null : { words: slip(word, random), right: withAny([word]) };
    },
    part: ({ parts }) => {
      const part = pick(
        parts.map(wordsOfPart).filter((name) => name !== '' && partOwners.get(name)!.size <= MOST_SHARED),
        random,
      );
      return part === null ? null : { words: part, right: partOwners.get(part)! };
    },
  };
  return (Object.keys(drawers) as QuestionKind[]).flatMap((kind) => {
    const drawn: DrawnQuestion[] = [];
    const asked = new Set<string>();
    for (const asset of shuffle(assets, random)) {
      if (drawn.length === EACH) break;
      const question = drawers[kind](asset);
      if (!question || asked.has(question.words)) continue;
      asked.add(question.words);
      drawn.push({ kind, isHeldOut: asset.isHeldOut, ...question });
    }
    return drawn;
  });
}

const plain = (lemma: string): string => lemma.replaceAll('_', ' ').toLowerCase();

/** A title's word counts as said in the singular too. */
const formsOf = (word: string): string[] => [word, ...(word.endsWith('s') ? [word.slice(0, -1)] : [])];

const hasAll = (words: ReadonlySet<string>, wanted: string): boolean =>
  wanted.split(' ').every((word) => words.has(word));

function meaningOf(wordNet: WordNet, word: string) {
  return wordNet.words.get(word)?.find(({ meaning }) => TANGIBLE.has(meaning.field))?.meaning ?? null;
}

/** By the rules of spelling; no irregular plural is drawn. */
function pluralOf(word: string): string {
  if (/(?:s|x|z|ch|sh)$/.test(word)) return `${word}es`;
  return /[^aeiou]y$/.test(word) ? `${word.slice(0, -1)}ies` : `${word}s`;
}

function slip(word: string, random: () => number): string {
  const at = 1 + Math.floor(random() * (word.length - 1));
  const letter = LETTERS[Math.floor(random() * LETTERS.length)];
  switch (Math.floor(random() * 4)) {
    case 0:
      return word.slice(0, at) + word.slice(at + 1);
    case 1:
      return word.slice(0, at) + letter + word.slice(at);
    case 2:
      return word.slice(0, at) + letter + word.slice(at + 1);
    default:
      return word.slice(0, at - 1) + word[at] + word[at - 1] + word.slice(at + 1);
  }
}

/** @returns the words of a part's name; empty where none is long enough to ask for */
function wordsOfPart(name: string): string {
  const words = splitWords(name);
  return words.some((word) => word.length >= SHORTEST_PART_WORD) ? words.join(' ') : '';
}

const pick = <T>(options: readonly T[], random: () => number): T | null =>
  options.length === 0 ? null : options[Math.floor(random() * options.length)];

function shuffle<T>(items: readonly T[], random: () => number): T[] {
  const all = [...items];
  for (let i = all.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [all[i], all[j]] = [all[j], all[i]];
  }
  return all;
}
