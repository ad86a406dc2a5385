import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { chromium } from '@playwright/test';
import { buildAll } from './steps/build.mjs';
import { findFreePort, startDatabase } from './steps/database.mjs';
import { installDependencies, installPackages } from './steps/install.mjs';
import { startSites } from './steps/sites.mjs';

/** Takes the pictures of docs/screenshots from a fresh demo studio. */
const root = resolve(import.meta.dirname, '..');
await installPackages({ forTests: true, database: true });
await installDependencies(root);
await buildAll(root);
const folder = mkdtempSync(join(tmpdir(), 'haveld-shots-'));
const database = await startDatabase(join(folder, 'database'), { quick: true });
await database.create('shots');
const port = await findFreePort();
const sites = await startSites(root);
const server = spawn(process.execPath, [join(root, 'dist/main.js')], {
  env: {
    ...process.env,
    HAVELD_DATABASE_URL: database.url('shots'),
    HAVELD_DATA: folder,
    HAVELD_PORT: String(port),
    HAVELD_STAND_INS: sites.standIns,
  },
  stdio: ['ignore', 'pipe', 'inherit'],
});
await new Promise((ready) => server.stdout.on('data', (chunk) => chunk.toString().includes('demoPeople') && ready()));

const base = `http://127.0.0.1:${port}`;
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium-headless-shell',
  args: [
    '--no-sandbox',
    '--use-angle=swiftshader',
    '--enable-unsafe-swiftshader',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
});
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
const shoot = async (name, settleMs = 1500) => {
  await page.waitForTimeout(settleMs);
  await page.screenshot({ path: join(root, 'docs/screenshots', `${name}.png`) });
  console.log(`docs/screenshots/${name}.png`);
};
const open = async (path, seen) => {
  await page.goto(base + path);
  await page.getByText(seen).first().waitFor();
};

await open('/', 'Sign in');
await page.request.post(`${base}/api/sign-in`, { data: { signIn: 'maja', password: 'harbour-weather' } });
await open('/arrivals', 'signal_flags.zip');
await shoot('arrivals');
await open('/arrivals/sources', 'Mooring post');
await page.getByRole('region', { name: 'Mooring post' }).getByRole('button', { name: 'Take GLB' }).click();
await page.getByRole('region', { name: 'Tide gauge' }).getByRole('button', { name: 'Take GLB' }).click();
await page.getByText('Read its terms and accept them.').waitFor();
await page.getByRole('complementary', { name: 'Downloads' }).getByRole('link', { name: 'Mooring post' }).waitFor();
await page.getByRole('button', { name: 'Fog horn, brass' }).click();
await shoot('sources');
await open('/arrivals', 'signal_flags.zip');
await page.getByRole('link', { name: 'See 12 pieces: Quay furniture' }).click();
await page.getByText('boat_hook').waitFor();
for (const piece of ['crate_large', 'crate_small', 'bench_long', 'bench_short', 'chest_low'])
  await page.getByRole('button', { name: piece }).click();
