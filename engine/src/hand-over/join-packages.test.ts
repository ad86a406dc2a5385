import { createHash } from 'node:crypto';
import { createScratchStore } from '../testing/scratch-store';
import { unzip } from '../testing/unzip';
import { joinPackages } from './join-packages';
import { zipFiles } from './packed-file';

const scratch = createScratchStore();
afterAll(() => scratch.remove());

const text = (words: string): Uint8Array => Buffer.from(words);

async function read(stream: AsyncIterable<Buffer>): Promise<Buffer> {
  const chunks: Buffer[] = [];
  for await (const chunk of stream) chunks.push(chunk);
  return Buffer.concat(chunks);
}

const unpack = async (bytes: Buffer): Promise<Record<string, string>> =>
  Object.fromEntries([...(await unzip(bytes))].map(([path, content]) => [path, content.toString()]));

test('many zips become one: each in its folder, byte for byte, with what lies beside them', async () => {
  const long = 'lantern '.repeat(50_000);
  const [buoy, mast] = await Promise.all(
    [
      [
        { path: 'buoy/bell_buoy.glb', bytes: text(long) },
        { path: 'buoy/maps/bell.png', bytes: text('bell') },
      ],
      [{ path: 'mast/signal_mast.obj', bytes: text('mast') }],
    ].map(async (files) => (await scratch.store.put(await zipFiles(files))).sha256),
  );
  const packages = [
    { folder: 'bell_buoy', sha256: buoy },
    { folder: 'signal_mast', sha256: mast },
  ];
  const join = () =>
    read(joinPackages(packages, [{ path: 'credits.txt', bytes: text('Ines Falkenrot') }], scratch.store));
  const bytes = await join();
  expect(await unpack(bytes)).toEqual({
    'credits.txt': 'Ines Falkenrot',
    'bell_buoy/bell_buoy.glb': long,
    'bell_buoy/maps/bell.png': 'bell',
    'signal_mast/signal_mast.obj': 'mast',
  });
  // asked again, the same
  const hash = (one: Buffer): string => createHash('sha256').update(one).digest('hex');
  expect(hash(await join())).toBe(hash(bytes));
});

test('where one of them is damaged the stream fails, and nothing but the stream', async () => {
  const bytes = await zipFiles([
    { path: 'buoy/bell_buoy.glb', bytes: Buffer.from(Array.from({ length: 9000 }, (_, i) => (i * 7919) % 251)) },
  ]);
  // the directory stays whole: what is wrong shows only when the entry is read
  bytes.fill(0xff, 60, 90);
  const { sha256 } = await scratch.store.put(bytes);
  await expect(read(joinPackages([{ folder: 'x', sha256 }], [], scratch.store))).rejects.toThrow();
});

test('who goes away half-way leaves the rest unread, and nothing breaks', async () => {
  const { sha256 } = await scratch.store.put(
    await zipFiles([{ path: 'x/x.bin', bytes: Buffer.alloc(2_000_000, 'x') }]),
  );
  const stream = joinPackages([{ folder: 'x', sha256 }], [], scratch.store);
  stream.once('data', () => stream.destroy());
  await new Promise((gone) => stream.once('close', gone));
  expect(stream.destroyed).toBe(true);
});

test('where one of them is gone the stream fails, and does not end as if it were whole', async () => {
  await expect(read(joinPackages([{ folder: 'x', sha256: 'a'.repeat(64) }], [], scratch.store))).rejects.toThrow(
    'not in the store',
  );
});
