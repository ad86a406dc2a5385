import { randomUUID } from 'node:crypto';
import type { AssetUse } from '@haveld/contract/catalogue';
import { DomainError } from '@haveld/contract/error';
import type { Verdict } from '@haveld/contract/licence';
import type { Person } from '@haveld/contract/people';
import type { Project, ProjectRow, ProjectUse } from '@haveld/contract/projects';
import { judgeUse } from '@haveld/core/rights/verdict';
import { listCreditedChanges } from '@haveld/core/treatment/apply-treatment';
import { composeAssetCredit, countReceivedBytes, findCardRow, listVersions, toCard } from '../catalogue/service';
import { bumpRevision, transact, type Executor } from '../database/pool';
import type { Dependencies } from '../dependencies';
import { insertJob } from '../jobs/job-table';
import * as queries from './queries';

export const countProjects = queries.countProjects;

const toRow = (row: queries.ProjectRow): ProjectRow => ({ ...row, createdAt: row.createdAt.toISOString() });

export const listProjects = async (db: Executor): Promise<ProjectRow[]> => (await queries.listProjects(db)).map(toRow);

export async function createProject(
  { pool }: Dependencies,
  given: { name: string; purpose: string; commercial: boolean },
): Promise<ProjectRow> {
  const id = randomUUID();
  await queries.insertProject(pool, { id, ...given });
  await bumpRevision(pool);
  return toRow(await mustFind(pool, id));
}

async function mustFind(db: Executor, id: string): Promise<queries.ProjectRow> {
  const project = await queries.findProject(db, id);
  if (!project) throw new DomainError('not-found', 'There is no such project.');
  return project;
}

export async function getProject(db: Executor, id: string): Promise<Project> {
  const project = await mustFind(db, id);
  const handOvers = await Promise.all((await queries.listOfProject(db, id)).map((row) => describeUse(db, row)));
  const credits = [...new Set(handOvers.filter((use) => use.state === 'packed').map((use) => use.credit))].sort(
    (a, b) => a.localeCompare(b),
  );
  return { ...toRow(project), handOvers, credits: credits.join('\n') };
}

async function describeUse(db: Executor, row: queries.HandOverRow): Promise<ProjectUse> {
  const card = await findCardRow(db, row.assetId);
  if (!card) throw new Error(`describeUse: hand-over ${row.id} of no asset`);
  const { accession, name, portraitSha256 } = toCard(card);
  return {
    ...toUse(row, await countReceivedBytes(db, card.findId)),
    assetId: row.assetId,
    accession,
    assetName: name,
    portraitSha256,
    credit: row.credit,
    verdict: row.verdict,
    message: row.message,
    checks: row.checks,
  };
}

const toUse = (row: queries.HandOverRow, receivedBytes: number): AssetUse => ({
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
});

export async function listUsesOf(db: Executor, assetId: string): Promise<AssetUse[]> {
  const rows = await queries.listOfAsset(db, assetId);
  const card = rows.length > 0 ? await findCardRow(db, assetId) : null;
  const receivedBytes = card ? await countReceivedBytes(db, card.findId) : 0;
  return rows.map((row) => toUse(row, receivedBytes));
}

/** Projects an asset stands in, with what the licence says of each today. */
export async function listVerdictsOf(
  db: Executor,
  assetId: string,
  licenceId: string,
): Promise<{ id: string; name: string; verdict: Verdict }[]> {
  const rows = await queries.listOfAsset(db, assetId);
  const ids = [...new Set(rows.filter((row) => row.state !== 'failed').map((row) => row.projectId))];
  return Promise.all(
    ids.map(async (id) => {
      const project = await mustFind(db, id);
      return {
        id,
        name: project.name,
        verdict: judgeUse(licenceId, { commercial: project.commercial, changed: true }),
      };
    }),
  );
}

/** May these be used there? Judged with the version that would be handed over. */
export async function judgeForProject(db: Executor, projectId: string, assetIds: readonly string[]) {
  const project = await mustFind(db, projectId);
  return Promise.all(
    assetIds.map(async (assetId) => {
      const row = await findCardRow(db, assetId);
      if (!row || !row.versionId)
        throw new DomainError('not-found', 'Only what stands in the catalogue can be handed over.');
      const version = (await listVersions(db, assetId)).find((candidate) => candidate.id === row.versionId)!;
      const changed = listCreditedChanges(version.steps).length > 0;
      return {
        card: toCard(row),
        row,
        verdict: judgeUse(row.licenceId, { commercial: project.commercial, changed }),
        credit: await composeAssetCredit(db, assetId, version.steps),
      };
    }),
  );
}

/** Writes the uses down, each pinned to a version, and asks for the packing. One refusal stops all, by name. */
export async function handOver(
  { pool }: Dependencies,
  projectId: string,
  given: { assetIds: string[]; format: 'glb' | 'obj' },
  person: Person,
): Promise<Project> {
  const judged = await judgeForProject(pool, projectId, given.assetIds);
  const refused = judged.filter(({ verdict }) => verdict.verdict === 'not-allowed' || verdict.verdict === 'ask-first');
  if (refused.length > 0) {
    throw new DomainError(
      'not-allowed-by-licence',
      refused.map(({ card, verdict }) => `${card.name}: ${verdict.reasons.join(' ')}`).join(' '),
    );
  }
  await transact(pool, async (tx) => {
    for (const { card, row, verdict, credit } of judged) {
      const id = randomUUID();
      await queries.insertHandOver(tx, {
        id,
        projectId,
        assetId: card.id,
        versionId: row.versionId!,
        format: given.format,
        credit,
        verdict,
        personId: person.id,
      });
      await insertJob(tx, { kind: 'pack-hand-over', subjectId: id, words: `packing “${card.name}”` });
    }
    await bumpRevision(tx);
  });
  return getProject(pool, projectId);
}
