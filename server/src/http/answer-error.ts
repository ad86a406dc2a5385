import type { Context } from 'hono';
import type { Logger } from 'pino';
import { DomainError, ERROR_STATUS } from '@haveld/contract/error';

/** The one place that turns errors into HTTP. What nobody expected says nothing of itself. */
export function createErrorAnswer(log: Logger): (error: Error, context: Context) => Response {
  return (error, context) => {
    const known =
      error instanceof DomainError
        ? error
        : new DomainError('broken', 'Something went wrong here. It was written down; nothing is lost.');
    if (known.code === 'broken')
      log.error({ error: error.message, stack: error.stack, path: context.req.path }, 'a request failed');
    return context.json(known.toBody(), ERROR_STATUS[known.code]);
  };
}
