import type { Person } from '@haveld/contract/api/people';
import type { AssetRights, Ledger, LedgerQuestion, NewEvidence } from '@haveld/contract/api/rights';
import { OTHER_THINGS } from '@haveld/contract/category';
import { DomainError } from '@haveld/contract/error';
import { HOUSE_RULE_FACTS, type HouseRule, type HouseRules } from '@haveld/contract/house-rules';
import type { Provenance } from '@haveld/contract/licence';
import { CategoryTree } from '@haveld/core/library/categories/category-tree';
import { composeCredits, listCredits } from '@haveld/core/rights/credits';
import { judgeAsset } from '@haveld/core/rights/judge-use';
import { writeLetter } from '@haveld/core/rights/letter';
import { PLAIN_USE } from '@haveld/core/rights/plain-use';
import { describeChanges } from '@haveld/core/treatment/apply-treatment';
import { formatAccession } from '../assets/accession';
import { moveCategory } from '../assets/asset-queries';
import { setTakenDown } from '../assets/rights-mark-queries';
import { refreshSearchTexts } from '../assets/search-text';
import { listCurrentSteps } from '../assets/version-queries';
import { transact, type Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { loadBook } from '../house/book';
import { loadRules, lockRules, storeRules } from '../house/rule-queries';
import { today } from '../house/today';
import { takeEdit } from '../people/meanwhile';
import { listHoldings } from '../projects/holdings';
import { noteChangesOfCategories } from '../library/change-queries';
import { askForRefresh } from '../rights/ask-for-refresh';
import { attachEvidence, storeEvidence } from '../rights/evidence';
import { listEvidence } from '../rights/evidence-queries';
import * as provenance from '../rights/provenance';
import { insertChanges, listChanges } from '../rights/provenance-queries';
import { reopenProjects } from '../rights/reopening-queries';
import { loadRightsStates, refreshRightsMarks, listOpenFindings, worstOf } from '../rights/state';
import * as ledger from './ledger-queries';

/** A page of the ledger with its groups. */
export async function getLedger(db: Executor, question: LedgerQuestion): Promise<Ledger> {
  const [groups, total, rows] = await Promise.all([
    ledger.listGroups(db, question),
    ledger.countLedger(db, question),
    ledger.listLedger(db, question),
  ]);
  return {
    groups,
    total,
    rows: rows.map(({ detail: _detail, ...row }) => ({ ...row, accession: formatAccession(row.accession) })),
  };
}

/** How many assets stood under which licence at the end of each month. */
export async function getLicenceMix(db: Executor): Promise<{ month: string; licenceId: string; count: number }[]> {
  const now = new Map<string, number>();
  const moves = await ledger.listLicenceMoves(db);
  const months = [...new Set(moves.map(({ month }) => month))];
  return months.flatMap((month) => {
    for (const { before, after, count } of moves.filter((move) => move.month === month)) {
      now.set(after, (now.get(after) ?? 0) + count);
      if (before !== '') now.set(before, (now.get(before) ?? 0) - count);
    }
    return [...now].filter(([, count]) => count > 0).map(([licenceId, count]) => ({ month, licenceId, count }));
  });
}

/** Everything that bears on the rights of an asset, with the verdict of each project that holds it. */
export async function getAssetRights(db: Executor, id: string): Promise<AssetRights> {
  const house = await loadBook(db);
  const [state] = await loadRightsStates(db, [id]);
  if (!state) throw new DomainError('not-found', 'There is no such asset.');
  const [evidence, changes, projects, steps] = await Promise.all([
    listEvidence(db, id),
    listChanges(db, id),
    listHoldings(db, { assetId: id }),
    listCurrentSteps(db, [id]),
  ]);
  const credits = listCredits(
    house.book,
    { provenance: state.provenance, further: state.further, name: state.name },
    describeChanges(steps.get(id) ?? []),
  );
  return {
    id,
    accession: formatAccession(state.accession),
    name: state.name,
    state: state.state,
    ...worstOf(house, state),
    open: listOpenFindings(house, state).map(({ key, mark, title, detail }) => ({ key, mark, title, detail })),
    provenance: state.provenance,
    further: state.further,
    rights: state.found,
    evidence,
    changes: changes.map((change) => ({
      ...change,
      at: change.at.toISOString(),
      personName: change.personName ?? 'Haveld',
    })),
    takenDown: state.takenDown,
    projects: projects.flatMap((project) =>
      project.judged.map(({ verdict, versionNumbers }) => ({
        id: project.id,
        name: project.name,
        live: project.live,
        versionNumbers,
        verdict,
      })),
    ),
    credit: composeCredits(credits),
    shortCredit: composeCredits(credits, 'short'),
  };
}

/** Settles one or many at once, with one reason and one evidence. @returns how many changed or got the evidence */
export async function settleRights(
  dependencies: Dependencies,
  given: {
    assetIds: string[];
    change: Partial<Provenance>;
    seen?: Partial<Provenance>;
    why: string;
    evidence: NewEvidence | null;
  },
  person: Person,
): Promise<number> {
  const stored = given.evidence && (await storeEvidence(dependencies, given.evidence));
  const ids = [...new Set(given.assetIds)];
  return transact(dependencies.pool, async (tx) => {
    const change = { change: given.change, seen: given.seen, why: given.why, evidenceId: stored?.id };
    const changed = await provenance.changeProvenances(tx, ids, change, person);
    if (stored) await attachEvidence(tx, stored, ids, person);
    await provenance.markOwn(tx, changed);
    if (stored) await refreshRightsMarks(tx, ids);
    await refreshSearchTexts(tx, changed);
    await bumpRevision(tx);
    return stored ? ids.length : changed.length;
  });
}

/** Keeps one more evidence with an asset. */
export async function addEvidence(
  dependencies: Dependencies,
  id: string,
  given: NewEvidence,
  person: Person,
): Promise<AssetRights> {
  await getAssetRights(dependencies.pool, id);
  const stored = await storeEvidence(dependencies, given);
  await transact(dependencies.pool, async (tx) => {
    await attachEvidence(tx, stored, [id], person);
    await refreshRightsMarks(tx, [id]);
    await bumpRevision(tx);
  });
  return getAssetRights(dependencies.pool, id);
}

/** Adds a work an asset rests on, or corrects one. */
export async function saveWork(
  { pool }: Dependencies,
  id: string,
  given: { workId: string | null; work: provenance.NewWork; why: string },
  person: Person,
): Promise<AssetRights> {
  await getAssetRights(pool, id);
  await transact(pool, async (tx) => {
    await provenance.saveWork(tx, id, given.workId, given.work, given.why, person);
    await bumpRevision(tx);
  });
  return getAssetRights(pool, id);
}

/** Takes a work away that an asset does not rest on. */
export async function removeWork(
  { pool }: Dependencies,
  id: string,
  workId: string,
  why: string,
  person: Person,
): Promise<AssetRights> {
  await transact(pool, async (tx) => {
    await provenance.removeWork(tx, id, workId, why, person);
    await bumpRevision(tx);
  });
  return getAssetRights(pool, id);
}

/** Marks an asset as taken down; every live project that holds it is opened again. */
export async function takeDown(
  { pool }: Dependencies,
  id: string,
  reason: string | null,
  person: Person,
): Promise<AssetRights> {
  const before = await getAssetRights(pool, id);
  await transact(pool, async (tx) => {
    await setTakenDown(tx, id, reason);
    await insertChanges(tx, [
      {
        assetId: id,
        field: 'taken down',
        before: before.takenDown === null ? 'no' : 'yes',
        after: reason === null ? 'no' : 'yes',
        personId: person.id,
        why: reason ?? '',
      },
    ]);
    if (reason !== null) await reopenProjects(tx, [id], `It was taken down: ${reason}`);
    await refreshRightsMarks(tx, [id]);
    await bumpRevision(tx);
  });
  return getAssetRights(pool, id);
}

/** A letter to the author of an asset, about a project or a production that earns money. */
export async function composeLetter(
  db: Executor,
  id: string,
  projectId: string,
  person: Person,
): Promise<{ subject: string; body: string }> {
  const { book, rules } = await loadBook(db);
  const [state] = await loadRightsStates(db, [id]);
  if (!state) throw new DomainError('not-found', 'There is no such asset.');
  const projects = await listHoldings(db, projectId === '' ? { assetId: id } : { projectId, assetId: id });
  const [project] = projects;
  const verdict = project?.judged[0]?.verdict ?? judgeAsset(book, state, PAID_PRODUCTION, { today: today() });
  return writeLetter(book, {
    provenance: state.provenance,
    question: verdict.question ?? 'use it in a production that earns money, changed to fit it',
    purpose: project?.purpose ?? '',
    house: rules.houseName,
    writer: person.name,
  });
}

/** What is asked for where no project is named. */
const PAID_PRODUCTION = { ...PLAIN_USE, commercial: true };

/** Changes the rules; how everything stands is worked out anew by a job, and told as it is. */
export async function saveRules(
  { pool }: Dependencies,
  { seen, ...wanted }: HouseRules & { seen?: HouseRules },
  person: Person,
): Promise<HouseRules> {
  for (const { licenceId } of wanted.sourceDefaults) provenance.requireExpression(licenceId);
  return transact(pool, async (tx) => {
    const last = await lockRules(tx);
    const before = await loadRules(tx);
    const rules = takeEdit(before, { seen, wanted, person }, last, describeRules);
    await storeRules(tx, rules, person.id);
    await followTree(tx, new CategoryTree(before.categories), new CategoryTree(rules.categories));
    await askForRefresh(tx);
    await bumpRevision(tx);
    return rules;
  });
}

/** What stood in a category that is gone stands in the nearest wider one that is left; what is called otherwise now is found by it. */
async function followTree(tx: Executor, before: CategoryTree, now: CategoryTree): Promise<void> {
  for (const { id } of before.nodes)
    if (!now.has(id)) await moveCategory(tx, id, before.listAbove(id).find((wider) => now.has(wider)) ?? OTHER_THINGS);
  const renamed = now.nodes.map(({ id }) => id).filter((id) => before.has(id) && before.pathOf(id) !== now.pathOf(id));
  if (renamed.length > 0) await noteChangesOfCategories(tx, renamed);
}

const describeRules = (fields: string[]): string =>
  [...new Set(fields.map((field) => `“${HOUSE_RULE_FACTS[field.split('.')[0] as HouseRule].label}”`))].join(', ');

/** Two spellings are one author: what stands under the one stands under the other, and both stay written down. */
export async function joinAuthors({ pool }: Dependencies, keep: string, join: string, person: Person): Promise<number> {
  if (keep === join) throw new DomainError('bad-request', 'These are the same words.');
  return transact(pool, async (tx) => {
    const ids = await ledger.listAssetIdsByAuthor(tx, join);
    await ledger.saveAlias(tx, join, keep, person.id);
    if (ids.length === 0) return 0;
    const changed = await provenance.changeProvenances(
      tx,
      ids,
      { change: { author: keep }, why: `“${join}” and “${keep}” are one author` },
      person,
    );
    await refreshSearchTexts(tx, changed);
    await bumpRevision(tx);
    return changed.length;
  });
}
