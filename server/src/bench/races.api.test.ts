import { takeToBench } from '@haveld/contract/api/arrivals';
import { MissingRow, DuplicateRow } from '../database/row-errors';
import { many, one, run } from '../database/statements';
import { bring } from '../testing/bring';
import { CRATE } from '../testing/take-crate';
import { useLibrary } from '../testing/use-library';

const given = useLibrary();

test('eight hands that take one find to the bench at once hold one asset', async () => {
  const { finds } = await bring(given.client, 'one crate.zip', { 'crate.obj': CRATE });
  const taken = await Promise.all(
    Array.from({ length: 8 }, () => given.client.call(takeToBench, { params: { id: finds[0].id } })),
  );
  expect(new Set(taken.map(({ assetId }) => assetId)).size).toBe(1);
  expect(await many(given.library.pool, 'SELECT id FROM asset WHERE find_id = ?', [finds[0].id])).toHaveLength(1);
});

test('a broken unique key and a row that is not there have classes of their own', async () => {
  const { pool } = given.library;
  const insert = (): Promise<unknown> => run(pool, 'INSERT INTO revision (id, value) VALUES (7, 1)');
  await insert();
  await expect(insert()).rejects.toThrow(DuplicateRow);
  await expect(one(pool, 'SELECT id FROM revision WHERE id = 99')).rejects.toThrow(MissingRow);
});
