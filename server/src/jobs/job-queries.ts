import { type Executor } from '../database/pool';
import { many, manyIn, maybeOne, one, placesFor, run } from '../database/statements';

export interface Job {
  id: number;
  kind: string;
  subjectId: string;
  label: string;
  attempts: number;
  /** What its kind wants to know beside the subject, as JSON. */
  detail: string | null;
  leaseToken: string;
}

/** Asks for work. @returns its number */
export async function insertJob(
  db: Executor,
  job: { kind: string; subjectId: string; label: string; detail?: string; runAfter?: Date },
): Promise<number> {
  const { insertId } = await run(
    db,
    "INSERT INTO job (kind, subject_id, label, detail, state, run_after) VALUES (?, ?, ?, ?, 'waiting', COALESCE(?, UTC_TIMESTAMP(3)))",
    [job.kind, job.subjectId, job.label.slice(0, 300), job.detail ?? null, job.runAfter ?? null],
  );
  return insertId;
}

/** Waiting for a source must not hold up the work of this machine: it has lanes of its own. */
export const FETCHING = 'fetch-edition';
export const ASKING = 'ask-pages';
const OF_SOURCES = `('${FETCHING}', '${ASKING}')`;
export type Lane = 'work' | 'fetching';

/** More than there are connections that may hold one each. */
const CANDIDATES = 32;

/** Finds the next job that waits, or whose worker has died; locks the row until the transaction ends. */
export async function findClaimable(tx: Executor, lane: Lane): Promise<Omit<Job, 'leaseToken'> | null> {
  const isOfLane = `kind ${lane === 'fetching' ? 'IN' : 'NOT IN'} ${OF_SOURCES}`;
  const find = async (where: string): Promise<Omit<Job, 'leaseToken'> | null> => {
    // looked up by the index of states, in its order, without a lock: what is done is never read. Locked by their ids: a lock on
    // the index would bar the way to jobs that become running, or are added
    const rows = await many<{ id: number }>(
      tx,
      `SELECT id FROM job FORCE INDEX (state) WHERE ${where} AND ${isOfLane} ORDER BY id LIMIT ${CANDIDATES}`,
    );
    if (rows.length === 0) return null;
    return maybeOne(
      tx,
      `SELECT id, kind, subject_id AS subjectId, label, attempts, detail FROM job
       WHERE id IN (${placesFor(rows)}) AND ${where} ORDER BY id LIMIT 1 FOR UPDATE SKIP LOCKED`,
      rows.map(({ id }) => id),
    );
  };
  return (
    (await find("state = 'running' AND lease_until < UTC_TIMESTAMP(3)")) ??
    (await find("state = 'waiting' AND run_after <= UTC_TIMESTAMP(3)"))
  );
}

/** A worker has taken a job; its lease runs from now. */
export const markClaimed = (tx: Executor, id: number, leaseToken: string, leaseSeconds: number): Promise<unknown> =>
  run(
    tx,
    "UPDATE job SET state = 'running', attempts = attempts + 1, lease_token = ?, lease_until = UTC_TIMESTAMP(3) + INTERVAL ? SECOND WHERE id = ?",
    [leaseToken, leaseSeconds, id],
  );

/** @returns false where the lease is lost or somebody asked to stop */
export async function extendLease(
  db: Executor,
  job: Job,
  leaseSeconds: number,
  done: number,
  total: number,
): Promise<boolean> {
  const { affected } = await run(
    db,
    `UPDATE job SET lease_until = UTC_TIMESTAMP(3) + INTERVAL ? SECOND, progress_done = ?, progress_total = ?
     WHERE id = ? AND lease_token = ? AND state = 'running' AND cancel_asked = FALSE`,
    [leaseSeconds, done, total, job.id, job.leaseToken],
  );
  return affected === 1;
}

/** Ends a job, only under the lease it was claimed with. @returns false where that is lost */
export async function finishJob(
  db: Executor,
  job: Job,
  state: 'done' | 'failed' | 'cancelled',
  message: string | null,
): Promise<boolean> {
  const { affected } = await run(
    db,
    'UPDATE job SET state = ?, message = ?, finished_at = UTC_TIMESTAMP(3), lease_until = NULL WHERE id = ? AND lease_token = ?',
    [state, message, job.id, job.leaseToken],
  );
  return affected === 1;
}

/** Gives a job back to be tried again later, only under its lease. */
export const postponeJob = (db: Executor, job: Job, seconds: number, message: string): Promise<unknown> =>
  run(
    db,
    "UPDATE job SET state = 'waiting', lease_token = NULL, lease_until = NULL, run_after = UTC_TIMESTAMP(3) + INTERVAL ? SECOND, message = ? WHERE id = ? AND lease_token = ?",
    [seconds, message, job.id, job.leaseToken],
  );

/** Gives a job back as if it had not been taken: a server that stops is no fault of the job. */
export const releaseJob = (db: Executor, job: Job): Promise<unknown> =>
  run(
    db,
    "UPDATE job SET state = 'waiting', attempts = attempts - 1, lease_token = NULL, lease_until = NULL WHERE id = ? AND lease_token = ?",
    [job.id, job.leaseToken],
  );

/** @returns whether this worker still has the job, so that what it says of it counts */
export const holdsLease = async (db: Executor, job: Job): Promise<boolean> =>
  (await maybeOne(db, "SELECT id FROM job WHERE id = ? AND lease_token = ? AND state = 'running'", [
    job.id,
    job.leaseToken,
  ])) !== null;

