import type { Person, Session } from '@haveld/contract/api/people';
import { type Executor } from '../database/pool';
import { many, maybeOne, run } from '../database/statements';
import { PERSON_COLUMNS, toPerson, type PersonRow } from './person-queries';

/** Seen again is written down once in so many minutes. */
const SEEN_MINUTES = 5;

/** Where a session was opened from. */
export interface SessionPlace {
  address: string;
  browser: string;
}

/** Begins a session of so many days. */
export const insertSession = (
  db: Executor,
  tokenHash: string,
  personId: string,
  days: number,
  { address, browser }: SessionPlace,
): Promise<unknown> =>
  run(
    db,
    'INSERT INTO session (token_hash, person_id, expires_at, address, browser) VALUES (?, ?, UTC_TIMESTAMP(3) + INTERVAL ? DAY, ?, ?)',
    [tokenHash, personId, days, address, browser],
  );

/** @returns whose session this is, and whether it is time to write down that it was seen; null where it has ended */
export async function findBySession(
  db: Executor,
  tokenHash: string,
): Promise<{ person: Person; isUnseen: boolean } | null> {
  const row = await maybeOne<PersonRow & { isUnseen: number }>(
    db,
    `SELECT ${PERSON_COLUMNS},
       session.last_seen_at < UTC_TIMESTAMP(3) - INTERVAL ${SEEN_MINUTES} MINUTE OR person.last_seen_at IS NULL AS isUnseen
     FROM session JOIN person ON person.id = session.person_id
     WHERE token_hash = ? AND expires_at > UTC_TIMESTAMP(3) AND person.removed_at IS NULL`,
    [tokenHash],
  );
  return row && { person: toPerson(row), isUnseen: row.isUnseen === 1 };
}

/** Writes down that a session was seen, and its person with it. */
export const noteSeen = (db: Executor, tokenHash: string): Promise<unknown> =>
  run(
    db,
    `UPDATE session JOIN person ON person.id = session.person_id
     SET session.last_seen_at = UTC_TIMESTAMP(3), person.last_seen_at = UTC_TIMESTAMP(3) WHERE token_hash = ?`,
    [tokenHash],
  );

/** Those of a person that are open, the last seen first. @param ownHash of the session that asks */
export async function listSessions(db: Executor, personId: string, ownHash: string): Promise<Session[]> {
  const rows = await many<
    Omit<Session, 'startedAt' | 'lastSeenAt' | 'isThis'> & { startedAt: Date; lastSeenAt: Date; isThis: number }
  >(
    db,
    `SELECT id, created_at AS startedAt, last_seen_at AS lastSeenAt, address, browser, token_hash = ? AS isThis FROM session
     WHERE person_id = ? AND expires_at > UTC_TIMESTAMP(3) ORDER BY isThis DESC, last_seen_at DESC, id DESC`,
    [ownHash, personId],
  );
  return rows.map(({ startedAt, lastSeenAt, isThis, ...row }) => ({
    ...row,
    startedAt: startedAt.toISOString(),
    lastSeenAt: lastSeenAt.toISOString(),
    isThis: isThis === 1,
  }));
}

/** Ends a session. */
export const deleteSession = (db: Executor, tokenHash: string): Promise<unknown> =>
  run(db, 'DELETE FROM session WHERE token_hash = ?', [tokenHash]);

/** Ends a session of a person. @returns false where it is none of theirs */
export const deleteSessionOf = async (db: Executor, personId: string, id: number): Promise<boolean> =>
  (await run(db, 'DELETE FROM session WHERE id = ? AND person_id = ?', [id, personId])).affected === 1;

/** Ends every session of a person. @param keepHash but this one */
export const deleteSessionsOf = (db: Executor, personId: string, keepHash = ''): Promise<unknown> =>
  run(db, 'DELETE FROM session WHERE person_id = ? AND token_hash <> ?', [personId, keepHash]);

/** Forgets sessions that ended long ago. */
export const forgetEndedSessions = (db: Executor): Promise<unknown> =>
  run(db, 'DELETE FROM session WHERE expires_at < UTC_TIMESTAMP(3)');
