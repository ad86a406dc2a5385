import type { Executor } from '../database/pool';
import { run, placesFor, many } from '../database/statements';
import { listBorrowers } from './borrowing-queries';

/**
 * Opens every live project again that holds one of these assets, or one that borrows from them, with what has changed.
 * @returns how many lines were written
 */
export async function reopenProjects(tx: Executor, assetIds: readonly string[], why: string): Promise<number> {
  const own = await writeReopenings(tx, assetIds, why);
  const borrowers = await listBorrowers(tx, assetIds);
  return own + (await writeReopenings(tx, borrowers, `Something in it is borrowed. ${why}`));
}

async function writeReopenings(tx: Executor, assetIds: readonly string[], why: string): Promise<number> {
  if (assetIds.length === 0) return 0;
  return (
    await run(
      tx,
      `INSERT INTO project_reopening (project_id, asset_id, why)
       SELECT DISTINCT hand_over.project_id, hand_over.asset_id, ? FROM hand_over JOIN project ON project.id = hand_over.project_id
       WHERE hand_over.state <> 'failed' AND project.ended_at IS NULL AND hand_over.asset_id IN (${placesFor(assetIds)})
         AND NOT EXISTS (SELECT 1 FROM project_reopening AS known WHERE known.project_id = hand_over.project_id AND known.asset_id = hand_over.asset_id
           AND known.why = ? AND known.settled_at IS NULL)`,
      [why, ...assetIds, why],
    )
  ).affected;
}

/** @param assetIds at least one @returns whether a live project holds one of them */
export const isAnyHeld = async (db: Executor, assetIds: readonly string[]): Promise<boolean> =>
  (
    await many(
      db,
      `SELECT 1 FROM hand_over JOIN project ON project.id = hand_over.project_id
       WHERE hand_over.asset_id IN (${placesFor(assetIds)}) AND hand_over.state <> 'failed' AND project.ended_at IS NULL LIMIT 1`,
      [...assetIds],
    )
  ).length > 0;

/** Grants that ended before a day, held by a project that was not told. @param today `2026-11-28` */
export const listLapsed = (db: Executor, today: string): Promise<{ id: string; expiresOn: string }[]> =>
  many(
    db,
    `SELECT DISTINCT provenance.asset_id AS id, expires_on AS expiresOn FROM provenance JOIN hand_over ON hand_over.asset_id = provenance.asset_id
     WHERE expires_on <> '' AND expires_on < ? AND NOT EXISTS (SELECT 1 FROM project_reopening AS known WHERE known.asset_id = provenance.asset_id
       AND known.project_id = hand_over.project_id AND known.why = CONCAT('Its grant ended on ', expires_on, '.')) LIMIT 1000`,
    [today],
  );
