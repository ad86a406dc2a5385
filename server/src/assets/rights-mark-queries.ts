import type { FindingMark } from '@haveld/contract/finding';
import type { Executor } from '../database/pool';
import { many, one, placesFor, run } from '../database/statements';

/** How the rights of an asset stand, kept where lists can find it: its worst open finding. */
export interface RightsMark {
  mark: FindingMark;
  title: string;
  detail: string;
}

/** Keeps the same mark for several assets. @param ids at least one */
export const setRightsMark = (
  tx: Executor,
  ids: readonly string[],
  { mark, title, detail }: RightsMark,
): Promise<unknown> =>
  run(tx, `UPDATE asset SET rights_mark = ?, rights_title = ?, rights_detail = ? WHERE id IN (${placesFor(ids)})`, [
    mark,
    title.slice(0, 300),
    detail.slice(0, 600),
    ...ids,
  ]);

/** Assets whose rights mark nobody has worked out. */
export const countUnmarked = async (db: Executor): Promise<number> =>
  (await one<{ n: number }>(db, "SELECT COUNT(*) AS n FROM asset WHERE rights_mark = 'unmarked'")).n;

/** How many assets there are, in whatever state. */
export const countAssets = async (db: Executor): Promise<number> =>
  (await one<{ n: number }>(db, 'SELECT COUNT(*) AS n FROM asset')).n;

/** The next ids in their order. @param after the last one that was had; empty for the first */
export const listAssetIds = async (db: Executor, after: string, limit: number): Promise<string[]> =>
  (await many<{ id: string }>(db, 'SELECT id FROM asset WHERE id > ? ORDER BY id LIMIT ?', [after, limit])).map(
    ({ id }) => id,
  );

/** @param by the first who looked, where the house asks for two. @param ids at least one */
export const setLicenceConfirmed = (
  tx: Executor,
  ids: readonly string[],
  { confirmed, by }: { confirmed: boolean; by: string | null },
): Promise<unknown> =>
  run(tx, `UPDATE asset SET licence_confirmed = ?, licence_confirmed_by = ? WHERE id IN (${placesFor(ids)})`, [
    confirmed,
    by,
    ...ids,
  ]);

/** From now on these do not follow the provenance of their kit. @param ids at least one */
export const setOwnProvenance = (tx: Executor, ids: readonly string[]): Promise<unknown> =>
  run(tx, `UPDATE asset SET own_provenance = TRUE WHERE id IN (${placesFor(ids)})`, [...ids]);

/** @param reason null takes it back */
export const setTakenDown = (tx: Executor, id: string, reason: string | null): Promise<unknown> =>
  run(tx, 'UPDATE asset SET taken_down = ?, taken_down_at = IF(? IS NULL, NULL, UTC_TIMESTAMP(3)) WHERE id = ?', [
    reason,
    reason,
    id,
  ]);
