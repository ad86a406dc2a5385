import type { FindQuestion } from '@haveld/contract/api/arrivals';
import type { FindRole } from '@haveld/core/finds/heap-file';
import { type Executor } from '../database/pool';
import { insertMany, many, manyIn, maybeOne, one, run } from '../database/statements';

export interface FindRow {
  id: string;
  arrivalId: string;
  name: string;
  modelPath: string;
  reason: string;
  state: 'waiting' | 'read' | 'failed' | 'on-bench' | 'set-aside';
  message: string | null;
  question: FindQuestion | null;
  kitId: string | null;
  ordinal: number;
}

const FIND =
  'SELECT id, arrival_id AS arrivalId, name, model_path AS modelPath, reason, state, message, question, kit_id AS kitId, ordinal FROM find';

type StoredFind = Omit<FindRow, 'question'> & { question: string | null };

const parseFind = (row: StoredFind): FindRow => ({
  ...row,
  question: row.question === null ? null : (JSON.parse(row.question) as FindQuestion),
});

/** Finds of these arrivals, those of one in their order. */
export const listFinds = async (db: Executor, arrivalIds: readonly string[]): Promise<FindRow[]> =>
  (
    await manyIn<StoredFind>(db, arrivalIds, (places) => `${FIND} WHERE arrival_id IN (${places}) ORDER BY ordinal`)
  ).map(parseFind);

/** Pieces of a kit as finds, in their order. */
export const listFindsOfKit = async (db: Executor, kitId: string): Promise<FindRow[]> =>
  (await many<StoredFind>(db, `${FIND} WHERE kit_id = ? ORDER BY ordinal`, [kitId])).map(parseFind);

/** @returns a find, or null */
export async function getFind(db: Executor, id: string): Promise<FindRow | null> {
  const row = await maybeOne<StoredFind>(db, `${FIND} WHERE id = ?`, [id]);
  return row && parseFind(row);
}

/** Locks the find until the transaction ends. */
export async function lockFind(tx: Executor, id: string): Promise<FindRow | null> {
  const row = await maybeOne<StoredFind>(tx, `${FIND} WHERE id = ? FOR UPDATE`, [id]);
  return row && parseFind(row);
}

/** Writes a find down; it waits to be read. */
export const insertFind = (tx: Executor, find: Omit<FindRow, 'state' | 'message'>): Promise<unknown> =>
  run(
    tx,
    "INSERT INTO find (id, arrival_id, ordinal, name, model_path, reason, question, kit_id, state) VALUES (?, ?, ?, ?, ?, ?, ?, ?, 'waiting')",
    [
      find.id,
      find.arrivalId,
      find.ordinal,
      find.name.slice(0, 250),
      find.modelPath,
      find.reason.slice(0, 500),
      find.question && JSON.stringify(find.question),
      find.kitId,
    ],
  );

/** Says which files a find is made of. */
export async function insertFindFiles(
  tx: Executor,
  findId: string,
  files: { fileId: number; role: string }[],
): Promise<void> {
  await insertMany(
    tx,
    'find_file',
    ['find_id', 'arrival_file_id', 'role'],
    files.map(({ fileId, role }) => [findId, fileId, role]),
  );
}

/** Which file of these arrivals is in which find, and as what. */
export const listFindLinks = (
  db: Executor,
  arrivalIds: readonly string[],
): Promise<{ findId: string; fileId: number; role: FindRole }[]> =>
  manyIn(
    db,
    arrivalIds,
    (places) =>
      `SELECT find_id AS findId, arrival_file_id AS fileId, role FROM find_file JOIN find ON find.id = find_file.find_id WHERE find.arrival_id IN (${places})`,
  );

/** @param onlyFrom changed only where it is in this state */
export async function setFindState(
  db: Executor,
  id: string,
  state: FindRow['state'],
  message: string | null = null,
  onlyFrom: FindRow['state'] | null = null,
): Promise<void> {
  const only = onlyFrom === null ? '' : ' AND state = ?';
  await run(db, `UPDATE find SET state = ?, message = ? WHERE id = ?${only}`, [
    state,
    message,
    id,
    ...(onlyFrom === null ? [] : [onlyFrom]),
  ]);
}

/** Finds of an arrival that wait to be read. */
export const countUnread = async (db: Executor, arrivalId: string): Promise<number> =>
  (
    await one<{ n: number }>(db, "SELECT COUNT(*) AS n FROM find WHERE arrival_id = ? AND state = 'waiting'", [
      arrivalId,
    ])
  ).n;

/** Finds that were read, or could not be, and wait for a person. */
export const countWaitingFinds = async (db: Executor): Promise<number> =>
  (
    await one<{ n: number }>(
      db,
      "SELECT COUNT(*) AS n FROM find JOIN arrival ON arrival.id = find.arrival_id WHERE find.state IN ('read', 'failed') AND arrival.joined_into IS NULL",
    )
  ).n;

/** What a find is made of, after a person decided otherwise; it is read anew. */
export const updateFind = (
  tx: Executor,
  find: Pick<FindRow, 'id' | 'name' | 'modelPath' | 'reason' | 'question'>,
): Promise<unknown> =>
  run(
    tx,
    "UPDATE find SET name = ?, model_path = ?, reason = ?, question = ?, state = 'waiting', message = NULL WHERE id = ?",
    [
      find.name.slice(0, 250),
      find.modelPath,
      find.reason.slice(0, 500),
      find.question && JSON.stringify(find.question),
      find.id,
    ],
  );

/** Keeps what a person is asked of a find; null where nothing is left to ask. */
export const setQuestion = (db: Executor, id: string, question: FindQuestion | null): Promise<unknown> =>
  run(db, 'UPDATE find SET question = ? WHERE id = ?', [question && JSON.stringify(question), id]);

/** Takes every file out of a find; the files stay. */
export const deleteFindFiles = (tx: Executor, findId: string): Promise<unknown> =>
  run(tx, 'DELETE FROM find_file WHERE find_id = ?', [findId]);

/** Takes a find away; its files stay. */
export const deleteFind = (tx: Executor, id: string): Promise<unknown> =>
  run(tx, 'DELETE FROM find WHERE id = ?', [id]);

/** The place a new find of an arrival gets. */
export const nextOrdinal = async (tx: Executor, arrivalId: string): Promise<number> =>
  (
    await one<{ n: number }>(tx, 'SELECT COALESCE(MAX(ordinal), -1) + 1 AS n FROM find WHERE arrival_id = ?', [
      arrivalId,
    ])
  ).n;

/** Finds that are pieces picked out of one file. */
export const listPieceFinds = async (db: Executor, arrivalId: string): Promise<string[]> =>
  (
    await many<{ id: string }>(
      db,
      'SELECT find.id FROM find JOIN kit ON kit.id = find.kit_id WHERE find.arrival_id = ? AND kit.source_find_id IS NOT NULL',
      [arrivalId],
    )
  ).map(({ id }) => id);

export interface NewKit {
  id: string;
  arrivalId: string;
  name: string;
  reason: string;
  sourceFindId: string | null;
}

/** Writes a kit down. Its source is null where its pieces came as files of their own. */
export const insertKit = (tx: Executor, kit: NewKit): Promise<unknown> =>
  run(tx, 'INSERT INTO kit (id, arrival_id, name, reason, source_find_id) VALUES (?, ?, ?, ?, ?)', [
    kit.id,
    kit.arrivalId,
    kit.name.slice(0, 250),
    kit.reason.slice(0, 500),
    kit.sourceFindId,
  ]);
