import {
  answerFindQuestion,
  giveArrivalPassword,
  joinArrivals,
  listArrivals,
  regroupFile,
  takeManyToBench,
  cancelArrival,
  type Arrival,
} from '@haveld/contract/api/arrivals';
import { decideDuplicate, listDuplicates } from '@haveld/contract/api/duplicates';
import { listHabits, saveHabit, tryHabit } from '@haveld/contract/api/habits';
import { packGeneral } from '@haveld/engine/testing/make-archives';
import { one } from '../database/statements';
import { bring, drop, waitForArrival, zip } from '../testing/bring';
import { TestLibrary, waitFor, type TestClient } from '../testing/test-library';

let library: TestLibrary;
let client: TestClient;
beforeAll(async () => {
  library = await TestLibrary.open();
  client = await library.signIn();
  library.startWorker();
});
afterAll(() => library.close());

/** An L of three boxes of different lengths, so that it has a hand; `scale` and turned by swapping axes. */
function ell(scale = 1, lying = false): string {
  const lines: string[] = [];
  let n = 0;
  for (const [x0, y0, z0, x1, y1, z1] of [
    [0, 0, 0, 1, 4, 0.5],
    [1, 0, 0, 2.5, 0.8, 0.5],
    [0, 0, 0.5, 0.6, 0.7, 2],
  ]) {
    for (const z of [z0, z1])
      for (const [x, y] of [
        [x0, y0],
        [x1, y0],
        [x1, y1],
        [x0, y1],
      ]) {
        const p = lying ? [x, -z, y] : [x, y, z];
        lines.push(`v ${p.map((v) => v * scale).join(' ')}`);
      }
    for (const f of [
      [1, 4, 3, 2],
      [5, 6, 7, 8],
      [1, 2, 6, 5],
      [3, 4, 8, 7],
      [2, 3, 7, 6],
      [1, 5, 8, 4],
    ])
      lines.push(`f ${f.map((i) => i + n).join(' ')}`);
    n += 8;
  }
  return `${lines.join('\n')}\n`;
}

const TRIANGLE = 'v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 3\n';
const SAME_ARCHIVE = 'The same archive, byte for byte, received once more.';
const again = (id: string) => waitForArrival(client, id);
const fileOf = (arrival: Arrival, name: string) => arrival.files.find(({ path }) => path.endsWith(name))!;

describe('what is locked', () => {
  test('is asked for once, a wrong password is told, the right one opens it', async () => {
    const bytes = await packGeneral({ 'post.obj': TRIANGLE, 'note.txt': 'oak' }, '7z', '-psesame', '-mhe=on');
    const id = await drop(client, 'post.7z', bytes);
    expect((await waitForArrival(client, id, 'locked')).locked).toEqual(['post.7z']);
    await client.call(giveArrivalPassword, { params: { id }, body: { password: 'sesam' } });
    const refused = await waitFor(
      () => client.call(listArrivals),
      (all) => all.find((one) => one.id === id)?.message !== null,
    );
    expect(refused.find((one) => one.id === id)).toMatchObject({
      state: 'locked',
      message: 'That password does not open any of the locked archives.',
    });
    await client.call(giveArrivalPassword, { params: { id }, body: { password: 'sesame' } });
    const ready = await again(id);
    expect(ready.finds.map(({ modelPath }) => modelPath)).toEqual(['post.7z/post.obj']);
    await expect(client.call(giveArrivalPassword, { params: { id }, body: { password: 'x' } })).rejects.toThrow(
      'Nothing in it needs a password',
    );
  });

  test('two archives with a password each: the first is kept while the second is asked for', async () => {
    const id = await drop(
      client,
      'pair.zip',
      await zip({
        'a.7z': await packGeneral({ 'a.obj': TRIANGLE }, '7z', '-pash'),
        'b.7z': await packGeneral({ 'b.obj': `${TRIANGLE}# b\n` }, '7z', '-pbirch'),
      }),
    );
    expect((await waitForArrival(client, id, 'locked')).locked).toHaveLength(2);
    await client.call(giveArrivalPassword, { params: { id }, body: { password: 'ash' } });
    const half = await waitFor(
      async () => (await client.call(listArrivals)).find((one) => one.id === id)!,
      ({ message }) => message !== null,
    );
    expect(half).toMatchObject({
      state: 'locked',
      message: 'It opened some of them; the others need another password.',
    });
    expect(half.locked.map((path) => path.slice(-4))).toEqual(['b.7z']);
    await client.call(giveArrivalPassword, { params: { id }, body: { password: 'birch' } });
    expect((await again(id)).files.filter(({ path }) => path.endsWith('.obj'))).toHaveLength(2);
  });

  test('a password stands in the database as nobody reads it, and is forgotten once nothing is opened any more', async () => {
    const stored = async () =>
      (await one<{ passwords: string }>(library.pool, 'SELECT passwords FROM arrival WHERE id = ?', [id])).passwords;
    const bytes = await packGeneral({ 'bollard.obj': TRIANGLE }, '7z', '-pheather', '-mhe=on');
    const id = await drop(client, 'bollard.7z', bytes);
    await waitForArrival(client, id, 'locked');
    await client.call(giveArrivalPassword, { params: { id }, body: { password: 'not heather' } });
    await waitFor(
      async () => (await client.call(listArrivals)).find((arrival) => arrival.id === id)!,
      ({ state, message }) => state === 'locked' && message !== null,
    );
    const [sealed] = JSON.parse(await stored()) as string[];
    expect(library.dependencies.seal.open(sealed)).toBe('not heather');
    for (const way of ['utf8', 'base64'] as const) expect(Buffer.from(sealed, way).toString()).not.toContain('heather');
    await client.call(cancelArrival, { params: { id } });
    expect(await stored()).toBe('[]');
  });

  test('can be gone on without', async () => {
    const locked = await packGeneral({ 'secret.obj': TRIANGLE }, 'zip', '-psesame');
    const id = await drop(client, 'half.zip', await zip({ 'open.obj': TRIANGLE, 'inner.zip': locked }));
    await waitForArrival(client, id, 'locked');
    await client.call(giveArrivalPassword, { params: { id }, body: { password: null } });
    expect((await again(id)).finds).toHaveLength(1);
  });
});

