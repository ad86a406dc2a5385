import { type Executor } from '../database/pool';
import { insertMany, manyIn, maybeOne, one, run } from '../database/statements';

/** Writes down an announced arrival, whose files are still on their way. */
export const insertArrival = (
  db: Executor,
  arrival: { id: string; name: string; refused: string[]; personId: string },
): Promise<unknown> =>
  run(db, "INSERT INTO arrival (id, name, state, refused, person_id) VALUES (?, ?, 'receiving', ?, ?)", [
    arrival.id,
    arrival.name,
    JSON.stringify(arrival.refused),
    arrival.personId,
  ]);

/** What no password opened; those given so far are kept until everything is open. */
export const setLocked = (db: Executor, id: string, locked: string[]): Promise<unknown> =>
  run(db, 'UPDATE arrival SET locked = ? WHERE id = ?', [JSON.stringify(locked), id]);

/** What opening had to say; passwords are forgotten once they have been tried. */
export const setOpened = (
  db: Executor,
  id: string,
  { refused, notes, locked }: { refused: string[]; notes: string[]; locked: string[] },
): Promise<unknown> =>
  run(db, "UPDATE arrival SET refused = ?, notes = ?, locked = ?, passwords = '[]' WHERE id = ?", [
    JSON.stringify(refused),
    JSON.stringify(notes),
    JSON.stringify(locked),
    id,
  ]);

/** Keeps what was given so far, until everything is open. */
export const setPasswords = (db: Executor, id: string, passwords: string[]): Promise<unknown> =>
  run(db, 'UPDATE arrival SET passwords = ? WHERE id = ?', [JSON.stringify(passwords), id]);

/** Hides an arrival behind the one it was joined into; its files stay. */
export const setJoinedInto = (db: Executor, id: string, into: string): Promise<unknown> =>
  run(db, 'UPDATE arrival SET joined_into = ? WHERE id = ?', [into, id]);

export interface ReceivedRow {
  id: string;
  arrivalId: string;
  path: string;
  sizeBytes: number;
  uploadId: string | null;
  sha256: string | null;
}

const RECEIVED =
  'SELECT id, arrival_id AS arrivalId, path, size_bytes AS sizeBytes, upload_id AS uploadId, sha256 FROM received';

/** Files of these arrivals as they were announced, by path. */
export const listReceived = (db: Executor, arrivalIds: readonly string[]): Promise<ReceivedRow[]> =>
  manyIn(db, arrivalIds, (places) => `${RECEIVED} WHERE arrival_id IN (${places}) ORDER BY path`);

/** @returns who announced a file, or null */
export const findWhoseReceived = (db: Executor, id: string): Promise<{ id: string; name: string } | null> =>
  maybeOne(
    db,
    `SELECT person.id, person.name FROM received JOIN arrival ON arrival.id = received.arrival_id
     JOIN person ON person.id = arrival.person_id WHERE received.id = ?`,
    [id],
  );

/** @returns an announced file, or null */
export const getReceived = (db: Executor, id: string): Promise<ReceivedRow | null> =>
  maybeOne(db, `${RECEIVED} WHERE id = ?`, [id]);

/** Announces files of an arrival. */
export async function insertReceived(
  db: Executor,
  rows: { id: string; arrivalId: string; path: string; sizeBytes: number }[],
): Promise<void> {
  await insertMany(
    db,
    'received',
    ['id', 'arrival_id', 'path', 'size_bytes'],
    rows.map((row) => [row.id, row.arrivalId, row.path, row.sizeBytes]),
  );
}

/** The bytes of a file lie in the folder of uploads. */
export const setUploaded = (db: Executor, id: string, uploadId: string): Promise<unknown> =>
  run(db, 'UPDATE received SET upload_id = ? WHERE id = ?', [uploadId, id]);

/** The bytes of a file lie in the store. */
export const setReceivedHash = (db: Executor, id: string, sha256: string): Promise<unknown> =>
  run(db, 'UPDATE received SET sha256 = ? WHERE id = ?', [sha256, id]);

/** How many files of an arrival did not come yet. */
export async function countOutstanding(db: Executor, arrivalId: string): Promise<number> {
  const { n } = await one<{ n: number }>(
    db,
    'SELECT COUNT(*) AS n FROM received WHERE arrival_id = ? AND upload_id IS NULL AND sha256 IS NULL',
    [arrivalId],
  );
  return n;
}

/** A file a person put elsewhere; what a source's habits are learnt from. */
export interface RegroupingRow {
  arrivalId: string;
  path: string;
  role: string;
  modelPath: string | null;
  personId: string;
}

/** Remembers where a person put a file. */
export const insertRegrouping = (tx: Executor, row: RegroupingRow): Promise<unknown> =>
  run(tx, 'INSERT INTO regrouping (arrival_id, path, role, model_path, person_id) VALUES (?, ?, ?, ?, ?)', [
    row.arrivalId,
    row.path,
    row.role,
    row.modelPath,
    row.personId,
  ]);
