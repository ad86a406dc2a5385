import { randomUUID } from 'node:crypto';
import type { z } from 'zod';
import { searchCatalogue, type Catalogue, type Facet } from '@haveld/contract/api/catalogue';
import { many, run } from '../database/statements';
import { getPerson } from '../testing/fill-arrival';
import { fillLibrary, fillProject, type FilledAsset } from '../testing/fill-library';
import { useLibrary } from '../testing/use-library';
import { upsertInside } from './inside-queries';
import { Library, type OpenLibrary } from './library';

const given = useLibrary({ worker: false });
const db = () => given.library.pool;

const NAMES = ['Oak chair', 'Quay lantern', 'Rope coil', 'Harbour bench', 'Bell buoy'];
const ASSETS: FilledAsset[] = NAMES.map((name, i) => ({
  id: randomUUID(),
  name,
  author: i % 2 === 0 ? 'Ines Falkenrot' : 'Tor Vestermoor',
  licenceId: i === 1 ? 'CC-BY-NC-4.0' : 'CC0-1.0',
  state: i === 4 ? 'on-bench' : 'catalogued',
}));
const idOf = (name: string): string => ASSETS.find((one) => one.name === name)!.id;

beforeAll(() => fillLibrary(db(), ASSETS));

type Query = z.input<typeof searchCatalogue.query>;
const ask = (query: Query): Promise<Catalogue> => given.client.call(searchCatalogue, { query });
const names = async (query: Query): Promise<string[]> => (await ask(query)).cards.map(({ name }) => name);
const countOf = ({ facets }: Catalogue, facet: Facet, value: string): number =>
  facets[facet]?.find((one) => one.value === value)?.count ?? 0;

test('what words find comes with its reason, the best first; another word for a thing finds it', async () => {
  const { cards, total } = await ask({ words: 'chairs' });
  expect(total).toBe(1);
  expect(cards[0]).toMatchObject({
    name: 'Oak chair',
    reasons: [{ asked: 'chairs', found: 'chair', likeness: 'same', field: 'name' }],
  });
  expect(await names({ words: 'lamp' })).toEqual(['Quay lantern']);
  expect(await names({ words: 'falkenrot' })).toEqual(['Rope coil', 'Oak chair']);
});

test('each facet counts what fits the rest of the question, and what the licence holds back is told', async () => {
  const all = await ask({ counted: 'all' });
  expect(all.total).toBe(4);
  expect([countOf(all, 'use', 'commercial'), countOf(all, 'use', 'non-commercial')]).toEqual([3, 4]);
  expect([countOf(all, 'author', 'Tor Vestermoor'), countOf(all, 'state', 'on-bench')]).toEqual([2, 1]);
  const paid = await ask({ use: 'commercial' });
  expect([paid.total, paid.heldBack, countOf(paid, 'use', 'non-commercial')]).toEqual([3, 1, 4]);
  expect(await names({ author: 'Tor Vestermoor', order: 'name' })).toEqual(['Harbour bench', 'Quay lantern']);
});

test('pages follow one another, each asset once', async () => {
  const pages = await Promise.all([0, 2].map((offset) => names({ order: 'name', offset, length: 2 })));
  expect(pages.flat()).toEqual(['Harbour bench', 'Oak chair', 'Quay lantern', 'Rope coil']);
  expect(await names({ offset: 900 })).toEqual([]);
});

test('what was written before is found at once, whoever wrote it: names, tags, licences, uses, states', async () => {
  const { client } = given;
  const id = idOf('Rope coil');
  await run(db(), 'UPDATE asset SET name = ? WHERE id = ?', ['Hawser coil', id]);
  expect(await names({ words: 'hawser' })).toEqual(['Hawser coil']);
  expect(await names({ words: 'rope', state: 'any' })).not.toContain('Rope coil');
  await run(db(), "INSERT INTO asset_tag (asset_id, ordinal, tag) VALUES (?, 0, 'stowage')", [id]);
  expect(await names({ tag: 'stowage' })).toEqual(['Hawser coil']);
  await run(db(), 'DELETE FROM asset_tag WHERE asset_id = ?', [id]);
  expect(await names({ words: 'stowage' })).toEqual([]);
  await run(db(), "UPDATE provenance SET licence_id = 'CC-BY-NC-4.0' WHERE asset_id = ?", [id]);
  expect((await ask({ use: 'commercial' })).heldBack).toBe(2);
  await run(db(), "UPDATE asset SET taken_down = 'asked to' WHERE id = ?", [id]);
  expect(await names({ use: 'non-commercial' })).not.toContain('Hawser coil');
  await run(db(), "UPDATE asset SET taken_down = NULL, state = 'on-bench' WHERE id = ?", [id]);
  expect((await ask({ state: 'on-bench' })).total).toBe(2);
  const project = await fillProject(db(), { name: 'Tide show', assetIds: [idOf('Oak chair')] });
  const used = await client.call(searchCatalogue, { query: { used: project } });
  expect(used.cards.map(({ name, uses }) => [name, uses])).toEqual([['Oak chair', 1]]);
  expect(used.facets.used).toContainEqual({ value: project, count: 1, label: 'Tide show' });
  expect(await names({ used: 'never' })).not.toContain('Oak chair');
});