test('a question is answered: variants apart are finds of their own', async () => {
  const { id, finds } = await bring(client, 'flags.zip', {
    'flag_red.obj': TRIANGLE,
    'flag_blue.obj': `${TRIANGLE}# blue\n`,
  });
  expect(finds).toHaveLength(1);
  expect(finds[0].question?.text).toContain('red, blue');
  await expect(
    client.call(answerFindQuestion, { params: { id: finds[0].id }, body: { choiceId: 'nonsense' } }),
  ).rejects.toThrow('not one of the answers');
  await client.call(answerFindQuestion, { params: { id: finds[0].id }, body: { choiceId: 'apart' } });
  const after = await again(id);
  expect(after.finds.map(({ name, state, question }) => [name, state, question])).toEqual([
    ['Flag red', 'read', null],
    ['Flag blue', 'read', null],
  ]);
});

test('a file put elsewhere is read with its new find, and becomes a habit of the source', async () => {
  const files = { 'crate.obj': TRIANGLE, 'crate_gm.obj': `${TRIANGLE}# coarse\n` };
  const { id, finds, ...arrival } = await bring(client, 'quay_crate.zip', files);
  expect(finds).toHaveLength(2);
  const file = fileOf({ id, finds, ...arrival }, 'crate_gm.obj');
  await client.call(regroupFile, { params: { id: file.id }, body: { to: finds[0].id, role: 'lod' } });
  const after = await again(id);
  expect(after.finds).toHaveLength(1);
  expect(fileOf(after, 'crate_gm.obj').uses).toEqual([{ findId: finds[0].id, role: 'lod' }]);
  const { proposals } = await client.call(listHabits);
  expect(proposals[0]).toMatchObject({ pattern: 'quay_*.zip', word: 'gm', means: 'coarser detail' });
  const habit = {
    appliesBy: 'archive' as const,
    pattern: 'quay_*.zip',
    words: [{ word: 'gm', means: 'coarser detail' }],
    unit: 'cm' as const,
    up: null,
    front: null,
    twoSidedFoliage: null,
  };
  const trial = await client.call(tryHabit, { body: { habit, paths: ['barrel.obj', 'barrel_gm.obj'] } });
  expect(trial.changed).toEqual(['barrel_gm.obj']);
  await client.call(saveHabit, { params: { id: 'new' }, body: habit });
  const next = await bring(client, 'quay_barrel.zip', {
    'barrel.obj': `${TRIANGLE}# b\n`,
    'barrel_gm.obj': `${TRIANGLE}# bg\n`,
  });
  expect(next.finds).toHaveLength(1);
  expect((await client.call(listHabits)).habits[0]).toMatchObject({
    pattern: 'quay_*.zip',
    arrivals: 2,
    personName: 'Maja Lindqvist',
  });
});

test('excluded, a file says so; only a model becomes a find of its own', async () => {
  const arrival = await bring(client, 'lamp.zip', { 'lamp.obj': TRIANGLE, 'notes.txt': 'brass' });
  const note = fileOf(arrival, 'notes.txt');
  await expect(client.call(regroupFile, { params: { id: note.id }, body: { to: 'new' } })).rejects.toThrow(
    'Only a model',
  );
  await client.call(regroupFile, { params: { id: note.id }, body: { to: 'excluded' } });
  const after = await again(arrival.id);
  expect(fileOf(after, 'notes.txt')).toMatchObject({ uses: [], excludedReason: 'excluded by hand' });
});

