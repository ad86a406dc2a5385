import { randomUUID } from 'node:crypto';
import type { PoolConnection } from 'mysql2/promise';
import { DomainError } from '@haveld/contract/error';
import type { Executor } from '../database/pool';
import * as arrivalQueries from './arrival-queries';
import * as fileQueries from './file-queries';
import * as findQueries from './find-queries';
import * as readingQueries from './reading-queries';

/** What an asset is made from: the find, its files and its reading. */
export async function getFindForBench(
  db: Executor,
  findId: string,
): Promise<{ find: findQueries.FindRow; reading: readingQueries.ReadingRow }> {
  const find = await findQueries.getFind(db, findId);
  if (!find) throw new DomainError('not-found', 'There is no such find.');
  const reading = await readingQueries.findReadingOf(db, findId);
  if (!reading) throw new DomainError('out-of-step', find.message ?? `“${find.name}” has not been read yet.`);
  return { find, reading };
}

/** A piece of a kit becomes a find: the same files, a name of its own. @returns its id */
export async function insertPieceFind(
  tx: PoolConnection,
  sourceFindId: string,
  piece: { name: string; kitId: string },
): Promise<string> {
  const source = await findQueries.getFind(tx, sourceFindId);
  if (!source) throw new DomainError('not-found', 'There is no such find.');
  const id = randomUUID();
  const ordinal = await findQueries.nextOrdinal(tx, source.arrivalId);
  await findQueries.insertFind(tx, {
    id,
    arrivalId: source.arrivalId,
    ordinal,
    modelPath: source.modelPath,
    reason: '',
    question: null,
    ...piece,
  });
  const files = await fileQueries.listFindFiles(tx, sourceFindId);
  await findQueries.insertFindFiles(
    tx,
    id,
    files.map((file) => ({ fileId: file.id, role: file.role })),
  );
  return id;
}

/** A find has become an asset. */
export const markOnBench = (tx: Executor, findId: string): Promise<void> =>
  findQueries.setFindState(tx, findId, 'on-bench');

/** @returns the name of an arrival; empty where it is gone */
export async function getArrivalName(db: Executor, arrivalId: string): Promise<string> {
  return (await arrivalQueries.getArrival(db, arrivalId))?.name ?? '';
}
