import { expect, test, type Page } from '@playwright/test';
import { createRealDownload, signIn } from './library';

/** Clicks the model in the middle of the treated half of the view, at a share of its height. */
async function clickModel(page: Page, across: number, down: number): Promise<void> {
  const box = (await page.locator('.stage-hand').boundingBox())!;
  await page.mouse.click(box.x + box.width * across, box.y + box.height * down);
}

/** Points of the view in the colours of our hatch: what is lit. */
const countLit = (page: Page): Promise<number> =>
  page.locator('.stage canvas').evaluate((view) => {
    const canvas = document.createElement('canvas');
    const { width, height } = view as HTMLCanvasElement;
    Object.assign(canvas, { width, height });
    const context = canvas.getContext('2d')!;
    context.drawImage(view as HTMLCanvasElement, 0, 0);
    const { data } = context.getImageData(0, 0, width, height);
    let lit = 0;
    for (let i = 0; i < data.length; i += 4)
      if (data[i] > 180 && data[i + 1] > 120 && data[i + 1] < 200 && data[i + 2] < 110) lit++;
    return lit;
  });

const sizeOf = (page: Page) => page.locator('.figures > div', { hasText: 'size' }).first();

test('a real cupboard gets its size from two places on it, is tried, stood beside things, and takes a picked pivot', async ({
  page,
}) => {
  await signIn(page);
  const zip = await createRealDownload('part-1.zip', 'm003', 'A thing by LucaPresidente\n');
  await page.goto('/arrivals');
  page.on(
    'filechooser',
    (chooser) => void chooser.setFiles({ name: 'placing.zip', mimeType: 'application/zip', buffer: zip }),
  );
  await page.getByRole('button', { name: /Drop files/ }).click();
  const arrival = page.getByRole('region', { name: 'placing.zip' });
  await arrival.getByRole('button', { name: /^To the bench/ }).click();
  await expect(page.getByRole('region', { name: 'Condition' })).toBeVisible();
  await expect(page.locator('.stage-bar').first()).toBeVisible();
  // the treated model alone and nobody beside it, so that the middle of the view is the model
  await page.keyboard.press('c');
  await expect(page.locator('.stage-label')).toHaveCount(1);
  await page.getByText('Lighting').click();
  await page.getByLabel('a person for scale').uncheck();
  await page.getByText('Lighting').click();

  await page.locator('[data-key="size"]').click();
  await page.getByLabel('Known size').click();
  // a list that is still opening takes no click, and one that fades away lies over the view
  await expect(async () => {
    const option = page.getByRole('option', { name: 'two places' });
    if (await option.isVisible()) await option.click();
    await expect(page.locator('.MuiPopover-root')).toHaveCount(0, { timeout: 3000 });
  }).toPass();
  await expect(page.getByText('Click two places whose distance you know.')).toBeVisible();
  await clickModel(page, 0.5, 0.4);
  await expect(page.getByText('Now the other end.')).toBeVisible();
  await clickModel(page, 0.5, 0.6);
  await expect(page.getByText('Write how far apart they are')).toBeVisible();
  const before = await sizeOf(page).innerText();
  await page.getByPlaceholder('78 cm').fill('40 cm');
  await page.getByRole('button', { name: /^Take × / }).click();
  await expect(page.locator('[data-key="size"]')).toContainText('measured 0.40 m');
  await expect(sizeOf(page)).not.toHaveText(before);

  const trial = (name: string) => page.getByRole('group', { name: 'Try it' }).getByRole('button', { name });
  await page.keyboard.press('t');
  await expect(trial('Turn')).toHaveAttribute('aria-pressed', 'true');
  await trial('Turn').click();
  await expect(trial('Turn')).toHaveAttribute('aria-pressed', 'false');

  // let go where it stands, then piled, then in a row: each says what came of it, and nothing of it is kept
  const steps = await page.getByRole('region', { name: 'Treatment' }).getByRole('listitem').count();
  await page.keyboard.press('d');
  await expect(page.locator('.stage-trials output')).toHaveText(/stands|fell|pushed up|tips over/);
  await trial('Pile of three').click();
  await expect(page.locator('.stage-trials output')).toHaveText(/stand|tips over/);
  await trial('Row of six').click();
  await expect(page.locator('.stage-trials output')).toHaveText(/^6 in a row, every /);
  await trial('Row of six').click();
  await expect(page.getByRole('region', { name: 'Treatment' }).getByRole('listitem')).toHaveCount(steps);

  // beside a door, twice as large by eye
  await page.locator('[data-key="size"]').click();
  await page.getByRole('button', { name: 'door 2 m' }).click();
  await expect(page.locator('.stage-tag', { hasText: 'door 2 m' })).toBeVisible();
  await page.getByLabel('How large it is shown').press('PageUp');
  await page.getByRole('button', { name: /^Take × 1\.\d/ }).click();
  await expect(page.locator('[data-key="size"]')).toContainText('by eye, beside a thing of known size');
  await expect(page.locator('.stage-tag', { hasText: 'door 2 m' })).toHaveCount(0);

  // in the place of what the library has: as large, about the same place, under its name
  await page.locator('[data-key="size"]').click();
  await page.getByLabel('or beside an asset of the library').fill('life ring');
  await page.getByRole('option', { name: /Life ring/ }).click();
  await expect(page.getByText(/In the place of/)).toBeVisible();
  await page.getByRole('button', { name: 'Take its place' }).click();
  await expect(page.locator('[data-key="size"]')).toContainText(/in the place of HV-/);
  await page.locator('[data-key="size"]').click();
  await expect(page.getByText('is handed over under its name')).toBeVisible();
  await page.getByRole('button', { name: 'Give it back' }).click();
  await expect(page.getByText('is handed over under its name')).toHaveCount(0);

  // a quarter round by key, and another: half
  await page.keyboard.press('3');
  await expect(page.locator('[data-key="front-axis"]')).toContainText('turned round by hand, 90°');
  await page.keyboard.press('3');
  await expect(page.locator('[data-key="front-axis"]')).toContainText('turned round by hand, 180°');

  await page.locator('[data-key="pivot"]').click();
  await page.getByRole('button', { name: 'Pick it on the model' }).click();
  await clickModel(page, 0.5, 0.5);
  await expect(page.locator('[data-key="pivot"]')).toContainText('pivot picked on the model');
  await expect(page.getByText('Pivot to picked point')).toBeVisible();
});

test('a finding points: what would not turn lights up, the view goes there, and back again', async ({ page }) => {
  await signIn(page);
  await page.goto('/bench');
  await page
    .getByRole('link', { name: /Barograph cased/ })
    .first()
    .click();
  await expect(page.locator('.stage-bar').first()).toBeVisible();
  const bar = page.locator('.stage-bar.right');
  const whole = (await bar.innerText()).trim();
  expect(await countLit(page)).toBe(0);
  await page.locator('[data-key="part-pivots"]').click();
  await expect.poll(() => countLit(page)).toBeGreaterThan(2000);
  // nearer than it was: the bar stands for less
  await expect(bar).not.toHaveText(whole);
  await page.locator('[data-key="size"]').click();
  await expect.poll(() => countLit(page)).toBe(0);
  await expect(bar).toHaveText(whole);
});
