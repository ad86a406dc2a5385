import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { signIn } from './library';

test('what may not stand in a live project is first, by its clause; its project owes duties and prints its credits', async ({
  page,
}) => {
  await signIn(page);
  await page.getByRole('link', { name: /^Rights/ }).click();
  await expect(page.getByRole('heading', { name: 'In live projects first' })).toBeVisible();
  await expect(
    page.getByRole('button', { name: /Chart table oak: stands in “Tide House, tour 2” and may not/ }),
  ).toBeVisible();
  const panel = page.getByRole('region', { name: 'Chart table oak' });
  await expect(panel).toContainText('sections 2(a)(1) and 1(i)');
  await expect(panel.getByRole('link', { name: 'answer.txt' })).toBeVisible();
  await panel.getByRole('link', { name: 'Tide House, tour 2' }).click();

  await expect(page.getByRole('article', { name: 'Chart table oak' })).toContainText('not allowed');
  await page
    .getByRole('textbox', { name: 'What was decided about Chart table oak' })
    .fill('another table takes its place');
  await page.getByRole('textbox', { name: 'What was decided about Chart table oak' }).press('Enter');
  await expect(page.getByRole('textbox', { name: 'What was decided about Chart table oak' })).toHaveCount(0);
  await page
    .getByRole('checkbox', { name: 'Done: Name the author, the source and the licence where people see it.' })
    .click();
  await expect(page.getByText(/done, Maja Lindqvist/)).toBeVisible();
  await page.getByLabel('As', { exact: true }).click();
  await page.getByRole('option', { name: 'a table (CSV)' }).click();
  await expect(page.getByRole('region', { name: 'Credits as text' })).toContainText('title,author,author page');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Credits as a file' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('Tide House, tour 2 credits.csv');
  expect(readFileSync(await download.path(), 'utf8')).toContain('Ines Falkenrot');
});

test('two licences named: held as the stricter until the author answers, then settled with the answer kept as evidence', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/rights');
  await page.getByRole('button', { name: /Barograph cased: two licences are named/ }).click();
  const panel = page.getByRole('region', { name: 'Barograph cased' });
  await panel.getByRole('button', { name: 'Ask the author' }).click();
  await expect(page.getByRole('textbox', { name: 'Letter' })).toHaveValue(/Dear Ines Falkenrot/);
  await page.getByRole('button', { name: 'Close' }).click();
  await panel.getByRole('button', { name: 'Hold it as CC BY-NC 4.0 until they answer' }).click();
  await expect(panel).toContainText('because the stricter of 2 that are named, until the author answers');
  await panel.getByRole('button', { name: 'Decide with a reason' }).click();
  await panel.getByRole('button', { name: 'CC BY 4.0', exact: true }).click();
  await panel.getByLabel('Why').fill('she answered');
  await panel.getByLabel('or its words').fill('It is CC BY 4.0. Ines');
  await panel.getByRole('button', { name: 'Save' }).click();
  await expect(panel).toContainText('CC BY-NC 4.0 → CC BY 4.0');
  await expect(panel.getByRole('link', { name: 'a mail' })).toBeVisible();
  // the passage that says otherwise stays in sight until somebody has read it
  await expect(panel).toContainText('Something that came with it says CC BY-NC 4.0');
  await panel.getByLabel('What was seen').fill('her mail counts');
  await panel.getByRole('button', { name: 'Mark as reviewed' }).click();
  await expect(panel).toContainText('all is settled');
});

test('a licence of the house is written down, many are settled under it in the ledger, and its page says who stands under it', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/rights/licences');
  await page.getByRole('button', { name: 'New house licence' }).click();
  await page.getByLabel('Identifier').fill('LicenseRef-quay-club');
  await page.getByLabel('Short, as in a credit').fill('Quay club');
  await page.getByLabel('Name', { exact: true }).fill('Quay club terms');
  await page.getByRole('combobox', { name: 'Commercial use' }).click();
  await page.getByRole('option', { name: 'yes' }).click();
  await page.getByLabel('Licence text').fill('Point 1: you may use it.');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Quay club terms' })).toBeVisible();

  await page.getByRole('link', { name: 'The ledger' }).click();
  await page.getByRole('checkbox', { name: 'Choose Rope coil' }).check();
  await page.getByRole('checkbox', { name: 'Choose Life ring' }).check();
  await page.getByRole('button', { name: 'Settle 2 assets at once' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Licence', { exact: true }).fill('Quay club');
  await page.getByRole('option', { name: /Quay club terms/ }).click();
  await dialog.getByLabel('Why').fill('we are members');
  await dialog.getByRole('button', { name: 'Save for 2 assets' }).click();
  await expect(dialog).toHaveCount(0);
  await page.getByRole('button', { name: /^Quay club 2/ }).click();
  await expect(page.getByRole('region', { name: 'Assets' }).getByRole('link')).toHaveText(['Life ring', 'Rope coil']);
  await page.goto('/rights/licences/LicenseRef-quay-club');
  await expect(page.getByText('2 assets')).toBeVisible();
  await expect(page.getByText('Point 1: you may use it.')).toBeVisible();
});
