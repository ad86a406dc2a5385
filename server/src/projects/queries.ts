import type { NewProject } from '@haveld/contract/api/projects';
import type { MapFile, HandOverFormat } from '@haveld/contract/hand-over-shape';
import { IntendedUseSchema, type IntendedUse, type Verdict } from '@haveld/contract/licence';
import type { CheckLine } from '@haveld/contract/report';
import type { Credit } from '@haveld/core/rights/credits';
import { type Executor } from '../database/pool';
import { many, maybeOne, one, run } from '../database/statements';

export interface ProjectRow {
  id: string;
  name: string;
  purpose: string;
  use: IntendedUse;
  uses: number;
  live: boolean;
  reopenings: number;
  newer: number;
  createdAt: Date;
}

interface StoredProject {
  id: string;
  name: string;
  purpose: string;
  intendedUse: string;
  endedAt: Date | null;
  uses: number;
  reopenings: number;
  newer: number;
  createdAt: Date;
}

/** What could not be packed was not taken; what was left stays so until there is a later one. */
const NEWER = `SELECT COUNT(DISTINCT hand_over.asset_id) FROM hand_over JOIN asset ON asset.id = hand_over.asset_id
  JOIN version AS newest ON newest.id = asset.current_version_id
  WHERE hand_over.project_id = project.id AND hand_over.state <> 'failed' AND NOT EXISTS (
    SELECT 1 FROM hand_over AS other JOIN version AS had ON had.id = other.version_id
    WHERE other.project_id = hand_over.project_id AND other.asset_id = hand_over.asset_id AND other.state <> 'failed'
      AND GREATEST(had.number, COALESCE(other.stays_until, 0)) >= newest.number)`;

const PROJECT = `SELECT id, name, purpose, intended_use AS intendedUse, ended_at AS endedAt, created_at AS createdAt,
  (SELECT COUNT(DISTINCT asset_id) FROM hand_over WHERE hand_over.project_id = project.id AND hand_over.state <> 'failed') AS uses,
  (SELECT COUNT(*) FROM project_reopening WHERE project_reopening.project_id = project.id AND settled_at IS NULL) AS reopenings,
  (${NEWER}) AS newer FROM project`;

const parse = ({ intendedUse, endedAt, ...row }: StoredProject): ProjectRow => ({
  ...row,
  use: IntendedUseSchema.parse(JSON.parse(intendedUse)),
  live: endedAt === null,
});

/** Live ones first, the newest before the others, at most 500. */
export const listProjects = async (db: Executor): Promise<ProjectRow[]> =>
  (await many<StoredProject>(db, `${PROJECT} ORDER BY ended_at IS NOT NULL, created_at DESC, name LIMIT 500`)).map(
    parse,
  );

/** @returns a project, or null */
export async function findProject(db: Executor, id: string): Promise<ProjectRow | null> {
  const row = await maybeOne<StoredProject>(db, `${PROJECT} WHERE id = ?`, [id]);
  return row && parse(row);
}

/** Locks a project until the transaction ends. */
export const lockProject = (tx: Executor, id: string): Promise<unknown> =>
  many(tx, 'SELECT id FROM project WHERE id = ? FOR UPDATE', [id]);

/** How many projects are live. */
export const countProjects = async (db: Executor): Promise<number> =>
  (await one<{ n: number }>(db, 'SELECT COUNT(*) AS n FROM project WHERE ended_at IS NULL')).n;

/** Opens a project. */
export const insertProject = (
  db: Executor,
  { id, name, purpose, use }: NewProject & { id: string },
): Promise<unknown> =>
  run(db, 'INSERT INTO project (id, name, purpose, intended_use) VALUES (?, ?, ?, ?)', [
    id,
    name,
    purpose,
    JSON.stringify(use),
  ]);

/** Changes what a project is for. The day it ended is kept. */
export const updateProject = (
  db: Executor,
  { id, name, purpose, use, live }: NewProject & { id: string; live: boolean },
): Promise<unknown> =>
  run(
    db,
    'UPDATE project SET name = ?, purpose = ?, intended_use = ?, ended_at = IF(?, NULL, COALESCE(ended_at, UTC_TIMESTAMP(3))) WHERE id = ?',
    [name, purpose, JSON.stringify(use), live, id],
  );

export interface HandOverRow {
  id: string;
  projectId: string;
  projectName: string;
  assetId: string;
  versionId: string;
  versionNumber: number;
  format: HandOverFormat;
  maps: MapFile;
  state: 'packing' | 'packed' | 'failed';
  message: string | null;
  /** As they were when it was taken; what is shown and what goes into the zip are made of them. */
  credits: Credit[];
  verdict: Verdict;
  zipSha256: string | null;
  sizeBytes: number | null;
  staysUntil: number | null;
  checks: CheckLine[];
  personName: string;
  createdAt: Date;
}

type StoredHandOver = Omit<HandOverRow, 'credits' | 'verdict' | 'checks'> & {
  credits: string;
  verdict: string;
  checks: string | null;
};

