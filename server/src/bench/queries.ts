import type { AssetState } from '@haveld/contract/asset-state';
import type { Category } from '@haveld/contract/category';
import type { Answer, Finding } from '@haveld/contract/finding';
import type { Step } from '@haveld/contract/step';
import type { SizeQuestion } from '@haveld/core/placement/size/judge-size';
import { many, maybeOne, one, run, type Executor } from '../database/pool';

export interface AssetRow {
  id: string;
  accession: number;
  findId: string;
  readingId: string;
  name: string;
  category: Category | null;
  state: AssetState;
  findings: Finding[];
  licenceConfirmed: boolean;
  licenceConfirmedBy: string | null;
  currentVersionId: string | null;
  /** The asset whose place it takes. */
  standsFor: string | null;
  /** The kit it is a piece of. */
  kitId: string | null;
  kitName: string | null;
}

type StoredAsset = Omit<AssetRow, 'findings' | 'licenceConfirmed'> & { findings: string; licenceConfirmed: number };

const ASSET = `SELECT asset.id, accession, find_id AS findId, reading_id AS readingId, asset.name, category, asset.state, findings,
  licence_confirmed AS licenceConfirmed, licence_confirmed_by AS licenceConfirmedBy, current_version_id AS currentVersionId, stands_for AS standsFor,
  kit.id AS kitId, kit.name AS kitName
  FROM asset LEFT JOIN find ON find.id = asset.find_id LEFT JOIN kit ON kit.id = find.kit_id`;

const parseAsset = (row: StoredAsset): AssetRow => ({
  ...row,
  findings: JSON.parse(row.findings) as Finding[],
  licenceConfirmed: row.licenceConfirmed === 1,
});

export async function findAsset(db: Executor, id: string): Promise<AssetRow | null> {
  const row = await maybeOne<StoredAsset>(db, `${ASSET} WHERE asset.id = ?`, [id]);
  return row && parseAsset(row);
}

/** Locks the asset until the transaction ends: answers to one sheet come one after the other. */
export async function lockAsset(tx: Executor, id: string): Promise<AssetRow | null> {
  // by itself, so that its find and its kit are not locked with it
  await maybeOne(tx, 'SELECT id FROM asset WHERE id = ? FOR UPDATE', [id]);
  return findAsset(tx, id);
}

export async function listOnBench(db: Executor): Promise<AssetRow[]> {
  return (
    await many<StoredAsset>(
      db,
      `${ASSET} WHERE asset.state IN ('on-bench', 'in-review') ORDER BY accession DESC LIMIT 300`,
    )
  ).map(parseAsset);
}

export const countOnBench = async (db: Executor): Promise<number> =>
  (await one<{ n: number }>(db, "SELECT COUNT(*) AS n FROM asset WHERE state IN ('on-bench', 'in-review')")).n;

export const listAssetIdsByFind = (
  db: Executor,
): Promise<{ id: string; state: AssetState; findId: string; accession: number }[]> =>
  many(db, 'SELECT id, state, find_id AS findId, accession FROM asset');

export const findAssetOfFind = async (db: Executor, findId: string): Promise<string | null> =>
  (await maybeOne<{ id: string }>(db, 'SELECT id FROM asset WHERE find_id = ?', [findId]))?.id ?? null;

export async function insertAsset(
  tx: Executor,
  asset: {
    id: string;
    findId: string;
    readingId: string;
    name: string;
    findings: Finding[];
    sizeQuestion: SizeQuestion | null;
  },
): Promise<void> {
  await run(
    tx,
    "INSERT INTO asset (id, find_id, reading_id, name, state, findings, size_question, search_text) VALUES (?, ?, ?, ?, 'on-bench', ?, ?, '')",
    [
      asset.id,
      asset.findId,
      asset.readingId,
      asset.name,
      JSON.stringify(asset.findings),
      JSON.stringify(asset.sizeQuestion),
    ],
  );
}

export async function setFindings(
  db: Executor,
  id: string,
  { findings, sizeQuestion }: { findings: Finding[]; sizeQuestion: SizeQuestion | null },
): Promise<void> {
  await run(db, 'UPDATE asset SET findings = ?, size_question = ? WHERE id = ?', [
    JSON.stringify(findings),
    JSON.stringify(sizeQuestion),
    id,
  ]);
}

