import type { Executor } from '../database/pool';
import { findOpenJob, insertJob } from '../jobs/job-queries';

export const JUDGE_USES = 'judge-uses';

/** There is one library. */
const SUBJECT = 'library';

/** Asks for what live projects hold to be judged anew; asked twice before it has begun, it is done once. */
export async function askForJudging(db: Executor): Promise<void> {
  const open = await findOpenJob(db, JUDGE_USES, SUBJECT);
  if (open?.state !== 'waiting')
    await insertJob(db, { kind: JUDGE_USES, subjectId: SUBJECT, label: 'what projects may hold' });
}
