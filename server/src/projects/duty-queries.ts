import type { ProjectRights } from '@haveld/contract/api/projects';
import type { Executor } from '../database/pool';
import { insertMany, many, run, placesFor } from '../database/statements';

export interface Tick {
  assetId: string;
  kind: string;
  personName: string;
  at: Date;
}

/** Duties of a project that somebody said are done. */
export const listTicks = (db: Executor, projectId: string): Promise<Tick[]> =>
  many(
    db,
    'SELECT asset_id AS assetId, kind, person.name AS personName, project_duty.at FROM project_duty JOIN person ON person.id = project_duty.person_id WHERE project_id = ?',
    [projectId],
  );

/** What has changed and nobody has looked at, the oldest first, at most 500. */
export async function listReopened(db: Executor, projectId: string): Promise<ProjectRights['reopened']> {
  const rows = await many<{ id: number; assetId: string; name: string; why: string; at: Date }>(
    db,
    `SELECT project_reopening.id, asset_id AS assetId, asset.name, why, project_reopening.at FROM project_reopening JOIN asset ON asset.id = project_reopening.asset_id
     WHERE project_id = ? AND settled_at IS NULL ORDER BY project_reopening.id LIMIT 500`,
    [projectId],
  );
  return rows.map((row) => ({ ...row, at: row.at.toISOString() }));
}

/** Says of some assets that one kind of duty is done, or no longer. @param given.assetIds at least one */
export async function replaceTicks(
  tx: Executor,
  projectId: string,
  { kind, assetIds, done }: { kind: string; assetIds: readonly string[]; done: boolean },
  personId: string,
): Promise<void> {
  await run(tx, `DELETE FROM project_duty WHERE project_id = ? AND kind = ? AND asset_id IN (${placesFor(assetIds)})`, [
    projectId,
    kind,
    ...assetIds,
  ]);
  if (!done) return;
  await insertMany(
    tx,
    'project_duty',
    ['project_id', 'asset_id', 'kind', 'person_id'],
    assetIds.map((assetId) => [projectId, assetId, kind, personId]),
  );
}

/** @returns false where somebody has settled it already */
export const settleReopening = async (
  db: Executor,
  projectId: string,
  id: number,
  note: string,
  personId: string,
): Promise<boolean> =>
  (
    await run(
      db,
      'UPDATE project_reopening SET settled_by = ?, settled_at = UTC_TIMESTAMP(3), settled_note = ? WHERE id = ? AND project_id = ? AND settled_at IS NULL',
      [personId, note, id, projectId],
    )
  ).affected === 1;
