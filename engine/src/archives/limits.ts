import { statfs } from 'node:fs/promises';

/** What an arrival may become; a 42 kB file that claims petabytes stops here. */
export const ARCHIVE_LIMITS = {
  entryBytes: 4 * 2 ** 30,
  totalBytes: 16 * 2 ** 30,
  entries: 100_000,
  /** Unpacked to packed, once it is larger than `ratioFromBytes`: deflate cannot pass 1032 (RFC 1951). */
  ratio: 400,
  ratioFromBytes: 64 * 2 ** 20,
  /** Archives in archives; a compression around one file does not count. */
  depth: 3,
  /** Left free on the disk of the store. */
  freeBytes: 2 ** 30,
} as const;

/** What an arrival has taken of its limits. */
export interface Budget {
  entries: number;
  bytes: number;
  /** Bytes it may unpack to, and in words what sets that. */
  mostBytes: number;
  mostWords: string;
}

/** @param folder where unpacked bytes go */
export async function createBudget(folder: string): Promise<Budget> {
  const { bavail, bsize } = await statfs(folder);
  return limitToRoom(bavail * bsize);
}

/** @param freeBytes of the disk: it sets the limit where it has less room than the house allows */
export function limitToRoom(freeBytes: number): Budget {
  const room = Math.max(0, freeBytes - ARCHIVE_LIMITS.freeBytes);
  const isTight = room < ARCHIVE_LIMITS.totalBytes;
  return {
    entries: 0,
    bytes: 0,
    mostBytes: isTight ? room : ARCHIVE_LIMITS.totalBytes,
    mostWords: isTight
      ? `the ${formatGib(room)} the server’s disk has room for`
      : `the ${formatGib(ARCHIVE_LIMITS.totalBytes)} an arrival may unpack to`,
  };
}

export const formatGib = (bytes: number): string => `${(bytes / 2 ** 30).toFixed(1)} GiB`;
