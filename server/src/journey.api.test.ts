import { createArrival, listArrivals, takeToBench, setFindAside } from '@haveld/contract/api/arrivals';
import {
  answerFinding,
  catalogueAsset,
  changeProvenance,
  getSheet,
  listBench,
  switchStep,
  takeSure,
  type Sheet,
} from '@haveld/contract/api/bench';
import { getAsset, searchCatalogue } from '@haveld/contract/api/catalogue';
import { getHealth, getProgress } from '@haveld/contract/api/progress';
import { createProject, getProject, getProjectCredits, handOver, judgeForProject } from '@haveld/contract/api/projects';
import { getRights } from '@haveld/contract/api/rights';
import { bring as bringIn } from './testing/bring';
import {
  answerAll as answerAllOf,
  catalogueCrate as catalogueCrateOf,
  CRATE,
  CRATE_MATERIAL,
  README,
} from './testing/take-crate';
import { TestLibrary, waitFor, type TestClient } from './testing/test-library';

let library: TestLibrary;
let client: TestClient;

beforeAll(async () => {
  library = await TestLibrary.open();
  client = await library.signIn();
  library.startWorker();
});
afterAll(() => library.close());

const bring = (name: string, files: Record<string, string>, partBytes?: number) =>
  bringIn(client, name, files, partBytes);

const answerAll = (sheet: Sheet): Promise<void> => answerAllOf(client, sheet);
const catalogueCrate = (name: string, readme?: string): Promise<string> => catalogueCrateOf(client, name, readme);

test('from a zip to a project: found, read, put right, catalogued, searched, handed over, and written down', async () => {
  const arrival = await bring(
    'crate.zip',
    { 'crate.obj': CRATE, 'crate.mtl': CRATE_MATERIAL, 'readme.txt': README, 'setup.exe': 'MZ' },
    100,
  );
  expect(arrival.files.find((file) => file.path.endsWith('setup.exe'))!.excludedReason).toContain('program');
  expect(arrival.finds[0]).toMatchObject({
    name: 'Crate',
    state: 'read',
    licenceId: 'CC-BY-4.0',
    author: 'Ines Falkenrot',
    triangles: 12,
  });

  const { assetId } = await client.call(takeToBench, { params: { id: arrival.finds[0].id } });
  expect((await client.call(takeToBench, { params: { id: arrival.finds[0].id } })).assetId).toBe(assetId);
  const params = { id: assetId };
  let sheet = await client.call(takeSure, { params });
  expect(sheet.accession).toMatch(/^HV-\d{6}$/);
  expect(sheet.steps.map((row) => row.step.kind)).toEqual(
    expect.arrayContaining(['scale', 'bake-transforms', 'name-root']),
  );
  await answerAll(sheet);
  sheet = await client.call(getSheet, { params });
  expect(sheet.missing).toEqual([]);

  await client.call(catalogueAsset, { params, body: { name: 'Fish crate', category: 'prop' } });
  await waitFor(
    () => client.call(getSheet, { params }),
    (now) => now.state === 'catalogued',
  );
  const found = await client.call(searchCatalogue, { query: { words: 'fish falk' } });
  expect(found.cards.map((card) => card.id)).toEqual([assetId]);
  expect(found.cards[0].heightM).toBeCloseTo(0.4, 6);

  const project = await client.call(createProject, {
    body: {
      name: 'Tide House',
      purpose: 'a paid show',
      use: { uses: ['rendered'], commercial: true, arrangement: 'side-by-side' },
    },
  });
  const [judged] = await client.call(judgeForProject, { params: { id: project.id }, body: { assetIds: [assetId] } });
  expect(judged.verdict.verdict).toBe('allowed-with-duties');
  await client.call(handOver, { params: { id: project.id }, body: { assetIds: [assetId], format: 'obj' } });
  const done = await waitFor(
    () => client.call(getProject, { params: { id: project.id } }),
    ({ handOvers }) => handOvers[0].state !== 'packing',
  );
  expect(done.handOvers[0]).toMatchObject({ state: 'packed', versionNumber: 1, format: 'obj' });
  expect(done.handOvers[0].checks.every((check) => check.holds)).toBe(true);
  // the maps in another format: what the model takes, and not what it does not
  const shape = (format: 'obj' | 'gltf') =>
    client.call(handOver, { params: { id: project.id }, body: { assetIds: [assetId], format, maps: 'webp' } });
  await expect(shape('obj')).rejects.toThrow('OBJ takes its maps as PNG or JPEG');
  await shape('gltf');
  const loose = await waitFor(
    () => client.call(getProject, { params: { id: project.id } }),
    ({ handOvers }) => handOvers.every(({ state }) => state !== 'packing'),
  );
  expect(loose.handOvers.map(({ state, format }) => `${format} ${state}`).sort()).toEqual([
    'gltf packed',
    'obj packed',
  ]);
  const credits = await client.call(getProjectCredits, { params: { id: project.id }, query: {} });
  expect(credits.text).toContain('“Crate” by Ines Falkenrot');
  expect(credits.text).toContain('scaled to real size');

  const packed = await client.request(`/api/bytes/${done.handOvers[0].zipSha256}?type=zip&name=crate.zip`);
  expect(packed.headers.get('content-type')).toBe('application/zip');
  expect(
    Buffer.from(await packed.arrayBuffer())
      .subarray(0, 2)
      .toString(),
  ).toBe('PK');
  const page = await client.call(getAsset, { params });
  expect(page.uses).toHaveLength(2);
  expect(page.uses[0]).toMatchObject({ projectName: 'Tide House', versionNumber: 1, state: 'packed' });
  expect(page.versions[0].checks[0]).toMatchObject({ what: 'valid glTF 2.0', holds: true });
  expect(page.card.uses).toBe(2);
});

