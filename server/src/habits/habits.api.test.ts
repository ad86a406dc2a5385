import { randomUUID } from 'node:crypto';
import { NamingHabitSchema, type NamingHabit } from '@haveld/contract/api/habits';
import { fillArrival, getPerson } from '../testing/fill-arrival';
import { useLibrary } from '../testing/use-library';
import * as queries from './queries';
import { getSourceHabit, listHabits, listHabitWords, removeHabit, saveHabit } from './service';

const given = useLibrary({ worker: false });
const db = () => given.library.pool;
const habit = (change: Partial<NamingHabit> = {}): NamingHabit =>
  NamingHabitSchema.parse({
    appliesBy: 'archive',
    pattern: 'saltmarsh_*',
    words: [{ word: 'nrm', means: 'map:normal' }],
    unit: 'cm',
    up: 'z',
    front: '-z',
    twoSidedFoliage: true,
    ...change,
  });
const keep = async (change: Partial<NamingHabit> = {}): Promise<string> => {
  const id = randomUUID();
  await queries.upsertHabit(db(), id, habit(change), await getPerson(db()));
  return id;
};
const stored = async (id: string) => (await queries.listHabits(db())).find((one) => one.id === id);
afterEach(async () => {
  for (const { id } of await queries.listHabits(db())) await queries.deleteHabit(db(), id);
});

test('a habit comes back as it was kept, with who kept it and when', async () => {
  const id = await keep();
  expect(await stored(id)).toMatchObject({ ...habit(), id, personName: 'Maja Lindqvist' });
  expect(Date.now() - (await stored(id))!.changedAt.getTime()).toBeLessThan(60_000);
});

test('what it says nothing of stays unsaid: no unit is not metres, no word on foliage is not “no”', async () => {
  const silent = { unit: null, up: null, front: null, twoSidedFoliage: null };
  const id = await keep(silent);
  expect(await stored(id)).toMatchObject(silent);
  const no = await keep({ twoSidedFoliage: false });
  expect((await stored(no))!.twoSidedFoliage).toBe(false);
});

test('kept again it takes the place of itself; forgotten it is gone, and once only', async () => {
  const id = await keep();
  await queries.upsertHabit(db(), id, habit({ unit: 'mm', pattern: 'quay_*' }), await getPerson(db()));
  expect(await queries.listHabits(db())).toHaveLength(1);
  expect(await stored(id)).toMatchObject({ unit: 'mm', pattern: 'quay_*' });
  expect(await queries.deleteHabit(db(), id)).toBe(true);
  expect(await queries.deleteHabit(db(), id)).toBe(false);
});

test('the one changed last is first', async () => {
  const older = await keep({ pattern: 'older' });
  const newer = await keep({ pattern: 'newer' });
  await new Promise((later) => setTimeout(later, 5));
  await queries.upsertHabit(db(), older, habit({ pattern: 'older' }), await getPerson(db()));
  expect((await queries.listHabits(db())).map(({ id }) => id)).toEqual([older, newer]);
});

describe('which arrival it fits', () => {
  test('by the name of its archive, whatever the texts say', async () => {
    await keep();
    expect(await listHabitWords(db(), 'saltmarsh_chairs.zip', '')).toHaveLength(1);
    expect(await listHabitWords(db(), 'other_chairs.zip', 'from saltmarsh_')).toHaveLength(0);
  });
  test('by the address of a site in its texts', async () => {
    await keep({ appliesBy: 'site', pattern: 'saltmarsh-shapes.example' });
    expect(await listHabitWords(db(), 'a.zip', 'https://saltmarsh-shapes.example/buoy')).toHaveLength(1);
    expect(await listHabitWords(db(), 'a.zip', 'https://elsewhere.example')).toHaveLength(0);
  });
  test('of several that fit, each adds what the others leave open', async () => {
    await keep({ unit: 'cm', up: null, front: null, twoSidedFoliage: null });
    await keep({
      appliesBy: 'site',
      pattern: 'saltmarsh-shapes.example',
      unit: null,
      up: 'z',
      front: null,
      twoSidedFoliage: null,
    });
    const merged = await getSourceHabit(db(), 'saltmarsh_a.zip', 'https://saltmarsh-shapes.example');
    expect(merged).toMatchObject({ unit: 'cm', up: 'z', front: null });
    expect(await getSourceHabit(db(), 'other.zip', '')).toMatchObject({ unit: null, up: null });
  });
});

test('the list counts the arrivals a pattern fits', async () => {
  for (const name of ['saltmarsh_one.zip', 'saltmarsh_two.zip', 'quay.zip']) await fillArrival(db(), name);
  await keep();
  await keep({ pattern: 'nothing_*' });
  const { habits } = await listHabits(db());
  expect(Object.fromEntries(habits.map(({ pattern, arrivals }) => [pattern, arrivals]))).toEqual({
    'saltmarsh_*': 2,
    'nothing_*': 0,
  });
});

test('the service makes a new one, keeps its id, and says so where there is none to forget', async () => {
  const person = { id: await getPerson(db()) } as Parameters<typeof saveHabit>[3];
  const id = await saveHabit(given.library.dependencies, 'new', habit(), person);
  expect(await saveHabit(given.library.dependencies, id, habit({ unit: 'in' }), person)).toBe(id);
  expect(await stored(id)).toMatchObject({ unit: 'in' });
  await removeHabit(given.library.dependencies, id);
  await expect(removeHabit(given.library.dependencies, id)).rejects.toThrow('There is no such habit.');
});
