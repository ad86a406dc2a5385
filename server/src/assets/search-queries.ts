import type { Executor } from '../database/pool';
import { many, placesFor, run } from '../database/statements';

/** What an asset is found by, before it is joined to one text. */
export interface SearchRow {
  id: string;
  accession: number;
  name: string;
  category: string | null;
  title: string;
  author: string;
  source: string;
  licenceId: string;
  findName: string;
}

/** @param ids of assets, at least one */
export const listSearchRows = (db: Executor, ids: readonly string[]): Promise<SearchRow[]> =>
  many(
    db,
    `SELECT asset.id, asset.accession, asset.name, asset.category, provenance.title, provenance.author, provenance.source, provenance.licence_id AS licenceId, find.name AS findName
     FROM asset JOIN provenance ON provenance.asset_id = asset.id JOIN find ON find.id = asset.find_id WHERE asset.id IN (${placesFor(ids)})`,
    [...ids],
  );

/** @returns other spellings of these authors, each with the one that is kept */
export const listAliasesOf = async (
  db: Executor,
  authors: readonly string[],
): Promise<{ alias: string; name: string }[]> =>
  authors.length === 0
    ? []
    : many(db, `SELECT alias, name FROM author_alias WHERE name IN (${placesFor(authors)})`, [...authors]);

/** Replaces the text an asset is found by. */
export const setSearchText = (tx: Executor, id: string, text: string): Promise<unknown> =>
  run(tx, 'UPDATE asset SET search_text = ? WHERE id = ?', [text, id]);