const HAND_OVER = `SELECT hand_over.id, hand_over.project_id AS projectId, project.name AS projectName, hand_over.asset_id AS assetId, hand_over.version_id AS versionId,
  version.number AS versionNumber, hand_over.format, hand_over.maps, hand_over.state, hand_over.message, hand_over.credits, hand_over.verdict, hand_over.zip_sha256 AS zipSha256,
  hand_over.size_bytes AS sizeBytes, hand_over.stays_until AS staysUntil, hand_over.checks, person.name AS personName, hand_over.created_at AS createdAt
  FROM hand_over JOIN project ON project.id = hand_over.project_id JOIN version ON version.id = hand_over.version_id JOIN person ON person.id = hand_over.person_id`;

function parseHandOver<R extends { credits: string; verdict: string; checks: string | null }>(
  row: R,
): Omit<R, 'credits' | 'verdict' | 'checks'> & Pick<HandOverRow, 'credits' | 'verdict' | 'checks'> {
  return {
    ...row,
    credits: JSON.parse(row.credits) as Credit[],
    verdict: JSON.parse(row.verdict) as Verdict,
    checks: row.checks === null ? [] : (JSON.parse(row.checks) as CheckLine[]),
  };
}

/** A use with what its line shows of the asset. */
export type ProjectUseRow = HandOverRow & {
  accession: number;
  /** Number of the version the catalogue holds now. */
  currentNumber: number | null;
  assetName: string;
  thumbnailSha256: string | null;
  receivedBytes: number;
};

/** A project stays with what it has of an asset until there is a later version than this one. @returns false where it holds none */
export const setStaysUntil = async (
  tx: Executor,
  projectId: string,
  assetId: string,
  number: number,
): Promise<boolean> =>
  (
    await run(tx, "UPDATE hand_over SET stays_until = ? WHERE project_id = ? AND asset_id = ? AND state <> 'failed'", [
      number,
      projectId,
      assetId,
    ])
  ).affected > 0;

/** Newest first, at most 500: one statement however many there are. */
export const listOfProject = async (db: Executor, projectId: string): Promise<ProjectUseRow[]> =>
  (
    await many<Omit<ProjectUseRow, keyof StoredHandOver> & StoredHandOver>(
      db,
      `${HAND_OVER.replace(
        ' FROM hand_over',
        `, asset.accession, (SELECT number FROM version AS now WHERE now.id = asset.current_version_id) AS currentNumber, asset.name AS assetName, version.thumbnail_sha256 AS thumbnailSha256,
         (SELECT CAST(COALESCE(SUM(arrival_file.size_bytes), 0) AS DOUBLE) FROM find_file JOIN arrival_file ON arrival_file.id = find_file.arrival_file_id WHERE find_file.find_id = asset.find_id) AS receivedBytes
         FROM hand_over JOIN asset ON asset.id = hand_over.asset_id`,
      )} WHERE hand_over.project_id = ? ORDER BY hand_over.created_at DESC, hand_over.id LIMIT 500`,
      [projectId],
    )
  ).map(parseHandOver);

/** Uses of an asset, the newest first, at most 200. */
export const listOfAsset = async (db: Executor, assetId: string): Promise<HandOverRow[]> =>
  (
    await many<StoredHandOver>(
      db,
      `${HAND_OVER} WHERE hand_over.asset_id = ? ORDER BY hand_over.created_at DESC, hand_over.id LIMIT 200`,
      [assetId],
    )
  ).map(parseHandOver);

/** @returns a use, or null */
export async function findHandOver(db: Executor, id: string): Promise<HandOverRow | null> {
  const row = await maybeOne<StoredHandOver>(db, `${HAND_OVER} WHERE hand_over.id = ?`, [id]);
  return row && parseHandOver(row);
}

/** Writes a use down, pinned to a version; it waits to be packed. */
export const insertHandOver = (
  tx: Executor,
  row: {
    id: string;
    projectId: string;
    assetId: string;
    versionId: string;
    format: HandOverFormat;
    maps: MapFile;
    credits: readonly Credit[];
    verdict: Verdict;
    personId: string;
  },
): Promise<unknown> =>
  run(
    tx,
    "INSERT INTO hand_over (id, project_id, asset_id, version_id, format, maps, state, credits, verdict, person_id) VALUES (?, ?, ?, ?, ?, ?, 'packing', ?, ?, ?)",
    [
      row.id,
      row.projectId,
      row.assetId,
      row.versionId,
      row.format,
      row.maps,
      JSON.stringify(row.credits),
      JSON.stringify(row.verdict),
      row.personId,
    ],
  );

/** A use is packed: its zip, and what reading it back found. */
export const setPacked = (
  db: Executor,
  id: string,
  packed: { zipSha256: string; sizeBytes: number; checks: CheckLine[] },
): Promise<unknown> =>
  run(
    db,
    "UPDATE hand_over SET state = 'packed', message = NULL, zip_sha256 = ?, size_bytes = ?, checks = ? WHERE id = ?",
    [packed.zipSha256, packed.sizeBytes, JSON.stringify(packed.checks), id],
  );

/** A use could not be packed, and why. */
export const setPackingFailed = (db: Executor, id: string, message: string): Promise<unknown> =>
  run(db, "UPDATE hand_over SET state = 'failed', message = ? WHERE id = ?", [message, id]);
