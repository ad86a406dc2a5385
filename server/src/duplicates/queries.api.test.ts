import { randomUUID } from 'node:crypto';
import { insertMany, run } from '../database/statements';
import { fillArrival, fillFind, getPerson } from '../testing/fill-arrival';
import { useLibrary } from '../testing/use-library';
import * as queries from './queries';

const given = useLibrary({ worker: false });
const db = () => given.library.pool;
const shape = (middleSpread: number, more: Partial<queries.ShapeRow['shape']> = {}): queries.ShapeRow['shape'] => ({
  triangles: 100,
  radiusOfGyration: 1,
  middleSpread,
  smallestSpread: 0.2,
  fullness: 2,
  handedness: 0,
  profile: [0.123456789, 0.5],
  ...more,
});

/** A find in an arrival of its own, with a shape. */
async function fill(name: string, middleSpread: number): Promise<{ find: string; arrival: string }> {
  const { id } = await fillArrival(db(), `${name}.zip`);
  const find = await fillFind(db(), id, { name });
  await queries.upsertShape(db(), { findId: find, shape: shape(middleSpread), maps: [{ sha256: 'a', look: null }] });
  return { find, arrival: id };
}

test('a shape is kept with what it is known by, and replaced when it is read anew', async () => {
  const { find } = await fill('kept', 0.5);
  expect(await queries.findShape(db(), find)).toEqual({
    findId: find,
    shape: { ...shape(0.5), profile: [0.12346, 0.5] },
    maps: [{ sha256: 'a', look: null }],
  });
  await queries.upsertShape(db(), { findId: find, shape: shape(0.9), maps: [] });
  expect((await queries.findShape(db(), find))!.shape.middleSpread).toBe(0.9);
  expect(await queries.findShape(db(), randomUUID())).toBeNull();
});

test('near shapes are those of other arrivals within tolerance, and of none that was joined', async () => {
  const one = await fill('one', 0.3);
  const near = await fill('near', 0.3001);
  await fill('far', 0.7);
  const joined = await fill('joined', 0.3);
  await run(db(), 'UPDATE arrival SET joined_into = ? WHERE id = ?', [one.arrival, joined.arrival]);
  const beside = await fillFind(db(), one.arrival, { name: 'beside', ordinal: 1 });
  await queries.upsertShape(db(), { findId: beside, shape: shape(0.3), maps: [] });
  const found = await queries.listNearShapes(db(), one.arrival, shape(0.3));
  expect(found.map(({ findId }) => findId)).toEqual([near.find]);
});

test('the same bytes of a model are found in other arrivals, of a map they are not', async () => {
  const sha256 = 'd'.repeat(64);
  const make = async (name: string, role: string): Promise<{ find: string; arrival: string }> => {
    const {
      id,
      files: [file],
    } = await fillArrival(db(), name, [{ path: 'a.obj', sha256 }]);
    return { arrival: id, find: await fillFind(db(), id, { name, files: [{ fileId: file.id, role }] }) };
  };
  const mine = await make('mine', 'model');
  const other = await make('other', 'model');
  await make('as a map', 'map');
  expect(await queries.listSameFiles(db(), mine.arrival, sha256)).toEqual([other.find]);
  expect(await queries.listSameFiles(db(), mine.arrival, 'e'.repeat(64))).toEqual([]);
});

test('two arrivals that received the same archive are told', async () => {
  const [a, b, c] = await Promise.all(['a', 'b', 'c'].map((name) => fillArrival(db(), name)));
  await insertMany(
    db(),
    'received',
    ['id', 'arrival_id', 'path', 'size_bytes', 'sha256'],
    [
      [randomUUID(), a.id, 'x.zip', 1, 'f'.repeat(64)],
      [randomUUID(), b.id, 'y.zip', 1, 'f'.repeat(64)],
      [randomUUID(), c.id, 'z.zip', 1, null],
    ],
  );
  expect(await queries.cameInSameArchive(db(), a.id, b.id)).toBe(true);
  expect(await queries.cameInSameArchive(db(), a.id, c.id)).toBe(false);
});

describe('pairs', () => {
  const differences = { summary: 'The same shape.', lines: [] };

  test('the most alike comes first; a decision stands when the pair is found again', async () => {
    const { find } = await fill('later', 0.11);
    const others = await Promise.all(['x', 'y', 'z'].map((name) => fill(name, 0.12)));
    const relations = ['mirrored', 'same-file', 'other-maps'] as const;
    for (const [i, { find: otherFindId }] of others.entries())
      await queries.upsertPair(db(), {
        id: randomUUID(),
        findId: find,
        otherFindId,
        relation: relations[i],
        differences,
      });
    const pairs = await queries.listPairs(db(), find);
    expect(pairs.map(({ relation }) => relation)).toEqual(['same-file', 'other-maps', 'mirrored']);
    await queries.setDecision(db(), pairs[0].id, 'both', await getPerson(db()));
    await queries.upsertPair(db(), {
      id: randomUUID(),
      findId: find,
      otherFindId: pairs[0].otherFindId,
      relation: 'same-shape',
      differences: { ...differences, summary: 'Again.' },
    });
    expect(await queries.getPair(db(), pairs[0].id)).toMatchObject({
      decision: 'both',
      relation: 'same-shape',
      differences: { summary: 'Again.' },
    });
    expect(await queries.getPair(db(), randomUUID())).toBeNull();
  });

  test('open ones are counted by find and go when it is read anew, decided ones stay', async () => {
    const mine = await fill('mine', 0.21);
    const others = await Promise.all(['p', 'q'].map((name) => fill(name, 0.22)));
    for (const { find: otherFindId } of others)
      await queries.upsertPair(db(), {
        id: randomUUID(),
        findId: mine.find,
        otherFindId,
        relation: 'same-shape',
        differences,
      });
    expect((await queries.countOpenPairs(db(), [mine.arrival])).get(mine.find)).toBe(2);
    const [first] = await queries.listPairs(db(), mine.find);
    await queries.setDecision(db(), first.id, 'same', await getPerson(db()));
    expect((await queries.countOpenPairs(db(), [mine.arrival])).get(mine.find)).toBe(1);
    await queries.deleteOpenPairs(db(), mine.find);
    expect((await queries.listPairs(db(), mine.find)).map(({ id }) => id)).toEqual([first.id]);
    expect(await queries.countOpenPairs(db(), [])).toEqual(new Map());
  });
});
