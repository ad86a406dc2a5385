import { randomUUID } from 'node:crypto';
import { copyFileSync, existsSync, linkSync, lstatSync, mkdirSync, readdirSync, rmSync, statSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { FolderStore } from '../store/folder-store';

/** Cells of a server that was killed go after so long. */
const LEFT_BEHIND_MS = 24 * 3600_000;

/**
 * What a process that opens foreign bytes sees of the store: the bytes it was given, to be read, and a folder for what it makes. Both lie
 * beside the store, so that bytes are lent and taken over by their names.
 */
export interface Cell {
  folder: string;
  /** Bytes it was given, laid out as in the store. */
  given: string;
  /** What it makes: a folder a task, each laid out so too. */
  made: string;
}

const cleared = new Set<string>();

export function createCell(storeFolder: string): Cell {
  const cells = join(storeFolder, 'cells');
  clearLeftBehind(cells);
  const folder = join(cells, randomUUID());
  const cell = { folder, given: join(folder, 'given'), made: join(folder, 'made') };
  layOut(cell);
  return cell;
}

/** Makes the folder a task writes to. @returns its name below `made` */
export function addTask({ made }: Cell): string {
  const task = randomUUID();
  mkdirSync(join(made, task));
  return task;
}

/** For the next task: what was given for the one before is gone. What it made stays until nobody writes there any more. */
export function takeBackBytes({ given }: Cell): void {
  for (const name of readdirSync(given)) rmSync(join(given, name), { recursive: true, force: true });
}

/** Only once its process has ended: a folder somebody writes to may lead elsewhere while it is cleared. */
export const removeCell = ({ folder }: Cell): void => rmSync(folder, { recursive: true, force: true });

/** Gives a cell bytes of the store, by a second name each; what the store does not have is left out. */
export function giveBytes({ given }: Cell, storeFolder: string, hashes: Iterable<string>): void {
  const [from, to] = [new FolderStore(storeFolder), new FolderStore(given)];
  for (const sha256 of hashes) {
    const [source, target] = [from.pathFor(sha256), to.pathFor(sha256)];
    if (!existsSync(source) || existsSync(target)) continue;
    mkdirSync(dirname(target), { recursive: true });
    giveFile(source, target);
  }
}

/** A second name where the system gives one: not across disks, nor for what belongs to somebody else. */
function giveFile(source: string, target: string): void {
  try {
    linkSync(source, target);
  } catch (error) {
    if (!['EXDEV', 'EPERM', 'EMLINK', 'ENOTSUP'].includes((error as NodeJS.ErrnoException).code ?? '')) throw error;
    copyFileSync(source, target);
  }
}

/**
 * Files a task made that may go into the store, as paths below `made`; links are none, nor what lies behind one.
 * @param task the folder it had there
 */
export function listMade({ made }: Cell, task: string): string[] {
  const folder = join(made, task);
  if (!lstatSync(folder, { throwIfNoEntry: false })?.isDirectory()) return [];
  return readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && /^[0-9a-f]{64}$/.test(entry.name))
    .map((entry) => relative(made, join(entry.parentPath, entry.name)));
}

/** Hashes anywhere in what a task was asked. */
export function* listHashes(value: unknown): Generator<string> {
  if (typeof value === 'string') {
    if (/^[0-9a-f]{64}$/.test(value)) yield value;
  } else if (typeof value === 'object' && value !== null)
    for (const one of Object.values(value)) yield* listHashes(one);
}

function layOut({ given, made }: Cell): void {
  mkdirSync(given, { recursive: true });
  mkdirSync(join(made, 'tmp'), { recursive: true });
}

function clearLeftBehind(cells: string): void {
  if (cleared.has(cells) || !existsSync(cells)) return;
  cleared.add(cells);
  for (const name of readdirSync(cells))
    if (Date.now() - statSync(join(cells, name)).mtimeMs > LEFT_BEHIND_MS)
      rmSync(join(cells, name), { recursive: true, force: true });
}
