import type { Member, Person } from '@haveld/contract/api/people';
import type { Role } from '@haveld/contract/role';
import { type Executor } from '../database/pool';
import { many, maybeOne, run } from '../database/statements';

/** As a statement gives it. */
export interface PersonRow {
  id: string;
  signIn: string;
  name: string;
  role: Role;
  mustChange: number;
}

export const PERSON_COLUMNS =
  'person.id, person.sign_in AS signIn, person.name, person.role, person.must_change AS mustChange';

export const toPerson = ({ id, signIn, name, role, mustChange }: PersonRow): Person => ({
  id,
  signIn,
  name,
  role,
  mustChange: mustChange === 1,
});

/** @returns whoever has this name, with the hash of their password: null before their link is used; null for nobody */
export async function findBySignIn(
  db: Executor,
  signIn: string,
): Promise<{ person: Person; passwordHash: string | null; isRemoved: boolean } | null> {
  const row = await maybeOne<PersonRow & { passwordHash: string | null; isRemoved: number }>(
    db,
    `SELECT ${PERSON_COLUMNS}, password_hash AS passwordHash, removed_at IS NOT NULL AS isRemoved FROM person WHERE sign_in = ?`,
    [signIn],
  );
  return row && { person: toPerson(row), passwordHash: row.passwordHash, isRemoved: row.isRemoved === 1 };
}

/** @returns a person, removed or not, locked until the transaction ends; null where there is none */
export async function lockPerson(tx: Executor, id: string): Promise<(Person & { isRemoved: boolean }) | null> {
  const row = await maybeOne<PersonRow & { isRemoved: number }>(
    tx,
    `SELECT ${PERSON_COLUMNS}, removed_at IS NOT NULL AS isRemoved FROM person WHERE id = ? FOR UPDATE`,
    [id],
  );
  return row && { ...toPerson(row), isRemoved: row.isRemoved === 1 };
}

/** Writes a person down. @param passwordHash null where a link lets them choose one */
export const insertPerson = (db: Executor, person: Person, passwordHash: string | null): Promise<unknown> =>
  run(db, 'INSERT INTO person (id, sign_in, name, role, password_hash, must_change) VALUES (?, ?, ?, ?, ?, ?)', [
    person.id,
    person.signIn,
    person.name,
    person.role,
    passwordHash,
    person.mustChange,
  ]);

/** Replaces the hash of a password; it need not be changed at the next sign-in any more. */
export const setPassword = (db: Executor, personId: string, passwordHash: string): Promise<unknown> =>
  run(db, 'UPDATE person SET password_hash = ?, must_change = FALSE WHERE id = ?', [passwordHash, personId]);

/** The name others see. */
export const setPersonName = (db: Executor, personId: string, name: string): Promise<unknown> =>
  run(db, 'UPDATE person SET name = ? WHERE id = ?', [name, personId]);

/** What somebody may. */
export const setRole = (db: Executor, personId: string, role: Role): Promise<unknown> =>
  run(db, 'UPDATE person SET role = ? WHERE id = ?', [role, personId]);

/** Opens nothing any more; the row stays, for what they did carries their name. */
export const setRemoved = (db: Executor, personId: string): Promise<unknown> =>
  run(db, 'UPDATE person SET removed_at = UTC_TIMESTAMP(3), password_hash = NULL, must_change = FALSE WHERE id = ?', [
    personId,
  ]);

/** Comes back, with a link and no password yet. */
export const setBack = (db: Executor, personId: string): Promise<unknown> =>
  run(db, 'UPDATE person SET removed_at = NULL WHERE id = ?', [personId]);

/** How many people there are, removed ones among them. */
export async function countPeople(db: Executor): Promise<number> {
  const [{ n }] = await many<{ n: number }>(db, 'SELECT COUNT(*) AS n FROM person');
  return n;
}

/** Owners who can sign in, locked until the transaction ends: of two who step down at once, one stays. */
export const lockOwners = async (tx: Executor): Promise<string[]> =>
  (
    await many<{ id: string }>(
      tx,
      "SELECT id FROM person WHERE role = 'owner' AND removed_at IS NULL AND password_hash IS NOT NULL ORDER BY id FOR UPDATE",
    )
  ).map(({ id }) => id);

/** Everybody, by name, those who were removed last. */
export async function listMembers(db: Executor): Promise<Member[]> {
  const rows = await many<
    PersonRow & Pick<Member, 'state' | 'tokens'> & { lastSeenAt: Date | null; linkExpiresAt: Date | null }
  >(
    db,
    `SELECT ${PERSON_COLUMNS},
       CASE WHEN removed_at IS NOT NULL THEN 'removed' WHEN password_hash IS NULL THEN 'invited' ELSE 'here' END AS state,
       person.last_seen_at AS lastSeenAt,
       (SELECT expires_at FROM person_link WHERE person_id = person.id AND expires_at > UTC_TIMESTAMP(3)) AS linkExpiresAt,
       (SELECT COUNT(*) FROM program_token WHERE person_id = person.id AND expires_at > UTC_TIMESTAMP(3)) AS tokens
     FROM person ORDER BY removed_at IS NOT NULL, person.name, person.id`,
  );
  return rows.map(({ mustChange: _mustChange, lastSeenAt, linkExpiresAt, ...row }) => ({
    ...row,
    lastSeenAt: lastSeenAt?.toISOString() ?? null,
    linkExpiresAt: linkExpiresAt?.toISOString() ?? null,
  }));
}

/** Names of all people by their ids; of former members too. */
export const listNamesOfPeople = async (db: Executor): Promise<Map<string, string>> =>
  new Map(
    (await many<{ id: string; name: string }>(db, 'SELECT id, name FROM person')).map(({ id, name }) => [id, name]),
  );
