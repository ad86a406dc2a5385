import { getConnInfo } from '@hono/node-server/conninfo';
import type { Context } from 'hono';
import { deleteCookie, getCookie, setCookie } from 'hono/cookie';
import { changePassword, getMe, signIn, signOut } from '@haveld/contract/api/people';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import * as service from './service';
import { tryPassword } from './tries';

export const SESSION_COOKIE = 'haveld_session';

/** Signing in and out, and one's own password. */
export function addPeopleRoutes(app: App, { pool, takesPublished, isTls }: Dependencies): void {
  serveEndpoint(app, signIn, async ({ body, context }) => {
    const account = service.toSignInName(body.signIn);
    if (!takesPublished) service.refusePublished(body.password);
    const { token, person } = await tryPassword(pool, { account, address: clientAddress(context, isTls) }, () =>
      service.openSession(pool, account, body.password),
    );
    setCookie(context, SESSION_COOKIE, token, {
      httpOnly: true,
      secure: isTls,
      sameSite: 'Strict',
      path: '/',
      maxAge: 14 * 24 * 3600,
    });
    return person;
  });
  serveEndpoint(app, signOut, async ({ context }) => {
    await service.closeSession(pool, getCookie(context, SESSION_COOKIE));
    deleteCookie(context, SESSION_COOKIE, { path: '/', secure: isTls });
    return {};
  });
  serveEndpoint(app, getMe, ({ person }) => Promise.resolve(person));
  serveEndpoint(app, changePassword, ({ person, body, context }) =>
    tryPassword(pool, { account: person.signIn, address: clientAddress(context, isTls) }, () =>
      service.changePassword(pool, person, getCookie(context, SESSION_COOKIE) ?? '', body.before, body.after),
    ),
  );
}

/**
 * Whose tries are counted together. Where a proxy speaks TLS in front, it says who asked, last in its list; what stands before that the
 * asker may have written.
 */
function clientAddress(context: Context, isTls: boolean): string {
  const forwarded = isTls ? context.req.header('x-forwarded-for')?.split(',').at(-1)?.trim() : undefined;
  if (forwarded) return forwarded.slice(0, 100);
  // a request made in a test has no connection
  return context.env ? (getConnInfo(context).remote.address ?? 'unknown') : 'test';
}
