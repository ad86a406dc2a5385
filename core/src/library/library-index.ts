import { Bitset } from './bits/bitset';
import { CountedSets } from './bits/counted-sets';
import { GrowList } from './grow-list';
import { FacetTable } from './columns/facet-table';
import { NumberColumn } from './columns/number-column';
import type { RankOrder } from './columns/rank-order';
import { ValueColumn } from './columns/value-column';
import {
  NUMBER_FACETS,
  VALUE_FACETS,
  type LibraryEntry,
  type NumberFacet,
  type ValueFacet,
  type WordField,
} from './library-entry';
import type { LibraryOrder } from './library-question';
import { makeOrders } from './make-orders';
import { foldWord } from './words/fold-words';
import { WordFinder } from './words/find-words';
import { WordIndex } from './words/word-index';

/** So many slots of assets that are gone or have changed may lie about before all is read anew. */
const GONE = { least: 20_000, share: 0.2 };

/** Sets of slots have room for so many more before they grow. */
const ROOM = 4096;

/**
 * A library as it is asked, in memory: everything here can be made again from its entries. Each entry has a slot; one that changes gets a
 * new one, and its old slot is dead. So every list of slots only grows at its end.
 */
export class LibraryIndex {
  readonly counted = new CountedSets();
  readonly words = new WordIndex();
  readonly finder = new WordFinder(this.words);
  private readonly table = new FacetTable();
  readonly values = Object.fromEntries(
    VALUE_FACETS.map((facet, number) => [facet, new ValueColumn(this.counted, this.table, number)]),
  ) as Record<ValueFacet, ValueColumn>;
  readonly numbers = Object.fromEntries(NUMBER_FACETS.map((facet) => [facet, new NumberColumn()])) as Record<
    NumberFacet,
    NumberColumn
  >;
  readonly alive = new Bitset(ROOM);
  private readonly accessions = new GrowList();
  private readonly slots = new Map<number, number>();
  private readonly names: string[] = [];
  private orders: Record<LibraryOrder, RankOrder> | null = null;
  /** How many numbers sets of slots have room for. */
  room = ROOM;

  /** The slot of every change, in turn: one that came or one that is dead from then on. */
  private readonly changes = new GrowList();

  constructor() {
    this.counted.grow(ROOM);
  }

  /** @returns how many slots there are, dead ones too */
  get size(): number {
    return this.accessions.length;
  }

  /** Goes on with every change. */
  get revision(): number {
    return this.changes.length;
  }

  /** The slots that came or died since. */
  listChangedSince(revision: number): Uint32Array {
    return this.changes.values.subarray(revision);
  }

  /** How many assets it holds. */
  get count(): number {
    return this.slots.size;
  }

  /** True where so much lies about that it is better made anew. */
  get isWorn(): boolean {
    const gone = this.size - this.count;
    return gone > GONE.least && gone > GONE.share * this.size;
  }

  /** Takes an entry in, in the place of what was known of the same asset. */
  put(entry: LibraryEntry): void {
    this.remove(entry.accession);
    const slot = this.size;
    if (slot >= this.room) {
      this.room = Math.max(slot + ROOM, Math.ceil(this.room * 1.5));
      this.alive.grow(this.room);
      this.counted.grow(this.room);
    }
    this.accessions.push(entry.accession);
    this.slots.set(entry.accession, slot);
    this.alive.add(slot);
    this.names.push(foldWord(entry.name));
    for (const facet of VALUE_FACETS) this.values[facet].add(slot, entry.values[facet] ?? []);
    this.table.endSlot();
    for (const facet of NUMBER_FACETS) this.numbers[facet].set(slot, entry.numbers[facet]);
    for (const [field, text] of Object.entries(entry.words) as [WordField, string][])
      if (text !== '') this.words.add(slot, field, text);
    if (this.orders) for (const order of Object.values(this.orders)) order.insert(slot);
    this.changes.push(slot);
  }

  /** Forgets an asset; nothing happens where it is not known. */
  remove(accession: number): void {
    const slot = this.slots.get(accession);
    if (slot === undefined) return;
    this.slots.delete(accession);
    this.alive.delete(slot);
    this.changes.push(slot);
  }

  accessionOf(slot: number): number {
    return this.accessions.array[slot];
  }

  /** @returns undefined for an asset it does not hold */
  slotOf(accession: number): number | undefined {
    return this.slots.get(accession);
  }

  /** Orders are made when the first is asked for, and kept from then on. */
  getOrder(order: LibraryOrder): RankOrder {
    this.orders ??= makeOrders(this);
    return this.orders[order];
  }

  /** Does now what the first questions would wait for. */
  prepare(): void {
    this.words.vocabulary.sort();
    this.getOrder('best');
  }

  /** Folded, as it is put in order. */
  nameOf(slot: number): string {
    return this.names[slot];
  }
}
