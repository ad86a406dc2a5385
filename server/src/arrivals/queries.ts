import type { Finding } from '@haveld/contract/finding';
import { SourceFactsSchema, type Figures, type LogEntry, type MapLine } from '@haveld/contract/report';
import type { RightsFinding } from '@haveld/contract/licence';
import type { StatedSize } from '@haveld/core/placement/stated-size';
import type { ReadResult } from '@haveld/engine/tasks/read-find';
import type { OpenedFile } from '@haveld/engine/tasks/open-archive';
import { insertMany, many, maybeOne, one, run, type Executor } from '../database/pool';

export interface ArrivalRow {
  id: string;
  name: string;
  state: 'receiving' | 'opening' | 'reading' | 'ready' | 'failed' | 'cancelled';
  message: string | null;
  refused: string;
  createdAt: Date;
  personName: string;
}

const ARRIVAL = `SELECT arrival.id, arrival.name, arrival.state, arrival.message, arrival.refused, arrival.created_at AS createdAt, person.name AS personName
  FROM arrival JOIN person ON person.id = arrival.person_id`;

export const listArrivals = (db: Executor, limit: number): Promise<ArrivalRow[]> =>
  many(db, `${ARRIVAL} WHERE arrival.state <> 'cancelled' ORDER BY arrival.created_at DESC, arrival.id LIMIT ?`, [
    limit,
  ]);

export const getArrival = (db: Executor, id: string): Promise<ArrivalRow | null> =>
  maybeOne(db, `${ARRIVAL} WHERE arrival.id = ?`, [id]);

export async function insertArrival(
  db: Executor,
  arrival: { id: string; name: string; refused: string[]; personId: string },
): Promise<void> {
  await run(db, "INSERT INTO arrival (id, name, state, refused, person_id) VALUES (?, ?, 'receiving', ?, ?)", [
    arrival.id,
    arrival.name,
    JSON.stringify(arrival.refused),
    arrival.personId,
  ]);
}

export async function setArrivalState(
  db: Executor,
  id: string,
  state: ArrivalRow['state'],
  message: string | null = null,
): Promise<void> {
  await run(db, 'UPDATE arrival SET state = ?, message = ? WHERE id = ?', [state, message, id]);
}

export async function setRefused(db: Executor, id: string, refused: string[]): Promise<void> {
  await run(db, 'UPDATE arrival SET refused = ? WHERE id = ?', [JSON.stringify(refused), id]);
}

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

export const listReceived = (db: Executor, arrivalId: string): Promise<ReceivedRow[]> =>
  many(db, `${RECEIVED} WHERE arrival_id = ? ORDER BY path`, [arrivalId]);

export const getReceived = (db: Executor, id: string): Promise<ReceivedRow | null> =>
  maybeOne(db, `${RECEIVED} WHERE id = ?`, [id]);

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

export async function setUploaded(db: Executor, id: string, uploadId: string): Promise<void> {
  await run(db, 'UPDATE received SET upload_id = ? WHERE id = ?', [uploadId, id]);
}

export async function setReceivedHash(db: Executor, id: string, sha256: string): Promise<void> {
  await run(db, 'UPDATE received SET sha256 = ? WHERE id = ?', [sha256, id]);
}

/** Locks the arrival, so that two last uploads do not both see the other missing. */
export async function countOutstanding(tx: Executor, arrivalId: string): Promise<number> {
  await one(tx, 'SELECT id FROM arrival WHERE id = ? FOR UPDATE', [arrivalId]);
  const { n } = await one<{ n: number }>(
    tx,
    'SELECT COUNT(*) AS n FROM received WHERE arrival_id = ? AND upload_id IS NULL AND sha256 IS NULL',
    [arrivalId],
  );
  return n;
}

export interface FileRow {
  id: number;
  path: string;
  sha256: string;
  sizeBytes: number;
  kind: string;
  format: string;
  words: string;
  width: number | null;
  height: number | null;
  asideReason: string | null;
}

const FILE = `SELECT arrival_file.id, arrival_file.path, arrival_file.sha256, arrival_file.size_bytes AS sizeBytes, arrival_file.kind, arrival_file.format,
  arrival_file.words, arrival_file.width, arrival_file.height, arrival_file.aside_reason AS asideReason FROM arrival_file`;

export const listFiles = (db: Executor, arrivalId: string): Promise<FileRow[]> =>
  many(db, `${FILE} WHERE arrival_file.arrival_id = ? ORDER BY arrival_file.id`, [arrivalId]);

export async function replaceFiles(
  tx: Executor,
  arrivalId: string,
  files: (OpenedFile & { asideReason: string | null })[],
): Promise<void> {
  await run(tx, 'DELETE FROM find WHERE arrival_id = ?', [arrivalId]);
  await run(tx, 'DELETE FROM arrival_file WHERE arrival_id = ?', [arrivalId]);
  await insertMany(
    tx,
    'arrival_file',
    ['arrival_id', 'path', 'sha256', 'size_bytes', 'kind', 'format', 'words', 'width', 'height', 'aside_reason'],
    files.map((file) => [
      arrivalId,
      file.path,
      file.sha256,
      file.sizeBytes,
      file.kind,
      file.format,
      file.words,
      file.width,
      file.height,
      file.asideReason,
    ]),
  );
}

export interface FindRow {
  id: string;
  arrivalId: string;
  name: string;
  modelPath: string;
  reason: string;
  state: 'waiting' | 'read' | 'failed' | 'on-bench' | 'set-aside';
  message: string | null;
}

const FIND = 'SELECT id, arrival_id AS arrivalId, name, model_path AS modelPath, reason, state, message FROM find';

