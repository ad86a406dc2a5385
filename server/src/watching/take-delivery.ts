import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { mkdir, rename, stat, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import type { Delivery } from '@haveld/engine/watching/settling';
import { announceArrival, noteStored } from '../arrivals/service';
import { DuplicateRow } from '../database/row-errors';
import type { Dependencies } from '../dependencies';
import { getArrival } from '../finds/arrival-queries';
import * as queries from './queries';

/** What the house knows of everything that lies in a folder, as a text beside it. */
const NOTE_NAME = 'note of the watched folder.txt';

/**
 * Makes an arrival of what was put into a watched folder. What was taken as it is before is left; done twice, or by two servers, it
 * makes one arrival.
 * @throws {Error} where a file changed while it was read, so that it is tried again
 */
export async function takeDelivery(
  dependencies: Dependencies,
  folder: queries.FolderRow,
  { name, paths }: Delivery,
): Promise<void> {
  const { pool } = dependencies;
  const fresh: queries.TakenFile[] = [];
  for (const path of paths) {
    const taken = await queries.listTaken(pool, folder.id, path);
    const { size, mtimeMs } = await stat(join(folder.path, path));
    // after a start everything in the folder is met again: what is as it was is not read again
    if (taken.some((known) => known.sizeBytes === size && known.modifiedMs === mtimeMs)) continue;
    const file = await keepFile(dependencies, folder.path, path);
    if (!taken.some(({ sha256 }) => sha256 === file.sha256)) fresh.push(file);
  }
  if (fresh.length > 0) await makeArrival(dependencies, folder, name, fresh);
  for (const path of paths) await putAside(folder, path);
}

async function keepFile({ store }: Dependencies, folder: string, path: string): Promise<queries.TakenFile> {
  const full = join(folder, path);
  const before = await stat(full);
  // a copy: a second name for the same bytes would change with them
  const kept = await store.putStream(createReadStream(full));
  const after = await stat(full);
  if (before.mtimeMs !== after.mtimeMs || before.size !== after.size || kept.sizeBytes !== after.size)
    throw new Error('it changed while it was read');
  return { path, ...kept, modifiedMs: after.mtimeMs };
}

async function makeArrival(
  dependencies: Dependencies,
  folder: queries.FolderRow,
  name: string,
  files: readonly queries.TakenFile[],
): Promise<void> {
  const { pool, store } = dependencies;
  const id = numberOf(folder.id, files);
  if (!(await getArrival(pool, id))) {
    const all: { path: string; sha256: string; sizeBytes: number }[] = [...files];
    const note = describeFolder(folder);
    if (note !== '') all.push({ path: NOTE_NAME, ...(await store.put(new TextEncoder().encode(note))) });
    try {
      const { received } = await announceArrival(dependencies, { id: folder.personId }, { id, name, files: all });
      for (const one of received)
        await noteStored(dependencies, one.id, all.find(({ path }) => path === one.path)!.sha256);
    } catch (error) {
      // another server was faster by a moment
      if (!(error instanceof DuplicateRow)) throw error;
    }
  }
  await queries.insertTaken(pool, folder.id, id, files).catch((error: unknown) => {
    if (!(error instanceof DuplicateRow)) throw error;
  });
}

/** Under the same number for the same files, whoever takes them. */
function numberOf(folderId: string, files: readonly queries.TakenFile[]): string {
  const hash = createHash('sha256').update(folderId);
  for (const { path, sha256 } of files) hash.update(`\n${path} ${sha256}`);
  const digits = hash.digest('hex');
  return [
    digits.slice(0, 8),
    digits.slice(8, 12),
    digits.slice(12, 16),
    digits.slice(16, 20),
    digits.slice(20, 32),
  ].join('-');
}

const describeFolder = ({ author, source }: queries.FolderRow): string =>
  [author && `Author: ${author}`, source && `Source: ${source}`].filter(Boolean).join('\n');

async function putAside({ path: folder, afterwards }: queries.FolderRow, path: string): Promise<void> {
  const full = join(folder, path);
  if (afterwards === 'mark') await writeFile(`${full}.taken`, '');
  if (afterwards !== 'move') return;
  const target = await freePlace(join(folder, 'taken', path));
  await mkdir(dirname(target), { recursive: true });
  await rename(full, target);
}

/** A later version of a file does not push out the earlier one. */
async function freePlace(path: string): Promise<string> {
  for (let n = 1; ; n++) {
    const place = n === 1 ? path : `${path}.${n}`;
    const isTaken = await stat(place).then(
      () => true,
      () => false,
    );
    if (!isTaken) return place;
  }
}
