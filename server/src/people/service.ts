import { randomBytes, randomUUID } from 'node:crypto';
import { hash } from '@node-rs/argon2';
import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import type { Role } from '@haveld/contract/role';
import type { Executor } from '../database/pool';
import { hashChosen, isPassword } from './passwords';
import * as queries from './person-queries';
import { hashSecret } from './secrets';
import { deleteSessionsOf } from './session-queries';

/** Changes the password and ends every other session of the person. @param token of the session that asks */
export async function changePassword(
  db: Executor,
  person: Person,
  token: string,
  { before, after }: { before: string; after: string },
): Promise<Person> {
  const found = await queries.findBySignIn(db, person.signIn);
  if (!(await isPassword(found?.passwordHash ?? null, before)))
    throw new DomainError('wrong-password', 'The current password is wrong.');
  await queries.setPassword(db, person.id, await hashChosen(person, after));
  await deleteSessionsOf(db, person.id, hashSecret(token));
  return { ...person, mustChange: false };
}

/** Changes the name others see; what was done before carries the new one too. */
export async function changeName(db: Executor, person: Person, name: string): Promise<Person> {
  await queries.setPersonName(db, person.id, name);
  return { ...person, name };
}

/** Writes a person down with a hashed password. */
export async function addPerson(
  db: Executor,
  given: { signIn: string; name: string; role: Role; password: string; mustChange: boolean },
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
