import type { Arrival } from '@haveld/contract/api/arrivals';
import type { Executor } from '../database/pool';
import { many, maybeOne, run } from '../database/statements';

export interface ArrivalRow {
  id: string;
  name: string;
  state: Arrival['state'];
  message: string | null;
  refused: string[];
  notes: string[];
  locked: string[];
  /** Sealed, for an archive that waits to be opened. */
  passwords: string[];
  createdAt: Date;
  /** Who brought it in. */
  personId: string;
  personName: string;
  /** Who gave it by a link of the house, and which; null for what came otherwise. */
  giver: string | null;
  givenBy: string | null;
  /** What is still read of it goes into the line-up by itself. */
  linedUp: boolean;
}

type StoredArrival = Omit<ArrivalRow, 'refused' | 'notes' | 'locked' | 'passwords' | 'linedUp'> &
  Record<'refused' | 'notes' | 'locked' | 'passwords', string> & { linedUp: number };

const ARRIVAL = `SELECT arrival.id, arrival.name, arrival.state, arrival.message, arrival.refused, arrival.notes, arrival.locked, arrival.passwords, arrival.lined_up AS linedUp,
  arrival.created_at AS createdAt, arrival.person_id AS personId, person.name AS personName, gift.giver, giving_link.name AS givenBy FROM arrival JOIN person ON person.id = arrival.person_id
  LEFT JOIN gift ON gift.id = COALESCE((SELECT own.id FROM gift AS own WHERE own.id = arrival.id),
    (SELECT part.id FROM arrival AS part JOIN gift AS own ON own.id = part.id WHERE part.joined_into = arrival.id LIMIT 1))
  LEFT JOIN giving_link ON giving_link.id = gift.link_id`;

const parseArrival = (row: StoredArrival): ArrivalRow => ({
  ...row,
  refused: JSON.parse(row.refused) as string[],
  notes: JSON.parse(row.notes) as string[],
  locked: JSON.parse(row.locked) as string[],
  passwords: JSON.parse(row.passwords) as string[],
  linedUp: row.linedUp === 1,
});

/** The latest first, without what was cancelled or joined into another. */
export const listArrivals = async (db: Executor, limit: number): Promise<ArrivalRow[]> =>
  (
    await many<StoredArrival>(
      db,
      `${ARRIVAL} WHERE arrival.state <> 'cancelled' AND arrival.joined_into IS NULL ORDER BY arrival.created_at DESC, arrival.id LIMIT ?`,
      [limit],
    )
  ).map(parseArrival);

/** @returns an arrival, or null */
export async function getArrival(db: Executor, id: string): Promise<ArrivalRow | null> {
  const row = await maybeOne<StoredArrival>(db, `${ARRIVAL} WHERE arrival.id = ?`, [id]);
  return row && parseArrival(row);
}

/** Locks the arrival until the transaction ends. */
export async function lockArrival(tx: Executor, id: string): Promise<ArrivalRow | null> {
  await many(tx, 'SELECT id FROM arrival WHERE id = ? FOR UPDATE', [id]);
  return getArrival(tx, id);
}

/** Passwords that were given are forgotten where nothing is opened any more. @param message why, where it failed or found nothing */
export const setArrivalState = (
  db: Executor,
  id: string,
  state: ArrivalRow['state'],
  message: string | null = null,
): Promise<unknown> =>
  run(
    db,
    "UPDATE arrival SET state = ?, message = ?, passwords = IF(state IN ('failed', 'cancelled'), '[]', passwords) WHERE id = ?",
    [state, message, id],
  );

/** The latest first, with the name of their arrival. */
export const listRegroupings = (
  db: Executor,
  limit: number,
): Promise<{ arrivalId: string; arrivalName: string; path: string; role: string; modelPath: string | null }[]> =>
  many(
    db,
    `SELECT regrouping.arrival_id AS arrivalId, arrival.name AS arrivalName, path, role, model_path AS modelPath
     FROM regrouping JOIN arrival ON arrival.id = regrouping.arrival_id ORDER BY regrouping.id DESC LIMIT ?`,
    [limit],
  );
