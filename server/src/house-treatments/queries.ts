import type { HouseTreatment, HouseTreatmentRule } from '@haveld/contract/house-treatment';
import type { TRIAL_STATES } from '@haveld/contract/api/house-treatments';
import type { Executor } from '../database/pool';
import { insertMany, many, manyIn, maybeOne, run } from '../database/statements';
import type { Plan } from './plan';

export interface TreatmentRow extends HouseTreatment {
  id: string;
  number: number;
  personName: string;
  changedAt: Date;
  assets: number;
  older: number;
  trialId: string | null;
}

type Stored<T extends { rules: HouseTreatmentRule[] }> = Omit<T, 'rules'> & { rules: string };

const parse = <T extends { rules: string }>(row: T): Omit<T, 'rules'> & { rules: HouseTreatmentRule[] } => ({
  ...row,
  rules: JSON.parse(row.rules) as HouseTreatmentRule[],
});

/** By name, each with how many assets have it and the latest trial run a person began. */
export const listTreatments = async (db: Executor): Promise<TreatmentRow[]> =>
  (
    await many<Stored<TreatmentRow>>(
      db,
      `SELECT house_treatment.id, house_treatment.name, number, rules, person.name AS personName, changed_at AS changedAt,
         (SELECT COUNT(*) FROM asset_house_treatment AS held WHERE held.treatment_id = house_treatment.id) AS assets,
         (SELECT COUNT(*) FROM asset_house_treatment AS held WHERE held.treatment_id = house_treatment.id AND held.number < house_treatment.number) AS older,
         (SELECT trial.id FROM house_trial AS trial WHERE trial.treatment_id = house_treatment.id AND trial.person_id IS NOT NULL
          ORDER BY trial.started_at DESC LIMIT 1) AS trialId
       FROM house_treatment JOIN person ON person.id = house_treatment.person_id ORDER BY house_treatment.name, house_treatment.id`,
    )
  ).map(parse);

/** Locks a treatment until the transaction ends. @returns null where there is none */
export async function lockTreatment(
  tx: Executor,
  id: string,
): Promise<(HouseTreatment & { number: number; personId: string; personName: string }) | null> {
  const row = await maybeOne<Stored<HouseTreatment & { number: number; personId: string; personName: string }>>(
    tx,
    `SELECT house_treatment.name, number, rules, person.id AS personId, person.name AS personName
     FROM house_treatment JOIN person ON person.id = house_treatment.person_id WHERE house_treatment.id = ? FOR UPDATE`,
    [id],
  );
  return row && parse(row);
}

/** Keeps a treatment, new or changed. */
export const upsertTreatment = (
  tx: Executor,
  id: string,
  { name, rules }: HouseTreatment,
  number: number,
  personId: string,
): Promise<unknown> =>
  run(
    tx,
    `INSERT INTO house_treatment (id, name, number, rules, person_id) VALUES (?, ?, ?, ?, ?)
     ON DUPLICATE KEY UPDATE name = VALUES(name), number = VALUES(number), rules = VALUES(rules), person_id = VALUES(person_id), changed_at = UTC_TIMESTAMP(3)`,
    [id, name, number, JSON.stringify(rules), personId],
  );

/** @returns false where there is no such treatment */
export const deleteTreatment = async (db: Executor, id: string): Promise<boolean> =>
  (await run(db, 'DELETE FROM house_treatment WHERE id = ?', [id])).affected === 1;

/** Ids of assets a treatment is tried on, those of the library in the order of their numbers. */
export const listAssetsToTry = async (
  db: Executor,
  on: { kind: 'bench' | 'catalogue' } | { kind: 'kit' | 'project' | 'older'; id: string },
  most: number,
): Promise<string[]> => {
  const [where, values] = WHERE[on.kind]('id' in on ? on.id : '');
  const rows = await many<{ id: string }>(
    db,
    `SELECT asset.id FROM asset ${where} ORDER BY asset.accession LIMIT ${most}`,
    values,
  );
  return rows.map(({ id }) => id);
};

const WHERE: Record<'bench' | 'catalogue' | 'kit' | 'project' | 'older', (id: string) => [string, string[]]> = {
  bench: () => ["WHERE asset.state = 'on-bench'", []],
  catalogue: () => ["WHERE asset.state = 'catalogued'", []],
  kit: (id) => ['JOIN find ON find.id = asset.find_id WHERE find.kit_id = ?', [id]],
  project: (id) => ['WHERE asset.id IN (SELECT asset_id FROM hand_over WHERE project_id = ?)', [id]],
  older: (id) => [
    `JOIN asset_house_treatment AS held ON held.asset_id = asset.id JOIN house_treatment ON house_treatment.id = held.treatment_id
     WHERE held.treatment_id = ? AND held.number < house_treatment.number`,
    [id],
  ],
};

