import { randomUUID } from 'node:crypto';
import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import { createTakenPaths, givePath } from '@haveld/core/finds/names/free-path';
import { transact } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import * as arrivalQueries from '../finds/arrival-queries';
import * as findQueries from '../finds/find-queries';
import { insertJob } from '../jobs/job-queries';
import { requireOwn } from '../people/own';
import * as queries from './queries';

/** Makes one arrival of two, from the bytes that are here already. */
export async function joinArrivals(
  dependencies: Dependencies,
  id: string,
  otherId: string,
  person: Person,
): Promise<string> {
  if (id === otherId) throw new DomainError('not-found', 'There is no such arrival.');
  return makeOne(dependencies, [id, otherId], [], person);
}

/** A file whose bytes lie in the store. */
export interface StoredFile {
  path: string;
  sizeBytes: number;
  sha256: string;
}

/** Makes an arrival anew with a file more that belongs to it: it is read with it. @returns its new number */
export const addToArrival = (
  dependencies: Dependencies,
  id: string,
  file: StoredFile,
  person: Person,
): Promise<string> => makeOne(dependencies, [id], [file], person);

async function makeOne(
  { pool }: Dependencies,
  ids: readonly string[],
  files: readonly StoredFile[],
  person: Person,
): Promise<string> {
  const joined = randomUUID();
  await transact(pool, async (tx) => {
    const found = await Promise.all(ids.map((id) => arrivalQueries.getArrival(tx, id)));
    const all = found.filter((arrival) => arrival !== null);
    if (all.length < ids.length) throw new DomainError('not-found', 'There is no such arrival.');
    for (const { personId, personName, name } of all)
      requireOwn(person, { id: personId, name: personName }, `“${name}”`);
    if (all.some(({ state }) => state !== 'ready'))
      throw new DomainError('out-of-step', `${all.length > 1 ? 'One of them' : 'It'} is not read yet.`);
    for (const id of ids)
      if ((await findQueries.listFinds(tx, [id])).some(({ state }) => state === 'on-bench'))
        throw new DomainError('out-of-step', 'Something of it lies on the bench already; it stays as it is.');
    const received = [...(await queries.listReceived(tx, ids)), ...files];
    const name = all.map((arrival) => arrival.name).join(' + ');
    await queries.insertArrival(tx, { id: joined, name: name.slice(0, 250), refused: [], personId: person.id });
    const paths = createTakenPaths();
    for (const { path, sizeBytes, sha256 } of received) {
      const row = { id: randomUUID(), arrivalId: joined, path: givePath(path, paths).path, sizeBytes };
      await queries.insertReceived(tx, [row]);
      await queries.setReceivedHash(tx, row.id, sha256!);
    }
    await arrivalQueries.setArrivalState(tx, joined, 'opening');
    for (const id of ids) await queries.setJoinedInto(tx, id, joined);
    await insertJob(tx, {
      kind: 'open-arrival',
      subjectId: joined,
      label: `opening “${all[0].name}” with ${files.length > 0 ? 'its page' : 'the rest of it'}`,
    });
    await bumpRevision(tx);
  });
  return joined;
}
