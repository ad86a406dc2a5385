import { createHash, randomBytes } from 'node:crypto';

/** @returns what nobody guesses: 256 bits, safe in an address */
export const createSecret = (): string => randomBytes(32).toString('base64url');

/** The database holds a hash: whoever reads a copy of it opens nothing with it. */
export const hashSecret = (secret: string): string => createHash('sha256').update(secret).digest('hex');
