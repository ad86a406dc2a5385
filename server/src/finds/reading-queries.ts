import type { Finding } from '@haveld/contract/finding';
import { RightsFindingSchema, type Provenance, type RightsFinding } from '@haveld/contract/licence';
import {
  MapLineSchema,
  SourceFactsSchema,
  type Figures,
  type LogEntry,
  type MapLine,
  type UnusedMap,
} from '@haveld/contract/report';
import type { SizeQuestion } from '@haveld/core/placement/size/judge-size';
import type { StatedSize } from '@haveld/core/placement/size/stated-size';
import type { ReadResult } from '@haveld/engine/tasks/read-find';
import { type Executor } from '../database/pool';
import { many, manyIn, one, run } from '../database/statements';

export interface ReadingRow {
  id: string;
  findId: string;
  documentSha256: string;
  thumbnailSha256: string | null;
  source: ReadResult['source'];
  log: LogEntry[];
  rights: RightsFinding;
  /** What the evidence proposes of whose it is; the house rules may know more of its source. */
  proposed: Provenance;
  stated: StatedSize[];
  findings: Finding[];
  /** What its size was judged by; null without extent, and in readings made before it was kept. */
  sizeQuestion: SizeQuestion | null;
  figures: Figures;
  maps: MapLine[];
  unused: UnusedMap[];
}

type StoredReading = Pick<ReadingRow, 'id' | 'findId' | 'documentSha256' | 'thumbnailSha256'> &
  Record<'source' | 'log' | 'rights' | 'proposed' | 'stated' | 'findings' | 'figures' | 'maps', string> & {
    unused: string | null;
    sizeQuestion: string | null;
  };

const READING = `SELECT reading.id, find_id AS findId, document_sha256 AS documentSha256, thumbnail_sha256 AS thumbnailSha256, source, log, rights, proposed, stated, findings, size_question AS sizeQuestion, figures, maps, unused_maps AS unused FROM reading`;

function parseReading({
  source,
  log,
  rights,
  proposed,
  stated,
  findings,
  sizeQuestion,
  figures,
  maps,
  unused,
  ...row
}: StoredReading): ReadingRow {
  return {
    ...row,
    // readings made before a field was known go without it
    source: SourceFactsSchema.parse(JSON.parse(source)),
    log: JSON.parse(log) as LogEntry[],
    rights: RightsFindingSchema.parse(JSON.parse(rights)),
    proposed: JSON.parse(proposed) as Provenance,
    stated: JSON.parse(stated) as StatedSize[],
    findings: JSON.parse(findings) as Finding[],
    sizeQuestion: sizeQuestion === null ? null : (JSON.parse(sizeQuestion) as SizeQuestion | null),
    figures: JSON.parse(figures) as Figures,
    maps: MapLineSchema.array().parse(JSON.parse(maps)),
    unused: unused === null ? [] : (JSON.parse(unused) as UnusedMap[]),
  };
}

/** Readings of these finds, of those that have one. */
export const listReadingsOf = async (db: Executor, findIds: readonly string[]): Promise<ReadingRow[]> =>
  (await manyIn<StoredReading>(db, findIds, (places) => `${READING} WHERE reading.find_id IN (${places})`)).map(
    parseReading,
  );

/** @throws {Error} where there is none */
export async function getReading(db: Executor, id: string): Promise<ReadingRow> {
  return parseReading(await one<StoredReading>(db, `${READING} WHERE reading.id = ?`, [id]));
}

/** The reading of the newest reader, or null before the first. */
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
    reading.proposed,
    reading.stated,
    reading.findings,
    reading.sizeQuestion,
    reading.figures,
    reading.maps,
    reading.unused,
  ].map((value) => JSON.stringify(value));
  await run(
    db,
    `INSERT INTO reading (id, find_id, reader_version, document_sha256, thumbnail_sha256, source, log, rights, proposed, stated, findings, size_question, figures, maps, unused_maps)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
     ON DUPLICATE KEY UPDATE document_sha256 = VALUES(document_sha256), thumbnail_sha256 = VALUES(thumbnail_sha256), source = VALUES(source), log = VALUES(log),
       rights = VALUES(rights), proposed = VALUES(proposed), stated = VALUES(stated), findings = VALUES(findings), size_question = VALUES(size_question), figures = VALUES(figures), maps = VALUES(maps), unused_maps = VALUES(unused_maps)`,
    [reading.id, reading.findId, readerVersion, reading.documentSha256, reading.thumbnailSha256, ...json],
  );
}

/** What maps are, seen anew; the document and what was read stay. */
export const setReadingMaps = (
  db: Executor,
  id: string,
  maps: readonly MapLine[],
  unused: readonly UnusedMap[],
): Promise<unknown> =>
  run(db, 'UPDATE reading SET maps = ?, unused_maps = ? WHERE id = ?', [
    JSON.stringify(maps),
    JSON.stringify(unused),
    id,
  ]);
