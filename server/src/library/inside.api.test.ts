import { searchCatalogue } from '@haveld/contract/api/catalogue';
import { many, one, run } from '../database/statements';
import { settle } from '../testing/settle';
import { catalogueCrate } from '../testing/take-crate';
import { useLibrary } from '../testing/use-library';
import { askForInsides } from './handlers';

const given = useLibrary();
const insides = () =>
  many<{ sha256: string; parts: string; colours: string }>(
    given.library.pool,
    'SELECT sha256, parts, colours FROM model_inside ORDER BY sha256',
  );

test('a model is looked into when it is read and when a version of it is made; its colours are then known', async () => {
  const { pool } = given.library;
  const id = await catalogueCrate(given.client, 'quay crate');
  const { model } = await one<{ model: string }>(
    pool,
    'SELECT version.model_sha256 AS model FROM asset JOIN version ON version.id = asset.current_version_id WHERE asset.id = ?',
    [id],
  );
  const made = (await insides()).find(({ sha256 }) => sha256 === model);
  expect(made?.colours).not.toBe('');
  const [colour] = made!.colours.split(',');
  const { cards } = await given.client.call(searchCatalogue, { query: { colour: colour as 'grey' } });
  expect(cards.map((card) => card.id)).toEqual([id]);
});

test('what an earlier Haveld did not look into is looked into once, and found by it from then on', async () => {
  const { pool } = given.library;
  const before = await insides();
  await run(pool, 'DELETE FROM model_inside');
  await askForInsides(pool);
  await settle(given.client);
  const after = await insides();
  expect(after.length).toBeGreaterThan(0);
  for (const one of after) expect(before).toContainEqual(one);
  const { total } = await given.client.call(searchCatalogue, {
    query: { colour: after[0].colours.split(',')[0] as 'grey' },
  });
  expect(total).toBe(1);
  const jobs = await many(pool, "SELECT id FROM job WHERE kind = 'look-inside'");
  await askForInsides(pool);
  expect(await many(pool, "SELECT id FROM job WHERE kind = 'look-inside'")).toHaveLength(jobs.length);
});