test('two downloads of one thing become one arrival, from the bytes that are here', async () => {
  const model = await bring(client, 'buoy_part1.zip', { 'buoy.obj': `${TRIANGLE}# buoy\n` });
  const maps = await bring(client, 'buoy_part2.zip', { 'buoy_readme.txt': 'CC0' });
  const proposed = (await client.call(listArrivals)).find(({ id }) => id === model.id)!.joins;
  expect(proposed).toMatchObject({ id: maps.id, reason: 'parts 1 and 2 of one download' });
  const { id } = await client.call(joinArrivals, { params: { id: model.id }, body: { otherId: maps.id } });
  const joined = await again(id);
  expect(joined.finds).toHaveLength(1);
  expect(joined.files.find(({ path }) => path.endsWith('readme.txt'))!.uses[0].role).toBe('text');
  expect((await client.call(listArrivals)).some((one) => one.id === model.id)).toBe(false);
});

test('two arrivals of one file name are joined with both files kept', async () => {
  const first = await bring(client, 'gate.zip', { 'gate.obj': `${TRIANGLE}# gate\n` });
  const second = await bring(client, 'gate.zip', { 'gate_readme.txt': 'CC0' });
  const { id } = await client.call(joinArrivals, { params: { id: first.id }, body: { otherId: second.id } });
  const joined = await again(id);
  expect(joined.files.map(({ path }) => path).filter((path) => /gate(\.obj|_readme)/.test(path))).toHaveLength(2);
});

describe('duplicates', () => {
  test('the same shape in another unit and stance is found and shown side by side; a person decides', async () => {
    const here = await bring(client, 'bracket.zip', { 'bracket.obj': ell() });
    const late = await bring(client, 'old_bracket.zip', { 'winkel.obj': ell(100, true) });
    expect(here.finds[0].duplicates).toBe(0);
    expect(late.finds[0].duplicates).toBe(1);
    const [pair] = await client.call(listDuplicates, { params: { id: late.finds[0].id } });
    expect(pair).toMatchObject({ relation: 'same-shape', other: { name: 'Bracket', arrivalName: 'bracket.zip' } });
    expect(pair.lines.find(({ what }) => what === 'size in its own units')?.other).toBe('100 times smaller');
    await client.call(decideDuplicate, { params: { id: pair.id }, body: { decision: 'same' } });
    const after = await again(late.id);
    expect(after.finds[0]).toMatchObject({ state: 'set-aside', duplicates: 0 });
    // nothing is removed: its files are all there
    expect(after.files).toHaveLength(late.files.length);
  });

  test('the same bytes in an archive of another name', async () => {
    // with a note beside it: zipped within the same two seconds the archives would be the same bytes
    const copy = await bring(client, 'bracket (1).zip', { 'bracket.obj': ell(), 'note.txt': 'once more' });
    const pairs = await client.call(listDuplicates, { params: { id: copy.finds[0].id } });
    expect(pairs.map(({ relation }) => relation)).toContain('same-file');
    expect(pairs.map(({ summary }) => summary)).not.toContain(SAME_ARCHIVE);
  });

  test('an archive received twice says that it is the same, byte for byte', async () => {
    const bytes = await zip({ 'tripod.obj': ell(1.5) });
    await again(await drop(client, 'tripod.zip', bytes));
    const twice = await again(await drop(client, 'tripod.zip', bytes));
    const pairs = await client.call(listDuplicates, { params: { id: twice.finds[0].id } });
    expect(pairs.map(({ summary }) => summary)).toContain(SAME_ARCHIVE);
  });
});

test('many finds go to the bench as one action', async () => {
  const a = await bring(client, 'one.zip', { 'anchor.obj': `${TRIANGLE}# 1\n` });
  const b = await bring(client, 'two.zip', { 'bell.obj': `${TRIANGLE}# 2\n` });
  const { assetIds } = await client.call(takeManyToBench, { body: { ids: [a.finds[0].id, b.finds[0].id] } });
  expect(new Set(assetIds).size).toBe(2);
  const again2 = await client.call(takeManyToBench, { body: { ids: [a.finds[0].id] } });
  expect(again2.assetIds).toEqual([assetIds[0]]);
});

test('an arrival that is opened can be given up', async () => {
  await library.stopWorker();
  const id = await drop(client, 'late.zip', await zip({ 'late.obj': TRIANGLE }));
  await client.call(cancelArrival, { params: { id } });
  library.startWorker();
  expect((await client.call(listArrivals)).some((arrival) => arrival.id === id)).toBe(false);
  await expect(client.call(cancelArrival, { params: { id } })).rejects.toThrow('arrived already');
});
