import { randomUUID } from 'node:crypto';
import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import type { Provenance, RightsFinding, Work, WorkPart } from '@haveld/contract/licence';
import { isExpression } from '@haveld/core/rights/expression';
import { mergeEdit } from '@haveld/core/edits/merge-edit';
import { licenceWords } from '@haveld/core/rights/licence-book';
import { fieldWords } from '@haveld/core/rights/provenance-fields';
import { UNKNOWN_LICENCE } from '@haveld/core/rights/licences/standings';
import { proposeFurtherWorks } from '@haveld/core/rights/propose-provenance';
import { deleteRightsAnswers } from '../assets/answer-queries';
import { setLicenceConfirmed, setOwnProvenance } from '../assets/rights-mark-queries';
import { type Executor } from '../database/pool';
import { loadBook } from '../house/book';
import { loadRules } from '../house/rule-queries';
import { changedMeanwhile } from '../people/meanwhile';
import { proposeByRules } from './propose-by-rules';
import * as queries from './provenance-queries';
import { reopenProjects } from './reopening-queries';
import { refreshRightsMarks } from './state';

/** Writes down what a new asset's evidence says, as read by Haveld. @returns it */
export async function startProvenance(
  tx: Executor,
  assetId: string,
  reading: { rights: RightsFinding; proposed: Provenance },
  { giver, ...acquired }: Pick<Provenance, 'acquiredOn' | 'acquiredBy'> & { giver: string | null },
): Promise<Provenance> {
  const rules = await loadRules(tx);
  const read = proposeByRules(rules, reading);
  // what no text says a gift says by itself
  const source = read.source || (giver === null ? '' : `given by ${giver}`);
  const proposed = { ...read, source, ...acquired };
  const found = reading.rights;
  await queries.insertProvenance(tx, assetId, proposed);
  const usual = proposed.licenceId !== UNKNOWN_LICENCE && found.licences.length === 0;
  await queries.insertChanges(
    tx,
    queries.PROVENANCE_FIELDS.filter((field) => typeof proposed[field] === 'string' && proposed[field] !== '').map(
      (field) => ({
        assetId,
        field,
        before: '',
        after: String(proposed[field]),
        personId: null,
        why: field === 'licenceId' && usual ? `usual for ${proposed.source}` : '',
      }),
    ),
  );
  for (const work of proposeFurtherWorks(found, proposed))
    await addWork(tx, assetId, { ...work, id: randomUUID() }, null, '');
  return proposed;
}

export interface ProvenanceChange {
  change: Partial<Provenance>;
  /** As it was when the person looked; what they left as it was stays as it is now. */
  seen?: Partial<Provenance>;
  why: string;
  evidenceId?: string | null;
}

/**
 * Corrects the provenance of several assets alike; each field of each that changes is written down with who, when, from, to and why.
 * A new licence has to be looked at anew, and opens the projects again that hold the asset.
 * @returns those that changed
 */
export async function changeProvenances(
  tx: Executor,
  assetIds: readonly string[],
  { change, seen, why, evidenceId }: ProvenanceChange,
  person: Person,
): Promise<string[]> {
  if (change.licenceId !== undefined) requireExpression(change.licenceId);
  const before = await queries.lockProvenances(tx, assetIds);
  if (before.size < new Set(assetIds).size) throw new DomainError('not-found', 'One of these assets is not there.');
  const fields = queries.PROVENANCE_FIELDS.filter(
    (field) => change[field] !== undefined && !(seen && field in seen && change[field] === seen[field]),
  );
  if (seen) for (const [assetId, was] of before) await requireAsSeen(tx, assetId, was, { change, seen }, person);
  const changes = [...before].flatMap(([assetId, was]) =>
    fields
      .filter((field) => was[field] !== change[field])
      .map((field) => ({
        assetId,
        field,
        before: String(was[field] ?? ''),
        after: String(change[field] ?? ''),
        personId: person.id,
        why,
        evidenceId,
      })),
  );
  const changed = [...new Set(changes.map(({ assetId }) => assetId))];
  if (changed.length === 0) return [];
  await queries.updateProvenances(tx, changed, pick(change, fields));
  await queries.insertChanges(tx, changes);
  const relicensed = changes.filter(({ field }) => field === 'licenceId').map(({ assetId }) => assetId);
  if (relicensed.length > 0) {
    await setLicenceConfirmed(tx, relicensed, { confirmed: false, by: null });
    await deleteRightsAnswers(tx, relicensed);
    const { book } = await loadBook(tx);
    const byBefore = new Map<string, string[]>();
    for (const { assetId } of changes.filter(({ field }) => field === 'licenceId')) {
      const was = before.get(assetId)!.licenceId;
      byBefore.set(was, [...(byBefore.get(was) ?? []), assetId]);
    }
    for (const [was, ids] of byBefore)
      await reopenProjects(
        tx,
        ids,
        `Its licence was ${licenceWords(book, was)} and is ${licenceWords(book, change.licenceId!)} now.`,
      );
  }
  const limited = changes
    .filter(({ field }) => field === 'expiresOn' || field === 'seats' || field === 'territory')
    .map(({ assetId }) => assetId);
  if (limited.length > 0) await reopenProjects(tx, [...new Set(limited)], 'The limits of its grant have changed.');
  await refreshRightsMarks(tx, changed);
  return changed;
}

