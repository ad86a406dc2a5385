import type { Executor } from '../database/pool';
import { many, maybeOne } from '../database/statements';

/** Is it a picture, or the model, of what stands in the catalogue? Of what was taken down only the picture is shown. */
export const isShownInCatalogue = async (db: Executor, sha256: string): Promise<boolean> =>
  (await maybeOne(
    db,
    `SELECT 1 AS found FROM (
       SELECT asset_id, FALSE AS is_model FROM version WHERE thumbnail_sha256 = ?
       UNION ALL SELECT asset_id, FALSE FROM version WHERE orthographic_sha256 = ?
       UNION ALL SELECT asset_id, TRUE FROM version WHERE model_sha256 = ?) AS named
     JOIN asset ON asset.id = named.asset_id
     WHERE asset.state = 'catalogued' AND (NOT is_model OR asset.taken_down IS NULL) LIMIT 1`,
    [sha256, sha256, sha256],
  )) !== null;

/** Projects something was packed for, by its zip. */
export const listProjectsOfZip = async (db: Executor, sha256: string): Promise<string[]> =>
  (
    await many<{ projectId: string }>(
      db,
      'SELECT DISTINCT project_id AS projectId FROM hand_over WHERE zip_sha256 = ? LIMIT 20',
      [sha256],
    )
  ).map(({ projectId }) => projectId);
