import type { Person } from '@haveld/contract/api/people';
import type { CREDITS_FORMATS, ProjectRights } from '@haveld/contract/api/projects';
import { DomainError } from '@haveld/contract/error';
import { VERDICTS, type Duty } from '@haveld/contract/licence';
import { canMerge } from '@haveld/core/rights/compatibility';
import {
  CREDIT_FILES,
  gatherCredits,
  listCredits,
  writeCredits,
  type Credit,
  type CreditFormat,
} from '@haveld/core/rights/credits';
import type { LicenceBook } from '@haveld/core/rights/licence-book';
import { writeSpdxDocument } from '@haveld/core/rights/spdx-document';
import { describeChanges } from '@haveld/core/treatment/apply-treatment';
import { formatAccession } from '../assets/accession';
import { transact, type Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { loadBook } from '../house/book';
import * as queries from './duty-queries';
import { type Tick, listTicks, listReopened } from './duty-queries';
import { listHoldings, type Holding, type ProjectHoldings } from './holdings';
import { getProjectRow } from './service';

/** Verdicts with nothing to decide are shown up to here. */
const SHOWN_CALM = 500;

/** The rights sheet of a project: worst first, conflicts between its assets, what it owes, what has changed. */
export async function getProjectRights(db: Executor, id: string): Promise<ProjectRights> {
  const row = await getProjectRow(db, id);
  const [held] = await listHoldings(db, { projectId: id });
  const holdings = held?.judged ?? [];
  const [{ book }, ticks, reopened] = await Promise.all([loadBook(db), listTicks(db, id), listReopened(db, id)]);
  const worst = [...holdings].sort(
    (a, b) => VERDICTS.indexOf(b.verdict.verdict) - VERDICTS.indexOf(a.verdict.verdict) || a.accession - b.accession,
  );
  const isOpen = ({ verdict }: Holding): boolean =>
    verdict.verdict === 'not-allowed' || verdict.verdict === 'ask-first';
  const shown = [...worst.filter(isOpen), ...worst.filter((holding) => !isOpen(holding)).slice(0, SHOWN_CALM)];
  const counts: Record<string, number> = Object.fromEntries(VERDICTS.map((verdict) => [verdict, 0]));
  for (const { verdict } of holdings) counts[verdict.verdict]++;
  return {
    ...row,
    counts,
    verdicts: shown.map((holding) => ({
      assetId: holding.assetId,
      accession: formatAccession(holding.accession),
      name: holding.name,
      versionNumber: holding.versionNumbers.at(-1)!,
      licenceId: holding.provenance.licenceId,
      author: holding.provenance.author,
      verdict: holding.verdict,
    })),
    conflicts: held ? listConflicts(book, held) : [],
    duties: gatherDuties(holdings, ticks),
    reopened,
    creditsCount: gatherCredits(listProjectCredits(book, holdings)).reduce(
      (sum, { credits }) => sum + credits.length,
      0,
    ),
  };
}

/** Works that cannot become one: asked only where the project makes one new work of them, or has not said. */
function listConflicts(book: LicenceBook, { use, judged }: ProjectHoldings): ProjectRights['conflicts'] {
  if (use.arrangement === 'side-by-side') return [];
  const byLicence = new Map<string, Set<string>>();
  for (const { provenance, further, name } of judged)
    for (const licenceId of new Set([provenance.licenceId, ...further.map((work) => work.licenceId)])) {
      const names = byLicence.get(licenceId) ?? new Set<string>();
      names.add(name);
      byLicence.set(licenceId, names);
    }
  const ids = [...byLicence.keys()];
  return ids.flatMap((a, i) =>
    ids
      .slice(i + 1)
      .filter((b) => !canMerge(book, a, b))
      .map((b) => ({ a, b, ofA: [...byLicence.get(a)!].slice(0, 20), ofB: [...byLicence.get(b)!].slice(0, 20) })),
  );
}

/** A checklist: each kind of duty once, with the assets that owe it. */
function gatherDuties(holdings: readonly Holding[], ticks: readonly Tick[]): ProjectRights['duties'] {
  const tickOf = new Map(ticks.map((tick) => [`${tick.assetId}|${tick.kind}`, tick]));
  const byKind = new Map<Duty['kind'], ProjectRights['duties'][number]>();
  for (const { assetId, name, verdict } of holdings) {
    for (const kind of new Set(verdict.duties.map((duty) => duty.kind))) {
      const own = verdict.duties.filter((duty) => duty.kind === kind);
      const line = byKind.get(kind) ?? { kind, text: DUTY_WORDS[kind], assets: [] };
      const tick = tickOf.get(`${assetId}|${kind}`);
      line.assets.push({
        assetId,
        name: kind === 'other' ? `${name}: ${own.map(({ text }) => text).join(' ')}` : name,
        tickedBy: tick?.personName ?? null,
        tickedAt: tick?.at.toISOString() ?? null,
      });
      byKind.set(kind, line);
    }
  }
  return [...byKind.values()];
}

const DUTY_WORDS: Record<Duty['kind'], string> = {
  attribution: 'Name the author, the source and the licence where people see it.',
  'state-changes': 'Say that it was changed.',
  'share-alike': 'Pass the changed version on under the same licence.',
  notice: 'Keep the licence text, or its address, with the file.',
  'no-locks': 'Put no technical locks on it.',
  'no-endorsement': 'Do not let it look as if the author stood behind it.',
  other: 'What a single licence asks beside this.',
};

/** Says that a duty is done for some assets, or takes it back. */
export async function tickDuties(
  { pool }: Dependencies,
  projectId: string,
  given: { kind: string; assetIds: string[]; done: boolean },
  person: Person,
): Promise<ProjectRights> {
  await getProjectRow(pool, projectId);
  const [held] = await listHoldings(pool, { projectId });
  const owed = new Set(held?.judged.map(({ assetId }) => assetId));
  if (given.assetIds.some((id) => !owed.has(id)))
    throw new DomainError('bad-request', 'One of these assets is not in this project.');
  await transact(pool, async (tx) => {
    await queries.replaceTicks(tx, projectId, given, person.id);
    await bumpRevision(tx);
  });
  return getProjectRights(pool, projectId);
}

/** Somebody has looked at what has changed. */
export async function settleReopening(
  { pool }: Dependencies,
  projectId: string,
  reopeningId: number,
  words: string,
  person: Person,
): Promise<ProjectRights> {
  if (!(await queries.settleReopening(pool, projectId, reopeningId, words, person.id)))
    throw new DomainError('out-of-step', 'Somebody has looked at this already.');
  await bumpRevision(pool);
  return getProjectRights(pool, projectId);
}

const listProjectCredits = (book: LicenceBook, holdings: readonly Holding[]): Credit[] =>
  holdings.flatMap((holding) => listCredits(book, holding, describeChanges(holding.steps.flat())));

/** The credits of everything a project holds, as a file. */
export async function getProjectCredits(
  db: Executor,
  id: string,
  { format, form }: { format: (typeof CREDITS_FORMATS)[number]; form: 'short' | 'long' },
): Promise<{ name: string; mediaType: string; text: string }> {
  const { name } = await getProjectRow(db, id);
  const [held] = await listHoldings(db, { projectId: id });
  const { book } = await loadBook(db);
  if (format === 'spdx') {
    const text = writeSpdxDocument(book, {
      name,
      namespace: `urn:uuid:${id}`,
      created: `${new Date().toISOString().slice(0, 19)}Z`,
      packages: (held?.judged ?? []).map((holding) => ({
        accession: formatAccession(holding.accession),
        name: holding.name,
        version: holding.versionNumbers.at(-1)!,
        credits: listCredits(book, holding, describeChanges(holding.steps.flat())),
        sha256: holding.modelSha256,
      })),
    });
    return { name: `${name}.spdx.json`, mediaType: 'application/spdx+json', text };
  }
  const { extension, mediaType } = CREDIT_FILES[format satisfies CreditFormat];
  return {
    name: `${name} credits.${extension}`,
    mediaType,
    text: writeCredits(listProjectCredits(book, held?.judged ?? []), format, form, `Credits: ${name}`),
  };
}
