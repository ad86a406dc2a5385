import type { Executor } from '../database/pool';
import { many, run } from '../database/statements';

/** House treatments an asset has, with the number they have today. */
export const listHeldBy = (
  db: Executor,
  assetId: string,
): Promise<{ id: string; name: string; number: number; newest: number }[]> =>
  many(
    db,
    `SELECT house_treatment.id, house_treatment.name, held.number, house_treatment.number AS newest FROM asset_house_treatment AS held
     JOIN house_treatment ON house_treatment.id = held.treatment_id WHERE held.asset_id = ? ORDER BY house_treatment.name`,
    [assetId],
  );

/** Notes that an asset has a treatment as it was then. */
export const setHeld = (tx: Executor, assetId: string, treatmentId: string, number: number): Promise<unknown> =>
  run(
    tx,
    `INSERT INTO asset_house_treatment (asset_id, treatment_id, number) VALUES (?, ?, ?)
     ON DUPLICATE KEY UPDATE number = VALUES(number), taken_at = UTC_TIMESTAMP(3)`,
    [assetId, treatmentId, number],
  );
