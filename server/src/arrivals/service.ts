import { randomUUID } from 'node:crypto';
import type { Arrival, Find } from '@haveld/contract/arrivals';
import { DomainError } from '@haveld/contract/error';
import type { Person } from '@haveld/contract/people';
import { checkEntryPath } from '@haveld/core/finds/entry-name';
import { groupFinds } from '@haveld/core/finds/group-finds';
import type { HeapFile } from '@haveld/core/finds/heap-file';
import { proposeProvenance } from '@haveld/core/rights/propose-provenance';
import type { OpenResult } from '@haveld/engine/tasks/open-archive';
import { bumpRevision, transact, type Executor } from '../database/pool';
import type { Dependencies } from '../dependencies';
import { insertJob } from '../jobs/job-table';
import * as queries from './queries';

type FindAsset = NonNullable<Find['asset']>;

const SHOWN = 60;
/** Files of an arrival a screen lists; the rest is counted. */
const FILES_SHOWN = 400;

/** Announces an arrival. Paths that may not be are refused one by one; the rest goes on. */
export async function announceArrival(
  { pool }: Dependencies,
  person: Person,
  given: { name: string; files: { path: string; sizeBytes: number }[] },
): Promise<{ id: string; received: { id: string; path: string }[]; refused: string[] }> {
  const refused: string[] = [];
  const received: { id: string; arrivalId: string; path: string; sizeBytes: number }[] = [];
  const id = randomUUID();
  for (const { path, sizeBytes } of given.files) {
    const checked = checkEntryPath(path.replace(/^\.?\//, ''));
    if ('refused' in checked) refused.push(checked.refused);
    else received.push({ id: randomUUID(), arrivalId: id, path: checked.path, sizeBytes });
  }
  if (received.length === 0) throw new DomainError('bad-request', refused[0] ?? 'No file was named.');
  await transact(pool, async (tx) => {
    await queries.insertArrival(tx, { id, name: given.name, refused, personId: person.id });
    await queries.insertReceived(tx, received);
    await bumpRevision(tx);
  });
  return { id, received: received.map((row) => ({ id: row.id, path: row.path })), refused };
}

export const findReceived = (db: Executor, id: string): Promise<queries.ReceivedRow | null> =>
  queries.getReceived(db, id);

/** One upload is here; when it was the last one, the arrival is opened. */
export async function noteUploaded(dependencies: Dependencies, receivedId: string, uploadId: string): Promise<void> {
  await noteReceived(dependencies, receivedId, (tx) => queries.setUploaded(tx, receivedId, uploadId));
}

/** The bytes of a file are in the store already. */
export async function noteStored(dependencies: Dependencies, receivedId: string, sha256: string): Promise<void> {
  await noteReceived(dependencies, receivedId, (tx) => queries.setReceivedHash(tx, receivedId, sha256));
}

async function noteReceived(
  { pool }: Dependencies,
  receivedId: string,
  note: (tx: Executor) => Promise<void>,
): Promise<void> {
  await transact(pool, async (tx) => {
    const received = await queries.getReceived(tx, receivedId);
    if (!received) throw new DomainError('not-found', 'This upload was not announced.');
    await note(tx);
    const arrival = await queries.getArrival(tx, received.arrivalId);
    if (arrival?.state === 'receiving' && (await queries.countOutstanding(tx, received.arrivalId)) === 0) {
      await queries.setArrivalState(tx, received.arrivalId, 'opening');
      await insertJob(tx, { kind: 'open-arrival', subjectId: received.arrivalId, words: `opening “${arrival.name}”` });
    }
    await bumpRevision(tx);
  });
}

/** Writes down what an arrival holds and asks for every find to be read. Safe to do twice. */
export async function keepOpened(
  { pool }: Dependencies,
  arrivalId: string,
  { files, refused }: OpenResult,
): Promise<void> {
  const { finds, aside } = groupFinds(files as HeapFile[]);
  const reasons = new Map(aside.map((file) => [file.path, file.reason]));
  await transact(pool, async (tx) => {
    const arrival = await queries.getArrival(tx, arrivalId);
    if (!arrival || arrival.state !== 'opening') return;
    await queries.replaceFiles(
      tx,
      arrivalId,
      files.map((file) => ({ ...file, asideReason: reasons.get(file.path) ?? null })),
    );
    const ids = new Map((await queries.listFiles(tx, arrivalId)).map((file) => [file.path, file.id]));
    for (const [ordinal, find] of finds.entries()) {
      const id = randomUUID();
      await queries.insertFind(tx, {
        id,
        arrivalId,
        ordinal,
        name: find.name,
        modelPath: find.model,
        reason: find.reason,
      });
      await queries.insertFindFiles(
        tx,
        id,
        find.files.map(({ path, role }) => ({ fileId: ids.get(path)!, role })),
      );
      await insertJob(tx, { kind: 'read-find', subjectId: id, words: `reading “${find.name}”` });
    }
    await queries.setRefused(tx, arrivalId, [...(JSON.parse(arrival.refused) as string[]), ...refused]);
    await queries.setArrivalState(
      tx,
      arrivalId,
      finds.length > 0 ? 'reading' : 'ready',
      finds.length > 0 ? null : 'No model that can be read was found in it.',
    );
    await bumpRevision(tx);
  });
}

/** A find is read, or could not be; when it was the last one the arrival is ready. */
export async function settleFind(
  { pool }: Dependencies,
  findId: string,
  outcome: { reading: queries.ReadingRow; readerVersion: number } | { failed: string },
): Promise<void> {
  await transact(pool, async (tx) => {
    const find = await queries.lockFind(tx, findId);
    if (!find) return;
    if ('reading' in outcome) await queries.upsertReading(tx, outcome.reading, outcome.readerVersion);
    if (find.state === 'waiting')
      await queries.setFindState(
        tx,
        findId,
        'reading' in outcome ? 'read' : 'failed',
        'failed' in outcome ? outcome.failed : null,
      );
    if ((await queries.countUnread(tx, find.arrivalId)) === 0)
      await queries.setArrivalState(tx, find.arrivalId, 'ready');
    await bumpRevision(tx);
  });
}

export async function failArrival({ pool }: Dependencies, arrivalId: string, message: string): Promise<void> {
  await queries.setArrivalState(pool, arrivalId, 'failed', message);
  await bumpRevision(pool);
}

export async function cancelArrival({ pool }: Dependencies, arrivalId: string): Promise<void> {
  const arrival = await queries.getArrival(pool, arrivalId);
  if (!arrival) throw new DomainError('not-found', 'There is no such arrival.');
  if (arrival.state !== 'receiving' && arrival.state !== 'failed')
    throw new DomainError('out-of-step', 'It has arrived already; set its finds aside instead.');
  await queries.setArrivalState(pool, arrivalId, 'cancelled');
  await bumpRevision(pool);
}

export async function setFindAside({ pool }: Dependencies, findId: string, reason: string): Promise<void> {
  const find = await queries.getFind(pool, findId);
  if (!find) throw new DomainError('not-found', 'There is no such find.');
  if (find.state === 'on-bench') throw new DomainError('out-of-step', 'It lies on the bench already.');
  await queries.setFindState(pool, findId, 'set-aside', reason);
  await bumpRevision(pool);
}

/** @returns the latest arrivals as the screen shows them; `assets` by find */
export async function listArrivals({ pool }: Dependencies, assets: ReadonlyMap<string, FindAsset>): Promise<Arrival[]> {
  const rows = await queries.listArrivals(pool, SHOWN);
  return Promise.all(rows.map((row) => describeArrival(pool, row, assets)));
}

async function describeArrival(
  db: Executor,
  row: queries.ArrivalRow,
  assets: ReadonlyMap<string, FindAsset>,
): Promise<Arrival> {
  const [received, files, finds, links, readings] = await Promise.all([
    queries.listReceived(db, row.id),
    queries.listFiles(db, row.id),
    queries.listFinds(db, row.id),
    queries.listFindLinks(db, row.id),
    queries.listReadings(db, row.id),
  ]);
  const readingOf = new Map(readings.map((reading) => [reading.findId, reading]));
  const findsOf = new Map<number, string[]>();
  for (const { findId, fileId } of links) findsOf.set(fileId, [...(findsOf.get(fileId) ?? []), findId]);
  return {
    id: row.id,
    name: row.name,
    state: row.state,
    message: row.message,
    personName: row.personName,
    createdAt: row.createdAt.toISOString(),
    packedBytes: received.reduce((sum, file) => sum + file.sizeBytes, 0),
    keptBytes: files.filter((file) => file.kind !== 'archive').reduce((sum, file) => sum + file.sizeBytes, 0),
    received: received.map(({ id, path, sizeBytes, uploadId, sha256 }) => ({
      id,
      path,
      sizeBytes,
      arrived: uploadId !== null || sha256 !== null,
    })),
    files: files.slice(0, FILES_SHOWN).map((file) => ({
      path: file.path,
      kind: file.kind,
      format: file.format,
      words: file.words,
      sizeBytes: file.sizeBytes,
      asideReason: file.asideReason,
      findIds: findsOf.get(file.id) ?? [],
    })),
    refused: JSON.parse(row.refused) as string[],
    finds: finds.map((find) => describeFind(find, readingOf.get(find.id) ?? null, assets.get(find.id) ?? null)),
  };
}

function describeFind(find: queries.FindRow, reading: queries.ReadingRow | null, asset: FindAsset | null): Find {
  const open = reading?.findings.filter((finding) => finding.mark !== 'holds') ?? [];
  const proposed = reading ? proposeProvenance(reading.rights, find.name) : null;
  return {
    id: find.id,
    name: proposed?.title ?? find.name,
    modelPath: find.modelPath,
    reason: find.reason,
    state: find.state,
    message: find.message,
    portraitSha256: reading?.portraitSha256 ?? null,
    triangles: reading?.figures.triangles ?? null,
    licenceId: proposed?.licenceId ?? null,
    licencesNamed: reading?.rights.licences.map((licence) => licence.id) ?? [],
    author: proposed?.author ?? null,
    mapsFound: reading?.maps.filter((map) => map.status === 'found' || map.status === 'embedded').length ?? 0,
    mapsTotal: reading?.maps.length ?? 0,
    mapsOffered: open.filter((finding) => finding.heading === 'textures' && finding.choices.length > 0).length,
    look: open.filter((finding) => finding.mark === 'look').length,
    blocks: open.filter((finding) => finding.mark === 'blocks').length,
    words: open
      .filter((finding) => finding.heading !== 'structure')
      .slice(0, 3)
      .map((finding) => finding.title),
    asset,
  };
}

/** What an asset is made from: the find, its files and its reading. */
export async function getFindForBench(
  db: Executor,
  findId: string,
): Promise<{ find: queries.FindRow; reading: queries.ReadingRow }> {
  const find = await queries.getFind(db, findId);
  if (!find) throw new DomainError('not-found', 'There is no such find.');
  const reading = await queries.findReadingOf(db, findId);
  if (!reading) throw new DomainError('out-of-step', find.message ?? `“${find.name}” has not been read yet.`);
  return { find, reading };
}

export const markOnBench = (tx: Executor, findId: string): Promise<void> =>
  queries.setFindState(tx, findId, 'on-bench');
export const getReading = queries.getReading;
export const listFindFiles = queries.listFindFiles;
export const countWaitingFinds = queries.countWaitingFinds;
export const getFind = queries.getFind;

export async function getArrivalName(db: Executor, arrivalId: string): Promise<string> {
  return (await queries.getArrival(db, arrivalId))?.name ?? '';
}
