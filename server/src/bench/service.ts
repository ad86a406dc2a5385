import { randomUUID } from 'node:crypto';
import type { PoolConnection } from 'mysql2/promise';
import type { AssetState } from '@haveld/contract/asset-state';
import type { BenchRow, Sheet } from '@haveld/contract/bench';
import type { Category } from '@haveld/contract/category';
import { DomainError } from '@haveld/contract/error';
import type { Answer, Finding, Heading } from '@haveld/contract/finding';
import type { Provenance } from '@haveld/contract/licence';
import type { Person } from '@haveld/contract/people';
import type { Step } from '@haveld/contract/step';
import {
  answerFindings,
  callsForBaking,
  listAnswerSteps,
  listMissing,
  listSureOpen,
} from '@haveld/core/condition/answers';
import { houseName } from '@haveld/core/text/house-name';
import { describeStepCode, getStepDefinition, orderSteps } from '@haveld/core/treatment/steps';
import { getArrival, getArrivalName, getFind, getFindForBench, getReading, markOnBench } from '../arrivals/service';
import { formatAccession } from '../accession';
import { bumpRevision, transact, type Executor } from '../database/pool';
import type { Dependencies } from '../dependencies';
import { findOpenJob, insertJob } from '../jobs/job-table';
import { loadBook } from '../rights/book';
import { changeProvenances, confirmLicence, listChanges, markOwn, startProvenance } from '../rights/provenance';
import { listRightsFindings, loadRightsStates, refreshRightsMarks, type AssetRightsState } from '../rights/state';
import { noteMapSteps } from './note-map-steps';
import { refreshSearchTexts } from './search-text';
import { createKitSizes, weighWithKit } from './kit-sizes';
import * as queries from './queries';

/** @returns the asset of each find that has one */
export async function listAssetsByFind(
  db: Executor,
): Promise<Map<string, { id: string; state: AssetState; accession: string }>> {
  return new Map(
    (await queries.listAssetIdsByFind(db)).map(({ id, state, findId, accession }) => [
      findId,
      { id, state, accession: formatAccession(accession) },
    ]),
  );
}

export const countOnBench = queries.countOnBench;
export const listSteps = queries.listSteps;

/** Makes an asset of a find, with its number and what its texts say of its rights. Asked twice, the same asset comes back. */
export async function takeFindToBench({ pool }: Dependencies, findId: string): Promise<string> {
  const { find, reading } = await getFindForBench(pool, findId);
  return transact(pool, async (tx) => {
    const known = await queries.findAssetOfFind(tx, findId);
    if (known) return known;
    const id = randomUUID();
    const { findings, sizeQuestion } = reading;
    await queries.insertAsset(tx, { id, findId, readingId: reading.id, name: find.name, findings, sizeQuestion });
    const arrival = await getArrival(tx, find.arrivalId);
    const { title } = await startProvenance(tx, id, reading.rights, find.name, {
      acquiredOn: arrival ? arrival.createdAt.toISOString().slice(0, 10) : '',
      acquiredBy: arrival?.personName ?? '',
    });
    // texts of a kit give its title, not that of a piece
    if (!find.kitId) await queries.setName(tx, id, title);
    await markOnBench(tx, findId);
    await refreshRightsMarks(tx, [id]);
    await refreshSearchTexts(tx, [id]);
    await bumpRevision(tx);
    return id;
  });
}

/** @throws {DomainError} where there is no such asset */
export async function mustFind(db: Executor, id: string): Promise<queries.AssetRow> {
  const asset = await queries.findAsset(db, id);
  if (!asset) throw new DomainError('not-found', 'There is no such asset.');
  return asset;
}

/** Rights first, then what was seen in the document; the size of a piece with what the rest of its kit says. */
export async function listFindings(
  db: Executor,
  asset: queries.AssetRow,
  kitSizes = createKitSizes(db),
): Promise<{ findings: Finding[]; rights: AssetRightsState }> {
  const [rights] = await loadRightsStates(db, [asset.id]);
  const seen = await weighWithKit(asset, kitSizes);
  return { rights, findings: [...listRightsFindings(await loadBook(db), rights), ...seen] };
}

