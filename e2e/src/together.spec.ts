import { expect, test } from '@playwright/test';
import { listFaults } from './faults';
import { signIn } from './library';

test('two people at once: one tags many and asks the other, who is told, answers, and nothing of either is lost', async ({
  page,
  browser,
}) => {
  const other = await (await browser.newContext()).newPage();
  await signIn(page);
  await signIn(other, 'oskar');

  // a span with Shift, and both change the same two things at the same time
  for (const [one, tag] of [
    [page, 'ebb'],
    [other, 'flood'],
  ] as const) {
    await one.goto('/catalogue?pictures=frame&order=name');
    const boxes = one.getByRole('checkbox', { name: /^Choose/ });
    await boxes.nth(0).click();
    await boxes.nth(1).click({ modifiers: ['Shift'] });
    await one.getByRole('button', { name: 'Change …' }).click();
    await one.getByLabel('Add tags').fill(tag);
  }
  expect(await listFaults(page), 'changing many').toEqual([]);
  await Promise.all([page, other].map((one) => one.getByRole('button', { name: 'Change 2', exact: true }).click()));
  for (const one of [page, other]) await expect(one.getByText('2 assets changed.')).toBeVisible();
  for (const tag of ['ebb', 'flood']) {
    await page.goto(`/catalogue?pictures=frame&tag=${tag}`);
    await expect(page.getByRole('checkbox', { name: /^Choose/ })).toHaveCount(2);
  }
  // what one did is undone without touching the other's
  await other.getByRole('button', { name: 'Undo' }).click();
  await expect(other.getByText('Undone for 2 assets.')).toBeVisible();
  await page.goto('/catalogue?pictures=frame&tag=ebb');
  await expect(page.getByRole('checkbox', { name: /^Choose/ })).toHaveCount(2);
  await page.goto('/catalogue?pictures=frame&tag=flood');
  await expect(page.getByText('Nothing fits this question')).toBeVisible();

  // a remark pinned to a place finds who is mentioned
  await page.goto('/catalogue');
  await page.getByRole('link', { name: 'Bell buoy, red' }).click();
  await page.getByRole('button', { name: 'Pin it to a place' }).click();
  await expect(page.getByText('Click the place the remark is about.')).toBeVisible();
  const view = page.getByRole('application');
  const { width, height } = (await view.boundingBox())!;
  await view.click({ position: { x: width / 2, y: height * 0.6 } });
  await expect(page.getByRole('button', { name: 'pinned to a place ✕' })).toBeVisible();
  await page.getByLabel(/^New remark/).fill('Is this dent real, @oskar?');
  await page.getByRole('button', { name: 'Add remark' }).click();
  await expect(page.getByRole('article', { name: /^Remark by/ })).toContainText('Is this dent real');
  expect(await listFaults(page), 'remarks').toEqual([]);

  await other.goto('/inbox');
  await expect(other.getByText('1 unread')).toBeVisible();
  expect(await listFaults(other), 'an inbox').toEqual([]);
  await other.getByRole('link', { name: /Bell buoy, red/ }).click();
  await other.getByRole('button', { name: 'Answer' }).click();
  await other.getByLabel('Answer').fill('It is on the photograph.');
  await other.getByRole('button', { name: 'Answer' }).click();
  await expect(other.getByText('It is on the photograph.')).toBeVisible();
  // it comes to whoever looks at it without being asked again
  await expect(page.getByText('It is on the photograph.')).toBeVisible();
  await page.getByRole('button', { name: 'Resolve' }).click();
  await expect(page.getByRole('button', { name: 'Show 1 resolved remark' })).toBeVisible();
});

test('a corrected treatment makes the next version: what differs is seen, and a project takes it or stays', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/catalogue');
  await page.getByRole('link', { name: 'Chart table oak' }).click();
  await page.getByRole('link', { name: 'On the bench' }).click();
  await page
    .getByRole('button', { name: /^switch off/i })
    .first()
    .click();
  await page.getByRole('button', { name: 'New version' }).click();
  await page.getByRole('button', { name: 'Make it' }).click();
  await page.goto('/projects');
  await expect(page.getByText('1 newer version')).toBeVisible();
  await page.getByRole('link', { name: /Tide House/ }).click();
  await page.getByRole('link', { name: 'See what differs' }).click();
  await expect(page.getByRole('heading', { name: /differs?( in figures)?$/ })).toBeVisible();
  await expect(page.getByText('no more')).toBeVisible();
  expect(await listFaults(page), 'two versions').toEqual([]);
  await page.goBack();
  await page.getByRole('button', { name: /^Stay with version 1/ }).click();
  await expect(page.getByText('It stays with version 1; version 2 was left.')).toBeVisible();
});