test('free of charge is no grant: without a licence nothing is catalogued, with a word of a person it is, and who said it is kept', async () => {
  const arrival = await bring('free.zip', { 'crate.obj': CRATE, 'readme.txt': 'Free download!\n' });
  const { assetId } = await client.call(takeToBench, { params: { id: arrival.finds[0].id } });
  const params = { id: assetId };
  await answerAll(await client.call(takeSure, { params }));
  await expect(client.call(catalogueAsset, { params, body: { name: 'x', category: 'prop' } })).rejects.toThrow(
    '409: It cannot be catalogued yet. “Free” is a price, not a grant.',
  );
  await expect(
    client.call(answerFinding, {
      params,
      body: { key: 'rights:licence', answer: { kind: 'set-aside', reason: 'never mind' } },
    }),
  ).rejects.toThrow('409');
  expect((await client.call(getRights)).toSettle.map((row) => row.id)).toContain(assetId);
  const sheet = await client.call(changeProvenance, {
    params,
    body: { change: { licenceId: 'LicenseRef-own-work', author: 'Maja Lindqvist' }, why: 'she modelled it' },
  });
  expect(sheet.missing).toEqual([]);
  expect(sheet.changes[0].personName).toBe('Maja Lindqvist');
  expect(sheet.changes.find((change) => change.field === 'licenceId')).toMatchObject({
    before: 'LicenseRef-unknown',
    after: 'LicenseRef-own-work',
    why: 'she modelled it',
  });
  await expect(client.call(changeProvenance, { params, body: { change: { licenceId: 'CC-BY-9' } } })).rejects.toThrow(
    '400',
  );
});

test('a non-commercial asset is refused to a paid project by its clause, and allowed to a free one', async () => {
  const assetId = await catalogueCrate('nc crate', README.replace('CC BY 4.0', 'CC BY-NC 4.0'));
  const paid = await client.call(createProject, {
    body: { name: 'Paid', purpose: '', use: { uses: ['rendered'], commercial: true, arrangement: 'side-by-side' } },
  });
  const free = await client.call(createProject, {
    body: { name: 'Free', purpose: '', use: { uses: ['rendered'], commercial: false, arrangement: 'side-by-side' } },
  });
  await expect(
    client.call(handOver, { params: { id: paid.id }, body: { assetIds: [assetId], format: 'glb' } }),
  ).rejects.toThrow(/409.*1\(i\)/);
  expect(
    (await client.call(handOver, { params: { id: free.id }, body: { assetIds: [assetId], format: 'glb' } })).handOvers,
  ).toHaveLength(1);
  const asked = await client.call(searchCatalogue, { query: { words: 'nc', use: 'commercial' } });
  expect(asked).toMatchObject({ cards: [], heldBack: 1 });
});

