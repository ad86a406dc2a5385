import { randomUUID } from 'node:crypto';
import { searchCatalogue } from '@haveld/contract/api/catalogue';
import { getHouseRules, saveHouseRules } from '@haveld/contract/api/house';
import { nameAsset } from '@haveld/contract/api/line-up';
import type { CategoryNode } from '@haveld/contract/category';
import { many, run } from '../database/statements';
import { fillLibrary } from '../testing/fill-library';
import { useLibrary } from '../testing/use-library';

const given = useLibrary({ worker: false });
const db = () => given.library.pool;

const IN: Record<string, string> = {
  'Oak chair': 'seating',
  'Chart table': 'table',
  Rug: 'furniture',
  Dinghy: 'watercraft',
};
const ASSETS = Object.keys(IN).map((name) => ({
  id: randomUUID(),
  name,
  author: 'Ines Falkenrot',
  licenceId: 'CC0-1.0',
  state: 'catalogued' as const,
}));

beforeAll(async () => {
  await fillLibrary(db(), ASSETS);
  for (const { id, name } of ASSETS) await run(db(), 'UPDATE asset SET category = ? WHERE id = ?', [IN[name], id]);
});

const ask = (category: string) => given.client.call(searchCatalogue, { query: { category } });
const found = async (category: string): Promise<string[]> => (await ask(category)).cards.map(({ name }) => name).sort();
const change = async (categories: (nodes: CategoryNode[]) => CategoryNode[]): Promise<void> => {
  const rules = await given.client.call(getHouseRules);
  await given.client.call(saveHouseRules, { body: { ...rules, categories: categories(rules.categories) } });
};

test('a category finds and counts what is in narrower ones too', async () => {
  expect(await found('furniture')).toEqual(['Chart table', 'Oak chair', 'Rug']);
  expect(await found('seating')).toEqual(['Oak chair']);
  const { facets } = await ask('');
  expect(Object.fromEntries(facets.category!.map(({ value, count }) => [value, count]))).toEqual({
    furniture: 3,
    seating: 1,
    table: 1,
    vehicle: 1,
    watercraft: 1,
  });
});

test('a house renames and moves a category: its assets are found by the new name, and below the new one', async () => {
  await change((nodes) =>
    nodes.map((node) => (node.id === 'table' ? { ...node, name: 'worktops', under: 'prop' } : node)),
  );
  const { cards } = await given.client.call(searchCatalogue, { query: { words: 'worktop' } });
  expect(cards.map(({ name }) => name)).toEqual(['Chart table']);
  expect(await found('prop')).toEqual(['Chart table']);
  expect(await found('furniture')).toEqual(['Oak chair', 'Rug']);
});

test('what stood in a category that is removed stands in the wider one, and it is taken by nothing more', async () => {
  await change((nodes) => nodes.filter(({ id }) => id !== 'watercraft'));
  const rows = await many<{ category: string }>(db(), "SELECT category FROM asset WHERE name = 'Dinghy'");
  expect(rows).toEqual([{ category: 'vehicle' }]);
  expect(await found('vehicle')).toEqual(['Dinghy']);
  await expect(
    given.client.call(nameAsset, { params: { id: ASSETS[3].id }, body: { category: 'watercraft' } }),
  ).rejects.toThrow('There is no such category any more. Choose another one.');
});

test('a tree that cannot be is refused, and the old one stays', async () => {
  await expect(
    change((nodes) => nodes.map((node) => (node.id === 'furniture' ? { ...node, under: 'seating' } : node))),
  ).rejects.toThrow('would belong to itself');
  expect(await found('furniture')).toEqual(['Oak chair', 'Rug']);
});
