import { createHash, randomUUID } from 'node:crypto';
import { createReadStream, createWriteStream, existsSync } from 'node:fs';
import { constants, copyFile, link, mkdir, open, readFile, rename, rm, stat, type FileHandle } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { Transform, type Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { BlobBatch, flushTogether } from './blob-batch';
import type { ByteStore, StoredBytes } from './byte-store';

/** A file is copied in pieces of so many bytes. */
const COPY_BYTES = 2 ** 20;

/** A folder store as a process apart sees it. */
export interface StorePlace {
  folder: string;
  /** Another folder laid out so, for bytes that are not in the first. */
  readsFrom?: string;
}

/** Keeps bytes in `ab/cd/abcd…` under a folder. Every file is written aside, flushed, then renamed: none is ever half there. */
export class FolderStore implements ByteStore {
  readonly #folder: string;
  readonly #readsFrom: string | null;

  constructor(folder: string, readsFrom: string | null = null) {
    this.#folder = folder;
    this.#readsFrom = readsFrom;
  }

  /** What a process apart makes is flushed by who takes it over. */
  get #isKept(): boolean {
    return this.#readsFrom === null;
  }

  get folder(): string {
    return this.#folder;
  }

  #pathOf(sha256: string, folder = this.#folder): string {
    if (!/^[0-9a-f]{64}$/.test(sha256)) throw new Error(`FolderStore: not a SHA-256, got ${sha256}`);
    return join(folder, sha256.slice(0, 2), sha256.slice(2, 4), sha256);
  }

  async #pendingPath(): Promise<string> {
    const folder = join(this.#folder, 'incoming');
    await mkdir(folder, { recursive: true });
    return join(folder, randomUUID());
  }

  async put(bytes: Uint8Array): Promise<StoredBytes> {
    const sha256 = createHash('sha256').update(bytes).digest('hex');
    if (!(await this.has(sha256))) {
      const pending = await this.#pendingPath();
      const file = await open(pending, 'w');
      try {
        await file.writeFile(bytes);
        if (this.#isKept) await file.sync();
      } finally {
        await file.close();
      }
      await this.#settle(pending, sha256);
    }
    return { sha256, sizeBytes: bytes.byteLength };
  }

  async putStream(stream: Readable, limitBytes = Infinity): Promise<StoredBytes> {
    const pending = await this.#pendingPath();
    const hash = createHash('sha256');
    let sizeBytes = 0;
    const measure = new Transform({
      transform(chunk: Buffer, _encoding, done) {
        sizeBytes += chunk.length;
        if (sizeBytes > limitBytes) return done(new RangeError(`putStream: more than ${limitBytes} bytes`));
        hash.update(chunk);
        done(null, chunk);
      },
    });
    try {
      await pipeline(stream, measure, createWriteStream(pending, { flush: this.#isKept }));
    } catch (error) {
      await rm(pending, { force: true });
      throw error;
    }
    const sha256 = hash.digest('hex');
    await this.#settle(pending, sha256);
    return { sha256, sizeBytes };
  }

  /** Opens a batch: many files written one after the other and flushed together. */
  openBatch(): BlobBatch {
    return new BlobBatch(this.#folder, (sha256) => this.#pathOf(sha256), this.#isKept);
  }

  async adoptFile(path: string, signal?: AbortSignal): Promise<StoredBytes> {
    const hash = createHash('sha256');
    let sizeBytes = 0;
    for await (const chunk of createReadStream(path, { highWaterMark: 1 << 18, signal }) as AsyncIterable<Buffer>) {
      hash.update(chunk);
      sizeBytes += chunk.length;
    }
    const sha256 = hash.digest('hex');
    if (!(await this.has(sha256))) {
      // a second name for the same bytes: the file stays where it is until a row says that the store has them
      const pending = await this.#pendingPath();
      await link(path, pending).catch(async (error: NodeJS.ErrnoException) => {
        if (error.code !== 'EXDEV' && error.code !== 'EPERM') throw error;
        await copyFile(path, pending);
      });
      await flush(pending);
      await this.#settle(pending, sha256);
    }
    return { sha256, sizeBytes };
  }

  /**
   * Takes over files that a process apart wrote, by what they hold and not by what they are called.
   * @param names below `folder`
   * @param isStill it has ended: they are moved, otherwise copied, and never by way of a link it may have laid
   */
  async takeOver(folder: string, names: readonly string[], isStill: boolean): Promise<void> {
    const taken: { pending: string; sha256: string }[] = [];
    for (const name of names) {
      const pending = await this.#pendingPath();
      if (isStill) await rename(join(folder, name), pending);
      else await copyInside(folder, name, pending);
      taken.push({ pending, sha256: await hashFile(pending) });
    }
    if (taken.length > 0) await flushTogether(taken.map(({ pending }) => pending));
    for (const { pending, sha256 } of taken) await this.#settle(pending, sha256);
  }

  async #settle(pending: string, sha256: string): Promise<void> {
    const target = this.#pathOf(sha256);
    if (await this.has(sha256)) {
      await rm(pending, { force: true });
      return;
    }
    await mkdir(dirname(target), { recursive: true });
    await rename(pending, target);
  }

  async get(sha256: string): Promise<Uint8Array<ArrayBuffer>> {
    return new Uint8Array(await readFile(this.pathFor(sha256)));
  }

  openRead(sha256: string, range?: { start: number; end: number }): Readable {
    return createReadStream(this.pathFor(sha256), range);
  }

  async has(sha256: string): Promise<boolean> {
    return (await this.sizeOf(sha256)) !== null;
  }

  async sizeOf(sha256: string): Promise<number | null> {
    try {
      return (await stat(this.pathFor(sha256))).size;
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code === 'ENOENT') return null;
      throw error;
    }
  }

  /** Where a file lies, for readers that need a real file. */
  pathFor(sha256: string): string {
    const own = this.#pathOf(sha256);
    return this.#readsFrom === null || existsSync(own) ? own : this.#pathOf(sha256, this.#readsFrom);
  }
}

/** Copies a file as long as it is now: who writes to it may go on for ever. */
async function copyInside(folder: string, name: string, target: string): Promise<void> {
  const file = await openInside(folder, name);
  try {
    const found = await file.stat();
    if (!found.isFile()) throw new Error(`copyInside: no file, got ${name}`);
    const copy = await open(target, 'w');
    try {
      for (let left = found.size; left > 0;) {
        const { bytesRead, buffer } = await file.read({ buffer: Buffer.alloc(Math.min(left, COPY_BYTES)) });
        if (bytesRead === 0) break;
        await copy.write(buffer, 0, bytesRead);
        left -= bytesRead;
      }
    } finally {
      await copy.close();
    }
  } finally {
    await file.close();
  }
}

/** Opens a file below a folder whose contents somebody else may change meanwhile: no part of the way may be a link, and none may block. */
async function openInside(folder: string, name: string): Promise<FileHandle> {
  const { O_RDONLY, O_DIRECTORY, O_NOFOLLOW, O_NONBLOCK } = constants;
  const parts = name.split('/');
  let at = await open(folder, O_RDONLY | O_DIRECTORY);
  for (const [i, part] of parts.entries()) {
    const kind = i < parts.length - 1 ? O_DIRECTORY : 0;
    try {
      const next = await open(`/proc/self/fd/${at.fd}/${part}`, O_RDONLY | O_NOFOLLOW | O_NONBLOCK | kind);
      await at.close();
      at = next;
    } catch (error) {
      await at.close();
      throw error;
    }
  }
  return at;
}

async function hashFile(path: string): Promise<string> {
  const hash = createHash('sha256');
  for await (const chunk of createReadStream(path, { highWaterMark: 1 << 18 }) as AsyncIterable<Buffer>)
    hash.update(chunk);
  return hash.digest('hex');
}

/** Brings what was written to a file, by whomever, onto the disk. */
async function flush(path: string): Promise<void> {
  const file = await open(path, 'r');
  try {
    await file.sync();
  } finally {
    await file.close();
  }
}
