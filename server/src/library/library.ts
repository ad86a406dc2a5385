import { LRUCache } from 'lru-cache';
import type { Pool } from 'mysql2/promise';
import { LibrarySearch } from '@haveld/core/library/ask-library';
import type { LibraryEntry } from '@haveld/core/library/library-entry';
import { LibraryIndex } from '@haveld/core/library/library-index';
import { listCardsNumbered, type CardRow } from '../assets/card-queries';
import { groupRows } from '../database/group-rows';
import type { CategoryTree } from '@haveld/core/library/categories/category-tree';
import type { LicenceBook } from '@haveld/core/rights/licence-book';
import { loadBook, type HouseBook } from '../house/book';
import { listNamesOfPeople } from '../people/person-queries';
import * as changes from './change-queries';
import * as entries from './entry-queries';
import { toEntry } from './to-entry';

const PAGE = 2000;
const HOUR_MS = 3_600_000;
const MINUTE_MS = 60_000;

/** Who followed less lately than this reads everything anew: changes may have been forgotten. */
const LONGEST_AWAY_MS = (changes.KEPT_HOURS / 2) * HOUR_MS;

/** Where so many assets have changed all are read anew: that costs less an asset. */
const MASS = { least: 5000, share: 0.3 };

/** So many numbers of changes that were not there yet are asked for again. */
const MOST_MISSING = 2000;

const MOST_CARDS = 10_000;

/** The library as it is now, with what its answers are told by. */
export interface OpenLibrary {
  search: LibrarySearch;
  book: LicenceBook;
  tree: CategoryTree;
  /** Names by ids. */
  people: ReadonlyMap<string, string>;
  projects: ReadonlyMap<string, string>;
}

interface Shelf {
  index: LibraryIndex;
  search: LibrarySearch;
  /** Changes up to this one are in the index, but for those missing. */
  upTo: number;
  /** Numbers that were given to transactions that are still open, or were undone; by when they were missed. */
  missing: Map<number, number>;
  /** Assets that are another now than in the index; they stay here until they are taken in. */
  changed: Set<number>;
  followedAt: number;
}

/**
 * The library in this process's memory. Rows are the truth: whoever asks gets what was committed before, whichever process wrote it, for
 * changes are read before every answer.
 */
export class Library {
  private shelf: Promise<Shelf> | null = null;
  private following: Promise<OpenLibrary> | null = null;
  private next: Promise<OpenLibrary> | null = null;
  private renewing: Promise<void> | null = null;
  private readonly cards = new LRUCache<number, CardRow>({ max: MOST_CARDS });
  /** Goes on with every change that is read. */
  private turn = 0;

  constructor(
    private readonly pool: Pool,
    private readonly now: () => number = Date.now,
  ) {}

  /** The library as it is now. Those who ask while it is being brought up to date share the next turn. */
  open(): Promise<OpenLibrary> {
    if (!this.following) return (this.following = this.follow().finally(() => (this.following = null)));
    return (this.next ??= this.following
      .catch(() => undefined)
      .then(() => {
        this.next = null;
        return this.open();
      }));
  }

  /**
   * Cards of assets by their numbers; those that are gone are left out. What was read is kept until the asset changes: most people look at the same
   * first pages.
   */
  async getCards(accessions: readonly number[]): Promise<Map<number, CardRow>> {
    const found = new Map<number, CardRow>();
    const unread: number[] = [];
    for (const accession of accessions) {
      const card = this.cards.get(accession);
      if (card) found.set(accession, card);
      else unread.push(accession);
    }
    const { turn } = this;
    for (const card of await listCardsNumbered(this.pool, unread)) {
      found.set(card.accession, card);
      // what changed meanwhile may have been read before it did
      if (turn === this.turn) this.cards.set(card.accession, card);
    }
    return found;
  }

  private async follow(): Promise<OpenLibrary> {
    const [search, { book, tree }, people, projects] = await Promise.all([
      this.getSearch(),
      loadBook(this.pool),
      listNamesOfPeople(this.pool),
      entries.listNamesOfProjects(this.pool),
    ]);
    return { search, book, tree, people, projects };
  }

  private async getSearch(): Promise<LibrarySearch> {
    const known = await this.shelf?.catch(() => null);
    if (!known || this.now() - known.followedAt >= LONGEST_AWAY_MS) {
      this.turn++;
      this.cards.clear();
      this.shelf = this.readAll();
      return (await this.shelf).search;
    }
    await this.listChanged(known);
    this.forgetCards(known.changed);
    if (known.changed.size > MASS.least && known.changed.size > MASS.share * known.index.count) {
      this.shelf = this.readAll();
      return (await this.shelf).search;
    }
    if (known.index.isWorn) this.renew();
    await this.refresh(known);
    return known.search;
  }

