import { z } from 'zod';

/** Every way a request or a file can be refused, with the HTTP status it travels under. */
export const ERROR_STATUS = {
  'bad-request': 400,
  'bad-file': 422,
  'not-signed-in': 401,
  'wrong-password': 401,
  'too-many-tries': 429,
  'wrong-origin': 403,
  'must-change-password': 403,
  'not-allowed': 403,
  'not-found': 404,
  'too-large': 413,
  'cannot-catalogue': 409,
  'not-allowed-by-licence': 409,
  'out-of-step': 409,
  broken: 500,
} as const;
export type ErrorCode = keyof typeof ERROR_STATUS;

export const ErrorBodySchema = z.object({
  code: z.enum(Object.keys(ERROR_STATUS) as [ErrorCode, ...ErrorCode[]]),
  /** One sentence for the person. */
  message: z.string(),
  file: z.string().optional(),
  place: z.string().optional(),
});
export type ErrorBody = z.infer<typeof ErrorBodySchema>;

/** Bad input, told in a sentence. `file` and `place` name what offended. */
export class DomainError extends Error {
  readonly code: ErrorCode;
  readonly file?: string;
  readonly place?: string;

  constructor(code: ErrorCode, message: string, where: { file?: string; place?: string; cause?: unknown } = {}) {
    super(message, { cause: where.cause });
    this.name = 'DomainError';
    this.code = code;
    this.file = where.file;
    this.place = where.place;
  }

  /** @returns the shape it has on the wire */
  toBody(): ErrorBody {
    return { code: this.code, message: this.message, file: this.file, place: this.place };
  }
}
