import { randomUUID } from 'node:crypto';
import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import { checkEntryPath } from '@haveld/core/finds/names/entry-name';
import { transact, type Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import * as arrivalQueries from '../finds/arrival-queries';
import * as findQueries from '../finds/find-queries';
import { cancelJobsOf, insertJob } from '../jobs/job-queries';
import type { JobHandlers } from '../jobs/worker-loop';
import { requireOwn } from '../people/own';
import * as queries from './queries';

/** Announces an arrival, under a number that is given or made. Paths that may not be are refused one by one; the rest goes on. */
export async function announceArrival(
  { pool }: Dependencies,
  person: Pick<Person, 'id'>,
  given: { id?: string; name: string; files: { path: string; sizeBytes: number }[] },
): Promise<{ id: string; received: { id: string; path: string }[]; refused: string[] }> {
  const refused: string[] = [];
  const received: { id: string; arrivalId: string; path: string; sizeBytes: number }[] = [];
  const id = given.id ?? randomUUID();
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

/** @returns an announced file, or null */
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
  note: (tx: Executor) => Promise<unknown>,
): Promise<void> {
  const received = await queries.getReceived(pool, receivedId);
  if (!received) throw new DomainError('not-found', 'This upload was not announced.');
  await transact(pool, async (tx) => {
    // first of all: what a transaction sees is fixed by its first reading, and two last files must not both miss the other
    const arrival = await arrivalQueries.lockArrival(tx, received.arrivalId);
    await note(tx);
    if (arrival?.state === 'receiving' && (await queries.countOutstanding(tx, received.arrivalId)) === 0) {
      await arrivalQueries.setArrivalState(tx, received.arrivalId, 'opening');
      await insertJob(tx, { kind: 'open-arrival', subjectId: received.arrivalId, label: `opening “${arrival.name}”` });
    }
    await bumpRevision(tx);
  });
}

/** It could not be opened; one that was given up stays given up. */
export async function failArrival({ pool }: Dependencies, arrivalId: string, message: string): Promise<void> {
  if ((await arrivalQueries.getArrival(pool, arrivalId))?.state === 'cancelled') return;
  await arrivalQueries.setArrivalState(pool, arrivalId, 'failed', message);
  await bumpRevision(pool);
}

/** Stops whatever goes on with an arrival; what was read of it stays. */
export async function cancelArrival(
  dependencies: Dependencies,
  handlers: JobHandlers,
  arrivalId: string,
  person: Pick<Person, 'id' | 'role'>,
): Promise<void> {
  const { pool } = dependencies;
  const waiting = await transact(pool, async (tx) => {
    const arrival = await arrivalQueries.lockArrival(tx, arrivalId);
    if (!arrival) throw new DomainError('not-found', 'There is no such arrival.');
    requireOwn(person, { id: arrival.personId, name: arrival.personName }, 'This arrival');
    if (arrival.state === 'ready' || arrival.state === 'cancelled')
      throw new DomainError('out-of-step', 'It has arrived already; set its finds aside instead.');
    if (arrival.state !== 'reading') await arrivalQueries.setArrivalState(tx, arrivalId, 'cancelled');
    const subjects = [arrivalId, ...(await findQueries.listFinds(tx, [arrivalId])).map(({ id }) => id)];
    await bumpRevision(tx);
    return cancelJobsOf(tx, subjects);
  });
  for (const { kind, subjectId } of waiting)
    await handlers[kind]?.fail(
      { id: 0, kind, subjectId, label: '', attempts: 0, detail: null, leaseToken: '' },
      'It was stopped.',
    );
}

/** Leaves a find out; its files stay. @throws {DomainError} where it lies on the bench */
export async function setFindAside({ pool }: Dependencies, findId: string, reason: string): Promise<void> {
  const find = await findQueries.getFind(pool, findId);
  if (!find) throw new DomainError('not-found', 'There is no such find.');
  if (find.state === 'on-bench') throw new DomainError('out-of-step', 'It lies on the bench already.');
  await findQueries.setFindState(pool, findId, 'set-aside', reason);
  await bumpRevision(pool);
}
