import { randomUUID } from 'node:crypto';
import type { Person, ProgramToken } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import { mayAs, type Role } from '@haveld/contract/role';
import type { Executor } from '../database/pool';
import { createSecret, hashSecret } from './secrets';
import * as queries from './token-queries';

/** Told apart at sight, also by whoever looks through code for secrets that were left in it. */
const PREFIX = 'haveld_';

/** Makes a token for a program of one's own. @throws {DomainError} where it would be more than its person */
export async function createToken(
  db: Executor,
  person: Person,
  given: { name: string; role: Role; days: number },
): Promise<ProgramToken & { token: string }> {
  if (!mayAs(person.role, given.role))
    throw new DomainError('not-allowed', 'A token may be no more than the person it is of.');
  const id = randomUUID();
  const token = PREFIX + createSecret();
  await queries.insertToken(db, { ...given, id, tokenHash: hashSecret(token), personId: person.id });
  const made = (await queries.listTokens(db, person.id)).find((one) => one.id === id)!;
  return { ...made, token };
}

/** @returns whose token this is, with what it may; null where it opens nothing */
export async function findTokenPerson(db: Executor, token: string): Promise<Person | null> {
  const tokenHash = hashSecret(token);
  const found = await queries.findByToken(db, tokenHash);
  if (found?.isUnseen) await queries.noteUsed(db, tokenHash);
  return found?.person ?? null;
}

/** @throws {DomainError} where it is none of theirs */
export async function endToken(db: Executor, person: Person, id: string): Promise<void> {
  if (!(await queries.deleteToken(db, person.id, id)))
    throw new DomainError('not-found', 'This token has ended already.');
}