/** @param kitSizes shared where many sheets are read at once */
export async function getSheet(db: Executor, id: string, kitSizes = createKitSizes(db)): Promise<Sheet> {
  const asset = await mustFind(db, id);
  const reading = await getReading(db, asset.readingId);
  const find = await getFind(db, asset.findId);
  const { findings, rights } = await listFindings(db, asset, kitSizes);
  const answers = await queries.listAnswers(db, id);
  const sheet = answerFindings(findings, answers);
  const [standsFor, steps, changes, arrivalName, assessing, making, last] = await Promise.all([
    asset.standsFor ? queries.findAsset(db, asset.standsFor) : null,
    queries.listSteps(db, id),
    listChanges(db, id),
    find ? getArrivalName(db, find.arrivalId) : '',
    findOpenJob(db, 'assess-asset', id),
    findMaking(db, id),
    queries.findLastVersion(db, id),
  ]);
  return {
    id,
    accession: formatAccession(asset.accession),
    name: asset.name,
    category: asset.category,
    state: asset.state,
    arrivalName,
    documentSha256: reading.documentSha256,
    source: reading.source,
    figures: reading.figures,
    maps: reading.maps,
    spare: reading.spare,
    log: reading.log,
    findings: sheet,
    steps: orderSteps(steps).map((row) => ({ ...row, title: getStepDefinition(row.step).title(row.step) })),
    provenance: rights.provenance,
    further: rights.further,
    rights: rights.found,
    changes: changes.map((change) => ({
      ...change,
      at: change.at.toISOString(),
      personName: change.personName ?? 'Haveld',
    })),
    kit: asset.kitId === null ? null : { id: asset.kitId, name: asset.kitName ?? '' },
    standsFor: standsFor && { id: standsFor.id, accession: formatAccession(standsFor.accession), name: standsFor.name },
    sureCount: listSureOpen(sheet).length,
    missing: listMissing(sheet),
    busy: assessing ? 'looking at it again' : making ? 'making the version' : null,
    failure: last?.state === 'failed' ? (last.message ?? 'The version could not be made.') : null,
  };
}

async function findMaking(db: Executor, assetId: string): Promise<boolean> {
  return (await queries.findLastVersion(db, assetId))?.state === 'making';
}

export async function listBench(db: Executor): Promise<BenchRow[]> {
  const assets = await queries.listOnBench(db);
  const kitOf = new Map(
    (await queries.listKitsOfFinds(db)).map(({ findId, kitId, kitName }) => [findId, { id: kitId, name: kitName }]),
  );
  const kitSizes = createKitSizes(db);
  return Promise.all(
    assets.map(async (asset) => {
      const sheet = await getSheet(db, asset.id, kitSizes);
      const reading = await getReading(db, asset.readingId);
      const open = sheet.findings.filter((finding) => !finding.settled);
      return {
        id: asset.id,
        accession: sheet.accession,
        name: sheet.name,
        state: sheet.state,
        arrivalName: sheet.arrivalName,
        kit: kitOf.get(asset.findId) ?? null,
        portraitSha256: reading.portraitSha256,
        open: open.length,
        blocks: open.filter((finding) => finding.mark === 'blocks').length,
        sure: sheet.sureCount,
        next: sheet.busy ?? open[0]?.title ?? 'Ready for the catalogue',
      };
    }),
  );
}

/** Answers one finding: its earlier steps go, those of the answer come. */
export async function answerFinding(
  { pool }: Dependencies,
  id: string,
  key: string,
  answer: Answer | null,
  person: Person,
): Promise<Sheet> {
  await transact(pool, async (tx) => {
    const asset = await queries.lockAsset(tx, id);
    if (!asset) throw new DomainError('not-found', 'There is no such asset.');
    const { findings } = await listFindings(tx, asset);
    const finding = findings.find((candidate) => candidate.key === key);
    if (!finding) throw new DomainError('not-found', 'This finding is not on the sheet any more.');
    await applyAnswer(tx, asset, finding, answer, person);
    await bumpRevision(tx);
  });
  return getSheet(pool, id);
}

