import type { Executor } from '../database/pool';
import { insertMany, many, one, placesFor, run } from '../database/statements';

/** A row that says: what the library knows of this asset is no longer so. */
export interface LibraryChange {
  id: number;
  accession: number;
}

/** Rows are kept so long; who followed less lately reads everything anew. */
export const KEPT_HOURS = 48;

/** A transaction that wrote a change may be open so long. */
export const OPEN_MINUTES = 10;

/** Changes up to here are in every row one reads from now on: whoever wrote them has ended. */
export const getSettledChange = async (db: Executor): Promise<number> =>
  (
    await one<{ id: number }>(
      db,
      'SELECT COALESCE(MAX(id), 0) AS id FROM library_change WHERE at < UTC_TIMESTAMP(3) - INTERVAL ? MINUTE',
      [OPEN_MINUTES],
    )
  ).id;

/** The numbers of changes that are there after this one, in their order. */
export const listIdsAfter = async (db: Executor, id: number): Promise<number[]> =>
  (await many<{ id: number }>(db, 'SELECT id FROM library_change WHERE id > ? ORDER BY id', [id])).map((row) => row.id);

/** Changes after this one, in their order. */
export const listChangesAfter = (db: Executor, id: number, most: number): Promise<LibraryChange[]> =>
  many(db, 'SELECT id, accession FROM library_change WHERE id > ? ORDER BY id LIMIT ?', [id, most]);

/** Those of these changes that are there by now. @param ids at least one */
export const listChanges = (db: Executor, ids: readonly number[]): Promise<LibraryChange[]> =>
  many(db, `SELECT id, accession FROM library_change WHERE id IN (${placesFor(ids)})`, [...ids]);

/** Says that these are to be read anew, where no trigger says so. */
export const insertChanges = (db: Executor, accessions: readonly number[]): Promise<unknown> =>
  insertMany(
    db,
    'library_change',
    ['accession'],
    accessions.map((accession) => [accession]),
  );

/** Says that everything of these categories is to be read anew: they have other names. @param categories at least one */
export const noteChangesOfCategories = (db: Executor, categories: readonly string[]): Promise<unknown> =>
  run(
    db,
    `INSERT INTO library_change (accession) SELECT accession FROM asset WHERE category IN (${placesFor(categories)})`,
    [...categories],
  );

/** Forgets what everybody has read. */
export const forgetOldChanges = (db: Executor): Promise<unknown> =>
  run(db, 'DELETE FROM library_change WHERE at < UTC_TIMESTAMP(3) - INTERVAL ? HOUR', [KEPT_HOURS]);
