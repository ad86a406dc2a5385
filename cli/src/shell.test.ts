import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PreparedReportSchema, type PreparedModel, type PreparedReport } from '@haveld/contract/prepared';
import { readGlb, writeGlb } from '@haveld/core/scene/document/document-io';
import { computeFigures } from '@haveld/core/scene/measures/figures';
import { createBoxDocument, createPng } from '@haveld/core/testing/documents';
import { writeRawZip } from '@haveld/engine/testing/raw-zip';
import { validateGlb } from '@haveld/engine/validate-gltf';

const ENTRY = join(import.meta.dirname, '../../dist/shell/haveld.js');
const folder = mkdtempSync(join(tmpdir(), 'haveld-shell-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

interface Ended {
  code: number | null;
  out: string;
  errors: string;
}

/** The built command, run as a person's shell in a pipe runs it. */
function haveld(...args: string[]): Promise<Ended> {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, [ENTRY, ...args], { stdio: ['ignore', 'pipe', 'pipe'] });
    const said = { out: '', errors: '' };
    child.stdout.on('data', (chunk: Buffer) => (said.out += chunk.toString()));
    child.stderr.on('data', (chunk: Buffer) => (said.errors += chunk.toString()));
    child.on('close', (code) => resolve({ code, ...said }));
  });
}

function lay(name: string, files: Record<string, string | Uint8Array>): string {
  const home = join(folder, name);
  for (const [path, content] of Object.entries(files)) {
    mkdirSync(join(home, path, '..'), { recursive: true });
    writeFileSync(join(home, path), content);
  }
  return home;
}

const READ_ME =
  'Harbour stool by Runa Vik\nhttps://tide-models.example/stool\nCC0 1.0: https://creativecommons.org/publicdomain/zero/1.0/\n';
const readReport = (path: string): PreparedReport =>
  PreparedReportSchema.parse(JSON.parse(readFileSync(join(path, 'report.json'), 'utf8')));

/** A stool of 400 × 450 × 400 mm standing on its base centre, in a file that declares metres. */
async function createStool(): Promise<Uint8Array> {
  const document = createBoxDocument([-0.2, 0, -0.2], [0.2, 0.45, 0.2], 'harbour_stool');
  return writeGlb(document);
}

/** The same in centimetres, hovering, with a map that lies elsewhere. */
const CHAIR_OBJ = `mtllib chair.mtl
o seat
${[0, 90].flatMap((y) => [`v 0 ${y + 4} 0`, `v 45 ${y + 4} 0`, `v 45 ${y + 4} 45`, `v 0 ${y + 4} 45`]).join('\n')}
vt 0 0
vt 1 0
vt 1 1
usemtl oak
f 1/1 2/2 3/3 4/1
f 5/1 8/2 7/3 6/1
f 1/1 5/2 6/3 2/1
f 2/1 6/2 7/3 3/1
f 3/1 7/2 8/3 4/1
f 4/1 8/2 5/3 1/1
`;

test('a model with its licence beside it comes out sure: GLB, thumbnail, report, exit status 0', async () => {
  const home = lay('stool', { 'harbour_stool.glb': await createStool(), 'README.txt': READ_ME });
  const out = join(folder, 'stool-out');
  const { code, out: said, errors } = await haveld('prepare', home, '--out', out);
  expect({ code, errors }).toEqual({ code: 0, errors: '' });
  expect(said).not.toContain('\u001b');
  expect(readdirSync(out).sort()).toEqual(['harbour_stool.glb', 'harbour_stool.png', 'report.json']);
  const [model] = readReport(out).models;
  expect(model).toMatchObject({
    name: 'Harbour stool',
    status: 'sure',
    format: 'GLB',
    licence: { id: 'CC0-1.0' },
    author: 'Runa Vik',
    source: 'https://tide-models.example/stool',
    open: [],
  });
  expect(model.licence.evidence[0]).toMatchObject({ file: 'README.txt', line: 3 });
  expect(model.size).toMatchObject({ declared: { unit: 'm' }, proposed: { factor: 1, unit: 'm' }, status: 'sure' });
  const bytes = new Uint8Array(readFileSync(join(out, 'harbour_stool.glb')));
  expect((await validateGlb(bytes)).errors).toBe(0);
  expect(createHash('sha256').update(bytes).digest('hex')).toBe(model.outputs[0].sha256);
  expect([...readFileSync(join(out, 'harbour_stool.png')).subarray(0, 4)]).toEqual([0x89, 0x50, 0x4e, 0x47]);
});

