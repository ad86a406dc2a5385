import type { WatchedFolder } from '@haveld/contract/api/watching';
import type { Executor } from '../database/pool';
import { insertMany, many, run } from '../database/statements';

export type FolderRow = Omit<WatchedFolder, 'lastTakenAt'> & { lastTakenAt: Date | null; personId: string };

/** Every watched folder, by its path. */
export const listFolders = (db: Executor): Promise<FolderRow[]> =>
  many(
    db,
    `SELECT watched_folder.id, path, together, afterwards, author, source, trouble, person_id AS personId,
       person.name AS personName,
       (SELECT COUNT(*) FROM watched_file WHERE folder_id = watched_folder.id) AS taken,
       (SELECT MAX(taken_at) FROM watched_file WHERE folder_id = watched_folder.id) AS lastTakenAt
     FROM watched_folder JOIN person ON person.id = person_id ORDER BY path`,
  );

/** Watches one more. @throws {DuplicateRow} where it is watched already */
export const insertFolder = (
  db: Executor,
  row: Pick<WatchedFolder, 'id' | 'path' | 'together' | 'afterwards' | 'author' | 'source'> & { personId: string },
): Promise<unknown> =>
  run(
    db,
    'INSERT INTO watched_folder (id, path, together, afterwards, author, source, person_id) VALUES (?, ?, ?, ?, ?, ?, ?)',
    [row.id, row.path, row.together, row.afterwards, row.author, row.source, row.personId],
  );

/** Watches one no more. @returns false where there was none */
export async function deleteFolder(db: Executor, id: string): Promise<boolean> {
  return (await run(db, 'DELETE FROM watched_folder WHERE id = ?', [id])).affected === 1;
}

/** What stands in the way of it now, or nothing. */
export const setFolderTrouble = (db: Executor, id: string, trouble: string | null): Promise<unknown> =>
  run(db, 'UPDATE watched_folder SET trouble = ? WHERE id = ?', [trouble, id]);

export interface TakenFile {
  path: string;
  sha256: string;
  sizeBytes: number;
  modifiedMs: number;
}

/** Everything a path was taken as. */
export const listTaken = (db: Executor, folderId: string, path: string): Promise<TakenFile[]> =>
  many(
    db,
    'SELECT path, sha256, size_bytes AS sizeBytes, modified_ms AS modifiedMs FROM watched_file WHERE folder_id = ? AND path = ?',
    [folderId, path],
  );

/** Notes what was taken. @throws {DuplicateRow} where another server has taken it */
export const insertTaken = (
  tx: Executor,
  folderId: string,
  arrivalId: string,
  files: readonly TakenFile[],
): Promise<void> =>
  insertMany(
    tx,
    'watched_file',
    ['folder_id', 'path', 'sha256', 'size_bytes', 'modified_ms', 'arrival_id'],
    files.map((file) => [folderId, file.path, file.sha256, file.sizeBytes, file.modifiedMs, arrivalId]),
  );
