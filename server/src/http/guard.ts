import type { MiddlewareHandler } from 'hono';
import { DomainError } from '@haveld/contract/error';

/** Headers every answer carries. Workers and WebAssembly are the viewer's. */
export const securityHeaders: MiddlewareHandler = async (context, next) => {
  await next();
  context.header(
    'Content-Security-Policy',
    "default-src 'self'; script-src 'self' 'wasm-unsafe-eval'; style-src 'self' 'unsafe-inline'; img-src 'self' blob: data:; connect-src 'self' blob: data:; worker-src 'self' blob:; font-src 'self' data:; frame-ancestors 'none'; base-uri 'self'; form-action 'self'",
  );
  context.header('X-Content-Type-Options', 'nosniff');
  context.header('Referrer-Policy', 'same-origin');
};

/** A page of another origin may not make a signed-in browser change anything. */
export const sameOrigin: MiddlewareHandler = async (context, next) => {
  const origin = context.req.header('origin');
  if (
    context.req.method !== 'GET' &&
    context.req.method !== 'HEAD' &&
    origin !== undefined &&
    new URL(origin).host !== context.req.header('host')
  ) {
    throw new DomainError('wrong-origin', 'This request came from another site.');
  }
  await next();
};
