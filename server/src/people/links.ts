import type { Pool } from 'mysql2/promise';
import type { z } from 'zod';
import type * as contract from '@haveld/contract/api/people';
import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import { transact, type Executor } from '../database/pool';
import * as queries from './link-queries';
import { hashChosen } from './passwords';
import { setPassword } from './person-queries';
import { createSecret, hashSecret } from './secrets';
import { deleteSessionsOf, type SessionPlace } from './session-queries';
import { beginSession } from './sessions';

/** How long a link opens: one who is invited may be away; one who is to come back in is waiting for it. */
const HOURS = { invitation: 7 * 24, reset: 24 } as const;

/** A link that lets somebody choose a password, in place of the one before. @returns its token, which stands nowhere else */
export async function makeLink(
  db: Executor,
  personId: string,
  kind: keyof typeof HOURS,
  by: Person,
): Promise<{ token: string; expiresAt: string }> {
  const token = createSecret();
  const expiresAt = await queries.putLink(db, {
    personId,
    tokenHash: hashSecret(token),
    madeBy: by.id,
    hours: HOURS[kind],
  });
  return { token, expiresAt: expiresAt.toISOString() };
}

/** @throws {DomainError} where it opens nothing */
export async function findLink(db: Executor, token: string, lock = false): Promise<queries.LinkRow> {
  const link = await queries.findLink(db, hashSecret(token), lock);
  if (!link)
    throw new DomainError('not-found', 'This link opens nothing any more. Ask whoever gave it to you for a new one.');
  return link;
}

/** Whose a link is, for whoever holds it. */
export async function lookAtLink(db: Executor, token: string): Promise<z.output<typeof contract.lookAtLink.response>> {
  const { person, isReset, by, expiresAt } = await findLink(db, token);
  const { name, signIn, role } = person;
  return { kind: isReset ? 'reset' : 'invitation', name, signIn, role, by, expiresAt: expiresAt.toISOString() };
}

/** Sets a password by a link, which is used up by it; whoever was signed in as this person is not any more. */
export async function enterByLink(
  pool: Pool,
  token: string,
  password: string,
  place: SessionPlace,
): Promise<{ token: string; person: Person }> {
  const passwordHash = await hashChosen((await findLink(pool, token)).person, password);
  return transact(pool, async (tx) => {
    // of two who use it at once the second finds it used up
    const { person } = await findLink(tx, token, true);
    await setPassword(tx, person.id, passwordHash);
    await queries.deleteLinkOf(tx, person.id);
    await deleteSessionsOf(tx, person.id);
    return { token: await beginSession(tx, person, place), person: { ...person, mustChange: false } };
  });
}
