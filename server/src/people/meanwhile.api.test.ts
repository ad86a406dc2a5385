import { answerFinding, changeProvenance, getSheet, setOwnSteps } from '@haveld/contract/api/bench';
import { decideDuplicate, listDuplicates } from '@haveld/contract/api/duplicates';
import { listHabits, saveHabit, type NamingHabit } from '@haveld/contract/api/habits';
import { getHouseRules, saveHouseRules } from '@haveld/contract/api/house';
import { nameAsset } from '@haveld/contract/api/line-up';
import { changeProject, createProject, getProject } from '@haveld/contract/api/projects';
import { getLicence, saveLicence, settleRights } from '@haveld/contract/api/rights';
import { PLAIN_USE } from '@haveld/core/rights/plain-use';
import { closedTerms } from '@haveld/core/rights/licences/free-terms';
import { bring } from '../testing/bring';
import { benchCrate, CRATE, CRATE_MATERIAL, README } from '../testing/take-crate';
import { waitFor, type TestClient } from '../testing/test-library';
import { useLibrary } from '../testing/use-library';

const given = useLibrary();
let maja: TestClient;
let oskar: TestClient;
let id: string;
beforeAll(async () => {
  maja = given.client;
  oskar = await given.library.signInAs('curator', 'oskar');
  id = await benchCrate(maja, 'two see it', { 'readme.txt': README });
});

const sheet = () => maja.call(getSheet, { params: { id } });
const answerOf = async (key: string) => (await sheet()).findings.find((finding) => finding.key === key)!.answer;

describe('two people answer one finding', () => {
  let choices: string[];
  beforeAll(async () => {
    choices = (await sheet()).findings.find(({ key }) => key === 'size')!.choices.map((choice) => choice.id);
    expect(choices.length).toBeGreaterThan(1);
  });
  const by = (client: TestClient, choiceId: string, seen?: Awaited<ReturnType<typeof answerOf>>) =>
    client.call(answerFinding, { params: { id }, body: { key: 'size', answer: { kind: 'taken', choiceId }, seen } });

  const later = (client: TestClient, seen: Awaited<ReturnType<typeof answerOf>>) =>
    client.call(answerFinding, {
      params: { id },
      body: { key: 'size', answer: { kind: 'set-aside', reason: 'measured in May' }, seen },
    });

  test('the second is told who was first, and nothing is overwritten', async () => {
    const seen = await answerOf('size');
    await by(oskar, choices[1], seen);
    const ofOskar = await answerOf('size');
    await expect(by(maja, choices[0], seen)).rejects.toThrow(
      '409: oskar changed this meanwhile. Look again, and decide.',
    );
    expect(await answerOf('size')).toEqual(ofOskar);
    // having looked, they decide
    await by(maja, choices[0], ofOskar);
    expect(await answerOf('size')).toMatchObject({ choiceId: choices[0] });
  });

  test('at the same moment one is first and the other is told', async () => {
    const seen = await answerOf('size');
    const third = await given.library.signInAs('artist', 'third');
    const done = await Promise.allSettled([by(oskar, choices[1], seen), later(third, seen)]);
    expect(done.map(({ status }) => status).sort()).toEqual(['fulfilled', 'rejected']);
    const first = done.findIndex(({ status }) => status === 'fulfilled');
    expect((await answerOf('size'))!.kind).toBe(['taken', 'set-aside'][first]);
  });

  test('one’s own earlier answer, from another window, is no conflict; neither is what says nothing of what it saw', async () => {
    const seen = await answerOf('size');
    await by(oskar, choices[1], seen);
    await by(oskar, choices[0], seen);
    expect(await answerOf('size')).toMatchObject({ choiceId: choices[0] });
    await by(maja, choices[1]);
    expect(await answerOf('size')).toMatchObject({ choiceId: choices[1] });
  });
});

