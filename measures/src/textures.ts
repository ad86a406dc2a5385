import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { readFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { LAYOUT_KINDS, LATER_KINDS } from '@haveld/core/testing/broken-layouts';
import { createRandom } from '@haveld/core/testing/random';
import { reducePicture } from '@haveld/core/textures/convert/reduce-picture';
import { judgeMapSet } from '@haveld/core/textures/judging/judge-map-set';
import { scoreLayouts } from '@haveld/core/textures/relink/judge-layouts';
import { matchReferences } from '@haveld/core/textures/relink/match-references';
import { lookAtMap } from '@haveld/engine/pictures/look-at-map';
import { sharpCodec } from '@haveld/engine/pictures/sharp-codec';
import { FolderStore } from '@haveld/engine/store/folder-store';

// Maps: relinking by kind of breakage; relinking a kit of 200 pieces with 800 references (aim 2 s); looking at 2K maps (aim 25 a
// second on two cores); reducing 4K to 2K against sharp alone (aim 1.2); memory of one 16K PNG. `looking` and `large` run again as
// processes of their own.
const [, , part] = process.argv;
if (part === 'looking') await lookAtMany(12);
else if (part === 'large') await lookAtLarge();
else {
  printLayouts('kinds written before the rules', LAYOUT_KINDS, 560);
  printLayouts('kinds written later', LATER_KINDS, 200);
  measureKit();
  measureLooking();
  await measureReducing();
  spawnSync(process.execPath, [process.argv[1], 'large'], { stdio: 'inherit' });
}

function printLayouts(
  words: string,
  kinds: readonly (typeof LAYOUT_KINDS | typeof LATER_KINDS)[number][],
  count: number,
): void {
  console.log(`\n${count} broken layouts, ${words}: right, asked, wrong`);
  const total = [0, 0, 0];
  for (const [kind, { right, asked, wrong }] of scoreLayouts(count, 20261126, kinds)) {
    console.log(`  ${kind.padEnd(64)} ${right} ${asked} ${wrong}`);
    [right, asked, wrong].forEach((value, i) => (total[i] += value));
  }
  const all = total[0] + total[1] + total[2];
  console.log(`  all ${total.join(' ')}: ${((total[1] / all) * 100).toFixed(1)} % asked`);
}

function measureKit(): void {
  const roles = ['diff', 'nrm', 'rough', 'ao'] as const;
  const slots = ['baseColor', 'normal', 'roughness', 'occlusion'] as const;
  const words = ['oak', 'iron', 'rope', 'brass', 'sail', 'lamp', 'quay', 'gull', 'post', 'chart'];
  const pieces = Array.from({ length: 200 }, (_, i) => `${words[i % 10]}_${words[Math.floor(i / 10) % 10]}_${i}`);
  const wanted = pieces.flatMap((piece) =>
    roles.map((role, r) => ({ material: piece, slot: slots[r], references: [`D:\\kit\\maps\\${piece}_${role}.tga`] })),
  );
  const paths = pieces.flatMap((piece) => roles.map((role) => `kit/textures/T_${piece}_${role}.png`));
  const started = performance.now();
  const judged = judgeMapSet(paths.map((path) => ({ path, measures: null, slot: null })));
  const decisions = matchReferences(
    wanted,
    paths.map((path, i) => ({ path, sha256: path, place: 'sibling' as const, sameAuthor: true, judged: judged[i] })),
  );
  const sure = decisions.filter((decision) => decision.sure).length;
  console.log(
    `\na kit of 200 pieces, 800 references, all renamed: ${((performance.now() - started) / 1000).toFixed(2)} s, ${sure} sure`,
  );
}

/** A noisy 2K picture is the slow case: it packs badly. */
async function createLargePng(side: number): Promise<Buffer> {
  const tile = Buffer.alloc(512 * 512 * 3);
  const random = createRandom(7);
  for (let i = 0; i < tile.length; i++) tile[i] = 96 + ((i >> 3) % 64) + Math.floor(random() * 16);
  const source = await sharp(tile, { raw: { width: 512, height: 512, channels: 3 } })
    .png()
    .toBuffer();
  return sharp({ create: { width: side, height: side, channels: 3, background: '#000' }, limitInputPixels: false })
    .composite([{ input: source, tile: true }])
    .png({ compressionLevel: 3 })
    .toBuffer();
}

function measureLooking(): void {
  const started = performance.now();
  const lanes = [0, 1].map(() => `"${process.execPath}" "${process.argv[1]}" looking`);
  const { stdout } = spawnSync('sh', ['-c', `${lanes[0]} & ${lanes[1]} & wait`], { encoding: 'utf8' });
  const rates = [...stdout.matchAll(/rate ([\d.]+)/g)].map(([, rate]) => Number(rate));
  console.log(
    `\nlooking at 2K PNGs on two cores: ${rates.reduce((sum, rate) => sum + rate, 0).toFixed(1)} a second (each lane ${rates.join(' and ')}; ${((performance.now() - started) / 1000).toFixed(0)} s with the start)`,
  );
}

async function lookAtMany(times: number): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'haveld-look-'));
  const store = new FolderStore(folder);
  const png = new Uint8Array(await createLargePng(2048));
  const hash = createHash('sha256').update(png).digest('hex');
  await lookAtMap(png, hash, store);
  const started = performance.now();
  for (let i = 0; i < times; i++) await lookAtMap(png, hash, store);
  console.log(`rate ${(times / ((performance.now() - started) / 1000)).toFixed(2)}`);
  rmSync(folder, { recursive: true, force: true });
}

