import { expect, test, type Page } from '@playwright/test';
import { listFaults } from './faults';
import { signIn } from './library';

const QUAYSIDE = 'quayside-models.example';

/** Tells a made-up site what to do wrong; they stand one port above Haveld. */
async function misbehave(page: Page, slug: string, fault: string, times = 1): Promise<void> {
  const told = await page.request.post('http://127.0.0.1:4392/-/faults', {
    data: { host: QUAYSIDE, slug, fault, times },
  });
  expect(told.ok()).toBe(true);
}

const comingIn = (page: Page) => page.getByRole('complementary', { name: 'Downloads' });

test('from a search to the bench without typing whose it is: a source that cuts off, one that wants its terms read', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/arrivals');
  await page.getByRole('link', { name: 'From a source' }).click();
  await page.getByRole('textbox', { name: /Words/ }).fill('crate');
  await page.keyboard.press('Enter');
  const crate = page.getByRole('region', { name: 'Fish crate' });
  await expect(crate).toContainText('Ines Falkenrot');
  await expect(crate).toContainText('CC0-1.0');
  await misbehave(page, 'fish-crate', 'cut-off', 2);
  await crate.getByRole('button', { name: 'Take GLB' }).click();
  // it is told why it waits, goes on by itself, and is whole
  await expect(comingIn(page).getByRole('link', { name: 'Fish crate' })).toBeVisible();
  await comingIn(page).getByRole('link', { name: 'Fish crate' }).click();
  await expect(page.getByText('page of fish-crate.html').first()).toBeVisible();
  await page.goto('/arrivals');
  const arrival = page.getByRole('region', { name: 'fish_crate_512.glb' });
  await arrival.getByRole('button', { name: 'To the bench' }).click();
  await expect(page.getByRole('heading', { name: /Fish crate/ }).first()).toBeVisible();
  await expect(page.getByText(/CC0 1\.0/).first()).toBeVisible();

  await page.goto('/arrivals/sources?words=anemometer');
  await page.getByRole('button', { name: 'Take GLB' }).click();
  await comingIn(page).getByRole('link', { name: 'Read its terms and accept them.' }).click();
  await page.getByRole('button', { name: 'Accept these terms for the house' }).click();
  await expect(page.getByText(/Accepted for the house by Maja Lindqvist/)).toBeVisible();
  await page.getByRole('link', { name: 'Back to the sources' }).click();
  await expect(comingIn(page).getByRole('link', { name: 'Cup anemometer' })).toBeVisible();
});

test('by keyboard alone; what comes wrong says so, and nothing of it is kept', async ({ page }) => {
  await signIn(page);
  await page.goto('/arrivals/sources?words=ladder');
  await expect(page.getByRole('region', { name: 'Quay ladder' })).toBeVisible();
  await misbehave(page, 'quay-ladder', 'wrong-bytes');
  // the field has the focus at first
  await page.getByRole('heading', { name: 'Sources' }).click();
  await page.keyboard.press('e');
  await expect(page.getByText(/Haveld would take this: GLB/)).toBeVisible();
  await page.keyboard.press('t');
  await expect(comingIn(page)).toContainText('its checksum differs. Nothing of it was kept.');
  await comingIn(page).getByRole('button', { name: 'Try again' }).focus();
  await page.keyboard.press('Enter');
  await expect(comingIn(page).getByRole('link', { name: 'Quay ladder' })).toBeVisible();
  await page.goto('/arrivals/sources?words=ladder');
  await expect(page.getByText('fetched from this page before')).toBeVisible();
});

test('an address is looked at; one that leads inside is refused', async ({ page }) => {
  await signIn(page);
  await page.goto('/arrivals/sources');
  const field = page.getByRole('textbox', { name: /Words/ });
  await field.fill(`https://${QUAYSIDE}/models/life-ring`);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Life ring' })).toContainText('CC-BY-4.0');
  await field.fill('http://169.254.169.254/latest/meta-data/');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('is not on the list of hosts that Haveld may fetch from');
});

test('a page that says another licence by now is told where its rights stand, and left with a reason', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/arrivals/sources?words=coil');
  await page.getByRole('region', { name: 'Rope coil' }).getByRole('button', { name: 'Take GLB' }).click();
  await expect(comingIn(page).getByRole('link', { name: 'Rope coil' })).toBeVisible();
  await page.goto('/arrivals');
  const arrival = page.getByRole('region', { name: 'rope_coil_512.glb' });
  await arrival.getByRole('button', { name: 'To the bench' }).click();
  await page.waitForURL(/\/bench\/[0-9a-f-]{36}$/);
  const id = new URL(page.url()).pathname.split('/').at(-1);
  await page.goto(`/rights?asset=${id}`);
  const watch = page.getByRole('region', { name: 'Source page' });
  await watch.getByRole('button', { name: 'Check now' }).click();
  await expect(watch).toContainText('Unchanged when checked');
  await misbehave(page, 'rope-coil', 'licence-changed', 9);
  await watch.getByRole('button', { name: 'Check now' }).click();
  await expect(watch).toContainText('CC BY 4.0 → CC BY-NC 4.0');
  await watch.getByRole('link', { name: 'Saved copy of the page' }).click();
  await expect(page.getByRole('region', { name: 'Text of the page' })).toContainText('CC BY-NC 4.0');
  await expect(page.frameLocator('iframe').getByRole('heading', { name: 'Rope coil' })).toBeVisible();
  expect(await listFaults(page)).toEqual([]);
  await page.goBack();
  await watch.getByRole('textbox').fill('taken under CC BY before the page changed');
  await watch.getByRole('button', { name: 'Leave it as it came' }).click();
  await expect(watch).toContainText('left as it came by Maja Lindqvist');
});

test('a bookmark hands over the page one stands on: it is shown, kept after a click, and says whose the download is', async ({
  page,
  context,
}) => {
  await signIn(page);
  await page.goto('/arrivals/from-page');
  const bookmark = await page.getByText('Save page in Haveld').getAttribute('href');
  const site = await context.newPage();
  await site.goto('http://quayside-models.localhost:4392/models/bell-buoy');
  const [handed] = await Promise.all([
    context.waitForEvent('page'),
    site.evaluate((code) => window.location.assign(code), bookmark!),
  ]);
  await expect(handed.getByRole('region', { name: 'What the page says' })).toContainText('Tor Aldersund');
  await handed.getByRole('button', { name: 'Save page' }).click();
  await expect(handed.getByRole('region', { name: 'page of bell-buoy.html' })).toBeVisible();
});
