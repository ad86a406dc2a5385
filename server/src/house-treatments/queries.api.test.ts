import { randomUUID } from 'node:crypto';
import type { HouseTreatmentRule } from '@haveld/contract/house-treatment';
import { listHeldBy, setHeld } from '../assets/house-treatment-queries';
import { transact } from '../database/pool';
import { one } from '../database/statements';
import { getPerson } from '../testing/fill-arrival';
import { fillLibrary } from '../testing/fill-library';
import { useLibrary } from '../testing/use-library';
import type { Plan } from './plan';
import * as queries from './queries';

const given = useLibrary({ worker: false });
const db = () => given.library.pool;
const RULES: HouseTreatmentRule[] = [{ do: 'mend', what: 'holes' }];
const PLAN: Plan = {
  steps: [],
  lines: [{ rule: 0, title: 'Holes closed', changed: '2 holes', trouble: [] }],
  before: { triangles: 12, parts: 1 },
  after: { triangles: 14, parts: 1 },
  seenSha256: 'a'.repeat(64),
};

async function keep(number = 1): Promise<string> {
  const id = randomUUID();
  await queries.upsertTreatment(db(), id, { name: `Treatment ${id}`, rules: RULES }, number, await getPerson(db()));
  return id;
}
async function fill(states: ('on-bench' | 'catalogued')[]): Promise<string[]> {
  await getPerson(db());
  const assets = states.map((state, i) => ({ id: randomUUID(), name: `filled ${i}`, state }));
  await fillLibrary(db(), assets);
  return assets.map(({ id }) => id);
}
async function begin(treatmentId: string, assetIds: string[], personId: string | null) {
  const trial = { id: randomUUID(), treatmentId, number: 1, rules: RULES, personId };
  const rows = assetIds.map((assetId) => ({ id: randomUUID(), assetId }));
  await transact(db(), (tx) => queries.insertTrial(tx, trial, rows));
  return { trial, rows };
}

test('a treatment comes back as it was kept, counted up by who keeps it', async () => {
  const id = await keep();
  await queries.upsertTreatment(db(), id, { name: 'Renamed', rules: RULES }, 4, await getPerson(db()));
  const stored = (await queries.listTreatments(db())).find((one) => one.id === id)!;
  expect(stored).toMatchObject({ name: 'Renamed', number: 4, rules: RULES, assets: 0, older: 0, trialId: null });
  expect(await queries.lockTreatment(db(), randomUUID())).toBeNull();
});

test('what it is tried on is what lies on the bench, what is catalogued, or what has an older one', async () => {
  const [lies, stands, other] = await fill(['on-bench', 'catalogued', 'catalogued']);
  const id = await keep(3);
  const bench = await queries.listAssetsToTry(db(), { kind: 'bench' }, 2000);
  expect(bench).toContain(lies);
  expect(bench).not.toContain(stands);
  expect(await queries.listAssetsToTry(db(), { kind: 'catalogue' }, 2000)).toEqual(
    expect.arrayContaining([stands, other]),
  );
  await setHeld(db(), stands, id, 2);
  await setHeld(db(), other, id, 3);
  expect(await queries.listAssetsToTry(db(), { kind: 'older', id }, 2000)).toEqual([stands]);
  // taken again it is as new as it is
  await setHeld(db(), stands, id, 3);
  expect(await queries.listAssetsToTry(db(), { kind: 'older', id }, 2000)).toEqual([]);
  expect(await listHeldBy(db(), stands)).toMatchObject([{ id, number: 3, newest: 3 }]);
  expect(await queries.listAssetsToTry(db(), { kind: 'kit', id: randomUUID() }, 2000)).toEqual([]);
  expect(await queries.listAssetsToTry(db(), { kind: 'project', id: randomUUID() }, 2000)).toEqual([]);
  expect(await queries.listAssetsToTry(db(), { kind: 'bench' }, 1)).toHaveLength(1);
});

