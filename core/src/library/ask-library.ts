import { Bitset } from './bits/bitset';
import { takeMost } from './columns/value-column';
import { ConditionSets } from './condition-sets';
import { GrowList } from './grow-list';
import type { ValueFacet } from './library-entry';
import type { LibraryIndex } from './library-index';
import type { Condition, Counts, LibraryOrder, LibraryQuestion, Tally } from './library-question';
import { mayBeMeant, planWords, type HitReason, type Hits, type WordQuestion } from './words/find-words';

/** So many hits are gone through one by one; more are a set. */
const MOST_LISTED = 20_000;

/** Of so many values of a facet all are counted; of more the best of a sample. */
const MOST_VALUES = 256;
const SAMPLE = { size: 4_000, offered: 600, best: 40 };

/** What is kept may be so large, bytes; each answer has its sets, its counts and some pages. */
const MOST_KEPT = { bytes: 128 * 2 ** 20, answers: 512, pages: 8 };

/** After so many changes an answer is not looked over but worked out anew. */
const MOST_CHANGES = 500;

/** Ranks are smaller than this: what costs more comes after all that costs less. */
const COST_STEP = 2 ** 33;

/** A set with fewer than one in so many is thin. */
const THIN = 16;

const GOLDEN = (Math.sqrt(5) - 1) / 2;

/** The i-th of so many places spread over a length: one in each equal part, and never at the same place of it, for what comes in turns would be met alike. */
const spread = (i: number, parts: number, length: number): number =>
  Math.floor(((i + ((i * GOLDEN) % 1)) * length) / parts);

/** What nearly all have, or nearly none, divides little. Ours. */
const USEFUL = { least: 0.01, most: 0.8 };

const tells = (share: number): number => -share * Math.log2(share) - (1 - share) * Math.log2(1 - share);

/** A value that divides what fits, with how many have it. */
export interface Offer<F extends ValueFacet> {
  facet: F;
  value: string;
  count: number;
}

/** Slots one by one, or as a set. */
type Slots = { listed: Uint32Array } | { set: Bitset };

/** What fits a question; good until something changes that it concerns. */
export interface Fitting {
  /** It is as the library was then, or is as it would be then. */
  revision: number;
  /** How many words the library knew by then. */
  terms: number;
  readonly conditions: readonly Condition[];
  readonly total: number;
  /** True where nothing has all the words, and these have the most of them. */
  readonly isLoose: boolean;
  readonly plan: WordQuestion | null;
  readonly slots: Slots;
  /** What the words cost: beside each that is listed, or by slot. */
  readonly costs: Uint8Array | null;
  /** What fits all conditions but the one of this name. */
  readonly butFor: (name: string) => Slots;
  readonly counts: Map<string, Counts>;
  readonly offers: Map<string, readonly Offer<ValueFacet>[]>;
  readonly pages: Map<string, readonly number[]>;
  readonly bytes: number;
}

type Found = Pick<Fitting, 'total' | 'slots' | 'costs' | 'butFor'>;

/** What an answer takes beside its sets: counts, offers, a page or two. Ours. */
const ANSWER_BYTES = 32 * 1024;

const sizeOf = ({ slots, costs }: Found): number =>
  ('set' in slots ? slots.set.words : slots.listed).byteLength + (costs?.byteLength ?? 0);

/** Asks a library. What was asked last is kept until something changes that it concerns: its next page costs little, and so does asking it again while others work. */
export class LibrarySearch {
  private readonly sets: ConditionSets;
  private readonly kept = new Map<string, Fitting>();
  private keptBytes = 0;

  constructor(
    private readonly index: LibraryIndex,
    private readonly mostListed = MOST_LISTED,
  ) {
    this.sets = new ConditionSets(index);
  }

  find(question: LibraryQuestion): Fitting {
    const key = JSON.stringify(question);
    const known = this.kept.get(key);
    if (known) this.forget(key, known);
    const fitting = known && this.isGood(known) ? known : this.fit(question);
    this.kept.set(key, fitting);
    this.keptBytes += fitting.bytes;
    for (const [oldest, one] of this.kept) {
      if (this.kept.size <= MOST_KEPT.answers && this.keptBytes <= MOST_KEPT.bytes) break;
      if (one !== fitting) this.forget(oldest, one);
    }
    return fitting;
  }

  private forget(key: string, fitting: Fitting): void {
    this.kept.delete(key);
    this.keptBytes -= fitting.bytes;
  }

