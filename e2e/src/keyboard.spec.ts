import { expect, test, type Page } from '@playwright/test';
import { createRealDownload, PERSON, signIn } from './library';

/** Presses Tab until something of this name has the focus. */
async function tabTo(page: Page, name: RegExp, limit = 180): Promise<void> {
  for (let i = 0; i < limit; i++) {
    const focused = await page.evaluate(() => {
      const element = document.activeElement as HTMLElement | null;
      if (element === document.body || element?.tagName === 'MAIN') return '';
      const labels =
        element && 'labels' in element
          ? [...((element.labels as NodeListOf<HTMLElement>) ?? [])].map((label) => label.innerText)
          : [];
      const labelled =
        element
          ?.getAttribute('aria-labelledby')
          ?.split(' ')
          .map((id) => document.getElementById(id)?.innerText ?? '') ?? [];
      return [element?.getAttribute('aria-label'), ...labelled, ...labels, element?.innerText]
        .filter(Boolean)
        .join(' ');
    });
    if (name.test(focused)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`tabTo: nothing named ${name} can be reached`);
}

test('the whole journey goes with the keyboard alone', async ({ page }) => {
  await page.goto('/');
  await tabTo(page, /Name/);
  await page.keyboard.type(PERSON.signIn);
  await page.keyboard.press('Tab');
  await page.keyboard.type(PERSON.password);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('navigation', { name: 'The way of a model' })).toBeVisible();

  const zip = await createRealDownload(
    'part-1.zip',
    'm001',
    'Pantry by LucaPresidente\nThe pantry is 141 cm high.\nhttps://models.example/pantry\n',
  );
  // listened to from the start: a key is faster than the wish to be told of the dialog it opens
  page.on(
    'filechooser',
    (chooser) => void chooser.setFiles({ name: 'pantry.zip', mimeType: 'application/zip', buffer: zip }),
  );
  await page.reload();
  await tabTo(page, /Drop files/);
  await page.keyboard.press('Enter');
  const find = page.getByRole('region', { name: 'pantry.zip' }).first().getByRole('article');
  await expect(find.getByRole('button', { name: /^To the bench/ })).toBeVisible();
  const findName = (await find.getAttribute('aria-label'))!;
  await tabTo(page, new RegExp(`To the bench: ${findName}`));
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Condition' })).toBeVisible();

  // what is sure is done; then whatever is in hand, the licence with a reason
  // the archive grants two licences at the receiver's choice: one is chosen in the form
  await tabTo(page, /Free Art 1\.3 or CC BY 3\.0/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^Correct it$/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^Licence/);
  await page.keyboard.type('Free Art License 1.3');
  // the list of licences may still be on its way; without it Enter would choose nothing
  await expect(page.getByRole('option', { name: /Free Art License 1\.3/ })).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await tabTo(page, /^Save$/);
  await page.keyboard.press('Enter');
  await expect(page.locator('.finding-title', { hasText: 'Free Art 1.3 or' })).toHaveCount(0);
  for (
    let i = 0;
    i < 30 &&
    (await page
      .locator('.finding-line', {
        has: page.locator('[aria-label="look at this"], [aria-label="cannot be catalogued"]'),
      })
      .count()) > 0;
    i++
  ) {
    const inHand = page.locator('.finding.in-hand');
    await expect(inHand).toBeVisible();
    const title = await inHand.locator('.finding-title').innerText();
    if (
      await inHand
        .locator('input[type=radio], .finding-acts button:has-text("Take"), .finding-acts button:has-text("Relink")')
        .first()
        .isVisible()
    )
      await page.keyboard.press('Enter');
    else {
      await page.keyboard.press('s');
      await page.keyboard.type('looked at it');
      await page.keyboard.press('Enter');
    }
    await expect(page.locator('.finding.in-hand .finding-title', { hasText: title })).toHaveCount(0);
  }
  await page.keyboard.press('c');
  await expect(page.locator('.stage-label')).toHaveCount(1);
  await page.keyboard.press('f');
  await tabTo(page, /^Catalogue$/);
  await page.keyboard.press('Enter');
  await tabTo(page, /Catalogue it/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('link', { name: 'Its page' })).toBeVisible({ timeout: 60_000 });

  await page.keyboard.press('/');
  await page.keyboard.type('mobiletto');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: '1 fits' })).toBeVisible();
  await tabTo(page, /Choose /);
  await page.keyboard.press('Space');
  await tabTo(page, /Hand over 1/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toContainText('allowed with obligations');
  await tabTo(page, /^Hand over$/);
  await page.keyboard.press('Enter');
  await expect(page.getByText('Read back after writing').first()).toBeVisible({ timeout: 60_000 });
  await tabTo(page, /: fetch /);
  const download = page.waitForEvent('download');
  await page.keyboard.press('Enter');
  expect((await download).suggestedFilename()).toMatch(/\.zip$/);
});

test('an access key goes to its station, as the browser has them', async ({ page }) => {
  await signIn(page);
  const session = await page.context().newCDPSession(page);
  // Playwright presses a letter with Alt without its text, by which the browser knows access keys
  const pressAlt = (letter: string) =>
    session.send('Input.dispatchKeyEvent', {
      type: 'keyDown',
      modifiers: 1,
      key: letter,
      text: letter,
      unmodifiedText: letter,
      windowsVirtualKeyCode: letter.toUpperCase().charCodeAt(0),
    });
  await pressAlt('c');
  await expect(page).toHaveURL(/\/catalogue$/);
  await pressAlt('b');
  await expect(page.getByRole('heading', { name: 'On the bench' })).toBeVisible();
});

test('? lists the keys, and Escape closes it', async ({ page, request }) => {
  await request.post('/api/sign-in', { data: PERSON });
  await page.context().addCookies((await request.storageState()).cookies);
  await page.goto('/arrivals');
  await expect(page.getByRole('heading', { name: 'Arrivals' })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});
