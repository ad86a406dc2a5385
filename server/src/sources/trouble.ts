import { DomainError } from '@haveld/contract/error';
import { adviseOn, type SourceTrouble } from '@haveld/contract/source-fault';
import { SourceFault } from '@haveld/engine/fetching/source-fault';

/** @returns what went wrong at a source, as the contract tells it. @throws what is no fault of a source */
export function toTrouble(error: unknown): SourceTrouble {
  if (!(error instanceof SourceFault)) throw error;
  return { kind: error.kind, message: error.message, retryAt: error.retryAt?.toISOString() ?? null };
}

/** @throws {DomainError} a fault of a source as a sentence with what to do, for who asked just now */
export function refuse(error: unknown): never {
  if (!(error instanceof SourceFault)) throw error;
  const code = error.kind === 'not-allowed' ? 'bad-request' : 'out-of-step';
  throw new DomainError(code, `${error.message} ${adviseOn(error.kind, false)}`, { cause: error });
}
