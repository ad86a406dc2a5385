import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, type Locator, type Page } from '@playwright/test';
import yauzl from 'yauzl';
import { ZipFile } from 'yazl';

export const PERSON = { signIn: 'maja', password: 'harbour-weather' };

/** Signs in by the form, as a person does. @param who by the name they sign in with */
export async function signIn(page: Page, who = PERSON.signIn): Promise<void> {
  await page.goto('/');
  await page.getByLabel('Name').fill(who);
  await page.getByLabel('Password').fill(PERSON.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('navigation', { name: 'The way of a model' })).toBeVisible();
}

/** Scrolls down until something is there: long lists draw only what is near the window. */
export async function scrollTo(page: Page, wanted: Locator): Promise<Locator> {
  await page.mouse.move(640, 500);
  await expect(async () => {
    if (!(await wanted.first().isVisible())) await page.mouse.wheel(0, 500);
    await expect(wanted.first()).toBeVisible({ timeout: 300 });
  }).toPass({ timeout: 20_000 });
  return wanted;
}

const FURNITURE = join(import.meta.dirname, '../../engine/src/reference-checks/testdata/open-furniture');

function readEntries(archive: string, prefix: string): Promise<Map<string, Buffer>> {
  return new Promise((resolve, reject) => {
    yauzl.open(join(FURNITURE, archive), { lazyEntries: true }, (error, zip) => {
      if (error) return reject(error);
      const files = new Map<string, Buffer>();
      zip.on('error', reject).on('end', () => resolve(files));
      zip.on('entry', (entry: yauzl.Entry) => {
        if (!entry.fileName.startsWith(prefix) || entry.fileName.endsWith('/')) return zip.readEntry();
        zip.openReadStream(entry, (failed, stream) => {
          if (failed) return reject(failed);
          const chunks: Buffer[] = [];
          stream
            .on('data', (chunk: Buffer) => chunks.push(chunk))
            .on('end', () => {
              files.set(entry.fileName.slice(prefix.length), Buffer.concat(chunks));
              zip.readEntry();
            });
        });
      });
      zip.readEntry();
    });
  });
}

/** A model of the set came with maps. */
export const holdsPictures = async (archive: string, id: string): Promise<boolean> =>
  [...(await readEntries(archive, `${id}/`)).keys()].some((path) => PICTURE.test(path));

/** Who made a model as its own files say, often by another name than the table has. */
export async function readMaker(archive: string, id: string): Promise<string | null> {
  for (const [path, bytes] of await readEntries(archive, `${id}/`))
    if (/\.obj$/i.test(path)) return /^# Created by (.+?)(?: for .*)?$/m.exec(bytes.toString('latin1'))?.[1] ?? null;
  return null;
}

const PICTURE = /\.(jpe?g|png|bmp|tga|gif)$/i;

/** What a download has lost or been through on its way. */
export type Spoiled = 'lost-maps' | 'inches' | 'lying';

/** Numbers of a vertex of an OBJ, written anew. */
const SPOILED_VERTICES: Partial<Record<Spoiled, (x: number, y: number, z: number) => number[]>> = {
  inches: (x, y, z) => [x / 2.54, y / 2.54, z / 2.54],
  lying: (x, y, z) => [x, -z, y],
};

function spoil(path: string, bytes: Buffer, how: Spoiled): Buffer | null {
  if (how === 'lost-maps') return PICTURE.test(path) ? null : bytes;
  if (!/\.obj$/i.test(path)) return bytes;
  const rewrite = SPOILED_VERTICES[how]!;
  return Buffer.from(
    bytes
      .toString('latin1')
      .replace(
        /^v\s+(\S+)\s+(\S+)\s+(\S+)/gm,
        (_, x, y, z) => `v ${rewrite(Number(x), Number(y), Number(z)).join(' ')}`,
      )
      .replace(/^vn .*$/gm, how === 'lying' ? 'vn 0 0 1' : '$&'),
    'latin1',
  );
}

/**
 * A real community model as a download: OBJ, MTL and its map, with its licence text beside it.
 * @param id folder of the model in the open-furniture set
 */
export async function createRealDownload(
  archive: string,
  id: string,
  readme: string,
  spoiled?: Spoiled,
): Promise<Buffer> {
  const zip = new ZipFile();
  for (const [path, bytes] of await readEntries(archive, `${id}/`)) {
    const kept = spoiled ? spoil(path, bytes, spoiled) : bytes;
    if (kept) zip.addBuffer(kept, path);
  }
  zip.addBuffer(readFileSync(join(FURNITURE, 'LICENSE.txt')), 'LICENSE.txt');
  zip.addBuffer(Buffer.from(readme), 'readme.txt');
  zip.end();
  const chunks: Buffer[] = [];
  return new Promise((resolve) =>
    zip.outputStream.on('data', (chunk: Buffer) => chunks.push(chunk)).on('end', () => resolve(Buffer.concat(chunks))),
  );
}

/** A row of the set's table: what a model really is. */
export interface Truth {
  id: string;
  archive: string;
  name: string;
  author: string;
  heightM: number;
}

/** Models of known size, in the order of the table; those nobody could know are left out. */
export function readTruth(): Truth[] {
  const [head, ...lines] = readFileSync(join(FURNITURE, 'sizes.csv'), 'utf8').trim().split(/\r?\n/);
  const columns = head.split(',');
  return lines
    .map((line) =>
      (line.match(/("[^"]*"|[^,]*)(,|$)/g) ?? []).map((cell) => cell.replace(/,$/, '').replace(/^"|"$/g, '')),
    )
    .map((cells) => Object.fromEntries(columns.map((column, i) => [column, cells[i]])) as Record<string, string>)
    .filter(({ unit }) => !['arbitrary', 'unclear'].includes(unit.trim()))
    .map(({ id, archive, name, author, height_cm }) => ({
      id,
      archive,
      name,
      author,
      heightM: Number(height_cm) / 100,
    }));
}
