import { WORD_MEANINGS } from './kinds/word-meanings';
import { TYPICAL_SIZES, type TypicalSize } from './kind-rows';

/**
 * What is added to the spread of things of a meaning for one that has no row: in logarithms, more where a single row speaks for it.
 * Ours: with each row left out and guessed from the others, half lie within 0.77 of such deviations and 95 % within 3.04
 * (`npm run tune meanings` says so).
 */
const UNKNOWN = { one: 1, several: 0.4 };

/** Meanings whose things are all sizes say nothing of one. In logarithms. */
const WIDEST = 1.2;

/** So many of them are named in a sentence. */
const NAMED = 3;

let byWord: ReadonlyMap<string, readonly string[]> | null = null;
const mixed = new Map<readonly string[], TypicalSize | null>();
const byTitle = new Map(TYPICAL_SIZES.map((typical) => [typical.plural, typical]));

/** Reads `plural; plural … | word word …`: kinds, and the words whose nearest common meaning they have. */
function readMeanings(): ReadonlyMap<string, readonly string[]> {
  const read = new Map<string, readonly string[]>();
  for (const line of WORD_MEANINGS.trim().split('\n')) {
    const [titles, words] = line.split(' | ');
    const kinds = titles.split('; ');
    for (const word of words.split(' ')) read.set(word, kinds);
  }
  return read;
}

/**
 * How big a thing is whose name has no row: as the things whose meaning is nearest, by what kind of thing a word is (a rabbit is a
 * rodent, a wherry is a boat), and less certain than they.
 * @param word English, singular, in lower case; several words written as one
 * @returns null where nobody knows the word, or things of its kind are all sizes
 */
export function findByMeaning(word: string): TypicalSize | null {
  const titles = (byWord ??= readMeanings()).get(word);
  if (!titles) return null;
  const known = mixed.get(titles);
  if (known !== undefined) return known;
  const kinds = titles.flatMap((title) => byTitle.get(title) ?? []);
  const typical = kinds.length > 0 ? mixKinds(kinds) : null;
  mixed.set(titles, typical);
  return typical;
}

/**
 * One distribution for things of several kinds: the middle of their middles; their variances and how far they lie apart are added.
 * @returns null where that is wider than is of use
 */
export function mixKinds(kinds: readonly TypicalSize[]): TypicalSize | null {
  const logs = kinds.map(({ middle }) => middle.map(Math.log));
  const sizes = logs.map(mean);
  const size = mean(sizes);
  const unknown = kinds.length === 1 ? UNKNOWN.one : UNKNOWN.several;
  const whole = Math.sqrt(variance(sizes) + mean(kinds.map(({ spread }) => spread.whole ** 2)) + unknown ** 2);
  if (whole > WIDEST) return null;
  const axes = [0, 1, 2].map((axis) => {
    const ratios = logs.map((sides, i) => sides[axis] - sizes[i]);
    return {
      middle: Math.exp(size + mean(ratios)),
      spread: Math.sqrt(
        variance(ratios) + mean(kinds.map(({ spread }) => spread.sides[axis] ** 2)) + UNKNOWN.several ** 2,
      ),
    };
  });
  const categories = new Set(kinds.map(({ category }) => category));
  return {
    words: [],
    plural: `things like ${nameKinds(kinds)}`,
    middle: [axes[0].middle, axes[1].middle, axes[2].middle],
    spread: { whole, sides: [axes[0].spread, axes[1].spread, axes[2].spread] },
    category: categories.size === 1 ? kinds[0].category : null,
    source: 'from memory: the kinds whose meaning is nearest (WordNet 3.1)',
    isInherited: true,
  };
}

function nameKinds(kinds: readonly TypicalSize[]): string {
  const named = kinds.slice(0, NAMED).map(({ plural }) => plural);
  return named.length > 1 ? `${named.slice(0, -1).join(', ')} and ${named.at(-1)}` : named[0];
}

const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;

/** Of a sample; 0 for one value. */
function variance(values: readonly number[]): number {
  const middle = mean(values);
  return values.reduce((sum, value) => sum + (value - middle) ** 2, 0) / Math.max(1, values.length - 1);
}
