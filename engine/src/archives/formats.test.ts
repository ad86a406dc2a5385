import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openArchive } from '../tasks/open-archive';
import { createScratchStore } from '../testing/scratch-store';

/**
 * Archives made by other programs: GNU tar, gzip, bzip2, xz and Debian's 7z; rar files from the test set of the npm package
 * `node-rar` 0.0.2 (MIT), see testdata/README.md.
 */
const scratch = createScratchStore();
const folder = mkdtempSync(join(tmpdir(), 'archives-'));
afterAll(() => {
  scratch.remove();
  rmSync(folder, { recursive: true });
});

const OBJ = 'v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 3\n';

async function open(paths: string[], passwords: string[] = []) {
  const received = [];
  for (const path of paths) {
    const bytes = readFileSync(path);
    received.push({ path: path.slice(path.lastIndexOf('/') + 1), sha256: (await scratch.store.put(bytes)).sha256 });
  }
  return openArchive({ received, passwords }, scratch.context);
}

const RAR = new URL('testdata/', import.meta.url).pathname;
const openRar = (...names: string[]) => open(names.map((name) => `${RAR}${name}.rar`));
const openLockedRar = (name: string, ...passwords: string[]) => open([`${RAR}${name}.rar`], passwords);
const textOf = async (sha256: string): Promise<string> => Buffer.from(await scratch.store.get(sha256)).toString();

function makeTree(): string {
  const tree = join(folder, 'tree');
  mkdirSync(join(tree, 'maps'), { recursive: true });
  writeFileSync(join(tree, 'post.obj'), OBJ);
  writeFileSync(join(tree, 'maps', 'post öl.txt'), 'oiled');
  return tree;
}

const TAR_FORMATS = ['ustar', 'gnu', 'pax'];
const PACKERS: [string, string][] = [
  ['x.tar', '--create'],
  ['x.tar.gz', '--gzip'],
  ['x.tgz', '--gzip'],
  ['x.tar.bz2', '--bzip2'],
  ['x.tar.xz', '--xz'],
];

