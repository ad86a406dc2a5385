import { getConnInfo } from '@hono/node-server/conninfo';
import Bowser from 'bowser';
import type { Context } from 'hono';
import type { SessionPlace } from './session-queries';

/**
 * Where a request came from. Where a proxy speaks TLS in front, it says who asked, last in its list; what stands before that the asker may
 * have written.
 */
export function clientAddress(context: Context, isTls: boolean): string {
  const forwarded = isTls ? context.req.header('x-forwarded-for')?.split(',').at(-1)?.trim() : undefined;
  if (forwarded) return forwarded.slice(0, 100);
  // a request made in a test has no connection
  return context.env ? (getConnInfo(context).remote.address ?? 'unknown') : 'test';
}

/** What a person knows a session of theirs again by. */
export const clientPlace = (context: Context, isTls: boolean): SessionPlace => ({
  address: clientAddress(context, isTls),
  browser: describeBrowser(context.req.header('user-agent') ?? ''),
});

/** `Firefox on Linux`; empty for one that does not say. */
function describeBrowser(userAgent: string): string {
  if (userAgent === '') return '';
  const { browser, os } = Bowser.parse(userAgent.slice(0, 500));
  return [browser.name, os.name].filter(Boolean).join(' on ').slice(0, 100);
}
