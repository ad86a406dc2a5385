import { closeSync, openSync, readSync } from 'node:fs';
import type { Readable } from 'node:stream';
import { inflateRawSync } from 'node:zlib';
import yauzl from 'yauzl';
import type { ArchiveEntry, EntryVisitor, WalkEnd } from './archive-entry';
import { guessNameEncoding, type NameEncoding } from './guess-name-encoding';
import { ARCHIVE_LIMITS } from './limits';
import { giveBytes, pourInto } from './pour-into';

/** Entries that only the general reader opens. */
const needsGeneralReader = (entry: yauzl.Entry): boolean =>
  (entry.generalPurposeBitFlag & 1) !== 0 || (entry.compressionMethod !== 0 && entry.compressionMethod !== 8);

/**
 * Shows every stored or deflated entry of a zip (APPNOTE 6.3.10, zip64 too).
 * @returns the entries left to the general reader, by their place; null where there is no directory to go by
 */
export async function walkZip(
  location: string,
  visitor: EntryVisitor,
): Promise<(WalkEnd & { left: ReadonlySet<number> }) | null> {
  const zip = await openDirectory(location);
  if (!zip) return null;
  const file = openSync(location, 'r');
  let read = 0;
  let note: string | undefined;
  const left = new Set<number>();
  try {
    const { entries, error } = await listEntries(zip);
    const encoding = await guessNameEncoding(entries.filter((entry) => !saysUtf8(entry)).map(rawName));
    if (encoding) note = describeEncoding(encoding, entries);
    for (const entry of entries) {
      if (needsGeneralReader(entry)) left.add(read);
      else {
        const sink = visitor.begin(describe(entry, encoding), read, zip.entryCount);
        const stated = { sizeBytes: entry.uncompressedSize, crc: entry.crc32 };
        if (sink && isSmall(entry)) giveBytes(sink, () => readSmall(file, entry), stated);
        else if (sink) await pourInto(sink, () => openEntry(zip, entry), stated);
      }
      read++;
    }
    if (error) throw error;
    return { isLocked: false, problem: null, note, left };
  } catch (error) {
    if ((error as Error).name === 'StopArchive') throw error;
    const problem = `is damaged after ${read} entries: ${(error as Error).message}. What came before it was kept.`;
    return { isLocked: false, problem, note, left };
  } finally {
    closeSync(file);
    zip.close();
  }
}

/** A stream an entry costs more than many an entry itself: 70 000 small ones took 30 s that way, and take 3 like this. */
const isSmall = ({ compressedSize, uncompressedSize }: yauzl.Entry): boolean =>
  compressedSize <= 2 ** 20 && uncompressedSize <= 2 ** 23;

/** Reads an entry in one piece; its bytes lie behind its local header (APPNOTE 6.3.10, 4.3.7). @throws where they are damaged */
function readSmall(file: number, entry: yauzl.Entry): Buffer {
  const header = Buffer.alloc(30);
  readSync(file, header, 0, header.length, entry.relativeOffsetOfLocalHeader);
  if (header.readUInt32LE(0) !== 0x04034b50) throw new Error('its local header is missing');
  const at = entry.relativeOffsetOfLocalHeader + 30 + header.readUInt16LE(26) + header.readUInt16LE(28);
  const packed = Buffer.alloc(entry.compressedSize);
  if (readSync(file, packed, 0, packed.length, at) !== packed.length) throw new Error('it ends too early');
  return entry.compressionMethod === 0
    ? packed
    : inflateRawSync(packed, { maxOutputLength: Math.max(1, entry.uncompressedSize) });
}

const rawName = (entry: yauzl.Entry): Buffer => entry.fileName as unknown as Buffer;

const saysUtf8 = (entry: yauzl.Entry): boolean => (entry.generalPurposeBitFlag & 0x800) !== 0;

/** With the longest name that only that reading makes readable, so that a wrong guess is seen. */
function describeEncoding({ label, decode }: NameEncoding, entries: readonly yauzl.Entry[]): string {
  const example = entries
    .filter((entry) => !saysUtf8(entry) && rawName(entry).some((byte) => byte > 127))
    .map((entry) => decode(rawName(entry)))
    .sort((a, b) => b.length - a.length)[0];
  return `has names that do not say how they are written; they were read as ${label}: “${example}”.`;
}

function describe(entry: yauzl.Entry, encoding: NameEncoding | null): ArchiveEntry {
  const raw = rawName(entry);
  // the upper half of the external attributes holds Unix's file type; 0120000 is a link
  const isLink = ((entry.externalFileAttributes >>> 16) & 0o170000) === 0o120000;
  return {
    name: encoding && !saysUtf8(entry) ? encoding.decode(raw) : raw,
    isUtf8: saysUtf8(entry),
    kind: isLink ? 'link' : /[/\\]$/.test(raw.toString('latin1')) ? 'folder' : 'file',
    sizeBytes: entry.uncompressedSize,
    packedBytes: entry.compressedSize,
  };
}

function openDirectory(location: string): Promise<yauzl.ZipFile | null> {
  const options = { lazyEntries: true, decodeStrings: false, validateEntrySizes: true, autoClose: false } as const;
  // an error here means that the directory at the end is missing or damaged
  return new Promise((resolve) => yauzl.open(location, options, (error, zip) => resolve(error ? null : zip)));
}

/** Every entry the directory names, one more than are taken at most, and what it is damaged by after them. */
async function listEntries(zip: yauzl.ZipFile): Promise<{ entries: yauzl.Entry[]; error: Error | null }> {
  const entries: yauzl.Entry[] = [];
  try {
    for await (const entry of entriesOf(zip))
      // the taker says that there are too many; a directory of millions is not held for that
      if (entries.push(entry) > ARCHIVE_LIMITS.entries) break;
  } catch (error) {
    return { entries, error: error as Error };
  }
  return { entries, error: null };
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

function openEntry(zip: yauzl.ZipFile, entry: yauzl.Entry): Promise<Readable> {
  return new Promise((resolve, reject) => {
    zip.openReadStream(entry, (error, stream) => {
      if (error) return reject(error);
      // a damaged entry tells its error more than once; the first ends the stream, and the rest say nothing new
      stream.on('error', (repeated) => stream.destroy(repeated));
      resolve(stream);
    });
  });
}
