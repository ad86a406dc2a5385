import { createHash } from 'node:crypto';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { createScratchStore } from '../testing/scratch-store';

const scratch = createScratchStore();
afterAll(() => scratch.remove());
const incoming = (): string[] => readdirSync(join(scratch.folder, 'store', 'incoming'));
const hashOf = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex');
const bytesOf = (seed: number, length: number): Uint8Array =>
  Uint8Array.from({ length }, (_, i) => (i * 31 + seed * 7) % 251);

test('small and large files come in chunks and come back whole; nothing is there before the flush', async () => {
  const batch = scratch.store.openBatch();
  const kept = [
    bytesOf(1, 10),
    bytesOf(2, 2 ** 18),
    bytesOf(3, 2 ** 18 + 1),
    bytesOf(4, 900_000),
    new Uint8Array(0),
  ].map((bytes) => {
    const writer = batch.open();
    for (let at = 0; at < bytes.length; at += 70_000) writer.write(bytes.subarray(at, at + 70_000));
    const stored = writer.finish();
    expect(stored).toEqual({ sha256: hashOf(bytes), sizeBytes: bytes.length });
    return { bytes, ...stored };
  });
  for (const { sha256 } of kept) expect(await scratch.store.has(sha256)).toBe(false);
  await batch.flush();
  for (const { sha256, bytes } of kept)
    expect(Buffer.from(await scratch.store.get(sha256)).equals(Buffer.from(bytes))).toBe(true);
  expect(incoming()).toEqual([]);
});

test('a chunk may be used again by its owner: what was written stays what it was', async () => {
  const batch = scratch.store.openBatch();
  const chunk = bytesOf(9, 100);
  const expected = hashOf(chunk);
  const writer = batch.open();
  writer.write(chunk);
  chunk.fill(0);
  expect(writer.finish().sha256).toBe(expected);
  await batch.flush();
  expect(hashOf(await scratch.store.get(expected))).toBe(expected);
});

test('the same bytes are kept once, whether they came before or in the same batch', async () => {
  const bytes = bytesOf(5, 400_000);
  await scratch.store.put(bytes);
  const batch = scratch.store.openBatch();
  for (let i = 0; i < 3; i++) {
    const writer = batch.open();
    writer.write(bytes);
    writer.finish();
    const other = batch.open();
    other.write(bytesOf(6, 50));
    other.finish();
  }
  await batch.flush();
  expect(incoming()).toEqual([]);
  expect(hashOf(await scratch.store.get(hashOf(bytes)))).toBe(hashOf(bytes));
});

test('what is given up leaves nothing behind, small or large', async () => {
  const batch = scratch.store.openBatch();
  for (const length of [10, 600_000]) {
    const writer = batch.open();
    writer.write(bytesOf(7, length));
    writer.abandon();
  }
  await batch.flush();
  expect(incoming()).toEqual([]);
});

test('hundreds of files are flushed together, and a batch goes on after it', async () => {
  const batch = scratch.store.openBatch();
  const hashes: string[] = [];
  for (let round = 0; round < 2; round++) {
    for (let i = 0; i < 150; i++) {
      const writer = batch.open();
      writer.write(bytesOf(1000 + round * 150 + i, 64 + i));
      hashes.push(writer.finish().sha256);
    }
    await batch.flush();
  }
  for (const sha256 of hashes) expect(await scratch.store.sizeOf(sha256)).not.toBeNull();
  await batch.flush();
});
