import type { Context } from 'hono';
import { deleteCookie, getCookie, setCookie } from 'hono/cookie';
import * as contract from '@haveld/contract/api/people';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import { sessionCookie } from './who-asks';
import { clientAddress, clientPlace } from './client';
import * as links from './links';
import { refusePublished } from './passwords';
import * as service from './service';
import * as sessions from './sessions';
import { listTokens } from './token-queries';
import * as tokens from './tokens';
import { tryPassword } from './tries';

/** The door, and what is one's own: password, sessions, tokens for programs. */
export function addPeopleRoutes(app: App, { pool, takesPublished, isTls }: Dependencies): void {
  const cookie = sessionCookie(isTls);
  /** The token of the session that asks; empty where there is none. */
  const sessionOf = (context: Context): string => getCookie(context, cookie) ?? '';
  const keep = async (context: Context, token: string): Promise<void> => {
    await sessions.closeSession(pool, sessionOf(context));
    setCookie(context, cookie, token, {
      httpOnly: true,
      secure: isTls,
      sameSite: 'Strict',
      path: '/',
      maxAge: sessions.SESSION_DAYS * 24 * 3600,
    });
  };
  serveEndpoint(app, contract.signIn, async ({ body, context }) => {
    const account = sessions.toSignInName(body.signIn);
    if (!takesPublished) refusePublished(body.password);
    const { token, person } = await tryPassword(pool, { account, address: clientAddress(context, isTls) }, () =>
      sessions.openSession(pool, account, body.password, clientPlace(context, isTls)),
    );
    await keep(context, token);
    return person;
  });
  serveEndpoint(app, contract.signOut, async ({ context }) => {
    await sessions.closeSession(pool, sessionOf(context));
    deleteCookie(context, cookie, { path: '/', secure: isTls });
    return {};
  });
  serveEndpoint(app, contract.lookAtLink, ({ body }) => links.lookAtLink(pool, body.token));
  serveEndpoint(app, contract.enterByLink, async ({ body, context }) => {
    const { token, person } = await links.enterByLink(pool, body.token, body.password, clientPlace(context, isTls));
    await keep(context, token);
    return person;
  });
  serveEndpoint(app, contract.getMe, ({ person }) => Promise.resolve(person));
  serveEndpoint(app, contract.changeMe, ({ person, body }) => service.changeName(pool, person, body.name));
  serveEndpoint(app, contract.changePassword, ({ person, body, context }) =>
    tryPassword(pool, { account: person.signIn, address: clientAddress(context, isTls) }, () =>
      service.changePassword(pool, person, sessionOf(context), body),
    ),
  );
  serveEndpoint(app, contract.listSessions, ({ person, context }) =>
    sessions.listSessions(pool, person, sessionOf(context)),
  );
  serveEndpoint(app, contract.endSession, async ({ person, params }) => {
    await sessions.endSession(pool, person, params.id);
    return {};
  });
  serveEndpoint(app, contract.listTokens, ({ person }) => listTokens(pool, person.id));
  serveEndpoint(app, contract.createToken, ({ person, body }) => tokens.createToken(pool, person, body));
  serveEndpoint(app, contract.deleteToken, async ({ person, params }) => {
    await tokens.endToken(pool, person, params.id);
    return {};
  });
}
