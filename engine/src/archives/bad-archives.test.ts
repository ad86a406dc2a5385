import { gzipSync } from 'node:zlib';
import { ZipFile } from 'yazl';
import { openArchive } from '../tasks/open-archive';
import { ARCHIVE_LIMITS, limitToRoom, type Budget } from './limits';
import { compress, packGeneral, packTar, writeStoredRar5, type Tree } from '../testing/make-archives';
import { writeRawZip, type RawEntry } from '../testing/raw-zip';
import { createScratchStore } from '../testing/scratch-store';

/** What may come wrong in an archive, each with the sentence a person reads. Made-up files; the formats are the published ones. */
const scratch = createScratchStore();
afterAll(() => scratch.remove());

const OBJ = Buffer.from('v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 3\n');
const good: RawEntry = { name: 'good.obj', bytes: OBJ };
const after: RawEntry = { name: 'after.obj', bytes: OBJ };

async function open(name: string, bytes: Buffer, passwords: string[] = [], spent?: Budget) {
  const { sha256 } = await scratch.store.put(bytes);
  const received = [{ path: name, sha256 }];
  const { files, ...rest } = await openArchive({ received, passwords }, scratch.context, spent);
  return { ...rest, files, paths: files.slice(1).map((file) => file.path.slice(name.length + 1)) };
}

