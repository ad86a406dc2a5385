import type { Readable } from 'node:stream';
import yauzl from 'yauzl';
import { ZipFile } from 'yazl';
import type { ByteStore } from '../store/byte-store';
import { ENTRY_TIME, type PackedFile } from './packed-file';

/** A zip of the store whose files lie in one folder. */
export interface JoinedPackage {
  /** Takes the place of that folder. */
  folder: string;
  sha256: string;
}

const OPTIONS = { mtime: ENTRY_TIME, mode: 0o100644 };

/**
 * One zip of many, each in a folder of its own, as it is read: nothing of it lies in memory at once.
 * @param extra what lies beside the folders
 * @returns its bytes; the stream fails where one of the zips is damaged or not in the store
 */
export function joinPackages(
  packages: readonly JoinedPackage[],
  extra: readonly PackedFile[],
  store: ByteStore,
): Readable {
  const zip = new ZipFile();
  const stream = zip.outputStream as Readable;
  // one of them that cannot be read ends the whole, and nothing else
  const fail = (error: Error): void => void stream.destroy(error);
  zip.on('error', fail);
  for (const { path, bytes } of extra) zip.addBuffer(Buffer.from(bytes), path, OPTIONS);
  void addAll(zip, packages, store, fail).then(() => zip.end(), fail);
  return stream;
}

/** @param fail told what goes wrong while an entry is read: the writer does not listen to it */
async function addAll(
  zip: ZipFile,
  packages: readonly JoinedPackage[],
  store: ByteStore,
  fail: (error: Error) => void,
): Promise<void> {
  for (const { folder, sha256 } of packages) {
    const opened = await openStored(store, sha256);
    for (const entry of await listEntries(opened))
      zip.addReadStreamLazy(`${folder}/${entry.fileName.replace(/^[^/]*\//, '')}`, OPTIONS, (give) =>
        opened.openReadStream(entry, (error, stream) => {
          stream?.once('error', fail);
          give(error, stream);
        }),
      );
  }
}

/** Reads a zip where it lies in the store, piece by piece. */
class StoredZip extends yauzl.RandomAccessReader {
  constructor(
    private readonly store: ByteStore,
    private readonly sha256: string,
  ) {
    super();
  }

  override _readStreamForRange(start: number, end: number): Readable {
    return this.store.openRead(this.sha256, { start, end: end - 1 });
  }
}

async function openStored(store: ByteStore, sha256: string): Promise<yauzl.ZipFile> {
  const size = await store.sizeOf(sha256);
  if (size === null) throw new Error(`The file ${sha256} is not in the store.`);
  return new Promise((resolve, reject) => {
    const options = { lazyEntries: true, autoClose: false };
    yauzl.fromRandomAccessReader(new StoredZip(store, sha256), size, options, (error, zip) =>
      error ? reject(error) : resolve(zip),
    );
  });
}

function listEntries(zip: yauzl.ZipFile): Promise<yauzl.Entry[]> {
  const entries: yauzl.Entry[] = [];
  return new Promise((resolve, reject) => {
    zip.on('entry', (entry: yauzl.Entry) => {
      if (!entry.fileName.endsWith('/')) entries.push(entry);
      zip.readEntry();
    });
    zip.once('end', () => resolve(entries)).once('error', reject);
    zip.readEntry();
  });
}
