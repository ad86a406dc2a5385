import type { Rights, RightsRow } from '@haveld/contract/api/rights';
import { listSameAuthors } from '@haveld/core/rights/same-author';
import { formatAccession } from '../assets/accession';
import type { Executor } from '../database/pool';
import { today } from '../house/today';
import { listHoldings } from '../projects/holdings';
import { reopenLapsed } from '../rights/reopen-projects';
import { refreshRightsMarks } from '../rights/state';
import * as ledger from './ledger-queries';

const counted = new WeakMap<Executor, { key: string; count: Promise<number> }>();

/** What blocks, and what stands in a live project and may not: asked every second, so worked out once a revision and day. */
export function countToSettle(db: Executor, revision: string): Promise<number> {
  const key = `${revision} ${today()}`;
  const known = counted.get(db);
  if (known?.key === key) return known.count;
  const count = countConflicts(db);
  counted.set(db, { key, count });
  // a failure is not kept
  count.catch(() => counted.delete(db));
  return count;
}

async function countConflicts(db: Executor): Promise<number> {
  await tellExpiring(db);
  const [blocking, refused] = await Promise.all([ledger.countOpen(db), listRefused(db)]);
  const ids = [...refused].filter(([, { isRefused }]) => isRefused).map(([id]) => id);
  return blocking + (ids.length === 0 ? 0 : await ledger.countNotBlocking(db, ids));
}

/** More than anybody reads; the ledger shows all. */
const SHOWN_OPEN = 300;
const LAPSES_SOON_DAYS = 60;

const toRow = (row: ledger.LedgerRow) => ({ ...row, accession: formatAccession(row.accession) });

/** What must be settled: what stands in a live project and may not there, then what is open in one, then the others. */
export async function getRights(db: Executor): Promise<Rights> {
  await tellExpiring(db);
  const [open, toSettleCount, byLicence, refused] = await Promise.all([
    ledger.listOpen(db, SHOWN_OPEN),
    ledger.countAllOpen(db),
    ledger.countByLicence(db),
    listRefused(db),
  ]);
  const known = new Set(open.map(({ id }) => id));
  const missing = [...refused.keys()].filter((id) => !known.has(id)).slice(0, SHOWN_OPEN);
  const rows = [...open, ...(missing.length > 0 ? await ledger.listRowsOf(db, missing) : [])];
  const projects = await ledger.listProjectsHolding(
    db,
    rows.map(({ id }) => id),
  );
  const described = rows.map((row): RightsRow => {
    const refusal = refused.get(row.id);
    return {
      ...toRow(row),
      ...(refusal ? { mark: 'blocks' as const, title: refusal.title, detail: refusal.detail } : {}),
      projects: projects.get(row.id) ?? [],
    };
  });
  const rank = (row: RightsRow): number =>
    (refused.has(row.id) ? 0 : 2) + (row.projects.length > 0 ? 0 : 4) + (row.mark === 'blocks' ? 0 : 1);
  const aliases = await ledger.listAliases(db);
  return {
    toSettle: described.sort((a, b) => rank(a) - rank(b)),
    toSettleCount: toSettleCount + missing.length,
    byLicence,
    total: byLicence.reduce((sum, { count }) => sum + count, 0),
    sameAuthors: listSameAuthors((await ledger.listAuthors(db)).filter((name) => !aliases.has(name))).slice(0, 20),
  };
}

let telling: Promise<void> = Promise.resolve();

/** Grants that end soon or have ended are told on the day, without anybody having touched them; one telling at a time. */
function tellExpiring(db: Executor): Promise<void> {
  const tell = async (): Promise<void> => {
    const soon = new Date(Date.now() + LAPSES_SOON_DAYS * 86_400_000).toISOString().slice(0, 10);
    await refreshRightsMarks(db, await ledger.listExpiring(db, soon));
    await reopenLapsed(db, today());
  };
  // one that failed was told to whoever asked for it
  telling = telling.catch(() => undefined).then(tell);
  return telling;
}

/** Assets that stand in a live project which may not hold them. */
async function listRefused(db: Executor): Promise<Map<string, { title: string; detail: string; isRefused: boolean }>> {
  const refused = new Map<string, { title: string; detail: string; isRefused: boolean }>();
  for (const project of await listHoldings(db, { live: true })) {
    for (const { assetId, verdict } of project.judged) {
      if (verdict.verdict !== 'not-allowed' && verdict.verdict !== 'ask-first') continue;
      if (verdict.verdict === 'ask-first' && refused.has(assetId)) continue;
      refused.set(assetId, {
        title:
          verdict.verdict === 'not-allowed'
            ? `Stands in “${project.name}” and may not`
            : `Stands in “${project.name}”, and somebody has to be asked`,
        detail: verdict.reasons[0],
        isRefused: verdict.verdict === 'not-allowed',
      });
    }
  }
  return refused;
}
