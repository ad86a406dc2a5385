import type { FurtherWork, Provenance, Work, WorkPart } from '@haveld/contract/licence';
import { type Executor } from '../database/pool';
import { insertMany, many, maybeOne, one, placesFor, run, type Value } from '../database/statements';

/** Where each field of provenance is kept. */
const COLUMNS: Record<keyof Provenance, string> = {
  title: 'title',
  author: 'author',
  authorUnknown: 'author_unknown',
  authorUrl: 'author_url',
  licenceId: 'licence_id',
  source: 'source',
  pageUrl: 'page_url',
  pageText: 'page_text',
  statedGrant: 'stated_grant',
  acquiredOn: 'acquired_on',
  acquiredBy: 'acquired_by',
  price: 'price',
  receipt: 'receipt',
  claims: 'claims',
  client: 'client',
  agreement: 'agreement',
  expiresOn: 'expires_on',
  seats: 'seats',
  territory: 'territory',
};
export const PROVENANCE_FIELDS = Object.keys(COLUMNS) as (keyof Provenance)[];

/** Columns of `provenance` under the names of its fields, for a SELECT. */
export const PROVENANCE_COLUMNS = PROVENANCE_FIELDS.map((field) => `provenance.${COLUMNS[field]} AS ${field}`).join(
  ', ',
);

export type StoredProvenance = Omit<Provenance, 'authorUnknown'> & { authorUnknown: number };

/** A row as provenance. */
export function parseProvenance(row: StoredProvenance): Provenance {
  const fields = Object.fromEntries(PROVENANCE_FIELDS.map((field) => [field, row[field]])) as unknown as Provenance;
  return { ...fields, authorUnknown: row.authorUnknown === 1 };
}

/** @throws {Error} where there is none */
export const getProvenance = async (db: Executor, assetId: string): Promise<Provenance> =>
  parseProvenance(
    await one<StoredProvenance>(db, `SELECT ${PROVENANCE_COLUMNS} FROM provenance WHERE asset_id = ?`, [assetId]),
  );

/** Writes down what an asset's evidence says at first. */
export const insertProvenance = (tx: Executor, assetId: string, provenance: Provenance): Promise<unknown> =>
  run(
    tx,
    `INSERT INTO provenance (asset_id, ${PROVENANCE_FIELDS.map((field) => COLUMNS[field]).join(', ')}) VALUES (?, ${placesFor(PROVENANCE_FIELDS)})`,
    [assetId, ...PROVENANCE_FIELDS.map((field) => provenance[field] as Value)],
  );

/** The provenance of many, locked until the transaction ends. */
export async function lockProvenances(tx: Executor, assetIds: readonly string[]): Promise<Map<string, Provenance>> {
  const rows = await many<StoredProvenance & { assetId: string }>(
    tx,
    `SELECT asset_id AS assetId, ${PROVENANCE_COLUMNS} FROM provenance WHERE asset_id IN (${placesFor(assetIds)}) ORDER BY asset_id FOR UPDATE`,
    [...assetIds],
  );
  return new Map(rows.map((row) => [row.assetId, parseProvenance(row)]));
}

/** Changes the same fields of several. @param assetIds at least one */
export async function updateProvenances(
  tx: Executor,
  assetIds: readonly string[],
  change: Partial<Provenance>,
): Promise<void> {
  const fields = PROVENANCE_FIELDS.filter((field) => change[field] !== undefined);
  if (fields.length === 0) return;
  await run(
    tx,
    `UPDATE provenance SET ${fields.map((field) => `${COLUMNS[field]} = ?`).join(', ')} WHERE asset_id IN (${placesFor(assetIds)})`,
    [...fields.map((field) => change[field] as Value), ...assetIds],
  );
}

export interface NewChange {
  assetId: string;
  field: string;
  before: string;
  after: string;
  /** Null: read by Haveld. */
  personId: string | null;
  why?: string;
  evidenceId?: string | null;
}

