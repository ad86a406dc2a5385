import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import yauzl from 'yauzl';
import { createRealDownload, signIn } from './library';

/** Lists a zip's entries. */
function listZip(path: string): Promise<string[]> {
  return new Promise((resolve, reject) => {
    yauzl.fromBuffer(readFileSync(path), { lazyEntries: false }, (error, zip) => {
      if (error) return reject(error);
      const names: string[] = [];
      zip.on('entry', (entry: yauzl.Entry) => names.push(entry.fileName)).on('end', () => resolve(names));
    });
  });
}

test('a real zip becomes an asset in a project, with mouse and keyboard', async ({ page }) => {
  await signIn(page);
  // a community bookcase: OBJ in centimetres with a missing unit, one map, its licence text in full
  const zip = await createRealDownload(
    'part-1.zip',
    'm003',
    'Bookcase by LucaPresidente\nThe bookcase is 80 cm high.\nhttps://models.example/bookcase\n',
  );
  await page
    .locator('input[aria-label="Files to bring in"]')
    .setInputFiles({ name: 'bookcase.zip', mimeType: 'application/zip', buffer: zip });
  const arrival = page.getByRole('region', { name: 'bookcase.zip' });
  const find = arrival.getByRole('article');
  // its files grant two licences at the receiver's choice; the text beside them says which Free Art is meant
  await expect(find).toContainText('Free Art 1.3 or CC BY 3.0, LucaPresidente');
  await find.getByRole('button', { name: /^To the bench/ }).click();

  // the bench: what is sure is done, the rest one by one, the licence looked at
  await expect(page.getByRole('heading', { level: 1, name: /Bookcase|Mobile/i })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Treatment' })).toContainText('Scaled × 0.01');
  await page.locator('.finding-line', { hasText: 'Free Art 1.3 or CC BY 3.0' }).click();
  const rights = page.locator('.finding.in-hand');
  await rights.getByRole('button', { name: 'Correct it' }).click();
  await rights.getByLabel('Licence', { exact: true }).fill('free art license 1.3');
  await page.getByRole('option', { name: /Free Art License 1\.3/ }).click();
  await rights.getByLabel('Why', { exact: true }).fill('our shows go out under it');
  await rights.getByRole('button', { name: 'Save' }).click();
  await expect(rights).toContainText('The house takes this licence after review.');
  await rights.getByRole('button', { name: 'Mark as reviewed' }).click();
  await page.getByLabel('Why?').fill('share-alike is fine for this');
  await page.getByLabel('Why?').press('Enter');
  await expect(page.locator('.finding.settled', { hasText: 'Free Art 1.3' })).toContainText('share-alike is fine');
  await expect(page.locator('.figures')).toContainText('0.45 × 0.80 × 0.49 m');
  await expect(page.locator('.figures')).toContainText('on the ground');

  await page.getByRole('button', { name: 'Catalogue', exact: true }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Bookcase, small');
  await page.getByLabel('Category').click();
  await page.getByRole('option', { name: /furniture/ }).click();
  await page.getByRole('button', { name: 'Catalogue it' }).click();
  await expect(page.getByRole('link', { name: 'Its page' })).toBeVisible({ timeout: 60_000 });

  // found again by words, and chosen
  await page.keyboard.press('/');
  await page.keyboard.type('bookcase small');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: '1 fits' })).toBeVisible();
  await expect(page.getByTitle('height').filter({ hasText: '0.80 m' })).toBeVisible();
  await page.getByRole('checkbox', { name: 'Choose Bookcase, small' }).check();
  await page.getByRole('button', { name: 'Hand over 1' }).click();

  // the verdict first, then the packing
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('To').click();
  await page.getByRole('option', { name: /Tide House/ }).click();
  await expect(dialog).toContainText('allowed with obligations');
  await expect(dialog).toContainText('Free Art 1.3 allows commercial use (section 2.2).');
  await dialog.getByRole('radio', { name: /OBJ and MTL/ }).check();
  await dialog.getByRole('button', { name: 'Hand over' }).click();
  const use = page.getByRole('article', { name: 'Bookcase, small' });
  await expect(use).toContainText('Read back after writing');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    use.getByRole('link', { name: /fetch/ }).click(),
  ]);
  const names = await listZip(await download.path());
  expect(names).toEqual(
    expect.arrayContaining([
      'bookcase_small/bookcase_small.obj',
      'bookcase_small/bookcase_small.mtl',
      'bookcase_small/CREDITS.txt',
      'bookcase_small/LICENSES/LAL-1.3.txt',
      'bookcase_small/bookcase_small.obj.license',
      'bookcase_small/READ-BACK.json',
    ]),
  );
  expect(names.some((name) => name.startsWith('bookcase_small/maps/'))).toBe(true);
  await page.getByRole('link', { name: 'Rights and credits' }).click();
  await expect(page.getByRole('region', { name: 'Credits as text' })).toContainText('by LucaPresidente');
  await page.getByRole('link', { name: 'To the project' }).click();

  // and it stands on the asset's page
  await use.getByRole('link', { name: 'Bookcase, small', exact: true }).click();
  await expect(page.getByRole('link', { name: 'Tide House, tour 2' })).toBeVisible();
  await expect(page.getByText('Valid glTF 2.0, read back and compared')).toBeVisible();
});

