import type { Person } from '@haveld/contract/api/people';
import { type Executor } from '../database/pool';
import { maybeOne, one, run } from '../database/statements';
import { PERSON_COLUMNS, toPerson, type PersonRow } from './person-queries';

/** A person's link; one before it opens nothing more. @returns until when it opens */
export async function putLink(
  db: Executor,
  link: { personId: string; tokenHash: string; madeBy: string; hours: number },
): Promise<Date> {
  await run(
    db,
    `REPLACE INTO person_link (person_id, token_hash, made_by, expires_at) VALUES (?, ?, ?, UTC_TIMESTAMP(3) + INTERVAL ? HOUR)`,
    [link.personId, link.tokenHash, link.madeBy, link.hours],
  );
  const row = await one<{ expiresAt: Date }>(
    db,
    'SELECT expires_at AS expiresAt FROM person_link WHERE person_id = ?',
    [link.personId],
  );
  return row.expiresAt;
}

/** Whom a link lets in. */
export interface LinkRow {
  person: Person;
  /** They have a password already. */
  isReset: boolean;
  by: string;
  expiresAt: Date;
}

/** @returns null where it opens nothing. @param lock until the transaction ends */
export async function findLink(db: Executor, tokenHash: string, lock = false): Promise<LinkRow | null> {
  const row = await maybeOne<PersonRow & { isReset: number; madeBy: string; expiresAt: Date }>(
    db,
    `SELECT ${PERSON_COLUMNS}, person.password_hash IS NOT NULL AS isReset, maker.name AS madeBy, person_link.expires_at AS expiresAt
     FROM person_link JOIN person ON person.id = person_link.person_id JOIN person AS maker ON maker.id = person_link.made_by
     WHERE token_hash = ? AND person_link.expires_at > UTC_TIMESTAMP(3) AND person.removed_at IS NULL${lock ? ' FOR UPDATE' : ''}`,
    [tokenHash],
  );
  return row && { person: toPerson(row), isReset: row.isReset === 1, by: row.madeBy, expiresAt: row.expiresAt };
}

/** A link opens nothing more. */
export const deleteLinkOf = (db: Executor, personId: string): Promise<unknown> =>
  run(db, 'DELETE FROM person_link WHERE person_id = ?', [personId]);

/** Forgets links that have run out. */
export const forgetEndedLinks = (db: Executor): Promise<unknown> =>
  run(db, 'DELETE FROM person_link WHERE expires_at < UTC_TIMESTAMP(3)');
