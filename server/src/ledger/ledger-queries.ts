import { LEDGER_PAGE, type LedgerQuestion } from '@haveld/contract/api/rights';
import type { AssetState } from '@haveld/contract/asset-state';
import type { FindingMark } from '@haveld/contract/finding';
import { toBooleanMode } from '../database/full-text';
import { type Executor } from '../database/pool';
import { many, one, placesFor, run, type Value } from '../database/statements';

export interface LedgerRow {
  id: string;
  accession: number;
  name: string;
  state: AssetState;
  mark: FindingMark;
  title: string;
  detail: string;
  licenceId: string;
  author: string;
  source: string;
}

const ROW = `SELECT asset.id, asset.accession, asset.name, asset.state, asset.rights_mark AS mark, asset.rights_title AS title, asset.rights_detail AS detail,
  provenance.licence_id AS licenceId, provenance.author, provenance.source FROM asset JOIN provenance ON provenance.asset_id = asset.id`;

const GROUPED: Record<LedgerQuestion['by'], string> = {
  licence: 'provenance.licence_id',
  source: 'provenance.source',
  author: 'provenance.author',
};

function where({ words, by, group }: LedgerQuestion, withGroup: boolean): { sql: string; values: Value[] } {
  const match = toBooleanMode(words);
  const parts: [string, Value[]][] = [];
  if (match !== '') parts.push(['MATCH (asset.search_text) AGAINST (? IN BOOLEAN MODE)', [match]]);
  if (withGroup && group !== '') parts.push([`${GROUPED[by]} = ?`, [group]]);
  return {
    sql: parts.length === 0 ? '' : ` WHERE ${parts.map(([sql]) => sql).join(' AND ')}`,
    values: parts.flatMap(([, values]) => values),
  };
}

/** The page's numbers are found first and its rows fetched after: a page far down costs no more than its numbers. */
export function listLedger(db: Executor, question: LedgerQuestion): Promise<LedgerRow[]> {
  const { sql, values } = where(question, true);
  const from = question.group === '' ? 'asset' : 'asset JOIN provenance ON provenance.asset_id = asset.id';
  return many(
    db,
    `${ROW} JOIN (SELECT asset.id FROM ${from}${sql} ORDER BY asset.accession DESC LIMIT ${LEDGER_PAGE} OFFSET ?) AS page ON page.id = asset.id ORDER BY asset.accession DESC`,
    [...values, question.page * LEDGER_PAGE],
  );
}

/** Counts by what the ledger is ordered by. Without words the provenance alone is asked. */
export function listGroups(db: Executor, question: LedgerQuestion): Promise<{ value: string; count: number }[]> {
  const { sql, values } = where(question, false);
  const from = sql === '' ? 'provenance' : 'asset JOIN provenance ON provenance.asset_id = asset.id';
  return many(
    db,
    `SELECT ${GROUPED[question.by]} AS value, COUNT(*) AS count FROM ${from}${sql} GROUP BY ${GROUPED[question.by]} ORDER BY COUNT(*) DESC, value LIMIT 200`,
    values,
  );
}

/** How many assets a question finds. */
export async function countLedger(db: Executor, question: LedgerQuestion): Promise<number> {
  const { sql, values } = where(question, true);
  const from = question.words === '' ? 'provenance' : 'asset JOIN provenance ON provenance.asset_id = asset.id';
  return (await one<{ n: number }>(db, `SELECT COUNT(*) AS n FROM ${from}${sql}`, values)).n;
}

const OPEN_MARKS = ['blocks', 'look'] as const;

/** Those whose rights are open: what live projects hold first, and of each what blocks first. */
export async function listOpen(db: Executor, limit: number): Promise<LedgerRow[]> {
  const held = await many<LedgerRow>(
    db,
    `${ROW} WHERE asset.rights_mark IN ('blocks', 'look') AND asset.id IN
       (SELECT hand_over.asset_id FROM project JOIN hand_over ON hand_over.project_id = project.id WHERE project.ended_at IS NULL AND hand_over.state <> 'failed')
     ORDER BY asset.rights_mark, asset.accession LIMIT ?`,
    [limit],
  );
  const rows = new Map(held.map((row) => [row.id, row]));
  for (const mark of OPEN_MARKS) {
    if (rows.size >= limit) break;
    const more = await many<LedgerRow>(db, `${ROW} WHERE asset.rights_mark = ? ORDER BY asset.accession LIMIT ?`, [
      mark,
      limit,
    ]);
    for (const row of more) if (rows.size < limit && !rows.has(row.id)) rows.set(row.id, row);
  }
  return [...rows.values()];
}

/** Rows of these assets, in no order. @param ids at least one */
export const listRowsOf = (db: Executor, ids: readonly string[]): Promise<LedgerRow[]> =>
  many(db, `${ROW} WHERE asset.id IN (${placesFor(ids)})`, [...ids]);

/** Assets whose rights block. */
export const countOpen = async (db: Executor): Promise<number> =>
  (await one<{ n: number }>(db, "SELECT COUNT(*) AS n FROM asset WHERE rights_mark = 'blocks'")).n;

/** Assets a live project holds and may not, beside those whose own rights block. */
export const countRefused = async (db: Executor): Promise<number> =>
  (
    await one<{ n: number }>(
      db,
      `SELECT COUNT(DISTINCT asset.id) AS n FROM refused_use JOIN asset ON asset.id = refused_use.asset_id JOIN project ON project.id = refused_use.project_id
       WHERE refused_use.verdict = 'not-allowed' AND project.ended_at IS NULL AND asset.rights_mark <> 'blocks'`,
    )
  ).n;