/** Puts an answer and its steps in place of those that stood there. */
export async function applyAnswer(
  tx: PoolConnection,
  asset: queries.AssetRow,
  finding: Finding,
  answer: Answer | null,
  person: Person,
): Promise<void> {
  if (finding.heading === 'rights') return answerRights(tx, asset, finding, answer, person);
  await queries.deleteStepsOf(tx, asset.id, finding.key);
  if (answer === null) await queries.deleteAnswer(tx, asset.id, finding.key);
  else {
    const steps = listAnswerSteps(finding, answer);
    await queries.upsertAnswer(tx, asset.id, finding.key, answer, person.id);
    for (const step of steps)
      await queries.insertStep(tx, {
        id: randomUUID(),
        assetId: asset.id,
        findingKey: finding.key,
        step,
        personId: person.id,
      });
    await noteMapSteps(tx, asset.id, finding, steps, person);
    if (callsForBaking(asset.findings, steps)) await ensureBaked(tx, asset, person);
  }
  if (finding.key.startsWith('stranger:') || isChosenMap(finding, answer)) await assessAgain(tx, asset);
}

/** Another picture than the one surely proposed, or that taken back: what follows from it is not known yet. */
const isChosenMap = (finding: Finding, answer: Answer | null): boolean =>
  finding.key.startsWith('map:') &&
  (answer === null || answer.kind === 'own' || (answer.kind === 'taken' && !finding.sure));

async function assessAgain(tx: PoolConnection, asset: queries.AssetRow): Promise<void> {
  const open = await findOpenJob(tx, 'assess-asset', asset.id);
  if (open?.state !== 'waiting')
    await insertJob(tx, { kind: 'assess-asset', subjectId: asset.id, words: `looking at “${asset.name}” again` });
}

/** Works its condition out anew, with what Haveld knows today; answers and steps stay. */
export async function lookAgain({ pool }: Dependencies, id: string): Promise<Sheet> {
  await transact(pool, async (tx) => {
    const asset = await queries.lockAsset(tx, id);
    if (!asset) throw new DomainError('not-found', 'There is no such asset.');
    await assessAgain(tx, asset);
    await bumpRevision(tx);
  });
  return getSheet(pool, id);
}

/** A licence the house takes only after a look is settled by somebody's word; what blocks is not. */
async function answerRights(
  tx: PoolConnection,
  asset: queries.AssetRow,
  finding: Finding,
  answer: Answer | null,
  person: Person,
): Promise<void> {
  if (finding.mark === 'blocks' && answer !== null)
    throw new DomainError('cannot-catalogue', `${finding.title}: this cannot be set aside.`);
  if (answer === null) await queries.deleteAnswer(tx, asset.id, finding.key);
  else await queries.upsertAnswer(tx, asset.id, finding.key, answer, person.id);
  if (finding.key === 'rights:licence') {
    const why = answer === null ? null : answer.kind === 'set-aside' ? answer.reason : 'taken after a look';
    const settled = await confirmLicence(tx, asset.id, { confirmedBy: asset.licenceConfirmedBy }, why, person);
    // the first of two says so and leaves the question open for the second
    if (!settled) await queries.deleteAnswer(tx, asset.id, finding.key);
  }
  await refreshRightsMarks(tx, [asset.id]);
}

/** A turn or a scale calls for baking; it stands in the treatment as a step like any other. */
async function ensureBaked(tx: PoolConnection, asset: queries.AssetRow, person: Person): Promise<void> {
  const steps = await queries.listSteps(tx, asset.id);
  if (steps.some(({ step }) => step.kind === 'bake')) return;
  await queries.insertStep(tx, {
    id: randomUUID(),
    assetId: asset.id,
    findingKey: 'bake',
    step: { kind: 'bake', schema: 1 },
    personId: person.id,
  });
  await queries.upsertAnswer(tx, asset.id, 'bake', { kind: 'taken', choiceId: 'bake' }, person.id);
}

/** @param heading only those under it; left out, all */
export async function takeSure({ pool }: Dependencies, id: string, person: Person, heading?: Heading): Promise<Sheet> {
  await transact(pool, async (tx) => {
    const asset = await queries.lockAsset(tx, id);
    if (!asset) throw new DomainError('not-found', 'There is no such asset.');
    const { findings } = await listFindings(tx, asset);
    const sheet = answerFindings(findings, await queries.listAnswers(tx, id));
    const wanted = listSureOpen(sheet).filter((finding) => !heading || finding.heading === heading);
    for (const finding of wanted)
      await applyAnswer(tx, asset, finding, { kind: 'taken', choiceId: finding.choices[0].id }, person);
    await bumpRevision(tx);
  });
  return getSheet(pool, id);
}

