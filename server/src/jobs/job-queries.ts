import { type Executor } from '../database/pool';
import { many, maybeOne, one, run } from '../database/statements';

export interface Job {
  id: number;
  kind: string;
  subjectId: string;
  words: string;
  attempts: number;
  /** What its kind wants to know beside the subject, as JSON. */
  detail: string | null;
  leaseToken: string;
}

export async function insertJob(
  db: Executor,
  job: { kind: string; subjectId: string; words: string; detail?: string },
): Promise<number> {
  const { insertId } = await run(
    db,
    "INSERT INTO job (kind, subject_id, words, detail, state) VALUES (?, ?, ?, ?, 'waiting')",
    [job.kind, job.subjectId, job.words.slice(0, 300), job.detail ?? null],
  );
  return insertId;
}

/** Finds the next job that waits, or whose worker has died; locks the row until the transaction ends. */
export async function findClaimable(tx: Executor): Promise<Omit<Job, 'leaseToken'> | null> {
  return maybeOne(
    tx,
    `SELECT id, kind, subject_id AS subjectId, words, attempts, detail FROM job
     WHERE (state = 'waiting' AND run_after <= UTC_TIMESTAMP(3)) OR (state = 'running' AND lease_until < UTC_TIMESTAMP(3))
     ORDER BY id LIMIT 1 FOR UPDATE SKIP LOCKED`,
  );
}

export async function markClaimed(tx: Executor, id: number, leaseToken: string, leaseSeconds: number): Promise<void> {
  await run(
    tx,
    "UPDATE job SET state = 'running', attempts = attempts + 1, lease_token = ?, lease_until = UTC_TIMESTAMP(3) + INTERVAL ? SECOND WHERE id = ?",
    [leaseToken, leaseSeconds, id],
  );
}

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

export async function postponeJob(db: Executor, job: Job, seconds: number, message: string): Promise<void> {
  await run(
    db,
    "UPDATE job SET state = 'waiting', lease_token = NULL, lease_until = NULL, run_after = UTC_TIMESTAMP(3) + INTERVAL ? SECOND, message = ? WHERE id = ? AND lease_token = ?",
    [seconds, message, job.id, job.leaseToken],
  );
}

export interface OpenJob {
  id: number;
  kind: string;
  subjectId: string;
  words: string;
  state: 'waiting' | 'running';
  done: number;
  total: number;
}

export function listOpenJobs(db: Executor): Promise<OpenJob[]> {
  return many(
    db,
    `SELECT id, kind, subject_id AS subjectId, words, state, progress_done AS done, progress_total AS total
     FROM job WHERE state IN ('waiting', 'running') ORDER BY id LIMIT 200`,
  );
}

export function listFailedJobs(
  db: Executor,
): Promise<{ id: number; words: string; message: string; at: Date; attempts: number }[]> {
  return many(
    db,
    "SELECT id, words, COALESCE(message, '') AS message, finished_at AS at, attempts FROM job WHERE state = 'failed' ORDER BY id DESC LIMIT 100",
  );
}

export async function countDoneJobs(db: Executor): Promise<number> {
  return (await one<{ n: number }>(db, "SELECT COUNT(*) AS n FROM job WHERE state = 'done'")).n;
}

export async function findOpenJob(db: Executor, kind: string, subjectId: string): Promise<OpenJob | null> {
  const [job] = await many<OpenJob>(
    db,
    `SELECT id, kind, subject_id AS subjectId, words, state, progress_done AS done, progress_total AS total
     FROM job WHERE kind = ? AND subject_id = ? AND state IN ('waiting', 'running') ORDER BY id LIMIT 1`,
    [kind, subjectId],
  );
  return job ?? null;
}

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
