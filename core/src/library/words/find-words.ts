import { foldWord, splitText } from './fold-words';
import { isNear } from './is-near';
import { isByMeaning, listVariants, listWanted, type Likeness, type Variant } from './list-variants';
import { isKnownWord, singularOf } from './meanings';
import { PLACES, type WordIndex } from './word-index';
import type { GrowList } from '../grow-list';
import type { WordField } from '../library-entry';

/** Assets that words were found in, in no order, and what it cost to find them. */
export interface Hits {
  slots: Uint32Array;
  costs: Uint8Array;
  /** True where none has all the words, and these have the most of them. */
  isLoose: boolean;
}

/** A word asked for, or two that are one (`day bed`), with what is looked for in its place. */
interface Sought {
  /** As it was asked for. */
  word: string;
  /** Written as one. */
  plain: string;
  singular: string;
  variants: Variant[];
  /** What would be looked for if it stood anywhere. */
  wanted: ReadonlySet<string>;
}

export interface WordQuestion {
  /** Words, or pairs of them; an asset has to have one of each list: `[[day, bed], [daybed]]` is both words or the pair. */
  groups: Sought[][][];
}

/** Why an asset is among the hits. */
export interface HitReason {
  asked: string;
  found: string;
  likeness: Likeness;
  field: WordField;
}

/** Said beside others they mean nothing. */
const UNSAID = new Set(
  'a an and any for from in into my of on or our some that the this to with der die das ein eine und mit le la les un une et avec de il lo uno una e con el los las y o os as'.split(
    ' ',
  ),
);

/** `HV-000012`: asked for by its figures, for every number begins so. */
const ACCESSION = /\bHV-?0*(\d+)\b/gi;

const MOST_WORDS = 12;
const MOST_COST = 250;

/** So many words' assets are kept. */
const MOST_KEPT = 64;

/** @param text as a person writes it */
export function planWords(text: string, index: WordIndex): WordQuestion {
  const all = splitText(text.replace(ACCESSION, '$1')).map(plainWord).slice(0, MOST_WORDS);
  const said = all.filter((word) => !UNSAID.has(word));
  const words = said.length > 0 ? said : all;
  const seek = (word: string): Sought => ({
    word,
    plain: word,
    singular: singularOf(word),
    variants: listVariants(word, index.vocabulary, (term) => index.get(term) !== undefined),
    wanted: listWanted(word),
  });
  const groups: Sought[][][] = [];
  for (let i = 0; i < words.length; i++) {
    const pair = i + 1 < words.length ? words[i] + singularOf(words[i + 1]) : '';
    if (pair !== '' && isKnownWord(pair)) {
      groups.push([[seek(words[i]), seek(words[i + 1])], [{ ...seek(pair), word: `${words[i]} ${words[i + 1]}` }]]);
      i++;
    } else groups.push([[seek(words[i])]]);
  }
  return { groups };
}

const plainWord = (word: string): string => {
  const folded = foldWord(word);
  return /^\d/.test(folded) ? folded.replace(/^0+(?=\d)/, '') : folded;
};

/** Whether a word that came since a question was planned may be looked for too. */
export const mayBeMeant = ({ groups }: WordQuestion, term: string): boolean =>
  groups.some((alternatives) => alternatives.some((words) => words.some((sought) => isWanted(sought, term))));

function isWanted({ plain, singular, wanted }: Sought, term: string): boolean {
  return wanted.has(term) || term.startsWith(plain) || isNear(plain, term) || isNear(singular, term);
}

/** Looks for words. Costs of one search are kept in `scratch`, which is left empty again. */
export class WordFinder {
  private scratch = new Uint8Array(0);
  /** How many of the words an asset has, while those with the most are looked for. */
  private met = new Uint8Array(0);
  private readonly kept = new Map<string, KeptWord>();

  constructor(private readonly index: WordIndex) {}

  /** @param size how many slots the library has @param isAlive assets that are gone are not found */
  find(question: WordQuestion, size: number, isAlive: (slot: number) => boolean): Hits {
    if (this.scratch.length < size) {
      this.scratch = new Uint8Array(Math.max(1024, 2 * size));
      this.met = new Uint8Array(this.scratch.length);
    }
    const each = question.groups.map((group) => this.findGroup(group, size));
    const all = each.length === 0 ? EMPTY : each.reduce((one, other) => this.intersect(one, other));
    const strict = keepAlive(all, isAlive);
    if (strict.slots.length > 0 || each.length < 2) return { ...strict, isLoose: false };
    return { ...keepAlive(this.findMost(each), isAlive), isLoose: true };
  }

