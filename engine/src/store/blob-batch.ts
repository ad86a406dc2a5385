import { execFile } from 'node:child_process';
import { createHash, randomUUID, type Hash } from 'node:crypto';
import { closeSync, existsSync, fsyncSync, mkdirSync, openSync, renameSync, rmSync, writeSync } from 'node:fs';
import { dirname, join } from 'node:path';
import type { StoredBytes } from './byte-store';

/** Bytes on their way into the store, written where they come, without a turn of the event loop. */
export interface BlobWriter {
  write(chunk: Uint8Array): void;
  /** The bytes are whole; they are in the store once the batch is flushed. */
  finish(): StoredBytes;
  abandon(): void;
}

/** Files up to this size wait in memory until their hash says whether they are new. */
const SMALL_BYTES = 2 ** 18;

/** From this many files on, one flush of the file system is cheaper than one a file (0.2 ms each). */
const FLUSH_WHOLE_FROM = 64;

/**
 * Writes many files into a folder store. Like every file of the store they are written aside, flushed, then renamed; the
 * flush is shared, so that 70 000 small files do not wait for the disk 70 000 times.
 */
export class BlobBatch {
  readonly #incoming: string;
  readonly #pathFor: (sha256: string) => string;
  readonly #isFlushed: boolean;
  #waiting: { pending: string; sha256: string }[] = [];
  #waitingHashes = new Set<string>();

  /** @param pathFor where a hash lies in the store @param isFlushed false where somebody else will flush it */
  constructor(folder: string, pathFor: (sha256: string) => string, isFlushed = true) {
    this.#incoming = join(folder, 'incoming');
    this.#pathFor = pathFor;
    this.#isFlushed = isFlushed;
    mkdirSync(this.#incoming, { recursive: true });
  }

  open(): BlobWriter {
    const hash: Hash = createHash('sha256');
    let small: Uint8Array[] = [];
    let sizeBytes = 0;
    let file: { pending: string; handle: number } | null = null;
    const openFile = (): { pending: string; handle: number } => {
      const pending = join(this.#incoming, randomUUID());
      file = { pending, handle: openSync(pending, 'w') };
      for (const chunk of small) writeAll(file.handle, chunk);
      small = [];
      return file;
    };
    return {
      write(chunk) {
        hash.update(chunk);
        sizeBytes += chunk.length;
        if (file) writeAll(file.handle, chunk);
        else {
          small.push(chunk.slice());
          if (sizeBytes > SMALL_BYTES) openFile();
        }
      },
      finish: () => {
        const sha256 = hash.digest('hex');
        if (this.#waitingHashes.has(sha256) || existsSync(this.#pathFor(sha256))) discard(file);
        else {
          const { pending, handle } = file ?? openFile();
          closeSync(handle);
          this.#waiting.push({ pending, sha256 });
          this.#waitingHashes.add(sha256);
        }
        return { sha256, sizeBytes };
      },
      abandon: () => discard(file),
    };
  }

  /** After it, everything finished so far is in the store for good. */
  async flush(): Promise<void> {
    const waiting = this.#waiting;
    this.#waiting = [];
    this.#waitingHashes = new Set();
    if (waiting.length === 0) return;
    if (this.#isFlushed) await flushTogether(waiting.map(({ pending }) => pending));
    for (const { pending, sha256 } of waiting) {
      const target = this.#pathFor(sha256);
      moveInto(pending, target);
    }
  }
}

/** Brings files of one folder onto the disk. */
export async function flushTogether(paths: readonly string[]): Promise<void> {
  if (paths.length < FLUSH_WHOLE_FROM || !(await syncFileSystem(dirname(paths[0]))))
    for (const path of paths) syncFile(path);
}

/** The folder is there more often than not, once a store has grown. */
function moveInto(pending: string, target: string): void {
  try {
    renameSync(pending, target);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'ENOENT') throw error;
    mkdirSync(dirname(target), { recursive: true });
    renameSync(pending, target);
  }
}

function writeAll(handle: number, chunk: Uint8Array): void {
  for (let at = 0; at < chunk.length;) at += writeSync(handle, chunk, at);
}

function discard(file: { pending: string; handle: number } | null): void {
  if (!file) return;
  closeSync(file.handle);
  rmSync(file.pending, { force: true });
}

function syncFile(path: string): void {
  const handle = openSync(path, 'r+');
  fsyncSync(handle);
  closeSync(handle);
}

/** @returns false where the system has no such command */
function syncFileSystem(folder: string): Promise<boolean> {
  return new Promise((resolve) => execFile('sync', ['-f', folder], (error) => resolve(error === null)));
}
