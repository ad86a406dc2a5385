import { randomUUID } from 'node:crypto';
import type { PoolConnection } from 'mysql2/promise';
import { DomainError } from '@haveld/contract/error';
import type { Person } from '@haveld/contract/api/people';
import { checkEntryPath } from '@haveld/core/finds/names/entry-name';
import { bumpRevision, transact, type Executor } from '../database/pool';
import type { Dependencies } from '../dependencies';
import { cancelJobsOf, insertJob } from '../jobs/job-table';
import type { JobHandlers } from '../jobs/worker-loop';
import * as fileQueries from './file-queries';
import * as findQueries from './find-queries';
import * as queries from './queries';
import * as readingQueries from './reading-queries';

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

/** It could not be opened; one that was given up stays given up. */
export async function failArrival({ pool }: Dependencies, arrivalId: string, message: string): Promise<void> {
  if ((await queries.getArrival(pool, arrivalId))?.state === 'cancelled') return;
  await queries.setArrivalState(pool, arrivalId, 'failed', message);
  await bumpRevision(pool);
}

/** Stops whatever goes on with an arrival; what was read of it stays. */
export async function cancelArrival(
  dependencies: Dependencies,
  handlers: JobHandlers,
  arrivalId: string,
): Promise<void> {
  const { pool } = dependencies;
  const waiting = await transact(pool, async (tx) => {
    const arrival = await queries.lockArrival(tx, arrivalId);
    if (!arrival) throw new DomainError('not-found', 'There is no such arrival.');
    if (arrival.state === 'ready' || arrival.state === 'cancelled')
      throw new DomainError('out-of-step', 'It has arrived already; set its finds aside instead.');
    if (arrival.state !== 'reading') await queries.setArrivalState(tx, arrivalId, 'cancelled');
    const subjects = [arrivalId, ...(await findQueries.listFinds(tx, arrivalId)).map(({ id }) => id)];
    await bumpRevision(tx);
    return cancelJobsOf(tx, subjects);
  });
  for (const { kind, subjectId } of waiting)
    await handlers[kind]?.fail(
      { id: 0, kind, subjectId, words: '', attempts: 0, detail: null, leaseToken: '' },
      'It was stopped.',
    );
}

export async function setFindAside({ pool }: Dependencies, findId: string, reason: string): Promise<void> {
  const find = await findQueries.getFind(pool, findId);
  if (!find) throw new DomainError('not-found', 'There is no such find.');
  if (find.state === 'on-bench') throw new DomainError('out-of-step', 'It lies on the bench already.');
  await findQueries.setFindState(pool, findId, 'set-aside', reason);
  await bumpRevision(pool);
}

/** What an asset is made from: the find, its files and its reading. */
export async function getFindForBench(
  db: Executor,
  findId: string,
): Promise<{ find: findQueries.FindRow; reading: readingQueries.ReadingRow }> {
  const find = await findQueries.getFind(db, findId);
  if (!find) throw new DomainError('not-found', 'There is no such find.');
  const reading = await readingQueries.findReadingOf(db, findId);
  if (!reading) throw new DomainError('out-of-step', find.message ?? `“${find.name}” has not been read yet.`);
  return { find, reading };
}

/** A piece of a kit becomes a find: the same files, a name of its own. @returns its id */
export async function insertPieceFind(
  tx: PoolConnection,
  sourceFindId: string,
  piece: { name: string; kitId: string },
): Promise<string> {
  const source = await findQueries.getFind(tx, sourceFindId);
  if (!source) throw new DomainError('not-found', 'There is no such find.');
  const id = randomUUID();
  const ordinal = await findQueries.nextOrdinal(tx, source.arrivalId);
  await findQueries.insertFind(tx, {
    id,
    arrivalId: source.arrivalId,
    ordinal,
    modelPath: source.modelPath,
    reason: '',
    question: null,
    ...piece,
  });
  const files = await fileQueries.listFindFiles(tx, sourceFindId);
  await findQueries.insertFindFiles(
    tx,
    id,
    files.map((file) => ({ fileId: file.id, role: file.role })),
  );
  return id;
}

export const markOnBench = (tx: Executor, findId: string): Promise<void> =>
  findQueries.setFindState(tx, findId, 'on-bench');
export const setFindState = findQueries.setFindState;
export const getFind = findQueries.getFind;
export const listFindsOfKit = findQueries.listFindsOfKit;
export const insertKit = findQueries.insertKit;
export const countWaitingFinds = findQueries.countWaitingFinds;
export const { getReading, setReadingMaps } = readingQueries;
export const findReadingOf = readingQueries.findReadingOf;
export const listFindFiles = fileQueries.listFindFiles;
export const getArrival = queries.getArrival;

/** What people put elsewhere, the latest first. */
export const listRegroupings = (db: Executor): ReturnType<typeof queries.listRegroupings> =>
  queries.listRegroupings(db, 500);

export const listArrivalNames = async (db: Executor): Promise<string[]> =>
  (await queries.listArrivals(db, 1000)).map(({ name }) => name);

export async function getArrivalName(db: Executor, arrivalId: string): Promise<string> {
  return (await queries.getArrival(db, arrivalId))?.name ?? '';
}
