import type { Pool } from 'mysql2/promise';
import { transact, type Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { insertJob } from '../jobs/job-queries';
import type { TaskRunner } from '../jobs/task-runner';
import type { JobHandlers } from '../jobs/worker-loop';
import { insertChanges } from './change-queries';
import { listUnseen, upsertInside } from './inside-queries';

const LOOK = 'look-inside';

/** Models looked at by one job, one after the other. */
const PAGE = 200;

/** Asks for what models made by an earlier Haveld are found by. Nothing is asked for where all is known. */
export async function askForInsides(db: Executor): Promise<void> {
  const [first] = await listUnseen(db, 0, 1);
  if (first) await askFrom(db, 0);
}

const askFrom = (db: Executor, after: number): Promise<unknown> =>
  insertJob(db, { kind: LOOK, subjectId: String(after), label: 'what models are found by' });

/** Jobs of this feature: looking into models that nobody looked into. */
export function createLibraryHandlers({ pool }: Pick<Dependencies, 'pool'>, tasks: TaskRunner): JobHandlers {
  return {
    [LOOK]: {
      async run(job, options) {
        const unseen = await listUnseen(pool, Number(job.subjectId), PAGE);
        for (const [i, { accession, sha256 }] of unseen.entries()) {
          options.signal.throwIfAborted();
          options.onProgress(i, unseen.length);
          await keep(pool, accession, sha256, () => tasks.run('look-inside', { sha256 }, options));
        }
        if (unseen.length === PAGE) await askFrom(pool, unseen.at(-1)!.accession);
      },
      fail: () => Promise.resolve(),
    },
  };
}

async function keep(
  pool: Pool,
  accession: number,
  sha256: string,
  look: () => Promise<Parameters<typeof upsertInside>[2]>,
): Promise<void> {
  const inside = await look();
  await transact(pool, async (tx) => {
    await upsertInside(tx, sha256, inside);
    await insertChanges(tx, [accession]);
    await bumpRevision(tx);
  });
}
