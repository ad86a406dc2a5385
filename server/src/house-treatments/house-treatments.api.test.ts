import { takeToBench } from '@haveld/contract/api/arrivals';
import { answerFinding, catalogueAsset, getSheet, setOwnSteps, switchStep } from '@haveld/contract/api/bench';
import { getAsset } from '@haveld/contract/api/catalogue';
import { saveHabit } from '@haveld/contract/api/habits';
import {
  endHouseTrial,
  getHouseTrial,
  listHouseTreatments,
  removeHouseTreatment,
  saveHouseTreatment,
  takeHouseTrial,
  tryHouseTreatment,
  type HouseTrial,
  type TriedOn,
} from '@haveld/contract/api/house-treatments';
import type { HouseTreatment } from '@haveld/contract/house-treatment';
import { bring } from '../testing/bring';
import { benchCrate, catalogueCrate, CRATE_MATERIAL, README, withPegs } from '../testing/take-crate';
import { waitFor } from '../testing/test-library';
import { useLibrary } from '../testing/use-library';

const given = useLibrary();

const TIDY: HouseTreatment = {
  name: 'Tidy pegs',
  rules: [
    { do: 'join', where: { name: 'peg*' }, name: 'pegs' },
    { do: 'smooth', where: { name: 'pegs' }, degrees: 20, atMaterials: false },
  ],
};

const keep = async (treatment = TIDY, id = 'new'): Promise<string> =>
  (await given.client.call(saveHouseTreatment, { params: { id }, body: treatment })).id;

/** Tries it, and waits until all is looked at. */
async function attempt(id: string, on: TriedOn): Promise<HouseTrial> {
  const trial = await given.client.call(tryHouseTreatment, { params: { id }, body: { on } });
  return waitFor(
    () => given.client.call(getHouseTrial, { params: { id: trial.id } }),
    ({ done, total }) => done === total,
  );
}
const take = (trial: HouseTrial, rows = trial.rows.map(({ id }) => id)) =>
  given.client.call(takeHouseTrial, { params: { id: trial.id }, body: { rows } });
const sheetOf = (id: string) => given.client.call(getSheet, { params: { id } });
const stepsOf = async (id: string): Promise<string[]> =>
  (await sheetOf(id)).steps.filter(({ step }) => step.kind.endsWith('-parts')).map(({ step }) => step.kind);
const named = async (name: string) =>
  (await given.client.call(listHouseTreatments, {})).find((one) => one.name === name)!;

test('tried on several it says what it would do to each, changes nothing, and is taken for those that are chosen', async () => {
  const [pegged, plain] = [
    await benchCrate(given.client, 'trial pegged', { 'crate.obj': withPegs(3), 'readme.txt': README }),
    await benchCrate(given.client, 'trial plain', { 'readme.txt': README }),
  ];
  const id = await keep();
  const trial = await attempt(id, { kind: 'assets', ids: [pegged, plain, pegged] });
  expect(trial.rows.map((row) => [row.name, row.state, row.lines.map(({ title }) => title)])).toEqual([
    ['Crate', 'planned', ['3 parts joined as “pegs”', 'Smooth below 20°']],
    ['Crate', 'planned', []],
  ]);
  expect(trial.rows[0]).toMatchObject({ before: { parts: 4, triangles: 24 }, after: { parts: 2, triangles: 24 } });
  expect(await stepsOf(pegged)).toEqual([]);
  expect(await take(trial, [trial.rows[0].id])).toEqual({ taken: 1, left: [] });
  expect(await stepsOf(pegged)).toEqual(['join-parts', 'shade-parts']);
  const { steps, houseTreatments } = await sheetOf(pegged);
  expect(houseTreatments).toEqual([{ id, name: 'Tidy pegs', number: 1, newest: 1 }]);
  // a step of it can be switched off like any other
  const joined = steps.find(({ step }) => step.kind === 'join-parts')!;
  await given.client.call(switchStep, { params: { id: pegged }, body: { stepId: joined.id, enabled: false } });
  expect(await take(trial, [trial.rows[0].id])).toEqual({
    taken: 0,
    left: [{ name: 'Crate', why: 'It has it already.' }],
  });
  await given.client.call(endHouseTrial, { params: { id: trial.id } });
  await expect(given.client.call(getHouseTrial, { params: { id: trial.id } })).rejects.toThrow('404');
  await given.client.call(removeHouseTreatment, { params: { id } });
  // what came of it stays
  expect(await stepsOf(pegged)).toEqual(['join-parts', 'shade-parts']);
});

