import type { Readable } from 'node:stream';
import yauzl from 'yauzl';
import { DomainError } from '@haveld/contract/error';
import { readEntryName } from '@haveld/core/finds/entry-name';
import { identifyAt, type IdentifiedFile } from './identify-at';
import type { TaskContext } from './task';

export interface OpenInput {
  /** What was received: archives and loose files. */
  received: { path: string; sha256: string }[];
}

export type OpenedFile = IdentifiedFile & { sha256: string };

export interface OpenResult {
  files: OpenedFile[];
  /** One sentence an entry that was refused. */
  refused: string[];
}

/** What an archive may become; a 42 kB file that claims petabytes stops here. */
export const ARCHIVE_LIMITS = {
  entryBytes: 4 * 2 ** 30,
  totalBytes: 16 * 2 ** 30,
  entries: 100_000,
  /** Unpacked to packed of one entry, once it is larger than `ratioFromBytes`: deflate cannot pass 1032 (RFC 1951). */
  ratio: 400,
  ratioFromBytes: 64 * 2 ** 20,
  depth: 3,
} as const;

/** Opens archives, archives in archives, and identifies every file by its content. A bad entry is named; the rest goes on. */
export async function openArchive({ received }: OpenInput, context: TaskContext): Promise<OpenResult> {
  const result: OpenResult = { files: [], refused: [] };
  const budget = { bytes: 0, entries: 0 };
  for (const [i, { path, sha256 }] of received.entries()) {
    context.progress(i, received.length, 'file');
    const file = await identifyStored(path, sha256, context);
    if (file.format === 'zip') {
      result.files.push(file);
      await openZip(file, `${path}/`, 1, budget, result, context);
    } else result.files.push(file);
  }
  return result;
}

const identifyStored = (path: string, sha256: string, { store }: TaskContext): Promise<OpenedFile> =>
  identifyAt(path, store.pathFor(sha256)).then((file) => ({ ...file, sha256 }));

async function openZip(
  archive: OpenedFile,
  prefix: string,
  depth: number,
  budget: { bytes: number; entries: number },
  result: OpenResult,
  context: TaskContext,
): Promise<void> {
  const zip = await openDirectory(archive, result, context);
  if (!zip) return;
  const seen = new Set<string>();
  let read = 0;
  try {
    for await (const entry of entriesOf(zip)) {
      context.progress(++read, zip.entryCount, 'entry');
      if (++budget.entries > ARCHIVE_LIMITS.entries) {
        result.refused.push(
          `“${archive.path}” holds more than ${ARCHIVE_LIMITS.entries} entries; the rest was not opened.`,
        );
        break;
      }
      await takeEntry(zip, entry, prefix, depth, seen, budget, result, context);
    }
  } catch (error) {
    result.refused.push(
      `“${archive.path}” is damaged after ${read} entries: ${(error as Error).message}. What came before it was kept.`,
    );
  } finally {
    zip.close();
  }
}

async function openDirectory(
  archive: OpenedFile,
  result: OpenResult,
  { store }: TaskContext,
): Promise<yauzl.ZipFile | null> {
  try {
    return await new Promise<yauzl.ZipFile>((resolve, reject) => {
      const options = { lazyEntries: true, decodeStrings: false, validateEntrySizes: true, autoClose: false } as const;
      yauzl.open(store.pathFor(archive.sha256), options, (error, zip) => (error ? reject(error) : resolve(zip)));
    });
  } catch (error) {
    result.refused.push(`“${archive.path}” cannot be opened: ${(error as Error).message}. It is kept as it came.`);
    return null;
  }
}

async function* entriesOf(zip: yauzl.ZipFile): AsyncGenerator<yauzl.Entry> {
  for (;;) {
    const entry = await new Promise<yauzl.Entry | null>((resolve, reject) => {
      const settle = (value: yauzl.Entry | null): void => {
        zip.removeAllListeners('entry').removeAllListeners('end').removeAllListeners('error');
        resolve(value);
      };
      zip.once('entry', (found: yauzl.Entry) => settle(found));
      zip.once('end', () => settle(null));
      zip.once('error', reject);
      zip.readEntry();
    });
    if (!entry) return;
    yield entry;
  }
}

