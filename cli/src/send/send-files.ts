import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { readdir, stat } from 'node:fs/promises';
import { basename, join, relative, resolve, sep } from 'node:path';
import { Upload } from 'tus-js-client';
import { createArrival, getArrival } from '@haveld/contract/api/arrivals';
import { createUpload } from '@haveld/contract/api/bytes';
import { DomainError } from '@haveld/contract/error';
import { askRemote, type Remote } from './remote';
import { findSent, noteSent } from './sent-book';

export interface SentFile {
  /** On this machine. */
  full: string;
  /** In the arrival. */
  path: string;
  sizeBytes: number;
  modifiedMs: number;
}

export interface SendOptions {
  signal: AbortSignal;
  onProgress: (progress: { label: string; done: number; of: number }) => void;
}

interface UploadOptions {
  signal: AbortSignal;
  /** Where a run before this one has begun it. */
  begunAt: string | undefined;
  onBegin: (url: string) => Promise<void>;
  onProgress: (bytes: number) => void;
}

const CHUNK_BYTES = 8 * 1024 * 1024;
const RETRY_MS = [500, 2000, 5000, 15_000];

/** Every file of what was named, folders with all in them. @throws {DomainError} where there is none */
export async function gatherFiles(inputs: readonly string[]): Promise<{ name: string; files: SentFile[] }> {
  const files: SentFile[] = [];
  const add = async (full: string, root: string): Promise<void> => {
    const found = await stat(full).catch(() => null);
    if (!found) throw new DomainError('bad-file', `There is nothing at ${full}.`);
    if (found.isDirectory()) {
      for (const name of (await readdir(full)).sort()) await add(join(full, name), root);
      return;
    }
    if (found.isFile())
      files.push({
        full,
        path: relative(root, full).split(sep).join('/'),
        sizeBytes: found.size,
        modifiedMs: found.mtimeMs,
      });
  };
  for (const input of inputs) await add(resolve(input), resolve(input, '..'));
  if (files.length === 0) throw new DomainError('bad-file', 'There is no file in it.');
  return { name: inputs.length === 1 ? basename(resolve(inputs[0])) : `${basename(files[0].full)} and more`, files };
}

/**
 * Sends files as one arrival; what was begun before, of the same files, goes on where it stopped.
 * @returns the arrival, and whether it had been sent already
 */
export async function sendFiles(
  remote: Remote,
  name: string,
  files: readonly SentFile[],
  options: SendOptions,
): Promise<{ arrivalId: string; wasThere: boolean; refused: string[] }> {
  const key = keyOf(remote, files);
  const known = await findSent(key);
  const begun = known && (await findBegun(remote, known.arrivalId));
  if (known && begun?.isWhole) return { arrivalId: known.arrivalId, wasThere: true, refused: [] };
  let arrivalId = begun ? known!.arrivalId : '';
  let outstanding = begun?.outstanding ?? [];
  let refused: string[] = [];
  if (!begun) {
    const made = await askRemote(remote, createArrival, {
      body: { name, files: files.map(({ path, sizeBytes }) => ({ path, sizeBytes })) },
    });
    await noteSent(key, made.id);
    ({ id: arrivalId, received: outstanding, refused } = made);
  }
  const total = files.reduce((sum, { sizeBytes }) => sum + sizeBytes, 0);
  let done =
    total -
    files
      .filter(({ path }) => outstanding.some((one) => one.path === path))
      .reduce((sum, each) => sum + each.sizeBytes, 0);
  for (const { id, path } of outstanding) {
    options.signal.throwIfAborted();
    const file = files.find((each) => each.path === path);
    if (!file) continue;
    await upload(remote, id, file, {
      signal: options.signal,
      begunAt: begun ? known?.uploads[id] : undefined,
      onBegin: (url) => noteSent(key, arrivalId, { [id]: url }),
      onProgress: (bytes) => options.onProgress({ label: path, done: done + bytes, of: total }),
    });
    done += file.sizeBytes;
  }
  return { arrivalId, wasThere: false, refused };
}

function keyOf({ address }: Remote, files: readonly SentFile[]): string {
  const hash = createHash('sha256').update(address);
  for (const { full, sizeBytes, modifiedMs } of [...files].sort((a, b) => (a.full < b.full ? -1 : 1)))
    hash.update(`\n${full} ${sizeBytes} ${modifiedMs}`);
  return hash.digest('hex');
}

/** @returns null where the server does not know it any more, or it was given up there */
async function findBegun(
  remote: Remote,
  id: string,
): Promise<{ isWhole: boolean; outstanding: { id: string; path: string }[] } | null> {
  try {
    const { state, received } = await askRemote(remote, getArrival, { params: { id } });
    if (state === 'cancelled') return null;
    return { isWhole: state !== 'receiving', outstanding: received.filter(({ arrived }) => !arrived) };
  } catch (error) {
    if (error instanceof DomainError && error.code === 'not-found') return null;
    throw error;
  }
}

async function upload(
  { address, token }: Remote,
  receivedId: string,
  file: SentFile,
  { signal, begunAt, onBegin, onProgress }: UploadOptions,
): Promise<void> {
  let noted: Promise<void> = Promise.resolve();
  await new Promise<void>((settle, reject) => {
    const sending = new Upload(createReadStream(file.full), {
      endpoint: address + createUpload.path,
      uploadUrl: begunAt,
      headers: { authorization: `Bearer ${token}` },
      metadata: { receivedId },
      uploadSize: file.sizeBytes,
      chunkSize: CHUNK_BYTES,
      retryDelays: RETRY_MS,
      onUploadUrlAvailable: () => {
        if (sending.url) (noted = onBegin(sending.url)).catch(reject);
      },
      onProgress,
      onError: (error) =>
        reject(new DomainError('broken', `“${file.path}” could not be sent: ${error.message}`, { cause: error })),
      onSuccess: () => settle(),
    });
    signal.addEventListener('abort', () => void sending.abort().then(() => reject(signal.reason as Error)), {
      once: true,
    });
    sending.start();
  });
  await noted;
}