const pick = (change: Partial<Provenance>, fields: readonly (keyof Provenance)[]): Partial<Provenance> =>
  Object.fromEntries(fields.map((field) => [field, change[field]]));

/** @throws {DomainError} where somebody else changed a field to something the person has not seen, and does not want */
async function requireAsSeen(
  tx: Executor,
  assetId: string,
  now: Provenance,
  { change, seen }: { change: Partial<Provenance>; seen: Partial<Provenance> },
  person: Person,
): Promise<void> {
  const { conflicts } = mergeEdit(now, seen, change);
  for (const field of conflicts) {
    const last = await queries.findLastChange(tx, assetId, field);
    if (last && last.personId !== person.id) throw changedMeanwhile(last.personName, `the ${fieldWords(field)}`);
  }
}

/** From now on the provenance of these pieces is their own line; what follows its kit does no more. */
export async function markOwn(tx: Executor, assetIds: readonly string[]): Promise<void> {
  if (assetIds.length > 0) await setOwnProvenance(tx, assetIds);
}

/** @throws {DomainError} where it is no SPDX expression */
export function requireExpression(licenceId: string): void {
  if (!isExpression(licenceId))
    throw new DomainError(
      'bad-request',
      `“${licenceId}” is no licence: Give an SPDX identifier, several joined by AND or OR, or LicenseRef- with a name of your own.`,
    );
}

export type NewWork = Work & { part: WorkPart };

const describeWork = (work: NewWork): string =>
  [work.part, work.title, work.author, work.licenceId].filter((word) => word !== '').join(', ');

async function addWork(
  tx: Executor,
  assetId: string,
  work: NewWork & { id: string },
  personId: string | null,
  why: string,
): Promise<void> {
  await queries.insertFurtherWork(tx, assetId, work);
  await queries.insertChanges(tx, [{ assetId, field: 'work', before: '', after: describeWork(work), personId, why }]);
}

/** Adds a work an asset rests on, or corrects one. */
export async function saveWork(
  tx: Executor,
  assetId: string,
  workId: string | null,
  work: NewWork,
  why: string,
  person: Person,
): Promise<void> {
  requireExpression(work.licenceId);
  const known = (await queries.listFurtherWorks(tx, [assetId])).get(assetId) ?? [];
  if (workId === null) await addWork(tx, assetId, { ...work, id: randomUUID() }, person.id, why);
  else {
    const before = known.find(({ id }) => id === workId);
    if (!before) throw new DomainError('not-found', 'This work does not stand there any more.');
    await queries.updateFurtherWork(tx, { ...work, id: workId });
    await queries.insertChanges(tx, [
      { assetId, field: 'work', before: describeWork(before), after: describeWork(work), personId: person.id, why },
    ]);
  }
  await reopenProjects(tx, [assetId], 'Another work it rests on was written down.');
  await refreshRightsMarks(tx, [assetId]);
}

/** Takes a work away that an asset does not rest on. @throws {DomainError} where it is not there */
export async function removeWork(
  tx: Executor,
  assetId: string,
  workId: string,
  why: string,
  person: Person,
): Promise<void> {
  const known = (await queries.listFurtherWorks(tx, [assetId])).get(assetId) ?? [];
  const before = known.find(({ id }) => id === workId);
  if (!before) throw new DomainError('not-found', 'This work does not stand there any more.');
  await queries.deleteFurtherWork(tx, workId);
  await queries.insertChanges(tx, [
    { assetId, field: 'work', before: describeWork(before), after: '', personId: person.id, why },
  ]);
  await refreshRightsMarks(tx, [assetId]);
}

/**
 * Somebody has looked at a licence the house takes only after review. Where the house asks for two, the second settles it.
 * @returns whether it is settled now
 */
export async function confirmLicence(
  tx: Executor,
  assetId: string,
  asset: { confirmedBy: string | null },
  why: string | null,
  person: Person,
): Promise<boolean> {
  const rules = await loadRules(tx);
  const takenBack = why === null;
  const isFirst = rules.secondPerson && (asset.confirmedBy === null || asset.confirmedBy === person.id);
  const settled = !takenBack && !isFirst;
  await setLicenceConfirmed(tx, [assetId], {
    confirmed: settled,
    by: takenBack ? null : (asset.confirmedBy ?? person.id),
  });
  await queries.insertChanges(tx, [
    {
      assetId,
      field: 'licence looked at',
      before: '',
      after: takenBack ? 'taken back' : settled ? 'confirmed' : 'confirmed by a first',
      personId: person.id,
      why: why ?? '',
    },
  ]);
  return settled;
}