/** A block of which nobody says what it is or what it counts in, away from the origin of its file. */
const BLOCK_OBJ = `o thing
v 0 7 0
v 52 7 0
v 52 104 0
v 0 104 0
v 0 7 -31
v 52 7 -31
v 52 104 -31
v 0 104 -31
f 1 2 3 4
f 6 5 8 7
f 2 6 7 3
f 5 1 4 8
f 4 3 7 8
f 5 6 2 1
`;

test('what is in pencil is left as a question, and applied where it is confirmed; the report tells it apart', async () => {
  const home = lay('pencil', { 'thing.obj': BLOCK_OBJ, 'README.txt': READ_ME.replace('Harbour stool', 'Thing') });
  const [left, confirmed] = ['pencil-left', 'pencil-confirmed'].map((name) => join(folder, name));
  const [asked, taken] = await Promise.all([
    haveld('prepare', home, '--out', left),
    haveld('prepare', home, '--out', confirmed, '--confirm', 'pencil'),
  ]);
  const [[before], [after]] = [readReport(left).models, readReport(confirmed).models];
  expect([asked.code, before.status, before.size.status, before.up.status]).toEqual([3, 'open', 'pencil', 'pencil']);
  expect(before.steps.filter(({ by }) => by === 'pencil')).toEqual([]);
  expect(asked.out).toContain('in pencil');
  expect([taken.code, after.status, after.open]).toEqual([0, 'pencil', []]);
  expect(readReport(confirmed).confirm).toBe('pencil');
  expect(after.steps.some(({ step, by }) => step.kind === 'scale' && by === 'pencil')).toBe(true);
  expect(taken.out).toContain('✎ ');
  // judged alike both times; only what was done differs
  expect(after.size).toEqual(before.size);
  const document = await readGlb(new Uint8Array(readFileSync(join(confirmed, after.outputs[0].path))));
  const { min, max } = computeFigures(document).box!;
  expect(max[1] - min[1]).toBeCloseTo(before.size.proposed!.factor * 97, 4);
  expect(min[1]).toBeCloseTo(0, 6);
});

test('rights are never in pencil: without a licence nothing is confirmed into being sure', async () => {
  const home = lay('no-licence', { 'harbour_stool.glb': await createStool() });
  const out = join(folder, 'no-licence-out');
  const { code } = await haveld('prepare', home, '--out', out, '--confirm', 'pencil');
  const [model] = readReport(out).models;
  expect([code, model.status, model.licence.status, model.authorStatus]).toEqual([3, 'open', 'asked', 'asked']);
});

test('an archive with a heap of trouble: the map is relinked, what is not sure stays open, exit status 3', async () => {
  const oak = createPng([120, 90, 60, 255]);
  const zip = writeRawZip([
    { name: 'chair/chair.obj', bytes: Buffer.from(CHAIR_OBJ) },
    { name: 'chair/chair.mtl', bytes: Buffer.from('newmtl oak\nmap_Kd C:\\work\\oak_basecolor.png\n') },
    { name: 'chair/maps/oak_basecolor.png', bytes: Buffer.from(oak) },
    { name: 'setup.exe', bytes: Buffer.from('MZ not really') },
  ]);
  const home = lay('heap', { 'chair.zip': zip });
  const out = join(folder, 'heap-out');
  const { code, out: said } = await haveld('prepare', join(home, 'chair.zip'), '--out', out, '--json');
  expect(code).toBe(3);
  const report = PreparedReportSchema.parse(JSON.parse(said));
  expect(report).toEqual(readReport(out));
  const [model] = report.models;
  expect(model.maps).toEqual([
    {
      material: 'oak',
      slot: 'baseColor',
      reference: 'C:\\work\\oak_basecolor.png',
      file: 'chair.zip/chair/maps/oak_basecolor.png',
      status: 'found',
      role: 'base-colour',
      colourSpace: 'srgb',
      confidence: expect.closeTo(0.991, 3) as number,
    },
  ]);
  expect(model.open.map((question) => question.key)).toEqual(
    expect.arrayContaining(['rights:licence', 'rights:author']),
  );
  expect(model.open.find((question) => question.key === 'rights:licence')).toMatchObject({ blocks: true });
  expect(model.files.map(({ path, role }) => `${role} ${path}`)).toEqual([
    'model chair.zip/chair/chair.obj',
    'material chair.zip/chair/chair.mtl',
    'map chair.zip/chair/maps/oak_basecolor.png',
  ]);
  expect(report.excluded.find((file) => file.path.endsWith('setup.exe'))?.reason).toContain('program');
  const made = await readGlb(new Uint8Array(readFileSync(join(out, model.outputs[0].path))));
  expect(computeFigures(made)).toMatchObject({ triangles: 12, maps: 1, mapsMissing: 0 });
  expect(model.counts?.after.maps).toBe(1);
});

