import { DomainError } from '@haveld/contract/error';
import type { Person, Session } from '@haveld/contract/api/people';
import type { Executor } from '../database/pool';
import { isPassword } from './passwords';
import { findBySignIn } from './person-queries';
import { createSecret, hashSecret } from './secrets';
import * as queries from './session-queries';

export const SESSION_DAYS = 14;

/** A sign-in name as it is written down. */
export const toSignInName = (given: string): string => given.trim().toLowerCase();

/** Signs somebody in. @returns the token of the session. @throws {DomainError} `wrong-password` */
export async function openSession(
  db: Executor,
  signIn: string,
  password: string,
  place: queries.SessionPlace,
): Promise<{ token: string; person: Person }> {
  const found = await findBySignIn(db, toSignInName(signIn));
  if (!(await isPassword(found?.passwordHash ?? null, password)) || !found || found.isRemoved)
    throw new DomainError('wrong-password', 'Name or password is wrong.');
  return { token: await beginSession(db, found.person, place), person: found.person };
}

/** @returns the token of a new session; it stands nowhere else */
export async function beginSession(db: Executor, person: Person, place: queries.SessionPlace): Promise<string> {
  const token = createSecret();
  await queries.insertSession(db, hashSecret(token), person.id, SESSION_DAYS, place);
  return token;
}

/** @returns whose session this is, or null */
export async function findSignedIn(db: Executor, token: string): Promise<Person | null> {
  const tokenHash = hashSecret(token);
  const found = await queries.findBySession(db, tokenHash);
  if (found?.isUnseen) await queries.noteSeen(db, tokenHash);
  return found?.person ?? null;
}

/** Signs somebody out. */
export async function closeSession(db: Executor, token: string | undefined): Promise<void> {
  if (token) await queries.deleteSession(db, hashSecret(token));
}

/** Where a person is signed in. @param token of the session that asks */
export const listSessions = (db: Executor, person: Person, token: string): Promise<Session[]> =>
  queries.listSessions(db, person.id, hashSecret(token));

/** @throws {DomainError} where it is none of theirs */
export async function endSession(db: Executor, person: Person, id: number): Promise<void> {
  if (!(await queries.deleteSessionOf(db, person.id, id)))
    throw new DomainError('not-found', 'This session has ended already.');
}
