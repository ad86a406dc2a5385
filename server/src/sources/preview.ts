import { LRUCache } from 'lru-cache';
import { DomainError } from '@haveld/contract/error';
import { fetchText } from '@haveld/engine/fetching/fetch-text';
import type { Dependencies } from '../dependencies';
import { loadReach } from './context';
import { refuse } from './trouble';

const LIMIT_BYTES = 4 * 1024 * 1024;
const KEPT_BYTES = 64 * 1024 * 1024;
const KEPT_MS = 30 * 60_000;

/** Pictures that browsers show without running anything. */
const TYPES = /^image\/(?:png|jpeg|webp|gif|avif)$/;

const kept = new LRUCache<string, { bytes: Uint8Array<ArrayBuffer>; type: string }>({
  maxSize: KEPT_BYTES,
  sizeCalculation: ({ bytes }) => Math.max(1, bytes.length),
  ttl: KEPT_MS,
});

/** A preview picture of a source: fetched by the server, so that no page of ours reaches out. */
export async function getPreview(
  dependencies: Dependencies,
  address: string,
): Promise<{ bytes: Uint8Array<ArrayBuffer>; type: string }> {
  const known = kept.get(address);
  if (known) return known;
  const fetched = await fetchText(
    address,
    { headers: { accept: 'image/*' } },
    { reach: await loadReach(dependencies), now: new Date(), limitBytes: LIMIT_BYTES },
  ).catch(refuse);
  const type = fetched.contentType.split(';')[0].trim().toLowerCase();
  if (!TYPES.test(type)) throw new DomainError('bad-file', 'The source has no picture at this address.');
  const picture = { bytes: fetched.bytes as Uint8Array<ArrayBuffer>, type };
  kept.set(address, picture);
  return picture;
}
