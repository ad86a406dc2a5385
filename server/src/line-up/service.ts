import type { SheetFinding } from '@haveld/contract/api/bench';
import type { CardFinding, Confirmed, HeldBack, LineUp, LineUpCard } from '@haveld/contract/api/line-up';
import type { Person } from '@haveld/contract/api/people';
import type { Category } from '@haveld/contract/category';
import { DomainError } from '@haveld/contract/error';
import type { Answer } from '@haveld/contract/finding';
import type { FindingKind } from '@haveld/contract/finding-kinds';
import { answerFindings, describeMissing } from '@haveld/core/condition/answers';
import { setInPencil } from '@haveld/core/condition/pencil';
import { mergeEdit } from '@haveld/core/edits/merge-edit';
import { scaleOf } from '@haveld/core/treatment/scale-of';
import { proposeCategory } from '@haveld/core/library/categories/propose-category';
import { formatAccession } from '../assets/accession';
import * as answerQueries from '../assets/answer-queries';
import * as assetQueries from '../assets/asset-queries';
import { refreshSearchTexts } from '../assets/search-text';
import { listProposedTags, listTags, setTags } from '../assets/tag-queries';
import * as versionQueries from '../assets/version-queries';
import { applyAnswer, confirmGuess, takeSureByHaveld } from '../bench/answering';
import { listFindings } from '../bench/findings';
import { listEnabledSteps } from '../bench/queries';
import { catalogueOne, takeFindToBench } from '../bench/service';
import { planStanding, redraw } from '../bench/standing';
import { findStanding, insertStanding, listNotLinedUp, listStandings } from '../bench/standing-queries';
import { transact, type Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { loadBook } from '../house/book';
import { loadTree, requireCategory } from '../house/categories';
import { listOpenJobsOf } from '../jobs/job-queries';
import { changedMeanwhile } from '../people/meanwhile';
import { listRightsFindings, loadRightsStates } from '../rights/state';
import * as queries from './queries';

/** Lines up what these arrivals hold, and has what is still read of them follow as soon as it is. */
export async function lineUpArrivals(dependencies: Dependencies, arrivalIds: readonly string[]): Promise<void> {
  await queries.setLinedUp(dependencies.pool, arrivalIds);
  for (const find of await queries.listWaitingFinds(dependencies.pool, arrivalIds))
    await lineUpFind(dependencies, find.id);
}

/** Lines up what lies on the bench by itself; pieces of a kit are answered on its contact sheet. */
export async function lineUpBench(dependencies: Dependencies): Promise<void> {
  for (const id of await listNotLinedUp(dependencies.pool)) await lineUpAsset(dependencies, id);
}

/** Brings a find into the line-up, where nothing of it is for a person to decide first. Safe to do twice. */
export async function lineUpFind(dependencies: Dependencies, findId: string): Promise<void> {
  const find = await queries.findWaiting(dependencies.pool, findId);
  if (find && (find.state !== 'read' || whyHeldBack(find) !== null)) return;
  const assetId = find
    ? await takeFindToBench(dependencies, findId)
    : await assetQueries.findAssetOfFind(dependencies.pool, findId);
  if (assetId) await lineUpAsset(dependencies, assetId);
}

/** What is sure is taken, the rest stands in pencil. */
const lineUpAsset = ({ pool }: Dependencies, id: string): Promise<void> =>
  transact(pool, async (tx) => {
    const asset = await assetQueries.lockAsset(tx, id);
    if (!asset || asset.state !== 'on-bench' || asset.kitId !== null || (await findStanding(tx, id))) return;
    await insertStanding(tx, id);
    await takeSureByHaveld(tx, asset);
    await redraw(tx, asset);
    await bumpRevision(tx);
  });

function whyHeldBack(find: queries.WaitingFind): string | null {
  if (find.state === 'failed') return find.message ?? 'It could not be read.';
  if (find.question !== null) return find.question.text;
  if (find.kitId !== null) return 'It is a kit: its pieces are chosen on its contact sheet.';
  if (find.duplicates > 0) return 'It may be here already.';
  return null;
}

/** All models that wait, each as it will be: a handful of statements, however many there are. */
export async function getLineUp(db: Executor): Promise<LineUp> {
  const assets = await assetQueries.listLinedUp(db);
  const ids = assets.map(({ id }) => id);
  const [house, states, answers, steps, standings, versions, drawing, assessing, waiting, tags, proposed] =
    await Promise.all([
      loadBook(db),
      loadRightsStates(db, ids),
      answerQueries.listAnswersOf(db, ids),
      listEnabledSteps(db, ids),
      listStandings(db, ids),
      versionQueries.listLastVersions(db, ids),
      listOpenJobsOf(db, 'draw-standing', ids),
      listOpenJobsOf(db, 'assess-asset', ids),
      queries.listWaitingInLineUp(db),
      listTags(db, ids),
      listProposedTags(db, ids),
    ]);
  const stateOf = new Map(states.map((state) => [state.id, state]));
  const cards = assets.map((asset): LineUpCard => {
    const { id } = asset;
    const rights = stateOf.get(id)!;
    const sheet = answerFindings([...listRightsFindings(house, rights), ...asset.findings], answers.get(id)!);
    const { guessed, asked } = setInPencil(sheet, house.rules);
    const { pictureSha256, box, message } = standings.get(id)!;
    const version = versions.get(id);
    const hasSize = isSizeKnown(sheet, guessed);
    return {
      id,
      accession: formatAccession(asset.accession),
      name: asset.name,
      category: asset.category,
      proposedCategory: proposeCategory(house.tree, { name: asset.name, said: tags.get(id)! }),
      tags: tags.get(id)!,
      proposedTags: proposed.get(id) ?? [],
      arrivalName: asset.arrivalName,
      provenance: rights.provenance,
      namedLicences: [...new Set(rights.found.licences.map(({ id: licenceId }) => licenceId))],
      triangles: asset.triangles,
      standing: box && { sha256: pictureSha256, box },
      busy: describeBusy(version?.state === 'making', assessing.has(id), drawing.has(id)),
      hasSize,
      decided: sheet.flatMap((finding) => describeDecision(finding) ?? []),
      steps: steps.get(id) ?? [],
      guessed: guessed.map(toCardFinding),
      asked: asked.map(toCardFinding),
      failure: version?.state === 'failed' ? (version.message ?? 'The version could not be made.') : message,
    };
  });
  return {
    cards,
    reading: waiting.filter(({ state }) => state === 'waiting').length,
    heldBack: listHeldBack(waiting),
  };
}

/** Evidence, and what each choice would do, are most of a finding: a card shows neither. */
const toCardFinding = ({ kind, key, heading, mark, title, choices }: SheetFinding): CardFinding => ({
  kind,
  key,
  heading,
  mark,
  title,
  steps: choices[0]?.steps ?? [],
  choices: choices.map(({ id, label, confidence, steps }) => ({ id, label, confidence, scale: scaleOf(steps) })),
});

/** Each with its reason and what it is answered with; of a kit one line stands for all its pieces. */
function listHeldBack(waiting: readonly queries.WaitingFind[]): HeldBack[] {
  const kits = new Set<string>();
  return waiting.flatMap((find): HeldBack[] => {
    const why = whyHeldBack(find);
    if (why === null) return [];
    const { id, arrivalId, state, thumbnailSha256, question, duplicates, kitId, kitName } = find;
    const isOfKit = kitId !== null && state !== 'failed' && question === null;
    if (isOfKit && kits.has(kitId)) return [];
    if (isOfKit) kits.add(kitId);
    const name = isOfKit ? (kitName ?? find.name) : find.name;
    return [{ id, name, arrivalId, why, state, thumbnailSha256, question, duplicates, kitId }];
  });
}

function describeBusy(isMaking: boolean, isAssessing: boolean, isDrawing: boolean): LineUpCard['busy'] {
  if (isMaking) return 'being made';
  if (isAssessing) return 'being looked at again';
  return isDrawing ? 'being drawn' : null;
}

/** Lengths are metres where its size is settled or guessed, and it has one. */
function isSizeKnown(sheet: readonly SheetFinding[], guessed: readonly SheetFinding[]): boolean {
  const size = sheet.find(({ kind }) => kind === 'size');
  if (!size) return false;
  if (size.answer)
    return size.answer.kind === 'own' || (size.answer.kind === 'taken' && size.answer.choiceId !== 'none');
  return size.settled || (guessed.includes(size) && size.choices[0].id !== 'none');
}

function describeDecision({ kind, settled, answer, choices }: SheetFinding): LineUpCard['decided'][number] | null {
  if (!settled || (choices.length === 0 && !answer)) return null;
  if (!answer) return { kind, by: 'measured' };
  return { kind, by: (answer.kind === 'taken' && answer.by) || 'person' };
}

/** Confirms by a glance everything in pencil on these models, and puts each into the catalogue that may go. */
export async function confirmLineUp(
  dependencies: Dependencies,
  ids: readonly string[],
  person: Person,
): Promise<Confirmed> {
  const confirmed: Confirmed = { catalogued: [], left: [] };
  for (const id of ids) {
    const { name, isAsDrawn } = await confirmGuesses(dependencies, id, person);
    if (!isAsDrawn) {
      confirmed.left.push({ id, name, missing: ['It has changed since it was drawn: look at it once more.'] });
      continue;
    }
    const { missing } = await catalogueOne(dependencies, id, {}, person);
    if (missing.length > 0) confirmed.left.push({ id, name, missing });
    else confirmed.catalogued.push(id);
  }
  return confirmed;
}

/** A glance confirms what was seen: where steps or guesses are others than those drawn, nothing. */
const confirmGuesses = (
  { pool }: Dependencies,
  id: string,
  person: Person,
): Promise<{ name: string; isAsDrawn: boolean }> =>
  transact(pool, async (tx) => {
    const asset = await assetQueries.lockAsset(tx, id);
    const standing = asset && (await findStanding(tx, id));
    if (!asset || !standing) throw new DomainError('not-found', 'It is not in the line-up.');
    const { guessed, stepsSha256 } = await planStanding(tx, asset);
    if (standing.stepsSha256 !== stepsSha256) {
      await redraw(tx, asset);
      return { name: asset.name, isAsDrawn: false };
    }
    for (const finding of guessed) await confirmGuess(tx, asset, finding, person);
    return { name: asset.name, isAsDrawn: true };
  });

interface Named {
  name?: string;
  category?: Category;
  tags?: readonly string[];
}

/** Names an asset, and says what it is and by which words it is found. */
export async function nameAsset(
  { pool }: Dependencies,
  id: string,
  { seen = {}, ...given }: Named & { seen?: Omit<Named, 'category'> & { category?: Category | null } },
): Promise<void> {
  await transact(pool, async (tx) => {
    const asset = await assetQueries.lockAsset(tx, id);
    if (!asset) throw new DomainError('not-found', 'There is no such asset.');
    const now = { name: asset.name, category: asset.category, tags: (await listTags(tx, [id])).get(id) };
    const [conflict] = mergeEdit<object>(now, { ...now, ...seen }, given).conflicts;
    if (conflict) throw changedMeanwhile(null, `the ${conflict} of “${asset.name}”`);
    if (given.name !== undefined) await assetQueries.setName(tx, id, given.name);
    if (given.category !== undefined) {
      requireCategory(await loadTree(tx), given.category);
      await assetQueries.setCategory(tx, id, given.category);
    }
    if (given.tags !== undefined) await setTags(tx, id, given.tags);
    await refreshSearchTexts(tx, [id]);
    await bumpRevision(tx);
  });
}

/** Gives the findings of one kind on several models the same answer. @returns how many were answered */
export async function answerMany(
  { pool }: Dependencies,
  given: { ids: readonly string[]; kind: FindingKind; choiceId: string | null; reason: string },
  person: Person,
): Promise<number> {
  let answered = 0;
  for (const id of given.ids)
    await transact(pool, async (tx) => {
      const asset = await assetQueries.lockAsset(tx, id);
      if (!asset) return;
      const { findings } = await listFindings(tx, asset);
      const answers = await answerQueries.listAnswers(tx, id);
      for (const finding of answerFindings(findings, answers)) {
        if (finding.kind !== given.kind) continue;
        const answer = toAnswer(finding, given);
        if (!answer) continue;
        await applyAnswer(tx, asset, finding, answer, person);
        answered++;
      }
      await bumpRevision(tx);
    });
  return answered;
}

/** Only what stands in the way is left out: a map that was found, or is guessed, stays. @returns null where it does not concern the finding */
function toAnswer(
  finding: SheetFinding,
  { choiceId, reason }: { choiceId: string | null; reason: string },
): Answer | null {
  if (choiceId === null) return describeMissing(finding) === null ? null : { kind: 'set-aside', reason };
  const isOpen = finding.mark !== 'holds' || finding.answer !== null;
  return isOpen && finding.choices.some(({ id }) => id === choiceId) ? { kind: 'taken', choiceId } : null;
}