test('parts, materials, colours and what a model holds find it, and narrow a question', async () => {
  const { sha256 } = await insertModel(idOf('Harbour bench'));
  await upsertInside(db(), sha256, {
    materials: ['weathered_oak', 'wrought iron'],
    parts: ['armrest_L', 'slat 4'],
    colours: ['brown', 'black'],
    traits: ['maps', 'levels'],
  });
  await run(
    db(),
    'UPDATE version SET triangles = 4000, has_size = TRUE, orthographic_height = 0.9 WHERE model_sha256 = ?',
    [sha256],
  );
  expect(await names({ words: 'armrest' })).toEqual(['Harbour bench']);
  expect(await names({ words: 'iron bench' })).toEqual(['Harbour bench']);
  for (const query of [{ colour: 'brown' }, { material: 'oak', words: 'bench' }, { trait: 'levels' }] as const)
    expect(await names(query)).toEqual(['Harbour bench']);
  expect(await names({ from: 1, to: 2 })).toEqual(['Harbour bench']);
  expect(await names({ from: 2 })).toEqual([]);
  const { facets } = await ask({ counted: 'all' });
  expect(facets.size).toContainEqual({ value: '1-2', count: 1 });
  expect(facets.colour).toEqual([
    { value: 'brown', count: 1 },
    { value: 'black', count: 1 },
  ]);
});

test('a change whose transaction ends after a later one is not lost', async () => {
  const library = new Library(db());
  await library.open();
  const slow = await db().getConnection();
  try {
    await slow.beginTransaction();
    await run(slow, "UPDATE asset SET name = 'Tarred lantern' WHERE id = ?", [idOf('Quay lantern')]);
    await run(db(), "UPDATE asset SET name = 'Ash chair' WHERE id = ?", [idOf('Oak chair')]);
    expect(search(await library.open(), 'ash')).toBe(1);
    expect(search(await library.open(), 'tarred')).toBe(0);
    await slow.commit();
  } finally {
    slow.release();
  }
  expect(search(await library.open(), 'tarred')).toBe(1);
  expect((await ask({ words: 'tarred' })).total).toBe(1);
});

test('what was undone changes nothing, and what is deleted is gone', async () => {
  const library = new Library(db());
  await library.open();
  const slow = await db().getConnection();
  await slow.beginTransaction();
  await run(slow, "UPDATE asset SET name = 'Undone buoy' WHERE id = ?", [idOf('Bell buoy')]);
  await slow.rollback();
  slow.release();
  expect(search(await library.open(), 'undone')).toBe(0);
  await run(db(), 'DELETE FROM provenance WHERE asset_id = ?', [idOf('Bell buoy')]);
  await run(db(), 'DELETE FROM asset WHERE id = ?', [idOf('Bell buoy')]);
  expect(search(await library.open(), 'buoy')).toBe(0);
});

test.each([
  ['changes are read', 'FROM library_change WHERE id >'],
  ['assets are read anew', 'WHERE asset.accession IN'],
])('a database that fails while %s loses no change', async (_, failing) => {
  let fails = false;
  const real = db();
  const failingOnce = new Proxy(real, {
    get(pool, name) {
      const own = Reflect.get(pool, name) as unknown;
      if (name !== 'query') return typeof own === 'function' ? own.bind(pool) : own;
      return (sql: string, ...rest: unknown[]) => {
        if (!fails || !sql.includes(failing)) return (pool.query as (...given: unknown[]) => unknown)(sql, ...rest);
        fails = false;
        return Promise.reject(new Error('the line was cut'));
      };
    },
  });
  const library = new Library(failingOnce);
  await library.open();
  const name = `Cut chair ${failing.length}`;
  await run(real, 'UPDATE asset SET name = ? WHERE id = ?', [name, idOf('Oak chair')]);
  fails = true;
  await expect(library.open()).rejects.toThrow('the line was cut');
  expect(search(await library.open(), `cut ${failing.length}`)).toBe(1);
});

test('who was away longer than changes are kept reads everything anew', async () => {
  let now = Date.now();
  const library = new Library(db(), () => now);
  await library.open();
  await run(db(), "UPDATE asset SET name = 'Elm chair' WHERE id = ?", [idOf('Oak chair')]);
  await run(db(), 'DELETE FROM library_change');
  expect(search(await library.open(), 'elm')).toBe(0);
  now += 2 * 86_400_000;
  expect(search(await library.open(), 'elm')).toBe(1);
});

test('a guest sees the catalogue alone, and neither colleagues nor projects', async () => {
  const guest = await given.library.signInAs('guest', 'orla');
  const { cards, facets } = await guest.call(searchCatalogue, {
    query: { state: 'any', used: 'never', counted: 'all' },
  });
  expect(cards.every(({ state }) => state === 'catalogued')).toBe(true);
  expect(cards.map(({ uses }) => uses)).toContain(1);
  expect([facets.by, facets.used, facets.state]).toEqual([undefined, undefined, undefined]);
});

/** A made version without a file. */
async function insertModel(assetId: string): Promise<{ sha256: string }> {
  const sha256 = 'ab'.repeat(32);
  const [{ reading }] = await many<{ reading: string }>(db(), 'SELECT reading_id AS reading FROM asset WHERE id = ?', [
    assetId,
  ]);
  const id = randomUUID();
  const box = { min: [0, 0, 0], max: [1.5, 0.9, 0.6] };
  await run(
    db(),
    `INSERT INTO version (id, asset_id, number, reading_id, steps, code, state, has_size, model_sha256, figures_after, person_id)
     VALUES (?, ?, 1, ?, '[]', '[]', 'made', TRUE, ?, ?, ?)`,
    [id, assetId, reading, sha256, JSON.stringify({ box }), await getPerson(db())],
  );
  await run(db(), 'UPDATE asset SET current_version_id = ? WHERE id = ?', [id, assetId]);
  return { sha256 };
}

const search = ({ search: open }: OpenLibrary, words: string): number => open.find({ words, conditions: {} }).total;
