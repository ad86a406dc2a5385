import type { Rights, RightsRow } from '@haveld/contract/rights';
import { LICENCES } from '@haveld/core/rights/licences';
import { getSheet } from '../bench/service';
import type { Executor } from '../database/pool';
import { listVerdictsOf } from '../projects/service';
import * as queries from './queries';

const CLOSED = LICENCES.filter((terms) => terms.house === 'closed').map((terms) => terms.id);

export const countToSettle = (db: Executor): Promise<number> => queries.countClosed(db, CLOSED);

/** What must be settled: first what stands in a project and may not, then what blocks, then what wants a look. */
export async function getRights(db: Executor): Promise<Rights> {
  const rows = (await Promise.all((await queries.listAssetIds(db)).map((id) => describe(db, id)))).filter(
    (row) => row !== null,
  );
  const rank = (row: RightsRow): number =>
    row.projects.some(({ verdict }) => verdict.verdict === 'not-allowed') ? 0 : row.mark === 'blocks' ? 1 : 2;
  const byLicence = await queries.countByLicence(db);
  return {
    toSettle: rows.sort((a, b) => rank(a) - rank(b)),
    byLicence,
    total: byLicence.reduce((sum, { count }) => sum + count, 0),
  };
}

/** @returns null where its rights hold */
async function describe(db: Executor, id: string): Promise<RightsRow | null> {
  const sheet = await getSheet(db, id);
  const open = sheet.findings.filter((finding) => finding.heading === 'rights' && !finding.settled);
  const projects = await listVerdictsOf(db, id, sheet.provenance.licenceId);
  const conflicts = projects.filter(
    ({ verdict }) => verdict.verdict === 'not-allowed' || verdict.verdict === 'ask-first',
  );
  if (open.length === 0 && conflicts.length === 0) return null;
  const first = open.find((finding) => finding.mark === 'blocks') ?? open[0];
  return {
    id,
    accession: sheet.accession,
    name: sheet.name,
    state: sheet.state,
    mark: conflicts.length > 0 || first?.mark === 'blocks' ? 'blocks' : 'look',
    title: first?.title ?? `Stands in “${conflicts[0].name}” and may not`,
    detail: first?.detail ?? conflicts[0].verdict.reasons[0],
    provenance: sheet.provenance,
    rights: sheet.rights,
    projects,
    changes: sheet.changes,
  };
}
