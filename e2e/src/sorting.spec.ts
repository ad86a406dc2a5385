import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { scrollTo, signIn } from './library';

test('a kit is seen at one scale, picked from, and answered as one job', async ({ page }) => {
  await signIn(page);
  await (await scrollTo(page, page.getByRole('link', { name: 'See 12 pieces: Quay furniture' }))).click();
  const pieces = page.getByRole('list', { name: 'Pieces' }).getByRole('listitem');
  await expect(pieces).toHaveCount(12);
  await expect(pieces.locator('img')).toHaveCount(12);
  // the contact sheet goes with the keyboard
  await page.getByRole('button', { name: 'crate_large' }).focus();
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: 'crate_small' }).click();
  await page.getByRole('button', { name: 'bench_long' }).click();
  await page.getByRole('button', { name: '3 pieces to the bench' }).click();
  await page.getByRole('link', { name: '3 pieces on the bench' }).click();

  await expect(page.getByRole('heading', { level: 1, name: 'Quay furniture' })).toBeVisible();
  for (const take of await page.getByRole('button', { name: /^Take for/ }).all()) await take.click();
  await expect(page.getByRole('button', { name: /^Take for/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Catalogue 3 pieces' }).click();
  await page.getByRole('button', { name: 'Catalogue them' }).click();
  await expect(
    page.getByRole('complementary', { name: 'Pieces' }).getByText('catalogued', { exact: true }),
  ).toHaveCount(3, { timeout: 60_000 });
});

test('what is here already is shown side by side; a person decides, and nothing is removed', async ({ page }) => {
  await signIn(page);
  await (await scrollTo(page, page.getByRole('link', { name: 'Compare: Boje' }))).click();
  const pair = page.getByRole('region', { name: /Boje and Bell buoy/ });
  await expect(pair).toContainText('100 times smaller');
  await expect(pair.getByRole('link', { name: /^HV-/ })).toBeVisible();
  await pair.getByRole('button', { name: 'The same: keep the one here' }).click();
  await expect(pair).toContainText('decided: the same');
  await page.getByRole('link', { name: 'Back to the arrivals' }).click();
  const arrival = page.getByRole('region', { name: 'buoy_export.zip' });
  await scrollTo(page, arrival);
  await expect(arrival).toContainText('The same as “Bell buoy red”, which is here.');
});

test('a question is answered on the card', async ({ page }) => {
  await signIn(page);
  await (await scrollTo(page, page.getByRole('button', { name: 'an asset each: Signal flag' }))).click();
  const arrival = page.getByRole('region', { name: 'signal_flags.zip' });
  // where its arrival was lined up before they follow by themselves, and what is done stands behind all that is open
  const next = arrival
    .getByRole('button', { name: /^To the bench/ })
    .or(arrival.getByRole('link', { name: 'On the bench' }));
  await expect(async () => {
    await page.goto('/arrivals');
    await scrollTo(page, arrival);
    await expect(next).toHaveCount(3, { timeout: 3000 });
  }).toPass({ timeout: 60_000 });
});

test('a gzipped tar is opened, a file is put elsewhere with the keyboard, and that becomes a habit', async ({
  page,
}) => {
  const folder = mkdtempSync(join(tmpdir(), 'sorting-'));
  const obj = (words: string): string => `# ${words}\nv 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 3\n`;
  writeFileSync(join(folder, 'rail.obj'), obj('rail'));
  writeFileSync(join(folder, 'rail_gm.obj'), obj('rail, coarse'));
  const archive = join(folder, 'pier_rail.tar.gz');
  execFileSync('tar', ['--create', '--gzip', '--file', archive, '-C', folder, 'rail.obj', 'rail_gm.obj']);
  await signIn(page);
  await page.locator('input[aria-label="Files to bring in"]').setInputFiles(archive);
  const arrival = page.getByRole('region', { name: 'pier_rail.tar.gz' });
  await expect(arrival.getByRole('article')).toHaveCount(2);
  await expect(arrival.getByRole('button', { name: /^To the bench/ })).toHaveCount(2);
  await arrival.getByRole('link', { name: /^Sort by hand/ }).click();
  await page.getByRole('button', { name: /^rail_gm\.obj/ }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('menuitem', { name: 'With “Rail”' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('article')).toHaveCount(1);
});

test('a broken archive says so, and is kept', async ({ page }) => {
  const folder = mkdtempSync(join(tmpdir(), 'sorting-'));
  const broken = join(folder, 'broken.7z');
  writeFileSync(broken, Buffer.from('7z\xbc\xaf\x27\x1c\x00\x04 and nothing more that could be read', 'latin1'));
  await signIn(page);
  await page.locator('input[aria-label="Files to bring in"]').setInputFiles(broken);
  const arrival = page.getByRole('region', { name: 'broken.7z' });
  await expect(arrival).toContainText('No model came out of it.');
  await expect(arrival).toContainText('is cut short or damaged');
});