test('the same input gives the same report and the same bytes', async () => {
  const home = lay('again', { 'harbour_stool.glb': await createStool(), 'README.txt': READ_ME });
  const outs = [join(folder, 'again-1'), join(folder, 'again-2')];
  for (const out of outs) await haveld('prepare', home, '--out', out);
  expect(readReport(outs[0])).toEqual(readReport(outs[1]));
});

/** A box whose sides say little of its unit. */
const box = (name: string, [width, height, depth]: number[]): string =>
  `o ${name}\n${[0, height].flatMap((y) => [`v 0 ${y} 0`, `v ${width} ${y} 0`, `v ${width} ${y} ${depth}`, `v 0 ${y} ${depth}`]).join('\n')}
f 1 2 3 4\nf 5 8 7 6\nf 1 5 6 2\nf 2 6 7 3\nf 3 7 8 4\nf 4 8 5 1\n`;

test('what one author’s models are in settles the one that leaves its unit open', async () => {
  const by = (author: string, title: string): string =>
    `${title} by ${author}\nCC0 1.0: https://creativecommons.org/publicdomain/zero/1.0/\n`;
  const vase = { 'a_vase/vase.obj': box('vase', [19.37, 31.73, 19.37]) };
  const others = {
    'b_chair/chair.obj': box('chair', [45, 90, 50]),
    'c_wardrobe/wardrobe.obj': box('wardrobe', [150, 210, 60]),
    'd_desk/desk.obj': box('desk', [140, 75, 70]),
  };
  const readMes = (author: string): Record<string, string> =>
    Object.fromEntries(
      ['a_vase', 'b_chair', 'c_wardrobe', 'd_desk'].map((place) => [
        `${place}/readme.txt`,
        by(place === 'a_vase' ? 'Runa Vik' : author, place.slice(2)),
      ]),
    );
  const sizeOf = async (author: string): Promise<PreparedModel['size']> => {
    const home = lay(`hand-${author.replace(' ', '-')}`, { ...vase, ...others, ...readMes(author) });
    const { out } = await haveld('inspect', home, '--json');
    const report = PreparedReportSchema.parse(JSON.parse(out));
    expect(report.models).toHaveLength(4);
    return report.models.find(({ name }) => /vase/i.test(name))!.size;
  };
  const alone = await sizeOf('Tor Vestermoor');
  const together = await sizeOf('Runa Vik');
  expect(together!.proposed!.confidence).toBeGreaterThan(alone!.proposed!.confidence);
});

test('a model that cannot be read is told in a sentence, its neighbours are prepared, exit status 1', async () => {
  const home = lay('mixed', {
    'broken/broken.fbx': 'Kaydara FBX Binary  \0\u001a\0' + 'x'.repeat(40),
    'stool/harbour_stool.glb': await createStool(),
  });
  const out = join(folder, 'mixed-out');
  expect((await haveld('prepare', home, '--out', out)).code).toBe(1);
  const byStatus = (status: PreparedModel['status']): PreparedModel[] =>
    readReport(out).models.filter((model) => model.status === status);
  expect(byStatus('failed')).toMatchObject([{ name: 'Broken', outputs: [] }]);
  expect(byStatus('failed')[0].message).toMatch(/^“broken\/broken\.fbx” .*\.$/);
  expect(byStatus('open').map((model) => model.outputs[0].path)).toEqual(['harbour_stool.glb']);
});

test('one named model is read as such, with what lies beside it, whatever other formats lie there', async () => {
  const home = lay('named', {
    'chair.obj': CHAIR_OBJ,
    'chair.mtl': 'newmtl oak\nmap_Kd oak.png\n',
    'oak.png': createPng([9, 9, 9, 255]),
    'chair.glb': await createStool(),
    'other.glb': await createStool(),
  });
  const { out } = await haveld('inspect', join(home, 'chair.obj'), '--json');
  const { models } = PreparedReportSchema.parse(JSON.parse(out));
  expect(models.map((model) => model.files[0].path)).toEqual(['chair.obj']);
  expect(models[0].maps).toMatchObject([{ file: 'oak.png', status: 'found' }]);
});

