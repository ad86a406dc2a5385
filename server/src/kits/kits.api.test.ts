import { regroupFile } from '@haveld/contract/api/arrivals';
import { listBench, getSheet, changeProvenance } from '@haveld/contract/api/bench';
import { searchCatalogue } from '@haveld/contract/api/catalogue';
import {
  answerForPieces,
  cataloguePieces,
  changeKitProvenance,
  drawKit,
  getKit,
  getKitBench,
  takePieces,
  takeSureForPieces,
} from '@haveld/contract/api/kits';
import { CATEGORY_TREE } from '@haveld/contract/category';
import { CategoryTree } from '@haveld/core/library/categories/category-tree';
import { proposeCategory } from '@haveld/core/library/categories/propose-category';
import { many } from '../database/statements';
import { writeCrates } from '../testing/write-crates';
import { bring } from '../testing/bring';
import { TestLibrary, waitFor, type TestClient } from '../testing/test-library';

let library: TestLibrary;
let client: TestClient;
beforeAll(async () => {
  library = await TestLibrary.open();
  client = await library.signIn();
  library.startWorker();
});
afterAll(() => library.close());

const FILES = {
  'kit.obj': writeCrates(4),
  'kit.mtl': 'newmtl wood\nKd 0.6 0.4 0.2\n',
  'readme.txt': 'Crates by Ines Falkenrot\nCC BY 4.0\n',
};

test('a file of several things is a kit: seen, picked from, and only what is picked becomes assets', async () => {
  const arrival = await bring(client, 'quay_crates.zip', FILES);
  const [kit] = arrival.kits;
  expect(kit).toMatchObject({ pieces: 4, taken: 0, findId: arrival.finds[0].id });
  const drawn = await waitFor(
    () => client.call(getKit, { params: { id: kit.id } }),
    ({ pieces, progress }) => progress === null && pieces.every(({ pictureSha256 }) => pictureSha256 !== null),
  );
  expect(drawn.pieces.map(({ name, triangles, width }) => [name, triangles, Math.round(width * 10) / 10])).toEqual([
    ['crate_0', 12, 40],
    ['crate_1', 12, 40],
    ['crate_2', 12, 40],
    ['crate_3', 12, 0.4],
  ]);
  await client.call(takePieces, { params: { id: kit.id }, body: { ordinals: [1, 2, 3] } });
  const taken = await waitFor(
    () => client.call(getKit, { params: { id: kit.id } }),
    ({ pieces }) => pieces.filter(({ state }) => state === 'on-bench').length === 3,
  );
  expect(taken.pieces.map(({ state }) => state)).toEqual(['seen', 'on-bench', 'on-bench', 'on-bench']);
  expect(new Set(taken.pieces.map(({ accession }) => accession)).size).toBe(4);

  const sheet = await client.call(getSheet, { params: { id: taken.pieces[1].assetId! } });
  // the piece stands by itself: 40 along each side, its base at zero
  expect(sheet.figures.box).toMatchObject({ min: [-20, 0, -20], max: [20, 40, 20] });
  expect(sheet.figures.triangles).toBe(12);
  expect(sheet.provenance).toMatchObject({ licenceId: 'CC-BY-4.0', author: 'Ines Falkenrot' });

  const rows = await client.call(listBench);
  expect(rows.filter((row) => row.kit?.id === kit.id)).toHaveLength(3);
});

