import { DomainError } from '@haveld/contract/error';
import type { Executor } from '../database/pool';
import * as queries from './try-queries';

/**
 * An account is guessed at from many addresses, and one address guesses at many accounts. A studio shares an address, so that it has more
 * tries, and one person's mistakes keep nobody else out for long. NIST SP 800-63B (5.2.2) allows a hundred failures in a row: at the
 * longest wait these are 96 a day.
 */
const LIMITS = {
  account: { free: 5, longestSeconds: 900 },
  address: { free: 60, longestSeconds: 900 },
} as const;

/** Everybody on this machine, or behind a proxy of it that says nothing of them: one of them keeps no other out. */
const OWN_MACHINE = /^(?:127\.|::1$|::ffff:127\.)/;

export interface Trying {
  /** The account's sign-in name, as written down. */
  account: string;
  address: string;
}

/**
 * Does what wants a password, and counts it where that was wrong. It is counted before it is tried: many tries at once are many.
 * @throws {DomainError} `too-many-tries` where the account or the address has to wait; what `attempt` throws
 */
export async function tryPassword<T>(
  db: Executor,
  { account, address }: Trying,
  attempt: () => Promise<T>,
): Promise<T> {
  const byAccount = `account:${account.slice(0, 200)}`;
  const byAddress = `address:${address}`;
  const isShared = OWN_MACHINE.test(address);
  const seconds = await queries.secondsUntilOpen(db, isShared ? [byAccount] : [byAccount, byAddress]);
  if (seconds > 0) throw new DomainError('too-many-tries', `Too many tries; the next is taken in ${sayWait(seconds)}.`);
  await queries.addFailed(db, byAccount, LIMITS.account);
  await queries.addFailed(db, byAddress, LIMITS.address);
  try {
    const result = await attempt();
    await queries.forgetFailed(db, byAccount);
    // whoever has an account clears nothing of what the address did to others
    await queries.takeBack(db, byAddress);
    return result;
  } catch (error) {
    const isWrong = error instanceof DomainError && error.code === 'wrong-password';
    if (!isWrong) for (const who of [byAccount, byAddress]) await queries.takeBack(db, who);
    throw error;
  }
}

const sayWait = (seconds: number): string =>
  seconds < 90 ? `${seconds} ${seconds === 1 ? 'second' : 'seconds'}` : `${Math.ceil(seconds / 60)} minutes`;
