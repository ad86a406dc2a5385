import type { Executor } from '../database/pool';
import { ASKING, findOpenJob, insertJob } from '../jobs/job-queries';

/** There is one library. */
const SUBJECT = 'library';

/** Asks for the pages whose time has come to be asked; asked twice before it has begun, it is done once. */
export async function askForPages(db: Executor): Promise<void> {
  const open = await findOpenJob(db, ASKING, SUBJECT);
  if (open?.state !== 'waiting')
    await insertJob(db, { kind: ASKING, subjectId: SUBJECT, label: 'what pages of models say now' });
}
