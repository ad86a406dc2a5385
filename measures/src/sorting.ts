import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { computeShapeSignature } from '@haveld/core/geometry/shape-signature';
import { compareWithTools, HEAD } from './parts/compare-with-tools';
import { median } from './parts/run-timed';
import { Sheet } from './parts/sheet';

// From archives to finds with pictures, against unpacking with the system's own tools and `assimp export` of the same models
// (aim: at most twice their time). Whole processes in turn, medians of 3.
const folder = mkdtempSync(join(tmpdir(), 'haveld-measure-'));

/** A box with its corners moved a little, so that no two are alike. */
function boxObj(name: string, n: number, at: number, from: number): string {
  const lines = [`o ${name}`];
  const size = (k: number): number => 0.5 + ((n * 37 + k * 53) % 50) / 100;
  for (let i = 0; i < 8; i++)
    lines.push(`v ${at + (i & 1 ? size(0) : 0)} ${i & 2 ? size(1) : 0} ${i & 4 ? size(2) : 0}`);
  lines.push('vt 0 0', 'vt 1 0', 'vt 1 1', 'vt 0 1', 'usemtl shared');
  for (const f of [
    [1, 3, 4, 2],
    [5, 6, 8, 7],
    [1, 2, 6, 5],
    [3, 7, 8, 4],
    [2, 4, 8, 6],
    [1, 5, 7, 3],
  ])
    lines.push(`f ${f.map((v, k) => `${v + from}/${k + 1 + (from / 8) * 4}`).join(' ')}`);
  return lines.join('\n');
}

/** Grains of colour, so that a picture is as large as a real map. */
async function writeMap(path: string, side: number): Promise<void> {
  const data = Buffer.alloc(side * side * 3);
  for (let i = 0; i < data.length; i++) data[i] = 120 + (((i * 2654435761) >>> 24) % 60);
  await sharp(data, { raw: { width: side, height: side, channels: 3 } })
    .png()
    .toFile(path);
}

async function writeKit(name: string, asOne: boolean): Promise<{ zip: string; models: string[] }> {
  const home = join(folder, name);
  mkdirSync(join(home, 'maps'), { recursive: true });
  for (const map of ['shared_col', 'shared_nrm', 'shared_rough'])
    await writeMap(join(home, 'maps', `${map}.png`), 1024);
  writeFileSync(
    join(home, 'kit.mtl'),
    'newmtl shared\nmap_Kd maps/shared_col.png\nmap_Bump maps/shared_nrm.png\nmap_Pr maps/shared_rough.png\n',
  );
  const models: string[] = [];
  if (asOne) {
    const text = Array.from({ length: 200 }, (_, i) => boxObj(`piece_${i}`, i, i * 3, i * 8)).join('\n');
    writeFileSync(join(home, 'kit.obj'), `mtllib kit.mtl\n${text}\n`);
    models.push('kit.obj');
  } else
    for (let i = 0; i < 200; i++) {
      writeFileSync(
        join(home, `piece_${String(i).padStart(3, '0')}.obj`),
        `mtllib kit.mtl\n${boxObj(`piece_${i}`, i, 0, 0)}\n`,
      );
      models.push(`piece_${String(i).padStart(3, '0')}.obj`);
    }
  const zip = join(folder, `${name}.zip`);
  execFileSync('7z', ['a', '-bso0', '-mx=1', zip, '.'], { cwd: home });
  return { zip, models };
}

console.log(HEAD);
const one = await writeKit('kit-one', true);
await compareWithTools(
  'kit of 200 pieces in one file, 3 maps of 1K: 201 pictures',
  [one.zip],
  201,
  [['7z', ['x', one.zip, '-oOUT']]],
  one.models,
);
const many = await writeKit('kit-many', false);
await compareWithTools(
  'kit of 200 files, 3 maps of 1K: 200 pictures',
  [many.zip],
  200,
  [['7z', ['x', many.zip, '-oOUT']]],
  many.models,
);

const heap: string[] = [];
const unpack: [string, string[]][] = [];
const models: string[] = [];
for (let i = 0; i < 50; i++) {
  const home = join(folder, `heap${i}`);
  mkdirSync(home);
  const model = `thing${i}.obj`;
  writeFileSync(
    join(home, model),
    `mtllib thing.mtl\n${Array.from({ length: 40 }, (_, k) => boxObj(`part_${k}`, i * 40 + k, k * 0.45, k * 8)).join('\n')}\n`,
  );
  writeFileSync(join(home, 'thing.mtl'), 'newmtl shared\nmap_Kd col.png\n');
  await writeMap(join(home, 'col.png'), 256);
  const kind = ['zip', '7z', 'tar.gz', 'tar.xz'][i % 4];
  const archive = join(folder, `heap${i}.${kind}`);
  if (kind.startsWith('tar')) {
    execFileSync('tar', ['-C', home, kind === 'tar.gz' ? '-czf' : '-cJf', archive, '.']);
    unpack.push(['tar', ['-xf', archive, '-C', 'OUT']]);
  } else {
    execFileSync('7z', ['a', '-bso0', archive, '.'], { cwd: home });
    unpack.push(['7z', ['x', '-y', archive, '-oOUT']]);
  }
  heap.push(archive);
  models.push(model);
}
await compareWithTools(
  'heap of 50 archives (zip, 7z, tar.gz, tar.xz), a model and a map each',
  heap,
  50,
  unpack,
  models,
);

const sheet = new Sheet(707);
const surface = { positions: Float64Array.from(sheet.points), indices: new Uint32Array(sheet.triangles * 3) };
for (let quad = 0, o = 0; quad < sheet.quads.length; quad += 4, o += 6) {
  const [a, b, c, d] = sheet.quads.subarray(quad, quad + 4);
  surface.indices.set([a, b, c, a, c, d], o);
}
const taken: number[] = [];
for (let i = 0; i < 5; i++) {
  const from = performance.now();
  if (!computeShapeSignature([surface])) throw new Error('no signature');
  taken.push((performance.now() - from) / 1000);
}
console.log(
  `\nsignature of ${sheet.triangles.toLocaleString('en')} triangles: ${median(taken).toFixed(2)} s (${taken.map((s) => s.toFixed(2)).join(', ')}; aim ≤ 0.5)`,
);
rmSync(folder, { recursive: true });
