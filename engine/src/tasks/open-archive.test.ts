import { writeRawZip, type RawEntry } from '../testing/raw-zip';
import { createScratchStore } from '../testing/scratch-store';
import { openArchive } from './open-archive';

const scratch = createScratchStore();
afterAll(() => scratch.remove());

const OBJ = Buffer.from('v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 3\n');

async function open(entries: RawEntry[]) {
  const { sha256 } = await scratch.store.put(writeRawZip(entries));
  const { files, refused } = await openArchive({ received: [{ path: 'a.zip', sha256 }] }, scratch.context);
  return { paths: files.map((file) => file.path), files, refused };
}

const good: RawEntry = { name: 'good.obj', bytes: OBJ };

test('every file is kept by its hash and told by its content', async () => {
  const { files } = await open([
    good,
    { name: 'picture.obj', bytes: Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]) },
  ]);
  expect(files.map(({ path, kind }) => `${path} ${kind}`)).toEqual([
    'a.zip archive',
    'a.zip/good.obj model',
    'a.zip/picture.obj picture',
  ]);
  expect(Buffer.from(await scratch.store.get(files[1].sha256)).equals(OBJ)).toBe(true);
});

test('an archive in an archive is opened, to three deep', async () => {
  let zip = writeRawZip([good]);
  for (const name of ['c.zip', 'b.zip', 'a2.zip']) zip = writeRawZip([{ name, bytes: zip }]);
  const { sha256 } = await scratch.store.put(zip);
  const { files, refused } = await openArchive({ received: [{ path: 'top.zip', sha256 }] }, scratch.context);
  expect(files.map((file) => file.path)).toEqual([
    'top.zip',
    'top.zip/a2.zip',
    'top.zip/a2.zip/b.zip',
    'top.zip/a2.zip/b.zip/c.zip',
  ]);
  expect(refused).toEqual(['“top.zip/a2.zip/b.zip/c.zip” lies 4 archives deep; it was kept and not opened.']);
});

test('an empty archive holds nothing and is no error', async () => {
  expect(await open([])).toMatchObject({ paths: ['a.zip'], refused: [] });
});

test('names in code page 437 are read as they were meant', async () => {
  const { paths } = await open([
    { name: Buffer.from([0x54, 0x81, 0x72, 0x2e, 0x6f, 0x62, 0x6a]), bytes: OBJ, flags: 0 },
  ]);
  expect(paths).toContain('a.zip/Tür.obj');
});