test('changed since, it is offered to those that have an older one, and done anew in place of what it did', async () => {
  const asset = await benchCrate(given.client, 'older pegged', { 'crate.obj': withPegs(2), 'readme.txt': README });
  const id = await keep({ ...TIDY, name: 'Tidy older' });
  await take(await attempt(id, { kind: 'assets', ids: [asset] }));
  expect(await named('Tidy older')).toMatchObject({ number: 1, assets: 1, older: 0 });
  // another name is no change of what it does
  await keep({ ...TIDY, name: 'Tidy once more' }, id);
  expect(await named('Tidy once more')).toMatchObject({ number: 1, older: 0 });
  await keep({ name: 'Tidy once more', rules: [{ do: 'group', where: { name: 'peg*' }, name: 'pegs' }] }, id);
  expect(await named('Tidy once more')).toMatchObject({ number: 2, assets: 1, older: 1 });
  expect((await sheetOf(asset)).houseTreatments).toMatchObject([{ number: 1, newest: 2 }]);
  const trial = await attempt(id, { kind: 'older' });
  expect(trial.rows.map(({ name, lines }) => [name, lines.map(({ title }) => title)])).toEqual([
    ['Crate', ['2 parts grouped as “pegs”']],
  ]);
  await take(trial);
  expect(await stepsOf(asset)).toEqual(['group-parts']);
  expect(await named('Tidy once more')).toMatchObject({ older: 0 });
  await expect(attempt(id, { kind: 'older' })).rejects.toThrow('There is nothing to try it on there.');
});

test('what stands in the catalogue gets a new version of it; the older one stays', async () => {
  const asset = await catalogueCrate(given.client, 'catalogued for the house');
  const id = await keep({ name: 'Lighter', rules: [{ do: 'smooth', degrees: 60, atMaterials: false }] });
  const trial = await attempt(id, { kind: 'assets', ids: [asset] });
  expect(trial.rows[0]).toMatchObject({ isCatalogued: true });
  expect(await take(trial)).toEqual({ taken: 1, left: [] });
  const { versions } = await waitFor(
    () => given.client.call(getAsset, { params: { id: asset } }),
    (shown) => shown.versions.length === 2 && shown.versions.every(({ state }) => state === 'made'),
  );
  expect(versions[0].outcomes.map(({ kind }) => kind)).toContain('shade-parts');
  expect(versions[1].outcomes.map(({ kind }) => kind)).not.toContain('shade-parts');
});

test('what was changed after it was looked at is left, with why', async () => {
  const asset = await benchCrate(given.client, 'changed meanwhile', { 'crate.obj': withPegs(2), 'readme.txt': README });
  const id = await keep({ ...TIDY, name: 'Tidy meanwhile' });
  const trial = await attempt(id, { kind: 'assets', ids: [asset] });
  await given.client.call(setOwnSteps, {
    params: { id: asset },
    body: { key: 'own:reduce', steps: [{ kind: 'reduce-triangles', schema: 1, to: { by: 'share', share: 0.9 } }] },
  });
  expect(await take(trial)).toEqual({
    taken: 0,
    left: [{ name: 'Crate', why: 'Its treatment changed since it was looked at. Try it again.' }],
  });
  expect(await stepsOf(asset)).toEqual([]);
  const again = await given.client.call(getHouseTrial, { params: { id: trial.id } });
  expect(again.rows[0].state).toBe('changed');
});

