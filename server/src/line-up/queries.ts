import type { Executor } from '../database/pool';
import { many, manyIn, placesFor, run } from '../database/statements';

/** A find that is not on the bench, with what may hold it back. */
export interface WaitingFind {
  id: string;
  name: string;
  arrivalId: string;
  state: 'waiting' | 'read' | 'failed';
  message: string | null;
  question: string | null;
  isKit: boolean;
  duplicates: number;
}

const WAITING = `SELECT find.id, find.name, find.arrival_id AS arrivalId, find.state, find.message,
  JSON_VALUE(find.question, '$.text') AS question,
  (find.kit_id IS NOT NULL OR EXISTS (SELECT 1 FROM kit WHERE kit.source_find_id = find.id)) AS isKit,
  (SELECT COUNT(*) FROM duplicate_pair WHERE duplicate_pair.find_id = find.id AND decision IS NULL) AS duplicates
  FROM find JOIN arrival ON arrival.id = find.arrival_id
  WHERE arrival.joined_into IS NULL AND find.state IN ('waiting', 'read', 'failed')`;

const parse = (row: Omit<WaitingFind, 'isKit'> & { isKit: number }): WaitingFind => ({
  ...row,
  isKit: row.isKit === 1,
});

/** Finds of these arrivals that wait. */
export const listWaitingFinds = async (db: Executor, arrivalIds: readonly string[]): Promise<WaitingFind[]> =>
  (
    await manyIn<Omit<WaitingFind, 'isKit'> & { isKit: number }>(
      db,
      arrivalIds,
      (places) => `${WAITING} AND find.arrival_id IN (${places}) ORDER BY find.arrival_id, find.ordinal`,
    )
  ).map(parse);

/** Finds that wait in arrivals that are lined up; at most two thousand. */
export const listWaitingInLineUp = async (db: Executor): Promise<WaitingFind[]> =>
  (
    await many<Omit<WaitingFind, 'isKit'> & { isKit: number }>(
      db,
      `${WAITING} AND arrival.lined_up ORDER BY arrival.created_at DESC, find.ordinal LIMIT 2000`,
    )
  ).map(parse);

/** @returns a find that waits, or null */
export const findWaiting = async (db: Executor, findId: string): Promise<WaitingFind | null> =>
  (await many<Omit<WaitingFind, 'isKit'> & { isKit: number }>(db, `${WAITING} AND find.id = ?`, [findId])).map(
    parse,
  )[0] ?? null;

/** What is still read of these arrivals goes into the line-up by itself. */
export const setLinedUp = (tx: Executor, arrivalIds: readonly string[]): Promise<unknown> =>
  run(tx, `UPDATE arrival SET lined_up = TRUE WHERE id IN (${placesFor(arrivalIds)})`, [...arrivalIds]);
