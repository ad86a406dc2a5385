import type { Answer } from '@haveld/contract/finding';
import type { Step } from '@haveld/contract/step';
import type { SizeQuestion } from '@haveld/core/placement/size/judge-size';
import { type Executor } from '../database/pool';
import { groupRows } from '../database/group-rows';
import { many, manyIn, run } from '../database/statements';

export interface StepRow {
  id: string;
  findingKey: string | null;
  step: Step;
  enabled: boolean;
  personName: string;
}

/** Steps of a treatment in the order they were taken, those switched off too. */
export async function listSteps(db: Executor, assetId: string): Promise<StepRow[]> {
  const rows = await many<{ id: string; findingKey: string | null; step: string; enabled: number; personName: string }>(
    db,
    `SELECT treatment_step.id, finding_key AS findingKey, step, enabled, COALESCE(person.name, 'Haveld') AS personName FROM treatment_step
     LEFT JOIN person ON person.id = treatment_step.person_id WHERE asset_id = ? ORDER BY taken_order`,
    [assetId],
  );
  return rows.map((row) => ({ ...row, step: JSON.parse(row.step) as Step, enabled: row.enabled === 1 }));
}

/** Steps that stand under a key, in the order they were taken, each with whose it is; null for Haveld's. */
export async function listStepsUnder(
  db: Executor,
  assetId: string,
  findingKey: string,
): Promise<{ step: Step; personId: string | null; personName: string | null }[]> {
  const rows = await many<{ step: string; personId: string | null; personName: string | null }>(
    db,
    `SELECT step, person_id AS personId, person.name AS personName FROM treatment_step
     LEFT JOIN person ON person.id = treatment_step.person_id WHERE asset_id = ? AND finding_key = ? ORDER BY taken_order`,
    [assetId, findingKey],
  );
  return rows.map((row) => ({ ...row, step: JSON.parse(row.step) as Step }));
}

/** Steps of these assets that are switched on, by asset, in the order they were taken. */
export async function listEnabledSteps(
  db: Executor,
  assetIds: readonly string[],
): Promise<Map<string, Pick<StepRow, 'findingKey' | 'step'>[]>> {
  const rows = await manyIn<{ assetId: string; findingKey: string | null; step: string }>(
    db,
    assetIds,
    (places) =>
      `SELECT asset_id AS assetId, finding_key AS findingKey, step FROM treatment_step WHERE enabled AND asset_id IN (${places}) ORDER BY taken_order`,
  );
  return groupRows(
    rows.map(({ step, ...row }) => ({ ...row, step: JSON.parse(step) as Step })),
    ({ assetId }) => assetId,
  );
}

/** Adds a step, switched on. Its finding is null where a person made it by hand, its person where Haveld took it. */
export const insertStep = (
  tx: Executor,
  step: { id: string; assetId: string; findingKey: string | null; step: Step; personId: string | null },
): Promise<unknown> =>
  run(
    tx,
    'INSERT INTO treatment_step (id, asset_id, finding_key, step, enabled, person_id) VALUES (?, ?, ?, ?, TRUE, ?)',
    [step.id, step.assetId, step.findingKey, JSON.stringify(step.step), step.personId],
  );

/** Takes away the steps that came with the answer to a finding. */
export const deleteStepsOf = (tx: Executor, assetId: string, findingKey: string): Promise<unknown> =>
  run(tx, 'DELETE FROM treatment_step WHERE asset_id = ? AND finding_key = ?', [assetId, findingKey]);

/** @returns false where the asset has no such step */
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

/** Replaces what a step does; its place stays. */
export const setStepSettings = (tx: Executor, stepId: string, step: Step): Promise<unknown> =>
  run(tx, 'UPDATE treatment_step SET step = ? WHERE id = ?', [JSON.stringify(step), stepId]);

/** The pieces of a kit that have a number, in the kit's order. */
export const listAssetsOfKit = async (
  db: Executor,
  kitId: string,
): Promise<{ id: string; ownProvenance: boolean; thumbnailSha256: string | null }[]> =>
  (
    await many<{ id: string; ownProvenance: number; thumbnailSha256: string | null }>(
      db,
      `SELECT asset.id, own_provenance AS ownProvenance, reading.thumbnail_sha256 AS thumbnailSha256 FROM asset
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