export interface OpenJob {
  id: number;
  kind: string;
  subjectId: string;
  label: string;
  state: 'waiting' | 'running';
  done: number;
  total: number;
}

/** What waits or runs, the oldest first, at most 200. A source that is asked again in hours is no work of this machine. */
export function listOpenJobs(db: Executor): Promise<OpenJob[]> {
  return many(
    db,
    `SELECT id, kind, subject_id AS subjectId, label, state, progress_done AS done, progress_total AS total
     FROM job WHERE state = 'running' OR (state = 'waiting' AND (kind <> '${FETCHING}' OR run_after <= UTC_TIMESTAMP(3)))
     ORDER BY id LIMIT 200`,
  );
}

/** What failed for good, the latest first, at most 100. */
export function listFailedJobs(
  db: Executor,
): Promise<{ id: number; label: string; message: string; at: Date; attempts: number }[]> {
  return many(
    db,
    "SELECT id, label, COALESCE(message, '') AS message, finished_at AS at, attempts FROM job WHERE state = 'failed' ORDER BY id DESC LIMIT 100",
  );
}

/** How many jobs were done. */
export async function countDoneJobs(db: Executor): Promise<number> {
  return (await one<{ n: number }>(db, "SELECT COUNT(*) AS n FROM job WHERE state = 'done'")).n;
}

/** The first open job of a kind for each of these subjects that has one. */
export async function listOpenJobsOf(
  db: Executor,
  kind: string,
  subjectIds: readonly string[],
): Promise<Map<string, OpenJob>> {
  const jobs = await manyIn<OpenJob>(
    db,
    subjectIds,
    (places) => `SELECT id, kind, subject_id AS subjectId, label, state, progress_done AS done, progress_total AS total
     FROM job WHERE subject_id IN (${places}) AND kind = ? AND state IN ('waiting', 'running') ORDER BY id DESC`,
    [kind],
  );
  // the first of several is written last
  return new Map(jobs.map((job) => [job.subjectId, job]));
}

/** @returns what waits or runs of this kind for a subject, or null */
export const findOpenJob = async (db: Executor, kind: string, subjectId: string): Promise<OpenJob | null> =>
  (await listOpenJobsOf(db, kind, [subjectId])).get(subjectId) ?? null;

/** Stops a job: one that waits at once, one that runs at its next heartbeat. @returns null where it has ended */
export async function askCancel(
  db: Executor,
  id: number,
): Promise<{ kind: string; subjectId: string; wasWaiting: boolean } | null> {
  const job = await maybeOne<{ kind: string; subjectId: string }>(
    db,
    "SELECT kind, subject_id AS subjectId FROM job WHERE id = ? AND state IN ('waiting', 'running')",
    [id],
  );
  if (!job) return null;
  const { affected } = await run(
    db,
    "UPDATE job SET state = 'cancelled', finished_at = UTC_TIMESTAMP(3) WHERE id = ? AND state = 'waiting'",
    [id],
  );
  if (affected === 0) await run(db, 'UPDATE job SET cancel_asked = TRUE WHERE id = ?', [id]);
  return { ...job, wasWaiting: affected === 1 };
}

/** @returns whether a kind of work was ever asked for a subject, however it went */
export const wasAskedFor = async (db: Executor, kind: string, subjectId: string): Promise<boolean> =>
  (await maybeOne(db, 'SELECT id FROM job WHERE kind = ? AND subject_id = ? LIMIT 1', [kind, subjectId])) !== null;

const PURGED_AT_ONCE = 1000;

/** Forgets work that was done or stopped longer ago; what failed stays until somebody lets it run again. @returns how much */
export async function purgeEnded(db: Executor, days: number): Promise<number> {
  let purged = 0;
  for (const state of ['done', 'cancelled'])
    for (let affected = PURGED_AT_ONCE; affected === PURGED_AT_ONCE; purged += affected)
      ({ affected } = await run(
        db,
        `DELETE FROM job WHERE state = ? AND finished_at < UTC_TIMESTAMP(3) - INTERVAL ? DAY LIMIT ${PURGED_AT_ONCE}`,
        [state, days],
      ));
  return purged;
}

/** Lets a failed job run again. @returns false where it is not among the failed */
export async function retryFailed(db: Executor, id: number): Promise<boolean> {
  const { affected } = await run(
    db,
    "UPDATE job SET state = 'waiting', attempts = 0, message = NULL, finished_at = NULL, cancel_asked = FALSE, run_after = UTC_TIMESTAMP(3) WHERE id = ? AND state = 'failed'",
    [id],
  );
  return affected === 1;
}

/** Stops everything that waits or runs for these subjects. @returns what had not begun, for its subject to be told */
export async function cancelJobsOf(
  tx: Executor,
  subjectIds: readonly string[],
): Promise<{ kind: string; subjectId: string }[]> {
  if (subjectIds.length === 0) return [];
  const marks = subjectIds.map(() => '?').join(', ');
  const waiting = await many<{ id: number; kind: string; subjectId: string }>(
    tx,
    `SELECT id, kind, subject_id AS subjectId FROM job WHERE state = 'waiting' AND subject_id IN (${marks}) FOR UPDATE`,
    [...subjectIds],
  );
  for (const { id } of waiting)
    await run(tx, "UPDATE job SET state = 'cancelled', finished_at = UTC_TIMESTAMP(3) WHERE id = ?", [id]);
  await run(tx, `UPDATE job SET cancel_asked = TRUE WHERE state = 'running' AND subject_id IN (${marks})`, [
    ...subjectIds,
  ]);
  return waiting;
}
