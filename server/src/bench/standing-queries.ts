import type { Box } from '@haveld/contract/report';
import type { Executor } from '../database/pool';
import { many, manyIn, run } from '../database/statements';

/** How an asset of the line-up will stand, as it was last drawn. */
export interface StandingRow {
  pictureSha256: string | null;
  box: Box | null;
  /** Why it could not be drawn. */
  message: string | null;
  /** Of the steps it was drawn with; null before the first time. */
  stepsSha256: string | null;
}

/** Puts an asset into the line-up, not drawn yet. */
export const insertStanding = (tx: Executor, assetId: string): Promise<unknown> =>
  run(tx, 'INSERT INTO standing (asset_id) VALUES (?)', [assetId]);

/** Keeps how an asset will stand, or why it could not be drawn. */
export const setStanding = (
  db: Executor,
  assetId: string,
  { pictureSha256, box, message, stepsSha256 }: StandingRow,
): Promise<unknown> =>
  run(db, 'UPDATE standing SET picture_sha256 = ?, box = ?, message = ?, steps_sha256 = ? WHERE asset_id = ?', [
    pictureSha256,
    box && JSON.stringify(box),
    message,
    stepsSha256,
    assetId,
  ]);

/** Of these assets those that stand in the line-up. */
export async function listStandings(db: Executor, assetIds: readonly string[]): Promise<Map<string, StandingRow>> {
  const rows = await manyIn<Omit<StandingRow, 'box'> & { assetId: string; box: string | null }>(
    db,
    assetIds,
    (places) =>
      `SELECT asset_id AS assetId, picture_sha256 AS pictureSha256, box, message, steps_sha256 AS stepsSha256 FROM standing WHERE asset_id IN (${places})`,
  );
  return new Map(
    rows.map(({ assetId, box, ...row }) => [assetId, { ...row, box: box === null ? null : (JSON.parse(box) as Box) }]),
  );
}

/** @returns how an asset of the line-up stands; null where it is not in it */
export const findStanding = async (db: Executor, assetId: string): Promise<StandingRow | null> =>
  (await listStandings(db, [assetId])).get(assetId) ?? null;

/** Assets on the bench by themselves that are not in the line-up. */
export const listNotLinedUp = async (db: Executor): Promise<string[]> =>
  (
    await many<{ id: string }>(
      db,
      `SELECT asset.id FROM asset JOIN find ON find.id = asset.find_id LEFT JOIN standing ON standing.asset_id = asset.id
       WHERE asset.state = 'on-bench' AND find.kit_id IS NULL AND standing.asset_id IS NULL ORDER BY asset.accession`,
    )
  ).map(({ id }) => id);
