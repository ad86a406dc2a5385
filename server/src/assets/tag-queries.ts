import type { Executor } from '../database/pool';
import { groupRows } from '../database/group-rows';
import { insertMany, many, placesFor, run } from '../database/statements';

/** Tags of these assets by asset, in the order they were said; every asset has a list. */
export async function listTags(db: Executor, ids: readonly string[]): Promise<Map<string, string[]>> {
  if (ids.length === 0) return new Map();
  const rows = await many<{ assetId: string; tag: string }>(
    db,
    `SELECT asset_id AS assetId, tag FROM asset_tag WHERE asset_id IN (${placesFor(ids)}) ORDER BY ordinal`,
    [...ids],
  );
  const groups = groupRows(rows, ({ assetId }) => assetId);
  return new Map(ids.map((id) => [id, groups.get(id)?.map(({ tag }) => tag) ?? []]));
}

/** Replaces the tags of an asset. */
export async function setTags(tx: Executor, id: string, tags: readonly string[]): Promise<void> {
  await run(tx, 'DELETE FROM asset_tag WHERE asset_id = ?', [id]);
  const rows = tags.map((tag, ordinal) => [id, ordinal, tag]);
  await insertMany(tx, 'asset_tag', ['asset_id', 'ordinal', 'tag'], rows);
}
