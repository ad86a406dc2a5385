import { expect, test } from '@playwright/test';
import { signIn } from './library';

// An open model of Debian's assimp-testmodels: 9 bones, one clip, in centimetres
const REAL = '/usr/share/assimp/models/FBX/huesitos.fbx';

test('a real animated FBX shows what it is, and plays on the bench', async ({ page }) => {
  await signIn(page);
  await page.locator('input[aria-label="Files to bring in"]').setInputFiles(REAL);
  const find = page.getByRole('region', { name: 'huesitos.fbx' }).getByRole('article');
  await find.getByRole('button', { name: /^To the bench/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Huesitos' })).toBeVisible();

  const card = page.locator('.source-card');
  await expect(card.locator('summary').first()).toContainText('FBX 7.4 binary');
  await expect(card.locator('summary').first()).toContainText('cm');
  await expect(card.locator('summary').first()).toContainText('1 clip');
  if ((await card.getAttribute('open')) === null) await card.locator('summary').first().click();
  await expect(card).toContainText('written by');
  await expect(card).toContainText('joints');

  const bar = page.getByRole('group', { name: 'Motion' });
  await expect(bar).toContainText('at rest');
  await page.locator('.stage-bar').first().waitFor();
  const stage = page.locator('.stage canvas');
  const atRest = await stage.screenshot();
  await page.keyboard.press('p');
  await expect(bar.getByRole('button', { name: 'Stop' })).toBeVisible();
  await page.keyboard.press('p');
  await expect(bar.getByRole('button', { name: 'Play' })).toBeVisible();

  // a moment in the middle of the clip is another picture than the rest
  const moment = bar.getByRole('slider', { name: /Moment/ });
  await moment.fill('0.8');
  await expect(bar).toContainText(/0\.\d\d of \d\.\d\d s/);
  await expect(async () => expect((await stage.screenshot()).equals(atRest)).toBe(false)).toPass();
});
