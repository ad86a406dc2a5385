import type { MiddlewareHandler } from 'hono';
import { secureHeaders } from 'hono/secure-headers';
import { DomainError } from '@haveld/contract/error';

/** Two years, as RFC 6797 leaves to who promises it. */
const TLS_FOR_SECONDS = 63_072_000;

/**
 * Headers every answer carries. Workers and WebAssembly are the viewer's.
 * @param isTls people reach it by TLS alone, which only they who set it up can say
 */
export const securityHeaders = (isTls: boolean): MiddlewareHandler =>
  secureHeaders({
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
