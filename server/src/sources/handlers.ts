import { SOURCE_FAULTS } from '@haveld/contract/source-fault';
import { SourceFault } from '@haveld/engine/fetching/source-fault';
import { getAdapter } from '@haveld/engine/sources/adapters';
import type { SourceAdapter } from '@haveld/engine/sources/source-adapter';
import { transact } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { FETCHING, type Job } from '../jobs/job-queries';
import type { JobHandlers } from '../jobs/worker-loop';
import { fetchEdition } from './fetch-edition';
import { askForFetch } from './ask-for-fetch';
import * as queries from './fetching-queries';

/** A source that fails without getting on is asked again so often before a person is called. */
const MOST_TRIES = 8;
const FIRST_WAIT_MS = 1000;
const LONGEST_WAIT_MS = 10 * 60_000;

/** Jobs of this feature: the next edition of a source comes in, one at a time a source. */
export function createSourceHandlers(dependencies: Dependencies): JobHandlers {
  const { pool, log } = dependencies;
  return {
    [FETCHING]: {
      async run(job, options) {
        const adapter = getAdapter(job.subjectId);
        if (!adapter) return;
        const row = await claim(dependencies, adapter, job);
        if (!row) return;
        try {
          await fetchEdition(dependencies, adapter, row, options);
        } catch (error) {
          if (!(error instanceof SourceFault)) throw error;
          log.info({ fetching: row.id, kind: error.kind }, error.message);
          await note(dependencies, row, error);
        }
        await goOn(dependencies, adapter);
      },
      async fail(job, message) {
        const adapter = getAdapter(job.subjectId);
        if (!adapter) return;
        // who paused or ended it has said so; whatever else broke here is told, and the others go on
        for (const { id, jobId } of await transact(pool, (tx) => queries.lockOpenOf(tx, adapter.kind)))
          if (jobId === job.id)
            await queries.setTrouble(pool, id, 'trouble', { kind: 'broken', message, retryAt: null });
        await goOn(dependencies, adapter);
      },
    },
  };
}

/** @returns what this job is to bring in, or null where there is nothing, or another job is at it */
async function claim({ pool }: Dependencies, { kind }: SourceAdapter, job: Job): Promise<queries.FetchingRow | null> {
  const id = await transact(pool, async (tx) => {
    const open = await queries.lockOpenOf(tx, kind);
    for (const { state, jobId } of open)
      if (state === 'fetching' && jobId !== null && jobId !== job.id && (await queries.isJobAlive(tx, jobId)))
        return null;
    const next = open.find(({ state, retryAt }) => state === 'fetching' || retryAt === null || retryAt <= new Date());
    if (!next) return null;
    await queries.setFetching(tx, next.id, job.id);
    await bumpRevision(tx);
    return next.id;
  });
  return id === null ? null : queries.findFetching(pool, id);
}

/** A fault that passes is tried again when the source says, else later each time; any other waits for a person. */
async function note({ pool }: Dependencies, row: queries.FetchingRow, fault: SourceFault): Promise<void> {
  const { tries } = (await queries.findFetching(pool, row.id)) ?? row;
  const passes = SOURCE_FAULTS[fault.kind].step === 'again-later' && tries < MOST_TRIES;
  const waitMs = Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** tries);
  const retryAt = passes ? (fault.retryAt ?? new Date(Date.now() + waitMs)) : null;
  await queries.setTrouble(pool, row.id, passes ? 'waiting' : 'trouble', {
    kind: fault.kind,
    message: fault.message,
    retryAt,
  });
  await bumpRevision(pool);
}

/** Asks for what comes next of a source: at once, or when the first of what waits may be tried again. */
async function goOn({ pool }: Dependencies, adapter: SourceAdapter): Promise<void> {
  await transact(pool, async (tx) => {
    const waiting = (await queries.lockOpenOf(tx, adapter.kind)).filter(({ state }) => state === 'waiting');
    if (waiting.length === 0) return;
    const isReady = waiting.some(({ retryAt }) => retryAt === null || retryAt <= new Date());
    const first = Math.min(...waiting.map(({ retryAt }) => retryAt?.getTime() ?? 0));
    await askForFetch(tx, adapter, isReady ? undefined : new Date(first));
  });
}
