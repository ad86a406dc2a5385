import { bumpRevision, type Executor } from '../database/pool';
import type { Dependencies } from '../dependencies';
import { findOpenJob, insertJob } from '../jobs/job-table';
import type { JobHandlers } from '../jobs/worker-loop';
import { countUnread, refreshAllMarks } from './state';

const KIND = 'refresh-rights';
/** There is one library. */
const SUBJECT = 'library';

/** Jobs of this feature: working out anew how all rights stand, after a change of rules. */
export function createRightsHandlers({ pool }: Dependencies): JobHandlers {
  return {
    [KIND]: {
      async run(_job, { signal, onProgress }) {
        await refreshAllMarks(pool, onProgress, signal);
        await bumpRevision(pool);
      },
      fail: () => Promise.resolve(),
    },
  };
}

/** Asks for it; asked twice before it has begun, it is done once. */
export async function askForRefresh(tx: Executor): Promise<void> {
  const open = await findOpenJob(tx, KIND, SUBJECT);
  if (open?.state !== 'waiting') await insertJob(tx, { kind: KIND, subjectId: SUBJECT, words: 'how rights stand' });
}

/** After a migration: asks for it where something is not worked out yet. */
export async function ensureRefreshed(db: Executor): Promise<void> {
  if ((await countUnread(db)) > 0) await askForRefresh(db);
}