describe('two people correct whose it is', () => {
  test('different fields are both kept; of one field the second is told', async () => {
    const { provenance } = await sheet();
    const change = (client: TestClient, what: Partial<typeof provenance>) =>
      client.call(changeProvenance, { params: { id }, body: { change: { ...provenance, ...what }, seen: provenance } });
    await change(oskar, { author: 'Tor Aldersund' });
    await change(maja, { price: '12' });
    expect((await sheet()).provenance).toMatchObject({ author: 'Tor Aldersund', price: '12' });
    await expect(change(maja, { author: 'Ines' })).rejects.toThrow('409: oskar changed the author meanwhile.');
    await expect(
      maja.call(settleRights, { body: { assetIds: [id], change: { author: 'Ines' }, seen: provenance, why: 'said' } }),
    ).rejects.toThrow('409: oskar changed the author meanwhile.');
    expect((await sheet()).provenance.author).toBe('Tor Aldersund');
  });
});

test('two people change the house rules: each keeps theirs, one rule is told by its name', async () => {
  const seen = await maja.call(getHouseRules);
  await oskar.call(saveHouseRules, { body: { ...seen, houseName: 'The quay', standings: { MIT: 'look' }, seen } });
  const both = await maja.call(saveHouseRules, {
    body: { ...seen, secondPerson: true, standings: { 'CC0-1.0': 'look' }, seen },
  });
  expect(both).toMatchObject({
    houseName: 'The quay',
    secondPerson: true,
    standings: { MIT: 'look', 'CC0-1.0': 'look' },
  });
  await oskar.call(saveHouseRules, { body: { ...both, houseName: 'The other quay', seen: both } });
  await expect(maja.call(saveHouseRules, { body: { ...both, houseName: 'Our quay', seen: both } })).rejects.toThrow(
    '409: “The house’s name”: changed meanwhile. oskar saved last. Look again, and decide.',
  );
  expect((await maja.call(getHouseRules)).houseName).toBe('The other quay');
});

test('two people change what a project is for', async () => {
  const made = await maja.call(createProject, { body: { name: 'Tide House', purpose: 'a show', use: PLAIN_USE } });
  const { name, purpose, use, live } = await maja.call(getProject, { params: { id: made.id } });
  const seen = { name, purpose, use, live };
  const change = (client: TestClient, what: Partial<typeof seen>) =>
    client.call(changeProject, { params: { id: made.id }, body: { ...seen, ...what, seen } });
  await change(oskar, { use: { ...use, commercial: true } });
  await change(maja, { use: { ...use, until: '2027-09-30' }, purpose: 'a tour' });
  expect(await maja.call(getProject, { params: { id: made.id } })).toMatchObject({
    purpose: 'a tour',
    use: { commercial: true, until: '2027-09-30' },
  });
  await expect(change(oskar, { purpose: 'a fair' })).rejects.toThrow(
    '409: What it is for: changed meanwhile. Look again, and decide.',
  );
});

test('two people change a naming habit', async () => {
  const habit: NamingHabit = {
    appliesBy: 'archive',
    pattern: 'quay*',
    words: [],
    unit: null,
    up: null,
    front: null,
    twoSidedFoliage: null,
    houseTreatmentId: null,
  };
  const { id: habitId } = await maja.call(saveHabit, { params: { id: 'new' }, body: habit });
  const change = (client: TestClient, what: Partial<NamingHabit>) =>
    client.call(saveHabit, { params: { id: habitId }, body: { ...habit, ...what, seen: habit } });
  await change(oskar, { unit: 'cm' });
  await change(maja, { up: 'z' });
  const [kept] = (await maja.call(listHabits)).habits;
  expect(kept).toMatchObject({ unit: 'cm', up: 'z' });
  await expect(change(oskar, { up: 'y' })).rejects.toThrow(
    '409: This habit: changed meanwhile. Maja Lindqvist saved last.',
  );
});

