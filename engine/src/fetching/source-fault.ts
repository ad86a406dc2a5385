import { SOURCE_FAULTS, type SourceFaultKind } from '@haveld/contract/source-fault';

/** A source did not do what was asked of it: in a sentence, with what comes next by its kind. */
export class SourceFault extends Error {
  readonly kind: SourceFaultKind;
  /** What the source says of when to come again. */
  readonly retryAt: Date | null;

  constructor(kind: SourceFaultKind, message: string, options: { retryAt?: Date | null; cause?: unknown } = {}) {
    super(message, { cause: options.cause });
    this.name = 'SourceFault';
    this.kind = kind;
    this.retryAt = options.retryAt ?? null;
  }

  /** It is worth asking again without a person. */
  get isPassing(): boolean {
    return SOURCE_FAULTS[this.kind].step === 'again-later';
  }
}
