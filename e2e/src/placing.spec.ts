import { expect, test, type Page } from '@playwright/test';
import { createRealDownload, signIn } from './library';

/** Clicks the model in the middle of the treated half of the view, at a share of its height. */
async function clickModel(page: Page, across: number, down: number): Promise<void> {
  const box = (await page.locator('.stage-hand').boundingBox())!;
  await page.mouse.click(box.x + box.width * across, box.y + box.height * down);
}

const sizeOf = (page: Page) => page.locator('.figures > div', { hasText: 'size' }).first();

test('a real cupboard gets its size from two places on it, turns about its pivot, and takes a picked one', async ({
  page,
}) => {
  await signIn(page);
  const zip = await createRealDownload('part-1.zip', 'm003', 'A thing by LucaPresidente\n');
  await page.goto('/arrivals');
  page.on(
    'filechooser',
    (chooser) => void chooser.setFiles({ name: 'placing.zip', mimeType: 'application/zip', buffer: zip }),
  );
  await page.getByRole('button', { name: /Drop archives/ }).click();
  const arrival = page.getByRole('region', { name: 'placing.zip' });
  await arrival.getByRole('button', { name: /^To the bench/ }).click();
  await expect(page.getByRole('region', { name: 'Condition' })).toBeVisible();
  await expect(page.locator('.stage-bar').first()).toBeVisible();
  // the treated model alone, so that the middle of the view is the model
  await page.keyboard.press('c');
  await expect(page.getByText('as received')).toHaveCount(0);

  await page.locator('[data-key="size"]').click();
  await page.getByLabel('Known size').click();
  await page.getByRole('option', { name: 'two places' }).click();
  // the list fades away over the view
  await expect(page.locator('.MuiPopover-root')).toHaveCount(0);
  await clickModel(page, 0.5, 0.4);
  await expect(page.getByText('Now the other end.')).toBeVisible();
  await clickModel(page, 0.5, 0.6);
  await expect(page.getByText('Write how far apart they are')).toBeVisible();
  const before = await sizeOf(page).innerText();
  await page.getByPlaceholder('78 cm').fill('40 cm');
  await page.getByRole('button', { name: /^Take × / }).click();
  await expect(page.locator('[data-key="size"]')).toContainText('measured 0.40 m');
  await expect(sizeOf(page)).not.toHaveText(before);

  await page.keyboard.press('t');
  await expect(page.getByRole('button', { name: 'Stand still' })).toBeVisible();
  await page.getByRole('button', { name: 'Stand still' }).click();

  await page.locator('[data-key="pivot"]').click();
  await page.getByRole('button', { name: 'Pick it on the model' }).click();
  await clickModel(page, 0.5, 0.5);
  await expect(page.locator('[data-key="pivot"]')).toContainText('pivot picked on the model');
  await expect(page.getByText('Pivot to picked point')).toBeVisible();
});