/** Every sentence names the file it is about, ends as a sentence does and holds nothing of our own machinery. */
function expectClear(sentences: string[]): void {
  for (const sentence of sentences) {
    expect(sentence).toMatch(/^“[^”]+” .*[.]$/s);
    expect(sentence).not.toMatch(/undefined|null|\bNaN\b|Error:|\[object|\n|at .*\.ts/);
  }
}

describe('names that lead out or cannot be', () => {
  const outside = 'points outside its archive';
  const raw = (...bytes: number[]): Buffer => Buffer.from(bytes);
  const cases: [string | Buffer, string][] = [
    ...[
      '../evil.obj',
      '../../evil.obj',
      'a/../../evil.obj',
      'a/b/../../../evil.obj',
      './../evil.obj',
      '..',
      'a/..',
      '..\\evil.obj',
      '..\\..\\evil.obj',
      'a\\..\\..\\evil.obj',
      'a/..\\../evil.obj',
      '%2e%2e/evil.obj',
      '%2e%2e%2fevil.obj',
      '%2E%2E%2Fevil.obj',
      '..%2fevil.obj',
      '..%5cevil.obj',
      '%2e%2e%5cevil.obj',
      'a/%2e%2e/%2e%2e/evil.obj',
      '%252e%252e%252fevil.obj',
      '.%2e/evil.obj',
    ].map((name): [string, string] => [name, outside]),
    ...['/etc/evil.obj', '//server/share/evil.obj', '\\\\server\\share\\evil.obj', '\\evil.obj'].map(
      (name): [string, string] => [name, 'absolute'],
    ),
    ...['C:\\evil.obj', 'c:/evil.obj', 'Z:evil.obj'].map((name): [string, string] => [name, 'drive']),
    ...[
      'CON',
      'con.obj',
      'PRN.txt',
      'aux',
      'NUL',
      'nul.obj',
      'x/NUL.obj',
      'NUL .obj',
      'nul.',
      'COM1',
      'com9.obj',
      'LPT1',
      'lpt9.txt',
      'a/LPT3/x.obj',
      'CONIN$',
      'COM¹',
    ].map((name): [string, string] => [name, 'keep for a device']),
    ...['evil\nname.obj', 'evil\0.obj', 'tab\t.obj', '\u001b[2J.obj', 'del\u007f.obj'].map((name): [string, string] => [
      name,
      'control characters',
    ]),
    ['', 'no name'],
    ['.', 'no name'],
    [`${'long/'.repeat(260)}x.obj`, 'longer than 1024'],
    [raw(0x2e, 0x2e, 0x2f, 0x81, 0x2e, 0x6f), outside],
  ];
  test.each(cases)('%j', async (name, why) => {
    const { paths, refused } = await open('a.zip', writeRawZip([good, { name, bytes: OBJ }, after]));
    expect(refused).toHaveLength(1);
    expect(refused[0]).toContain(why);
    expectClear(refused);
    expect(paths).toEqual(['good.obj', 'after.obj']);
  });

  test.each([
    ['overlong UTF-8 for “../”', raw(0xc0, 0xae, 0xc0, 0xae, 0xc0, 0xaf, 0x65, 0x2e, 0x6f)],
    ['full-width dots and stroke', Buffer.from('．．／evil.obj')],
    ['three dots', Buffer.from('.../evil.obj')],
  ])('%s is a plain name once decoded, and stays inside', async (_, name) => {
    const { paths, refused } = await open('a.zip', writeRawZip([{ name, bytes: OBJ }]));
    expect(refused).toEqual([]);
    expect(paths).toHaveLength(1);
    expect(paths[0].split('/')).not.toContain('..');
  });
});

describe('names that are nearly the same', () => {
  test.each([
    ['upper and lower case', 'Map.png', 'map.png', 'upper and lower case'],
    ['folders in another case', 'Maps/a.png', 'maps/a.png', 'upper and lower case'],
    ['composed and decomposed accents', 'm\u00f6we.obj', 'mo\u0308we.obj', 'the form of their accents'],
    ['the very same name', 'a.obj', 'a.obj', 'comes twice'],
    ['the same name by another stroke', 'a/b.obj', 'a\\b.obj', 'comes twice'],
  ])('%s: both are kept, and it is said', async (_, one, two, why) => {
    const { files, notes, refused } = await open(
      'a.zip',
      writeRawZip([
        { ...good, name: one },
        { name: two, bytes: Buffer.from('other') },
      ]),
    );
    expect(files).toHaveLength(3);
    expect(refused).toEqual([]);
    expect(notes[0]).toContain(why);
    expectClear(notes);
  });
});

describe('entries that are no plain files, lie, or are bombs', () => {
  const zeros = (mebibytes: number): Buffer => Buffer.alloc(mebibytes * 2 ** 20);
  test.each<[string, RawEntry, string]>([
    ['a link', { name: 'l.obj', bytes: Buffer.from('/etc/passwd'), mode: 0o120777 }, 'is a link'],
    ['a link to a folder', { name: 'l', bytes: Buffer.from('../..'), mode: 0o120755 }, 'is a link'],
    ['a method nobody reads', { name: 'odd.obj', bytes: OBJ, method: 97 }, 'odd.obj'],
    ['a bomb that states its size', { name: 'b.obj', bytes: zeros(80) }, 'may be an archive bomb'],
    ['a size too small', { name: 'l.obj', bytes: Buffer.alloc(5000, 65), claimedSize: 10 }, 'l.obj'],
    ['a size too large', { name: 'l.obj', bytes: OBJ, claimedSize: 900 }, 'l.obj'],
    ['a size beyond any limit', { name: 'l.obj', bytes: OBJ, claimedSize: 0xfffffff0 }, 'l.obj'],
  ])('%s', async (_, bad, why) => {
    const { paths, refused } = await open('a.zip', writeRawZip([good, bad, after]));
    expect(refused).toHaveLength(1);
    expect(refused[0]).toContain(why);
    expectClear(refused);
    expect(paths).toEqual(['good.obj', 'after.obj']);
  });

  test.each<[string, string, () => Promise<Buffer>]>([
    ['gzip', 'x.obj.gz', () => Promise.resolve(gzipSync(zeros(80), { level: 9 }))],
    ['bzip2', 'x.obj.bz2', () => Promise.resolve(compress('bzip2', zeros(80)))],
    ['xz', 'x.obj.xz', () => Promise.resolve(compress('xz', zeros(80)))],
    ['7z', 'x.7z', () => packGeneral({ 'x.obj': zeros(80) }, '7z', '-mx1')],
    ['tar.gz', 'x.tgz', () => packTar({ 'x.obj': zeros(80) }, '--gzip')],
  ])('a bomb that states no size: %s', async (_, name, make) => {
    const { paths, refused } = await open(name, await make());
    expect(refused).toHaveLength(1);
    expect(refused[0]).toContain('may be an archive bomb');
    expectClear(refused);
    expect(paths).toEqual([]);
  });

  test('a bomb of many layers stops at the depth an arrival may have', async () => {
    let zip = writeRawZip([good]);
    for (let i = 0; i < 40; i++) zip = writeRawZip([{ name: `${i}.zip`, bytes: zip }]);
    const { refused } = await open('a.zip', zip);
    expect(refused).toHaveLength(1);
    expect(refused[0]).toContain('4 archives deep');
  });

  test('layers of compression around one file end too', async () => {
    let bytes: Buffer = OBJ;
    for (let i = 0; i < 6; i++) bytes = gzipSync(bytes);
    const { files } = await open('a.obj.gz', bytes);
    expect(files.at(-1)).toMatchObject({ kind: 'model', format: 'obj' });
  });
});

describe('many entries', () => {
  const entries = (n: number): RawEntry[] =>
    Array.from({ length: n }, (_, i) => ({ name: `m/${i}.txt`, bytes: Buffer.from(`${i % 50}`), method: 0 }));

  test('above 100 000 the rest is not opened, and it says so', async () => {
    // an arrival that has taken all but 2 000 of them: everything up to the limit is kept
    const spent = { ...limitToRoom(2 ** 40), entries: ARCHIVE_LIMITS.entries - 2000 };
    const { files, refused } = await open('many.tar', writeTar(2003), [], spent);
    expect(files).toHaveLength(2001);
    expect(refused).toEqual(['“many.tar” holds more than 100000 entries; the rest was not opened.']);
  });

  test('a zip of the larger kind (zip64), as a packer writes it', async () => {
    const zip = new ZipFile();
    zip.addBuffer(OBJ, 'good.obj', { forceZip64Format: true });
    zip.end({ forceZip64Format: true, comment: '' });
    const chunks: Buffer[] = [];
    for await (const chunk of zip.outputStream as AsyncIterable<Buffer>) chunks.push(chunk);
    const { paths, refused } = await open('a.zip', Buffer.concat(chunks));
    expect([paths, refused]).toEqual([['good.obj'], []]);
  });

  test('a folder of 3 000 in a zip', async () => {
    expect((await open('many.zip', writeRawZip(entries(3000)))).files).toHaveLength(3001);
  });
});

/** A tar of small files, written directly: header blocks of POSIX.1-1988. */
function writeTar(count: number): Buffer {
  const out = Buffer.alloc(count * 1024 + 1024);
  for (let i = 0; i < count; i++) {
    const at = i * 1024;
    const text = `${i % 50}`;
    out.write(`m/${i}.txt`, at);
    out.write(
      '0000644\0' + '0000000\0'.repeat(2) + text.length.toString(8).padStart(11, '0') + '\0' + '0'.repeat(11) + '\0',
      at + 100,
    );
    out.write(' '.repeat(8) + '0', at + 148);
    out.write('ustar\x0000', at + 257, 'latin1');
    let sum = 0;
    for (let k = 0; k < 512; k++) sum += out[at + k];
    out.write(sum.toString(8).padStart(6, '0') + '\0 ', at + 148);
    out.write(text, at + 512);
  }
  return out;
}

describe('cut short', () => {
  const noise = Buffer.from(Array.from({ length: 6000 }, (_, i) => (i * 7919 + (i >> 3) * 104729) % 251));
  const tree: Tree = { 'one.obj': OBJ, 'two.bin': noise, 'three.txt': 'the last' };
  const FORMATS: [string, () => Promise<Buffer>][] = [
    [
      'a.zip',
      () =>
        Promise.resolve(
          writeRawZip(Object.entries(tree).map(([name, bytes]) => ({ name, bytes: Buffer.from(bytes as string) }))),
        ),
    ],
    ['a.7z', () => packGeneral(tree, '7z')],
    ['a.rar', () => Promise.resolve(writeStoredRar5(tree))],
    ['a.tar', () => packTar(tree)],
    ['a.tar.gz', () => packTar(tree, '--gzip')],
    ['a.tar.xz', () => packTar(tree, '--xz')],
    ['a.tar.bz2', () => packTar(tree, '--bzip2')],
    ['two.bin.gz', () => Promise.resolve(gzipSync(noise))],
    ['two.bin.xz', () => Promise.resolve(compress('xz', noise))],
    ['two.bin.bz2', () => Promise.resolve(compress('bzip2', noise))],
  ];
  /** Through the mark, the first header, its name, its bytes, the middle, the directory, the very end. */
  const CUTS = [7, 20, 34, 40, 120, 0.3, 0.5, 0.8, 0.95, -30, -12, -1];
  const whole = new Map(Object.entries(tree).map(([name, bytes]) => [name, Buffer.from(bytes as string)]));

  test.each(FORMATS.flatMap(([name, make]) => CUTS.map((cut) => [name, cut, make] as const)))(
    '%s at %d: a sentence, and nothing half',
    async (name, cut, make) => {
      const bytes = await make();
      const end =
        cut < 0 ? bytes.length + cut : cut < 1 ? Math.floor(bytes.length * cut) : Math.min(cut, bytes.length - 1);
      const { files, refused } = await open(name, bytes.subarray(0, end));
      expectClear(refused);
      const inner = files.slice(1).filter((file) => file.kind !== 'archive');
      for (const file of inner) {
        const kept = Buffer.from(await scratch.store.get(file.sha256));
        expect(kept.equals(whole.get(file.path.slice(file.path.lastIndexOf('/') + 1))!)).toBe(true);
      }
      const wanted = name.startsWith('a.') ? 3 : 1;
      // the last zeros of a tar may be missing and nothing is lost
      if (inner.length < wanted && files[0].kind === 'archive') expect(refused.length).toBeGreaterThan(0);
    },
  );

  test('what lies before the cut is saved: zip, tar and gzipped tar', async () => {
    for (const [name, make] of [FORMATS[0], FORMATS[3], FORMATS[4]]) {
      const bytes = await make();
      const { paths } = await open(name, bytes.subarray(0, Math.floor(bytes.length * 0.6)));
      expect(paths).toContain('one.obj');
    }
  });
});

describe('damaged in the middle', () => {
  const noise = Buffer.from(Array.from({ length: 9000 }, (_, i) => (i * 7919 + (i >> 3) * 104729) % 251));
  test.each<[string, () => Promise<Buffer>]>([
    ['a.zip', () => Promise.resolve(writeRawZip([{ name: 'b.bin', bytes: noise, method: 0 }]))],
    ['a.7z', () => packGeneral({ 'b.bin': noise }, '7z')],
    ['a.rar', () => Promise.resolve(writeStoredRar5({ 'b.bin': noise }))],
    ['b.bin.gz', () => Promise.resolve(gzipSync(noise))],
    ['b.bin.xz', () => Promise.resolve(compress('xz', noise))],
    ['b.bin.bz2', () => Promise.resolve(compress('bzip2', noise))],
  ])('%s: the damaged file is named and not kept', async (name, make) => {
    const bytes = await make();
    bytes.fill(0x55, bytes.length >> 1, (bytes.length >> 1) + 8);
    const { paths, refused } = await open(name, bytes);
    expect(paths).toEqual([]);
    expect(refused).toHaveLength(1);
    expect(refused[0]).toContain('damaged');
    expectClear(refused);
  });
});

test('a reader that fails does not end the process that called it', async () => {
  const before = process.exitCode;
  const bytes = await packGeneral({ 'good.obj': OBJ }, '7z');
  expect((await open('short.7z', bytes.subarray(0, bytes.length - 9))).refused).toHaveLength(1);
  expect(process.exitCode).toBe(before);
});

describe('passwords', () => {
  const tree: Tree = { 'post.obj': OBJ, 'note.txt': 'oak' };
  const LOCKED: [string, () => Promise<Buffer>][] = [
    ['old.zip', () => packGeneral(tree, 'zip', '-psesame', '-mem=ZipCrypto')],
    ['aes.zip', () => packGeneral(tree, 'zip', '-psesame', '-mem=AES256')],
    ['files.7z', () => packGeneral(tree, '7z', '-psesame')],
    ['names.7z', () => packGeneral(tree, '7z', '-psesame', '-mhe=on')],
  ];
  test.each(LOCKED)('%s without one, with a wrong one, with the right one', async (name, make) => {
    const bytes = await make();
    expect(await open(name, bytes)).toMatchObject({ locked: [name], paths: [], refused: [] });
    expect(await open(name, bytes, ['sesam'])).toMatchObject({ locked: [name], paths: [], refused: [] });
    const opened = await open(name, bytes, ['sesam', 'sesame']);
    expect(opened).toMatchObject({ locked: [], refused: [] });
    expect([...opened.paths].sort()).toEqual(['note.txt', 'post.obj']);
  });

  test('what is not locked in a locked archive is taken', async () => {
    const locked = await packGeneral({ 'secret.obj': OBJ }, 'zip', '-psesame', '-mem=ZipCrypto');
    const { paths, locked: asked } = await open(
      'a.zip',
      writeRawZip([good, { name: 'inner.zip', bytes: locked }, after]),
    );
    expect(paths).toEqual(['good.obj', 'inner.zip', 'after.obj']);
    expect(asked).toEqual(['a.zip/inner.zip']);
  });
});

describe('not what the name says', () => {
  test.each<[string, Buffer, string]>([
    ['picture.zip', Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]), 'picture'],
    ['model.zip', OBJ, 'model'],
    ['nothing.zip', Buffer.alloc(0), 'other'],
    ['zeros.7z', Buffer.alloc(600), 'other'],
    ['page.rar', Buffer.from('<html>not found</html>'), 'other'],
    ['setup.zip', Buffer.from('MZ\x90\0\x03'), 'program'],
    ['app.jar', writeRawZip([good]), 'program'],
    ['paper.docx', writeRawZip([good]), 'other'],
    ['script.py', Buffer.from('import os\n'), 'program'],
  ])('%s', async (name, bytes, kind) => {
    const { files, refused } = await open(name, bytes);
    expect(files.map((file) => file.kind)).toEqual([kind]);
    expect(refused).toEqual([]);
  });

  test.each<[string, () => Promise<Buffer>]>([
    ['zip as .obj', () => Promise.resolve(writeRawZip([good]))],
    ['7z as .zip', () => packGeneral({ 'good.obj': OBJ }, '7z')],
    ['rar as .zip', () => Promise.resolve(writeStoredRar5({ 'good.obj': OBJ }))],
    ['tar as .zip', () => packTar({ 'good.obj': OBJ })],
  ])('%s is opened by what it is', async (_, make) => {
    const { paths } = await open('archive.bin', await make());
    expect(paths).toEqual(['good.obj']);
  });

  test.each(['Deflate64', 'BZip2', 'LZMA', 'PPMd'])('a zip packed by %s is opened', async (method) => {
    const { paths, refused } = await open(
      'a.zip',
      await packGeneral({ 'good.obj': Buffer.alloc(4000, 'v 1 2 3\n'), 'b.txt': 'b' }, 'zip', `-mm=${method}`),
    );
    expect(refused).toEqual([]);
    expect([...paths].sort()).toEqual(['b.txt', 'good.obj']);
  });

  test('a rar 5 written by its published note is opened', async () => {
    const { files } = await open('a.rar', writeStoredRar5({ 'maps/möwe.txt': 'grey', 'good.obj': OBJ }));
    expect(files.slice(1).map((file) => [file.path, file.sizeBytes])).toEqual([
      ['a.rar/maps/möwe.txt', 4],
      ['a.rar/good.obj', OBJ.length],
    ]);
  });
});
