import type { NamingHabit, StoredHabit } from '@haveld/contract/api/habits';
import { type Executor } from '../database/pool';
import { many, maybeOne, run } from '../database/statements';

export type HabitRow = Omit<StoredHabit, 'arrivals' | 'changedAt'> & { changedAt: Date };

interface Stored extends Omit<HabitRow, 'words' | 'twoSidedFoliage'> {
  words: string;
  twoSidedFoliage: number | null;
}

/** The latest changed first. */
export const listHabits = async (db: Executor): Promise<HabitRow[]> =>
  (
    await many<Stored>(
      db,
      `SELECT naming_habit.id, applies_by AS appliesBy, pattern, words, unit, up_axis AS up, front, two_sided_foliage AS twoSidedFoliage, house_treatment_id AS houseTreatmentId,
         changed_at AS changedAt, person.name AS personName
       FROM naming_habit JOIN person ON person.id = naming_habit.person_id ORDER BY changed_at DESC, naming_habit.id`,
    )
  ).map(parseHabit);

const parseHabit = <R extends { words: string; twoSidedFoliage: number | null }>(
  row: R,
): Omit<R, 'words' | 'twoSidedFoliage'> & Pick<NamingHabit, 'words' | 'twoSidedFoliage'> => ({
  ...row,
  words: JSON.parse(row.words) as NamingHabit['words'],
  twoSidedFoliage: row.twoSidedFoliage === null ? null : row.twoSidedFoliage === 1,
});

/** Locks a habit until the transaction ends. @returns it, and who changed it last; null where there is none */
export async function lockHabit(
  tx: Executor,
  id: string,
): Promise<{ habit: NamingHabit; last: { id: string; name: string } } | null> {
  const row = await maybeOne<Stored & { personId: string }>(
    tx,
    `SELECT applies_by AS appliesBy, pattern, words, unit, up_axis AS up, front, two_sided_foliage AS twoSidedFoliage, house_treatment_id AS houseTreatmentId,
       person.id AS personId, person.name AS personName
     FROM naming_habit JOIN person ON person.id = naming_habit.person_id WHERE naming_habit.id = ? FOR UPDATE`,
    [id],
  );
  if (!row) return null;
  const { personId, personName, ...stored } = row;
  return { habit: parseHabit(stored), last: { id: personId, name: personName } };
}

/** Keeps a habit, new or changed. */
export const upsertHabit = (db: Executor, id: string, habit: NamingHabit, personId: string): Promise<unknown> =>
  run(
    db,
    `INSERT INTO naming_habit (id, applies_by, pattern, words, unit, up_axis, front, two_sided_foliage, house_treatment_id, person_id) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
     ON DUPLICATE KEY UPDATE applies_by = VALUES(applies_by), pattern = VALUES(pattern), words = VALUES(words), unit = VALUES(unit),
       up_axis = VALUES(up_axis), front = VALUES(front), two_sided_foliage = VALUES(two_sided_foliage),
       house_treatment_id = VALUES(house_treatment_id), person_id = VALUES(person_id), changed_at = UTC_TIMESTAMP(3)`,
    [
      id,
      habit.appliesBy,
      habit.pattern,
      JSON.stringify(habit.words),
      habit.unit,
      habit.up,
      habit.front,
      habit.twoSidedFoliage,
      habit.houseTreatmentId,
      personId,
    ],
  );

/** @returns false where there is no such habit */
export const deleteHabit = async (db: Executor, id: string): Promise<boolean> =>
  (await run(db, 'DELETE FROM naming_habit WHERE id = ?', [id])).affected === 1;
