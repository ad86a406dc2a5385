import { mkdirSync, mkdtempSync, rmSync, symlinkSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { weighFolder } from './folder-weight';

const ANY = { bytes: Infinity, entries: Infinity };
let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'haveld-weight-'));
});
afterEach(() => rmSync(folder, { recursive: true }));

test('files of every depth count with what they take, folders and links as entries', async () => {
  mkdirSync(join(folder, 'a/b'), { recursive: true });
  writeFileSync(join(folder, 'a/b/one'), Buffer.alloc(1_000_000, 1));
  writeFileSync(join(folder, 'two'), Buffer.alloc(500_000, 1));
  const { bytes, entries } = await weighFolder(folder, ANY);
  expect(entries).toBe(4);
  expect(bytes).toBeGreaterThanOrEqual(1_500_000);
  expect(bytes).toBeLessThan(1_600_000);
});

test('a file of holes takes what it holds; a link to elsewhere takes nothing of that', async () => {
  writeFileSync(join(folder, 'holes'), '');
  truncateSync(join(folder, 'holes'), 2 ** 40);
  symlinkSync('/', join(folder, 'everything'));
  expect(await weighFolder(folder, ANY)).toEqual({ bytes: 0, entries: 2 });
});

test('it goes no further than the most', async () => {
  for (let i = 0; i < 40; i++) writeFileSync(join(folder, String(i)), '');
  expect(await weighFolder(folder, { bytes: Infinity, entries: 5 })).toMatchObject({ entries: 6 });
});

test('a folder that is not there weighs nothing', async () => {
  expect(await weighFolder(join(folder, 'gone'), ANY)).toEqual({ bytes: 0, entries: 0 });
});
