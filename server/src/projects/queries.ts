import type { Verdict } from '@haveld/contract/licence';
import type { CheckLine } from '@haveld/contract/report';
import { many, maybeOne, one, run, type Executor } from '../database/pool';

export interface ProjectRow {
  id: string;
  name: string;
  purpose: string;
  commercial: boolean;
  uses: number;
  createdAt: Date;
}

type StoredProject = Omit<ProjectRow, 'commercial'> & { commercial: number };

const PROJECT = `SELECT id, name, purpose, commercial, created_at AS createdAt,
  (SELECT COUNT(DISTINCT asset_id) FROM hand_over WHERE hand_over.project_id = project.id AND hand_over.state <> 'failed') AS uses FROM project`;

const parse = (row: StoredProject): ProjectRow => ({ ...row, commercial: row.commercial === 1 });

export const listProjects = async (db: Executor): Promise<ProjectRow[]> =>
  (await many<StoredProject>(db, `${PROJECT} ORDER BY created_at DESC, name LIMIT 500`)).map(parse);

export async function findProject(db: Executor, id: string): Promise<ProjectRow | null> {
  const row = await maybeOne<StoredProject>(db, `${PROJECT} WHERE id = ?`, [id]);
  return row && parse(row);
}

export const countProjects = async (db: Executor): Promise<number> =>
  (await one<{ n: number }>(db, 'SELECT COUNT(*) AS n FROM project')).n;

export async function insertProject(
  db: Executor,
  project: { id: string; name: string; purpose: string; commercial: boolean },
): Promise<void> {
  await run(db, 'INSERT INTO project (id, name, purpose, commercial) VALUES (?, ?, ?, ?)', [
    project.id,
    project.name,
    project.purpose,
    project.commercial,
  ]);
}

export interface HandOverRow {
  id: string;
  projectId: string;
  projectName: string;
  assetId: string;
  versionId: string;
  versionNumber: number;
  format: 'glb' | 'obj';
  state: 'packing' | 'packed' | 'failed';
  message: string | null;
  credit: string;
  verdict: Verdict;
  zipSha256: string | null;
  sizeBytes: number | null;
  checks: CheckLine[];
  personName: string;
  createdAt: Date;
}

type StoredHandOver = Omit<HandOverRow, 'verdict' | 'checks'> & { verdict: string; checks: string | null };

const HAND_OVER = `SELECT hand_over.id, hand_over.project_id AS projectId, project.name AS projectName, hand_over.asset_id AS assetId, hand_over.version_id AS versionId,
  version.number AS versionNumber, hand_over.format, hand_over.state, hand_over.message, hand_over.credit, hand_over.verdict, hand_over.zip_sha256 AS zipSha256,
  hand_over.size_bytes AS sizeBytes, hand_over.checks, person.name AS personName, hand_over.created_at AS createdAt
  FROM hand_over JOIN project ON project.id = hand_over.project_id JOIN version ON version.id = hand_over.version_id JOIN person ON person.id = hand_over.person_id`;

const parseHandOver = (row: StoredHandOver): HandOverRow => ({
  ...row,
  verdict: JSON.parse(row.verdict) as Verdict,
  checks: row.checks === null ? [] : (JSON.parse(row.checks) as CheckLine[]),
});

export const listOfProject = async (db: Executor, projectId: string): Promise<HandOverRow[]> =>
  (
    await many<StoredHandOver>(
      db,
      `${HAND_OVER} WHERE hand_over.project_id = ? ORDER BY hand_over.created_at DESC, hand_over.id LIMIT 500`,
      [projectId],
    )
  ).map(parseHandOver);

export const listOfAsset = async (db: Executor, assetId: string): Promise<HandOverRow[]> =>
  (
    await many<StoredHandOver>(
      db,
      `${HAND_OVER} WHERE hand_over.asset_id = ? ORDER BY hand_over.created_at DESC, hand_over.id LIMIT 200`,
      [assetId],
    )
  ).map(parseHandOver);

export async function findHandOver(db: Executor, id: string): Promise<HandOverRow | null> {
  const row = await maybeOne<StoredHandOver>(db, `${HAND_OVER} WHERE hand_over.id = ?`, [id]);
  return row && parseHandOver(row);
}

export async function insertHandOver(
  tx: Executor,
  row: {
    id: string;
    projectId: string;
    assetId: string;
    versionId: string;
    format: string;
    credit: string;
    verdict: Verdict;
    personId: string;
  },
): Promise<void> {
  await run(
    tx,
    "INSERT INTO hand_over (id, project_id, asset_id, version_id, format, state, credit, verdict, person_id) VALUES (?, ?, ?, ?, ?, 'packing', ?, ?, ?)",
    [
      row.id,
      row.projectId,
      row.assetId,
      row.versionId,
      row.format,
      row.credit,
      JSON.stringify(row.verdict),
      row.personId,
    ],
  );
}

export async function setPacked(
  db: Executor,
  id: string,
  packed: { zipSha256: string; sizeBytes: number; checks: CheckLine[] },
): Promise<void> {
  await run(
    db,
    "UPDATE hand_over SET state = 'packed', message = NULL, zip_sha256 = ?, size_bytes = ?, checks = ? WHERE id = ?",
    [packed.zipSha256, packed.sizeBytes, JSON.stringify(packed.checks), id],
  );
}

export async function setPackingFailed(db: Executor, id: string, message: string): Promise<void> {
  await run(db, "UPDATE hand_over SET state = 'failed', message = ? WHERE id = ?", [message, id]);
}