test.each(PACKERS.flatMap(([name, how]) => TAR_FORMATS.map((format) => [format, name, how])))(
  'a %s tar as %s gives every file',
  async (format, name, how) => {
    const path = join(folder, name);
    execFileSync('tar', ['--create', how, `--format=${format}`, '--file', path, '-C', makeTree(), 'post.obj', 'maps']);
    const { files, refused } = await open([path]);
    expect(refused).toEqual([]);
    const inner = files.filter((file) => file.kind !== 'archive');
    expect(inner.map((file) => file.path.replace(/^.*\.t[^/]*\//, '')).sort()).toEqual([
      'maps/post öl.txt',
      'post.obj',
    ]);
    const model = inner.find((file) => file.kind === 'model')!;
    expect(await textOf(model.sha256)).toBe(OBJ);
  },
);

test.each([
  ['gzip', 'gz'],
  ['bzip2', 'bz2'],
  ['xz', 'xz'],
])('one file compressed by %s comes out under its own name', async (program, extension) => {
  makeTree();
  const path = join(folder, `single.obj.${extension}`);
  writeFileSync(path, execFileSync(program, ['--stdout', join(folder, 'tree', 'post.obj')]));
  const { files } = await open([path]);
  expect(files[1]).toMatchObject({ path: `single.obj.${extension}/single.obj`, kind: 'model', format: 'obj' });
});

test('a link in a tar is named and not followed', async () => {
  const tree = makeTree();
  rmSync(join(tree, 'out'), { force: true });
  symlinkSync('/etc/passwd', join(tree, 'out'));
  const path = join(folder, 'links.tar');
  execFileSync('tar', ['--create', '--file', path, '-C', tree, 'post.obj', 'out']);
  rmSync(join(tree, 'out'));
  const { files, refused } = await open([path]);
  expect(refused).toEqual(['“out” is a link; links are not followed.']);
  expect(files).toHaveLength(2);
});

describe('rar 4', () => {
  test('solid archives are unpacked in one pass', async () => {
    const { files, refused } = await openRar('solid');
    expect(refused).toEqual([]);
    expect(files.slice(1).map((file) => [file.path, file.sizeBytes])).toEqual([
      ['solid.rar/tese.txt', 787],
      ['solid.rar/unrardll.txt', 19192],
    ]);
  });

  test('names in Unicode come through', async () => {
    expect((await openRar('rar_unicode')).files[1].path).toBe('rar_unicode.rar/file1À۞.txt');
  });

  test('volumes of one archive are opened together', async () => {
    const { files, refused } = await openRar('multi.part1', 'multi.part2', 'multi.part3');
    expect(refused).toEqual([]);
    expect(files.filter((file) => file.kind !== 'archive').map((file) => file.sizeBytes)).toEqual([18, 17704, 18]);
    expect(files.filter((file) => file.kind === 'archive').map((file) => file.summary)).toEqual([
      'part 1 of 3',
      'part 2 of 3',
      'part 3 of 3',
    ]);
  });

  test('a split zip, as Info-ZIP writes it, is one archive in whatever order its parts came', async () => {
    const { files, refused } = await open([`${RAR}split.zip`, `${RAR}split.z01`]);
    expect(refused).toEqual([]);
    const held = files.filter((file) => file.kind !== 'archive');
    expect(held.map((file) => [file.path, file.sizeBytes])).toEqual([
      ['split.zip/crate.obj', 98808],
      ['split.zip/lid.obj', 98808],
      ['split.zip/readme.txt', 34],
    ]);
    expect(await textOf(held[2].sha256)).toBe('Crate by Ines Falkenrot\nCC BY 4.0\n');
    expect((await textOf(held[1].sha256)).endsWith('f 1 2 3\n')).toBe(true);
    expect(files.filter((file) => file.kind === 'archive').map(({ path, summary }) => [path, summary])).toEqual([
      ['split.zip', 'part 2 of 2'],
      ['split.z01', 'part 1 of 2'],
    ]);
  });

  test('one part of a split zip is kept and not taken for a whole; two without the last name it', async () => {
    for (const part of ['split.zip', 'split.z01'])
      expect(await open([RAR + part])).toMatchObject({ files: [{ path: part, kind: 'other' }], refused: [] });
    writeFileSync(join(folder, 'split.z02'), 'more of it');
    const { refused, files } = await open([`${RAR}split.z01`, join(folder, 'split.z02')]);
    expect(refused).toEqual(['“split.z01” cannot be opened whole: part 3 did not come.']);
    expect(files).toHaveLength(2);
  });

  test('a volume that did not come is named, and what lies before it is saved', async () => {
    const { files, refused } = await openRar('multi.part1', 'multi.part3');
    expect(refused[0]).toContain('part 2 did not come');
    expect(files.some((file) => file.path.endsWith('/file1.txt'))).toBe(true);
  });

  test('two files of one name are both kept', async () => {
    const { files, notes } = await openRar('repeated_name');
    expect(files.slice(1).map((file) => [file.path, file.sizeBytes])).toEqual([
      ['repeated_name.rar/file.txt', 22],
      ['repeated_name.rar/file (2).txt', 23],
    ]);
    expect(notes[0]).toContain('comes twice');
  });

  test('an empty file is a file', async () => {
    expect((await openRar('empty_file')).files[1]).toMatchObject({ path: 'empty_file.rar/empty_file', sizeBytes: 0 });
  });

  test('what is encrypted is asked about, with its names or without', async () => {
    expect((await openRar('encrypted_only_files')).locked).toEqual(['encrypted_only_files.rar']);
    expect((await openRar('encrypted_headers')).locked).toEqual(['encrypted_headers.rar']);
    expect((await openRar('secret-none')).locked).toEqual(['secret-none.rar']);
  });

  test('one password of several opens even the names', async () => {
    const { files, locked } = await openLockedRar('encrypted_headers', 'wrong', 'samplepassword');
    expect(locked).toEqual([]);
    expect(files.length).toBeGreaterThan(1);
  });

  test('a damaged one gives what is whole and names the rest', async () => {
    const { files, refused } = await openRar('corrupted');
    expect(files.length + refused.length).toBeGreaterThan(3);
    expect(refused.length).toBeGreaterThan(0);
  });
});