test('the bench treats a kit as one: what is alike is answered at once, what differs stands out', async () => {
  const [row] = (await client.call(listBench)).filter(({ kit }) => kit !== null);
  const id = row.kit!.id;
  let bench = await client.call(getKitBench, { params: { id } });
  const size = bench.findings.find(({ key }) => key === 'size')!;
  expect(size.groups.length).toBeGreaterThan(1);
  expect(size.groups[0].assetIds).toHaveLength(2);
  // the two that look like crates outweigh the small one, which is named, and stands out in the table
  const { measures } = bench;
  expect(measures.unit).toMatchObject({ id: 'cm', agree: 2 });
  expect(measures.pieces.map(({ height }) => Math.round(height * 1000) / 1000).slice(0, 2)).toEqual([0.4, 0.4]);
  expect(measures.pieces[0]).toMatchObject({ pivot: 'base centre', times: null });
  const sizeOf = async (assetId: string) =>
    (await client.call(getSheet, { params: { id: assetId } })).findings.find(({ key }) => key === 'size')!;
  const small = bench.assets.find(({ id }) => !size.groups[0].assetIds.includes(id))!;
  // the two others say centimetres of the small one; it looks like something else, and is asked
  const before = await sizeOf(small.id);
  expect(before.choices.find((choice) => choice.id === 'cm')!.evidence).toContainEqual({
    text: 'taken together, the rest of its kit says so',
    figure: '2 pieces',
  });
  expect(before.sure).toBe(false);
  const { answered } = await client.call(answerForPieces, {
    params: { id },
    body: { key: 'size', choiceId: 'cm', assetIds: size.groups[0].assetIds },
  });
  expect(answered).toBe(2);
  expect((await sizeOf(small.id)).choices.find((choice) => choice.id === 'cm')!.evidence).toContainEqual({
    text: 'answers for other pieces of its kit say so',
    figure: '2 pieces',
  });
  await client.call(takeSureForPieces, { params: { id }, body: { assetIds: bench.assets.map((asset) => asset.id) } });
  bench = await client.call(getKitBench, { params: { id } });
  // the small one stands apart whatever is proposed for it
  const after = bench.findings.find(({ key }) => key === 'size')!.groups;
  expect(after.map(({ assetIds }) => assetIds.length).sort()).toEqual([1, 2]);
  await expect(client.call(takeSureForPieces, { params: { id }, body: { assetIds: ['nobody'] } })).rejects.toThrow(
    'no piece of this kit',
  );
});

test('pieces follow the provenance of the kit, but for those with a line of their own', async () => {
  const rows = (await client.call(listBench)).filter(({ kit }) => kit !== null);
  const id = rows[0].kit!.id;
  await client.call(changeProvenance, {
    params: { id: rows[0].id },
    body: { change: { author: 'Henke Strandvik', source: 'the workshop' } },
  });
  await client.call(changeKitProvenance, {
    params: { id },
    body: { author: 'Ines Falkenrot, Quayside', source: 'quayside-models.example', title: 'ignored' },
  });
  const authors = await Promise.all(
    rows.map(async (row) => (await client.call(getSheet, { params: { id: row.id } })).provenance),
  );
  expect(authors.map(({ author }) => author).sort()).toEqual([
    'Henke Strandvik',
    'Ines Falkenrot, Quayside',
    'Ines Falkenrot, Quayside',
  ]);
  expect(new Set(authors.map(({ title }) => title)).size).toBe(3);
  expect((await client.call(getKitBench, { params: { id } })).ownProvenance).toBe(1);
});

test('pieces are catalogued together; those that cannot be yet are told', async () => {
  const rows = (await client.call(listBench)).filter(({ kit }) => kit !== null);
  const id = rows[0].kit!.id;
  const bench = await client.call(getKitBench, { params: { id } });
  for (const { key, groups } of bench.findings)
    for (const { choiceId, assetIds, settled } of groups)
      if (choiceId !== null && !settled)
        await client.call(answerForPieces, { params: { id }, body: { key, choiceId, assetIds } });
  const { begun, held } = await client.call(cataloguePieces, {
    params: { id },
    body: { category: null, assetIds: bench.assets.map((asset) => asset.id) },
  });
  expect([begun, held]).toEqual([3, []]);
  await waitFor(
    () => client.call(getKitBench, { params: { id } }),
    ({ assets }) => assets.every(({ state }) => state === 'catalogued'),
  );
  const { cards } = await client.call(searchCatalogue, { query: {} });
  for (const { id: assetId, name } of bench.assets)
    expect(cards.find((card) => card.id === assetId)!.category).toBe(
      proposeCategory(new CategoryTree(CATEGORY_TREE), { name, said: [] }).id,
    );
});