test('it takes the likeliest answer where it is to, and says so for ever; rights it leaves alone', async () => {
  const arrival = await bring(given.client, 'asks.zip', { 'crate.obj': withPegs(2), 'crate.mtl': CRATE_MATERIAL });
  const { assetId } = await given.client.call(takeToBench, { params: { id: arrival.finds[0].id } });
  const open = (await sheetOf(assetId)).findings.find(
    ({ settled, heading, choices }) => !settled && heading !== 'rights' && choices.length > 1,
  )!;
  const id = await keep({
    name: 'Answers',
    rules: [
      { do: 'answer', finding: open.kind },
      { do: 'answer', finding: 'rights:licence' },
      { do: 'join', where: { name: 'peg*' }, name: 'pegs' },
    ],
  });
  const trial = await attempt(id, { kind: 'assets', ids: [assetId] });
  expect(trial.rows[0].lines.map(({ rule, title, changed }) => [rule, title, changed])).toEqual([
    [0, open.title, open.choices[0].label],
    [2, '2 parts joined as “pegs”', 'peg 1, peg 2'],
  ]);
  expect(await take(trial)).toEqual({ taken: 1, left: [] });
  const after = await sheetOf(assetId);
  expect(after.findings.find(({ key }) => key === open.key)!.answer).toEqual({
    kind: 'taken',
    choiceId: open.choices[0].id,
    // not what a person chose on the sheet, nor what was sure
    by: 'house',
  });
  expect(after.findings.filter(({ heading, answer }) => heading === 'rights' && answer !== null)).toEqual([]);
});

test('nothing is taken away by a size that is only guessed', async () => {
  // no text says how large it is
  const arrival = await bring(given.client, 'guessed.zip', { 'zorb.obj': withPegs(2), 'crate.mtl': CRATE_MATERIAL });
  const { assetId } = await given.client.call(takeToBench, { params: { id: arrival.finds[0].id } });
  const size = (await sheetOf(assetId)).findings.find(({ kind }) => kind === 'size')!;
  expect([size.settled, size.mark]).toEqual([false, 'look']);
  const id = await keep({
    name: 'Small parts out',
    rules: [
      { do: 'answer', finding: 'size' },
      { do: 'take-out', where: { name: 'peg*', belowM: 100 } },
    ],
  });
  const trial = await attempt(id, { kind: 'assets', ids: [assetId] });
  expect(trial.rows[0].lines.find(({ rule }) => rule === 1)).toMatchObject({
    changed: '',
    trouble: ['Left out: it goes by size, and nobody has confirmed the size yet.'],
  });
  expect(trial.rows[0].after).toEqual(trial.rows[0].before);
  await given.client.call(answerFinding, {
    params: { id: assetId },
    body: { key: size.key, answer: { kind: 'taken', choiceId: size.choices[0].id } },
  });
  const again = await attempt(id, { kind: 'assets', ids: [assetId] });
  expect(again.rows[0].lines.map(({ title }) => title)).toEqual(['peg 1, peg 2 taken out']);
});

test('the next download of a source that names it is treated when it comes onto the bench', async () => {
  const id = await keep({ ...TIDY, name: 'Tidy on arrival' });
  await given.client.call(saveHabit, {
    params: { id: 'new' },
    body: {
      appliesBy: 'archive',
      pattern: 'arrives treated*',
      words: [],
      unit: null,
      up: null,
      front: null,
      twoSidedFoliage: null,
      houseTreatmentId: id,
    },
  });
  const asset = await benchCrate(given.client, 'arrives treated', { 'crate.obj': withPegs(4), 'readme.txt': README });
  const sheet = await waitFor(
    () => sheetOf(asset),
    ({ houseTreatments }) => houseTreatments.length === 1,
  );
  const own = sheet.steps.filter(({ step }) => step.kind.endsWith('-parts'));
  expect(own.map(({ step, personName }) => [step.kind, personName])).toEqual([
    ['join-parts', 'Haveld'],
    ['shade-parts', 'Haveld'],
  ]);
  const other = await benchCrate(given.client, 'arrives plain', { 'crate.obj': withPegs(4), 'readme.txt': README });
  expect((await sheetOf(other)).houseTreatments).toEqual([]);
  await given.client.call(catalogueAsset, { params: { id: other }, body: { name: 'arrives plain', category: 'prop' } });
});

test('a treatment that is not there, and a rule that means no parts, are refused', async () => {
  const gone = '00000000-0000-4000-8000-000000000000';
  await expect(keep(TIDY, gone)).rejects.toThrow('There is no such house treatment.');
  await expect(
    given.client.call(tryHouseTreatment, { params: { id: gone }, body: { on: { kind: 'bench' } } }),
  ).rejects.toThrow('404');
  await expect(keep({ name: 'x', rules: [{ do: 'take-out', where: {} }] })).rejects.toThrow('Say which parts');
});
