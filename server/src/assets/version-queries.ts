import type { StepOutcome, Figures, CheckLine } from '@haveld/contract/report';
import type { Step } from '@haveld/contract/step';
import type { Executor } from '../database/pool';
import { run, maybeOne, many, placesFor, manyIn } from '../database/statements';

const SET_CATALOGUED =
  "UPDATE asset SET state = 'catalogued', current_version_id = ?, catalogued_at = COALESCE(catalogued_at, UTC_TIMESTAMP(3)) WHERE id = ?";

/** An asset stands in the catalogue with this version; the day of its first is kept. */
export const setCatalogued = (tx: Executor, id: string, versionId: string): Promise<unknown> =>
  run(tx, SET_CATALOGUED, [versionId, id]);

/** A version that is made becomes the current one, unless a later one is already. */
export const setCataloguedIfLater = (tx: Executor, id: string, versionId: string): Promise<unknown> =>
  run(
    tx,
    `${SET_CATALOGUED}
     AND COALESCE((SELECT number FROM version WHERE version.id = asset.current_version_id), 0) <= (SELECT number FROM version WHERE version.id = ?)`,
    [versionId, id, versionId],
  );

export type VersionState = 'making' | 'made' | 'failed';

export interface VersionToMake {
  id: string;
  assetId: string;
  readingId: string;
  steps: Step[];
  hasSize: boolean;
  state: VersionState;
}

/** @returns what a version is made of, or null */
export async function getVersionToMake(db: Executor, id: string): Promise<VersionToMake | null> {
  const row = await maybeOne<{
    id: string;
    assetId: string;
    readingId: string;
    steps: string;
    hasSize: number;
    state: VersionState;
  }>(
    db,
    'SELECT id, asset_id AS assetId, reading_id AS readingId, steps, has_size AS hasSize, state FROM version WHERE id = ?',
    [id],
  );
  return row && { ...row, steps: JSON.parse(row.steps) as Step[], hasSize: row.hasSize === 1 };
}

/** The latest version of the same reading, steps and code, made or in the making. */
export const findSameVersion = (
  db: Executor,
  assetId: string,
  readingId: string,
  steps: Step[],
  code: string[],
): Promise<{ id: string; state: VersionState } | null> =>
  maybeOne(
    db,
    "SELECT id, state FROM version WHERE asset_id = ? AND reading_id = ? AND steps = ? AND code = ? AND state <> 'failed' ORDER BY number DESC LIMIT 1",
    [assetId, readingId, JSON.stringify(steps), JSON.stringify(code)],
  );

/** Begins a version under the next number of its asset. */
export const insertVersion = (
  tx: Executor,
  version: {
    id: string;
    assetId: string;
    readingId: string;
    steps: Step[];
    code: string[];
    hasSize: boolean;
    personId: string;
  },
): Promise<unknown> =>
  run(
    tx,
    `INSERT INTO version (id, asset_id, number, reading_id, steps, code, state, has_size, person_id)
     SELECT ?, ?, COALESCE(MAX(number), 0) + 1, ?, ?, ?, 'making', ?, ? FROM version WHERE asset_id = ?`,
    [
      version.id,
      version.assetId,
      version.readingId,
      JSON.stringify(version.steps),
      JSON.stringify(version.code),
      version.hasSize,
      version.personId,
      version.assetId,
    ],
  );

/** A version is there: its bytes, its pictures, its figures and what was checked. */
export const setVersionMade = (
  tx: Executor,
  id: string,
  made: {
    modelSha256: string;
    thumbnailSha256: string | null;
    orthographicSha256: string | null;
    orthographic: { width: number; height: number } | null;
    triangles: number;
    mapSide: number;
    before: unknown;
    after: unknown;
    outcomes: unknown;
    checks: unknown;
  },
): Promise<unknown> =>
  run(
    tx,
    `UPDATE version SET state = 'made', message = NULL, model_sha256 = ?, thumbnail_sha256 = ?, orthographic_sha256 = ?, orthographic_width = ?, orthographic_height = ?,
       triangles = ?, map_side = ?, figures_before = ?, figures_after = ?, outcomes = ?, checks = ? WHERE id = ?`,
    [
      made.modelSha256,
      made.thumbnailSha256,
      made.orthographicSha256,
      made.orthographic?.width ?? null,
      made.orthographic?.height ?? null,
      made.triangles,
      made.mapSide,
      JSON.stringify(made.before),
      JSON.stringify(made.after),
      JSON.stringify(made.outcomes),
      JSON.stringify(made.checks),
      id,
    ],
  );

