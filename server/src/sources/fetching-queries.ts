import type { SourceFaultKind } from '@haveld/contract/source-fault';
import type { Fetching } from '@haveld/contract/api/sources';
import type { Executor } from '../database/pool';
import { many, manyIn, maybeOne, one, run } from '../database/statements';

export interface FetchingRow {
  id: string;
  kind: string;
  /** The item as it was when somebody chose, as JSON. */
  item: string;
  editionId: string;
  pageAddress: string;
  state: Fetching['state'];
  keptBytes: number;
  totalBytes: number | null;
  validator: string | null;
  troubleKind: SourceFaultKind | null;
  trouble: string | null;
  retryAt: Date | null;
  tries: number;
  jobId: number | null;
  personId: string;
  personName: string;
  askedAt: Date;
}

const COLUMNS = `fetching.id, kind, item, edition_id AS editionId, page_address AS pageAddress, state, kept_bytes AS keptBytes,
  total_bytes AS totalBytes, validator, trouble_kind AS troubleKind, trouble, retry_at AS retryAt, tries, job_id AS jobId,
  person_id AS personId, person.name AS personName, asked_at AS askedAt`;
const FETCHING = `SELECT ${COLUMNS} FROM fetching JOIN person ON person.id = person_id`;

/** What comes in, in its order, then what ended last. */
export async function listFetchings(db: Executor, ended: number): Promise<FetchingRow[]> {
  const open = await many<FetchingRow>(
    db,
    `${FETCHING} WHERE state IN ('waiting', 'fetching', 'paused', 'trouble') ORDER BY place LIMIT 500`,
  );
  const last = await many<FetchingRow>(
    db,
    `${FETCHING} WHERE state IN ('arrived', 'ended') ORDER BY ended_at DESC LIMIT ${ended}`,
  );
  return [...open, ...last];
}

/** @returns one, or null */
export const findFetching = (db: Executor, id: string): Promise<FetchingRow | null> =>
  maybeOne(db, `${FETCHING} WHERE fetching.id = ?`, [id]);

/** Locks one until the transaction ends. @returns null where there is none */
export const lockFetching = (tx: Executor, id: string): Promise<{ id: string; state: Fetching['state'] } | null> =>
  maybeOne(tx, 'SELECT id, state FROM fetching WHERE id = ? FOR UPDATE', [id]);

/** The next of a source that may come in now: one that was interrupted before the others. Locks all that are open there. */
export async function lockOpenOf(
  tx: Executor,
  kind: string,
): Promise<Pick<FetchingRow, 'id' | 'state' | 'retryAt' | 'jobId'>[]> {
  return many(
    tx,
    `SELECT id, state, retry_at AS retryAt, job_id AS jobId FROM fetching
     WHERE kind = ? AND state IN ('fetching', 'waiting') ORDER BY state = 'fetching' DESC, place FOR UPDATE`,
    [kind],
  );
}

/** @returns whether this job is at work */
export const isJobAlive = async (db: Executor, jobId: number): Promise<boolean> =>
  (await maybeOne(db, "SELECT id FROM job WHERE id = ? AND state = 'running' AND lease_until > UTC_TIMESTAMP(3)", [
    jobId,
  ])) !== null;

/** Appends an edition to what comes in. */
export async function insertFetching(
  tx: Executor,
  row: {
    id: string;
    kind: string;
    item: string;
    editionId: string;
    pageAddress: string;
    totalBytes: number | null;
    personId: string;
  },
): Promise<void> {
  const { place } = await one<{ place: number }>(tx, 'SELECT COALESCE(MAX(place), 0) + 1 AS place FROM fetching');
  await run(
    tx,
    `INSERT INTO fetching (id, kind, item, edition_id, page_address, state, place, total_bytes, person_id)
     VALUES (?, ?, ?, ?, ?, 'waiting', ?, ?, ?)`,
    [row.id, row.kind, row.item, row.editionId, row.pageAddress, place, row.totalBytes, row.personId],
  );
}

/** @returns the same edition on its way already, or null */
export const findOpenEdition = (db: Executor, pageAddress: string, editionId: string): Promise<{ id: string } | null> =>
  maybeOne(
    db,
    `SELECT id FROM fetching WHERE page_address = ? AND edition_id = ? AND state IN ('waiting', 'fetching', 'paused', 'trouble') LIMIT 1`,
    [pageAddress, editionId],
  );

/** A job is at it. */
export const setFetching = (tx: Executor, id: string, jobId: number): Promise<unknown> =>
  run(tx, "UPDATE fetching SET state = 'fetching', job_id = ?, retry_at = NULL WHERE id = ?", [jobId, id]);

