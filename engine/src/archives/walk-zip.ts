import type { Readable } from 'node:stream';
import yauzl from 'yauzl';
import type { ArchiveEntry, EntryVisitor, WalkEnd } from './archive-entry';
import { pourInto } from './pour-into';

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
  let read = 0;
  const left = new Set<number>();
  try {
    for await (const entry of entriesOf(zip)) {
      if (needsGeneralReader(entry)) left.add(read);
      else {
        const sink = visitor.begin(describe(entry), read, zip.entryCount);
        if (sink)
          await pourInto(sink, () => openEntry(zip, entry), { sizeBytes: entry.uncompressedSize, crc: entry.crc32 });
      }
      read++;
    }
    return { isLocked: false, problem: null, left };
  } catch (error) {
    if ((error as Error).name === 'StopArchive') throw error;
    const problem = `is damaged after ${read} entries: ${(error as Error).message}. What came before it was kept.`;
    return { isLocked: false, problem, left };
  } finally {
    zip.close();
  }
}

function describe(entry: yauzl.Entry): ArchiveEntry {
  const raw = entry.fileName as unknown as Buffer;
  // the upper half of the external attributes holds Unix's file type; 0120000 is a link
  const isLink = ((entry.externalFileAttributes >>> 16) & 0o170000) === 0o120000;
  return {
    name: raw,
    isUtf8: (entry.generalPurposeBitFlag & 0x800) !== 0,
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
