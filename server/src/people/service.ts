import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import { DomainError } from '@haveld/contract/error';
import type { Person } from '@haveld/contract/api/people';
import { DEMO_PASSWORD } from '@haveld/demo/studio';
import type { Executor } from '../database/pool';
import { requireStrong } from './password-strength';
import * as queries from './queries';

const SESSION_DAYS = 14;

/** The database holds a hash: whoever reads a copy of it cannot sign in with it. */
const hashToken = (token: string): string => createHash('sha256').update(token).digest('hex');

/** A hash to compare with where nobody has that name, so that both answers take as long. */
const NOBODY = hash(randomUUID());

/** A sign-in name as it is written down. */
export const toSignInName = (given: string): string => given.trim().toLowerCase();

/** @throws {DomainError} `wrong-password` for the one that is printed with the demo, where others reach this Haveld */
export function refusePublished(password: string): void {
  if (password === DEMO_PASSWORD)
    throw new DomainError(
      'wrong-password',
      'This password is printed for everybody, with the demo; where others reach Haveld it opens nothing.',
    );
}

/** Signs somebody in. @returns the token of the session. @throws {DomainError} `wrong-password` */
export async function openSession(
  db: Executor,
  signIn: string,
  password: string,
): Promise<{ token: string; person: Person }> {
  const found = await queries.findBySignIn(db, toSignInName(signIn));
  const matches = await verify(found?.passwordHash ?? (await NOBODY), password);
  if (!found || !matches) throw new DomainError('wrong-password', 'Name or password is wrong.');
  const token = randomBytes(32).toString('base64url');
  await queries.insertSession(db, hashToken(token), found.person.id, SESSION_DAYS);
  return { token, person: found.person };
}

/** @returns whose token this is, or null */
export async function findSignedIn(db: Executor, token: string | undefined): Promise<Person | null> {
  return token ? queries.findBySession(db, hashToken(token)) : null;
}

/** Signs somebody out. */
export async function closeSession(db: Executor, token: string | undefined): Promise<void> {
  if (token) await queries.deleteSession(db, hashToken(token));
}

/** Changes the password and ends every other session of the person. */
export async function changePassword(
  db: Executor,
  person: Person,
  token: string,
  before: string,
  after: string,
): Promise<Person> {
  const found = await queries.findBySignIn(db, person.signIn);
  if (!found || !(await verify(found.passwordHash, before)))
    throw new DomainError('wrong-password', 'The current password is wrong.');
  if (after === DEMO_PASSWORD)
    throw new DomainError('bad-request', 'This password is printed for everybody, with the demo; choose another.');
  await requireStrong(after, [person.signIn, person.name, 'haveld']);
  await queries.updatePassword(db, person.id, await hash(after));
  await queries.deleteOtherSessions(db, person.id, hashToken(token));
  return { ...person, mustChange: false };
}

/** Writes a person down with a hashed password. */
export async function addPerson(
  db: Executor,
  given: { signIn: string; name: string; role: 'owner' | 'member'; password: string; mustChange: boolean },
): Promise<Person> {
  const { password, ...rest } = given;
  const person: Person = { id: randomUUID(), ...rest };
  await queries.insertPerson(db, person, await hash(password));
  return person;
}

/** @returns the person of this sign-in name, or null */
export const findPerson = async (db: Executor, signIn: string): Promise<Person | null> =>
  (await queries.findBySignIn(db, signIn))?.person ?? null;

/** Makes the owner where nobody is there yet. @returns the one-time password, or null */
export async function ensureOwner(db: Executor): Promise<{ signIn: string; password: string; person: Person } | null> {
  if ((await queries.countPeople(db)) > 0) return null;
  const password = randomBytes(9).toString('base64url');
  const person = await addPerson(db, { signIn: 'owner', name: 'Owner', role: 'owner', password, mustChange: true });
  return { signIn: 'owner', password, person };
}
