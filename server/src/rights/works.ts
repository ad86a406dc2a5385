import type { FurtherWork } from '@haveld/contract/licence';
import type { Executor } from '../database/pool';
import { listLentWorks } from './borrowing-queries';
import { listFurtherWorks } from './provenance-queries';

/** Every other work that assets rest on: those written down for them, then those of whom they borrow from. */
export async function listWorks(db: Executor, assetIds: readonly string[]): Promise<Map<string, FurtherWork[]>> {
  const [written, lent] = await Promise.all([listFurtherWorks(db, assetIds), listLentWorks(db, assetIds)]);
  return new Map(assetIds.map((id) => [id, [...(written.get(id) ?? []), ...(lent.get(id) ?? [])]]));
}
