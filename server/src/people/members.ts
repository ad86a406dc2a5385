import { randomUUID } from 'node:crypto';
import type { Pool, PoolConnection } from 'mysql2/promise';
import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import type { Role } from '@haveld/contract/role';
import { transact } from '../database/pool';
import { withArticle } from '../http/access';
import { deleteLinkOf } from './link-queries';
import { makeLink } from './links';
import * as queries from './person-queries';
import { deleteSessionsOf } from './session-queries';
import { deleteTokensOf } from './token-queries';

/** Invites somebody: they have a name here and no password until they use their link. */
export async function invitePerson(
  pool: Pool,
  given: { signIn: string; name: string; role: Role },
  by: Person,
): Promise<{ id: string; token: string; expiresAt: string }> {
  const known = await queries.findBySignIn(pool, given.signIn);
  if (known)
    throw new DomainError(
      'out-of-step',
      known.isRemoved
        ? `“${given.signIn}” was ${known.person.name}, who was removed. Let them in again, or take another name to sign in with.`
        : `${known.person.name} signs in as “${given.signIn}” already.`,
      { place: 'signIn' },
    );
  const id = randomUUID();
  return transact(pool, async (tx) => {
    await queries.insertPerson(tx, { id, ...given, mustChange: false }, null);
    return { id, ...(await makeLink(tx, id, 'invitation', by)) };
  });
}

/** A new link: for somebody invited, who forgot the password, or who comes back. */
export async function createLink(pool: Pool, id: string, by: Person): Promise<{ token: string; expiresAt: string }> {
  return transact(pool, async (tx) => {
    const person = await mustLock(tx, id);
    if (person.isRemoved) await queries.setBack(tx, id);
    const found = await queries.findBySignIn(tx, person.signIn);
    return makeLink(tx, id, found?.passwordHash ? 'reset' : 'invitation', by);
  });
}

/** @param seen the role somebody looked at; where it is another by now, the change is told and not made */
export async function changeRole(pool: Pool, id: string, { role, seen }: { role: Role; seen: Role }): Promise<void> {
  await transact(pool, async (tx) => {
    const owners = await queries.lockOwners(tx);
    const person = await mustLock(tx, id);
    if (person.role !== seen)
      throw new DomainError(
        'out-of-step',
        `Somebody else changed this: ${person.name} is ${withArticle(person.role)} now.`,
      );
    if (role !== 'owner') requireAnother(owners, id);
    await queries.setRole(tx, id, role);
  });
}

/** Lets somebody in no more, whatever they hold. */
export async function removePerson(pool: Pool, id: string): Promise<void> {
  await transact(pool, async (tx) => {
    const owners = await queries.lockOwners(tx);
    await mustLock(tx, id);
    requireAnother(owners, id);
    await queries.setRemoved(tx, id);
    await deleteSessionsOf(tx, id);
    await deleteTokensOf(tx, id);
    await deleteLinkOf(tx, id);
  });
}

async function mustLock(tx: PoolConnection, id: string): Promise<Person & { isRemoved: boolean }> {
  const person = await queries.lockPerson(tx, id);
  if (!person) throw new DomainError('not-found', 'There is no such person.');
  return person;
}

function requireAnother(owners: readonly string[], id: string): void {
  if (owners.includes(id) && owners.length === 1)
    throw new DomainError('out-of-step', 'One owner has to stay. Make somebody else an owner first.');
}
