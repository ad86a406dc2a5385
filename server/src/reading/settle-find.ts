import type { PoolConnection } from 'mysql2/promise';
import type { ModelInside } from '@haveld/contract/model-inside';
import type { ShapeSignature } from '@haveld/core/geometry/shape-signature';
import type { ReadResult } from '@haveld/engine/tasks/read-find';
import { transact } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { noteDuplicates } from '../duplicates/service';
import * as arrivalQueries from '../finds/arrival-queries';
import * as findQueries from '../finds/find-queries';
import * as readingQueries from '../finds/reading-queries';
import { insertJob } from '../jobs/job-queries';
import { upsertInside } from '../library/inside-queries';
import { noteKitFile, notePieceFile } from '../kits/service';

/** What came of reading a find. */
export type Outcome =
  | {
      reading: readingQueries.ReadingRow;
      readerVersion: number;
      shape: ShapeSignature | null;
      pictures: { sha256: string; look: string | null }[];
      inside: ModelInside;
      read?: Pick<ReadResult, 'pieces' | 'orthographic'>;
    }
  | { failed: string };

/**
 * A find is read, or could not be; when it was the last one the arrival is ready. Safe to do twice. What is known comes first, in
 * transactions of their own, so that no lock on other finds is held while the arrival is settled.
 */
export async function settleFind({ pool }: Dependencies, findId: string, outcome: Outcome): Promise<void> {
  const find = await findQueries.getFind(pool, findId);
  if (!find) return;
  if ('reading' in outcome) {
    await transact(pool, async (tx) => {
      await upsertInside(tx, outcome.reading.documentSha256, outcome.inside);
      await readingQueries.upsertReading(tx, outcome.reading, outcome.readerVersion);
    });
    await transact(pool, (tx) => noteWhatItIs(tx, find, outcome));
  }
  await transact(pool, async (tx) => {
    await arrivalQueries.lockArrival(tx, find.arrivalId);
    const failed = 'failed' in outcome ? outcome.failed : null;
    await findQueries.setFindState(tx, findId, failed === null ? 'read' : 'failed', failed, 'waiting');
    const isLast = (await findQueries.countUnread(tx, find.arrivalId)) === 0;
    const arrival = await arrivalQueries.getArrival(tx, find.arrivalId);
    if (arrival?.linedUp && failed === null)
      await insertJob(tx, { kind: 'line-up-find', subjectId: findId, label: `lining up “${find.name}”` });
    if (isLast && arrival?.state === 'reading') await arrivalQueries.setArrivalState(tx, find.arrivalId, 'ready');
    await bumpRevision(tx);
  });
}

/** Whether it is a kit or a piece of one, and whether it is here already. */
async function noteWhatItIs(
  tx: PoolConnection,
  find: findQueries.FindRow,
  { shape, read, pictures }: Extract<Outcome, { reading: unknown }>,
): Promise<void> {
  await noteDuplicates(tx, find.id, shape, pictures);
  if (!read) return;
  await noteKitFile(tx, find.id, read.pieces);
  if (find.kitId) await notePieceFile(tx, find.id, find.ordinal, read.orthographic);
}
