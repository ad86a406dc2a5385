import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import { mayAs } from '@haveld/contract/role';

/** Whose something is; null where it is the house's. */
export type Whose = Pick<Person, 'id' | 'name'> | null;

/**
 * What belongs to somebody is ended by them, or by those who keep the house in order.
 * @param what as the sentence names it: `This arrival`
 * @throws {DomainError} `not-allowed`, with whose it is
 */
export function requireOwn(person: Pick<Person, 'id' | 'role'>, whose: Whose, what: string): void {
  if (whose?.id === person.id || mayAs(person.role, 'curator')) return;
  throw new DomainError(
    'not-allowed',
    whose
      ? `${what} is ${whose.name}’s; only they, a curator or an owner may do this.`
      : `${what} is the house’s; only a curator or an owner may do this.`,
  );
}
