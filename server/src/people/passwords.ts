import { randomUUID } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import { DEMO_PASSWORD } from '@haveld/demo/studio';
import { requireStrong } from './password-strength';

/** A hash to compare with where nobody has that name, so that both answers take as long. */
const NOBODY = hash(randomUUID());

/** @returns whether it is their password; for somebody without one it takes as long and is wrong */
export async function isPassword(passwordHash: string | null, password: string): Promise<boolean> {
  const matches = await verify(passwordHash ?? (await NOBODY), password);
  return passwordHash !== null && matches;
}

/**
 * @returns the hash of a password somebody chose (Argon2id)
 * @throws {DomainError} `bad-request` for one that is tried first, or printed for everybody
 */
export async function hashChosen({ signIn, name }: Person, password: string): Promise<string> {
  if (password === DEMO_PASSWORD)
    throw new DomainError('bad-request', 'This password is printed for everybody, with the demo; choose another.');
  await requireStrong(password, [signIn, name, 'haveld']);
  return hash(password);
}

/** @throws {DomainError} `wrong-password` for the one that is printed with the demo, where others reach this Haveld */
export function refusePublished(password: string): void {
  if (password === DEMO_PASSWORD)
    throw new DomainError(
      'wrong-password',
      'This password is printed for everybody, with the demo; where others reach Haveld it opens nothing.',
    );
}
