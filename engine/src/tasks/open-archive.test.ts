import { writeRawZip, type RawEntry } from '../testing/raw-zip';
import { createScratchStore } from '../testing/scratch-store';
import { openArchive } from './open-archive';

const scratch = createScratchStore();
afterAll(() => scratch.remove());

const OBJ = Buffer.from('v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 3\n');

async function open(entries: RawEntry[], damage: (zip: Buffer) => Buffer = (zip) => zip) {
  const { sha256 } = await scratch.store.put(damage(writeRawZip(entries)));
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

test.each<[string, RawEntry, string]>([
  ['a path out of the archive', { name: '../../evil.obj', bytes: OBJ }, 'points outside'],
  ['back-slashes out of the archive', { name: '..\\evil.obj', bytes: OBJ }, 'points outside'],
  ['an absolute path', { name: '/tmp/evil.obj', bytes: OBJ }, 'absolute'],
  ['a drive', { name: 'C:\\evil.obj', bytes: OBJ }, 'drive'],
  ['a device', { name: 'x/NUL.obj', bytes: OBJ }, 'device'],
  ['a link', { name: 'link.obj', bytes: Buffer.from('/etc/passwd'), mode: 0o120777 }, 'is a link'],
  ['an encrypted entry', { name: 'secret.obj', bytes: OBJ, flags: 0x801 }, 'is encrypted'],
  ['a method nobody reads', { name: 'odd.obj', bytes: OBJ, method: 99 }, 'method 99'],
  ['a bomb', { name: 'bomb.obj', bytes: Buffer.alloc(80 * 2 ** 20) }, 'taken for a bomb'],
  ['a size that lies', { name: 'liar.obj', bytes: Buffer.alloc(5000, 65), claimedSize: 10 }, 'liar.obj'],
  ['the same name twice, in another case', { name: 'GOOD.obj', bytes: OBJ }, 'comes twice'],
])('%s is refused by name, and the rest goes on', async (_, bad, why) => {
  const { paths, refused } = await open([good, bad, { name: 'after.obj', bytes: OBJ }]);
  expect(refused).toHaveLength(1);
  expect(refused[0]).toContain(why);
  expect(paths).toEqual(['a.zip', 'a.zip/good.obj', 'a.zip/after.obj']);
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
  expect(refused).toEqual(['“c.zip” lies 4 archives deep; it was kept and not opened.']);
});

test('an archive cut short is kept, with a sentence', async () => {
  const { paths, refused } = await open([good], (zip) => zip.subarray(0, zip.length - 30));
  expect(paths).toEqual(['a.zip']);
  expect(refused[0]).toContain('cannot be opened');
});

test('an entry whose bytes are damaged is refused, its neighbours stay', async () => {
  const { paths, refused } = await open(
    [good, { name: 'hurt.obj', bytes: Buffer.from('x'.repeat(400) + Math.PI) }],
    (zip) => {
      const at = zip.indexOf('hurt.obj') + 'hurt.obj'.length;
      zip.fill(0xff, at, at + 6);
      return zip;
    },
  );
  expect(paths).toEqual(['a.zip', 'a.zip/good.obj']);
  expect(refused[0]).toContain('“hurt.obj” is damaged');
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
