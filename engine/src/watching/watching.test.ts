import { appendFile, mkdir, mkdtemp, rename, rm, symlink, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { findMissingEnd } from './is-whole';
import { Settling, type Delivery } from './settling';
import { watchFolder, type FolderWatch } from './watch-folder';

describe('what is ready', () => {
  const names = (settling: Settling, at: number): string[] => settling.listReady(at).map(({ name }) => name);

  test('a file that grows is not; one that rests is, once', () => {
    const settling = new Settling(1000, 'each');
    settling.note('a.zip', 10, 1, 0);
    settling.note('a.zip', 20, 2, 900);
    expect(names(settling, 1500)).toEqual([]);
    expect(names(settling, 1900)).toEqual(['a.zip']);
    settling.finish(['a.zip']);
    settling.note('a.zip', 20, 2, 2000);
    expect(names(settling, 9000)).toEqual([]);
    // changed later it is another version
    settling.note('a.zip', 30, 3, 9000);
    expect(names(settling, 10_000)).toEqual(['a.zip']);
  });

  test('parts of an archive wait for one another, and for the one that opens it', () => {
    const settling = new Settling(1000, 'each');
    settling.note('kit.7z.001', 5, 1, 0);
    settling.note('kit.7z.003', 5, 1, 0);
    settling.note('split.z01', 5, 1, 0);
    expect(names(settling, 5000)).toEqual([]);
    settling.note('kit.7z.002', 5, 1, 5000);
    expect(names(settling, 5500)).toEqual([]);
    expect(settling.listReady(6000)).toEqual([
      { name: 'kit.7z.001', paths: ['kit.7z.001', 'kit.7z.002', 'kit.7z.003'] },
    ]);
    settling.note('split.zip', 5, 1, 6000);
    expect(names(settling, 7000)).toContain('split.zip');
  });

  test('of sub-folders each is one delivery, when all in it rests', () => {
    const settling = new Settling(1000, 'folders');
    settling.note('buoy/a.obj', 1, 1, 0);
    settling.note('buoy/maps/b.png', 1, 1, 800);
    settling.note('lamp.glb', 1, 1, 0);
    expect(names(settling, 1000)).toEqual(['lamp.glb']);
    expect(settling.listReady(1800)).toContainEqual({ name: 'buoy', paths: ['buoy/a.obj', 'buoy/maps/b.png'] });
  });

  test.each([
    'a.zip.part',
    'a.zip.crdownload',
    '.hidden',
    '~lock',
    'x/.git',
    'Thumbs.db',
    'taken/old.zip',
    'a.zip.taken',
  ])('%s is never taken', (path) => {
    const settling = new Settling(0, 'each');
    settling.note(path, 1, 1, 0);
    expect(names(settling, 10)).toEqual([]);
  });
});

describe('in a real folder', () => {
  let root: string;
  let folder: string;
  let watch: FolderWatch | null = null;
  let got: Delivery[];
  let troubles: (string | null)[];

  beforeEach(async () => {
    root = await mkdtemp(join(tmpdir(), 'haveld-watch-'));
    folder = join(root, 'in');
    await mkdir(folder);
    got = [];
    troubles = [];
  });
  afterEach(async () => {
    await watch?.close();
    watch = null;
    await rm(root, { recursive: true, force: true });
  });

  const start = (onReady?: (delivery: Delivery) => Promise<void>, together: 'each' | 'folders' = 'each'): void => {
    watch = watchFolder(folder, {
      together,
      quietMs: 400,
      onReady: async (delivery) => {
        await onReady?.(delivery);
        got.push(delivery);
      },
      onTrouble: (sentence) => troubles.push(sentence),
    });
  };
  const until = async (isSo: () => boolean): Promise<void> => {
    for (let i = 0; i < 400 && !isSo(); i++) await new Promise((resolve) => setTimeout(resolve, 50));
    expect(isSo()).toBe(true);
  };
  const rest = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 1200));
  const taken = (): string[] => got.flatMap(({ paths }) => paths).sort();

  test('what lay there, and what is put there, is taken once each', async () => {
    await writeFile(join(folder, 'old.obj'), 'v 0 0 0');
    start();
    await until(() => taken().length === 1);
    await mkdir(join(folder, 'sub'));
    await writeFile(join(folder, 'sub/new.obj'), 'v 0 0 0');
    await until(() => taken().length === 2);
    await rest();
    expect(taken()).toEqual(['old.obj', 'sub/new.obj']);
  });

  test('a file that is written slowly is taken when it is whole', async () => {
    start();
    for (let i = 0; i < 6; i++) {
      await appendFile(join(folder, 'slow.obj'), 'v 0 0 0\n');
      await new Promise((resolve) => setTimeout(resolve, 200));
      expect(got).toEqual([]);
    }
    await until(() => taken().length === 1);
  });

  test('a zip without its end waits and says so, until the rest comes', async () => {
    start();
    await writeFile(join(folder, 'a.zip'), Buffer.from('PK\x03\x04 half of it', 'latin1'));
    await until(() => troubles.some((sentence) => sentence?.includes('the end of the zip is missing')));
    expect(got).toEqual([]);
    await appendFile(join(folder, 'a.zip'), Buffer.concat([Buffer.from('PK\x05\x06', 'latin1'), Buffer.alloc(18)]));
    await until(() => taken().length === 1);
    expect(troubles.at(-1)).toBeNull();
  });

  test('the first volume of an archive waits for the others, however late they come', async () => {
    start();
    const whole = Buffer.alloc(90);
    Buffer.from([0x37, 0x7a, 0xbc, 0xaf, 0x27, 0x1c]).copy(whole);
    whole.writeBigUInt64LE(58n, 12);
    await writeFile(join(folder, 'kit.7z.001'), whole.subarray(0, 50));
    await until(() => troubles.some((sentence) => sentence?.includes('the end of the 7z is missing')));
    expect(got).toEqual([]);
    await writeFile(join(folder, 'kit.7z.002'), whole.subarray(50));
    await until(() => taken().length === 2);
    expect(got).toHaveLength(1);
  });

  test('a folder that goes away and comes back takes nothing twice', async () => {
    start();
    await writeFile(join(folder, 'a.obj'), 'v 0 0 0');
    await until(() => taken().length === 1);
    await rename(folder, join(root, 'away'));
    await until(() => troubles.at(-1)?.startsWith('The folder is not there') ?? false);
    await rename(join(root, 'away'), folder);
    await writeFile(join(folder, 'b.obj'), 'v 0 0 1');
    await until(() => taken().length === 2);
    await rest();
    expect(taken()).toEqual(['a.obj', 'b.obj']);
  });

  test('what cannot be taken is told, and tried again', async () => {
    let tries = 0;
    start(() => (++tries < 3 ? Promise.reject(new Error('the disk is full')) : Promise.resolve()));
    await writeFile(join(folder, 'a.obj'), 'v 0 0 0');
    await until(() => taken().length === 1);
    expect(tries).toBe(3);
    expect(troubles).toContain('“a.obj” could not be taken: the disk is full');
    expect(troubles.at(-1)).toBeNull();
  });

  test('links are not followed out of the folder', async () => {
    await writeFile(join(root, 'secret.obj'), 'v 0 0 0');
    await symlink(join(root, 'secret.obj'), join(folder, 'link.obj'));
    await symlink(root, join(folder, 'up'));
    start();
    await writeFile(join(folder, 'own.obj'), 'v 0 0 0');
    await until(() => taken().length === 1);
    await rest();
    expect(taken()).toEqual(['own.obj']);
  });
});

