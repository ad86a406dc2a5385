import type { FindQuestion } from '@haveld/contract/api/arrivals';
import type { Executor } from '../database/pool';
import { many, manyIn, placesFor, run } from '../database/statements';

/** A find that is not on the bench, with what may hold it back. */
export interface WaitingFind {
  id: string;
  name: string;
  arrivalId: string;
  state: 'waiting' | 'read' | 'failed';
  message: string | null;
  question: FindQuestion | null;
  /** The kit it is a piece of, or that its one file holds. */
  kitId: string | null;
  kitName: string | null;
  duplicates: number;
  thumbnailSha256: string | null;
}

const WAITING = `SELECT find.id, find.name, find.arrival_id AS arrivalId, find.state, find.message,
  find.question, held.id AS kitId, held.name AS kitName,
  (SELECT MAX(reading.thumbnail_sha256) FROM reading WHERE reading.find_id = find.id) AS thumbnailSha256,
  (SELECT COUNT(*) FROM duplicate_pair WHERE duplicate_pair.find_id = find.id AND decision IS NULL) AS duplicates
  FROM find JOIN arrival ON arrival.id = find.arrival_id
  LEFT JOIN kit AS held ON held.id = COALESCE(find.kit_id, (SELECT MIN(kit.id) FROM kit WHERE kit.source_find_id = find.id))
  WHERE arrival.joined_into IS NULL AND find.state IN ('waiting', 'read', 'failed')`;

type StoredWaiting = Omit<WaitingFind, 'question'> & { question: string | null };

const parse = (row: StoredWaiting): WaitingFind => ({
  ...row,
  question: row.question === null ? null : (JSON.parse(row.question) as FindQuestion),
});

/** Finds of these arrivals that wait. */
export const listWaitingFinds = async (db: Executor, arrivalIds: readonly string[]): Promise<WaitingFind[]> =>
  (
    await manyIn<StoredWaiting>(
      db,
      arrivalIds,
      (places) => `${WAITING} AND find.arrival_id IN (${places}) ORDER BY find.arrival_id, find.ordinal`,
    )
  ).map(parse);

/** Finds that wait in arrivals that are lined up; at most two thousand. */
export const listWaitingInLineUp = async (db: Executor): Promise<WaitingFind[]> =>
  (
    await many<StoredWaiting>(
      db,
      `${WAITING} AND arrival.lined_up ORDER BY arrival.created_at DESC, find.ordinal LIMIT 2000`,
    )
  ).map(parse);

/** @returns a find that waits, or null */
export const findWaiting = async (db: Executor, findId: string): Promise<WaitingFind | null> =>
  (await many<StoredWaiting>(db, `${WAITING} AND find.id = ?`, [findId])).map(parse)[0] ?? null;

/** What is still read of these arrivals goes into the line-up by itself. */
export const setLinedUp = (tx: Executor, arrivalIds: readonly string[]): Promise<unknown> =>
  run(tx, `UPDATE arrival SET lined_up = TRUE WHERE id IN (${placesFor(arrivalIds)})`, [...arrivalIds]);
