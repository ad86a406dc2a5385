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
    const { token, person } = await tryPassword(pool, { account, address: clientAddress(context) }, () =>
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
    tryPassword(pool, { account: person.signIn, address: clientAddress(context) }, () =>
      service.changePassword(pool, person, getCookie(context, SESSION_COOKIE) ?? '', body.before, body.after),
    ),
  );
}

/** A request made in a test has no connection. */
function clientAddress(context: Context): string {
  return context.env ? (getConnInfo(context).remote.address ?? 'unknown') : 'test';
}
