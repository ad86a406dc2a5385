import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { open, rm, stat } from 'node:fs/promises';
import { nameFetched } from './file-name';
import { requireAnswered } from './read-status';
import { ask, type Answer, type AskOptions } from './request';
import { SourceFault } from './source-fault';

/** A file a source offers, with what it says of it. */
export interface FileWanted {
  address: string;
  headers?: Readonly<Record<string, string>>;
  /** As announced; null where it was not. */
  sizeBytes: number | null;
  sha256: string | null;
  /** A page of the web is what is wanted. */
  isPage?: boolean;
}

/** What is here of it already: bytes in a file, the validator they came with, and how many of them are surely on the disk. */
export interface PartHere {
  path: string;
  validator: string | null;
  keptBytes: number;
}

export interface FetchOptions extends AskOptions {
  now: Date;
  limitBytes: number;
  onProgress?: (doneBytes: number, totalBytes: number | null) => void;
  /** Before the first byte of what comes now, and whenever more of it is on the disk for good: all that the next try needs. */
  onKept?: (validator: string | null, keptBytes: number) => Promise<void>;
}

export interface FetchedFile {
  name: string;
  sizeBytes: number;
  sha256: string;
  contentType: string;
}

/**
 * Fetches a file into a part beside its final place, going on where it stopped: by range, under the condition that the source still
 * has the same (RFC 9110, 13.1.5 and 14). What changed meanwhile is begun anew; no byte of two editions ever stands in one file.
 * @throws {SourceFault} where it did not come whole; what came stays for the next try, unless it was wrong
 */
export async function fetchFile(wanted: FileWanted, part: PartHere, options: FetchOptions): Promise<FetchedFile> {
  const host = URL.canParse(wanted.address) ? new URL(wanted.address).hostname : wanted.address;
  const here = part.validator === null ? 0 : Math.min(part.keptBytes, await sizeOf(part.path));
  const range: Record<string, string> = here > 0 ? { range: `bytes=${here}-`, 'if-range': part.validator! } : {};
  const answer = await ask(wanted.address, { headers: { ...wanted.headers, ...range } }, options);
  try {
    const begin = await findBegin(answer, { ...part, keptBytes: here }, options.now);
    const total = totalOf(answer, begin);
    requireAsAnnounced(wanted, total, options.limitBytes, host);
    requireFile(answer, wanted, host);
    await pour(answer, part.path, begin, total, options, host);
    const sizeBytes = await sizeOf(part.path);
    if (total !== null && sizeBytes < total)
      throw new SourceFault('cut-off', `${host} stopped after ${sizeBytes} of ${total} bytes.`);
    return await prove(wanted, part.path, answer, host);
  } catch (error) {
    answer.body.destroy();
    if (error instanceof SourceFault && (error.kind === 'wrong-length' || error.kind === 'wrong-bytes'))
      await rm(part.path, { force: true });
    throw error;
  }
}

async function sizeOf(path: string): Promise<number> {
  try {
    return (await stat(path)).size;
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return 0;
    throw error;
  }
}

/** @returns where what comes now begins in the file */
async function findBegin(answer: Answer, { path, keptBytes, validator }: PartHere, now: Date): Promise<number> {
  const host = new URL(answer.address).hostname;
  if (answer.status === 206) {
    const from = /^bytes (\d+)-/.exec(answer.headers['content-range'] ?? '')?.[1];
    const now206 = validatorOf(answer);
    if (Number(from) === keptBytes && (now206 === null || now206 === validator)) return keptBytes;
  } else if (answer.status !== 416) {
    requireAnswered(answer, now);
    return 0;
  }
  // a piece of something else, or nothing to go on with: what is here is worth nothing, and the next try begins anew
  await rm(path, { force: true });
  throw new SourceFault('cut-off', `${host} has changed the file; it is begun anew.`);
}

/** @returns how long the whole is; null where the source does not say */
function totalOf({ status, headers }: Answer, begin: number): number | null {
  const whole = /\/(\d+)$/.exec(headers['content-range'] ?? '')?.[1];
  if (status === 206 && whole !== undefined) return Number(whole);
  const length = headers['content-length'];
  return length === undefined ? null : begin + Number(length);
}

function requireAsAnnounced(wanted: FileWanted, total: number | null, limitBytes: number, host: string): void {
  const { sizeBytes } = wanted;
  if (total !== null && total > limitBytes)
    throw new SourceFault('too-large', `${host} would send ${total} bytes; at most ${limitBytes} are taken.`);
  if (total !== null && sizeBytes !== null && total !== sizeBytes)
    throw new SourceFault('wrong-length', `${host} announced ${sizeBytes} bytes and would send ${total}.`);
}