export async function setName(tx: Executor, id: string, name: string): Promise<void> {
  await run(tx, 'UPDATE asset SET name = ? WHERE id = ?', [name.slice(0, 200), id]);
}

export async function setNameAndCategory(tx: Executor, id: string, name: string, category: Category): Promise<void> {
  await run(tx, 'UPDATE asset SET name = ?, category = ? WHERE id = ?', [name, category, id]);
}

export async function setCatalogued(tx: Executor, id: string, versionId: string): Promise<void> {
  await run(
    tx,
    "UPDATE asset SET state = 'catalogued', current_version_id = ?, catalogued_at = COALESCE(catalogued_at, UTC_TIMESTAMP(3)) WHERE id = ?",
    [versionId, id],
  );
}

export async function setStandsFor(tx: Executor, id: string, standsFor: string | null): Promise<void> {
  await run(tx, 'UPDATE asset SET stands_for = ? WHERE id = ?', [standsFor, id]);
}

export async function listAnswers(db: Executor, assetId: string): Promise<Map<string, Answer>> {
  const rows = await many<{ findingKey: string; answer: string }>(
    db,
    'SELECT finding_key AS findingKey, answer FROM answer WHERE asset_id = ?',
    [assetId],
  );
  return new Map(rows.map((row) => [row.findingKey, JSON.parse(row.answer) as Answer]));
}

export async function upsertAnswer(
  tx: Executor,
  assetId: string,
  key: string,
  answer: Answer,
  personId: string,
): Promise<void> {
  await run(tx, 'REPLACE INTO answer (asset_id, finding_key, answer, person_id) VALUES (?, ?, ?, ?)', [
    assetId,
    key,
    JSON.stringify(answer),
    personId,
  ]);
}

export async function deleteAnswer(tx: Executor, assetId: string, key: string): Promise<void> {
  await run(tx, 'DELETE FROM answer WHERE asset_id = ? AND finding_key = ?', [assetId, key]);
}

export interface StepRow {
  id: string;
  findingKey: string | null;
  step: Step;
  enabled: boolean;
  personName: string;
}

export async function listSteps(db: Executor, assetId: string): Promise<StepRow[]> {
  const rows = await many<{ id: string; findingKey: string | null; step: string; enabled: number; personName: string }>(
    db,
    `SELECT treatment_step.id, finding_key AS findingKey, step, enabled, person.name AS personName FROM treatment_step
     JOIN person ON person.id = treatment_step.person_id WHERE asset_id = ? ORDER BY taken_order`,
    [assetId],
  );
  return rows.map((row) => ({ ...row, step: JSON.parse(row.step) as Step, enabled: row.enabled === 1 }));
}

export async function insertStep(
  tx: Executor,
  step: { id: string; assetId: string; findingKey: string | null; step: Step; personId: string },
): Promise<void> {
  await run(
    tx,
    'INSERT INTO treatment_step (id, asset_id, finding_key, step, enabled, person_id) VALUES (?, ?, ?, ?, TRUE, ?)',
    [step.id, step.assetId, step.findingKey, JSON.stringify(step.step), step.personId],
  );
}

export async function deleteStepsOf(tx: Executor, assetId: string, findingKey: string): Promise<void> {
  await run(tx, 'DELETE FROM treatment_step WHERE asset_id = ? AND finding_key = ?', [assetId, findingKey]);
}

export async function setStepEnabled(
  db: Executor,
  assetId: string,
  stepId: string,
  enabled: boolean,
): Promise<boolean> {
  return (
    (await run(db, 'UPDATE treatment_step SET enabled = ? WHERE id = ? AND asset_id = ?', [enabled, stepId, assetId]))
      .affected === 1
  );
}

export async function setStepSettings(tx: Executor, stepId: string, step: Step): Promise<void> {
  await run(tx, 'UPDATE treatment_step SET step = ? WHERE id = ?', [JSON.stringify(step), stepId]);
}

export interface VersionToMake {
  id: string;
  assetId: string;
  readingId: string;
  steps: Step[];
  hasSize: boolean;
  state: 'making' | 'made' | 'failed';
}

