import type { Person } from '@haveld/contract/api/people';
import type { Health, Progress } from '@haveld/contract/api/progress';
import { DomainError } from '@haveld/contract/error';
import { mayAs } from '@haveld/contract/role';
import { findConfinement } from '@haveld/engine/sandbox/confine';
import { countOnBench } from '../assets/asset-queries';
import { countCatalogued } from '../assets/card-queries';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { countWaitingFinds } from '../finds/find-queries';
import { askCancel, countDoneJobs, listFailedJobs, listOpenJobs, retryFailed } from '../jobs/job-queries';
import type { JobHandlers } from '../jobs/worker-loop';
import { countToSettle } from '../ledger/to-settle';
import { requireOwn } from '../people/own';
import { countProjects } from '../projects/queries';
import { countUnread } from '../remarks/queries';
import * as queries from './queries';

/** What the strip shows: what waits where, what runs, and whether anything has changed. A guest is told of what they may see. */
export async function getProgress({ pool }: Dependencies, person: Person): Promise<Progress> {
  const revision = await queries.getRevision(pool);
  const [arrivals, bench, catalogue, projects, rights, failed, running, unread] = await Promise.all([
    countWaitingFinds(pool),
    countOnBench(pool),
    countCatalogued(pool),
    countProjects(pool),
    countToSettle(pool),
    listFailedJobs(pool),
    listOpenJobs(pool),
    countUnread(pool, person.id),
  ]);
  if (!mayAs(person.role, 'artist'))
    return {
      counts: { arrivals: 0, bench: 0, catalogue, projects, rights: 0, health: 0 },
      running: [],
      unread: 0,
      revision,
    };
  return {
    counts: { arrivals, bench, catalogue, projects, rights, health: failed.length },
    running: running.map(({ id, label, done, total, state }) => ({ id, label, done, total, state })),
    unread,
    revision,
  };
}

/** Stops a job: one's own, or as one who keeps the house in order. One that has not begun is told to its subject here, for no worker will. */
export async function cancelJob(
  { pool }: Dependencies,
  handlers: JobHandlers,
  id: number,
  person: Person,
): Promise<void> {
  requireOwn(person, await queries.findWhoseJob(pool, id), 'This work');
  const asked = await askCancel(pool, id);
  if (!asked) throw new DomainError('out-of-step', 'This work has ended already.');
  if (asked.wasWaiting) {
    await handlers[asked.kind]?.fail(
      { id, kind: asked.kind, subjectId: asked.subjectId, label: '', attempts: 0, detail: null, leaseToken: '' },
      'It was stopped.',
    );
    await bumpRevision(pool);
  }
}

/** Lets a failed job run again. @throws {DomainError} where it is not among the failed */
export async function retryJob({ pool }: Dependencies, id: number): Promise<void> {
  if (!(await retryFailed(pool, id)))
    throw new DomainError('out-of-step', 'This work is not among the failed any more.');
  await bumpRevision(pool);
}

/** What failed, what the store holds, and which bytes a row names that are not there. */
export async function getHealth({ pool, store }: Dependencies): Promise<Health> {
  const [failed, done, hashes] = await Promise.all([
    listFailedJobs(pool),
    countDoneJobs(pool),
    queries.listNamedHashes(pool),
  ]);
  let storeBytes = 0;
  const missing: string[] = [];
  for (const sha256 of hashes) {
    const size = await store.sizeOf(sha256);
    if (size === null) missing.push(sha256);
    else storeBytes += size;
  }
  return {
    failed: failed.map((job) => ({ ...job, at: (job.at ?? new Date(0)).toISOString() })),
    done,
    storeBytes,
    storeFiles: hashes.length - missing.length,
    missing: missing.slice(0, 100),
    confinement: findConfinement(),
  };
}
