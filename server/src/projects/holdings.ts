import {
  type FurtherWork,
  type IntendedUse,
  type Provenance,
  type Verdict,
  type Work,
  IntendedUseSchema,
} from '@haveld/contract/licence';
import type { Step } from '@haveld/contract/step';
import { judgeAsset, takenDownVerdict } from '@haveld/core/rights/judge-use';
import { listWorksOfSteps } from '@haveld/core/rights/lent-works';
import type { LicenceBook } from '@haveld/core/rights/licence-book';
import type { ChangeNature } from '@haveld/core/rights/verdict-rules';
import { describeNature } from '@haveld/core/treatment/apply-treatment';
import { type Executor } from '../database/pool';
import { loadBook } from '../house/book';
import { today } from '../house/today';
import { listWorks } from '../rights/works';
import * as queries from './holding-queries';
import type { HeldRow } from './holding-queries';

/** One asset a project holds, with what decides about it. */
export interface Holding {
  assetId: string;
  accession: number;
  name: string;
  versionNumbers: number[];
  /** Steps of each version that was taken. */
  steps: Step[][];
  modelSha256: string | null;
  takenDown: string | null;
  provenance: Work & Pick<Provenance, 'acquiredOn' | 'expiresOn' | 'seats' | 'territory'>;
  further: FurtherWork[];
  verdict: Verdict;
}

export interface ProjectHoldings {
  id: string;
  name: string;
  purpose: string;
  live: boolean;
  use: IntendedUse;
  judged: Holding[];
}

/** What projects hold, each judged by what its licence says today: four statements, however many there are. */
export async function listHoldings(
  db: Executor,
  { live, projectId, assetId }: { live?: boolean; projectId?: string; assetId?: string },
): Promise<ProjectHoldings[]> {
  const rows = await queries.listHeld(db, { live, projectId, assetId });
  if (rows.length === 0) return [];
  const [{ book }, works] = await Promise.all([
    loadBook(db),
    listWorks(db, [...new Set(rows.map((row) => row.assetId))]),
  ]);
  return judgeRows(book, rows, works);
}

function judgeRows(
  book: LicenceBook,
  rows: readonly HeldRow[],
  works: ReadonlyMap<string, FurtherWork[]>,
): ProjectHoldings[] {
  const projects = new Map<string, ProjectHoldings>();
  const holdings = new Map<string, Holding>();
  const stepsOf = new Map<string, Step[]>();
  for (const row of rows) {
    let project = projects.get(row.projectId);
    if (!project)
      projects.set(
        row.projectId,
        (project = {
          id: row.projectId,
          name: row.projectName,
          purpose: row.purpose,
          live: row.endedAt === null,
          use: IntendedUseSchema.parse(JSON.parse(row.intendedUse)),
          judged: [],
        }),
      );
    const steps = stepsOf.get(row.steps) ?? (JSON.parse(row.steps) as Step[]);
    stepsOf.set(row.steps, steps);
    const key = `${row.projectId}|${row.assetId}`;
    const known = holdings.get(key);
    if (known) {
      known.versionNumbers.push(row.versionNumber);
      known.steps.push(steps);
      known.modelSha256 = row.modelSha256;
      continue;
    }
    const { title, author, authorUrl, licenceId, source, pageUrl, acquiredOn, expiresOn, seats, territory } = row;
    const holding: Holding = {
      assetId: row.assetId,
      accession: row.accession,
      name: row.assetName,
      versionNumbers: [row.versionNumber],
      steps: [steps],
      modelSha256: row.modelSha256,
      takenDown: row.takenDown,
      provenance: {
        title,
        author,
        authorUnknown: row.authorIsUnknown === 1,
        authorUrl,
        licenceId,
        source,
        pageUrl,
        acquiredOn: acquiredOn as '',
        expiresOn: expiresOn as '',
        seats,
        territory,
      },
      further: works.get(row.assetId) ?? [],
      verdict: NOTHING_JUDGED,
    };
    holdings.set(key, holding);
    project.judged.push(holding);
  }
  const judge = createJudge(book);
  for (const project of projects.values())
    for (const holding of project.judged) {
      // what a later version borrows is not in those a project holds
      holding.further = listWorksOfSteps(holding.further, holding.steps.flat());
      holding.verdict = judge(holding, project.use);
    }
  return [...projects.values()];
}

const NOTHING_JUDGED: Verdict = { verdict: 'not-allowed', reasons: [], duties: [], question: null, chosen: '' };

/** Judges alike what is alike: thousands of uses stand under a handful of licences. */
function createJudge(book: LicenceBook): (holding: Holding, use: IntendedUse) => Verdict {
  const known = new Map<string, Verdict>();
  const natures = new Map<readonly Step[], ChangeNature>();
  const day = today();
  return ({ provenance, further, steps, takenDown }, use) => {
    if (takenDown !== null) return takenDownVerdict(`It was taken down: ${takenDown}`);
    const nature = joinNatures(steps.map((one) => natures.get(one) ?? natures.set(one, describeNature(one)).get(one)!));
    const lines = further.map(({ part, title, licenceId, lender }) => ({ part, title, licenceId, lender }));
    const key = JSON.stringify([
      provenance.licenceId,
      provenance.acquiredOn,
      provenance.expiresOn,
      provenance.seats,
      provenance.territory,
      lines,
      nature,
      use,
    ]);
    const before = known.get(key);
    if (before) return before;
    const verdict = judgeAsset(book, { provenance, further: lines }, use, { nature, today: day });
    known.set(key, verdict);
    return verdict;
  };
}

function joinNatures(natures: readonly ChangeNature[]): ChangeNature {
  if (natures.length === 1) return natures[0];
  return {
    changed: natures.some(({ changed }) => changed),
    adaptations: [...new Set(natures.flatMap(({ adaptations }) => adaptations))],
  };
}