test('inspect prints a table for people and writes nothing', async () => {
  const home = lay('looked-at', { 'harbour_stool.glb': await createStool() });
  const { code, out } = await haveld('inspect', home);
  expect(code).toBe(3);
  expect(out).toContain('Harbour stool');
  expect(out).toContain('0.40 × 0.45 × 0.40 m');
  expect(out).toContain('! No licence came with it');
  expect(readdirSync(home)).toEqual(['harbour_stool.glb']);
});

test('a preset that takes nothing changes nothing', async () => {
  const home = lay('kept', { 'chair.obj': CHAIR_OBJ });
  const out = join(folder, 'kept-out');
  await haveld('prepare', home, '--out', out, '--preset', 'as-received');
  const [model] = readReport(out).models;
  expect(model.steps).toEqual([]);
  expect(model.counts?.after).toEqual(model.counts?.before);
});

test('a preset of one’s own is a JSON file; what is wrong with it is said', async () => {
  const home = lay('preset', {
    'model/chair.obj': CHAIR_OBJ,
    'good.json': '{ "take": ["structure"], "thumbnail": false }',
    'bad.json': '{ "take": ["everything"] }',
  });
  const out = join(folder, 'preset-out');
  await haveld('prepare', join(home, 'model'), '--out', out, '--preset', join(home, 'good.json'));
  expect(readReport(out).models[0].outputs.map((output) => output.role)).toEqual(['model']);
  expect(readReport(out).models[0].steps.map(({ step }) => step.kind)).toEqual(['name-root']);
  const bad = await haveld('inspect', join(home, 'model'), '--preset', join(home, 'bad.json'));
  expect(bad).toMatchObject({ code: 1, out: '' });
  expect(bad.errors).toContain('is no preset');
  expect((await haveld('inspect', home, '--preset', 'shiny')).errors).toContain('There is no preset “shiny”');
});

test('nothing that lies in the folder is written over unasked', async () => {
  const home = lay('twice', { 'chair.obj': CHAIR_OBJ });
  const out = join(folder, 'twice-out');
  await haveld('prepare', home, '--out', out);
  const again = await haveld('prepare', home, '--out', out);
  expect(again).toMatchObject({ code: 1 });
  expect(again.errors).toContain('--replace');
  expect((await haveld('prepare', home, '--out', out, '--replace')).code).toBe(3);
  rmSync(join(out, 'report.json'));
  const blocked = await haveld('prepare', home, '--out', out, '--json');
  expect(blocked.code).toBe(1);
  expect((JSON.parse(blocked.out) as PreparedReport).models[0].message).toContain('“chair.glb” lies in');
});

test('no model, no such path: a sentence and exit status 1', async () => {
  const home = lay('empty', { 'notes.txt': 'nothing here', 'part.step': 'ISO-10303-21;\nHEADER;' });
  const none = await haveld('inspect', home);
  expect(none).toMatchObject({ code: 1, out: '' });
  expect(none.errors).toContain('There is no model');
  expect(none.errors).toContain('CAD file');
  expect((await haveld('inspect', join(home, 'nowhere'))).errors).toContain('There is no “');
});

test('an archive in volumes is opened as one, by its folder or by any of them', async () => {
  const zip = writeRawZip([
    { name: 'harbour_stool.glb', bytes: Buffer.from(await createStool()) },
    { name: 'read me.txt', bytes: Buffer.from(READ_ME) },
  ]);
  const third = Math.ceil(zip.length / 3);
  const home = lay(
    'volumes',
    Object.fromEntries([1, 2, 3].map((n) => [`stool.zip.00${n}`, zip.subarray((n - 1) * third, n * third)])),
  );
  for (const input of [home, join(home, 'stool.zip.001'), join(home, 'stool.zip.002')]) {
    const { out } = await haveld('inspect', input, '--json');
    const { models, refused } = PreparedReportSchema.parse(JSON.parse(out));
    expect(models.map(({ name }) => name)).toEqual(['Harbour stool']);
    expect(refused).toEqual([]);
  }
});