export interface RefusedUse {
  projectId: string;
  assetId: string;
  verdict: 'not-allowed' | 'ask-first';
  reason: string;
}

/** What live projects hold and may not, or must ask for, as it was judged last; what may not comes first. */
export const listRefused = (db: Executor): Promise<(RefusedUse & { projectName: string })[]> =>
  many(
    db,
    `SELECT refused_use.project_id AS projectId, project.name AS projectName, refused_use.asset_id AS assetId, refused_use.verdict, refused_use.reason
     FROM refused_use JOIN project ON project.id = refused_use.project_id WHERE project.ended_at IS NULL
     ORDER BY refused_use.verdict = 'ask-first', project.created_at, refused_use.asset_id`,
  );

const WRITTEN_AT_ONCE = 500;

/** Keeps what was judged now in place of what was judged before. */
export async function replaceRefused(tx: Executor, uses: readonly RefusedUse[]): Promise<void> {
  await run(tx, 'DELETE FROM refused_use');
  for (let at = 0; at < uses.length; at += WRITTEN_AT_ONCE) {
    const some = uses.slice(at, at + WRITTEN_AT_ONCE);
    await run(
      tx,
      `INSERT INTO refused_use (project_id, asset_id, verdict, reason) VALUES ${some.map(() => '(?, ?, ?, ?)').join(', ')}`,
      some.flatMap(({ projectId, assetId, verdict, reason }) => [projectId, assetId, verdict, reason]),
    );
  }
}

/** Assets whose rights block, or want a look. */
export const countAllOpen = async (db: Executor): Promise<number> =>
  (await one<{ n: number }>(db, "SELECT COUNT(*) AS n FROM asset WHERE rights_mark IN ('blocks', 'look')")).n;

/** How many assets stand under each licence, the most first. */
export const countByLicence = (db: Executor): Promise<{ licenceId: string; count: number }[]> =>
  many(
    db,
    'SELECT licence_id AS licenceId, COUNT(*) AS count FROM provenance GROUP BY licence_id ORDER BY COUNT(*) DESC, licence_id',
  );

/** A page of the assets whose grants end before a day. @param after the last of the page before @param before `2026-11-28` */
export const listExpiring = async (db: Executor, before: string, after: string, limit: number): Promise<string[]> =>
  (
    await many<{ id: string }>(
      db,
      "SELECT asset_id AS id FROM provenance WHERE expires_on <> '' AND expires_on <= ? AND asset_id > ? ORDER BY asset_id LIMIT ?",
      [before, after, limit],
    )
  ).map(({ id }) => id);

/** Live projects that hold these assets. */
export async function listProjectsHolding(
  db: Executor,
  assetIds: readonly string[],
): Promise<Map<string, { id: string; name: string }[]>> {
  const byAsset = new Map<string, { id: string; name: string }[]>();
  if (assetIds.length === 0) return byAsset;
  const rows = await many<{ assetId: string; id: string; name: string }>(
    db,
    `SELECT DISTINCT hand_over.asset_id AS assetId, project.id, project.name FROM hand_over JOIN project ON project.id = hand_over.project_id
     WHERE hand_over.state <> 'failed' AND project.ended_at IS NULL AND hand_over.asset_id IN (${placesFor(assetIds)})`,
    [...assetIds],
  );
  for (const { assetId, ...project } of rows) byAsset.set(assetId, [...(byAsset.get(assetId) ?? []), project]);
  return byAsset;
}

/** What changed of licences, month by month: one more of what came, one fewer of what went. */
export const listLicenceMoves = (
  db: Executor,
): Promise<{ month: string; before: string; after: string; count: number }[]> =>
  many(
    db,
    "SELECT DATE_FORMAT(at, '%Y-%m') AS month, LEFT(before_value, 200) AS `before`, LEFT(after_value, 200) AS `after`, COUNT(*) AS count FROM provenance_change WHERE field = 'licenceId' GROUP BY 1, 2, 3 ORDER BY 1",
  );

/** Every author's name, each once. */
export const listAuthors = async (db: Executor): Promise<string[]> =>
  (
    await many<{ author: string }>(
      db,
      "SELECT DISTINCT author FROM provenance WHERE author <> '' ORDER BY author LIMIT 20000",
    )
  ).map(({ author }) => author);

/** Names that are another spelling of an author. */
export const listAliases = async (db: Executor): Promise<Set<string>> =>
  new Set((await many<{ alias: string }>(db, 'SELECT alias FROM author_alias')).map(({ alias }) => alias));

/** Assets whose author is spelled exactly so. */
export const listAssetIdsByAuthor = async (db: Executor, author: string): Promise<string[]> =>
  (
    await many<{ id: string }>(db, 'SELECT asset_id AS id FROM provenance WHERE author = ? COLLATE utf8mb4_bin', [
      author,
    ])
  ).map(({ id }) => id);

/** Writes down that a spelling is another name of an author. */
export const saveAlias = (tx: Executor, alias: string, name: string, personId: string): Promise<unknown> =>
  run(tx, 'REPLACE INTO author_alias (alias, name, person_id) VALUES (?, ?, ?)', [alias, name, personId]);
