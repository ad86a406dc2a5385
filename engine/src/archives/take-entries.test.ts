import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { createScratchStore } from '../testing/scratch-store';
import type { ArchiveEntry } from './archive-entry';
import { limitToRoom } from './limits';
import { createTaker } from './take-entries';

const scratch = createScratchStore();
afterAll(() => scratch.remove());

const GIB = 2 ** 30;
const file = (name: string, sizeBytes: number | null): ArchiveEntry => ({
  name,
  isUtf8: true,
  kind: 'file',
  sizeBytes,
  packedBytes: null,
});

function take(freeBytes: number, archiveBytes = 2 ** 20) {
  return createTaker({
    archivePath: 'a.zip',
    archiveBytes,
    batch: scratch.store.openBatch(),
    budget: limitToRoom(freeBytes),
    progress: () => undefined,
  });
}

test('a full disk sets the limit, and the sentence says so', () => {
  expect(limitToRoom(0.5 * GIB).mostBytes).toBe(0);
  const taker = take(3 * GIB);
  expect(taker.begin(file('large.obj', 2.5 * GIB), 0, 1)).toBeNull();
  expect(taker.taken.refused).toEqual(['“large.obj” goes over the 2.0 GiB the server’s disk has room for.']);
});

test('with room enough the house sets it', () => {
  expect(limitToRoom(100 * GIB)).toMatchObject({
    mostBytes: 16 * GIB,
    mostWords: 'the 16.0 GiB an arrival may unpack to',
  });
});

test('bytes that come without being stated are counted, and what was begun leaves nothing behind', () => {
  const taker = take(GIB + 2 ** 20);
  const sink = taker.begin(file('endless.bin', null), 0, 1)!;
  const chunk = new Uint8Array(2 ** 19);
  sink.write(chunk);
  sink.write(chunk);
  expect(() => sink.write(chunk)).toThrow(
    '“a.zip” goes over the 0.0 GiB the server’s disk has room for; the rest was not opened.',
  );
  expect(readdirSync(join(scratch.store.folder, 'incoming'))).toEqual([]);
});

test('what is not wanted and has to be unpacked all the same has an end', () => {
  const taker = take(100 * GIB);
  taker.pass(10 * GIB);
  expect(() => taker.pass(10 * GIB)).toThrow('holds too much that is not taken');
});
