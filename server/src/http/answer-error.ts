import type { Context } from 'hono';
import type { Logger } from 'pino';
import { DomainError, ERROR_STATUS } from '@haveld/contract/error';
import { DuplicateRow, MissingRow } from '../database/row-errors';

/** The one place that turns errors into HTTP. What nobody expected says nothing of itself. */
export function createErrorAnswer(log: Logger): (error: Error, context: Context) => Response {
  return (error, context) => {
    const known = toDomainError(error);
    if (known !== error)
      log.error({ error: error.message, stack: error.stack, path: context.req.path }, 'a request failed');
    return context.json(known.toBody(), ERROR_STATUS[known.code]);
  };
}

function toDomainError(error: Error): DomainError {
  if (error instanceof DomainError) return error;
  if (error instanceof DuplicateRow)
    return new DomainError(
      'out-of-step',
      'Somebody else did this at the same moment. Look again, and go on from there.',
    );
  if (error instanceof MissingRow) return new DomainError('not-found', 'This is not there any more.');
  return new DomainError('broken', 'Something went wrong here. It was written down; nothing is lost.');
}
