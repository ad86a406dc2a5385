import { createHash, randomUUID } from 'node:crypto';
import { createReadStream, createWriteStream } from 'node:fs';
import { copyFile, link, mkdir, open, readFile, rename, rm, stat } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { Transform, type Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { BlobBatch } from './blob-batch';
import type { ByteStore, StoredBytes } from './byte-store';

/** Keeps bytes in `ab/cd/abcd…` under a folder. Every file is written aside, flushed, then renamed: none is ever half there. */
export class FolderStore implements ByteStore {
  readonly #folder: string;

  constructor(folder: string) {
    this.#folder = folder;
  }

  get folder(): string {
    return this.#folder;
  }

  #pathOf(sha256: string): string {
    if (!/^[0-9a-f]{64}$/.test(sha256)) throw new Error(`FolderStore: not a SHA-256, got ${sha256}`);
    return join(this.#folder, sha256.slice(0, 2), sha256.slice(2, 4), sha256);
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
        await file.sync();
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
      await pipeline(stream, measure, createWriteStream(pending, { flush: true }));
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
    return new BlobBatch(this.#folder, (sha256) => this.#pathOf(sha256));
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
    return new Uint8Array(await readFile(this.#pathOf(sha256)));
  }

  openRead(sha256: string, range?: { start: number; end: number }): Readable {
    return createReadStream(this.#pathOf(sha256), range);
  }

  async has(sha256: string): Promise<boolean> {
    return (await this.sizeOf(sha256)) !== null;
  }

  async sizeOf(sha256: string): Promise<number | null> {
    try {
      return (await stat(this.#pathOf(sha256))).size;
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code === 'ENOENT') return null;
      throw error;
    }
  }

  /** Where a file lies, for readers that need a real file. */
  pathFor(sha256: string): string {
    return this.#pathOf(sha256);
  }
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
