import { expect, test, type Page } from '@playwright/test';
import { signIn } from './library';

/** Opens the sheet of parts of the station hut: put together from three downloads, it needs all of it. */
async function openParts(page: Page): Promise<void> {
  await signIn(page);
  await page.goto('/bench');
  await page.getByRole('link', { name: /hut/i }).first().click();
  await expect(page.getByRole('region', { name: 'Condition' })).toBeVisible();
  await page.getByRole('link', { name: /All parts on one sheet/ }).click();
  await expect(plan(page).getByRole('row').nth(1)).toBeVisible();
}

const plan = (page: Page) => page.getByRole('grid', { name: 'Parts of the model' });
const line = (page: Page, name: string) =>
  plan(page)
    .getByRole('row')
    .filter({ has: page.getByText(name, { exact: true }) });
const steps = (page: Page) => page.getByRole('region', { name: 'Steps on its parts' });
const offer = (page: Page, words: RegExp) => page.getByRole('article').filter({ hasText: words });

test('a hut of three downloads is put in order: what is offered is taken, the rest by mouse, and the last is undone', async ({
  page,
}) => {
  await openParts(page);
  await expect(page.getByText(/^41 parts$/)).toBeVisible();
  // a wall that came twice goes; sixteen screws become one; what has no name gets one
  await offer(page, /exactly where an equal one stands/)
    .getByRole('button')
    .last()
    .click();
  await expect(page.getByText(/^40 parts$/)).toBeVisible();
  await offer(page, /small parts could be one/)
    .getByRole('button')
    .last()
    .click();
  await expect(steps(page)).toContainText('16 parts joined');
  await offer(page, /no name of their own/)
    .getByRole('button')
    .last()
    .click();
  await expect(line(page, 'white_wood_rod_front_left')).toBeVisible();

  // a part is drawn onto another, and keeps its place; long lists draw only what is near, so that both are searched for
  await page.getByRole('searchbox', { name: /Find parts/ }).fill('wall_*');
  await expect(plan(page).getByRole('row')).toHaveCount(4);
  const [from, onto] = [line(page, 'wall_right'), line(page, 'wall_back')];
  const [start, end] = [await from.boundingBox(), await onto.boundingBox()];
  await page.mouse.move(start!.x + 150, start!.y + 20);
  await page.mouse.down();
  await page.mouse.move(start!.x + 160, start!.y + 10, { steps: 4 });
  await page.mouse.move(end!.x + 150, end!.y + 20, { steps: 8 });
  await page.mouse.up();
  await expect(steps(page)).toContainText('wall_right under “wall_back”');

  // a click on the model finds the part on the sheet
  const view = await page.getByRole('application').boundingBox();
  await page.mouse.click(view!.x + view!.width * 0.46, view!.y + view!.height * 0.34);
  await expect(plan(page).getByRole('row', { selected: true })).toHaveCount(1);

  await page.keyboard.press('Control+z');
  await expect(steps(page).getByRole('button', { name: /switch on: wall_right under/ })).toBeVisible();
  // what was done is part of the treatment, and the bench shows the model so
  await page.getByRole('link', { name: 'Back to its condition' }).click();
  await expect(page.getByRole('region', { name: 'Treatment' })).toContainText('16 parts joined');
});

test('by the keyboard alone: found, chosen, grouped, renamed, split into faces and taken back', async ({ page }) => {
  await openParts(page);
  await page.keyboard.press('s');
  await page.keyboard.type('slat*');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: '7 parts chosen' })).toBeVisible();
  await page.keyboard.press('g');
  await expect(steps(page)).toContainText('7 parts grouped as “slat”');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await page.keyboard.press('s');
  await page.keyboard.type('roof');
  await page.keyboard.press('Enter');
  await page.keyboard.press('r');
  await page.keyboard.press('Control+a');
  await page.keyboard.type('roof_sheet');
  await page.keyboard.press('Enter');
  await expect(steps(page)).toContainText('“roof” named “roof_sheet”');
  // twice undone, twice done again: nothing of it is lost
  await page.keyboard.press('Control+z');
  await expect(steps(page).getByRole('button', { name: /switch on: “roof” named/ })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(steps(page).getByRole('button', { name: /switch on: 7 parts/ })).toBeVisible();
  await page.keyboard.press('Control+Shift+z');
  await expect(steps(page).getByRole('button', { name: /switch off: 7 parts/ })).toBeVisible();
});

test('a mast that is cracked, inside out in part and open at both ends is a closed one, by the keyboard', async ({
  page,
}) => {
  await openParts(page);
  await page.keyboard.press('s');
  await page.keyboard.type('mast');
  await page.keyboard.press('Enter');
  await page.keyboard.press('j');
  const surface = page.getByRole('region', { name: 'Its surface' });
  await expect(surface).toContainText('not closed, 2 shells');
  await page.keyboard.press('v');
  await expect(surface).toContainText('not closed, 1 shell');
  await expect(surface).toContainText('edges whose two faces look opposite ways');
  await page.keyboard.press('n');
  await expect(surface).toContainText('2 rings of open edges, 2 flat');
  await expect(surface).not.toContainText('the wrong way');
  await page.keyboard.press('h');
  await expect(surface).toContainText('closed, 1 shell');
  await expect(surface).not.toContainText('open edges');
  await page.keyboard.press('z');
  await expect(steps(page)).toContainText('Smooth below 40°');
});

