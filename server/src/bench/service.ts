import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import type { PoolConnection } from 'mysql2/promise';
import type { BenchRow, Sheet, SheetFinding, TreatmentStep } from '@haveld/contract/api/bench';
import type { Person } from '@haveld/contract/api/people';
import type { Category } from '@haveld/contract/category';
import { DomainError } from '@haveld/contract/error';
import type { Answer } from '@haveld/contract/finding';
import type { Heading } from '@haveld/contract/heading';
import type { HouseRules } from '@haveld/contract/house-rules';
import type { Provenance } from '@haveld/contract/licence';
import type { Step } from '@haveld/contract/step';
import { answerFindings, listMissing, listSureOpen } from '@haveld/core/condition/answers';
import { setInPencil } from '@haveld/core/condition/pencil';
import { listPlainTags, listStatedTags } from '@haveld/core/finds/names/stated-tags';
import { CategoryTree } from '@haveld/core/library/categories/category-tree';
import { proposeCategory } from '@haveld/core/library/categories/propose-category';
import { cleanName } from '@haveld/core/library/naming/clean-name';
import { composeName } from '@haveld/core/library/naming/compose-name';
import { proposeTags } from '@haveld/core/library/naming/propose-tags';
import { houseName } from '@haveld/core/text/house-name';
import { describeStepCode, getStepDefinition, orderSteps } from '@haveld/core/treatment/steps';
import { formatAccession } from '../assets/accession';
import * as answerQueries from '../assets/answer-queries';
import * as assetQueries from '../assets/asset-queries';
import { listHeldBy } from '../assets/house-treatment-queries';
import { refreshSearchTexts } from '../assets/search-text';
import { mustFind } from '../assets/service';
import { confirmTags, listProposedTags, listTags, setTags } from '../assets/tag-queries';
import * as versionQueries from '../assets/version-queries';
import { transact, type Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { getArrival } from '../finds/arrival-queries';
import { listFindFiles } from '../finds/file-queries';
import { getFind, lockFind } from '../finds/find-queries';
import { getReading } from '../finds/reading-queries';
import { readTexts } from '../finds/read-texts';
import { getArrivalName, getFindForBench, markOnBench } from '../finds/service';
import { listTreatmentsOfSource } from '../habits/service';
import { loadBook } from '../house/book';
import { loadTree, requireCategory } from '../house/categories';
import { loadRules } from '../house/rule-queries';
import { findOpenJob, insertJob, listOpenJobsOf } from '../jobs/job-queries';
import { listMaterialsOf } from '../library/inside-queries';
import { changedMeanwhile } from '../people/meanwhile';
import { changeProvenances, markOwn, startProvenance } from '../rights/provenance';
import { listChanges } from '../rights/provenance-queries';
import { loadRightsStates, listRightsFindings, refreshRightsMarks } from '../rights/state';
import { answerOne, assessAgain, confirmGuess, takeSureByHaveld, takeSureOf } from './answering';
import { noteBorrowing, requireLenders } from './borrowing';
import { listFindings } from './findings';
import { createKitSizes, weighWithKit, type KitSizes } from './kit-sizes';
import { noteMapSteps } from './note-map-steps';
import * as queries from './queries';
import { planStanding, redraw } from './standing';

/** Makes an asset of a find, with its number and what its texts say of its rights. Asked twice, the same asset comes back. */
export async function takeFindToBench(dependencies: Dependencies, findId: string): Promise<string> {
  const { pool } = dependencies;
  const { find, reading } = await getFindForBench(pool, findId);
  const texts = await readTexts(dependencies, await listFindFiles(pool, find.id));
  const arrival = await getArrival(pool, find.arrivalId);
  const treatments = await listTreatmentsOfSource(pool, arrival?.name ?? '', texts);
  return transact(pool, async (tx) => {
    // of two who take it the second gets what the first made
    await lockFind(tx, findId);
    const known = await assetQueries.findAssetOfFind(tx, findId);
    if (known) return known;
    const id = randomUUID();
    const { findings, sizeQuestion } = reading;
    await assetQueries.insertAsset(tx, { id, findId, readingId: reading.id, name: find.name, findings, sizeQuestion });
    const { title } = await startProvenance(tx, id, reading, {
      acquiredOn: arrival ? arrival.createdAt.toISOString().slice(0, 10) : '',
      acquiredBy: arrival?.personName ?? '',
      giver: arrival?.giver ?? null,
    });
    // texts of a kit give its title, not that of a piece, and its tags are not all a piece's
    const claimed = reading.rights.claims.filter(({ field }) => field === 'tag').map(({ value }) => value);
    await nameByHaveld(tx, id, {
      title: find.kitId ? find.name : title,
      said: find.kitId ? [] : listPlainTags([...listStatedTags(texts), ...claimed]),
      materials: await listMaterialsOf(tx, reading.documentSha256),
    });
    await markOnBench(tx, findId);
    await refreshRightsMarks(tx, [id]);
    await refreshSearchTexts(tx, [id]);
    // pieces of a kit are answered together, and what the others say is not known yet
    if (!find.kitId) await takeSureByHaveld(tx, (await assetQueries.lockAsset(tx, id))!);
    if (treatments.length > 0)
      await insertJob(tx, {
        kind: 'treat-on-arrival',
        subjectId: id,
        label: `treating “${find.name}” as its source’s models are`,
        detail: JSON.stringify(treatments),
      });
    await bumpRevision(tx);
    return id;
  });
}

/** A name in the house's pattern, and tags by what it is and what it is of. */
async function nameByHaveld(
  tx: PoolConnection,
  id: string,
  { title, said, materials }: { title: string; said: readonly string[]; materials: readonly string[] },
): Promise<void> {
  const { categories, assetName } = await loadRules(tx);
  const tree = new CategoryTree(categories);
  const category = proposeCategory(tree, { name: cleanName(title), said });
  const named = category.word === null ? '' : tree.nameOf(category.id);
  await assetQueries.setName(tx, id, composeName(assetName, { title, materials, category: named }));
  await setTags(tx, id, said, proposeTags(category, materials, said));
}

/** @param kitSizes shared where many sheets are read at once */
export async function getSheet(db: Executor, id: string, kitSizes = createKitSizes(db)): Promise<Sheet> {
  // before the asset is read: what ends in between has then already left its findings there
  const assessing = await findOpenJob(db, 'assess-asset', id);
  const making = (await versionQueries.findLastVersion(db, id))?.state;
  const asset = await mustFind(db, id);
  const reading = await getReading(db, asset.readingId);
  const find = await getFind(db, asset.findId);
  const { findings, rights } = await listFindings(db, asset, kitSizes);
  const answers = await answerQueries.listAnswers(db, id);
  const sheet = answerFindings(findings, answers);
  const [standsFor, steps, changes, arrivalName, last, houseTreatments, rules, tags, proposedTags] = await Promise.all([
    asset.standsFor ? assetQueries.findAsset(db, asset.standsFor) : null,
    queries.listSteps(db, id),
    listChanges(db, id),
    find ? getArrivalName(db, find.arrivalId) : '',
    versionQueries.findLastVersion(db, id),
    listHeldBy(db, id),
    loadRules(db),
    listTags(db, [id]),
    listProposedTags(db, [id]),
  ]);
  return {
    id,
    accession: formatAccession(asset.accession),
    name: asset.name,
    category: asset.category,
    proposedCategory: proposeCategory(new CategoryTree(rules.categories), { name: asset.name, said: tags.get(id)! }),
    tags: tags.get(id)!,
    proposedTags: proposedTags.get(id) ?? [],
    state: asset.state,
    arrivalName,
    documentSha256: reading.documentSha256,
    source: reading.source,
    figures: reading.figures,
    maps: reading.maps,
    unused: reading.unused,
    log: reading.log,
    findings: sheet,
    ...planSteps(sheet, steps, rules),
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
    houseTreatments,
    sureCount: listSureOpen(sheet).length,
    missing: listMissing(sheet),
    busy: describeBusy(assessing !== null, making),
    failure: last?.state === 'failed' ? (last.message ?? 'The version could not be made.') : null,
  };
}

/** Steps as they run, those that are taken and those in pencil, each with its title. */
function planSteps(
  sheet: readonly SheetFinding[],
  taken: readonly Omit<TreatmentStep, 'title'>[],
  rules: HouseRules,
): Pick<Sheet, 'steps' | 'planned' | 'guessed'> {
  const { guessed, steps } = setInPencil(sheet, rules);
  const keys = new Map(guessed.flatMap(({ key, choices }) => choices[0].steps.map((step) => [step, key] as const)));
  const guesses = steps.map((step, i) => ({
    id: `pencil-${i}`,
    step,
    enabled: true,
    findingKey: keys.get(step) ?? null,
    personName: '',
    isGuess: true,
  }));
  const planned = orderSteps([...taken.map((row) => ({ ...row, isGuess: false })), ...guesses]).map((row) => ({
    ...row,
    title: getStepDefinition(row.step).title(row.step),
  }));
  return { steps: planned.filter(({ isGuess }) => !isGuess), planned, guessed: guessed.map(({ key }) => key) };
}

/** @returns what lies on the bench, the newest first: a handful of statements, and one a kit, however many there are */
export async function listBench(db: Executor): Promise<BenchRow[]> {
  const rows = await assetQueries.listOnBench(db);
  const ids = rows.map(({ id }) => id);
  const [house, states, answers, versions, assessing] = await Promise.all([
    loadBook(db),
    loadRightsStates(db, ids),
    answerQueries.listAnswersOf(db, ids),
    versionQueries.listLastVersions(db, ids),
    listOpenJobsOf(db, 'assess-asset', ids),
  ]);
  const stateOf = new Map(states.map((state) => [state.id, state]));
  const kitSizes = createKitSizes(db);
  return Promise.all(
    rows.map(async (row) => {
      const seen = await weighWithKit(row, kitSizes);
      const sheet = answerFindings([...listRightsFindings(house, stateOf.get(row.id)!), ...seen], answers.get(row.id)!);
      const open = sheet.filter((finding) => !finding.settled);
      const busy = describeBusy(assessing.has(row.id), versions.get(row.id)?.state);
      return {
        id: row.id,
        accession: formatAccession(row.accession),
        name: row.name,
        state: row.state,
        arrivalName: row.arrivalName,
        kit: row.kitId === null ? null : { id: row.kitId, name: row.kitName ?? '' },
        thumbnailSha256: row.thumbnailSha256,
        open: open.length,
        blocks: open.filter((finding) => finding.mark === 'blocks').length,
        sure: listSureOpen(sheet).length,
        next: busy ?? open[0]?.title ?? 'Ready for the catalogue',
      };
    }),
  );
}

function describeBusy(isAssessing: boolean, lastVersion: versionQueries.VersionState | undefined): string | null {
  if (isAssessing) return 'looking at it again';
  return lastVersion === 'making' ? 'making the version' : null;
}

/** Works its condition out anew, with what Haveld knows today; answers and steps stay. */
export async function lookAgain({ pool }: Dependencies, id: string): Promise<Sheet> {
  await transact(pool, async (tx) => {
    const asset = await assetQueries.lockAsset(tx, id);
    if (!asset) throw new DomainError('not-found', 'There is no such asset.');
    await assessAgain(tx, asset);
    await bumpRevision(tx);
  });
  return getSheet(pool, id);
}

/** Answers one finding: its earlier steps go, those of the answer come. */
export async function answerFinding(
  dependencies: Dependencies,
  id: string,
  given: { key: string; answer: Answer | null; seen?: Answer | null },
  person: Person,
): Promise<Sheet> {
  await answerOne(dependencies, id, given, person);
  return getSheet(dependencies.pool, id);
}

/** @param heading only those under it; left out, all */
export async function takeSure(
  dependencies: Dependencies,
  id: string,
  person: Person,
  heading?: Heading,
): Promise<Sheet> {
  await takeSureOf(dependencies, id, person, { heading });
  return getSheet(dependencies.pool, id);
}

/**
 * Confirms by a glance what is in pencil.
 * @param guesses as they were seen
 * @throws {DomainError} `out-of-step` where another guess stands there now
 */
export async function confirmGuesses(
  { pool }: Dependencies,
  id: string,
  guesses: readonly { key: string; choiceId: string }[],
  person: Person,
): Promise<Sheet> {
  await transact(pool, async (tx) => {
    const asset = await assetQueries.lockAsset(tx, id);
    if (!asset) throw new DomainError('not-found', 'There is no such asset.');
    const { guessed } = await planStanding(tx, asset);
    const seen = new Map(guesses.map(({ key, choiceId }) => [key, choiceId]));
    const meant = guessed.filter(({ key }) => seen.has(key));
    if (meant.length < seen.size || meant.some(({ key, choices }) => choices[0].id !== seen.get(key)))
      throw new DomainError('out-of-step', 'A guess has changed since you looked. Look at it once more.');
    for (const finding of meant) await confirmGuess(tx, asset, finding, person);
    await bumpRevision(tx);
  });
  return getSheet(pool, id);
}

/** Steps of a person's own, as the sheet of maps makes them: those under the key go, the new ones come. */
export async function setOwnSteps(
  { pool }: Dependencies,
  id: string,
  { key, steps, seen }: { key: string; steps: Step[]; seen?: Step[] },
  person: Person,
): Promise<Sheet> {
  await transact(pool, async (tx) => {
    const asset = await assetQueries.lockAsset(tx, id);
    if (!asset) throw new DomainError('not-found', 'There is no such asset.');
    const before = seen ? await queries.listStepsUnder(tx, id, key) : [];
    const byOther = before.find(({ personId }) => personId !== null && personId !== person.id);
    const isAsSeen = isDeepStrictEqual(
      before.map(({ step }) => step),
      seen,
    );
    if (byOther && !isAsSeen) throw changedMeanwhile(byOther.personName, 'this');
    await requireLenders(tx, steps);
    await queries.deleteStepsOf(tx, id, key);
    for (const step of steps)
      await queries.insertStep(tx, { id: randomUUID(), assetId: id, findingKey: key, step, personId: person.id });
    await noteMapSteps(tx, id, null, steps, person);
    await noteBorrowing(tx, id, person.id);
    await redraw(tx, asset);
    await bumpRevision(tx);
  });
  return getSheet(pool, id);
}

/** Switches a step of the treatment on or off; nothing of it is lost. */
export async function switchStep(
  { pool }: Dependencies,
  id: string,
  { stepId, enabled }: { stepId: string; enabled: boolean },
  person: Person,
): Promise<Sheet> {
  await transact(pool, async (tx) => {
    const asset = await assetQueries.lockAsset(tx, id);
    if (!asset) throw new DomainError('not-found', 'There is no such asset.');
    if (!(await queries.setStepEnabled(tx, id, stepId, enabled)))
      throw new DomainError('not-found', 'There is no such step.');
    await noteBorrowing(tx, id, person.id);
    await redraw(tx, asset);
    await bumpRevision(tx);
  });
  return getSheet(pool, id);
}

/**
 * Corrects provenance; each field that changes is written down with who changed it, and why.
 * @param isOwn false where it comes from the kit, and the piece goes on following it
 */
export async function changeProvenance(
  { pool }: Dependencies,
  id: string,
  { change, seen, why }: { change: Partial<Provenance>; seen?: Partial<Provenance>; why: string },
  person: Person,
  isOwn = true,
): Promise<Sheet> {
  await transact(pool, async (tx) => {
    if (!(await assetQueries.lockAsset(tx, id))) throw new DomainError('not-found', 'There is no such asset.');
    await changeProvenances(tx, [id], { change, seen, why }, person);
    if (isOwn) await markOwn(tx, [id]);
    await refreshSearchTexts(tx, [id]);
    await bumpRevision(tx);
  });
  return getSheet(pool, id);
}

interface Named {
  name: string;
  category: Category;
  tags?: readonly string[];
}

/** Asks for a version; when it is made and checked, the asset stands in the catalogue. */
export async function catalogueAsset(
  dependencies: Dependencies,
  id: string,
  given: Named,
  person: Person,
): Promise<Sheet> {
  const { missing } = await catalogueOne(dependencies, id, given, person);
  if (missing.length > 0)
    throw new DomainError('cannot-catalogue', `It cannot be catalogued yet. ${missing.join(' ')}`);
  return getSheet(dependencies.pool, id);
}

/**
 * Asks for a version, where nothing stands against it.
 * @param given its own name and category where none is given; without either the category its name says
 * @param kitSizes shared where it is done for many pieces at once
 * @returns its name, and what still stands between it and the catalogue, a sentence each
 */
export async function catalogueOne(
  { pool }: Dependencies,
  id: string,
  given: Partial<Named>,
  person: Person,
  kitSizes?: KitSizes,
): Promise<{ name: string; missing: string[] }> {
  return transact(pool, async (tx) => {
    const asset = await assetQueries.lockAsset(tx, id);
    if (!asset) throw new DomainError('not-found', 'There is no such asset.');
    const name = given.name ?? asset.name;
    const { findings } = await listFindings(tx, asset, kitSizes);
    const answers = await answerQueries.listAnswers(tx, id);
    const missing = listMissing(answerFindings(findings, answers));
    if (missing.length > 0) return { name, missing };
    const tree = await loadTree(tx);
    const said = (await listTags(tx, [id])).get(id)!;
    const category = given.category ?? asset.category ?? proposeCategory(tree, { name, said }).id;
    requireCategory(tree, category);
    await assetQueries.setNameAndCategory(tx, id, name, category);
    if (given.tags) await setTags(tx, id, given.tags);
    else await confirmTags(tx, id);
    await nameRootAs(tx, id, houseName(name));
    const steps = orderSteps((await queries.listSteps(tx, id)).filter((row) => row.enabled)).map((row) => row.step);
    const code = steps.map(describeStepCode);
    const same = await versionQueries.findSameVersion(tx, id, asset.readingId, steps, code);
    await refreshSearchTexts(tx, [id]);
    if (same?.state === 'made') await versionQueries.setCatalogued(tx, id, same.id);
    if (!same) {
      const versionId = randomUUID();
      const size = answers.get('size');
      const hasSize = !(size?.kind === 'taken' && size.choiceId === 'none');
      await versionQueries.insertVersion(tx, {
        id: versionId,
        assetId: id,
        readingId: asset.readingId,
        steps,
        code,
        hasSize,
        personId: person.id,
      });
      await insertJob(tx, { kind: 'make-version', subjectId: versionId, label: `making “${name}”` });
    }
    await bumpRevision(tx);
    return { name, missing };
  });
}

/** The root carries the asset's name, where the treatment names it at all. */
async function nameRootAs(tx: PoolConnection, assetId: string, name: string): Promise<void> {
  const row = (await queries.listSteps(tx, assetId)).find(({ step }) => step.kind === 'name-root');
  if (row) await queries.setStepSettings(tx, row.id, { kind: 'name-root', schema: 1, name });
}