/** So much of it is on the disk for good; what comes counts as getting on. */
export const setKept = (
  db: Executor,
  id: string,
  { validator, keptBytes, totalBytes }: { validator: string | null; keptBytes: number; totalBytes: number | null },
): Promise<unknown> =>
  run(
    db,
    `UPDATE fetching SET tries = IF(? > kept_bytes, 0, tries), validator = ?, kept_bytes = ?, total_bytes = COALESCE(?, total_bytes) WHERE id = ?`,
    [keptBytes, validator, keptBytes, totalBytes, id],
  );

/** It goes on by itself at a time, or wants somebody. Only where nobody paused or ended it meanwhile. */
export const setTrouble = (
  db: Executor,
  id: string,
  state: 'waiting' | 'trouble',
  { kind, message, retryAt }: { kind: SourceFaultKind; message: string; retryAt: Date | null },
): Promise<unknown> =>
  run(
    db,
    `UPDATE fetching SET state = ?, trouble_kind = ?, trouble = ?, retry_at = ?, tries = tries + 1, job_id = NULL
     WHERE id = ? AND state = 'fetching'`,
    [state, kind, message, retryAt, id],
  );

/** It is here. */
export const setArrived = (tx: Executor, id: string): Promise<unknown> =>
  run(
    tx,
    "UPDATE fetching SET state = 'arrived', ended_at = UTC_TIMESTAMP(3), trouble_kind = NULL, trouble = NULL, retry_at = NULL, job_id = NULL WHERE id = ?",
    [id],
  );

/** As a person wants it; what went wrong is forgotten when it goes on. */
export const setWanted = (tx: Executor, id: string, state: 'waiting' | 'paused' | 'ended'): Promise<unknown> =>
  run(
    tx,
    `UPDATE fetching SET state = ?, retry_at = NULL, job_id = NULL, tries = 0,
       trouble_kind = IF(? = 'waiting', NULL, trouble_kind), trouble = IF(? = 'waiting', NULL, trouble),
       ended_at = IF(? = 'ended', UTC_TIMESTAMP(3), ended_at) WHERE id = ?`,
    [state, state, state, state, id],
  );

/** Before all others. */
export async function setFirst(tx: Executor, id: string): Promise<void> {
  const { place } = await one<{ place: number }>(tx, 'SELECT COALESCE(MIN(place), 0) - 1 AS place FROM fetching');
  await run(tx, 'UPDATE fetching SET place = ? WHERE id = ?', [place, id]);
}

/** Everything of a source that wants a token, terms or its turn may try again. @returns how many */
export async function wakeFetchings(tx: Executor, kind: string): Promise<number> {
  const { affected } = await run(
    tx,
    `UPDATE fetching SET state = 'waiting', retry_at = NULL, trouble_kind = NULL, trouble = NULL, tries = 0
     WHERE kind = ? AND state = 'trouble' AND trouble_kind IN ('sign-in', 'terms')`,
    [kind],
  );
  return affected;
}

/** How many wait or come in, by source. */
export const countOpen = (db: Executor): Promise<{ kind: string; n: number }[]> =>
  many(
    db,
    "SELECT kind, COUNT(*) AS n FROM fetching WHERE state IN ('waiting', 'fetching', 'paused', 'trouble') GROUP BY kind",
  );

/** What became of pages: the arrival each was fetched as, the latest first. */
export const listArrivedFrom = (
  db: Executor,
  pageAddresses: readonly string[],
): Promise<{ id: string; pageAddress: string; editionId: string }[]> =>
  manyIn(
    db,
    pageAddresses,
    (places) =>
      `SELECT id, page_address AS pageAddress, edition_id AS editionId FROM fetching
       WHERE page_address IN (${places}) AND state = 'arrived' ORDER BY ended_at DESC`,
  );

/** Assets whose provenance names one of the pages. */
export const listAssetsOfPages = (
  db: Executor,
  pageAddresses: readonly string[],
): Promise<{ pageAddress: string; id: string; accession: number; name: string }[]> =>
  manyIn(
    db,
    pageAddresses,
    (places) =>
      `SELECT provenance.page_url AS pageAddress, asset.id, asset.accession, asset.name FROM provenance
       JOIN asset ON asset.id = provenance.asset_id WHERE provenance.page_url IN (${places}) ORDER BY asset.accession`,
  );

/** Files that came with one of these lengths, each with its path. */
export const listReceivedOfSizes = (
  db: Executor,
  sizes: readonly number[],
): Promise<{ path: string; sizeBytes: number }[]> =>
  manyIn(
    db,
    sizes,
    (places) =>
      `SELECT path, size_bytes AS sizeBytes FROM received WHERE size_bytes IN (${places}) AND sha256 IS NOT NULL LIMIT 2000`,
  );
