import { countUnmarked } from '../assets/rights-mark-queries';
import type { Executor } from '../database/pool';
import { findOpenJob, insertJob } from '../jobs/job-queries';

export const KIND = 'refresh-rights';

/** There is one library. */
const SUBJECT = 'library';

/** Asks for it; asked twice before it has begun, it is done once. */
export async function askForRefresh(tx: Executor): Promise<void> {
  const open = await findOpenJob(tx, KIND, SUBJECT);
  if (open?.state !== 'waiting') await insertJob(tx, { kind: KIND, subjectId: SUBJECT, label: 'how rights stand' });
}

/** After a migration: asks for it where something is not worked out yet. */
export async function ensureRefreshed(db: Executor): Promise<void> {
  if ((await countUnmarked(db)) > 0) await askForRefresh(db);
}
