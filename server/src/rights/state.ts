import type { AssetState } from '@haveld/contract/asset-state';
import type { Answer, Finding } from '@haveld/contract/finding';
import type { PageDifference } from '@haveld/contract/page-change';
import { RightsFindingSchema, type FurtherWork, type Provenance, type RightsFinding } from '@haveld/contract/licence';
import { answerFindings } from '@haveld/core/condition/answers';
import { checkRights } from '@haveld/core/condition/check-rights';
import { listAnswersOf } from '../assets/answer-queries';
import { countAssets, listAssetIds, setRightsMark, type RightsMark } from '../assets/rights-mark-queries';
import { type Executor } from '../database/pool';
import { loadBook, type HouseBook } from '../house/book';
import { today } from '../house/today';
import { askForJudging } from './ask-for-judging';
import { listBorrowers } from './borrowing-queries';
import { listOpenOf } from './page-change-queries';
import { parseProvenance } from './provenance-queries';
import { isAnyHeld } from './reopening-queries';
import * as queries from './state-queries';
import { listWorks } from './works';

/** Everything that bears on the rights of one asset. */
export interface AssetRightsState {
  id: string;
  accession: number;
  name: string;
  state: AssetState;
  confirmed: boolean;
  confirmedBy: string | null;
  takenDown: string | null;
  provenance: Provenance;
  further: FurtherWork[];
  found: RightsFinding;
  hasEvidence: boolean;
  pageChanges: (PageDifference & { id: string; seenAt: string })[];
  answers: Map<string, Answer>;
}

/** Reads them for many assets at once: four statements. */
export async function loadRightsStates(db: Executor, ids: readonly string[]): Promise<AssetRightsState[]> {
  if (ids.length === 0) return [];
  const [rows, works, answers, pageChanges] = await Promise.all([
    queries.listStates(db, ids),
    listWorks(db, ids),
    listAnswersOf(db, ids, 'rights'),
    listOpenOf(db, ids),
  ]);
  return rows.map((row) => ({
    id: row.id,
    accession: row.accession,
    name: row.assetName,
    state: row.state,
    confirmed: row.confirmed === 1,
    confirmedBy: row.confirmedBy,
    takenDown: row.takenDown,
    provenance: parseProvenance(row),
    further: works.get(row.id) ?? [],
    found: RightsFindingSchema.parse(JSON.parse(row.found)),
    hasEvidence: row.hasEvidence === 1,
    pageChanges: pageChanges
      .filter(({ assetId }) => assetId === row.id)
      .map(({ seenAt, ...change }) => ({ ...change, seenAt: seenAt.toISOString() })),
    answers: answers.get(row.id)!,
  }));
}

/** Findings about whose it is, by the house's book and rules. */
export const listRightsFindings = ({ book, rules }: HouseBook, state: AssetRightsState): Finding[] =>
  checkRights(book, {
    provenance: state.provenance,
    further: state.further,
    found: state.found,
    confirmed: state.confirmed,
    awaitsSecond: rules.secondPerson && state.confirmedBy !== null && !state.confirmed,
    hasEvidence: state.hasEvidence,
    pageChanges: state.pageChanges,
    takenDown: state.takenDown,
    today: today(),
    evidenceRequired: rules.evidenceRequired,
  });

/** What is open of its rights, what blocks first. */
export function listOpenFindings(house: HouseBook, state: AssetRightsState): Finding[] {
  const open = answerFindings(listRightsFindings(house, state), state.answers).filter((finding) => !finding.settled);
  return open.sort((a, b) => Number(b.mark === 'blocks') - Number(a.mark === 'blocks'));
}

/** The worst finding that is open; holds where there is none. */
export function worstOf(house: HouseBook, state: AssetRightsState): RightsMark {
  const [worst] = listOpenFindings(house, state);
  return worst
    ? { mark: worst.mark, title: worst.title, detail: worst.detail }
    : { mark: 'holds', title: '', detail: '' };
}

const BATCH = 500;

/** Works out anew how the rights of these and of their borrowers stand, and keeps it where lists can find it; what live projects hold of them is judged after. */
export async function refreshRightsMarks(db: Executor, changed: readonly string[], house?: HouseBook): Promise<void> {
  const ids = [...changed, ...(await listBorrowers(db, changed))];
  const known = house ?? (await loadBook(db));
  for (let at = 0; at < ids.length; at += BATCH) {
    const states = await loadRightsStates(db, ids.slice(at, at + BATCH));
    // alike ones go together, so that a kit of hundreds is one statement
    const byMark = new Map<string, { worst: RightsMark; ids: string[] }>();
    for (const state of states) {
      const worst = worstOf(known, state);
      const key = JSON.stringify(worst);
      const group = byMark.get(key) ?? { worst, ids: [] };
      group.ids.push(state.id);
      byMark.set(key, group);
    }
    for (const { worst, ids: alike } of byMark.values()) await setRightsMark(db, alike, worst);
  }
  if (ids.length > 0 && (await isAnyHeld(db, ids))) await askForJudging(db);
}

/** Works out anew how every asset stands, a batch at a time. @param onBatch told how many are done, and of how many */
export async function refreshAllMarks(
  db: Executor,
  onBatch: (done: number, total: number) => void = () => undefined,
  signal?: AbortSignal,
): Promise<number> {
  const house = await loadBook(db);
  const total = await countAssets(db);
  let done = 0;
  for (let last = ''; ;) {
    signal?.throwIfAborted();
    const ids = await listAssetIds(db, last, BATCH);
    if (ids.length === 0) return done;
    await refreshRightsMarks(db, ids, house);
    last = ids[ids.length - 1];
    done += ids.length;
    onBatch(done, total);
  }
}
