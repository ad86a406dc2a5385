import { listVolumeSets } from '@haveld/core/finds/volumes';
import { NOTHING_INSIDE } from '@haveld/core/formats/inside';
import { identifyAt, peekAt, type IdentifiedFile } from '../archives/identify-at';
import { joinVolumes } from '../archives/join-volumes';
import { ARCHIVE_LIMITS, createBudget, type Budget } from '../archives/limits';
import { createTaker, type TakenFile } from '../archives/take-entries';
import { ONE_FILE_FORMATS, walkArchive } from '../archives/walk-archive';
import type { BlobBatch } from '../store/blob-batch';
import type { TaskContext } from './task';

export interface OpenInput {
  /** What was received: archives and loose files. */
  received: { path: string; sha256: string }[];
  /** Tried on whatever is locked. */
  passwords?: string[];
}

export type OpenedFile = IdentifiedFile & { sha256: string };

export interface OpenResult {
  files: OpenedFile[];
  /** One sentence an entry that was not taken. */
  refused: string[];
  /** One sentence a thing that was done otherwise than one would expect. */
  notes: string[];
  /** Archives that hold something no password opened. */
  locked: string[];
}

interface Opening {
  result: OpenResult;
  budget: Budget;
  batch: BlobBatch;
  passwords: readonly string[];
  context: TaskContext;
}

/** An archive on the way to what it holds: how deep it lies, and the hashes of those around it. */
interface Place {
  depth: number;
  around: readonly string[];
}

/**
 * Opens archives, archives in archives, and tells what every file is by its content. A bad entry is named; the rest goes on.
 * @param spent what the arrival has taken of its limits already; nothing, unless said
 */
export async function openArchive(
  { received, passwords = [] }: OpenInput,
  context: TaskContext,
  spent?: Budget,
): Promise<OpenResult> {
  const result: OpenResult = { files: [], refused: [], notes: [], locked: [] };
  const budget = spent ?? (await createBudget(context.store.folder));
  const opening: Opening = { result, budget, batch: context.store.openBatch(), passwords, context };
  const files: TakenFile[] = [];
  for (const [i, { path, sha256 }] of received.entries()) {
    context.progress(i, received.length, 'file');
    files.push({ ...(await identifyAt(path, context.store.pathFor(sha256))), sha256 });
  }
  await openAll(files, { depth: 1, around: [] }, opening);
  for (const [i, file] of result.files.entries()) {
    context.progress(i, result.files.length, 'file');
    file.inside = await peekAt(file.format, file.sizeBytes, context.store.pathFor(file.sha256));
  }
  return result;
}

/** Lists files and opens the archives among them, volumes of one archive together. */
async function openAll(files: readonly TakenFile[], place: Place, opening: Opening): Promise<void> {
  const sets = listVolumeSets(files.map((file) => file.path)).filter(({ paths }) => paths.length > 1);
  const volumeOf = new Map(sets.flatMap((set) => set.paths.map((path, i) => [path, { set, i }] as const)));
  const byPath = new Map(files.map((file) => [file.path, file]));
  for (const file of files) {
    const volume = volumeOf.get(file.path);
    if (!volume) {
      opening.result.files.push({ ...file, inside: NOTHING_INSIDE });
      if (file.kind === 'archive') await openOne(file, null, place, opening);
      continue;
    }
    const words = `part ${volume.i + 1} of ${volume.set.paths.length}`;
    opening.result.files.push({ ...file, kind: 'archive', summary: words, inside: NOTHING_INSIDE });
    if (file.path !== (volume.set.opens ?? volume.set.paths[0])) continue;
    if (volume.set.missing.length > 0)
      opening.result.refused.push(
        `“${file.path}” cannot be opened whole: part ${describeMissing(volume.set.missing)} did not come.`,
      );
    // without the part that says what the whole is nothing of it can be opened
    if (volume.set.opens === null) continue;
    await openOne(
      file,
      volume.set.paths.map((path) => byPath.get(path)!),
      place,
      opening,
    );
  }
}

const MOST_NAMED = 8;

const describeMissing = (missing: readonly number[]): string =>
  missing.length > MOST_NAMED
    ? `${missing.slice(0, MOST_NAMED).join(', ')} and ${missing.length - MOST_NAMED} more`
    : missing.join(', ');

/** Opens one archive with each password in turn until none of it is locked, then what it holds. */
async function openOne(
  file: TakenFile,
  volumes: readonly TakenFile[] | null,
  { depth, around }: Place,
  opening: Opening,
): Promise<void> {
  const { result, context } = opening;
  const isWrapper = ONE_FILE_FORMATS.includes(file.format);
  if (around.includes(file.sha256)) {
    result.refused.push(`“${file.path}” holds itself; it was kept and not opened again.`);
    return;
  }
  if (!isWrapper && depth > ARCHIVE_LIMITS.depth) {
    result.refused.push(`“${file.path}” lies ${depth} archives deep; it was kept and not opened.`);
    return;
  }
  const joined =
    volumes &&
    (await joinVolumes(
      volumes.map(({ path, sha256 }) => ({ path, location: context.store.pathFor(sha256) })),
      context.store.folder,
    ));
  const location = joined?.location ?? context.store.pathFor(file.sha256);
  const archiveBytes = (volumes ?? [file]).reduce((sum, one) => sum + one.sizeBytes, 0);
  try {
    const files = await takeAll(file, location, archiveBytes, opening);
    await opening.batch.flush();
    await openAll(files, { depth: isWrapper ? depth : depth + 1, around: [...around, file.sha256] }, opening);
  } finally {
    await joined?.remove();
  }
}

async function takeAll(
  file: TakenFile,
  location: string,
  archiveBytes: number,
  { result, budget, batch, passwords, context }: Opening,
): Promise<TakenFile[]> {
  const spent = { ...budget };
  for (const [tried, password] of [null, ...passwords].entries()) {
    Object.assign(budget, spent);
    const progress = (done: number, total: number): void => context.progress(done, total, 'entry');
    const taker = createTaker({ archivePath: file.path, archiveBytes, batch, budget, progress });
    let isLocked = false;
    try {
      const end = await walkArchive(file.format, file.path, location, taker, password);
      isLocked = end.isLocked;
      if (end.note) taker.taken.notes.push(`“${file.path}” ${end.note}`);
      if (end.problem) taker.taken.refused.push(`“${file.path}” ${end.problem}`);
    } catch (error) {
      if ((error as Error).name !== 'StopArchive') throw error;
      taker.taken.refused.push((error as Error).message);
    }
    if (isLocked && tried < passwords.length) continue;
    if (isLocked) result.locked.push(file.path);
    result.refused.push(...taker.taken.refused);
    result.notes.push(...taker.taken.notes);
    return taker.taken.files;
  }
  return [];
}
