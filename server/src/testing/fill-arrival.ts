import { randomUUID } from 'node:crypto';
import type { OpenedFile } from '@haveld/engine/tasks/open-archive';
import type { Executor } from '../database/pool';
import { insertMany, one } from '../database/statements';
import { listFiles, replaceFiles, type FileRow } from '../finds/file-queries';
import { insertFind, insertFindFiles } from '../finds/find-queries';

export const getPerson = async (db: Executor): Promise<string> =>
  (await one<{ id: string }>(db, 'SELECT id FROM person LIMIT 1')).id;

/** What was opened of an arrival: a path each, with what it is. */
export type GivenFile = Pick<OpenedFile, 'path'> & Partial<OpenedFile> & { excludedReason?: string | null };

const NOTHING_INSIDE: OpenedFile['inside'] = { mentions: [], clips: 0, hasSkin: false, materials: 'none' } as never;

/** An arrival with files, as if it had been opened. @returns its id and its files as rows */
export async function fillArrival(
  db: Executor,
  name: string,
  files: readonly GivenFile[] = [],
): Promise<{ id: string; files: FileRow[] }> {
  const id = randomUUID();
  await insertMany(
    db,
    'arrival',
    ['id', 'name', 'state', 'refused', 'person_id'],
    [[id, name, 'ready', '[]', await getPerson(db)]],
  );
  await replaceFiles(
    db,
    id,
    files.map((file, i) => ({
      sha256: i.toString(16).padStart(64, '0'),
      sizeBytes: 10,
      kind: 'model',
      format: 'obj',
      summary: '',
      width: null,
      height: null,
      inside: NOTHING_INSIDE,
      excludedReason: null,
      ...file,
    })) as Parameters<typeof replaceFiles>[2],
  );
  return { id, files: await listFiles(db, id) };
}

/** A find of these files. @returns its id */
export async function fillFind(
  db: Executor,
  arrivalId: string,
  given: { name: string; ordinal?: number; kitId?: string | null; files?: { fileId: number; role: string }[] },
): Promise<string> {
  const id = randomUUID();
  await insertFind(db, {
    id,
    arrivalId,
    name: given.name,
    ordinal: given.ordinal ?? 0,
    modelPath: `${given.name}.obj`,
    reason: '',
    question: null,
    kitId: given.kitId ?? null,
  });
  await insertFindFiles(db, id, given.files ?? []);
  return id;
}
