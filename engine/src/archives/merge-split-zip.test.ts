import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { mergeSplitZip } from './merge-split-zip';

const DATA = new URL('testdata/', import.meta.url).pathname;
const SEGMENTS = ['split.z01', 'split.zip'].map((name) => readFileSync(DATA + name));
const LENGTHS = SEGMENTS.map(({ length }) => length);
let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'haveld-split-'));
});
afterEach(() => rmSync(folder, { recursive: true }));

function write(bytes: Buffer): string {
  const path = join(folder, 'whole.zip');
  writeFileSync(path, bytes);
  return path;
}

test('every entry of the directory leads to a local header, counted from the start', async () => {
  const path = write(Buffer.concat(SEGMENTS));
  await mergeSplitZip(path, LENGTHS);
  const merged = readFileSync(path);
  const end = merged.length - 22;
  // number of this disk, disk with the directory; entries here and altogether (APPNOTE 6.3.10, 4.3.16)
  expect([4, 6, 8, 10].map((at) => merged.readUInt16LE(end + at))).toEqual([0, 0, 3, 3]);
  let at = merged.readUInt32LE(end + 16);
  for (const name of ['crate.obj', 'lid.obj', 'readme.txt']) {
    expect(merged.readUInt32LE(at)).toBe(0x02014b50);
    expect(merged.readUInt16LE(at + 34)).toBe(0);
    const local = merged.readUInt32LE(at + 42);
    expect(merged.readUInt32LE(local)).toBe(0x04034b50);
    expect(merged.toString('latin1', local + 30, local + 30 + merged.readUInt16LE(local + 26))).toBe(name);
    at += 46 + merged.readUInt16LE(at + 28) + merged.readUInt16LE(at + 30) + merged.readUInt16LE(at + 32);
  }
});

test.each<[string, (bytes: Buffer) => Buffer, readonly number[], string]>([
  ['a part that did not come', (bytes) => bytes.subarray(LENGTHS[0]), [LENGTHS[1]], 'part 2 did not come'],
  ['no end', (bytes) => bytes.subarray(0, -5), LENGTHS, 'its directory is missing'],
  [
    'a damaged entry',
    (bytes) => {
      const damaged = Buffer.from(bytes);
      damaged.writeUInt32LE(7, LENGTHS[0] + damaged.readUInt32LE(damaged.length - 6));
      return damaged;
    },
    LENGTHS,
    'its directory is damaged',
  ],
  [
    'one beyond 4 GiB',
    (bytes) => {
      const large = Buffer.from(bytes);
      large.writeUInt32LE(0xffffffff, large.length - 6);
      return large;
    },
    LENGTHS,
    'beyond 4 GiB',
  ],
])('%s is told, and the file stays', async (_, change, lengths, message) => {
  const bytes = change(Buffer.concat(SEGMENTS));
  const path = write(bytes);
  await expect(mergeSplitZip(path, lengths)).rejects.toThrow(message);
  expect(readFileSync(path).equals(bytes)).toBe(true);
});
