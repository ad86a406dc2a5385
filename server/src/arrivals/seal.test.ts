import { mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { loadSeal, Seal } from './seal';

const WORDS = 'Schlüssel 鍵';

test('what is closed is opened by the same key and by no other, and never looks twice alike', () => {
  const seal = new Seal();
  const closed = seal.close(WORDS);
  expect(seal.open(closed)).toBe(WORDS);
  expect(seal.close(WORDS)).not.toBe(closed);
  expect(Buffer.from(closed, 'base64').toString('latin1')).not.toContain('key');
  expect(new Seal().open(closed)).toBeNull();
});

test.each([0, 12, 28, 30])('one changed byte, at %d, opens nothing; neither does what is no sealed word', (at) => {
  const seal = new Seal();
  const bytes = Buffer.from(seal.close(WORDS), 'base64');
  bytes[at] ^= 1;
  expect(seal.open(bytes.toString('base64'))).toBeNull();
  expect(seal.open('plain')).toBeNull();
});

describe('the key of a library', () => {
  let folder: string;
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'haveld-seal-'));
  });
  afterEach(() => rmSync(folder, { recursive: true }));

  test('is made once, for its user alone, and found again', async () => {
    const [one, two] = await Promise.all([loadSeal(folder, ''), loadSeal(folder, '')]);
    expect(two.open(one.close(WORDS))).toBe(WORDS);
    expect(statSync(join(folder, 'secret.key')).mode & 0o777).toBe(0o600);
    expect(readFileSync(join(folder, 'secret.key'))).toHaveLength(32);
  });

  test('may be given, and is refused where it is none', async () => {
    const key = 'a1'.repeat(32);
    const one = await loadSeal(folder, key);
    expect((await loadSeal(folder, key)).open(one.close(WORDS))).toBe(WORDS);
    await expect(loadSeal(folder, 'short')).rejects.toThrow('HAVELD_SECRET is no key');
  });
});
