import type { Person, ProgramToken } from '@haveld/contract/api/people';
import { lesserRole, type Role } from '@haveld/contract/role';
import { type Executor } from '../database/pool';
import { many, maybeOne, run } from '../database/statements';
import { PERSON_COLUMNS, toPerson, type PersonRow } from './person-queries';

/** Keeps a token for a program. */
export const insertToken = (
  db: Executor,
  token: { id: string; tokenHash: string; personId: string; name: string; role: Role; days: number },
): Promise<unknown> =>
  run(
    db,
    'INSERT INTO program_token (id, token_hash, person_id, name, role, expires_at) VALUES (?, ?, ?, ?, ?, UTC_TIMESTAMP(3) + INTERVAL ? DAY)',
    [token.id, token.tokenHash, token.personId, token.name, token.role, token.days],
  );

/** Own tokens that still open something, the newest first. */
export async function listTokens(db: Executor, personId: string): Promise<ProgramToken[]> {
  const rows = await many<
    Pick<ProgramToken, 'id' | 'name' | 'role'> & { createdAt: Date; lastUsedAt: Date | null; expiresAt: Date }
  >(
    db,
    `SELECT id, name, role, created_at AS createdAt, last_used_at AS lastUsedAt, expires_at AS expiresAt FROM program_token
     WHERE person_id = ? AND expires_at > UTC_TIMESTAMP(3) ORDER BY created_at DESC, id`,
    [personId],
  );
  return rows.map(({ createdAt, lastUsedAt, expiresAt, ...row }) => ({
    ...row,
    createdAt: createdAt.toISOString(),
    lastUsedAt: lastUsedAt?.toISOString() ?? null,
    expiresAt: expiresAt.toISOString(),
  }));
}

/** @returns its person with the lesser of both roles, and whether it is time to write down that it was used; null where it opens nothing */
export async function findByToken(
  db: Executor,
  tokenHash: string,
): Promise<{ person: Person; isUnseen: boolean } | null> {
  const row = await maybeOne<PersonRow & { tokenRole: Role; isUnseen: number }>(
    db,
    `SELECT ${PERSON_COLUMNS}, program_token.role AS tokenRole,
       program_token.last_used_at IS NULL OR program_token.last_used_at < UTC_TIMESTAMP(3) - INTERVAL 5 MINUTE AS isUnseen
     FROM program_token JOIN person ON person.id = program_token.person_id
     WHERE token_hash = ? AND expires_at > UTC_TIMESTAMP(3) AND person.removed_at IS NULL`,
    [tokenHash],
  );
  if (!row) return null;
  const person = toPerson(row);
  return { person: { ...person, role: lesserRole(person.role, row.tokenRole) }, isUnseen: row.isUnseen === 1 };
}

/** Writes down that a token was used. */
export const noteUsed = (db: Executor, tokenHash: string): Promise<unknown> =>
  run(db, 'UPDATE program_token SET last_used_at = UTC_TIMESTAMP(3) WHERE token_hash = ?', [tokenHash]);

/** Ends a token of a person. @returns false where it is none of theirs */
export const deleteToken = async (db: Executor, personId: string, id: string): Promise<boolean> =>
  (await run(db, 'DELETE FROM program_token WHERE id = ? AND person_id = ?', [id, personId])).affected === 1;

/** Ends every token of a person. */
export const deleteTokensOf = (db: Executor, personId: string): Promise<unknown> =>
  run(db, 'DELETE FROM program_token WHERE person_id = ?', [personId]);

/** Forgets tokens that have run out. */
export const forgetEndedTokens = (db: Executor): Promise<unknown> =>
  run(db, 'DELETE FROM program_token WHERE expires_at < UTC_TIMESTAMP(3)');