  /** True for an answer that is the same today: no asset that changed since is in it, nor in what is counted beside it, and no new word is meant. */
  private isGood(fitting: Fitting): boolean {
    const { index } = this;
    const changed = index.listChangedSince(fitting.revision);
    if (changed.length > MOST_CHANGES) return false;
    const { plan } = fitting;
    const { terms } = index.words;
    if (plan) for (let i = fitting.terms; i < terms.length; i++) if (mayBeMeant(plan, terms[i])) return false;
    if (changed.length > 0) {
      const sets = fitting.conditions.map((condition) => this.sets.get(condition));
      for (let i = 0; i < changed.length; i++) if (this.concerns(fitting, sets, changed[i])) return false;
    }
    fitting.revision = index.revision;
    fitting.terms = terms.length;
    return true;
  }

  /** What fails one condition is counted where that is left out. Sets hold the dead too. */
  private concerns({ plan, isLoose }: Fitting, sets: readonly Bitset[], slot: number): boolean {
    let fails = 0;
    for (const set of sets) if (!set.has(slot) && ++fails > 1) return false;
    return plan === null || this.index.finder.fits(plan, slot, isLoose);
  }

  /** How what fits divides, leaving the condition of this name out. @param name of the condition that is counted for, or any other */
  count(fitting: Fitting, name: string, tally: Tally): Counts {
    const key = `${name} ${JSON.stringify(tally)}`;
    let counts = fitting.counts.get(key);
    if (counts === undefined) {
      const slots = fitting.butFor(name);
      counts = 'set' in slots ? this.countSet(slots.set, tally) : this.countList(slots.listed, tally);
      fitting.counts.set(key, counts);
    }
    return counts;
  }

  /**
   * The values that divide what fits best: those half of it has tell most (the entropy of having it or not, Shannon 1948). Which they are is told
   * by a sample; how many have each is counted.
   * @param facets to offer values of
   * @param eachMost of one facet
   */
  offer<F extends ValueFacet>(
    fitting: Fitting,
    facets: readonly F[],
    eachMost: number,
    most: number,
  ): readonly Offer<F>[] {
    const key = JSON.stringify([facets, eachMost, most]);
    const known = fitting.offers.get(key) as readonly Offer<F>[] | undefined;
    if (known) return known;
    const offers = this.findOffers(fitting, facets, eachMost, most);
    fitting.offers.set(key, offers);
    return offers;
  }

  private findOffers<F extends ValueFacet>(
    fitting: Fitting,
    facets: readonly F[],
    eachMost: number,
    most: number,
  ): Offer<F>[] {
    const sample = this.takeSample(fitting.slots, SAMPLE.offered);
    const offers = facets.flatMap((facet) => {
      const counted = this.index.values[facet].countOver(sample, SAMPLE.best);
      return counted
        .map(({ code, count }) => ({ facet, code, share: count / sample.length }))
        .filter(({ share }) => share >= USEFUL.least && share <= USEFUL.most)
        .sort((a, b) => tells(b.share) - tells(a.share))
        .slice(0, eachMost);
    });
    const best = offers.sort((a, b) => tells(b.share) - tells(a.share)).slice(0, most);
    if ('set' in fitting.slots) this.index.counted.ask(fitting.slots.set);
    return best.map(({ facet, code }) => ({
      facet,
      value: this.index.values[facet].values[code].name,
      count: this.countCode(fitting.slots, facet, code),
    }));
  }

  private countCode(slots: Slots, facet: ValueFacet, code: number): number {
    const column = this.index.values[facet];
    if ('set' in slots) return column.countIn(slots.set, code, this.index.room);
    let count = 0;
    for (let i = 0; i < slots.listed.length; i++) if (column.has(slots.listed[i], code)) count++;
    return count;
  }

  /** @returns accessions of a page of what fits */
  page(fitting: Fitting, order: LibraryOrder, offset: number, length: number): readonly number[] {
    const key = `${order} ${offset} ${length}`;
    const known = fitting.pages.get(key);
    if (known) return known;
    const page = this.findPage(fitting, order, offset, length);
    fitting.pages.set(key, page);
    if (fitting.pages.size > MOST_KEPT.pages) fitting.pages.delete(fitting.pages.keys().next().value!);
    return page;
  }

  private findPage(fitting: Fitting, order: LibraryOrder, offset: number, length: number): number[] {
    const { slots } = fitting;
    const page =
      'set' in slots
        ? this.pageOfSet(slots.set, fitting, order, offset, length)
        : this.pageOfList(slots.listed, fitting.costs, order, offset, length);
    return page.map((slot) => this.index.accessionOf(slot));
  }

