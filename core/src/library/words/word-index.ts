import { GrowList } from '../grow-list';
import { WORD_FIELDS, type WordField } from '../library-entry';
import { foldWord, spellOutUmlauts, splitText } from './fold-words';
import { singularOf, splitCompound } from './meanings';
import { Vocabulary } from './vocabulary';

/** Where a word stands: in a field as it is written, or as a part of a compound there. */
export interface Place {
  field: WordField;
  isHalf: boolean;
  cost: number;
  saysWhat: boolean;
}

const HALF_COST = 2;

/** Every place a word can stand in; the numbers of the lists below. */
export const PLACES: readonly Place[] = (Object.keys(WORD_FIELDS) as WordField[]).flatMap((field) => [
  { field, isHalf: false, ...WORD_FIELDS[field] },
  { field, isHalf: true, ...WORD_FIELDS[field], cost: WORD_FIELDS[field].cost + HALF_COST },
]);

/** In these two words that follow one another are one as well: `book shelf`. */
const JOINED: ReadonlySet<WordField> = new Set(['name', 'title', 'tag', 'part']);

const MOST_KEPT = 200_000;

interface Term {
  text: string;
  isHalf: boolean;
}

/** Which assets a word stands in, and where. Assets are known by their place in the library, which only grows. */
export class WordIndex {
  private readonly lists = new Map<string, (GrowList | undefined)[]>();
  readonly vocabulary = new Vocabulary();
  /** Every word there is, in the order they came. */
  readonly terms: string[] = [];
  /** What a word gives is worked out once. */
  private readonly kept = new Map<string, readonly Term[]>();

  /** @param slot not smaller than any before */
  add(slot: number, field: WordField, text: string): void {
    const first = PLACES.findIndex((place) => place.field === field);
    let before = '';
    for (const word of splitText(text)) {
      const terms = this.listTerms(word);
      for (const { text: term, isHalf } of terms)
        if (!isHalf || WORD_FIELDS[field].saysWhat) this.put(term, first + (isHalf ? 1 : 0), slot);
      const folded = terms[0].text;
      if (before !== '' && JOINED.has(field) && /^\D+$/.test(before + folded))
        this.put(before + folded, first + 1, slot);
      before = folded;
    }
  }

  /** The lists of a word by place; undefined for one that stands nowhere. */
  get(term: string): readonly (GrowList | undefined)[] | undefined {
    return this.lists.get(term);
  }

  private listTerms(word: string): readonly Term[] {
    const known = this.kept.get(word);
    if (known) return known;
    const terms = listTerms(word);
    if (this.kept.size < MOST_KEPT) this.kept.set(word, terms);
    return terms;
  }

  private put(term: string, place: number, slot: number): void {
    let lists = this.lists.get(term);
    if (!lists) {
      this.lists.set(term, (lists = []));
      this.terms.push(term);
      // a number is looked for as it is
      if (!/^\d/.test(term)) this.vocabulary.add(term);
    }
    const list = (lists[place] ??= new GrowList());
    if (list.last !== slot) list.push(slot);
  }
}

/** What a written word is found by: itself first, what it is the plural of, without its dots, and the words it is made of. */
function listTerms(word: string): Term[] {
  const folded = foldWord(word);
  if (/^\d/.test(folded)) return [{ text: folded.replace(/^0+(?=\d)/, ''), isHalf: false }];
  const whole = new Set([folded, singularOf(folded), ...listSpellings(word)]);
  const halves = new Set([...whole].flatMap(splitCompound).filter((half) => !whole.has(half)));
  return [
    ...[...whole].map((text) => ({ text, isHalf: false })),
    ...[...halves].map((text) => ({ text, isHalf: true })),
  ];
}

function listSpellings(word: string): string[] {
  const spelt = spellOutUmlauts(word);
  return spelt === null ? [] : [spelt];
}