export async function getVersionToMake(db: Executor, id: string): Promise<VersionToMake | null> {
  const row = await maybeOne<{
    id: string;
    assetId: string;
    readingId: string;
    steps: string;
    hasSize: number;
    state: VersionToMake['state'];
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
): Promise<{ id: string; state: VersionToMake['state'] } | null> =>
  maybeOne(
    db,
    "SELECT id, state FROM version WHERE asset_id = ? AND reading_id = ? AND steps = ? AND code = ? AND state <> 'failed' ORDER BY number DESC LIMIT 1",
    [assetId, readingId, JSON.stringify(steps), JSON.stringify(code)],
  );

export async function insertVersion(
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
): Promise<void> {
  await run(
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
}

export async function setVersionMade(
  tx: Executor,
  id: string,
  made: {
    modelSha256: string;
    portraitSha256: string | null;
    elevationSha256: string | null;
    elevation: { width: number; height: number } | null;
    triangles: number;
    mapSide: number;
    before: unknown;
    after: unknown;
    outcomes: unknown;
    checks: unknown;
  },
): Promise<void> {
  await run(
    tx,
    `UPDATE version SET state = 'made', message = NULL, model_sha256 = ?, portrait_sha256 = ?, elevation_sha256 = ?, elevation_width = ?, elevation_height = ?,
       triangles = ?, map_side = ?, figures_before = ?, figures_after = ?, outcomes = ?, checks = ? WHERE id = ?`,
    [
      made.modelSha256,
      made.portraitSha256,
      made.elevationSha256,
      made.elevation?.width ?? null,
      made.elevation?.height ?? null,
      made.triangles,
      made.mapSide,
      JSON.stringify(made.before),
      JSON.stringify(made.after),
      JSON.stringify(made.outcomes),
      JSON.stringify(made.checks),
      id,
    ],
  );
}

export async function setVersionFailed(db: Executor, id: string, message: string): Promise<void> {
  await run(db, "UPDATE version SET state = 'failed', message = ? WHERE id = ?", [message, id]);
}

export const findLastVersion = (
  db: Executor,
  assetId: string,
): Promise<{ state: VersionToMake['state']; message: string | null } | null> =>
  maybeOne(db, 'SELECT state, message FROM version WHERE asset_id = ? ORDER BY number DESC LIMIT 1', [assetId]);

/** The pieces of a kit that have a number, in the kit's order. */
export const listAssetsOfKit = async (
  db: Executor,
  kitId: string,
): Promise<{ id: string; ownProvenance: boolean; portraitSha256: string | null }[]> =>
  (
    await many<{ id: string; ownProvenance: number; portraitSha256: string | null }>(
      db,
      `SELECT asset.id, own_provenance AS ownProvenance, reading.portrait_sha256 AS portraitSha256 FROM asset
       JOIN find ON find.id = asset.find_id JOIN reading ON reading.id = asset.reading_id WHERE find.kit_id = ? ORDER BY find.ordinal`,
      [kitId],
    )
  ).map((row) => ({ ...row, ownProvenance: row.ownProvenance === 1 }));

/** What the size of each of a kit's pieces was judged by, and how it was answered. */
export async function listSizesOfKit(
  db: Executor,
  kitId: string,
): Promise<{ id: string; question: SizeQuestion | null; answer: Answer | null }[]> {
  const rows = await many<{ id: string; question: string | null; answer: string | null }>(
    db,
    `SELECT asset.id, asset.size_question AS question, answer.answer FROM asset JOIN find ON find.id = asset.find_id
     LEFT JOIN answer ON answer.asset_id = asset.id AND answer.finding_key = 'size' WHERE find.kit_id = ? ORDER BY find.ordinal`,
    [kitId],
  );
  return rows.map(({ id, question, answer }) => ({
    id,
    question: question === null ? null : (JSON.parse(question) as SizeQuestion | null),
    answer: answer === null ? null : (JSON.parse(answer) as Answer),
  }));
}

/** For each of these finds that is a piece, its kit. */
export const listKitsOfFinds = (db: Executor): Promise<{ findId: string; kitId: string; kitName: string }[]> =>
  many(
    db,
    `SELECT find.id AS findId, kit.id AS kitId, kit.name AS kitName FROM asset JOIN find ON find.id = asset.find_id JOIN kit ON kit.id = find.kit_id
     WHERE asset.state IN ('on-bench', 'in-review')`,
  );
