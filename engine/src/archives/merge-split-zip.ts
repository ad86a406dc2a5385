import { open, type FileHandle } from 'node:fs/promises';

/** Signatures and fixed lengths of APPNOTE 6.3.10, 4.3.12 and 4.3.16. */
const DIRECTORY_ENTRY = { signature: 0x02014b50, bytes: 46 };
const END = { signature: 0x06054b50, bytes: 22 };
const MOST_COMMENT = 0xffff;
/** What stands in a field whose value stands elsewhere (4.4.1.4). */
const ELSEWHERE = { short: 0xffff, long: 0xffffffff };

/**
 * Makes one zip of the segments of a split one (APPNOTE 6.3.10, 8), which lie one behind another in a file: places in it are counted from
 * their segment, and from its start afterwards.
 * @param location the file, changed in place
 * @param segmentBytes lengths of its segments
 * @throws {Error} where it is no split zip, or one beyond 4 GiB (zip64)
 */
export async function mergeSplitZip(location: string, segmentBytes: readonly number[]): Promise<void> {
  const starts = segmentBytes.map((_, i) => segmentBytes.slice(0, i).reduce((sum, bytes) => sum + bytes, 0));
  const startOf = (disk: number): number => {
    if (disk >= starts.length) throw new Error(`part ${disk + 1} did not come`);
    return starts[disk];
  };
  const file = await open(location, 'r+');
  try {
    const { at, end } = await findEnd(file);
    const count = end.readUInt16LE(10);
    const bytes = end.readUInt32LE(12);
    const offset = end.readUInt32LE(16);
    if (count === ELSEWHERE.short || offset === ELSEWHERE.long)
      throw new Error('it is a split zip beyond 4 GiB, which is not read in parts');
    const start = startOf(end.readUInt16LE(6)) + offset;
    const directory = Buffer.alloc(bytes);
    await file.read(directory, 0, bytes, start);
    for (let i = 0, entry = 0; i < count; i++) entry += moveEntry(directory, entry, startOf);
    await file.write(directory, 0, bytes, start);
    end.writeUInt16LE(0, 4);
    end.writeUInt16LE(0, 6);
    end.writeUInt16LE(count, 8);
    end.writeUInt32LE(toLong(start), 16);
    await file.write(end, 0, end.length, at);
  } finally {
    await file.close();
  }
}

/** The record a zip ends with, behind which only its comment lies. */
async function findEnd(file: FileHandle): Promise<{ at: number; end: Buffer }> {
  const { size } = await file.stat();
  const tail = Buffer.alloc(Math.min(size, END.bytes + MOST_COMMENT));
  await file.read(tail, 0, tail.length, size - tail.length);
  for (let at = tail.length - END.bytes; at >= 0; at--)
    if (tail.readUInt32LE(at) === END.signature && at + END.bytes + tail.readUInt16LE(at + 20) === tail.length)
      return { at: size - tail.length + at, end: tail.subarray(at, at + END.bytes) };
  throw new Error('its directory is missing');
}

/** @returns how many bytes an entry takes */
function moveEntry(directory: Buffer, at: number, startOf: (disk: number) => number): number {
  if (at + DIRECTORY_ENTRY.bytes > directory.length || directory.readUInt32LE(at) !== DIRECTORY_ENTRY.signature)
    throw new Error('its directory is damaged');
  const offset = directory.readUInt32LE(at + 42);
  if (offset === ELSEWHERE.long) throw new Error('it is a split zip beyond 4 GiB, which is not read in parts');
  directory.writeUInt32LE(toLong(startOf(directory.readUInt16LE(at + 34)) + offset), at + 42);
  directory.writeUInt16LE(0, at + 34);
  return (
    DIRECTORY_ENTRY.bytes +
    directory.readUInt16LE(at + 28) +
    directory.readUInt16LE(at + 30) +
    directory.readUInt16LE(at + 32)
  );
}

function toLong(offset: number): number {
  if (offset >= ELSEWHERE.long) throw new Error('it is a split zip beyond 4 GiB, which is not read in parts');
  return offset;
}