export const listFinds = (db: Executor, arrivalId: string): Promise<FindRow[]> =>
  many(db, `${FIND} WHERE arrival_id = ? ORDER BY ordinal`, [arrivalId]);

export const getFind = (db: Executor, id: string): Promise<FindRow | null> =>
  maybeOne(db, `${FIND} WHERE id = ?`, [id]);

/** Locks the find until the transaction ends. */
export const lockFind = (tx: Executor, id: string): Promise<FindRow | null> =>
  maybeOne(tx, `${FIND} WHERE id = ? FOR UPDATE`, [id]);

export async function insertFind(
  tx: Executor,
  find: { id: string; arrivalId: string; ordinal: number; name: string; modelPath: string; reason: string },
): Promise<void> {
  await run(
    tx,
    "INSERT INTO find (id, arrival_id, ordinal, name, model_path, reason, state) VALUES (?, ?, ?, ?, ?, ?, 'waiting')",
    [find.id, find.arrivalId, find.ordinal, find.name, find.modelPath, find.reason],
  );
}

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

export const listFindFiles = (db: Executor, findId: string): Promise<(FileRow & { role: string })[]> =>
  many(
    db,
    `${FILE.replace('SELECT', 'SELECT find_file.role,')} JOIN find_file ON find_file.arrival_file_id = arrival_file.id WHERE find_file.find_id = ? ORDER BY arrival_file.id`,
    [findId],
  );

export const listFindLinks = (db: Executor, arrivalId: string): Promise<{ findId: string; fileId: number }[]> =>
  many(
    db,
    'SELECT find_id AS findId, arrival_file_id AS fileId FROM find_file JOIN find ON find.id = find_file.find_id WHERE find.arrival_id = ?',
    [arrivalId],
  );

export async function setFindState(
  db: Executor,
  id: string,
  state: FindRow['state'],
  message: string | null = null,
): Promise<void> {
  await run(db, 'UPDATE find SET state = ?, message = ? WHERE id = ?', [state, message, id]);
}

export const countUnread = async (db: Executor, arrivalId: string): Promise<number> =>
  (
    await one<{ n: number }>(db, "SELECT COUNT(*) AS n FROM find WHERE arrival_id = ? AND state = 'waiting'", [
      arrivalId,
    ])
  ).n;

export const countWaitingFinds = async (db: Executor): Promise<number> =>
  (await one<{ n: number }>(db, "SELECT COUNT(*) AS n FROM find WHERE state IN ('read', 'failed')")).n;

export interface ReadingRow {
  id: string;
  findId: string;
  documentSha256: string;
  portraitSha256: string | null;
  source: ReadResult['source'];
  log: LogEntry[];
  rights: RightsFinding;
  stated: StatedSize[];
  findings: Finding[];
  figures: Figures;
  maps: MapLine[];
}

type StoredReading = Pick<ReadingRow, 'id' | 'findId' | 'documentSha256' | 'portraitSha256'> &
  Record<'source' | 'log' | 'rights' | 'stated' | 'findings' | 'figures' | 'maps', string>;

const READING = `SELECT reading.id, find_id AS findId, document_sha256 AS documentSha256, portrait_sha256 AS portraitSha256, source, log, rights, stated, findings, figures, maps FROM reading`;

function parseReading({ source, log, rights, stated, findings, figures, maps, ...row }: StoredReading): ReadingRow {
  return {
    ...row,
    // readings made before a field was known go without it
    source: SourceFactsSchema.parse(JSON.parse(source)),
    log: JSON.parse(log) as LogEntry[],
    rights: JSON.parse(rights) as RightsFinding,
    stated: JSON.parse(stated) as StatedSize[],
    findings: JSON.parse(findings) as Finding[],
    figures: JSON.parse(figures) as Figures,
    maps: JSON.parse(maps) as MapLine[],
  };
}

export const listReadings = async (db: Executor, arrivalId: string): Promise<ReadingRow[]> =>
  (
    await many<StoredReading>(db, `${READING} JOIN find ON find.id = reading.find_id WHERE find.arrival_id = ?`, [
      arrivalId,
    ])
  ).map(parseReading);

export async function getReading(db: Executor, id: string): Promise<ReadingRow> {
  return parseReading(await one<StoredReading>(db, `${READING} WHERE reading.id = ?`, [id]));
}

export async function findReadingOf(db: Executor, findId: string): Promise<ReadingRow | null> {
  const [row] = await many<StoredReading>(db, `${READING} WHERE find_id = ? ORDER BY reader_version DESC LIMIT 1`, [
    findId,
  ]);
  return row ? parseReading(row) : null;
}

/** A second run of the same reader replaces the first: its bytes are the same. */
export async function upsertReading(db: Executor, reading: ReadingRow, readerVersion: number): Promise<void> {
  const json = [
    reading.source,
    reading.log,
    reading.rights,
    reading.stated,
    reading.findings,
    reading.figures,
    reading.maps,
  ].map((value) => JSON.stringify(value));
  await run(
    db,
    `INSERT INTO reading (id, find_id, reader_version, document_sha256, portrait_sha256, source, log, rights, stated, findings, figures, maps)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
     ON DUPLICATE KEY UPDATE document_sha256 = VALUES(document_sha256), portrait_sha256 = VALUES(portrait_sha256), source = VALUES(source), log = VALUES(log),
       rights = VALUES(rights), stated = VALUES(stated), findings = VALUES(findings), figures = VALUES(figures), maps = VALUES(maps)`,
    [reading.id, reading.findId, readerVersion, reading.documentSha256, reading.portraitSha256, ...json],
  );
}
