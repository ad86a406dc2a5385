import { expect, test, type Page } from '@playwright/test';
import { listFaults } from './faults';
import { signIn } from './library';

/** Main views, with something that is there once they are. */
const VIEWS: { path: string; ready: (page: Page) => Promise<void> }[] = [
  { path: '/arrivals', ready: (page) => expect(page.getByRole('region', { name: 'signal_flags.zip' })).toBeVisible() },
  { path: '/bench', ready: (page) => expect(page.getByRole('link', { name: /Signal mast/ })).toBeVisible() },
  { path: '/catalogue', ready: (page) => expect(page.getByRole('img', { name: /Bell buoy/ })).toBeVisible() },
  {
    path: '/catalogue?pictures=frame',
    ready: (page) => expect(page.getByRole('article', { name: /Bell buoy/ })).toBeVisible(),
  },
  {
    path: '/catalogue?pictures=list&words=bouy&state=any',
    ready: (page) => expect(page.getByRole('link', { name: /Bell buoy/ })).toBeVisible(),
  },
  {
    path: '/catalogue?pictures=sizes',
    ready: (page) => expect(page.getByRole('img', { name: /Bell buoy/ })).toBeVisible(),
  },
  { path: '/projects', ready: (page) => expect(page.getByRole('link', { name: /Tide House/ })).toBeVisible() },
  { path: '/rights', ready: (page) => expect(page.getByText('What was said when')).toBeVisible() },
  { path: '/rights/ledger', ready: (page) => expect(page.getByRole('link', { name: 'Signal mast' })).toBeVisible() },
  {
    path: '/rights/licences',
    ready: (page) => expect(page.getByRole('heading', { name: 'Licences in use' })).toBeVisible(),
  },
  {
    path: '/rights/licences/CC-BY-NC-4.0',
    ready: (page) => expect(page.getByText('May not be used to earn money.')).toBeVisible(),
  },
  { path: '/rights/rules', ready: (page) => expect(page.getByLabel('The house and Own work')).toBeVisible() },
  {
    path: '/arrivals/giving',
    ready: (page) => expect(page.getByRole('button', { name: 'Make a link' }).first()).toBeVisible(),
  },
  {
    path: '/arrivals/from-page',
    ready: (page) => expect(page.getByText('Save page in Haveld')).toBeVisible(),
  },
  { path: '/people', ready: (page) => expect(page.getByText('Tjark Sundholm')).toBeVisible() },
  { path: '/me', ready: (page) => expect(page.getByText('this one')).toBeVisible() },
  { path: '/inbox', ready: (page) => expect(page.getByText('Nothing in the inbox yet')).toBeVisible() },
  { path: '/health', ready: (page) => expect(page.getByRole('heading', { name: 'Bytes' })).toBeVisible() },
];

/** From a small window to a large one; looking at things works on a hand-held screen. */
const WIDTHS = [820, 2560];
const HAND_HELD = 390;

/** @returns widths at which something stands beyond the edge of the window, pixels */
async function listCutWidths(page: Page, widths: readonly number[]): Promise<number[]> {
  const before = page.viewportSize()!;
  const cut: number[] = [];
  for (const width of widths) {
    await page.setViewportSize({ width, height: before.height });
    const reaches = await page.evaluate(() => document.documentElement.scrollWidth);
    if (reaches > width) cut.push(width);
  }
  await page.setViewportSize(before);
  return cut;
}

