import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import type { HouseTrial, StoredHouseTreatment, TriedOn, TrialRow } from '@haveld/contract/api/house-treatments';
import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import type { HouseTreatment } from '@haveld/contract/house-treatment';
import { formatAccession } from '../assets/accession';
import { transact, type Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { cancelJobsOf, insertJob } from '../jobs/job-queries';
import { changedMeanwhile } from '../people/meanwhile';
import * as queries from './queries';

/** A trial run goes over so many assets at most. */
const MOST = 2000;

export const listHouseTreatments = async (db: Executor): Promise<StoredHouseTreatment[]> =>
  (await queries.listTreatments(db)).map((row) => ({ ...row, changedAt: row.changedAt.toISOString() }));

/**
 * Keeps a house treatment; it counts up where its rules change. @param id `new` for a new one. @returns its id
 * @throws {DomainError} `out-of-step` where somebody else changed it since the person looked
 */
export async function saveHouseTreatment(
  { pool }: Dependencies,
  id: string,
  { seen, ...wanted }: HouseTreatment & { seen?: number },
  person: Person,
): Promise<string> {
  const own = id === 'new' ? randomUUID() : id;
  return transact(pool, async (tx) => {
    const known = await queries.lockTreatment(tx, own);
    if (id !== 'new' && !known) throw new DomainError('not-found', 'There is no such house treatment.');
    if (known && seen !== undefined && seen !== known.number && known.personId !== person.id)
      throw changedMeanwhile(known.personName, 'this house treatment');
    const number = !known ? 1 : isDeepStrictEqual(known.rules, wanted.rules) ? known.number : known.number + 1;
    await queries.upsertTreatment(tx, own, wanted, number, person.id);
    await bumpRevision(tx);
    return own;
  });
}

/** @throws {DomainError} where there is none */
export async function removeHouseTreatment({ pool }: Dependencies, id: string): Promise<void> {
  if (!(await queries.deleteTreatment(pool, id)))
    throw new DomainError('not-found', 'There is no such house treatment.');
  await bumpRevision(pool);
}

/**
 * Begins a trial run: each asset is looked at by a job of its own, so that one that is stopped goes on where it was.
 * @param person null on arrival: then what is found is taken at once
 * @returns its id
 * @throws {DomainError} where there is no such treatment, or nothing to try it on
 */
export async function tryHouseTreatment(
  { pool }: Dependencies,
  treatmentId: string,
  on: TriedOn,
  person: Person | null,
): Promise<string> {
  return transact(pool, async (tx) => {
    const treatment = await queries.lockTreatment(tx, treatmentId);
    if (!treatment) throw new DomainError('not-found', 'There is no such house treatment.');
    const ids =
      on.kind === 'assets'
        ? on.ids
        : await queries.listAssetsToTry(tx, on.kind === 'older' ? { kind: 'older', id: treatmentId } : on, MOST);
    if (ids.length === 0) throw new DomainError('not-found', 'There is nothing to try it on there.');
    const trial = { id: randomUUID(), treatmentId, number: treatment.number, rules: treatment.rules };
    const rows = [...new Set(ids)].map((assetId) => ({ id: randomUUID(), assetId }));
    await queries.insertTrial(tx, { ...trial, personId: person?.id ?? null }, rows);
    for (const row of rows)
      await insertJob(tx, {
        kind: 'plan-house-treatment',
        subjectId: row.id,
        label: `trying “${treatment.name}” on ${rows.length === 1 ? 'a model' : `${rows.length} models`}`,
      });
    await bumpRevision(tx);
    return trial.id;
  });
}

/** @throws {DomainError} where it was ended */
export async function getHouseTrial(db: Executor, id: string): Promise<HouseTrial> {
  const trial = await queries.findTrial(db, id);
  if (!trial) throw new DomainError('not-found', 'This trial run was ended.');
  const rows = await queries.listTrialRows(db, id);
  return {
    id,
    treatmentId: trial.treatmentId,
    name: trial.name,
    number: trial.number,
    rules: trial.rules,
    personName: trial.personName,
    startedAt: trial.startedAt.toISOString(),
    total: rows.length,
    done: rows.filter(({ state }) => state !== 'waiting').length,
    rows: rows.map((row): TrialRow => ({
      id: row.id,
      assetId: row.assetId,
      accession: formatAccession(row.accession),
      name: row.name,
      isCatalogued: row.assetState === 'catalogued',
      thumbnailSha256: row.thumbnailSha256,
      state: row.state,
      lines: row.plan?.lines ?? [],
      before: row.plan?.before ?? null,
      after: row.plan?.after ?? null,
      message: row.message,
    })),
  };
}

/** Stops what of a trial run is not looked at yet, and forgets it. @throws {DomainError} where it was ended */
export async function endHouseTrial({ pool }: Dependencies, id: string): Promise<void> {
  await transact(pool, async (tx) => {
    const rows = await queries.listTrialRows(tx, id);
    await cancelJobsOf(
      tx,
      rows.map((row) => row.id),
    );
    if (!(await queries.deleteTrial(tx, id))) throw new DomainError('not-found', 'This trial run was ended.');
    await bumpRevision(tx);
  });
}
