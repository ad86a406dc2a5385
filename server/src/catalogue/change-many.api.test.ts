import { randomUUID } from 'node:crypto';
import { searchCatalogue } from '@haveld/contract/api/catalogue';
import { changeMany, listActs, undoChange, type Chosen, type SharedChange } from '@haveld/contract/api/changes';
import { getAssetRights } from '@haveld/contract/api/rights';
import { many, run } from '../database/statements';
import { fillLibrary, type FilledAsset } from '../testing/fill-library';
import { useLibrary } from '../testing/use-library';

const given = useLibrary({ worker: false });
const db = () => given.library.pool;

const NAMES = ['Oak chair', 'Quay lantern', 'Rope coil', 'Harbour bench'];
const ASSETS: FilledAsset[] = NAMES.map((name) => ({
  id: randomUUID(),
  name,
  author: 'Ines Falkenrot',
  licenceId: 'CC-BY-4.0',
  state: 'catalogued',
}));
const [CHAIR, LANTERN, ROPE, BENCH] = ASSETS.map(({ id }) => id);

beforeAll(() => fillLibrary(db(), ASSETS));

const change = (chosen: Chosen, wanted: Partial<SharedChange>) =>
  given.client.call(changeMany, { body: { chosen, change: wanted } });
const these = (...ids: string[]): Chosen => ({ kind: 'assets', ids });
const found = async (query: object): Promise<string[]> =>
  (await given.client.call(searchCatalogue, { query })).cards.map(({ name }) => name).sort();
const tagsOf = async (id: string): Promise<string[]> =>
  (await many<{ tag: string }>(db(), 'SELECT tag FROM asset_tag WHERE asset_id = ? ORDER BY ordinal', [id])).map(
    ({ tag }) => tag,
  );

test('several get a category and tags at once, and are found by them; undoing it leaves all as they were', async () => {
  await run(db(), "INSERT INTO asset_tag (asset_id, ordinal, tag) VALUES (?, 0, 'oak'), (?, 0, 'harbour')", [
    CHAIR,
    BENCH,
  ]);
  const { id, changed } = await change(these(CHAIR, BENCH), {
    category: 'seating',
    addTags: ['harbour'],
    removeTags: ['oak'],
  });
  expect(changed).toBe(2);
  expect(await found({ category: 'seating' })).toEqual(['Harbour bench', 'Oak chair']);
  expect(await Promise.all([CHAIR, BENCH].map(tagsOf))).toEqual([['harbour'], ['harbour']]);
  const [act] = await given.client.call(listActs);
  expect(act).toMatchObject({ id, what: 'category, tags of 2 assets', isUndone: false, mayUndo: true });
  expect(await given.client.call(undoChange, { params: { id: id! } })).toEqual({ changed: 2, left: [] });
  expect(await found({ category: 'seating' })).toEqual([]);
  expect(await Promise.all([CHAIR, BENCH].map(tagsOf))).toEqual([['oak'], ['harbour']]);
  await expect(given.client.call(undoChange, { params: { id: id! } })).rejects.toThrow('undone already');
});

test('all that fit a question are changed, also those no page shows', async () => {
  const { changed } = await change({ kind: 'question', question: { author: 'Ines Falkenrot' } }, { addTags: ['tide'] });
  expect(changed).toBe(4);
  expect(await found({ tag: 'tide' })).toEqual([...NAMES].sort());
});

test('a licence for several stands in the history of each with why, and back again', async () => {
  const historyOf = async (id: string) => (await given.client.call(getAssetRights, { params: { id } })).changes;
  const { id } = await change(these(ROPE, LANTERN), { licenceId: 'CC0-1.0', why: 'the page says so now' });
  expect(await found({ licence: 'CC0-1.0' })).toEqual(['Quay lantern', 'Rope coil']);
  expect((await historyOf(ROPE))[0]).toMatchObject({
    before: 'CC-BY-4.0',
    after: 'CC0-1.0',
    why: 'the page says so now',
  });
  await given.client.call(undoChange, { params: { id: id! } });
  expect(await found({ licence: 'CC0-1.0' })).toEqual([]);
  expect((await historyOf(ROPE))[0]).toMatchObject({ after: 'CC-BY-4.0', why: 'undone' });
});

test('what is said of rights is an asset’s own from then on, and follows its kit no more; what it is, is no matter of rights', async () => {
  const isOwn = async (id: string): Promise<boolean> =>
    (await many<{ own: number }>(db(), 'SELECT own_provenance AS own FROM asset WHERE id = ?', [id]))[0].own === 1;
  await change(these(BENCH), { category: 'barrier', addTags: ['deck'] });
  expect(await isOwn(BENCH)).toBe(false);
  await change(these(BENCH), { author: 'Tor Vestermoor' });
  expect(await isOwn(BENCH)).toBe(true);
});

test('what somebody changed since stays when it is undone, and is named', async () => {
  const { id } = await change(these(CHAIR, LANTERN), { category: 'lighting' });
  await run(db(), "UPDATE asset SET category = 'furniture' WHERE id = ?", [CHAIR]);
  const { changed, left } = await given.client.call(undoChange, { params: { id: id! } });
  expect([changed, left]).toEqual([1, [{ id: CHAIR, name: 'Oak chair', why: 'Its category was changed since.' }]]);
  expect(await found({ category: 'furniture' })).toEqual(['Oak chair']);
});

test('nothing is written where one of them is gone, or where a category is not there; so already is no change', async () => {
  await expect(change(these(CHAIR, 'gone'), { addTags: ['lost'] })).rejects.toThrow('not there any more');
  await expect(change(these(CHAIR), { category: 'zeppelins' })).rejects.toThrow('no such category');
  expect(await tagsOf(CHAIR)).not.toContain('lost');
  expect(await change(these(CHAIR), { addTags: ['tide'] })).toEqual({ id: null, changed: 0, left: [] });
});

test('two people who change the same assets at once both keep what they did', async () => {
  const results = await Promise.all([
    change(these(CHAIR, LANTERN, ROPE), { addTags: ['ebb'] }),
    change(these(ROPE, LANTERN, CHAIR), { addTags: ['flood'] }),
  ]);
  expect(results.map(({ changed }) => changed)).toEqual([3, 3]);
  for (const id of [CHAIR, LANTERN, ROPE]) expect(await tagsOf(id)).toEqual(expect.arrayContaining(['ebb', 'flood']));
});
