import sharp from 'sharp';
import { takeToBench } from '@haveld/contract/api/arrivals';
import {
  answerFinding,
  getSheet,
  lookAgain,
  setOwnSteps,
  switchStep,
  takeSure,
  type Sheet,
} from '@haveld/contract/api/bench';
import { deleteHouseMaterial, listHouseMaterials, saveHouseMaterial } from '@haveld/contract/api/house-materials';
import { bring } from '../testing/bring';
import { TestLibrary, waitFor, type TestClient } from '../testing/test-library';
import { withoutTaking } from '../testing/without-taking';

let library: TestLibrary;
let client: TestClient;
beforeAll(async () => {
  library = await TestLibrary.open();
  client = await library.signIn();
  library.startWorker();
});
afterAll(() => library.close());

const picture = (r: number, g: number, b: number): Promise<Buffer> =>
  sharp(
    Buffer.from(
      Array.from({ length: 32 * 32 }, (_, i) => [r + (i % 7) * 4, g + (i % 5) * 3, b + ((i >> 5) % 6) * 2]).flat(),
    ),
    { raw: { width: 32, height: 32, channels: 3 } },
  )
    .png()
    .toBuffer();

const BOARD =
  'mtllib board.mtl\no board\nv 0 0 0\nv 1 0 0\nv 1 0.1 0\nv 0 0.1 0\nvt 0 0\nvt 1 0\nvt 1 1\nvt 0 1\nusemtl plank\nf 1/1 2/2 3/3 4/4\n';
const by = (author: string): string =>
  `Board by ${author}\nLicence: CC BY 4.0\nhttps://creativecommons.org/licenses/by/4.0/\n`;

/** Brings a board whose material names these maps. @returns its sheet */
async function bringBoard(
  name: string,
  author: string,
  statements: string[],
  files: Record<string, Buffer>,
): Promise<Sheet> {
  const arrival = await bring(client, `${name}.zip`, {
    'board.obj': BOARD,
    'board.mtl': `newmtl plank\nKd 1 1 1\n${statements.join('\n')}\n`,
    'readme.txt': by(author),
    ...files,
  });
  const [find] = arrival.finds;
  const { assetId } = await client.call(takeToBench, { params: { id: find.id } });
  return client.call(getSheet, { params: { id: assetId } });
}

const get = (sheet: Sheet, key: string) => sheet.findings.find((finding) => finding.key === key);

test('a map that was moved is sure, with what its picture is; taking all sure of one heading leaves the others', async () => {
  const colour = await picture(150, 100, 60);
  const sheet = await withoutTaking(client, () =>
    bringBoard('moved', 'Ines Falkenrot', ['map_Kd D:\\work\\plank_diff.png'], { 'maps/plank_diff.png': colour }),
  );
  expect(get(sheet, 'map:plank:baseColor')).toMatchObject({ sure: true, settled: false });
  expect(sheet.unused.concat(sheet.maps as never[]).some((one) => one.picture?.thumbSha256)).toBe(true);
  const after = await client.call(takeSure, { params: { id: sheet.id }, body: { heading: 'textures' } });
  expect(after.steps.map(({ step }) => step.kind)).toEqual(['relink-map']);
  expect(get(after, 'map:plank:baseColor')).toMatchObject({ settled: true });
});

test('what follows from a picture a person chose is worked out, and looking again keeps answers and steps', async () => {
  const gloss = await picture(60, 60, 60);
  const sheet = await bringBoard('chosen', 'Ines Falkenrot', ['map_Pr lost_one.png'], {
    'maps/plank_glossiness.png': gloss,
    'maps/other_roughness.png': await picture(120, 120, 120),
  });
  const { sha256, path } = sheet.unused.find((unused) => unused.path.endsWith('plank_glossiness.png'))!;
  expect(get(sheet, 'role:plank:roughness')).toBeUndefined();
  await client.call(answerFinding, {
    params: { id: sheet.id },
    body: {
      key: 'map:plank:roughness',
      answer: {
        kind: 'own',
        summary: 'plank_glossiness.png',
        steps: [{ kind: 'relink-map', schema: 1, material: 'plank', slot: 'roughness', sha256, path }],
      },
    },
  });
  const seen = () => client.call(getSheet, { params: { id: sheet.id } });
  const after = await waitFor(seen, ({ busy }) => busy === null);
  expect(get(after, 'role:plank:roughness')).toMatchObject({ choices: [{ id: 'invert' }, { id: 'stay' }] });
  await client.call(lookAgain, { params: { id: sheet.id } });
  const again = await waitFor(seen, ({ busy }) => busy === null);
  expect(again.steps).toEqual(after.steps);
  expect(again.findings).toEqual(after.findings);
});

