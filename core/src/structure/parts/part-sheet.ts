import type { Document } from '@gltf-transform/core';
import type { PartOffer } from './part-offer';
import { listPartOffers } from './part-offers';
import { listPartRows, type PartRow } from './part-rows';

/** Every part of a model at once, with what may be done about them. */
export interface PartSheet {
  rows: PartRow[];
  offers: PartOffer[];
}

/**
 * @param treated as it will be, upright and at its size
 * @param before as the next step on parts finds it: the same parts by their ids, not yet placed
 */
export async function describePartSheet(treated: Document, before: Document): Promise<PartSheet> {
  const rows = listPartRows(treated);
  return { rows, offers: await listPartOffers(before, rows) };
}
