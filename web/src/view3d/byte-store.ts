import { LRUCache } from 'lru-cache';

const HELD_BYTES = 512 * 1024 * 1024;

/**
 * Bytes of the library by hash, each fetched once while they are at hand; what was not asked for longest goes first. A fetch that failed is
 * tried again when it is asked for again.
 * @param maxBytes kept at once
 */
export function createByteStore(maxBytes = HELD_BYTES): (sha256: string) => Promise<Uint8Array> {
  const held = new LRUCache<string, Uint8Array>({
    maxSize: maxBytes,
    sizeCalculation: (bytes) => bytes.byteLength + 1,
    async fetchMethod(sha256) {
      const answer = await fetch(`/api/bytes/${sha256}`);
      if (!answer.ok) throw new Error(`The bytes ${sha256.slice(0, 8)}… cannot be fetched.`);
      return new Uint8Array(await answer.arrayBuffer());
    },
  });
  return (sha256) => held.forceFetch(sha256);
}
