import { lstat, opendir } from 'node:fs/promises';
import { join } from 'node:path';

/** What a folder takes of a disk. */
export interface FolderWeight {
  bytes: number;
  /** Files, folders and links: each takes a place in the list of a disk. */
  entries: number;
}

/** Blocks of a file are counted in these, whatever those of the disk are (POSIX). */
const BLOCK_BYTES = 512;

/**
 * Weighs a folder while somebody may be writing to it; no link is followed, and what is gone in between weighs nothing.
 * @param most where it weighs more, what was found until then is given
 */
export async function weighFolder(folder: string, most: FolderWeight): Promise<FolderWeight> {
  const weight = { bytes: 0, entries: 0 };
  const open = [folder];
  for (let next = open.pop(); next !== undefined; next = open.pop())
    try {
      for await (const entry of await opendir(next)) {
        const path = join(next, entry.name);
        weight.entries++;
        weight.bytes += (await lstat(path)).blocks * BLOCK_BYTES;
        if (entry.isDirectory()) open.push(path);
        if (weight.bytes > most.bytes || weight.entries > most.entries) return weight;
      }
    } catch (error) {
      if (!GONE.has((error as NodeJS.ErrnoException).code ?? '')) throw error;
    }
  return weight;
}

const GONE = new Set(['ENOENT', 'ENOTDIR']);
