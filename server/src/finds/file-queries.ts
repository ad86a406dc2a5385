import type { Inside } from '@haveld/core/formats/inside';
import type { OpenedFile } from '@haveld/engine/tasks/open-archive';
import { type Executor } from '../database/pool';
import { insertMany, many, manyIn, maybeOne, one, run } from '../database/statements';

export interface FileRow {
  id: number;
  path: string;
  sha256: string;
  sizeBytes: number;
  kind: string;
  format: string;
  summary: string;
  width: number | null;
  height: number | null;
  excludedReason: string | null;
  inside: Inside | null;
}

const FILE = `SELECT arrival_file.id, arrival_file.path, arrival_file.sha256, arrival_file.size_bytes AS sizeBytes, arrival_file.kind, arrival_file.format,
  arrival_file.summary, arrival_file.width, arrival_file.height, arrival_file.excluded_reason AS excludedReason, arrival_file.inside FROM arrival_file`;

type StoredFile = Omit<FileRow, 'inside'> & { inside: string | null };

const parseFile = <R extends StoredFile>(row: R): Omit<R, 'inside'> & FileRow => ({
  ...row,
  inside: row.inside === null ? null : (JSON.parse(row.inside) as Inside),
});

/** Every file of an arrival, in the order they were opened. */
export const listFiles = async (db: Executor, arrivalId: string): Promise<FileRow[]> =>
  (await many<StoredFile>(db, `${FILE} WHERE arrival_file.arrival_id = ? ORDER BY arrival_file.id`, [arrivalId])).map(
    parseFile,
  );

/** The first files of each of these arrivals. @param limit of one arrival */
export const listFirstFiles = async (
  db: Executor,
  arrivalIds: readonly string[],
  limit: number,
): Promise<(FileRow & { arrivalId: string })[]> =>
  (
    await manyIn<StoredFile & { arrivalId: string }>(
      db,
      arrivalIds,
      (
        places,
      ) => `SELECT * FROM (${FILE.replace('SELECT', 'SELECT arrival_file.arrival_id AS arrivalId, ROW_NUMBER() OVER (PARTITION BY arrival_file.arrival_id ORDER BY arrival_file.id) AS place,')}
         WHERE arrival_file.arrival_id IN (${places})) AS counted WHERE place <= ? ORDER BY id`,
      [limit],
    )
  ).map(parseFile);

/** @returns a file with its arrival, or null */
export async function getFile(db: Executor, id: number): Promise<(FileRow & { arrivalId: string }) | null> {
  const row = await maybeOne<StoredFile & { arrivalId: string }>(
    db,
    `${FILE.replace('SELECT', 'SELECT arrival_file.arrival_id AS arrivalId,')} WHERE arrival_file.id = ?`,
    [id],
  );
  return row && parseFile(row);
}

export interface FileTotals {
  files: number;
  unpackedBytes: number;
  keptBytes: number;
}

/** Totals of each of these arrivals that has files. Archives are not counted as unpacked; the same bytes are kept once. */
export const sumFiles = async (db: Executor, arrivalIds: readonly string[]): Promise<Map<string, FileTotals>> =>
  new Map(
    (
      await manyIn<FileTotals & { arrivalId: string }>(
        db,
        arrivalIds,
        (
          places,
        ) => `SELECT arrival_id AS arrivalId, CAST(SUM(copies) AS SIGNED) AS files, CAST(SUM(unpacked) AS SIGNED) AS unpackedBytes, CAST(SUM(once) AS SIGNED) AS keptBytes
           FROM (SELECT arrival_id, COUNT(*) AS copies, SUM(IF(kind <> 'archive', size_bytes, 0)) AS unpacked, MAX(size_bytes) AS once
             FROM arrival_file WHERE arrival_id IN (${places}) GROUP BY arrival_id, sha256) AS by_bytes GROUP BY arrival_id`,
      )
    ).map(({ arrivalId, ...totals }) => [arrivalId, totals]),
  );

/** Says why a file is in no find; null where it is in one. */
export const setExcludedReason = (db: Executor, id: number, reason: string | null): Promise<unknown> =>
  run(db, 'UPDATE arrival_file SET excluded_reason = ? WHERE id = ?', [reason, id]);

/** Writes down the files of an arrival anew; finds and kits of an opening before go. */
export async function replaceFiles(
  tx: Executor,
  arrivalId: string,
  files: (OpenedFile & { excludedReason: string | null })[],
): Promise<void> {
  await run(tx, 'DELETE FROM find WHERE arrival_id = ?', [arrivalId]);
  await run(tx, 'DELETE FROM kit WHERE arrival_id = ?', [arrivalId]);
  await run(tx, 'DELETE FROM arrival_file WHERE arrival_id = ?', [arrivalId]);
  await insertMany(
    tx,
    'arrival_file',
    [
      'arrival_id',
      'path',
      'sha256',
      'size_bytes',
      'kind',
      'format',
      'summary',
      'width',
      'height',
      'excluded_reason',
      'inside',
    ],
    files.map((file) => [
      arrivalId,
      file.path,
      file.sha256,
      file.sizeBytes,
      file.kind,
      file.format,
      file.summary,
      file.width,
      file.height,
      file.excludedReason,
      isTelling(file.inside) ? JSON.stringify(file.inside) : null,
    ]),
  );
}

const isTelling = ({ mentions, clips, hasSkin, materials }: Inside): boolean =>
  mentions.length > 0 || clips > 0 || hasSkin || materials !== 'none';

/** Files of a find, each with what it is there. */
export const listFindFiles = async (db: Executor, findId: string): Promise<(FileRow & { role: string })[]> =>
  (
    await many<StoredFile & { role: string }>(
      db,
      `${FILE.replace('SELECT', 'SELECT find_file.role,')} JOIN find_file ON find_file.arrival_file_id = arrival_file.id WHERE find_file.find_id = ? ORDER BY arrival_file.id`,
      [findId],
    )
  ).map(parseFile);

/** @returns the bytes a find arrived with */
export const sumFindBytes = async (db: Executor, findId: string): Promise<number> =>
  (
    await one<{ n: number }>(
      db,
      'SELECT CAST(COALESCE(SUM(size_bytes), 0) AS DOUBLE) AS n FROM find_file JOIN arrival_file ON arrival_file.id = find_file.arrival_file_id WHERE find_file.find_id = ?',
      [findId],
    )
  ).n;