export interface NewTrial {
  id: string;
  treatmentId: string;
  number: number;
  rules: HouseTreatmentRule[];
  /** Null on arrival. */
  personId: string | null;
}

/** Begins a trial run. */
export async function insertTrial(
  tx: Executor,
  trial: NewTrial,
  rows: readonly { id: string; assetId: string }[],
): Promise<void> {
  await run(tx, 'INSERT INTO house_trial (id, treatment_id, number, rules, person_id) VALUES (?, ?, ?, ?, ?)', [
    trial.id,
    trial.treatmentId,
    trial.number,
    JSON.stringify(trial.rules),
    trial.personId,
  ]);
  await insertMany(
    tx,
    'house_trial_row',
    ['id', 'trial_id', 'asset_id', 'ordinal'],
    rows.map(({ id, assetId }, i) => [id, trial.id, assetId, i]),
  );
}

export interface TrialHead extends NewTrial {
  name: string;
  personName: string;
  startedAt: Date;
}

/** @returns null where it was ended */
export async function findTrial(db: Executor, id: string): Promise<TrialHead | null> {
  const row = await maybeOne<Stored<TrialHead>>(
    db,
    `SELECT house_trial.id, treatment_id AS treatmentId, house_trial.number, house_trial.rules, house_trial.person_id AS personId,
       house_treatment.name, COALESCE(person.name, 'Haveld') AS personName, started_at AS startedAt
     FROM house_trial JOIN house_treatment ON house_treatment.id = house_trial.treatment_id LEFT JOIN person ON person.id = house_trial.person_id
     WHERE house_trial.id = ?`,
    [id],
  );
  return row && parse(row);
}

/** @returns false where it was ended already */
export const deleteTrial = async (db: Executor, id: string): Promise<boolean> =>
  (await run(db, 'DELETE FROM house_trial WHERE id = ?', [id])).affected === 1;

export interface TrialRowStored {
  id: string;
  trialId: string;
  assetId: string;
  state: (typeof TRIAL_STATES)[number];
  plan: Plan | null;
  message: string | null;
}

const ROW = 'SELECT id, trial_id AS trialId, asset_id AS assetId, state, plan, message FROM house_trial_row';
const parseRow = (row: Omit<TrialRowStored, 'plan'> & { plan: string | null }): TrialRowStored => ({
  ...row,
  plan: row.plan === null ? null : (JSON.parse(row.plan) as Plan),
});

/** @returns null where its trial run was ended */
export async function findTrialRow(db: Executor, id: string): Promise<TrialRowStored | null> {
  const row = await maybeOne<Parameters<typeof parseRow>[0]>(db, `${ROW} WHERE id = ?`, [id]);
  return row && parseRow(row);
}

/** Locks some rows of a trial run until the transaction ends. */
export const lockTrialRows = async (tx: Executor, trialId: string, ids: readonly string[]): Promise<TrialRowStored[]> =>
  (
    await manyIn<Parameters<typeof parseRow>[0]>(
      tx,
      ids,
      (places) => `${ROW} WHERE id IN (${places}) AND trial_id = ? ORDER BY ordinal FOR UPDATE`,
      [trialId],
    )
  ).map(parseRow);

export interface ShownRow extends TrialRowStored {
  accession: number;
  name: string;
  assetState: string;
  thumbnailSha256: string | null;
}

/** All rows of a trial run, as they stand. */
export const listTrialRows = async (db: Executor, trialId: string): Promise<ShownRow[]> =>
  (
    await many<Omit<ShownRow, 'plan'> & { plan: string | null }>(
      db,
      `SELECT house_trial_row.id, trial_id AS trialId, house_trial_row.asset_id AS assetId, house_trial_row.state, plan, message,
         asset.accession, asset.name, asset.state AS assetState, reading.thumbnail_sha256 AS thumbnailSha256
       FROM house_trial_row JOIN asset ON asset.id = house_trial_row.asset_id JOIN reading ON reading.id = asset.reading_id
       WHERE trial_id = ? ORDER BY ordinal`,
      [trialId],
    )
  ).map((row) => ({ ...row, plan: row.plan === null ? null : (JSON.parse(row.plan) as Plan) }));

export const setRowPlanned = (db: Executor, id: string, plan: Plan): Promise<unknown> =>
  run(db, "UPDATE house_trial_row SET state = 'planned', plan = ?, message = NULL WHERE id = ? AND state <> 'taken'", [
    JSON.stringify(plan),
    id,
  ]);

export const setRowState = (
  db: Executor,
  id: string,
  state: 'taken' | 'failed' | 'changed',
  message: string | null,
): Promise<unknown> =>
  run(db, 'UPDATE house_trial_row SET state = ?, message = ? WHERE id = ?', [
    state,
    message?.slice(0, 1000) ?? null,
    id,
  ]);
