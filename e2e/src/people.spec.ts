import { expect, test, type Browser, type Page } from '@playwright/test';
import { signIn } from './library';

/** Another machine: nothing of the first one's session is known there. */
const elsewhere = async (browser: Browser): Promise<Page> => (await browser.newContext()).newPage();

const CRATE =
  'v 0 0 0\nv 1 0 0\nv 1 1 0\nv 0 1 0\nv 0 0 -1\nv 1 0 -1\nv 1 1 -1\nv 0 1 -1\nf 1 2 3 4\nf 6 5 8 7\nf 2 6 7 3\nf 5 1 4 8\nf 4 3 7 8\nf 5 6 2 1\n';

test('an artist is invited by a link, chooses a password, brings a model in, and is out the moment they are removed', async ({
  page,
  browser,
}) => {
  await signIn(page);
  await page.getByRole('button', { name: /^ML: / }).click();
  await page.getByRole('menuitem', { name: 'People' }).click();
  await page.getByRole('button', { name: 'Invite somebody' }).click();
  await page.keyboard.type('Jorid Aakre');
  await page.keyboard.press('Enter');
  const note = page.getByRole('region', { name: 'An invitation for Jorid Aakre' });
  const link = await note.getByText(/\/join#/).innerText();
  await note.getByRole('button', { name: 'Done' }).click();

  const other = await elsewhere(browser);
  await other.goto(link);
  await expect(other.getByText('Maja Lindqvist invited you to Haveld.')).toBeVisible();
  await other.getByLabel('Your password').fill('password12');
  await other.getByRole('button', { name: 'Sign in' }).click();
  await expect(other.getByRole('alert')).toContainText('among those that are tried first');
  await other.getByLabel('Your password').fill('kelp lantern ferry');
  await other.getByRole('button', { name: 'Sign in' }).click();
  await expect(other.getByRole('heading', { name: 'Arrivals' })).toBeVisible();
  await other
    .locator('input[type=file]')
    .first()
    .setInputFiles({ name: 'jorids crate.obj', mimeType: 'model/obj', buffer: Buffer.from(CRATE) });
  await expect(other.getByRole('region', { name: 'jorids crate.obj' })).toContainText('Jorid Aakre');
  // what keeps the house in order is not an artist's
  await other.goto('/rights/rules');
  await expect(other.getByText('a curator changes them')).toBeVisible();
  await expect(other.getByRole('button', { name: 'Save the rules' })).toBeDisabled();
  await other.goto('/people');
  await expect(other.getByText('This is for owners; you are here as an artist.')).toBeVisible();
  await other.goto('/arrivals');

  await page.getByRole('button', { name: 'Remove: Jorid Aakre' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Remove' }).click();
  await expect(page.getByText('was artist')).toBeVisible();
  await expect(other.getByRole('button', { name: 'Sign in' })).toBeVisible();
  await other.getByLabel('Name').fill('jorid');
  await other.getByLabel('Password').fill('kelp lantern ferry');
  await other.getByRole('button', { name: 'Sign in' }).click();
  await expect(other.getByRole('alert')).toContainText('Name or password is wrong.');
  await other.goto(link);
  await expect(other.getByRole('alert')).toContainText('opens nothing any more');
  // what they brought in stays, under their name
  await page.goto('/arrivals');
  await expect(page.getByRole('region', { name: 'jorids crate.obj' })).toContainText('Jorid Aakre');
});

test('a guest looks, copies the credit and downloads what a project may use, and nothing else is in reach', async ({
  page,
}) => {
  await signIn(page, 'tjark');
  await expect(page.getByRole('navigation', { name: 'The way of a model' }).getByRole('link')).toHaveText([
    /^Catalogue/,
    /^Projects/,
  ]);
  await page.getByRole('link', { name: 'Bell buoy, red' }).click();
  await expect(page.getByRole('button', { name: 'Copy the short form' })).toBeVisible();
  await expect(page.locator('.stage canvas, canvas').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Hand over' })).toHaveCount(0);
  await page.getByRole('link', { name: 'Projects' }).click();
  await page.getByRole('link', { name: 'Tide House, tour 2' }).first().click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: /fetch Barograph/ }).click(),
  ]);
  expect(await download.failure()).toBeNull();
  await expect(page.getByRole('article', { name: 'Chart table oak' })).toContainText('not for download');
  await page.getByRole('link', { name: 'Rights and credits' }).click();
  await expect(page.getByRole('region', { name: 'Credits as text' })).toContainText('Tor Aldersund');
  await page.goto('/arrivals');
  await expect(page.getByText('This is not open to you')).toBeVisible();
});

test('one’s own page: signed out elsewhere, and a token that a program signs in with', async ({ page, browser }) => {
  await signIn(page, 'runa');
  const other = await elsewhere(browser);
  await signIn(other, 'runa');
  await page.getByRole('button', { name: /^RV: / }).click();
  await page.getByRole('menuitem', { name: 'Your page' }).click();
  const places = page.getByRole('region', { name: 'Where you are signed in' });
  await places
    .getByRole('button', { name: /^Sign out there: / })
    .first()
    .click();
  await expect(places.getByRole('button')).toHaveCount(0);
  await other.goto('/bench');
  await expect(other.getByRole('button', { name: 'Sign in' })).toBeVisible();

  await page.getByLabel('What is it for?').fill('nightly turntables');
  await page.keyboard.press('Enter');
  const token = await page.getByText(/^haveld_/).innerText();
  const program = await browser.newContext({ extraHTTPHeaders: { authorization: `Bearer ${token}` } });
  const asked = await program.request.get(new URL('/api/catalogue', page.url()).href);
  expect(asked.status()).toBe(200);
  expect((await program.request.get(new URL('/api/bench', page.url()).href)).status()).toBe(403);
  await page.getByRole('button', { name: 'End it: nightly turntables' }).click();
  await expect(page.getByRole('button', { name: /^End it/ })).toHaveCount(0);
  expect((await program.request.get(new URL('/api/catalogue', page.url()).href)).status()).toBe(401);
});
