import type { Executor } from '../database/pool';
import { groupRows } from '../database/group-rows';
import { insertMany, many, manyIn, placesFor, run } from '../database/statements';

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

/** Of these assets the tags that Haveld proposes and nobody has looked at. */
export async function listProposedTags(db: Executor, ids: readonly string[]): Promise<Map<string, string[]>> {
  const rows = await manyIn<{ assetId: string; tag: string }>(
    db,
    ids,
    (places) =>
      `SELECT asset_id AS assetId, tag FROM asset_tag WHERE is_proposed AND asset_id IN (${places}) ORDER BY ordinal`,
  );
  return new Map([...groupRows(rows, ({ assetId }) => assetId)].map(([id, own]) => [id, own.map(({ tag }) => tag)]));
}

/** Somebody has looked at an asset: its tags are no proposals any more. */
export const confirmTags = (tx: Executor, id: string): Promise<unknown> =>
  run(tx, 'UPDATE asset_tag SET is_proposed = FALSE WHERE is_proposed AND asset_id = ?', [id]);

/** Takes a tag off several. @param ids at least one */
export const removeTag = (tx: Executor, ids: readonly string[], tag: string): Promise<unknown> =>
  run(tx, `DELETE FROM asset_tag WHERE tag = ? AND asset_id IN (${placesFor(ids)})`, [tag, ...ids]);

/** Puts a tag behind those of several that do not have it. @param ids at least one */
export const addTag = (tx: Executor, ids: readonly string[], tag: string): Promise<unknown> =>
  run(
    tx,
    `INSERT INTO asset_tag (asset_id, ordinal, tag)
     SELECT asset.id, COALESCE(MAX(asset_tag.ordinal), -1) + 1, ? FROM asset LEFT JOIN asset_tag ON asset_tag.asset_id = asset.id
     WHERE asset.id IN (${placesFor(ids)}) GROUP BY asset.id`,
    [tag, ...ids],
  );

/** Replaces the tags of an asset. @param proposed further ones, which nobody has said */
export async function setTags(
  tx: Executor,
  id: string,
  tags: readonly string[],
  proposed: readonly string[] = [],
): Promise<void> {
  await run(tx, 'DELETE FROM asset_tag WHERE asset_id = ?', [id]);
  const rows = [...tags, ...proposed].map((tag, ordinal) => [id, ordinal, tag, ordinal >= tags.length]);
  await insertMany(tx, 'asset_tag', ['asset_id', 'ordinal', 'tag', 'is_proposed'], rows);
}