test('progress survives a reload, and a half-sent file goes on when it is dropped again', async ({ page }) => {
  await signIn(page);
  const bytes = Buffer.alloc(3 * 2 ** 20, 'v 0 0 0\n');
  const file = { name: 'slow.obj', mimeType: 'text/plain', buffer: bytes };
  let cut = true;
  await page.route('**/api/uploads/*', async (route) => {
    // the line breaks with the first bytes, until the page is loaded again
    if (cut && route.request().method() === 'PATCH') return route.abort();
    return route.continue();
  });
  await page.locator('input[aria-label="Files to bring in"]').setInputFiles(file);
  const arrival = page.getByRole('region', { name: 'slow.obj' });
  await expect(arrival.getByRole('progressbar')).toBeVisible();
  await page.reload();
  await expect(arrival).toContainText('The upload is incomplete');
  cut = false;
  await page.locator('input[aria-label="Files to bring in"]').setInputFiles(file);
  await expect(arrival.getByRole('progressbar')).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'slow.obj' })).toHaveCount(1);
});

test('a wrong password, a missing page and an empty question each say what to do', async ({ page }) => {
  await page.goto('/');
  await page.getByLabel('Name').fill('maja');
  await page.getByLabel('Password').fill('nonsense');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert')).toContainText('Name or password is wrong.');
  await signIn(page);
  await page.goto('/nowhere');
  await expect(page.getByText('There is no such page.')).toBeVisible();
  await page.goto('/catalogue?words=zeppelin');
  await expect(page.getByRole('heading', { name: 'Nothing fits this question' })).toBeVisible();
  await page.getByRole('button', { name: 'Ask for everything' }).click();
  await expect(page.getByRole('link', { name: 'Bell buoy, red' })).toBeVisible();
});

test('a non-commercial model is refused to a paid show, by its clause', async ({ page }) => {
  await signIn(page);
  await page.goto('/bench');
  await page.getByRole('link', { name: /Carved gull/ }).click();
  await page.getByRole('button', { name: 'Catalogue', exact: true }).click();
  await page.getByRole('button', { name: 'Catalogue it' }).click();
  await page.getByRole('link', { name: 'Its page' }).click({ timeout: 60_000 });
  await page.getByRole('button', { name: 'Hand over' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('To').click();
  await page.getByRole('option', { name: /Tide House/ }).click();
  await expect(dialog).toContainText('not allowed');
  await expect(dialog).toContainText('1(i)');
  await expect(dialog.getByRole('button', { name: 'Not with this licence' })).toBeDisabled();
});
