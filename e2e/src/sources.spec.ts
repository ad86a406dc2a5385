import { expect, test, type Page } from '@playwright/test';
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