await shoot('kit');
await page.getByRole('button', { name: '5 pieces to the bench' }).click();
await page.getByRole('link', { name: '5 pieces on the bench' }).click();
await page.getByRole('complementary', { name: 'Pieces' }).waitFor();
await shoot('kit-bench');
await open('/arrivals', 'buoy_export.zip');
await page.getByRole('link', { name: 'Compare: Boje' }).click();
await page.getByRole('table').waitFor();
await shoot('duplicates');
await open('/bench', 'Signal mast');
await page.getByRole('link', { name: /Signal mast/ }).click();
await page.locator('.stage-bar').first().waitFor();
await page.getByText('on the ground', { exact: true }).waitFor();
await page.locator('.finding-line', { hasText: /^\s*Size: / }).click();
await shoot('bench', 3000);
await open('/bench', 'Lamp room shelf');
await page.getByRole('link', { name: /Lamp room shelf/ }).click();
await page.getByRole('link', { name: /All maps on one sheet/ }).click();
await page.locator('.map-cell img').first().waitFor();
await page.keyboard.press('a');
await page.getByRole('button', { name: /Take \d+ sure/ }).waitFor({ state: 'detached' });
await page.waitForTimeout(6000);
await page.getByRole('button', { name: /^oil_can, Base colour/ }).click();
await shoot('maps', 2500);
await open('/bench', 'Weather station hut');
await page.getByRole('link', { name: /Weather station hut/ }).click();
await page.getByRole('link', { name: /All parts on one sheet/ }).click();
await page.locator('.part-picture img').first().waitFor();
await page.getByRole('searchbox', { name: /Find parts/ }).fill('slat*');
await page.getByRole('searchbox', { name: /Find parts/ }).press('Enter');
await page.keyboard.press('g');
await page.getByText('7 parts grouped').waitFor();
await page.keyboard.press('Escape');
await page.getByRole('searchbox', { name: /Find parts/ }).fill('');
await page.getByRole('row', { name: /wall_left_copy/ }).click();
await page.keyboard.press('a');
await shoot('parts', 4000);
await open('/bench/treatments', 'Tidy fittings');
await page.getByRole('button', { name: 'Try it: Tidy fittings' }).click();
await page.getByText(/nothing is done yet/).waitFor();
await shoot('trial', 1500);
await open('/bench', 'Harbour pennant');
await page.getByRole('link', { name: /Harbour pennant/ }).click();
await page.locator('.stage-bar').first().waitFor();
await page.getByText('3.20 m', { exact: true }).waitFor();
await page.locator('.source-card > summary').click();
await page.keyboard.press('p');
await page.waitForTimeout(1200);
await page.keyboard.press('p');
await page.getByRole('slider', { name: /Moment/ }).fill('0.9');
await page.locator('.condition').evaluate((list) => list.scrollTo(0, 0));
await shoot('motion', 2500);
await open('/catalogue', 'Bell buoy');
await shoot('catalogue');
await page.getByRole('link', { name: 'Chart table oak' }).click();
await page.locator('.stage-bar').waitFor();
await shoot('asset', 3000);
await open('/rights', 'Rights to settle');
await page.getByText('What was said when').waitFor();
await shoot('rights');
await open('/rights/ledger', 'Signal mast');
await page.getByRole('checkbox', { name: 'Choose Rope coil' }).check();
await page.getByRole('checkbox', { name: 'Choose Life ring' }).check();
await shoot('ledger');
await open('/rights/rules', 'House rules');
await shoot('house-rules');
await open('/projects', 'Tide House');
await page.getByRole('link', { name: /Tide House/ }).click();
await page.getByRole('heading', { name: 'What it is for' }).waitFor();
await shoot('project');
await page.getByRole('link', { name: 'Rights and credits' }).click();
await page.getByRole('heading', { name: 'Obligations' }).waitFor();
await shoot('project-rights');

await open('/arrivals/giving', 'Make a link');
await page.getByRole('button', { name: 'Make a link' }).first().click();
await page.getByLabel('What it is for').fill('Small things for the quay');
await page
  .getByLabel('Your word to them')
  .fill('Crates, lamps and ropes that may stand in a show about a harbour. Whoever made them is named there.');
await page.getByRole('button', { name: 'Make the link' }).click();
await page.goto(await page.getByText(/\/give#/).innerText());
await page
  .getByLabel('Files to give')
  .setInputFiles({ name: 'rope_locker.zip', mimeType: 'application/zip', buffer: Buffer.alloc(1_840_000) });
await page.getByLabel(/Your name/).fill('Runa Vestermoor');
await page.getByRole('radio', { name: /Attribution 4\.0/ }).click();
await page.getByText('Author: Runa Vestermoor').waitFor();
await shoot('giving');

await open('/bench', 'Barograph cased');
await page.getByRole('button', { name: 'Line them up' }).click();
await page.getByRole('img', { name: /Barograph cased, from the front/ }).waitFor();
await shoot('line-up', 3000);

await browser.close();
server.kill('SIGTERM');
sites.stop();
await new Promise((gone) => server.once('exit', gone));
await database.stop();
rmSync(folder, { recursive: true, force: true });
