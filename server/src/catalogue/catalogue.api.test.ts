import { searchCatalogue } from '@haveld/contract/api/catalogue';
import type { Step } from '@haveld/contract/step';
import { findCard } from '../assets/card-queries';
import { insertVersion, setCataloguedIfLater } from '../assets/version-queries';
import { many, one, run } from '../database/statements';
import { catalogueCrate } from '../testing/take-crate';
import { useLibrary } from '../testing/use-library';

const given = useLibrary();

test('of two versions made side by side the later stays current, whichever is made last', async () => {
  const { pool } = given.library;
  const id = await catalogueCrate(given.client, 'quay crate');
  const { readingId } = (await findCard(pool, id))!;
  const { id: personId } = await one<{ id: string }>(pool, 'SELECT id FROM person LIMIT 1');
  const ids = ['earlier', 'later'];
  for (const [i, version] of ids.entries()) {
    const steps: Step[] = [{ kind: 'scale', schema: 1, factor: i + 2, label: '' }];
    await insertVersion(pool, { id: version, assetId: id, readingId, steps, code: [], hasSize: true, personId });
  }
  await setCataloguedIfLater(pool, id, 'later');
  await setCataloguedIfLater(pool, id, 'earlier');
  expect((await findCard(pool, id))!.versionId).toBe('later');
});

test('the newest of six thousand assets is shown, with all before it', async () => {
  const { pool } = given.library;
  const id = await catalogueCrate(given.client, 'first crate', undefined);
  const copy = async (table: string, changed: Record<string, string>, of: string, key: string): Promise<void> => {
    const columns = (await many<{ Field: string }>(pool, `SHOW COLUMNS FROM ${table}`)).map(({ Field }) => Field);
    const kept = columns.filter((name) => name !== 'accession');
    await run(
      pool,
      `INSERT INTO ${table} (${kept.join(', ')}) SELECT ${kept.map((name) => changed[name] ?? `src.${name}`).join(', ')}
       FROM ${table} AS src JOIN seq_1_to_6000 WHERE src.${key} = ?`,
      [of],
    );
  };
  const { findId } = (await findCard(pool, id))!;
  await copy('find', { id: "CONCAT('copy ', seq)", ordinal: 'seq' }, findId, 'id');
  await copy(
    'asset',
    { id: "CONCAT('copy ', seq)", find_id: "CONCAT('copy ', seq)", name: "CONCAT('crate ', seq)" },
    id,
    'id',
  );
  await copy('provenance', { asset_id: "CONCAT('copy ', seq)" }, id, 'asset_id');
  const { cards, total } = await given.client.call(searchCatalogue, { query: { order: 'newest' } });
  expect(total).toBeGreaterThanOrEqual(6001);
  expect(cards[0].name).toBe('crate 6000');
  const last = await given.client.call(searchCatalogue, { query: { order: 'newest', offset: total - 1, length: 5 } });
  expect(last.cards.map(({ name }) => name)).toEqual(['quay crate']);
});
