import { createCipheriv, createDecipheriv, randomBytes } from 'node:crypto';
import { chmod, readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';

const CIPHER = 'aes-256-gcm';
const KEY_BYTES = 32;
const NONCE_BYTES = 12;
const TAG_BYTES = 16;

/** Keeps words so that whoever reads the database, or a copy of it, does not read them (AES-256-GCM, a nonce of its own each). */
export class Seal {
  readonly #key: Buffer;

  /** @param key 32 bytes, kept outside the database */
  constructor(key: Buffer = randomBytes(KEY_BYTES)) {
    if (key.length !== KEY_BYTES) throw new Error(`Seal: a key of ${key.length} bytes; ${KEY_BYTES} are needed`);
    this.#key = key;
  }

  close(words: string): string {
    const nonce = randomBytes(NONCE_BYTES);
    const cipher = createCipheriv(CIPHER, this.#key, nonce);
    const sealed = Buffer.concat([cipher.update(words, 'utf8'), cipher.final()]);
    return Buffer.concat([nonce, cipher.getAuthTag(), sealed]).toString('base64');
  }

  /** @returns null for what was sealed with another key, or is changed */
  open(sealed: string): string | null {
    const bytes = Buffer.from(sealed, 'base64');
    if (bytes.length < NONCE_BYTES + TAG_BYTES) return null;
    const decipher = createDecipheriv(CIPHER, this.#key, bytes.subarray(0, NONCE_BYTES), { authTagLength: TAG_BYTES });
    decipher.setAuthTag(bytes.subarray(NONCE_BYTES, NONCE_BYTES + TAG_BYTES));
    try {
      const words = Buffer.concat([decipher.update(bytes.subarray(NONCE_BYTES + TAG_BYTES)), decipher.final()]);
      return words.toString('utf8');
    } catch {
      return null;
    }
  }
}

/**
 * The seal of a library: its key lies beside the store, readable for its user alone, made where there is none.
 * @param given 64 hexadecimal digits, for several servers that share one database and no folder; empty for none
 * @throws {Error} where `given` is no key
 */
export async function loadSeal(dataFolder: string, given: string): Promise<Seal> {
  if (given !== '') {
    if (!/^[0-9a-f]{64}$/i.test(given)) throw new Error('HAVELD_SECRET is no key: 64 hexadecimal digits are needed.');
    return new Seal(Buffer.from(given, 'hex'));
  }
  const path = join(dataFolder, 'secret.key');
  try {
    // of two servers that begin at once one makes it and both read it
    await writeFile(path, randomBytes(KEY_BYTES), { flag: 'wx', mode: 0o600 });
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
    await chmod(path, 0o600);
  }
  return new Seal(await readFile(path));
}