test('rows of a trial run stand in their order, each as far as it is; what was taken is not looked at again', async () => {
  const ids = await fill(['on-bench', 'on-bench', 'on-bench']);
  const { trial, rows } = await begin(await keep(), ids, await getPerson(db()));
  await queries.setRowPlanned(db(), rows[1].id, PLAN);
  await queries.setRowState(db(), rows[2].id, 'failed', 'x'.repeat(3000));
  const shown = await queries.listTrialRows(db(), trial.id);
  expect(shown.map(({ assetId, state }) => [assetId, state])).toEqual([
    [ids[0], 'waiting'],
    [ids[1], 'planned'],
    [ids[2], 'failed'],
  ]);
  expect(shown[1].plan).toEqual(PLAN);
  expect(shown[2].message).toHaveLength(1000);
  await queries.setRowState(db(), rows[1].id, 'taken', null);
  await queries.setRowPlanned(db(), rows[1].id, { ...PLAN, lines: [] });
  expect((await queries.findTrialRow(db(), rows[1].id))!).toMatchObject({ state: 'taken', plan: PLAN });
});

test('of two who take a row the second waits, and sees that it is taken', async () => {
  const ids = await fill(['on-bench']);
  const { trial, rows } = await begin(await keep(), ids, await getPerson(db()));
  await queries.setRowPlanned(db(), rows[0].id, PLAN);
  const order: string[] = [];
  const take = (who: string): Promise<void> =>
    transact(db(), async (tx) => {
      const [row] = await queries.lockTrialRows(tx, trial.id, [rows[0].id]);
      order.push(`${who} sees ${row.state}`);
      await new Promise((later) => setTimeout(later, 60));
      await queries.setRowState(tx, row.id, 'taken', null);
    });
  await Promise.all([take('one'), take('other')]);
  expect(order.map((words) => words.split(' ').slice(1).join(' '))).toEqual(['sees planned', 'sees taken']);
  // rows of another trial run are not this one's
  expect(await transact(db(), (tx) => queries.lockTrialRows(tx, randomUUID(), [rows[0].id]))).toEqual([]);
});

test('the latest trial run a person began is shown; one on arrival is nobody’s', async () => {
  const id = await keep();
  const [asset] = await fill(['on-bench']);
  await begin(id, [asset], null);
  const find = async () => (await queries.listTreatments(db())).find((row) => row.id === id)!.trialId;
  expect(await find()).toBeNull();
  const { trial } = await begin(id, [asset], await getPerson(db()));
  expect(await find()).toBe(trial.id);
  expect(await queries.findTrial(db(), trial.id)).toMatchObject({ personName: 'Maja Lindqvist', number: 1 });
  expect(await queries.deleteTrial(db(), trial.id)).toBe(true);
  expect(await queries.deleteTrial(db(), trial.id)).toBe(false);
});

test('forgotten, its trial runs go with it and nobody has it any more; habits that named it name none', async () => {
  const id = await keep();
  const [asset] = await fill(['on-bench']);
  const { trial, rows } = await begin(id, [asset], await getPerson(db()));
  await setHeld(db(), asset, id, 1);
  const habit = randomUUID();
  await db().query(
    'INSERT INTO naming_habit (id, applies_by, pattern, words, person_id, house_treatment_id) VALUES (?, ?, ?, ?, ?, ?)',
    [habit, 'archive', 'forgotten*', '[]', await getPerson(db()), id],
  );
  expect(await queries.deleteTreatment(db(), id)).toBe(true);
  expect(await queries.deleteTreatment(db(), id)).toBe(false);
  expect(await queries.findTrial(db(), trial.id)).toBeNull();
  expect(await queries.findTrialRow(db(), rows[0].id)).toBeNull();
  expect(await listHeldBy(db(), asset)).toEqual([]);
  const { named } = await one<{ named: string | null }>(
    db(),
    'SELECT house_treatment_id AS named FROM naming_habit WHERE id = ?',
    [habit],
  );
  expect(named).toBeNull();
});