test('two people correct a term sheet of the house', async () => {
  const terms = closedTerms('LicenseRef-quay', 'Quay licence', 'Quay', { house: 'look' });
  const save = (client: TestClient, what: Partial<typeof terms>, seen?: typeof terms) =>
    client.call(saveLicence, { body: { terms: { ...terms, ...what }, text: '', why: 'read', seen } });
  await save(maja, {});
  await save(oskar, { short: 'Quay 1' }, terms);
  await save(maja, { note: 'asked again in May' }, terms);
  expect((await maja.call(getLicence, { params: { id: 'LicenseRef-quay' } })).terms).toMatchObject({
    short: 'Quay 1',
    note: 'asked again in May',
  });
  await expect(save(oskar, { note: 'no' }, terms)).rejects.toThrow(
    '409: “note”: changed meanwhile. Maja Lindqvist saved last.',
  );
});

test('two people name a model in the line-up', async () => {
  const seen = { name: (await sheet()).name };
  await oskar.call(nameAsset, { params: { id }, body: { name: 'Fish crate', seen } });
  await expect(maja.call(nameAsset, { params: { id }, body: { name: 'Net box', seen } })).rejects.toThrow(
    'changed the name of “Fish crate” meanwhile',
  );
  const { tags } = await sheet();
  await maja.call(nameAsset, { params: { id }, body: { tags: ['harbour'], seen: { tags } } });
  expect(await sheet()).toMatchObject({ name: 'Fish crate', tags: ['harbour'], proposedTags: [] });
});

test('two people put steps of their own under one key', async () => {
  const key = 'own:part-pivots';
  const step = (factor: number) => ({ kind: 'scale' as const, schema: 1 as const, factor, label: `by ${factor}` });
  const put = (client: TestClient, factor: number, seen: ReturnType<typeof step>[]) =>
    client.call(setOwnSteps, { params: { id }, body: { key, steps: [step(factor)], seen } });
  await put(oskar, 2, []);
  await expect(put(maja, 3, [])).rejects.toThrow('409: oskar changed this meanwhile.');
  await put(maja, 3, [step(2)]);
  const { steps } = await sheet();
  expect(steps.filter(({ findingKey }) => findingKey === key).map((row) => row.step)).toEqual([step(3)]);
});

test('two people decide whether something is here already', async () => {
  const again = await bring(maja, 'again.zip', { 'box.obj': CRATE, 'box.mtl': CRATE_MATERIAL, 'notes.txt': 'another' });
  const [find] = again.finds;
  const [pair] = await waitFor(
    () => maja.call(listDuplicates, { params: { id: find.id } }),
    (pairs) => pairs.length > 0,
  );
  const decide = (client: TestClient, decision: 'both' | 'same', seen: typeof pair.decision) =>
    client.call(decideDuplicate, { params: { id: pair.id }, body: { decision, seen } });
  await decide(oskar, 'both', null);
  await expect(decide(maja, 'same', null)).rejects.toThrow('409: oskar changed this meanwhile.');
  await decide(maja, 'same', 'both');
});

test('what somebody else changed is kept, though one saved last oneself, from another window', async () => {
  const seen = await maja.call(getHouseRules);
  await oskar.call(saveHouseRules, { body: { ...seen, keepDoneWork: 99, houseName: 'Of oskar', seen } });
  const between = await maja.call(getHouseRules);
  await maja.call(saveHouseRules, {
    body: { ...between, triangles: { ...between.triangles, prop: 123_456 }, seen: between },
  });
  // the first window still shows what stood before
  await maja.call(saveHouseRules, { body: { ...seen, mapMemoryBytes: 99_000_000, seen } });
  expect(await maja.call(getHouseRules)).toMatchObject({
    keepDoneWork: 99,
    houseName: 'Of oskar',
    triangles: { prop: 123_456 },
    mapMemoryBytes: 99_000_000,
  });
  await expect(maja.call(saveHouseRules, { body: { ...seen, houseName: 'Of maja', seen } })).rejects.toThrow(
    '409: “The house’s name”: changed meanwhile. You saved last.',
  );
});
