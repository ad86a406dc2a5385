import { randomUUID } from 'node:crypto';
import type { AssetUse } from '@haveld/contract/api/catalogue';
import type { Person } from '@haveld/contract/api/people';
import type { NewProject, Project, ProjectRow, ProjectUse } from '@haveld/contract/api/projects';
import { DomainError } from '@haveld/contract/error';
import type { MapFile, HandOverFormat } from '@haveld/contract/hand-over-shape';
import { VERDICTS, type Verdict } from '@haveld/contract/licence';
import { composeCredits, listCredits, type Credit } from '@haveld/core/rights/credits';
import { judgeAsset, takenDownVerdict } from '@haveld/core/rights/judge-use';
import { listWorksOfSteps } from '@haveld/core/rights/lent-works';
import { describeChanges, describeNature } from '@haveld/core/treatment/apply-treatment';
import { formatAccession } from '../assets/accession';
import { listCardsOf, type CardRow } from '../assets/card-queries';
import { listCurrentSteps } from '../assets/version-queries';
import { transact, type Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { sumFindBytes } from '../finds/file-queries';
import { loadBook } from '../house/book';
import { today } from '../house/today';
import { insertJob } from '../jobs/job-queries';
import { takeEdit } from '../people/meanwhile';
import { askForJudging } from '../rights/ask-for-judging';
import { loadRightsStates } from '../rights/state';
import { listHoldings } from './holdings';
import * as queries from './queries';

const toRow = (row: queries.ProjectRow): ProjectRow => ({ ...row, createdAt: row.createdAt.toISOString() });

/** Live ones first, the newest before the others. */
export const listProjects = async (db: Executor): Promise<ProjectRow[]> => (await queries.listProjects(db)).map(toRow);

/** Opens a project. */
export async function createProject({ pool }: Dependencies, given: NewProject): Promise<ProjectRow> {
  const id = randomUUID();
  await queries.insertProject(pool, { id, ...given });
  await bumpRevision(pool);
  return getProjectRow(pool, id);
}

type ChangedProject = NewProject & { live: boolean };

const FIELD_WORDS: Record<string, string> = {
  name: 'Its name',
  purpose: 'What it is for',
  live: 'Whether it has ended',
  use: 'What becomes of the models',
};

const describeFields = (fields: string[]): string =>
  [...new Set(fields.map((field) => FIELD_WORDS[field.split('.')[0]]))].join(', ');

/** What a project is for may change; every verdict is asked anew each time it is shown. */
export async function changeProject(
  { pool }: Dependencies,
  id: string,
  { seen, ...wanted }: ChangedProject & { seen?: ChangedProject },
  person: Person,
): Promise<ProjectRow> {
  await transact(pool, async (tx) => {
    await queries.lockProject(tx, id);
    const { name, purpose, use, live } = await getProjectRow(tx, id);
    const changed = takeEdit({ name, purpose, use, live }, { seen, wanted, person }, null, describeFields);
    await queries.updateProject(tx, { id, ...changed });
    await askForJudging(tx);
    await bumpRevision(tx);
  });
  return getProjectRow(pool, id);
}

/** @throws {DomainError} where there is none */
export async function getProjectRow(db: Executor, id: string): Promise<ProjectRow> {
  const project = await queries.findProject(db, id);
  if (!project) throw new DomainError('not-found', 'There is no such project.');
  return toRow(project);
}

/** A project with its uses, each with the verdict of today: what held when it was handed over may hold no more. */
export async function getProject(db: Executor, id: string): Promise<Project> {
  const [project, rows, [held]] = await Promise.all([
    getProjectRow(db, id),
    queries.listOfProject(db, id),
    listHoldings(db, { projectId: id }),
  ]);
  const verdicts = new Map(held?.judged.map(({ assetId, verdict }) => [assetId, verdict]));
  const handOvers = rows.map((row) => ({
    ...describeUse(row, verdicts.get(row.assetId) ?? row.verdict),
    ...findNewer(row, rows),
  }));
  // what may not stand there is first; among equals the newest stays first
  const severity = ({ verdict }: ProjectUse): number =>
    Math.max(VERDICTS.indexOf(verdict.verdict), VERDICTS.indexOf('allowed-with-duties'));
  return { ...project, handOvers: handOvers.sort((a, b) => severity(b) - severity(a)) };
}

/** @param rows uses of the project, the newest first @returns the number of a version it has not taken, or has left, on the last use of an asset */
function findNewer(
  row: queries.ProjectUseRow,
  rows: readonly queries.ProjectUseRow[],
): Pick<ProjectUse, 'newer' | 'leftNewer'> {
  // what could not be packed was not taken
  const ofIt = rows.filter(({ assetId, state }) => assetId === row.assetId && state !== 'failed');
  const taken = Math.max(...ofIt.map(({ versionNumber }) => versionNumber));
  const { currentNumber } = row;
  if (row !== ofIt[0] || currentNumber === null || currentNumber <= taken) return { newer: null, leftNewer: null };
  const isLeft = ofIt.some(({ staysUntil }) => staysUntil !== null && staysUntil >= currentNumber);
  return isLeft ? { newer: null, leftNewer: currentNumber } : { newer: currentNumber, leftNewer: null };
}

/** A project stays with the version it has: what is left is told no more, until there is a later one. */
export async function leaveNewer(
  { pool }: Dependencies,
  projectId: string,
  assetId: string,
  number: number,
): Promise<Project> {
  if (!(await queries.setStaysUntil(pool, projectId, assetId, number)))
    throw new DomainError('not-found', 'This project holds nothing of it.');
  await bumpRevision(pool);
  return getProject(pool, projectId);
}

const describeUse = (row: queries.ProjectUseRow, verdict: Verdict): Omit<ProjectUse, 'newer' | 'leftNewer'> => ({
  ...toUse(row, row.receivedBytes, verdict),
  assetId: row.assetId,
  accession: formatAccession(row.accession),
  assetName: row.assetName,
  thumbnailSha256: row.thumbnailSha256,
  credit: composeCredits(row.credits),
  message: row.message,
  checks: row.checks,
  maps: row.maps,
});

const toUse = (row: queries.HandOverRow, receivedBytes: number, verdict: Verdict): AssetUse => ({
  projectId: row.projectId,
  projectName: row.projectName,
  handOverId: row.id,
  versionNumber: row.versionNumber,
  format: row.format,
  at: row.createdAt.toISOString(),
  personName: row.personName,
  receivedBytes,
  handedBytes: row.sizeBytes,
  zipSha256: row.zipSha256,
  state: row.state,
  verdict,
});

/** Where an asset is used, each use with the verdict of today. */
export async function listUsesOf(db: Executor, assetId: string): Promise<AssetUse[]> {
  const rows = await queries.listOfAsset(db, assetId);
  if (rows.length === 0) return [];
  const [[card], projects] = await Promise.all([listCardsOf(db, [assetId]), listHoldings(db, { assetId })]);
  const receivedBytes = card ? await sumFindBytes(db, card.findId) : 0;
  const verdicts = new Map(projects.map(({ id, judged }) => [id, judged[0].verdict]));
  return rows.map((row) => toUse(row, receivedBytes, verdicts.get(row.projectId) ?? row.verdict));
}

interface Judged {
  row: CardRow;
  verdict: Verdict;
  credits: Credit[];
}

/** May these be used there? Judged with the version that would be handed over. */
export async function judgeForProject(db: Executor, projectId: string, assetIds: readonly string[]): Promise<Judged[]> {
  const { use } = await getProjectRow(db, projectId);
  const [{ book }, rows, states, steps] = await Promise.all([
    loadBook(db),
    listCardsOf(db, assetIds),
    loadRightsStates(db, assetIds),
    listCurrentSteps(db, assetIds),
  ]);
  return assetIds.map((assetId) => {
    const row = rows.find((candidate) => candidate.id === assetId);
    const state = states.find((candidate) => candidate.id === assetId);
    const taken = steps.get(assetId);
    if (!row?.versionId || !state || !taken)
      throw new DomainError('not-found', 'Only what stands in the catalogue can be handed over.');
    const works = { ...state, further: listWorksOfSteps(state.further, taken) };
    const verdict: Verdict =
      state.takenDown === null
        ? judgeAsset(book, works, use, { nature: describeNature(taken), today: today() })
        : takenDownVerdict(`It was taken down: ${state.takenDown}`);
    return { row, verdict, credits: listCredits(book, works, describeChanges(taken)) };
  });
}

/** Nothing is handed over that is not allowed, or allowed only after asking. */
export const isRefused = ({ verdict }: Verdict): boolean => verdict === 'not-allowed' || verdict === 'ask-first';

/** Writes the uses down, each pinned to a version, and asks for the packing. One refusal stops all, by name. */
export async function handOver(
  { pool }: Dependencies,
  projectId: string,
  given: { assetIds: string[]; format: HandOverFormat; maps: MapFile },
  person: Person,
): Promise<Project> {
  const judged = await judgeForProject(pool, projectId, given.assetIds);
  const refused = judged.filter(({ verdict }) => isRefused(verdict));
  if (refused.length > 0) {
    throw new DomainError(
      'not-allowed-by-licence',
      refused.map(({ row, verdict }) => `${row.name}: ${verdict.reasons.join(' ')}`).join(' '),
    );
  }
  await transact(pool, async (tx) => {
    for (const { row, verdict, credits } of judged) {
      const id = randomUUID();
      await queries.insertHandOver(tx, {
        id,
        projectId,
        assetId: row.id,
        versionId: row.versionId!,
        format: given.format,
        maps: given.maps,
        credits,
        verdict,
        personId: person.id,
      });
      await insertJob(tx, { kind: 'pack-hand-over', subjectId: id, label: `packing “${row.name}”` });
    }
    await askForJudging(tx);
    await bumpRevision(tx);
  });
  return getProject(pool, projectId);
}