  /** Every value some asset has, or had. */
  listValues(facet: ValueFacet): string[] {
    return this.index.values[facet].values.map(({ name }) => name);
  }

  /** Why an asset fits the words of a question; empty where none were asked for. */
  explain({ plan }: Fitting, accession: number): HitReason[] {
    const slot = this.index.slotOf(accession);
    return plan === null || slot === undefined ? [] : this.index.finder.explain(plan, slot);
  }

  private fit(question: LibraryQuestion): Fitting {
    const { index } = this;
    const planned = question.words.trim() === '' ? null : planWords(question.words, index.words);
    // signs alone ask for nothing
    const plan = planned && planned.groups.length > 0 ? planned : null;
    const hits = plan && index.finder.find(plan, index.size, (slot) => index.alive.has(slot));
    const fitting =
      hits && hits.slots.length <= this.mostListed ? this.fitList(hits, question) : this.fitSet(hits, question);
    return {
      ...fitting,
      revision: index.revision,
      terms: index.words.terms.length,
      conditions: Object.values(question.conditions),
      plan,
      isLoose: hits?.isLoose ?? false,
      counts: new Map(),
      offers: new Map(),
      pages: new Map(),
      bytes: ANSWER_BYTES + sizeOf(fitting),
    };
  }

  /** One walk: what fails no condition fits, what fails one fits but for that. */
  private fitList({ slots, costs }: Hits, { conditions }: LibraryQuestion): Found {
    const names = Object.keys(conditions);
    const sets = names.map((name) => this.sets.get(conditions[name]));
    const listed = new Uint32Array(slots.length);
    const fittingCosts = new Uint8Array(slots.length);
    const more = names.map(() => new GrowList());
    let total = 0;
    for (let i = 0; i < slots.length; i++) {
      let failed = -1;
      let fails = 0;
      for (let c = 0; c < sets.length && fails < 2; c++)
        if (!sets[c].has(slots[i])) {
          failed = c;
          fails++;
        }
      if (fails === 0) {
        listed[total] = slots[i];
        fittingCosts[total++] = costs[i];
      } else if (fails === 1) more[failed].push(slots[i]);
    }
    const fitting = listed.subarray(0, total);
    return {
      total,
      slots: { listed: fitting },
      costs: fittingCosts.subarray(0, total),
      butFor: (name: string): Slots => {
        const others = more[names.indexOf(name)];
        if (!others || others.length === 0) return { listed: fitting };
        const all = new Uint32Array(total + others.length);
        all.set(fitting);
        all.set(others.values, total);
        return { listed: all };
      },
    };
  }

  private fitSet(hits: Hits | null, { conditions }: LibraryQuestion): Found {
    const { index } = this;
    let found = index.alive;
    let costs: Uint8Array | null = null;
    if (hits) {
      found = new Bitset(index.room);
      costs = new Uint8Array(index.size);
      for (let i = 0; i < hits.slots.length; i++) {
        found.add(hits.slots[i]);
        costs[hits.slots[i]] = hits.costs[i];
      }
    }
    const names = Object.keys(conditions);
    // sets of conditions are kept by their makers, and may be given up before what is counted for is asked
    const sets = names.map((name) => this.sets.get(conditions[name]));
    const withAllBut = (left: string | null): Bitset => {
      const kept = sets.filter((_, i) => names[i] !== left);
      if (kept.length === 0) return found;
      const set = found.copy();
      for (const one of kept) set.keepOnly(one);
      return set;
    };
    const set = withAllBut(null);
    return {
      total: set.count(),
      slots: { set },
      costs,
      butFor: (name: string): Slots => ({ set: names.includes(name) ? withAllBut(name) : set }),
    };
  }

  private countList(slots: Uint32Array, tally: Tally): Counts {
    switch (tally.kind) {
      case 'all':
        return [{ value: '', count: slots.length }];
      case 'values': {
        const column = this.index.values[tally.facet];
        return column
          .countOver(slots, tally.most)
          .map(({ code, count }) => ({ value: column.values[code].name, count }));
      }
      default:
        return this.listGroups(tally).map(({ value, set }) => {
          let count = 0;
          for (let i = 0; i < slots.length; i++) if (set.has(slots[i])) count++;
          return { value, count };
        });
    }
  }