test('what a person took for a name is taken again for the next delivery of the same author, and of no other', async () => {
  const maps = { 'tx/alpha_one.png': await picture(90, 60, 30), 'tx/beta_two.png': await picture(40, 90, 120) };
  const statements = ['map_Kd tx_0012.png'];
  const first = await bringBoard('first', 'Ines Falkenrot', statements, maps);
  const question = get(first, 'map:plank:baseColor')!;
  expect(question.sure).toBe(false);
  const choice = question.choices.find(({ label }) => label.endsWith('alpha_one.png'))!;
  await client.call(answerFinding, {
    params: { id: first.id },
    body: { key: question.key, answer: { kind: 'taken', choiceId: choice.id } },
  });
  const again = await bringBoard('again', 'Ines Falkenrot', statements, maps);
  const decided = get(again, 'map:plank:baseColor')!;
  expect(decided).toMatchObject({ sure: true });
  expect(decided.choices[0].label).toContain('alpha_one.png');
  expect(decided.evidence.map(({ text }) => text).join(' ')).toContain(
    `decided before: Maja Lindqvist took it so for ${first.accession}`,
  );
  const other = await bringBoard('other', 'Tor Aldersund', statements, maps);
  expect(get(other, 'map:plank:baseColor')).toMatchObject({ sure: false });
});

test('another author’s map is offered with that said, and taking it adds its line to the provenance', async () => {
  await bringBoard('theirs', 'Tor Aldersund', [], { 'weathered_board_diff.png': await picture(120, 118, 110) });
  const sheet = await bringBoard('ours', 'Ines Falkenrot', ['map_Kd old/weathered_board_diff.png'], {});
  const question = get(sheet, 'map:plank:baseColor')!;
  expect(question).toMatchObject({ sure: false });
  expect(question.detail).toContain('by Tor Aldersund: its rights come with it');
  const after = await client.call(answerFinding, {
    params: { id: sheet.id },
    body: { key: question.key, answer: { kind: 'taken', choiceId: question.choices[0].id } },
  });
  expect(after.further).toMatchObject([{ part: 'maps', author: 'Tor Aldersund', licenceId: 'CC-BY-4.0' }]);
  expect(after.changes.some(({ why }) => why.includes('weathered_board_diff.png was taken'))).toBe(true);
});

test('steps of a person’s own stand under their key, are switched off, replaced and taken back', async () => {
  const sheet = await bringBoard('own', 'Ines Falkenrot', ['map_Kd plank_diff.png'], {
    'plank_diff.png': await picture(150, 100, 60),
  });
  const set = (roughness: number) =>
    client.call(setOwnSteps, {
      params: { id: sheet.id },
      body: {
        key: 'own:plank',
        steps: [
          { kind: 'set-material', schema: 1, materials: ['plank'], factors: { roughness }, label: 'x', without: [] },
        ],
      },
    });
  await set(0.2);
  const twice = await set(0.7);
  const own = twice.steps.filter(({ findingKey }) => findingKey === 'own:plank');
  expect(own).toMatchObject([{ step: { factors: { roughness: 0.7 } }, enabled: true }]);
  const off = await client.call(switchStep, { params: { id: sheet.id }, body: { stepId: own[0].id, enabled: false } });
  expect(off.steps.find(({ id }) => id === own[0].id)?.enabled).toBe(false);
  const back = await client.call(setOwnSteps, { params: { id: sheet.id }, body: { key: 'own:plank', steps: [] } });
  expect(back.steps).toEqual([]);
  await expect(
    client.call(setOwnSteps, { params: { id: sheet.id }, body: { key: 'size', steps: [] } }),
  ).rejects.toThrow();
});

test('house materials are kept, replaced by name, and taken out', async () => {
  const factors = { roughness: 0.8, metallic: 0 };
  await client.call(saveHouseMaterial, { body: { name: 'Tarred wood', factors, maps: [] } });
  const saved = await client.call(saveHouseMaterial, {
    body: { name: 'Tarred wood', factors: { ...factors, roughness: 0.5 }, maps: [] },
  });
  expect(saved).toMatchObject([{ name: 'Tarred wood', factors: { roughness: 0.5 } }]);
  await client.call(deleteHouseMaterial, { params: { id: saved[0].id } });
  expect(await client.call(listHouseMaterials)).toEqual([]);
  await expect(client.call(deleteHouseMaterial, { params: { id: saved[0].id } })).rejects.toThrow(
    'no such house material',
  );
});
