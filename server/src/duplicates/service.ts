import { randomUUID } from 'node:crypto';
import type { Duplicate } from '@haveld/contract/api/duplicates';
import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import { compareFinds, type DuplicateFacts } from '@haveld/core/finds/describe-duplicate';
import type { ShapeSignature } from '@haveld/core/geometry/shape-signature';
import { formatAccession } from '../assets/accession';
import { listAssetsOfFinds, type AssetOfFind } from '../assets/asset-queries';
import { transact, type Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { getArrival } from '../finds/arrival-queries';
import { listFindFiles } from '../finds/file-queries';
import { getFind, setFindState } from '../finds/find-queries';
import { findReadingOf } from '../finds/reading-queries';
import { getFindForBench } from '../finds/service';
import { insertJob } from '../jobs/job-queries';
import { changedMeanwhile } from '../people/meanwhile';
import * as queries from './queries';

/**
 * Keeps what a find is known again by, and looks for it among everything that is here. Only pairs are written, each with the one
 * that came later, whichever was read first; what to do about them is a person's. Has to be the first of its transaction.
 */
export async function noteDuplicates(
  tx: Executor,
  findId: string,
  shape: ShapeSignature | null,
  maps: queries.ShapeRow['maps'],
): Promise<void> {
  await queries.lockShapes(tx);
  await queries.deleteOpenPairs(tx, findId);
  if (shape) await queries.upsertShape(tx, { findId, shape, maps });
  const mine = await gatherFacts(tx, findId);
  if (!mine) return;
  const near = shape ? await queries.listNearShapes(tx, mine.arrivalId, shape) : [];
  const mates = new Set(await queries.listPageMates(tx, findId));
  const candidates = new Set([
    ...(await queries.listSameFiles(tx, mine.arrivalId, mine.modelSha256)),
    ...near.map((row) => row.findId),
    ...mates,
  ]);
  for (const candidate of candidates) {
    const theirs = await gatherFacts(tx, candidate);
    if (!theirs) continue;
    const [later, earlier] = theirs.arrivedAt > mine.arrivedAt ? [theirs, mine] : [mine, theirs];
    const compared = compareFinds(later, earlier, mates.has(candidate));
    if (!compared) continue;
    const { relation, ...differences } = compared;
    if (relation === 'same-file' && (await queries.cameInSameArchive(tx, mine.arrivalId, theirs.arrivalId)))
      differences.summary = 'The same archive, byte for byte, received once more.';
    await queries.upsertPair(tx, {
      id: randomUUID(),
      findId: later.findId,
      otherFindId: earlier.findId,
      relation,
      differences,
    });
  }
}

/** @returns null where it has not been read, or is gone */
async function gatherFacts(
  db: Executor,
  findId: string,
): Promise<(DuplicateFacts & { findId: string; arrivalId: string; arrivedAt: number }) | null> {
  const find = await getFind(db, findId);
  const reading = find && (await findReadingOf(db, findId));
  if (!reading) return null;
  const files = await listFindFiles(db, findId);
  const model = files.find(({ path }) => path === find.modelPath);
  const known = await queries.findShape(db, findId);
  const arrival = await getArrival(db, find.arrivalId);
  return {
    findId,
    arrivalId: find.arrivalId,
    arrivedAt: arrival?.createdAt.getTime() ?? 0,
    modelSha256: model?.sha256 ?? findId,
    format: model?.format ?? '',
    triangles: reading.figures.triangles,
    shape: known?.shape ?? null,
    metres: reading.source.declaredMetres ?? null,
    up: reading.source.declaredUp ?? null,
    maps: known?.maps ?? [],
    clips: reading.source.clips.length,
  };
}

/** @returns the pairs a find is the later one of, each side as it stands here */
export async function listDuplicates({ pool }: Dependencies, findId: string): Promise<Duplicate[]> {
  const pairs = await queries.listPairs(pool, findId);
  const finds = [...new Set(pairs.flatMap((pair) => [pair.findId, pair.otherFindId]))];
  const assets = new Map((await listAssetsOfFinds(pool, finds)).map((asset) => [asset.findId, asset]));
  return Promise.all(
    pairs.map(async (pair) => ({
      id: pair.id,
      relation: pair.relation,
      summary: pair.differences.summary,
      lines: pair.differences.lines,
      decision: pair.decision,
      mine: await describeSide(pool, pair.findId, assets),
      other: await describeSide(pool, pair.otherFindId, assets),
    })),
  );
}

async function describeSide(
  db: Executor,
  findId: string,
  assets: ReadonlyMap<string, AssetOfFind>,
): Promise<Duplicate['mine']> {
  const { find, reading } = await getFindForBench(db, findId);
  const arrival = await getArrival(db, find.arrivalId);
  const asset = assets.get(findId);
  return {
    findId,
    name: find.name,
    arrivalName: arrival?.name ?? '',
    arrivedAt: (arrival?.createdAt ?? new Date(0)).toISOString(),
    modelPath: find.modelPath,
    thumbnailSha256: reading.thumbnailSha256,
    asset: asset ? { id: asset.id, state: asset.state, accession: formatAccession(asset.accession) } : null,
  };
}

/** What a person says about a pair. “The same” sets the new one aside; nothing that is here is touched. */
export async function decideDuplicate(
  { pool }: Dependencies,
  id: string,
  { decision, seen }: { decision: NonNullable<Duplicate['decision']>; seen?: Duplicate['decision'] },
  person: Person,
): Promise<void> {
  await transact(pool, async (tx) => {
    const by = await queries.lockDecision(tx, id);
    const pair = await queries.getPair(tx, id);
    if (!pair) throw new DomainError('not-found', 'There is no such pair of duplicates.');
    if (by && by.id !== person.id && seen !== undefined && pair.decision !== seen)
      throw changedMeanwhile(by.name, 'this');
    const { find } = await getFindForBench(tx, pair.findId);
    const { find: other } = await getFindForBench(tx, pair.otherFindId);
    await queries.setDecision(tx, id, decision, person.id);
    if (decision === 'same' && find.state === 'read')
      await setFindState(tx, pair.findId, 'set-aside', `The same as “${other.name}”, which is here.`);
    if (decision === 'newer' && other.state === 'read')
      await setFindState(tx, pair.otherFindId, 'set-aside', `“${find.name}” is taken instead.`);
    // what was held back by the question follows those of its arrival that are lined up
    if (decision !== 'same' && find.state === 'read' && (await getArrival(tx, find.arrivalId))?.linedUp)
      await insertJob(tx, { kind: 'line-up-find', subjectId: find.id, label: `lining up “${find.name}”` });
    await bumpRevision(tx);
  });
}
