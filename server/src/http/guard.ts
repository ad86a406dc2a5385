import type { MiddlewareHandler } from 'hono';
import { secureHeaders } from 'hono/secure-headers';
import { DomainError } from '@haveld/contract/error';

/** Two years, as RFC 6797 leaves to who promises it. */
const TLS_FOR_SECONDS = 63_072_000;

/** The one page that speaks with the page that opened it: a bookmarklet hands it what a person stands on. */
const SPEAKS_WITH_OPENER = '/arrivals/from-page';

/**
 * Headers every answer carries. Workers and WebAssembly are the viewer's.
 * @param isTls people reach it by TLS alone, which only they who set it up can say
 */
export function securityHeaders(isTls: boolean): MiddlewareHandler {
  const [alone, withOpener] = [createHeaders(isTls, true), createHeaders(isTls, false)];
  return (context, next) => (context.req.path === SPEAKS_WITH_OPENER ? withOpener : alone)(context, next);
}

const createHeaders = (isTls: boolean, isAlone: boolean): MiddlewareHandler =>
  secureHeaders({
    crossOriginOpenerPolicy: isAlone ? 'same-origin' : 'unsafe-none',
    contentSecurityPolicy: {
      defaultSrc: ["'self'"],
      scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'blob:', 'data:'],
      connectSrc: ["'self'", 'blob:', 'data:'],
      workerSrc: ["'self'", 'blob:'],
      fontSrc: ["'self'", 'data:'],
      frameAncestors: ["'none'"],
      baseUri: ["'self'"],
      formAction: ["'self'"],
    },
    referrerPolicy: 'same-origin',
    strictTransportSecurity: isTls && `max-age=${TLS_FOR_SECONDS}`,
  });

/** A page of another origin may not make a signed-in browser change anything. Hono's own check lets JSON through. */
export const sameOrigin: MiddlewareHandler = async (context, next) => {
  const { method } = context.req;
  const origin = context.req.header('origin');
  const isForeign = origin !== undefined && hostOf(origin) !== context.req.header('host');
  if (method !== 'GET' && method !== 'HEAD' && isForeign)
    throw new DomainError('wrong-origin', 'This request came from another site.');
  await next();
};

/** @returns null for an origin that hides itself, or is none */
const hostOf = (origin: string): string | null => (URL.canParse(origin) ? new URL(origin).host : null);