describe('whether its end is there', () => {
  const glb = (length: number, size: number): Buffer => {
    const bytes = Buffer.alloc(size);
    bytes.write('glTF', 'latin1');
    bytes.writeUInt32LE(length, 8);
    return bytes;
  };
  const sevenZip = (end: number, size: number): Buffer => {
    const bytes = Buffer.alloc(size);
    Buffer.from([0x37, 0x7a, 0xbc, 0xaf, 0x27, 0x1c]).copy(bytes);
    bytes.writeBigUInt64LE(BigInt(end - 32), 12);
    return bytes;
  };
  test.each<[string, Buffer, boolean]>([
    ['a GLB', glb(40, 40), true],
    ['a GLB cut off', glb(400, 40), false],
    ['a 7z', sevenZip(60, 60), true],
    ['a 7z cut off', sevenZip(600, 60), false],
    ['an empty file', Buffer.alloc(0), true],
    ['a text', Buffer.from('v 0 0 0'), true],
  ])('%s', async (_name, bytes, isWhole) => {
    const folder = await mkdtemp(join(tmpdir(), 'haveld-whole-'));
    await writeFile(join(folder, 'x'), bytes);
    expect((await findMissingEnd([join(folder, 'x')])) === null).toBe(isWhole);
    await rm(folder, { recursive: true });
  });
});
