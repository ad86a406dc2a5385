import type { AssetState } from '@haveld/contract/asset-state';
import type { Answer, Finding, FindingMark } from '@haveld/contract/finding';
import { RightsFindingSchema, type FurtherWork, type Provenance, type RightsFinding } from '@haveld/contract/licence';
import { answerFindings } from '@haveld/core/condition/answers';
import { checkRights } from '@haveld/core/condition/check-rights';
import { many, placesFor, run, type Executor } from '../database/pool';
import { loadBook, today, type HouseBook } from './book';
import { listFurtherWorks, parseProvenance, PROVENANCE_COLUMNS, type StoredProvenance } from './provenance-queries';

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
  answers: Map<string, Answer>;
}

type Stored = StoredProvenance & {
  id: string;
  accession: number;
  assetName: string;
  state: AssetState;
  confirmed: number;
  confirmedBy: string | null;
  takenDown: string | null;
  found: string;
  hasEvidence: number;
};

/** Reads them for many assets at once: three statements. */
export async function loadRightsStates(db: Executor, ids: readonly string[]): Promise<AssetRightsState[]> {
  if (ids.length === 0) return [];
  const places = placesFor(ids);
  const rows = await many<Stored>(
    db,
    `SELECT asset.id, asset.accession, asset.name AS assetName, asset.state, asset.licence_confirmed AS confirmed, asset.licence_confirmed_by AS confirmedBy,
       asset.taken_down AS takenDown, reading.rights AS found, EXISTS (SELECT 1 FROM asset_evidence WHERE asset_evidence.asset_id = asset.id) AS hasEvidence, ${PROVENANCE_COLUMNS}
     FROM asset JOIN provenance ON provenance.asset_id = asset.id JOIN reading ON reading.id = asset.reading_id WHERE asset.id IN (${places})`,
    [...ids],
  );
  const works = await listFurtherWorks(db, ids);
  const answers = await many<{ assetId: string; key: string; answer: string }>(
    db,
    `SELECT asset_id AS assetId, finding_key AS \`key\`, answer FROM answer WHERE asset_id IN (${places}) AND finding_key LIKE 'rights:%'`,
    [...ids],
  );
  const answersOf = new Map<string, Map<string, Answer>>();
  for (const { assetId, key, answer } of answers) {
    const own = answersOf.get(assetId) ?? new Map<string, Answer>();
    own.set(key, JSON.parse(answer) as Answer);
    answersOf.set(assetId, own);
  }
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
    answers: answersOf.get(row.id) ?? new Map<string, Answer>(),
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
    takenDown: state.takenDown,
    today: today(),
    evidenceRequired: rules.evidenceRequired,
  });

export interface RightsMark {
  mark: FindingMark;
  title: string;
  detail: string;
}

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

/** Works out anew how the rights of these stand, and keeps it where lists can find it. */
export async function refreshRightsMarks(db: Executor, ids: readonly string[], house?: HouseBook): Promise<void> {
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
    for (const { worst, ids: alike } of byMark.values())
      await run(
        db,
        `UPDATE asset SET rights_mark = ?, rights_title = ?, rights_detail = ? WHERE id IN (${placesFor(alike)})`,
        [worst.mark, worst.title.slice(0, 300), worst.detail.slice(0, 600), ...alike],
      );
  }
}

/** Works out anew how every asset stands, a batch at a time. @param onBatch told how many are done, and of how many */
export async function refreshAllMarks(
  db: Executor,
  onBatch: (done: number, total: number) => void = () => undefined,
  signal?: AbortSignal,
): Promise<number> {
  const house = await loadBook(db);
  const [{ total }] = await many<{ total: number }>(db, 'SELECT COUNT(*) AS total FROM asset');
  let done = 0;
  for (let last = ''; ;) {
    signal?.throwIfAborted();
    const rows = await many<{ id: string }>(db, `SELECT id FROM asset WHERE id > ? ORDER BY id LIMIT ${BATCH}`, [last]);
    if (rows.length === 0) return done;
    const ids = rows.map(({ id }) => id);
    await refreshRightsMarks(db, ids, house);
    last = ids[ids.length - 1];
    done += ids.length;
    onBatch(done, total);
  }
}

/** Assets of which nobody has worked out how their rights stand. */
export const countUnread = async (db: Executor): Promise<number> =>
  (await many<{ n: number }>(db, "SELECT COUNT(*) AS n FROM asset WHERE rights_mark = 'unread'"))[0].n;