  private findGroup(alternatives: Sought[][], size: number): Found {
    const found = alternatives.map((words) =>
      words.map((word) => this.getWord(word, size)).reduce((one, other) => this.intersect(one, other)),
    );
    return found.reduce((one, other) => this.unite(one, other));
  }

  /** What a word finds is kept, and gone on with for assets that came since, as long as no word came that may be meant too. */
  private getWord(sought: Sought, size: number): Found {
    const key = sought.variants.map(({ term, likeness, cost }) => `${term} ${likeness} ${cost}`).join(' ');
    const known = this.kept.get(key);
    this.kept.delete(key);
    const word = known ?? { found: EMPTY, upTo: 0 };
    if (word.upTo < size) {
      const since = this.findWord(sought, word.upTo);
      if (since.slots.length > 0) word.found = join(word.found, since);
      word.upTo = size;
    }
    this.kept.set(key, word);
    if (this.kept.size > MOST_KEPT) this.kept.delete(this.kept.keys().next().value!);
    return word.found;
  }

  /** Each asset at the least it costs. @param from the first slot to look at */
  private findWord({ variants }: Sought, from: number): Found {
    const { scratch } = this;
    const lists = variants.flatMap(({ term, cost, likeness }) =>
      this.index
        .get(term)!
        .flatMap((list, place) =>
          list && list.last >= from && mayStand(likeness, place)
            ? [{ list, first: firstFrom(list, from), cost: 1 + cost + PLACES[place].cost }]
            : [],
        ),
    );
    lists.sort((a, b) => a.cost - b.cost);
    const slots = new Uint32Array(lists.reduce((sum, { list, first }) => sum + list.length - first, 0));
    let count = 0;
    for (const { list, first, cost } of lists) {
      const { array, length } = list;
      for (let i = first; i < length; i++) {
        const slot = array[i];
        if (scratch[slot] !== 0) continue;
        scratch[slot] = cost;
        slots[count++] = slot;
      }
    }
    return this.collect(slots.subarray(0, count));
  }

  private intersect(one: Found, other: Found): Found {
    const { scratch } = this;
    for (let i = 0; i < one.slots.length; i++) scratch[one.slots[i]] = one.costs[i] + 1;
    const slots = new Uint32Array(Math.min(one.slots.length, other.slots.length));
    const costs = new Uint8Array(slots.length);
    let count = 0;
    for (let i = 0; i < other.slots.length; i++) {
      const before = scratch[other.slots[i]];
      if (before === 0) continue;
      slots[count] = other.slots[i];
      costs[count++] = Math.min(MOST_COST, before - 1 + other.costs[i]);
    }
    for (let i = 0; i < one.slots.length; i++) scratch[one.slots[i]] = 0;
    return { slots: slots.subarray(0, count), costs: costs.subarray(0, count) };
  }

  private unite(one: Found, other: Found): Found {
    const { scratch } = this;
    const slots = new Uint32Array(one.slots.length + other.slots.length);
    let count = 0;
    for (const found of [one, other])
      for (let i = 0; i < found.slots.length; i++) {
        const slot = found.slots[i];
        const before = scratch[slot];
        if (before === 0) slots[count++] = slot;
        if (before === 0 || before > found.costs[i] + 1) scratch[slot] = found.costs[i] + 1;
      }
    return this.collect(slots.subarray(0, count));
  }

  /** Of words that no asset has all of: the assets that have most. */
  private findMost(each: readonly Found[]): Found {
    const { scratch, met } = this;
    const slots = new Uint32Array(each.reduce((sum, one) => sum + one.slots.length, 0));
    let count = 0;
    let most = 0;
    for (const found of each)
      for (let i = 0; i < found.slots.length; i++) {
        const slot = found.slots[i];
        if (met[slot] === 0) slots[count++] = slot;
        scratch[slot] = Math.min(MOST_COST, scratch[slot] + found.costs[i]);
        most = Math.max(most, ++met[slot]);
      }
    let kept = 0;
    const costs = new Uint8Array(count);
    for (let i = 0; i < count; i++) {
      const slot = slots[i];
      if (met[slot] === most) {
        slots[kept] = slot;
        costs[kept++] = scratch[slot];
      }
      met[slot] = 0;
      scratch[slot] = 0;
    }
    return { slots: slots.subarray(0, kept), costs: costs.subarray(0, kept) };
  }

