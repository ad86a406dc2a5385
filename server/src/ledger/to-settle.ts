import type { Rights, RightsRow } from '@haveld/contract/api/rights';
import { listSameAuthors } from '@haveld/core/rights/same-author';
import { formatAccession } from '../assets/accession';
import type { Executor } from '../database/pool';
import * as ledger from './ledger-queries';

/** What blocks, and what stands in a live project and may not: asked every second, so only counted. */
export async function countToSettle(db: Executor): Promise<number> {
  const [blocking, refused] = await Promise.all([ledger.countOpen(db), ledger.countRefused(db)]);
  return blocking + refused;
}

/** More than anybody reads; the ledger shows all. */
const SHOWN_OPEN = 300;

const toRow = (row: ledger.LedgerRow) => ({ ...row, accession: formatAccession(row.accession) });

/** What must be settled: what stands in a live project and may not there, then what is open in one, then the others. */
export async function getRights(db: Executor): Promise<Rights> {
  const [open, toSettleCount, byLicence, refused] = await Promise.all([
    ledger.listOpen(db, SHOWN_OPEN),
    ledger.countAllOpen(db),
    ledger.countByLicence(db),
    describeRefused(db),
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

/** Why assets are refused, by asset: of several projects, one that may not hold it is told. */
async function describeRefused(db: Executor): Promise<Map<string, { title: string; detail: string }>> {
  const refused = new Map<string, { title: string; detail: string }>();
  for (const { assetId, projectName, verdict, reason } of await ledger.listRefused(db))
    if (!refused.has(assetId))
      refused.set(assetId, {
        title:
          verdict === 'not-allowed'
            ? `Stands in “${projectName}” and may not`
            : `Stands in “${projectName}”, and somebody has to be asked`,
        detail: reason,
      });
  return refused;
}