test('a locked archive asks for its password: the report is there, exit status 3; with it, it is opened', async () => {
  // the password of this file is given in the tests of the package it comes from (engine/src/archives/testdata)
  const rar = join(import.meta.dirname, '../../engine/src/archives/testdata/encrypted_headers.rar');
  const locked = await haveld('inspect', rar, '--json');
  expect(locked.code).toBe(3);
  const report = PreparedReportSchema.parse(JSON.parse(locked.out));
  expect(report).toMatchObject({ models: [], locked: ['encrypted_headers.rar'] });
  expect(report.refused.join()).toContain('wants a password (--password)');
  const wrong = await haveld('inspect', rar, '--json', '--password', 'guess');
  expect((JSON.parse(wrong.out) as PreparedReport).refused.join()).toContain('wants another password');
  // what is in it is no model, which is said once it is open
  const opened = await haveld('inspect', rar, '--password', 'guess', 'samplepassword');
  expect(opened.code).toBe(1);
  expect(opened.errors).toContain('There is no model');
});

test('models of one shape are named together, twins in a mirror as such', async () => {
  const wedge = (sign: 1 | -1, scale: number): string =>
    `${[
      [0, 0, 0],
      [2, 0, 0],
      [0, 1, 0],
      [0, 0, 0.5],
    ]
      .map(([x, y, z]) => `v ${sign * x * scale} ${y * scale} ${z * scale}`)
      .join(
        '\n',
      )}\nf ${sign > 0 ? '1 3 2' : '1 2 3'}\nf ${sign > 0 ? '1 2 4' : '1 4 2'}\nf ${sign > 0 ? '1 4 3' : '1 3 4'}\nf ${sign > 0 ? '2 3 4' : '2 4 3'}\n`;
  const home = lay('alike', {
    'a/wedge.obj': wedge(1, 1),
    'b/keil.obj': wedge(1, 25.4),
    'c/left.obj': wedge(-1, 1),
    'd/chair.obj': CHAIR_OBJ,
  });
  const { out } = await haveld('inspect', home, '--json');
  const { duplicates } = PreparedReportSchema.parse(JSON.parse(out));
  expect(duplicates.map(({ models, relation }) => `${models.join(' ')} ${relation}`).sort()).toEqual([
    'a/wedge.obj b/keil.obj same-shape',
    'a/wedge.obj c/left.obj mirrored',
    'b/keil.obj c/left.obj mirrored',
  ]);
  expect((await haveld('inspect', home)).out).toContain('a/wedge.obj and b/keil.obj: The same shape');
});

test('what is to be decided of its files is in the report, and keeps the status open', async () => {
  const home = lay('several', { 'chair.obj': CHAIR_OBJ, 'chair_v2.obj': `${CHAIR_OBJ}v 9 9 9\n` });
  const { code, out } = await haveld('inspect', home, '--json');
  const { models } = PreparedReportSchema.parse(JSON.parse(out));
  expect(code).toBe(3);
  const asked = models.filter(({ question }) => question !== null);
  expect(asked.length).toBeGreaterThan(0);
  const table = await haveld('inspect', home);
  expect(table.out).toContain(`? ${asked[0].question}`);
});

test('one SIGTERM stops a whole folder: no model is said to have failed, and nothing more is begun', async () => {
  const stool = await createStool();
  const home = lay('many', Object.fromEntries(Array.from({ length: 60 }, (_, i) => [`${i}/stool_${i}.glb`, stool])));
  const out = join(folder, 'many-out');
  const child = spawn(process.execPath, [ENTRY, 'prepare', home, '--out', out], { stdio: ['ignore', 'pipe', 'pipe'] });
  const said = { out: '', errors: '' };
  child.stdout.on('data', (chunk: Buffer) => (said.out += chunk.toString()));
  child.stderr.on('data', (chunk: Buffer) => (said.errors += chunk.toString()));
  const ended = new Promise<number | null>((resolve) => child.on('close', resolve));
  const isBegun = (): boolean => existsSync(out) && readdirSync(out).some((name) => name.endsWith('.glb'));
  while (!isBegun() && child.exitCode === null) await new Promise((resolve) => setTimeout(resolve, 20));
  child.kill('SIGTERM');
  expect(await ended).toBe(1);
  expect(said.errors).toContain('Stopped.');
  expect(said.out).toBe('');
  expect(readdirSync(out).filter((name) => name.endsWith('.glb')).length).toBeLessThan(60);
  expect(readdirSync(out)).not.toContain('report.json');
});