const isFolder = (path: string): boolean => /[/\\]$/.test(path);

async function takeEntry(
  zip: yauzl.ZipFile,
  entry: yauzl.Entry,
  prefix: string,
  depth: number,
  seen: Set<string>,
  budget: { bytes: number; entries: number },
  result: OpenResult,
  context: TaskContext,
): Promise<void> {
  const raw = entry.fileName as unknown as Buffer;
  const name = readEntryName(raw, (entry.generalPurposeBitFlag & 0x800) !== 0);
  const refuse = (why: string): void => {
    result.refused.push(why);
  };
  if ('refused' in name) return refuse(name.refused);
  if (isFolder(raw.toString('latin1'))) return;
  const path = prefix + name.path;
  if (seen.has(path.toLowerCase())) return refuse(`“${name.path}” comes twice; the first was kept.`);
  // the upper half of the external attributes holds Unix's file type; 0120000 is a link
  if (((entry.externalFileAttributes >>> 16) & 0o170000) === 0o120000)
    return refuse(`“${name.path}” is a link; links are not followed.`);
  if ((entry.generalPurposeBitFlag & 1) !== 0) return refuse(`“${name.path}” is encrypted; it was not opened.`);
  if (entry.compressionMethod !== 0 && entry.compressionMethod !== 8) {
    return refuse(`“${name.path}” is packed by method ${entry.compressionMethod}, which cannot be opened yet.`);
  }
  if (entry.uncompressedSize > ARCHIVE_LIMITS.entryBytes)
    return refuse(
      `“${name.path}” would be ${formatGib(entry.uncompressedSize)}; at most ${formatGib(ARCHIVE_LIMITS.entryBytes)} are taken.`,
    );
  if (
    entry.uncompressedSize > ARCHIVE_LIMITS.ratioFromBytes &&
    entry.uncompressedSize > entry.compressedSize * ARCHIVE_LIMITS.ratio
  ) {
    return refuse(
      `“${name.path}” unpacks to ${Math.round(entry.uncompressedSize / entry.compressedSize)} times its size; it was taken for a bomb and not opened.`,
    );
  }
  const left = ARCHIVE_LIMITS.totalBytes - budget.bytes;
  if (entry.uncompressedSize > left)
    return refuse(`“${name.path}” goes over the ${formatGib(ARCHIVE_LIMITS.totalBytes)} an arrival may unpack to.`);
  try {
    const stream = await openEntry(zip, entry);
    const kept = await context.store.putStream(stream, Math.min(entry.uncompressedSize, left));
    seen.add(path.toLowerCase());
    budget.bytes += kept.sizeBytes;
    const file = await identifyStored(path, kept.sha256, context);
    result.files.push(file);
    if (file.format !== 'zip') return;
    if (depth >= ARCHIVE_LIMITS.depth)
      return refuse(`“${name.path}” lies ${depth + 1} archives deep; it was kept and not opened.`);
    await openZip(file, `${path}/`, depth + 1, budget, result, context);
  } catch (error) {
    if (error instanceof DomainError) return refuse(error.message);
    refuse(`“${name.path}” is damaged: ${(error as Error).message}.`);
  }
}

function openEntry(zip: yauzl.ZipFile, entry: yauzl.Entry): Promise<Readable> {
  return new Promise((resolve, reject) => {
    zip.openReadStream(entry, (error, stream) => {
      if (error) return reject(error);
      // a damaged entry tells its error more than once; the first ends the pipeline, and the rest say nothing new
      stream.on('error', (repeated) => stream.destroy(repeated));
      resolve(stream);
    });
  });
}

const formatGib = (bytes: number): string => `${(bytes / 2 ** 30).toFixed(1)} GiB`;
