import { many, type Executor } from '../database/pool';

export const listAssetIds = async (db: Executor): Promise<string[]> =>
  (await many<{ id: string }>(db, "SELECT id FROM asset WHERE state <> 'withdrawn' ORDER BY accession LIMIT 5000")).map(
    (row) => row.id,
  );

export const countByLicence = (db: Executor): Promise<{ licenceId: string; count: number }[]> =>
  many(
    db,
    'SELECT licence_id AS licenceId, COUNT(*) AS count FROM provenance GROUP BY licence_id ORDER BY COUNT(*) DESC',
  );

/** Assets whose licence nobody can stand for yet; the ids are those of the house's closed licences. */
export const countClosed = async (db: Executor, closedIds: string[]): Promise<number> => {
  const [{ n }] = await many<{ n: number }>(
    db,
    `SELECT COUNT(*) AS n FROM provenance WHERE licence_id IN (${closedIds.map(() => '?').join(', ')})`,
    closedIds,
  );
  return n;
};
