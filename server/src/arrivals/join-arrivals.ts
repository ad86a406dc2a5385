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
  { pool }: Dependencies,
  id: string,
  otherId: string,
  person: Person,
): Promise<string> {
  const joined = randomUUID();
  await transact(pool, async (tx) => {
    const both = await Promise.all([arrivalQueries.getArrival(tx, id), arrivalQueries.getArrival(tx, otherId)]);
    if (both.some((arrival) => !arrival) || id === otherId)
      throw new DomainError('not-found', 'There is no such arrival.');
    for (const arrival of both)
      requireOwn(person, { id: arrival!.personId, name: arrival!.personName }, `“${arrival!.name}”`);
    if (both.some((arrival) => arrival!.state !== 'ready'))
      throw new DomainError('out-of-step', 'One of them is not read yet.');
    for (const one of [id, otherId])
      if ((await findQueries.listFinds(tx, [one])).some(({ state }) => state === 'on-bench'))
        throw new DomainError('out-of-step', 'Something of it lies on the bench already; it stays as it is.');
    const received = await queries.listReceived(tx, [id, otherId]);
    const name = both.map((arrival) => arrival!.name).join(' + ');
    await queries.insertArrival(tx, { id: joined, name: name.slice(0, 250), refused: [], personId: person.id });
    const paths = createTakenPaths();
    for (const { path, sizeBytes, sha256 } of received) {
      const row = { id: randomUUID(), arrivalId: joined, path: givePath(path, paths).path, sizeBytes };
      await queries.insertReceived(tx, [row]);
      await queries.setReceivedHash(tx, row.id, sha256!);
    }
    await arrivalQueries.setArrivalState(tx, joined, 'opening');
    for (const one of [id, otherId]) await queries.setJoinedInto(tx, one, joined);
    await insertJob(tx, {
      kind: 'open-arrival',
      subjectId: joined,
      label: `opening “${both[0]!.name}” with the rest of it`,
    });
    await bumpRevision(tx);
  });
  return joined;
}