/** A page in the place of a file is a question, a refusal or an advertisement. */
function requireFile({ headers }: Answer, { isPage }: FileWanted, host: string): void {
  if (!isPage && /^text\/html\b|^application\/xhtml/i.test(headers['content-type'] ?? ''))
    throw new SourceFault('not-a-file', `${host} sent a page in the place of the file.`);
}

/** A strong validator, which alone may join two pieces (RFC 9110, 8.8.1 and 13.1.5). */
function validatorOf({ headers }: Answer): string | null {
  const { etag, 'last-modified': modified, date } = headers;
  if (etag && !etag.startsWith('W/')) return etag;
  // a date is strong where it is older than the answer by more than the clock's second (RFC 9110, 8.8.2.2)
  const [changedAt, sentAt] = [Date.parse(modified ?? ''), Date.parse(date ?? '')];
  return modified && sentAt - changedAt >= 1000 ? modified : null;
}

/** So much may come before it is brought onto the disk for good, and has to come again where the machine dies. */
const FLUSH_BYTES = 16 * 1024 * 1024;

async function pour(
  answer: Answer,
  path: string,
  begin: number,
  total: number | null,
  { limitBytes, onProgress, onKept, signal }: FetchOptions,
  host: string,
): Promise<void> {
  const validator = validatorOf(answer);
  const file = await open(path, begin === 0 ? 'w' : 'r+');
  let done = begin;
  let kept = begin;
  try {
    await file.truncate(begin);
    await onKept?.(validator, begin);
    onProgress?.(done, total);
    const pieces = answer.body[Symbol.asyncIterator]();
    for (;;) {
      const piece = await nextPiece(pieces, () => describeCut(host, done, total), signal);
      if (piece === null) break;
      if (done + piece.length > limitBytes)
        throw new SourceFault('too-large', `${host} sends more than ${limitBytes} bytes.`);
      await file.write(piece, 0, piece.length, done);
      done += piece.length;
      onProgress?.(done, total);
      if (done - kept < FLUSH_BYTES) continue;
      await file.datasync();
      await onKept?.(validator, done);
      kept = done;
    }
  } finally {
    if (done > kept) {
      await file.datasync();
      await onKept?.(validator, done);
    }
    await file.close();
  }
}

const describeCut = (host: string, done: number, total: number | null): string =>
  `${host} stopped after ${done}${total === null ? '' : ` of ${total}`} bytes.`;

/** @returns null at the end. @throws {SourceFault} where the line is cut */
async function nextPiece(
  pieces: AsyncIterator<Buffer>,
  describe: () => string,
  signal: AbortSignal | undefined,
): Promise<Buffer | null> {
  try {
    const { done, value } = await pieces.next();
    return done ? null : value;
  } catch (error) {
    if (error instanceof SourceFault) throw error;
    if (signal?.aborted) throw signal.reason;
    throw new SourceFault('cut-off', describe(), { cause: error });
  }
}

const HEAD_BYTES = 512;

/** Looks at what came: its length, what it is, and that it is what the source says it is. */
async function prove(wanted: FileWanted, path: string, answer: Answer, host: string): Promise<FetchedFile> {
  const sizeBytes = await sizeOf(path);
  if (wanted.sizeBytes !== null && sizeBytes !== wanted.sizeBytes)
    throw new SourceFault('wrong-length', `${host} announced ${wanted.sizeBytes} bytes and sent ${sizeBytes}.`);
  if (!wanted.isPage && (await isPageByContent(path))) {
    await rm(path, { force: true });
    throw new SourceFault('not-a-file', `${host} sent a page in the place of the file.`);
  }
  const hash = createHash('sha256');
  for await (const chunk of createReadStream(path, { highWaterMark: 1 << 18 }) as AsyncIterable<Buffer>)
    hash.update(chunk);
  const sha256 = hash.digest('hex');
  if (wanted.sha256 !== null && sha256 !== wanted.sha256.toLowerCase())
    throw new SourceFault('wrong-bytes', `What ${host} sent is not what it says it is: its checksum differs.`);
  return {
    name: nameFetched(answer.headers['content-disposition'], answer.address),
    sizeBytes,
    sha256,
    contentType: answer.headers['content-type'] ?? '',
  };
}

async function isPageByContent(path: string): Promise<boolean> {
  const file = await open(path, 'r');
  try {
    const { buffer, bytesRead } = await file.read({ buffer: Buffer.alloc(HEAD_BYTES), position: 0 });
    return /^(?:\uFEFF)?\s*<(?:!doctype\s+html|html)\b/i.test(buffer.subarray(0, bytesRead).toString('utf8'));
  } finally {
    await file.close();
  }
}