test('every main view is free of faults, in light colours and in dark ones', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
  expect(await listFaults(page)).toEqual([]);
  await signIn(page);
  for (const { path, ready } of VIEWS) {
    await page.goto(path);
    await ready(page);
    expect(await listFaults(page), path).toEqual([]);
    expect(await listCutWidths(page, WIDTHS), path).toEqual([]);
  }
  await page.goto('/arrivals');
  await page.getByRole('link', { name: 'See 12 pieces: Quay furniture' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Quay furniture' })).toBeVisible();
  expect(await listFaults(page), 'contact sheet').toEqual([]);
  await page.goto('/arrivals');
  await page.getByRole('link', { name: 'Compare: Boje' }).click();
  await expect(page.getByRole('table')).toBeVisible();
  expect(await listFaults(page), 'duplicates').toEqual([]);
  await page.goto('/arrivals');
  await page.getByRole('link', { name: 'Sort by hand: signal_flags.zip' }).click();
  await expect(page.getByRole('list', { name: 'Files as received' })).toBeVisible();
  expect(await listFaults(page), 'sorting by hand').toEqual([]);
  await page.goto('/arrivals/sources');
  await expect(page.getByRole('button', { name: /^Take/ }).first()).toBeVisible();
  await page
    .getByRole('button', { name: /editions$/ })
    .first()
    .click();
  expect(await listFaults(page), 'sources').toEqual([]);
  await page.goto('/arrivals/folders');
  await expect(page.getByRole('heading', { name: 'Watched folders' })).toBeVisible();
  expect(await listFaults(page), 'watched folders').toEqual([]);
  await page.goto('/arrivals/sources/tidewrack');
  await expect(page.getByRole('region', { name: 'Terms of Tidewrack Exchange' })).toBeVisible();
  expect(await listFaults(page), 'a source').toEqual([]);
  await page.goto('/arrivals/habits');
  await page.getByRole('button', { name: 'New naming habit' }).click();
  expect(await listFaults(page), 'habits').toEqual([]);
  await page.goto('/bench/treatments');
  await expect(page.getByRole('article', { name: 'Tidy fittings' })).toBeVisible();
  expect(await listFaults(page), 'house treatments').toEqual([]);
  await page.getByRole('button', { name: 'Change: Tidy fittings' }).click();
  await expect(page.getByRole('form', { name: 'A house treatment' })).toBeVisible();
  expect(await listFaults(page), 'a house treatment').toEqual([]);
  await page.getByRole('button', { name: 'Cancel' }).click();
  await page.getByRole('button', { name: 'Try it: Tidy fittings' }).click();
  await expect(page.getByText(/nothing is done yet/)).toBeVisible({ timeout: 60_000 });
  expect(await listFaults(page), 'a trial run').toEqual([]);
  expect(await listCutWidths(page, WIDTHS), 'a trial run').toEqual([]);
  await page.goto('/catalogue');
  await expect(page.getByRole('img', { name: /Bell buoy/ })).toBeVisible();
  expect(await listCutWidths(page, [HAND_HELD]), 'catalogue').toEqual([]);
  await page.getByRole('button', { name: 'list', exact: true }).click();
  await expect(page.getByRole('listitem').first()).toBeVisible();
  expect(await listCutWidths(page, [HAND_HELD, 820]), 'catalogue, a line each').toEqual([]);
  await page.getByRole('button', { name: 'true to scale' }).click();
  await page.getByRole('link', { name: 'Bell buoy, red' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Bell buoy, red' })).toBeVisible();
  expect(await listCutWidths(page, [HAND_HELD]), 'page of an asset').toEqual([]);
  await page.goto('/bench');
  await page.getByRole('link', { name: /Signal mast/ }).click();
  await expect(page.locator('.finding.in-hand')).toBeVisible();
  await expect(page.locator('.stage-bar').first()).toBeVisible();
  expect(await listFaults(page), 'bench sheet').toEqual([]);
  expect(await listCutWidths(page, WIDTHS), 'bench sheet').toEqual([]);
  await page.getByRole('button', { name: 'Collision shape' }).click();
  await expect(page.getByRole('region', { name: 'Collision shape' }).getByText('fits best')).toBeVisible();
  expect(await listFaults(page), 'collision shape').toEqual([]);
  await page.goto('/bench');
  await page.getByRole('link', { name: /Lamp room shelf/ }).click();
  await page.getByRole('link', { name: /All maps on one sheet/ }).click();
  await expect(page.locator('.map-cell img').first()).toBeVisible();
  expect(await listFaults(page), 'sheet of maps').toEqual([]);
  await page.goto('/bench');
  await page.getByRole('link', { name: /hut/i }).first().click();
  await page.getByRole('link', { name: /All parts on one sheet/ }).click();
  await page.getByRole('grid', { name: 'Parts of the model' }).getByRole('row').nth(2).click();
  await expect(page.locator('.part-picture img').first()).toBeVisible();
  expect(await listFaults(page), 'sheet of parts').toEqual([]);
  await page.getByRole('button', { name: /Its surface/ }).click();
  await expect(page.getByRole('region', { name: 'Its surface' })).toBeVisible();
  expect(await listFaults(page), 'surface of a part').toEqual([]);
  await page.goto('/catalogue');
  await page.getByRole('link', { name: 'Bell buoy, red' }).click();
  await expect(page.locator('.stage-bar')).toBeVisible();
  expect(await listFaults(page), 'asset').toEqual([]);
  await page.getByRole('button', { name: 'Hand over' }).click();
  await expect(page.getByRole('dialog')).toContainText('allowed');
  expect(await listFaults(page), 'hand-over').toEqual([]);
  await page.goto('/projects');
  await page.getByRole('link', { name: /Tide House/ }).click();
  await expect(page.getByRole('article').first()).toBeVisible();
  expect(await listFaults(page), 'project').toEqual([]);
  await page.getByRole('link', { name: 'Rights and credits' }).click();
  await expect(page.getByText('Name the author, the source and the licence')).toBeVisible();
  expect(await listFaults(page), 'project rights').toEqual([]);
  await page.getByRole('link', { name: 'To the project' }).click();
  await page.getByRole('button', { name: 'What it is for' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  expect(await listFaults(page), 'project form').toEqual([]);
  await page.goto('/rights/licences');
  await page.getByRole('button', { name: 'New house licence' }).click();
  expect(await listFaults(page), 'licence form').toEqual([]);
  await page.goto('/rights');
  await page.getByRole('button', { name: 'Decide with a reason' }).click();
  expect(await listFaults(page), 'decide form').toEqual([]);
});