  private countSet(set: Bitset, tally: Tally): Counts {
    const { counted: sets } = this.index;
    sets.ask(set);
    switch (tally.kind) {
      case 'all':
        return [{ value: '', count: set.count() }];
      case 'values': {
        const column = this.index.values[tally.facet];
        const codes =
          column.values.length <= MOST_VALUES ? [...column.values.keys()] : this.listLikely(set, tally.facet);
        const counted = codes.map((code) => ({ code, count: column.countIn(set, code, this.index.room) }));
        return takeMost(counted, tally.most).map(({ code, count }) => ({ value: column.values[code].name, count }));
      }
      default:
        return this.listGroups(tally).map(({ value, set: group }) => ({ value, count: sets.countWith(group) }));
    }
  }

  private listGroups(tally: Extract<Tally, { kind: 'ranges' | 'groups' }>): { value: string; set: Bitset }[] {
    if (tally.kind === 'ranges')
      return tally.ranges.map(({ from, to }) => ({
        value: `${from ?? ''}–${to ?? ''}`,
        set: this.sets.get({ kind: 'range', facet: tally.facet, from, to }),
      }));
    return Object.entries(tally.groups).map(([value, anyOf]) => ({
      value,
      set: this.sets.get({ kind: 'values', facet: tally.facet, anyOf }),
    }));
  }

  /** The values most met with in a sample: only these are counted. */
  private listLikely(set: Bitset, facet: ValueFacet): number[] {
    return this.index.values[facet]
      .countOver(this.takeSample({ set }, SAMPLE.size), SAMPLE.best)
      .map(({ code }) => code);
  }

  /** Some of what fits, spread over all of it; all where there are not so many. */
  private takeSample(slots: Slots, most: number): Uint32Array {
    const sample = new Uint32Array(most);
    let count = 0;
    if ('listed' in slots) {
      const { listed } = slots;
      if (listed.length <= most) return listed;
      for (let i = 0; i < most; i++) sample[count++] = listed[spread(i, most, listed.length)];
      return sample;
    }
    const { set } = slots;
    const { size } = this.index;
    const total = set.count();
    // of a thin set few are met by trying places: its words are gone through
    if (total * THIN < size) {
      const each = Math.max(1, Math.ceil(total / most));
      let met = 0;
      set.forEach((slot) => {
        if (met++ % each === 0) sample[count++] = slot;
      });
      return sample.subarray(0, count);
    }
    const tries = Math.min(size, Math.ceil((most * size) / Math.max(1, total)));
    for (let i = 0; i < tries && count < most; i++) {
      const slot = tries === size ? i : spread(i, tries, size);
      if (set.has(slot)) sample[count++] = slot;
    }
    return sample.subarray(0, count);
  }

  private pageOfList(
    slots: Uint32Array,
    costs: Uint8Array | null,
    order: LibraryOrder,
    offset: number,
    length: number,
  ): number[] {
    const { ranks } = this.index.getOrder(order);
    const keys = new Float64Array(slots.length);
    for (let i = 0; i < slots.length; i++)
      keys[i] = ranks[slots[i]] + (order === 'best' && costs ? costs[i] * COST_STEP : 0);
    const sorted = keys.slice().sort();
    const [first, last] = [sorted[offset], sorted[Math.min(offset + length, sorted.length) - 1]];
    const page: { slot: number; key: number }[] = [];
    for (let i = 0; i < slots.length; i++)
      if (keys[i] >= first && keys[i] <= last) page.push({ slot: slots[i], key: keys[i] });
    return page.sort((a, b) => a.key - b.key).map(({ slot }) => slot);
  }

  private pageOfSet(
    set: Bitset,
    { costs, total }: Fitting,
    order: LibraryOrder,
    offset: number,
    length: number,
  ): number[] {
    const sorted = this.index.getOrder(order);
    if (order !== 'best' || costs === null) return sorted.page(set, offset, length);
    // cost by cost, and within each in the order
    const byCost = new Uint32Array(256);
    set.forEach((slot) => byCost[costs[slot]]++);
    const found: number[] = [];
    let before = 0;
    for (let cost = 0; cost < byCost.length && before < total && found.length < length; cost++) {
      const [first, count] = [before, byCost[cost]];
      before += count;
      if (count === 0 || before <= offset) continue;
      found.push(
        ...sorted.page(set, Math.max(0, offset - first), length - found.length, (slot) => costs[slot] === cost),
      );
    }
    return found;
  }
}
