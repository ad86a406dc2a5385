import type { Readable } from 'node:stream';

export interface StoredBytes {
  sha256: string;
  sizeBytes: number;
}

/** Bytes kept once by their SHA-256 and never changed. A folder today; other stores stand behind the same interface. */
export interface ByteStore {
  put(bytes: Uint8Array): Promise<StoredBytes>;
  /** Streams to the store; `limitBytes` ends it early. @throws {RangeError} over the limit, with nothing kept */
  putStream(stream: Readable, limitBytes?: number): Promise<StoredBytes>;
  /** Takes a finished file in; the file itself stays and is the caller's to remove. */
  adoptFile(path: string, signal?: AbortSignal): Promise<StoredBytes>;
  get(sha256: string): Promise<Uint8Array<ArrayBuffer>>;
  /** @param range first and last byte, both included */
  openRead(sha256: string, range?: { start: number; end: number }): Readable;
  has(sha256: string): Promise<boolean>;
  /** @returns size in bytes, or null where it is not here */
  sizeOf(sha256: string): Promise<number | null>;
}
