import { expect, test } from '@playwright/test';
import { listFaults } from './faults';
import { signIn } from './library';

const CRATE = `# a crate that was given\n${Array.from({ length: 8 }, (_, i) => `v ${i & 1 ? 0.6 : 0} ${i & 2 ? 0.4 : 0} ${i & 4 ? 0.5 : 0}`).join('\n')}
f 1 3 4 2\nf 5 6 8 7\nf 1 2 6 5\nf 3 7 8 4\nf 1 5 7 3\nf 2 4 8 6\n`;
const file = (name: string, words: string) => ({ name, mimeType: 'model/obj', buffer: Buffer.from(words) });

test('somebody without an account gives a model, goes on after a cut line and a reload, and takes it back', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page);
  await page.goto('/arrivals/sources');
  await page.getByRole('link', { name: 'Contributions' }).click();
  await page.getByRole('button', { name: 'Make a link' }).first().click();
  await page.getByLabel('What it is for').fill('Crates for the quay');
  await page.getByRole('button', { name: 'Make the link' }).click();
  const link = await page.getByText(/\/give#/).innerText();

  const stranger = await browser.newContext({ baseURL });
  const giver = await stranger.newPage();
  // the line is down for what is sent
  await giver.route('**/api/giving/uploads**', (route) => route.abort());
  await giver.goto(link);
  await giver.getByLabel('Files to give').setInputFiles(file('given_crate.obj', CRATE));
  await giver.getByLabel(/Your name/).fill('Runa Vestermoor');
  await giver.getByRole('radio', { name: /Attribution 4\.0/ }).click();
  await expect(giver.getByText('Author: Runa Vestermoor')).toBeVisible();
  expect(await listFaults(giver)).toEqual([]);
  await giver.getByLabel('I have read this and agree').click();
  await giver.getByRole('button', { name: 'Give this file' }).click();
  await expect(giver.getByRole('heading', { name: 'Your receipt' })).toBeVisible();
  await giver.unroute('**/api/giving/uploads**');
  await giver.reload();
  await giver.getByLabel('Files to go on with').setInputFiles(file('given_crate.obj', CRATE));
  await expect(giver.getByRole('status')).toContainText('Thank you.');
  expect(await listFaults(giver)).toEqual([]);
  // nothing but its own is open to it
  await giver.goto('/catalogue');
  await expect(giver.getByRole('button', { name: 'Sign in' })).toBeVisible();
  await giver.goBack();

  await page.goto('/arrivals');
  const arrival = page.getByRole('region', { name: 'given_crate.obj' });
  await expect(arrival).toContainText('given by Runa Vestermoor');
  await arrival.getByRole('button', { name: 'To the bench' }).click();
  await expect(page.getByText(/CC BY 4\.0|Attribution 4\.0/).first()).toBeVisible();
  await expect(page.getByText('By Runa Vestermoor').first()).toBeVisible();

  await giver.getByRole('button', { name: 'Withdraw this contribution' }).click();
  await giver.getByRole('button', { name: 'Take it back' }).click();
  await expect(giver.getByRole('heading', { name: 'Withdrawn' })).toBeVisible();
  await page.reload();
  await expect(page.getByText('Taken down').first()).toBeVisible();
  await stranger.close();
});
