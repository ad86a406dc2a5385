import { createReadStream } from 'node:fs';
import { open, type FileHandle } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { createInflateRaw } from 'node:zlib';
import type { EntryVisitor, WalkEnd } from './archive-entry';
import { pourInto } from './pour-into';

const LOCAL_HEADER = 0x04034b50;
const HEADER_BYTES = 30;

interface LocalHeader {
  name: Buffer;
  flags: number;
  method: number;
  crc: number;
  packedBytes: number;
  sizeBytes: number;
  dataAt: number;
}

/**
 * Reads what is whole in a zip whose directory is missing, as in a download cut short: entry after entry by their local
 * headers (APPNOTE 6.3.10, 4.3.7). Entries whose size stands only behind their bytes end it.
 */
export async function salvageZip(location: string, visitor: EntryVisitor): Promise<WalkEnd> {
  const file = await open(location);
  try {
    const { size } = await file.stat();
    let at = 0;
    let read = 0;
    for (; ; read++) {
      const header = await readLocalHeader(file, at);
      if (!header || header.dataAt + header.packedBytes > size) break;
      const sink = visitor.begin(
        {
          name: header.name,
          isUtf8: (header.flags & 0x800) !== 0,
          kind: /[/\\]$/.test(header.name.toString('latin1')) ? 'folder' : 'file',
          sizeBytes: header.sizeBytes,
          packedBytes: header.packedBytes,
          unreadable: isPlain(header) ? undefined : 'lies in a damaged archive in a way that cannot be saved.',
        },
        read,
        read + 1,
      );
      if (sink) await pourInto(sink, () => Promise.resolve(openData(location, header)), header);
      at = header.dataAt + header.packedBytes;
    }
    const saved =
      read === 0 ? 'Nothing in it could be saved; it is kept as it came.' : `The first ${read} entries were saved.`;
    return { isLocked: false, problem: `is cut short or damaged: its directory is missing. ${saved}` };
  } finally {
    await file.close();
  }
}

const isPlain = ({ flags, method }: LocalHeader): boolean => (flags & 1) === 0 && (method === 0 || method === 8);

/** @returns null where no entry with a stated size begins here */
async function readLocalHeader(file: FileHandle, at: number): Promise<LocalHeader | null> {
  const head = Buffer.alloc(HEADER_BYTES);
  if ((await file.read(head, 0, HEADER_BYTES, at)).bytesRead < HEADER_BYTES) return null;
  if (head.readUInt32LE(0) !== LOCAL_HEADER) return null;
  const flags = head.readUInt16LE(6);
  if ((flags & 8) !== 0) return null;
  const name = Buffer.alloc(head.readUInt16LE(26));
  await file.read(name, 0, name.length, at + HEADER_BYTES);
  return {
    name,
    flags,
    method: head.readUInt16LE(8),
    crc: head.readUInt32LE(14),
    packedBytes: head.readUInt32LE(18),
    sizeBytes: head.readUInt32LE(22),
    dataAt: at + HEADER_BYTES + name.length + head.readUInt16LE(28),
  };
}

function openData(location: string, { dataAt, packedBytes, method }: LocalHeader): Readable {
  if (packedBytes === 0) return Readable.from([]);
  const raw = createReadStream(location, { start: dataAt, end: dataAt + packedBytes - 1 });
  if (method === 0) return raw;
  const inflate = createInflateRaw();
  raw.on('error', (error) => inflate.destroy(error));
  return raw.pipe(inflate);
}
