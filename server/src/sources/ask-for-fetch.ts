import type { SourceAdapter } from '@haveld/engine/sources/source-adapter';
import type { Executor } from '../database/pool';
import { FETCHING, insertJob } from '../jobs/job-queries';

/** Asks for the next edition of a source to come in. One too many finds nothing to do. */
export const askForFetch = (tx: Executor, { kind, name }: SourceAdapter, runAfter?: Date): Promise<number> =>
  insertJob(tx, { kind: FETCHING, subjectId: kind, label: `fetching from ${name}`, runAfter });