test('the same treatment makes no second version; a step switched off does', async () => {
  const assetId = await catalogueCrate('versioned');
  const params = { id: assetId };
  const body = { name: 'versioned', category: 'prop' as const };
  await client.call(catalogueAsset, { params, body });
  expect((await client.call(getAsset, { params })).versions).toHaveLength(1);
  const sheet = await client.call(getSheet, { params });
  const scale = sheet.steps.find((row) => row.step.kind === 'scale')!;
  await client.call(switchStep, { params, body: { stepId: scale.id, enabled: false } });
  await client.call(catalogueAsset, { params, body });
  const page = await waitFor(
    () => client.call(getAsset, { params }),
    ({ versions }) => versions.length === 2 && versions[0].state === 'made',
  );
  expect(page.card.heightM).toBeCloseTo(40, 4);
  expect(page.versions[1].after!.box!.max[1]).toBeCloseTo(0.4, 6);
});

test('an answer can be taken back, and its steps go with it', async () => {
  const arrival = await bring('back.zip', { 'crate.obj': CRATE, 'readme.txt': README });
  const { assetId } = await client.call(takeToBench, { params: { id: arrival.finds[0].id } });
  const params = { id: assetId };
  await client.call(takeSure, { params });
  const sheet = await client.call(answerFinding, { params, body: { key: 'size', answer: null } });
  expect(sheet.steps.some((row) => row.step.kind === 'scale')).toBe(false);
  expect(sheet.missing).toContain('Its size is not settled.');
  const own = await client.call(answerFinding, {
    params,
    body: {
      key: 'size',
      answer: {
        kind: 'own',
        summary: 'height 78 cm',
        steps: [{ kind: 'scale', schema: 1, factor: 0.0195, label: '' }],
      },
    },
  });
  expect(own.steps.find((row) => row.step.kind === 'scale')!.title).toBe('Scaled × 0.0195');
  await expect(
    client.call(answerFinding, { params, body: { key: 'size', answer: { kind: 'taken', choiceId: 'furlong' } } }),
  ).rejects.toThrow('400');
  await expect(client.call(answerFinding, { params, body: { key: 'nothing', answer: null } })).rejects.toThrow('404');
});

test('a broken model is told in a sentence on its find; its neighbour in the same zip is read', async () => {
  const arrival = await bring('half.zip', { 'a/good.obj': CRATE, 'b/bad.gltf': '{"asset":{"version":"1.0"}}' });
  expect(arrival.finds.map((find) => [find.name, find.state])).toEqual([
    ['Good', 'read'],
    ['Bad', 'failed'],
  ]);
  expect(arrival.finds[1].message).toContain('glTF 1.0');
  await expect(client.call(takeToBench, { params: { id: arrival.finds[1].id } })).rejects.toThrow('409');
  await client.call(setFindAside, { params: { id: arrival.finds[1].id }, body: { reason: 'old format' } });
  const health = await client.call(getHealth);
  expect(health.failed.map((job) => job.label)).toContain('reading “Bad”');
  expect(health.missing).toEqual([]);
});

test('an arrival of loose files is one find; a path that leads out is refused and the rest goes on', async () => {
  const files = { 'crate/crate.obj': CRATE, 'crate/crate.mtl': 'newmtl wood\n' };
  const announced = await client.call(createArrival, {
    body: {
      name: 'crate',
      files: [
        ...Object.entries(files).map(([path, text]) => ({ path, sizeBytes: text.length })),
        { path: '../evil.obj', sizeBytes: 3 },
      ],
    },
  });
  expect(announced.refused[0]).toContain('points outside');
  for (const { id, path } of announced.received)
    await client.upload(id, Buffer.from(files[path as keyof typeof files]));
  const arrivals = await waitFor(
    () => client.call(listArrivals),
    (all) => all.find((arrival) => arrival.id === announced.id)?.state === 'ready',
  );
  expect(arrivals.find((arrival) => arrival.id === announced.id)!.finds).toHaveLength(1);
});

test('an upload of another size than announced, or unannounced, is refused', async () => {
  const { received } = await client.call(createArrival, {
    body: { name: 'liar.zip', files: [{ path: 'liar.zip', sizeBytes: 5 }] },
  });
  await expect(client.upload(received[0].id, Buffer.from('more than five'))).rejects.toThrow('400');
  await expect(client.upload('nobody', Buffer.from('x'))).rejects.toThrow('404');
});

test('the strip counts what waits', async () => {
  const work = await client.call(getProgress);
  const bench = await client.call(listBench);
  expect(work.counts.bench).toBe(bench.length);
  expect(work.counts.catalogue).toBeGreaterThan(0);
});