async function measureReducing(): Promise<void> {
  const png = new Uint8Array(await createLargePng(4096));
  const alone: number[] = [];
  const ours: number[] = [];
  for (let i = 0; i < 5; i++) {
    let started = performance.now();
    await sharp(png).resize(2048, 2048).png({ compressionLevel: 6, adaptiveFiltering: true }).toBuffer();
    alone.push(performance.now() - started);
    started = performance.now();
    await sharpCodec.encodePng(reducePicture(await sharpCodec.decode(png), 2048, 2048, 'colour'));
    ours.push(performance.now() - started);
  }
  const [theirs, own] = [alone, ours].map((times) => times.sort((a, b) => a - b)[2]);
  console.log(
    `\nreducing 4K to 2K, in light: ${own.toFixed(0)} ms a map; sharp alone, as the bytes are: ${theirs.toFixed(0)} ms; ratio ${(own / theirs).toFixed(2)}`,
  );
}

async function lookAtLarge(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'haveld-look-'));
  const path = join(folder, 'large.png');
  // made by a process of its own, so that its memory is not counted
  spawnSync(
    process.execPath,
    [
      '-e',
      `require(${JSON.stringify(join(process.cwd(), 'node_modules/sharp'))})({ create: { width: 16384, height: 16384, channels: 3, background: '#667788' }, limitInputPixels: false }).png({ compressionLevel: 1 }).toFile(${JSON.stringify(path)})`,
    ],
    {
      stdio: 'inherit',
    },
  );
  const bytes = new Uint8Array(readFileSync(path));
  const before = process.memoryUsage.rss();
  const started = performance.now();
  const facts = await lookAtMap(bytes, 'x'.repeat(64), new FolderStore(join(folder, 'store')));
  const peak = process.resourceUsage().maxRSS * 1024;
  console.log(
    `\none PNG of 16384 × 16384: ${((performance.now() - started) / 1000).toFixed(1)} s, peak ${Math.round(peak / 2 ** 20)} MiB (${Math.round(before / 2 ** 20)} before); ${facts.problem ?? `${facts.width} × ${facts.height}`}`,
  );
  rmSync(folder, { recursive: true, force: true });
}
