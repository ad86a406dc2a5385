import { expect, test } from '@playwright/test';
import { signIn } from './library';

test('something is found by what it is made of, by another word and with a letter wrong, and the question narrows to it', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/catalogue');
  await expect(page.getByRole('img', { name: /Bell buoy/ })).toBeVisible();
  // by the keyboard from anywhere
  await page.keyboard.press('/');
  await page.keyboard.type('bouys');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('matching “bouys”');
  await expect(page.getByRole('link', { name: 'Bell buoy, red' })).toBeVisible();
  await expect(page.getByText('“buoy” in its name, for “bouys”')).toBeVisible();
  await page.getByRole('button', { name: /“bouys”/ }).click();

  await page.getByRole('button', { name: /^(More|Narrow) …/ }).click();
  const everything = page.getByRole('dialog', { name: 'All filters' });
  await everything.getByRole('button', { name: /^red/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Red things');
  await expect(page).toHaveURL(/colour=red/);
  await expect(page.getByRole('link', { name: 'Bell buoy, red' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Rope coil' })).toBeHidden();
  // it stands in the address, so it comes back with it
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Red things');
  await page.getByRole('button', { name: 'Colour: Red' }).click();
  await page.getByRole('menuitem', { name: 'any' }).click();
  await expect(page.getByRole('link', { name: 'Rope coil' })).toBeVisible();
});

test('a line each can be put in order, and by size a step leads to what is in it', async ({ page }) => {
  await signIn(page);
  await page.goto('/catalogue');
  await page.getByRole('button', { name: 'list', exact: true }).click();
  await page.getByRole('button', { name: 'Name', exact: true }).click();
  await expect(page).toHaveURL(/order=name/);
  const names = page.getByRole('listitem').getByRole('link');
  await expect(names.first()).toBeVisible();
  const listed = await names.allTextContents();
  expect(listed).toEqual([...listed].sort((a, b) => a.toLowerCase().localeCompare(b.toLowerCase(), 'en')));

  await page.getByRole('button', { name: 'by size' }).click();
  await page.getByRole('button', { name: /things 2\.15 m to 4\.64 m/ }).click();
  await expect(page.getByRole('link', { name: 'Bell buoy, red' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Rope coil' })).toBeHidden();
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/long/);
});
