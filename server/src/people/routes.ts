import { getConnInfo } from '@hono/node-server/conninfo';
import type { Context } from 'hono';
import { deleteCookie, getCookie, setCookie } from 'hono/cookie';
import { rateLimiter } from 'hono-rate-limiter';
import { DomainError } from '@haveld/contract/error';
import { changePassword, getMe, signIn, signOut } from '@haveld/contract/api/people';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import * as service from './service';

export const SESSION_COOKIE = 'haveld_session';
const TRIES_A_MINUTE = 20;

/** Signing in and out, and one's own password. */
export function addPeopleRoutes(app: App, { pool }: Dependencies): void {
  app.use(
    signIn.path,
    rateLimiter({
      windowMs: 60_000,
      limit: TRIES_A_MINUTE,
      keyGenerator: clientAddress,
      handler: () => {
        throw new DomainError('too-many-tries', 'Too many tries; wait a minute.');
      },
    }),
  );
  serveEndpoint(app, signIn, async ({ body, context }) => {
    const { token, person } = await service.openSession(pool, body.signIn, body.password);
    setCookie(context, SESSION_COOKIE, token, {
      httpOnly: true,
      sameSite: 'Strict',
      path: '/',
      maxAge: 14 * 24 * 3600,
    });
    return person;
  });
  serveEndpoint(app, signOut, async ({ context }) => {
    await service.closeSession(pool, getCookie(context, SESSION_COOKIE));
    deleteCookie(context, SESSION_COOKIE, { path: '/' });
    return {};
  });
  serveEndpoint(app, getMe, ({ person }) => Promise.resolve(person));
  serveEndpoint(app, changePassword, ({ person, body, context }) =>
    service.changePassword(pool, person, getCookie(context, SESSION_COOKIE) ?? '', body.before, body.after),
  );
}

/** A request made in a test has no connection. */
function clientAddress(context: Context): string {
  return context.env ? (getConnInfo(context).remote.address ?? 'unknown') : 'test';
}
