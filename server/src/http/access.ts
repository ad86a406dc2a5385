import type { Access } from '@haveld/contract/api/endpoint';
import { changePassword, getMe, signOut, type Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import { mayAs, ROLES, type Role } from '@haveld/contract/role';

/** Who asks, as far as they could show it. */
export interface Asker {
  /** With the role that counts here: of a token the lesser one. */
  person: Person;
  /** A program with a token, not somebody who signed in. */
  isProgram: boolean;
}

/** All that a password which was printed once opens. */
const WITH_ONE_TIME_PASSWORD = new Set<Access>([getMe, changePassword, signOut]);

/** @throws {DomainError} with what is missing, where somebody may not */
export function requireAccess(access: Access, asker: Asker | undefined): void {
  if (access.may === 'anybody') return;
  if (!asker) throw new DomainError('not-signed-in', 'Please sign in.');
  if (asker.isProgram && access.inPerson)
    throw new DomainError('not-allowed', 'No token opens this; it is for people who signed in themselves.');
  const { role, mustChange } = asker.person;
  if (!mayAs(role, access.may))
    throw new DomainError(
      'not-allowed',
      `This is for ${listRoles(access.may)}; ${asker.isProgram ? 'this token is for' : 'you are here as'} ${withArticle(role)}.`,
    );
  if (mustChange && !WITH_ONE_TIME_PASSWORD.has(access))
    throw new DomainError(
      'must-change-password',
      'Choose a password of your own first; the printed one opens nothing else.',
    );
}

/** `artists, curators and owners` */
const listRoles = (least: Role): string =>
  ROLES.filter((role) => mayAs(role, least))
    .map((role) => `${role}s`)
    .join(', ')
    .replace(/, (?=[^,]*$)/, ' and ');

/** `an artist` */
export const withArticle = (role: Role): string => `${/^[ao]/.test(role) ? 'an' : 'a'} ${role}`;
