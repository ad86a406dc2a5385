import type { Executor } from '../database/pool';
import { maybeOne, placesFor, run } from '../database/statements';

/** How many tries may fail before each costs a wait, and the longest wait. */
export interface TryLimit {
  free: number;
  longestSeconds: number;
}

/** Tries that failed are forgotten after so many hours without another. */
const FORGOTTEN_HOURS = 24;

/** @returns seconds until one more try of somebody is taken; 0 where it is now */
export async function secondsUntilOpen(db: Executor, who: readonly string[]): Promise<number> {
  const row = await maybeOne<{ seconds: number | null }>(
    db,
    `SELECT CEIL(MAX(TIMESTAMPDIFF(MICROSECOND, UTC_TIMESTAMP(3), open_at)) / 1e6) AS seconds FROM failed_try
     WHERE who IN (${placesFor(who)}) AND open_at > UTC_TIMESTAMP(3)`,
    [...who],
  );
  return Number(row?.seconds ?? 0);
}

/** Counts a try that failed; beyond those that are free each doubles the wait. */
export const addFailed = (db: Executor, who: string, { free, longestSeconds }: TryLimit): Promise<unknown> =>
  run(
    db,
    `INSERT INTO failed_try (who, failed, last_at, open_at) VALUES (?, 1, UTC_TIMESTAMP(3), UTC_TIMESTAMP(3))
     ON DUPLICATE KEY UPDATE
       failed = IF(last_at < UTC_TIMESTAMP(3) - INTERVAL ? HOUR, 1, failed + 1),
       last_at = UTC_TIMESTAMP(3),
       open_at = IF(failed < ?, UTC_TIMESTAMP(3), UTC_TIMESTAMP(3) + INTERVAL LEAST(?, POW(2, LEAST(failed - ?, 30))) SECOND)`,
    [who, FORGOTTEN_HOURS, free, longestSeconds, free],
  );

/** A try that was counted and did not fail. */
export const takeBack = (db: Executor, who: string): Promise<unknown> =>
  run(db, 'UPDATE failed_try SET failed = GREATEST(failed, 1) - 1, open_at = UTC_TIMESTAMP(3) WHERE who = ?', [who]);

/** Forgets what failed for somebody who got in. */
export const forgetFailed = (db: Executor, who: string): Promise<unknown> =>
  run(db, 'DELETE FROM failed_try WHERE who = ?', [who]);

/** Forgets what failed long ago. */
export const forgetOldTries = (db: Executor): Promise<unknown> =>
  run(db, 'DELETE FROM failed_try WHERE last_at < UTC_TIMESTAMP(3) - INTERVAL ? HOUR', [FORGOTTEN_HOURS]);