/** Writes down who changed what; nothing ever takes a line away. */
export const insertChanges = (tx: Executor, changes: readonly NewChange[]): Promise<void> =>
  insertMany(
    tx,
    'provenance_change',
    ['asset_id', 'field', 'before_value', 'after_value', 'person_id', 'why', 'evidence_id'],
    changes.map(({ assetId, field, before, after, personId, why = '', evidenceId = null }) => [
      assetId,
      field,
      before,
      after,
      personId,
      why,
      evidenceId,
    ]),
  );

export interface ChangeRow {
  at: Date;
  personName: string | null;
  field: string;
  before: string;
  after: string;
  why: string;
}

/** Who changed what, the latest first, at most 200. */
export const listChanges = (db: Executor, assetId: string): Promise<ChangeRow[]> =>
  many(
    db,
    `SELECT provenance_change.at, person.name AS personName, field, before_value AS \`before\`, after_value AS \`after\`, why FROM provenance_change
     LEFT JOIN person ON person.id = provenance_change.person_id WHERE asset_id = ? ORDER BY provenance_change.id DESC LIMIT 200`,
    [assetId],
  );

/** @returns who changed a field of an asset last; `personId` is null for Haveld, null for nobody */
export const findLastChange = (
  db: Executor,
  assetId: string,
  field: string,
): Promise<{ personId: string | null; personName: string | null } | null> =>
  maybeOne(
    db,
    `SELECT provenance_change.person_id AS personId, person.name AS personName FROM provenance_change
     LEFT JOIN person ON person.id = provenance_change.person_id WHERE asset_id = ? AND field = ? ORDER BY provenance_change.id DESC LIMIT 1`,
    [assetId, field],
  );

type StoredWork = Omit<FurtherWork, 'authorUnknown'> & { authorUnknown: number; assetId: string };

/** Works of many assets, in the order they were added. */
export async function listFurtherWorks(db: Executor, assetIds: readonly string[]): Promise<Map<string, FurtherWork[]>> {
  const byAsset = new Map<string, FurtherWork[]>();
  if (assetIds.length === 0) return byAsset;
  const rows = await many<StoredWork>(
    db,
    `SELECT id, asset_id AS assetId, part, title, author, author_unknown AS authorUnknown, author_url AS authorUrl, licence_id AS licenceId, source, page_url AS pageUrl
     FROM further_work WHERE asset_id IN (${placesFor(assetIds)}) ORDER BY position`,
    [...assetIds],
  );
  for (const { assetId, ...row } of rows) {
    const works = byAsset.get(assetId) ?? [];
    works.push({ ...row, authorUnknown: row.authorUnknown === 1 });
    byAsset.set(assetId, works);
  }
  return byAsset;
}

/** Adds a work an asset rests on. */
export const insertFurtherWork = (
  tx: Executor,
  assetId: string,
  work: Work & { id: string; part: WorkPart },
): Promise<unknown> =>
  run(
    tx,
    'INSERT INTO further_work (id, asset_id, part, title, author, author_unknown, author_url, licence_id, source, page_url) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)',
    [
      work.id,
      assetId,
      work.part,
      work.title,
      work.author,
      work.authorUnknown,
      work.authorUrl,
      work.licenceId,
      work.source,
      work.pageUrl,
    ],
  );

/** Corrects a work an asset rests on. */
export const updateFurtherWork = (tx: Executor, work: Work & { id: string; part: WorkPart }): Promise<unknown> =>
  run(
    tx,
    'UPDATE further_work SET part = ?, title = ?, author = ?, author_unknown = ?, author_url = ?, licence_id = ?, source = ?, page_url = ? WHERE id = ?',
    [
      work.part,
      work.title,
      work.author,
      work.authorUnknown,
      work.authorUrl,
      work.licenceId,
      work.source,
      work.pageUrl,
      work.id,
    ],
  );

/** Takes a work away. */
export const deleteFurtherWork = (tx: Executor, id: string): Promise<unknown> =>
  run(tx, 'DELETE FROM further_work WHERE id = ?', [id]);