/** Steps of a person's own, as the sheet of maps makes them: those under the key go, the new ones come. */
export async function setOwnSteps(
  { pool }: Dependencies,
  id: string,
  { key, steps }: { key: string; steps: Step[] },
  person: Person,
): Promise<Sheet> {
  await transact(pool, async (tx) => {
    const asset = await queries.lockAsset(tx, id);
    if (!asset) throw new DomainError('not-found', 'There is no such asset.');
    await queries.deleteStepsOf(tx, id, key);
    for (const step of steps)
      await queries.insertStep(tx, { id: randomUUID(), assetId: id, findingKey: key, step, personId: person.id });
    await noteMapSteps(tx, id, null, steps, person);
    await bumpRevision(tx);
  });
  return getSheet(pool, id);
}

export async function switchStep({ pool }: Dependencies, id: string, stepId: string, enabled: boolean): Promise<Sheet> {
  await mustFind(pool, id);
  if (!(await queries.setStepEnabled(pool, id, stepId, enabled)))
    throw new DomainError('not-found', 'There is no such step.');
  await bumpRevision(pool);
  return getSheet(pool, id);
}

/**
 * Corrects provenance; each field that changes is written down with who changed it, and why.
 * @param isOwn false where it comes from the kit, and the piece goes on following it
 */
export async function changeProvenance(
  { pool }: Dependencies,
  id: string,
  { change, why }: { change: Partial<Provenance>; why: string },
  person: Person,
  isOwn = true,
): Promise<Sheet> {
  await transact(pool, async (tx) => {
    if (!(await queries.lockAsset(tx, id))) throw new DomainError('not-found', 'There is no such asset.');
    await changeProvenances(tx, [id], { change, why }, person);
    if (isOwn) await markOwn(tx, [id]);
    await refreshSearchTexts(tx, [id]);
    await bumpRevision(tx);
  });
  return getSheet(pool, id);
}

/** Asks for a version; when it is made and checked, the asset stands in the catalogue. */
export async function catalogueAsset(
  { pool }: Dependencies,
  id: string,
  given: { name: string; category: Category },
  person: Person,
): Promise<Sheet> {
  await transact(pool, async (tx) => {
    const asset = await queries.lockAsset(tx, id);
    if (!asset) throw new DomainError('not-found', 'There is no such asset.');
    const { findings } = await listFindings(tx, asset);
    const answers = await queries.listAnswers(tx, id);
    const missing = listMissing(answerFindings(findings, answers));
    if (missing.length > 0)
      throw new DomainError('cannot-catalogue', `It cannot be catalogued yet. ${missing.join(' ')}`);
    await queries.setNameAndCategory(tx, id, given.name, given.category);
    await nameRootAs(tx, id, houseName(given.name));
    const steps = orderSteps((await queries.listSteps(tx, id)).filter((row) => row.enabled)).map((row) => row.step);
    const code = steps.map(describeStepCode);
    const same = await queries.findSameVersion(tx, id, asset.readingId, steps, code);
    await refreshSearchTexts(tx, [id]);
    if (same?.state === 'made') await queries.setCatalogued(tx, id, same.id);
    if (!same) {
      const versionId = randomUUID();
      const size = answers.get('size');
      const hasSize = !(size?.kind === 'taken' && size.choiceId === 'none');
      await queries.insertVersion(tx, {
        id: versionId,
        assetId: id,
        readingId: asset.readingId,
        steps,
        code,
        hasSize,
        personId: person.id,
      });
      await insertJob(tx, { kind: 'make-version', subjectId: versionId, words: `making “${given.name}”` });
    }
    await bumpRevision(tx);
  });
  return getSheet(pool, id);
}

/** The root carries the asset's name, where the treatment names it at all. */
async function nameRootAs(tx: PoolConnection, assetId: string, name: string): Promise<void> {
  const row = (await queries.listSteps(tx, assetId)).find(({ step }) => step.kind === 'name-root');
  if (row) await queries.setStepSettings(tx, row.id, { kind: 'name-root', schema: 1, name });
}
