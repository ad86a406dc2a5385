import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, symlinkSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { createScratchStore } from '../testing/scratch-store';

const scratch = createScratchStore();
afterAll(() => scratch.remove());

// SHA-256 of "abc": FIPS 180-4, example B.1
const ABC = 'ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad';

test('bytes are kept by their SHA-256, once, and come back as they were', async () => {
  expect(await scratch.store.put(Buffer.from('abc'))).toEqual({ sha256: ABC, sizeBytes: 3 });
  expect(await scratch.store.putStream(Readable.from([Buffer.from('a'), Buffer.from('bc')]))).toEqual({
    sha256: ABC,
    sizeBytes: 3,
  });
  expect(Buffer.from(await scratch.store.get(ABC)).toString()).toBe('abc');
  expect(readdirSync(join(scratch.folder, 'store', 'ba', '78'))).toEqual([ABC]);
});

test('a stream over its limit leaves nothing behind', async () => {
  await expect(scratch.store.putStream(Readable.from([Buffer.alloc(100)]), 50)).rejects.toThrow(RangeError);
  expect(readdirSync(join(scratch.folder, 'store', 'incoming'))).toEqual([]);
});

test('an adopted file stays where it is until its owner removes it', async () => {
  const path = join(scratch.folder, 'upload');
  writeFileSync(path, 'adopted');
  const { sha256 } = await scratch.store.adoptFile(path);
  expect(Buffer.from(await scratch.store.get(sha256)).toString()).toBe('adopted');
  expect(readdirSync(scratch.folder)).toContain('upload');
  expect((await scratch.store.adoptFile(path)).sha256).toBe(sha256);
});

test('what is not here is null, and what is no hash is a mistake', async () => {
  expect(await scratch.store.sizeOf('0'.repeat(64))).toBeNull();
  await expect(scratch.store.get('../../etc/passwd')).rejects.toThrow('not a SHA-256');
});

test('a range of bytes can be read', async () => {
  const chunks: Buffer[] = [];
  for await (const chunk of scratch.store.openRead(ABC, { start: 1, end: 1 })) chunks.push(chunk as Buffer);
  expect(Buffer.concat(chunks).toString()).toBe('b');
});

describe('what somebody else wrote', () => {
  const made = join(scratch.folder, 'made');
  const outside = join(scratch.folder, 'outside');
  const hashOf = (text: string): string => createHash('sha256').update(text).digest('hex');
  beforeAll(() => {
    for (const folder of [made, outside]) mkdirSync(folder);
    writeFileSync(join(outside, 'file'), 'outside');
  });

  test('is copied by what it holds while they may still write, and moved when they cannot', async () => {
    for (const isStill of [false, true]) {
      writeFileSync(join(made, 'any-name'), `made ${isStill}`);
      await scratch.store.takeOver(made, ['any-name'], isStill);
      expect(await scratch.store.has(hashOf(`made ${isStill}`))).toBe(true);
      expect(existsSync(join(made, 'any-name'))).toBe(!isStill);
    }
  });

  test.each([
    ['a link', 'linked', () => symlinkSync(join(outside, 'file'), join(made, 'linked'))],
    ['a link on the way', 'way/file', () => symlinkSync(outside, join(made, 'way'))],
    ['a pipe that nobody writes to', 'pipe', () => execFileSync('mkfifo', [join(made, 'pipe')])],
  ])('is not reached by %s', async (_what, name, lay) => {
    lay();
    await expect(scratch.store.takeOver(made, [name], false)).rejects.toThrow();
    expect(await scratch.store.has(hashOf('outside'))).toBe(false);
  });
});
