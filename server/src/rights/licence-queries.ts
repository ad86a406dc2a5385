import { TermsSchema, type Terms } from '@haveld/contract/terms';
import type { Executor } from '../database/pool';
import { many, maybeOne, run } from '../database/statements';

/** @returns each licence or expression that anything stands under, with how often */
export const countHeld = (db: Executor): Promise<{ licenceId: string; count: number }[]> =>
  many(
    db,
    `SELECT licence_id AS licenceId, COUNT(*) AS count FROM (SELECT licence_id FROM provenance UNION ALL SELECT licence_id FROM further_work
       UNION ALL SELECT licence_id FROM borrowing JOIN provenance ON provenance.asset_id = borrowing.lender_id) AS held GROUP BY licence_id`,
  );

/** @returns every asset whose licence, or that of a work it rests on, has these letters in its expression */
export const listHolders = (
  db: Executor,
  id: string,
): Promise<{ id: string; accession: number; name: string; licenceId: string }[]> =>
  many(
    db,
    `SELECT asset.id, asset.accession, asset.name, held.licence_id AS licenceId FROM (SELECT asset_id, licence_id FROM provenance WHERE licence_id LIKE ?
       UNION SELECT asset_id, licence_id FROM further_work WHERE licence_id LIKE ?
       UNION SELECT borrowing.asset_id, licence_id FROM borrowing JOIN provenance ON provenance.asset_id = borrowing.lender_id WHERE licence_id LIKE ?) AS held
     JOIN asset ON asset.id = held.asset_id ORDER BY asset.accession`,
    [`%${id}%`, `%${id}%`, `%${id}%`],
  );

/** The latest changes of a licence of the house first, at most 50. `before` is null where it was new. */
export async function listLicenceChanges(
  db: Executor,
  id: string,
): Promise<{ at: Date; personName: string; why: string; before: Terms | null; after: Terms }[]> {
  const rows = await many<{ at: Date; personName: string; why: string; before: string | null; after: string }>(
    db,
    `SELECT licence_change.at, person.name AS personName, why, before_terms AS \`before\`, after_terms AS \`after\` FROM licence_change
     JOIN person ON person.id = licence_change.person_id WHERE licence_id = ? ORDER BY licence_change.id DESC LIMIT 50`,
    [id],
  );
  return rows.map(({ before, after, ...row }) => ({
    ...row,
    before: before === null ? null : (JSON.parse(before) as Terms),
    after: JSON.parse(after) as Terms,
  }));
}

/** @returns the terms of a licence of the house, locked until the transaction ends; null where there is none */
export async function lockLicence(tx: Executor, id: string): Promise<Terms | null> {
  const row = await maybeOne<{ terms: string }>(tx, 'SELECT terms FROM licence WHERE id = ? FOR UPDATE', [id]);
  return row && TermsSchema.parse(JSON.parse(row.terms));
}

/** @returns who changed a licence of the house last, or null */
export const findLastEditor = (db: Executor, id: string): Promise<{ id: string; name: string } | null> =>
  maybeOne(
    db,
    'SELECT person.id, person.name FROM licence JOIN person ON person.id = licence.person_id WHERE licence.id = ?',
    [id],
  );

/** Keeps a licence of the house, and who changed it from what. */
export async function saveLicence(
  tx: Executor,
  { terms, text, why }: { terms: Terms; text: string; why: string },
  before: Terms | null,
  personId: string,
): Promise<void> {
  const after = JSON.stringify(terms);
  await run(tx, 'REPLACE INTO licence (id, terms, text, person_id) VALUES (?, ?, ?, ?)', [
    terms.id,
    after,
    text,
    personId,
  ]);
  await run(
    tx,
    'INSERT INTO licence_change (licence_id, before_terms, after_terms, why, person_id) VALUES (?, ?, ?, ?, ?)',
    [terms.id, before && JSON.stringify(before), after, why, personId],
  );
}