test('files side by side with one set of maps are a kit too, and taken in one action', async () => {
  const one = (n: number): string => `v 0 0 0\nv ${n} 0 0\nv 0 1 0\nf 1 2 3\n`;
  const arrival = await bring(client, 'rocks.zip', {
    'rocks/rock_01.obj': one(1),
    'rocks/rock_02.obj': one(2),
    'rocks/rock_03.obj': one(3),
  });
  expect(arrival.kits[0]).toMatchObject({ pieces: 3, findId: null, name: 'Rocks' });
  await client.call(takePieces, { params: { id: arrival.kits[0].id }, body: { ordinals: [0, 2] } });
  const kit = await waitFor(
    () => client.call(getKit, { params: { id: arrival.kits[0].id } }),
    ({ pieces }) => pieces.filter(({ assetId }) => assetId !== null).length === 2,
  );
  expect(kit.pieces.map(({ width }) => width)).toEqual([1, 2, 3]);
});

test('pieces of a titled kit keep their own names, and its files stay while they lie on the bench', async () => {
  const arrival = await bring(client, 'wharf_crates.zip', {
    ...FILES,
    'kit.obj': `${writeCrates(3)}# wharf\n`,
    'readme.txt': 'Title: Wharf crates\nBy Ines Falkenrot\nCC BY 4.0\n',
  });
  const [{ id }] = arrival.kits;
  await client.call(takePieces, { params: { id }, body: { ordinals: [0, 1] } });
  await waitFor(
    () => client.call(getKit, { params: { id } }),
    ({ pieces }) => pieces.filter(({ state }) => state === 'on-bench').length === 2,
  );
  const rows = (await client.call(listBench)).filter(({ kit }) => kit?.id === id);
  expect(rows.map(({ name }) => name.toLowerCase().replaceAll('_', ' ')).sort()).toEqual(['crate 0', 'crate 1']);
  const text = arrival.files.find(({ path }) => path.endsWith('readme.txt'))!;
  await expect(client.call(regroupFile, { params: { id: text.id }, body: { to: 'excluded' } })).rejects.toThrow(
    'lie on the bench',
  );
});

test('pieces left without a picture, as where drawing was stopped, are drawn when asked', async () => {
  const { kits } = await bring(client, 'yard.zip', {
    'yard.obj': `${writeCrates(5)}# yard\n`,
    'kit.mtl': FILES['kit.mtl'],
  });
  const [{ id }] = kits;
  const whenDrawn = () =>
    waitFor(
      () => client.call(getKit, { params: { id } }),
      ({ progress, undrawn }) => progress === null && undrawn === 0,
    );
  await whenDrawn();
  await library.pool.query('UPDATE piece SET picture_sha256 = NULL WHERE kit_id = ? AND ordinal > 2', [id]);
  expect(await client.call(getKit, { params: { id } })).toMatchObject({ undrawn: 2, progress: null });
  await client.call(drawKit, { params: { id } });
  expect((await whenDrawn()).pieces.every(({ pictureSha256 }) => pictureSha256 !== null)).toBe(true);
});

test('two people who pick the same pieces at once get them once, and nothing waits for ever', async () => {
  const { kits } = await bring(client, 'twice_picked.zip', {
    ...FILES,
    'readme.txt': 'Crates by Ines Falkenrot, CC BY 4.0, drawn a second time',
  });
  const [{ id }] = kits;
  await waitFor(
    () => client.call(getKit, { params: { id } }),
    ({ progress, pieces }) => progress === null && pieces.length === 4,
  );
  await Promise.all(
    Array.from({ length: 6 }, () => client.call(takePieces, { params: { id }, body: { ordinals: [0, 1] } })),
  );
  const { pieces } = await waitFor(
    () => client.call(getKit, { params: { id } }),
    (kit) => kit.pieces.filter(({ state }) => state === 'on-bench').length === 2,
  );
  expect(new Set(pieces.flatMap(({ assetId }) => assetId ?? [])).size).toBe(2);
  const finds = await many<{ state: string }>(library.pool, 'SELECT state FROM find WHERE kit_id = ?', [id]);
  expect(finds.map(({ state }) => state)).toEqual(['on-bench', 'on-bench']);
});
