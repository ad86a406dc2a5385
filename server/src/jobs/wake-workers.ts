import type { MiddlewareHandler } from 'hono';
import type { JobBell } from './bell';

/** What a person changed may call for work: it begins now, and not when a worker looks next. */
export const wakeWorkers =
  (bell: JobBell): MiddlewareHandler =>
  async ({ req: { method } }, next) => {
    await next();
    if (method !== 'GET' && method !== 'HEAD') bell.ring();
  };
