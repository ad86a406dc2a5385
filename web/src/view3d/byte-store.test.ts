import { createByteStore } from './byte-store';

const KIB = 1024;
let asked: string[] = [];
let answers: (path: string) => Response;

beforeEach(() => {
  asked = [];
  answers = () => new Response(new Uint8Array(KIB));
  globalThis.fetch = (path) => {
    asked.push(String(path));
    return Promise.resolve(answers(String(path)));
  };
});

test('bytes are fetched once, also by two who ask at once', async () => {
  const fetchBytes = createByteStore();
  const [a, b] = await Promise.all([fetchBytes('aa'), fetchBytes('aa')]);
  await fetchBytes('aa');
  expect(a).toBe(b);
  expect(a.byteLength).toBe(KIB);
  expect(asked).toEqual(['/api/bytes/aa']);
});

test('a fetch that failed is told in a sentence, and tried again when it is asked for again', async () => {
  const fetchBytes = createByteStore();
  answers = () => new Response('', { status: 503 });
  await expect(fetchBytes('0123456789')).rejects.toThrow('The bytes 01234567… cannot be fetched.');
  answers = () => new Response(new Uint8Array(3));
  expect((await fetchBytes('0123456789')).byteLength).toBe(3);
});

test('only so much is kept: what was not asked for longest goes first', async () => {
  const fetchBytes = createByteStore(3 * (KIB + 1));
  for (const name of ['a', 'b', 'c']) await fetchBytes(name);
  await fetchBytes('a');
  await fetchBytes('d');
  asked = [];
  for (const name of ['a', 'c', 'd']) await fetchBytes(name);
  expect(asked).toEqual([]);
  await fetchBytes('b');
  expect(asked).toEqual(['/api/bytes/b']);
});
