import { randomUUID } from 'node:crypto';
import type { MapFacts } from '@haveld/core/textures/map-facts';
import { many } from '../database/statements';
import { fillArrival, getPerson } from '../testing/fill-arrival';
import { fillLibrary } from '../testing/fill-library';
import { useLibrary } from '../testing/use-library';
import * as queries from './queries';

const given = useLibrary({ worker: false });
const db = () => given.library.pool;
const facts = (sha256: string, width = 8): MapFacts =>
  ({
    sha256,
    kind: 'png',
    width,
    height: 8,
    bits: 8,
    channels: 3,
    notes: [],
    problem: null,
    measures: null,
    green: null,
    thumbSha256: null,
    shownSha256: null,
  }) as unknown as MapFacts;

describe('what was seen of pictures', () => {
  test('is kept once, also where two jobs saw the same at the same time', async () => {
    await queries.saveFacts(db(), [facts('a'.repeat(64))], 3);
    await Promise.allSettled(
      Array.from({ length: 4 }, () => queries.saveFacts(db(), [facts('a'.repeat(64)), facts('b'.repeat(64))], 3)),
    );
    const known = await queries.listFacts(db(), ['a'.repeat(64), 'b'.repeat(64), 'c'.repeat(64)], 3);
    expect([...known.keys()].sort()).toEqual(['a'.repeat(64), 'b'.repeat(64)]);
    expect(await queries.listFacts(db(), [], 3)).toEqual(new Map());
  });

  test('by an older way of looking is forgotten when it is seen anew', async () => {
    const sha256 = 'd'.repeat(64);
    await queries.saveFacts(db(), [facts(sha256, 4)], 3);
    expect((await queries.listFacts(db(), [sha256], 4)).size).toBe(0);
    await queries.saveFacts(db(), [facts(sha256, 16)], 4);
    expect((await queries.listFacts(db(), [sha256], 4)).get(sha256)!.width).toBe(16);
    expect((await queries.listFacts(db(), [sha256], 3)).size).toBe(0);
  });
});

test('pictures are found by how their name begins, whatever its case and what follows its first dot, in other arrivals', async () => {
  const mine = await fillArrival(db(), 'mine.zip', [{ path: 'maps/Oak.png', kind: 'picture' }, { path: 'oak.obj' }]);
  const other = await fillArrival(db(), 'other.zip', [
    { path: 'a/b/OAK.1001.png', kind: 'picture' },
    { path: 'oakum.png', kind: 'picture' },
  ]);
  const found = await queries.listPicturesByStem(db(), ['oak'], mine.id, 10);
  expect(found.map(({ path, arrivalName }) => [path, arrivalName])).toEqual([['a/b/OAK.1001.png', 'other.zip']]);
  expect((await queries.listPicturesByStem(db(), ['oak', 'oakum'], 'nobody', 10)).length).toBe(3);
  expect(await queries.listPicturesByStem(db(), [], mine.id, 10)).toEqual([]);
  expect((await queries.listPicturesOfArrival(db(), other.id, 1)).map(({ path }) => path)).toEqual([
    'a/b/OAK.1001.png',
  ]);
});

test('which picture was taken for a name of an author is remembered, the last one', async () => {
  const id = randomUUID();
  await fillLibrary(db(), [{ id, name: 'boat', author: 'Ines Falkenrot' }]);
  const personId = await getPerson(db());
  const remember = (takenStem: string) =>
    queries.upsertMemory(db(), {
      author: 'Ines Falkenrot',
      wanted: 'oak',
      slot: 'baseColor',
      takenStem,
      takenSha256: 'e'.repeat(64),
      assetId: id,
      personId,
    });
  await remember('oak_old');
  await remember('oak_new');
  const [memory, ...more] = await queries.listMemories(db(), 'Ines Falkenrot', ['oak', 'tar']);
  expect(memory).toMatchObject({ wanted: 'oak', takenStem: 'oak_new', personName: 'Maja Lindqvist' });
  expect(more).toEqual([]);
  expect(await queries.listMemories(db(), 'Tor Vestermoor', ['oak'])).toEqual([]);
});

test('a house material stands under its name: saved again it is another, taken away it is gone', async () => {
  const personId = await getPerson(db());
  const save = (id: string, roughness: number) =>
    queries.upsertHouseMaterial(db(), { id, name: 'tarred wood', factors: { roughness }, maps: [] }, personId);
  await save(randomUUID(), 0.9);
  await save(randomUUID(), 0.4);
  const [material, ...more] = await queries.listHouseMaterials(db());
  expect(more).toEqual([]);
  expect(material).toMatchObject({ name: 'tarred wood', factors: { roughness: 0.4 }, personName: 'Maja Lindqvist' });
  expect(await queries.deleteHouseMaterial(db(), material.id)).toBe(true);
  expect(await queries.deleteHouseMaterial(db(), material.id)).toBe(false);
  expect(await many(db(), 'SELECT id FROM house_material')).toEqual([]);
});