  private forgetCards(changed: ReadonlySet<number>): void {
    if (changed.size === 0) return;
    this.turn++;
    for (const accession of changed) this.cards.delete(accession);
  }

  /** Reads all anew beside what is asked meanwhile. */
  private renew(): void {
    this.renewing ??= this.readAll()
      .then((shelf) => {
        this.shelf = Promise.resolve(shelf);
      })
      // it is tried again with the next question
      .catch(() => undefined)
      .finally(() => (this.renewing = null));
  }

  private async readAll(): Promise<Shelf> {
    const followedAt = this.now();
    const settled = await changes.getSettledChange(this.pool);
    const index = new LibraryIndex();
    const shelf: Shelf = {
      index,
      search: new LibrarySearch(index),
      upTo: settled,
      missing: new Map(),
      changed: new Set(),
      followedAt,
    };
    // what is there by now is in the rows that are read next; what is missing may still come
    for (const id of await changes.listIdsAfter(this.pool, settled)) noteChange(shelf, id, followedAt);
    const house = await loadBook(this.pool);
    // the database reads the next page while this one is taken in
    let next = entries.listEntryRows(this.pool, 0, PAGE);
    for (;;) {
      const rows = await next;
      if (rows.length === 0) break;
      next = entries.listEntryRows(this.pool, rows.at(-1)!.accession, PAGE);
      // waited for above, in its turn
      next.catch(() => undefined);
      for (const entry of await this.toEntries(house, rows)) index.put(entry);
    }
    index.prepare();
    await this.listChanged(shelf);
    await this.refresh(shelf);
    return shelf;
  }

  /** Notes the assets that changed since. */
  private async listChanged(shelf: Shelf): Promise<void> {
    const at = this.now();
    await this.readMissing(shelf, at);
    for (;;) {
      const rows = await changes.listChangesAfter(this.pool, shelf.upTo, PAGE);
      for (const { id, accession } of rows) {
        noteChange(shelf, id, at);
        shelf.changed.add(accession);
      }
      if (rows.length < PAGE) break;
    }
    shelf.followedAt = at;
  }

  private async readMissing({ missing, changed }: Shelf, at: number): Promise<void> {
    for (const [id, since] of missing) if (at - since > changes.OPEN_MINUTES * MINUTE_MS) missing.delete(id);
    const asked = [...missing.keys()].slice(-MOST_MISSING);
    if (asked.length === 0) return;
    for (const { id, accession } of await changes.listChanges(this.pool, asked)) {
      missing.delete(id);
      changed.add(accession);
    }
  }

  /** Takes in what changed. */
  private async refresh({ index, changed }: Shelf): Promise<void> {
    if (changed.size === 0) return;
    const house = await loadBook(this.pool);
    for (let all = [...changed]; all.length > 0; all = all.slice(PAGE)) {
      const asked = all.slice(0, PAGE);
      const rows = await entries.listEntryRowsOf(this.pool, asked);
      const found = new Map((await this.toEntries(house, rows)).map((entry) => [entry.accession, entry]));
      for (const accession of asked) {
        const entry = found.get(accession);
        if (entry) index.put(entry);
        else index.remove(accession);
        changed.delete(accession);
      }
    }
  }

  private async toEntries(house: HouseBook, rows: readonly entries.EntryRow[]): Promise<LibraryEntry[]> {
    if (rows.length === 0) return [];
    const accessions = rows.map(({ accession }) => accession);
    const [tags, uses, aliases] = await Promise.all([
      entries.listTagsOf(this.pool, accessions),
      entries.listUsesOf(this.pool, accessions),
      entries.listAliases(this.pool),
    ]);
    const tagsOf = groupRows(tags, ({ accession }) => accession);
    const usesOf = groupRows(uses, ({ accession }) => accession);
    const spellingsOf = groupRows(aliases, ({ name }) => name);
    return rows.map((row) =>
      toEntry(house, row, {
        tags: tagsOf.get(row.accession)?.map(({ tag }) => tag) ?? [],
        uses: usesOf.get(row.accession)?.map(({ projectId }) => projectId) ?? [],
        spellings: spellingsOf.get(row.author)?.map(({ alias }) => alias) ?? [],
      }),
    );
  }
}

/** Numbers are given before transactions end: one that is left out may come yet. */
function noteChange(shelf: Shelf, id: number, at: number): void {
  for (let missed = Math.max(shelf.upTo + 1, id - MOST_MISSING); missed < id; missed++) shelf.missing.set(missed, at);
  shelf.upTo = id;
}