test('a house treatment is written down, tried on the bench, and taken for one model', async ({ page }) => {
  await signIn(page);
  await page.goto('/bench');
  await page.getByRole('link', { name: 'House treatments' }).click();
  await expect(page.getByRole('article', { name: 'Tidy fittings' })).toContainText(
    'join parts of brass below 30 mm as “fittings”',
  );
  await page.getByRole('button', { name: 'New house treatment' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Smooth slats');
  await page.getByRole('combobox', { name: 'Step 1' }).click();
  await page.getByRole('option', { name: 'smooth parts' }).click();
  await page.getByRole('group', { name: 'Step 1' }).getByLabel('named, e.g. screw*').fill('slat*');
  await page.getByRole('button', { name: 'Save' }).click();
  await page.getByRole('button', { name: 'Try it: Smooth slats' }).click();
  await expect(page.getByText(/models looked at, 1 would change · nothing is done yet/)).toBeVisible({
    timeout: 60_000,
  });
  const hut = page.getByRole('row').filter({ hasText: 'Weather station hut' });
  await expect(hut).toContainText('Smooth below 40°');
  await page.keyboard.press('Control+Enter');
  await expect(hut).toContainText('Taken.');
  await hut.getByRole('link', { name: 'Weather station hut' }).click();
  await expect(page.getByRole('region', { name: 'Treatment' })).toContainText('has “Smooth slats”');
});

test('a mast is cut by a line drawn across it, what is hidden is looked for, and coarser levels are made and shown', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/bench');
  await page
    .getByRole('link', { name: /Signal mast/i })
    .first()
    .click();
  await expect(page.getByRole('region', { name: 'Condition' })).toBeVisible();
  await page.keyboard.press('e');
  await expect(plan(page).getByRole('row').nth(1)).toBeVisible();
  await expect(page.getByText('Loading the model …')).toBeHidden();

  // two clicks across its middle
  await page.keyboard.press('Shift+X');
  const view = (await page.getByRole('application').boundingBox())!;
  await page.mouse.click(view.x + view.width * 0.3, view.y + view.height * 0.5);
  await page.mouse.click(view.x + view.width * 0.7, view.y + view.height * 0.45);
  const halves = plan(page).getByRole('row').filter({ hasText: /_cut/ });
  await expect(halves.first()).toBeVisible();
  await expect(steps(page)).toContainText('cut in two');
  await page.keyboard.press('Control+z');
  await expect(halves).toHaveCount(0);

  // in a worker of its own, with what came of it
  await page.keyboard.press('Shift+B');
  await expect(page.getByRole('region', { name: 'Problem faces' })).toBeVisible({ timeout: 30_000 });

  await page.getByRole('link', { name: 'Back to its condition' }).click();
  await expect(page.getByRole('region', { name: 'Condition' })).toBeVisible();
  await page.keyboard.press('g');
  const panel = page.getByRole('region', { name: 'Levels of detail' });
  await panel.getByRole('button', { name: 'Make 3 levels' }).click();
  await expect(panel.getByRole('radio').nth(1)).toBeVisible();
  await expect(panel.getByRole('listitem').nth(1)).toContainText(/deviation, unseen from/);
  await panel.getByRole('radio', { name: /level 1/ }).check();
  await expect(page.getByText('level 1 of detail')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Treatment' })).toContainText('3 coarser levels of detail made');
  // as it was, for who comes after
  await panel.getByRole('button', { name: 'Without', exact: true }).click();
  await expect(panel.getByText('Only the model itself, no coarser levels.')).toBeVisible();
});

test('a part of another asset comes with whose it is, stands where the model was clicked, and goes again with both', async ({
  page,
}) => {
  await openParts(page);
  await expect(page.getByText('Loading the model …')).toBeHidden();
  const before = await page.getByText(/^\d+ parts$/).innerText();
  await page.keyboard.press('Shift+L');
  await page.keyboard.type('bell buoy');
  const panel = page.getByRole('region', { name: 'Borrow from the library' });
  await page.getByRole('option', { name: /Bell buoy, red/ }).click();
  await expect(panel).toContainText(
    'CC BY 4.0, Tor Aldersund; its maps “Weathered paint set”: CC BY-SA 4.0, Runa Vestermoor.',
  );
  await page.getByRole('option', { name: 'all of it' }).click();
  await expect(panel).toContainText('Where does it go?');
  const view = (await page.getByRole('application').boundingBox())!;
  await page.mouse.click(view.x + view.width * 0.47, view.y + view.height * 0.22);
  await expect(panel).toContainText('Click another place to move it.');
  await expect(steps(page)).toContainText('borrowed from');
  await expect(page.getByText(before, { exact: true })).toBeHidden();
  await panel.getByRole('button', { name: 'Done (Esc)' }).click();

  const hut = page.url().split('/').at(-2)!;
  const rights = async () => (await page.request.get(`/api/rights/assets/${hut}`)).json();
  expect((await rights()).further).toMatchObject([
    { author: 'Tor Aldersund', licenceId: 'CC-BY-4.0', lender: { name: 'Bell buoy, red' } },
    { author: 'Runa Vestermoor', licenceId: 'CC-BY-SA-4.0', part: 'maps' },
  ]);
  await steps(page).getByRole('button', { name: /undo/ }).click();
  await expect(page.getByText(before, { exact: true })).toBeVisible();
  expect((await rights()).further).toEqual([]);
});
