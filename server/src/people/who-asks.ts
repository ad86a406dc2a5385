import type { MiddlewareHandler } from 'hono';
import { getCookie } from 'hono/cookie';
import type { Pool } from 'mysql2/promise';
import { DomainError } from '@haveld/contract/error';
import { findSignedIn } from './sessions';
import { findTokenPerson } from './tokens';
import type { Variables } from '../http/serve-endpoint';

/**
 * What the cookie of a session is called. Behind TLS its name makes browsers refuse one that another host, or a page without TLS, put there
 * (RFC 6265bis, 4.1.3.2).
 */
export const sessionCookie = (isTls: boolean): string => `${isTls ? '__Host-' : ''}haveld_session`;

/** Finds out who asks, by a session or by a token for programs; what they may each route says. */
export const whoAsks =
  (pool: Pool, isTls: boolean): MiddlewareHandler<{ Variables: Variables }> =>
  async (context, next) => {
    const token = /^Bearer +(\S+)$/i.exec(context.req.header('authorization') ?? '')?.[1];
    const session = getCookie(context, sessionCookie(isTls));
    if (token) {
      const person = await findTokenPerson(pool, token);
      if (!person) throw new DomainError('not-signed-in', 'This token opens nothing, or nothing any more.');
      context.set('asker', { person, isProgram: true });
    } else if (session) {
      const person = await findSignedIn(pool, session);
      if (person) context.set('asker', { person, isProgram: false });
    }
    await next();
  };