/** A version could not be made, and why. */
export const setVersionFailed = (db: Executor, id: string, message: string): Promise<unknown> =>
  run(db, "UPDATE version SET state = 'failed', message = ? WHERE id = ?", [message, id]);

/** The latest version of each of these assets that has one. */
export const listLastVersions = async (
  db: Executor,
  assetIds: readonly string[],
): Promise<Map<string, { state: VersionState; message: string | null }>> =>
  new Map(
    (
      await manyIn<{ assetId: string; state: VersionState; message: string | null }>(
        db,
        assetIds,
        (places) => `SELECT version.asset_id AS assetId, state, message FROM version
           JOIN (SELECT asset_id, MAX(number) AS number FROM version WHERE asset_id IN (${places}) GROUP BY asset_id) AS last
             ON last.asset_id = version.asset_id AND last.number = version.number`,
      )
    ).map(({ assetId, ...version }) => [assetId, version]),
  );

/** @returns the latest version of an asset, or null before the first */
export const findLastVersion = async (
  db: Executor,
  assetId: string,
): Promise<{ state: VersionState; message: string | null } | null> =>
  (await listLastVersions(db, [assetId])).get(assetId) ?? null;

/** The steps of the version each of these stands with in the catalogue. */
export async function listCurrentSteps(db: Executor, ids: readonly string[]): Promise<Map<string, Step[]>> {
  const rows = await many<{ id: string; steps: string }>(
    db,
    `SELECT asset.id, version.steps FROM asset JOIN version ON version.id = asset.current_version_id WHERE asset.id IN (${placesFor(ids)})`,
    [...ids],
  );
  return new Map(rows.map(({ id, steps }) => [id, JSON.parse(steps) as Step[]]));
}

export interface VersionRow {
  id: string;
  number: number;
  state: VersionState;
  message: string | null;
  createdAt: Date;
  personName: string;
  modelSha256: string | null;
  thumbnailSha256: string | null;
  steps: Step[];
  code: string[];
  outcomes: StepOutcome[];
  before: Figures | null;
  after: Figures | null;
  checks: CheckLine[];
}

type StoredVersion = Omit<VersionRow, 'steps' | 'code' | 'outcomes' | 'before' | 'after' | 'checks'> &
  Record<'steps' | 'code', string> &
  Record<'outcomes' | 'before' | 'after' | 'checks', string | null>;

/** The newest first, at most 50. */
export async function listVersions(db: Executor, assetId: string): Promise<VersionRow[]> {
  const rows = await many<StoredVersion>(
    db,
    `SELECT version.id, number, state, message, version.created_at AS createdAt, person.name AS personName, model_sha256 AS modelSha256, thumbnail_sha256 AS thumbnailSha256,
       steps, code, outcomes, figures_before AS \`before\`, figures_after AS \`after\`, checks
     FROM version JOIN person ON person.id = version.person_id WHERE asset_id = ? ORDER BY number DESC LIMIT 50`,
    [assetId],
  );
  const parse = <T>(text: string | null, empty: T): T => (text === null ? empty : (JSON.parse(text) as T));
  return rows.map((row) => ({
    ...row,
    steps: JSON.parse(row.steps) as Step[],
    code: JSON.parse(row.code) as string[],
    outcomes: parse<StepOutcome[]>(row.outcomes, []),
    before: parse<Figures | null>(row.before, null),
    after: parse<Figures | null>(row.after, null),
    checks: parse<CheckLine[]>(row.checks, []),
  }));
}
