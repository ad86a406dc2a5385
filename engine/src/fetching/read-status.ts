import type { IncomingHttpHeaders } from 'node:http';
import { SourceFault } from './source-fault';

/**
 * When to come again, as a source says it (RFC 9110, 10.2.3): seconds, or a date.
 * @returns null where it does not say, or says what is no time
 */
export function readRetryAfter(value: string | undefined, now: Date): Date | null {
  if (value === undefined) return null;
  if (/^\d{1,9}$/.test(value.trim())) return new Date(now.getTime() + Number(value) * 1000);
  const at = Date.parse(value);
  return Number.isNaN(at) ? null : new Date(Math.max(at, now.getTime()));
}

/** @throws {SourceFault} where a status is no answer, by what it says (RFC 9110, 15; RFC 7725) */
export function requireAnswered(
  { status, headers, address }: { status: number; headers: IncomingHttpHeaders; address: string },
  now: Date,
): void {
  if (status >= 200 && status < 300) return;
  const host = new URL(address).hostname;
  const retryAt = readRetryAfter(headers['retry-after'], now);
  if (status === 429) throw new SourceFault('busy', `${host} asks to come again later.`, { retryAt });
  if (status === 503) throw new SourceFault('busy', `${host} is busy or being repaired.`, { retryAt });
  if (status >= 500) throw new SourceFault('broken', `${host} failed by itself (${status}).`, { retryAt });
  if (status === 401) throw new SourceFault('sign-in', `${host} wants to know who asks.`);
  if (status === 402) throw new SourceFault('price', `${host} wants to be paid for it first.`);
  if (status === 403) throw new SourceFault('sign-in', `${host} does not give it to who asks.`);
  if (status === 404) throw new SourceFault('gone', `${host} has nothing at this address.`);
  if (status === 410) throw new SourceFault('taken-down', `${host} says that it was removed.`);
  if (status === 451) throw new SourceFault('taken-down', `${host} may not show it any more, for legal reasons.`);
  throw new SourceFault('refused', `${host} refused it (${status}).`);
}