  /** Takes the costs of these out of the scratch. */
  private collect(slots: Uint32Array): Found {
    const costs = new Uint8Array(slots.length);
    for (let i = 0; i < slots.length; i++) {
      costs[i] = this.scratch[slots[i]] - 1;
      this.scratch[slots[i]] = 0;
    }
    return { slots, costs };
  }

  /** Whether an asset has all the words of a question, or where the most of them are looked for, any. @param slot of an asset, dead or alive */
  fits(question: WordQuestion, slot: number, isLoose: boolean): boolean {
    const hasOne = (alternatives: Sought[][]): boolean =>
      alternatives.some((words) => words.every((word) => this.hasWord(word, slot)));
    return isLoose ? question.groups.some(hasOne) : question.groups.every(hasOne);
  }

  private hasWord({ variants }: Sought, slot: number): boolean {
    for (const { term, likeness } of variants) {
      const lists = this.index.get(term)!;
      for (let place = 0; place < lists.length; place++) {
        const list = lists[place];
        if (list && list.last >= slot && mayStand(likeness, place) && holds(list, slot)) return true;
      }
    }
    return false;
  }

  /** Why an asset is found: for each word asked for the cheapest way. @param slot of an asset */
  explain(question: WordQuestion, slot: number): HitReason[] {
    return question.groups.flatMap((alternatives) => {
      const ways = alternatives.map((words) => words.map((word) => this.explainWord(word, slot)));
      const whole = ways.filter((way) => way.every((reason) => reason !== null));
      const [best] = whole.sort((a, b) => costOf(a) - costOf(b));
      return (best ?? []).map(({ reason }) => reason);
    });
  }

  private explainWord({ word, variants }: Sought, slot: number): Explained | null {
    let best: Explained | null = null;
    for (const { term, likeness, cost } of variants)
      for (const [place, list] of this.index.get(term)!.entries()) {
        const { field, cost: more } = PLACES[place];
        if (!list || !mayStand(likeness, place) || (best && best.cost <= cost + more) || !holds(list, slot)) continue;
        best = { cost: cost + more, reason: { asked: word, found: term, likeness, field } };
      }
    return best;
  }
}

interface KeptWord {
  found: Found;
  /** Slots below this have been looked at. */
  upTo: number;
}

interface Found {
  slots: Uint32Array;
  costs: Uint8Array;
}
const EMPTY: Found = { slots: new Uint32Array(0), costs: new Uint8Array(0) };

interface Explained {
  cost: number;
  reason: HitReason;
}
const costOf = (way: readonly Explained[]): number => way.reduce((sum, { cost }) => sum + cost, 0);

/** A word that only means the same finds what says what a thing is, and no person who is called so. */
const mayStand = (likeness: Likeness, place: number): boolean => PLACES[place].saysWhat || !isByMeaning(likeness);

/** What is found is kept: this is another list. */
function keepAlive({ slots, costs }: Found, isAlive: (slot: number) => boolean): Found {
  const alive = { slots: new Uint32Array(slots.length), costs: new Uint8Array(slots.length) };
  let count = 0;
  for (let i = 0; i < slots.length; i++) {
    if (!isAlive(slots[i])) continue;
    alive.slots[count] = slots[i];
    alive.costs[count++] = costs[i];
  }
  return { slots: alive.slots.subarray(0, count), costs: alive.costs.subarray(0, count) };
}

function join(one: Found, other: Found): Found {
  const slots = new Uint32Array(one.slots.length + other.slots.length);
  slots.set(one.slots);
  slots.set(other.slots, one.slots.length);
  const costs = new Uint8Array(slots.length);
  costs.set(one.costs);
  costs.set(other.costs, one.costs.length);
  return { slots, costs };
}

/** @returns where the slots from this one on begin in an ascending list */
function firstFrom({ array, length }: GrowList, from: number): number {
  let [low, high] = [0, length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (array[middle] < from) low = middle + 1;
    else high = middle;
  }
  return low;
}

const holds = (list: GrowList, slot: number): boolean =>
  list.array[firstFrom(list, slot)] === slot && list.last >= slot;
