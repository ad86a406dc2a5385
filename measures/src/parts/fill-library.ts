import { randomUUID } from 'node:crypto';
import { type Executor } from '@haveld/server/database/pool';
import { insertMany } from '@haveld/server/database/statements';

/** A find of a library that is only measured. */
export interface FilledFind {
  id: string;
  arrivalId: string;
  ordinal: number;
  readingId?: string;
  /** JSON of what was read of its rights and of its figures. */
  rights?: string;
  figures?: string;
}

/** Finds with their readings, as a worker leaves them. */
export async function insertFinds(db: Executor, finds: readonly FilledFind[]): Promise<void> {
  await insertMany(
    db,
    'find',
    ['id', 'arrival_id', 'ordinal', 'name', 'model_path', 'reason', 'state'],
    finds.map(({ id, arrivalId, ordinal }) => [
      id,
      arrivalId,
      ordinal,
      `thing ${ordinal}`,
      `thing${ordinal}.glb`,
      '',
      'read',
    ]),
  );
  await insertMany(
    db,
    'reading',
    [
      'id',
      'find_id',
      'reader_version',
      'document_sha256',
      'source',
      'log',
      'rights',
      'proposed',
      'stated',
      'findings',
      'figures',
      'maps',
      'unused_maps',
    ],
    finds.map(({ id, readingId, rights, figures }) => [
      readingId ?? randomUUID(),
      id,
      1,
      '0'.repeat(64),
      '{}',
      '[]',
      rights ?? '{}',
      '{}',
      '[]',
      '[]',
      figures ?? '{}',
      '[]',
      '[]',
    ]),
  );
}
