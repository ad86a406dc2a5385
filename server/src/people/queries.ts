import type { Person } from '@haveld/contract/api/people';
import { type Executor } from '../database/pool';
import { many, maybeOne, run } from '../database/statements';

interface PersonRow {
  id: string;
  signIn: string;
  name: string;
  role: 'owner' | 'member';
  mustChange: number;
  passwordHash: string;
}

const COLUMNS =
  'person.id, person.sign_in AS signIn, person.name, person.role, person.must_change AS mustChange, person.password_hash AS passwordHash';

const toPerson = ({ passwordHash: _secret, mustChange, ...row }: PersonRow): Person => ({
  ...row,
  mustChange: mustChange === 1,
});

/** @returns a person with the hash of their password, or null */
export async function findBySignIn(
  db: Executor,
  signIn: string,
): Promise<{ person: Person; passwordHash: string } | null> {
  const row = await maybeOne<PersonRow>(db, `SELECT ${COLUMNS} FROM person WHERE sign_in = ?`, [signIn]);
  return row && { person: toPerson(row), passwordHash: row.passwordHash };
}

/** @returns whose session this is; null where it has ended */
export async function findBySession(db: Executor, tokenHash: string): Promise<Person | null> {
  const row = await maybeOne<PersonRow>(
    db,
    `SELECT ${COLUMNS} FROM session JOIN person ON person.id = session.person_id WHERE token_hash = ? AND expires_at > UTC_TIMESTAMP(3)`,
    [tokenHash],
  );
  return row && toPerson(row);
}

/** Writes a person down. */
export const insertPerson = (db: Executor, person: Person, passwordHash: string): Promise<unknown> =>
  run(db, 'INSERT INTO person (id, sign_in, name, role, password_hash, must_change) VALUES (?, ?, ?, ?, ?, ?)', [
    person.id,
    person.signIn,
    person.name,
    person.role,
    passwordHash,
    person.mustChange,
  ]);

/** Replaces the hash of a password; it need not be changed at the next sign-in any more. */
export const updatePassword = (db: Executor, personId: string, passwordHash: string): Promise<unknown> =>
  run(db, 'UPDATE person SET password_hash = ?, must_change = FALSE WHERE id = ?', [passwordHash, personId]);

/** Begins a session of so many days. */
export const insertSession = (db: Executor, tokenHash: string, personId: string, days: number): Promise<unknown> =>
  run(db, 'INSERT INTO session (token_hash, person_id, expires_at) VALUES (?, ?, UTC_TIMESTAMP(3) + INTERVAL ? DAY)', [
    tokenHash,
    personId,
    days,
  ]);

/** Ends a session. */
export const deleteSession = (db: Executor, tokenHash: string): Promise<unknown> =>
  run(db, 'DELETE FROM session WHERE token_hash = ?', [tokenHash]);

/** Ends every session of a person but one. */
export const deleteOtherSessions = (db: Executor, personId: string, keepHash: string): Promise<unknown> =>
  run(db, 'DELETE FROM session WHERE person_id = ? AND token_hash <> ?', [personId, keepHash]);

/** How many people there are. */
export async function countPeople(db: Executor): Promise<number> {
  const [{ n }] = await many<{ n: number }>(db, 'SELECT COUNT(*) AS n FROM person');
  return n;
}
