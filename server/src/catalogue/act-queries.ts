import type { FieldChange } from '@haveld/core/edits/shared-change';
import type { Executor } from '../database/pool';
import { insertMany, many, manyIn, maybeOne, run } from '../database/statements';

/** Something somebody did to several assets at once. */
export interface ActRow {
  id: string;
  personId: string;
  personName: string;
  at: Date;
  undoneAt: Date | null;
}

const ACT = `SELECT asset_act.id, asset_act.person_id AS personId, person.name AS personName, asset_act.at, asset_act.undone_at AS undoneAt
  FROM asset_act JOIN person ON person.id = asset_act.person_id`;

/** Writes down what somebody did. */
export async function insertAct(
  tx: Executor,
  act: { id: string; personId: string },
  changes: readonly FieldChange[],
): Promise<void> {
  await run(tx, 'INSERT INTO asset_act (id, person_id) VALUES (?, ?)', [act.id, act.personId]);
  const rows = changes.map(({ assetId, field, before, after }) => [act.id, assetId, field, before, after]);
  await insertMany(tx, 'asset_change', ['act_id', 'asset_id', 'field', 'before_value', 'after_value'], rows);
}

export const lockAct = (tx: Executor, id: string): Promise<ActRow | null> =>
  maybeOne(tx, `${ACT} WHERE asset_act.id = ? FOR UPDATE`, [id]);

export const setUndone = (tx: Executor, id: string): Promise<unknown> =>
  run(tx, 'UPDATE asset_act SET undone_at = UTC_TIMESTAMP(3) WHERE id = ?', [id]);

/** The latest acts. */
export const listActRows = (db: Executor, most: number): Promise<ActRow[]> =>
  many(db, `${ACT} ORDER BY asset_act.at DESC, asset_act.id LIMIT ?`, [most]);

/** What an act changed, in its order. */
export const listChangesOfAct = (db: Executor, actId: string): Promise<FieldChange[]> =>
  many(
    db,
    'SELECT asset_id AS assetId, field, before_value AS `before`, after_value AS `after` FROM asset_change WHERE act_id = ? ORDER BY id',
    [actId],
  );

/** Of how many assets acts changed which fields. */
export const countChanges = (
  db: Executor,
  actIds: readonly string[],
): Promise<{ actId: string; field: FieldChange['field']; assets: number }[]> =>
  manyIn(
    db,
    actIds,
    (places) =>
      `SELECT act_id AS actId, field, COUNT(DISTINCT asset_id) AS assets FROM asset_change WHERE act_id IN (${places}) GROUP BY act_id, field`,
  );
