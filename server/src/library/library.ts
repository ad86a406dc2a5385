import type { Pool } from 'mysql2/promise';
import { LibrarySearch } from '@haveld/core/library/ask-library';
import type { LibraryEntry } from '@haveld/core/library/library-entry';
import { LibraryIndex } from '@haveld/core/library/library-index';
import { groupRows } from '../database/group-rows';
import { loadBook } from '../house/book';
import * as changes from './change-queries';
import * as entries from './entry-queries';
import { toEntry } from './to-entry';

const PAGE = 2000;
const HOUR_MS = 3_600_000;
const MINUTE_MS = 60_000;

/** Who followed less lately than this reads everything anew: changes may have been forgotten. */
const LONGEST_AWAY_MS = (changes.KEPT_HOURS / 2) * HOUR_MS;

/** So many numbers of changes that were not there yet are asked for again. */
const MOST_MISSING = 2000;

interface Shelf {
  index: LibraryIndex;
  search: LibrarySearch;
  /** Changes up to this one are in the index, but for those missing. */
  upTo: number;
  /** Numbers that were given to transactions that are still open, or were undone; by when they were missed. */
  missing: Map<number, number>;
  followedAt: number;
}

/**
 * The library in this process's memory. Rows are the truth: whoever asks gets what was committed before, whichever process wrote it, for
 * changes are read before every answer.
 */
export class Library {
  private shelf: Promise<Shelf> | null = null;
  private following: Promise<LibrarySearch> | null = null;
  private next: Promise<LibrarySearch> | null = null;
  private renewing: Promise<void> | null = null;

  constructor(
    private readonly pool: Pool,
    private readonly now: () => number = Date.now,
  ) {}

  /** The library as it is now. Those who ask while it is being brought up to date share the next turn. */
  async open(): Promise<LibrarySearch> {
    if (!this.following) return (this.following = this.follow().finally(() => (this.following = null)));
    return (this.next ??= this.following
      .catch(() => undefined)
      .then(() => {
        this.next = null;
        return this.open();
      }));
  }

  private async follow(): Promise<LibrarySearch> {
    const known = await this.shelf?.catch(() => null);
    if (!known || this.now() - known.followedAt >= LONGEST_AWAY_MS) {
      this.shelf = this.readAll();
      return (await this.shelf).search;
    }
    if (known.index.isWorn) this.renew();
    await this.readChanges(known);
    return known.search;
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
    const upTo = await changes.getFollowFrom(this.pool);
    const index = new LibraryIndex();
    const shelf = { index, search: new LibrarySearch(index), upTo, missing: new Map<number, number>(), followedAt };
    for (let after = 0; ;) {
      const rows = await entries.listEntryRows(this.pool, after, PAGE);
      if (rows.length === 0) break;
      for (const entry of await this.toEntries(rows)) index.put(entry);
      after = rows.at(-1)!.accession;
    }
    await this.readChanges(shelf);
    return shelf;
  }

  private async readChanges(shelf: Shelf): Promise<void> {
    const at = this.now();
    const accessions = new Set<number>();
    await this.readMissing(shelf, accessions, at);
    for (;;) {
      const rows = await changes.listChangesAfter(this.pool, shelf.upTo, PAGE);
      for (const { id, accession } of rows) {
        // numbers are given before transactions end: one that is left out may come yet
        for (let missed = Math.max(shelf.upTo + 1, id - MOST_MISSING); missed < id; missed++)
          shelf.missing.set(missed, at);
        shelf.upTo = id;
        accessions.add(accession);
      }
      if (rows.length < PAGE) break;
    }
    for (let all = [...accessions]; all.length > 0; all = all.slice(PAGE))
      await this.refresh(shelf.index, all.slice(0, PAGE));
    shelf.followedAt = at;
  }

  private async readMissing({ missing }: Shelf, accessions: Set<number>, at: number): Promise<void> {
    for (const [id, since] of missing) if (at - since > changes.OPEN_MINUTES * MINUTE_MS) missing.delete(id);
    const asked = [...missing.keys()].slice(-MOST_MISSING);
    if (asked.length === 0) return;
    for (const { id, accession } of await changes.listChanges(this.pool, asked)) {
      missing.delete(id);
      accessions.add(accession);
    }
  }

  private async refresh(index: LibraryIndex, accessions: readonly number[]): Promise<void> {
    const rows = await entries.listEntryRowsOf(this.pool, accessions);
    const found = new Map((await this.toEntries(rows)).map((entry) => [entry.accession, entry]));
    for (const accession of accessions) {
      const entry = found.get(accession);
      if (entry) index.put(entry);
      else index.remove(accession);
    }
  }

  private async toEntries(rows: readonly entries.EntryRow[]): Promise<LibraryEntry[]> {
    if (rows.length === 0) return [];
    const accessions = rows.map(({ accession }) => accession);
    const [{ book }, tags, uses, aliases] = await Promise.all([
      loadBook(this.pool),
      entries.listTagsOf(this.pool, accessions),
      entries.listUsesOf(this.pool, accessions),
      entries.listAliases(this.pool),
    ]);
    const tagsOf = groupRows(tags, ({ accession }) => accession);
    const usesOf = groupRows(uses, ({ accession }) => accession);
    const spellingsOf = groupRows(aliases, ({ name }) => name);
    return rows.map((row) =>
      toEntry(book, row, {
        tags: tagsOf.get(row.accession)?.map(({ tag }) => tag) ?? [],
        uses: usesOf.get(row.accession)?.map(({ projectId }) => projectId) ?? [],
        spellings: spellingsOf.get(row.author)?.map(({ alias }) => alias) ?? [],
      }),
    );
  }
}
