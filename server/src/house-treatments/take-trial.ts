import { randomUUID } from 'node:crypto';
import type { PoolConnection } from 'mysql2/promise';
import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import * as assetQueries from '../assets/asset-queries';
import { setHeld } from '../assets/house-treatment-queries';
import { applyAnswer } from '../bench/answering';
import { deleteStepsOf, insertStep } from '../bench/queries';
import { catalogueOne } from '../bench/service';
import { redraw } from '../bench/standing';
import { transact } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { keyOfTreatment, standAsset } from './plan';
import * as queries from './queries';

/**
 * Takes what a trial run found for some of its assets: answers and steps come into their treatments, and what stands in the catalogue gets
 * a new version.
 * @returns how many were taken, and those that were left, each with why
 */
export async function takeHouseTrial(
  dependencies: Dependencies,
  trialId: string,
  rowIds: readonly string[],
  person: Person,
): Promise<{ taken: number; left: { name: string; why: string }[] }> {
  const trial = await queries.findTrial(dependencies.pool, trialId);
  if (!trial) throw new DomainError('not-found', 'This trial run was ended.');
  let taken = 0;
  const left: { name: string; why: string }[] = [];
  for (const rowId of rowIds) {
    const outcome = await transact(dependencies.pool, (tx) => takeRow(tx, trial, rowId, person));
    if (!outcome) continue;
    const { asset, why } = outcome;
    if (why !== null) left.push({ name: asset.name, why });
    else {
      taken++;
      if (asset.state === 'catalogued') {
        const { missing } = await catalogueOne(dependencies, asset.id, {}, person);
        if (missing.length > 0) left.push({ name: asset.name, why: `No new version yet: ${missing.join(' ')}` });
      }
    }
  }
  await bumpRevision(dependencies.pool);
  return { taken, left };
}

/**
 * One asset of a trial run, in a transaction of its own.
 * @param person null where Haveld takes it on arrival
 * @returns null where the row is no more; why it was left, or null
 */
export async function takeRow(
  tx: PoolConnection,
  trial: Pick<queries.TrialHead, 'id' | 'treatmentId' | 'number' | 'rules'>,
  rowId: string,
  person: Person | null,
): Promise<{ asset: assetQueries.AssetRow; why: string | null } | null> {
  const [row] = await queries.lockTrialRows(tx, trial.id, [rowId]);
  const asset = row && (await assetQueries.lockAsset(tx, row.assetId));
  if (!row || !asset) return null;
  if (row.state !== 'planned' || !row.plan) return { asset, why: WHY_LEFT[row.state] };
  const { answered, seenSha256 } = await standAsset(tx, asset, trial.treatmentId, trial.rules);
  if (seenSha256 !== row.plan.seenSha256) {
    await queries.setRowState(tx, rowId, 'changed', null);
    return { asset, why: WHY_LEFT.changed };
  }
  for (const { finding } of answered) {
    // told apart for ever from what somebody chose on the sheet, and from what was sure
    await applyAnswer(tx, asset, finding, { kind: 'taken', choiceId: finding.choices[0].id, by: 'house' }, person);
  }
  const key = keyOfTreatment(trial.treatmentId);
  await deleteStepsOf(tx, asset.id, key);
  for (const step of row.plan.steps)
    await insertStep(tx, { id: randomUUID(), assetId: asset.id, findingKey: key, step, personId: person?.id ?? null });
  await setHeld(tx, asset.id, trial.treatmentId, trial.number);
  await queries.setRowState(tx, rowId, 'taken', null);
  await redraw(tx, asset);
  return { asset, why: null };
}

const WHY_LEFT: Record<queries.TrialRowStored['state'], string> = {
  waiting: 'It was not looked at yet.',
  planned: 'It was not looked at yet.',
  taken: 'It has it already.',
  failed: 'It could not be tried.',
  changed: 'Its treatment changed since it was looked at. Try it again.',
};
