import { catalogueAsset, getSheet, listStandIns, takePlace } from '@haveld/contract/api/bench';
import { createProject, getProject, handOver } from '@haveld/contract/api/projects';
import type { Box } from '@haveld/contract/report';
import type { Step } from '@haveld/contract/step';
import { placeBox } from '@haveld/core/placement/kit/place-box';
import { planPlaceTaking } from '@haveld/core/placement/take-place';
import { boxSize } from '@haveld/core/scene/measures/bounds';
import { orderSteps } from '@haveld/core/treatment/steps';
import { benchCrate, catalogueCrate, README } from '../testing/take-crate';
import { waitFor } from '../testing/test-library';
import { useLibrary } from '../testing/use-library';

const given = useLibrary();

test('a new crate takes the place of a catalogued one: its size, its pivot and its file name, until it is given back', async () => {
  const { client } = given;
  const otherId = await catalogueCrate(client, 'quay crate');
  const id = await benchCrate(client, 'better crate', { 'readme.txt': README.replace('40 cm', '80 cm') });

  const [offered] = await client.call(listStandIns, { params: { id }, query: { words: 'quay' } });
  expect(offered).toMatchObject({ id: otherId, name: 'quay crate', isSimilar: true });
  expect(boxSize(offered.box).map((side) => Math.round(side * 100))).toEqual([50, 40, 30]);
  expect(await client.call(listStandIns, { params: { id }, query: { words: 'lighthouse' } })).toEqual([]);

  const before = await client.call(getSheet, { params: { id } });
  const steps = before.steps.map(({ step }) => step);
  const plan = planPlaceTaking(placeBox(before.figures.box!, steps), offered.box)!;
  const scaled = steps.find((step) => step.kind === 'scale');
  const size: Step = {
    kind: 'scale',
    schema: 1,
    factor: plan.factor * (scaled?.kind === 'scale' ? scaled.factor : 1),
    label: '',
  };
  const pivot: Step = { kind: 'set-pivot', schema: 1, at: 'point', onGround: false, point: plan.point };
  const sheet = await client.call(takePlace, {
    params: { id },
    body: { assetId: otherId, answers: { size: [size], pivot: [pivot] } },
  });
  expect(sheet.standsFor).toMatchObject({ id: otherId, name: 'quay crate' });
  expect(sheet.findings.find(({ key }) => key === 'size')?.answer).toMatchObject({
    kind: 'own',
    summary: `in the place of ${offered.accession}`,
  });
  const placed: Box = placeBox(
    sheet.figures.box!,
    orderSteps(sheet.steps).map(({ step }) => step),
  );
  placed.min.forEach((value, axis) => expect(value).toBeCloseTo(offered.box.min[axis], 5));
  placed.max.forEach((value, axis) => expect(value).toBeCloseTo(offered.box.max[axis], 5));

  await client.call(catalogueAsset, { params: { id }, body: { name: 'better crate', category: 'prop' } });
  await waitFor(
    () => client.call(getSheet, { params: { id } }),
    ({ state }) => state === 'catalogued',
  );
  const project = await client.call(createProject, {
    body: {
      name: 'Tide House',
      purpose: 'a show',
      use: { uses: ['rendered'], commercial: true, arrangement: 'side-by-side' },
    },
  });
  await client.call(handOver, { params: { id: project.id }, body: { assetIds: [id], format: 'glb' } });
  const packed = await waitFor(
    () => client.call(getProject, { params: { id: project.id } }),
    ({ handOvers }) => handOvers[0].state !== 'packing',
  );
  const zip = await client.request(`/api/bytes/${packed.handOvers[0].zipSha256}?type=zip&name=crate.zip`);
  expect(Buffer.from(await zip.arrayBuffer()).includes('quay_crate/quay_crate.glb')).toBe(true);

  const back = await client.call(takePlace, { params: { id }, body: { assetId: null, answers: {} } });
  expect(back.standsFor).toBeNull();
  expect(back.findings.find(({ key }) => key === 'size')?.answer).toBeNull();
});

test('nothing takes its own place, nor that of what is not in the catalogue', async () => {
  const { client } = given;
  const id = await benchCrate(client, 'third crate', { 'readme.txt': README });
  const take = (assetId: string) => client.call(takePlace, { params: { id }, body: { assetId, answers: {} } });
  await expect(take(id)).rejects.toThrow('cannot take its own place');
  await expect(take('nobody')).rejects.toThrow('not in the catalogue');
});

test('what is catalogued speaks for the size of the next thing of its kind', async () => {
  const { client } = given;
  const id = await benchCrate(client, 'fourth crate', { 'readme.txt': 'Crate by Ines Falkenrot\nCC BY 4.0\n' });
  const sheet = await client.call(getSheet, { params: { id } });
  const size = sheet.findings.find(({ key }) => key === 'size')!;
  const texts = size.choices.flatMap(({ evidence }) => evidence.map(({ text }) => text));
  expect(texts.some((text) => /^as HV-\d+ “.*crate” in the library/.test(text))).toBe(true);
});
