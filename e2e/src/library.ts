import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, type Locator, type Page } from '@playwright/test';
import yauzl from 'yauzl';
import { ZipFile } from 'yazl';

export const PERSON = { signIn: 'maja', password: 'harbour-weather' };

/** Signs in by the form, as a person does. */
export async function signIn(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByLabel('Name').fill(PERSON.signIn);
  await page.getByLabel('Password').fill(PERSON.password);
  await page.getByRole('button', { name: 'Come in' }).click();
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

/**
 * A real community model as a download: OBJ, MTL and its map, with its licence text beside it.
 * @param id folder of the model in the open-furniture set
 */
export async function createRealDownload(archive: string, id: string, readme: string): Promise<Buffer> {
  const zip = new ZipFile();
  for (const [path, bytes] of await readEntries(archive, `${id}/`)) zip.addBuffer(bytes, path);
  zip.addBuffer(readFileSync(join(FURNITURE, 'LICENSE.txt')), 'LICENSE.txt');
  zip.addBuffer(Buffer.from(readme), 'readme.txt');
  zip.end();
  const chunks: Buffer[] = [];
  return new Promise((resolve) =>
    zip.outputStream.on('data', (chunk: Buffer) => chunks.push(chunk)).on('end', () => resolve(Buffer.concat(chunks))),
  );
}
