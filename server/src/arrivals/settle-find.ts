import type { PoolConnection } from 'mysql2/promise';
import type { ShapeSignature } from '@haveld/core/geometry/shape-signature';
import type { ReadResult } from '@haveld/engine/tasks/read-find';
import { bumpRevision, transact } from '../database/pool';
import type { Dependencies } from '../dependencies';
import { noteDoubles } from '../doubles/service';
import { noteKitFile, notePieceFile } from '../kits/service';
import * as findQueries from './find-queries';
import * as queries from './queries';
import * as readingQueries from './reading-queries';

/** What came of reading a find. */
export type Outcome =
  | {
      reading: readingQueries.ReadingRow;
      readerVersion: number;
      shape: ShapeSignature | null;
      pictures: { sha256: string; look: string | null }[];
      read?: Pick<ReadResult, 'pieces' | 'elevation'>;
    }
  | { failed: string };

/** A find is read, or could not be; when it was the last one the arrival is ready. Safe to do twice. */
export async function settleFind({ pool }: Dependencies, findId: string, outcome: Outcome): Promise<void> {
  await transact(pool, async (tx) => {
    const find = await findQueries.lockFind(tx, findId);
    if (!find) return;
    if ('reading' in outcome) await readingQueries.upsertReading(tx, outcome.reading, outcome.readerVersion);
    if (find.state === 'waiting') {
      const failed = 'failed' in outcome ? outcome.failed : null;
      await findQueries.setFindState(tx, findId, failed === null ? 'read' : 'failed', failed);
    }
    if ('reading' in outcome) await noteWhatItIs(tx, find, outcome);
    if (
      (await findQueries.countUnread(tx, find.arrivalId)) === 0 &&
      (await queries.getArrival(tx, find.arrivalId))?.state === 'reading'
    )
      await queries.setArrivalState(tx, find.arrivalId, 'ready');
    await bumpRevision(tx);
  });
}

/** Whether it is a kit or a piece of one, and whether it is here already. */
async function noteWhatItIs(
  tx: PoolConnection,
  find: findQueries.FindRow,
  { shape, read, pictures }: Extract<Outcome, { reading: unknown }>,
): Promise<void> {
  await noteDoubles(tx, find.id, shape, pictures);
  if (!read) return;
  await noteKitFile(tx, find.id, read.pieces);
  if (find.kitId) await notePieceFile(tx, find.id, find.ordinal, read.elevation);
}
