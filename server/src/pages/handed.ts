import { randomUUID } from 'node:crypto';
import type { z } from 'zod';
import type { HandedPage, keepHandedPage, readHandedPage } from '@haveld/contract/api/pages';
import type { PageField } from '@haveld/contract/page';
import type { Person } from '@haveld/contract/api/people';
import { isAllowed } from '@haveld/engine/fetching/reach';
import { nameOfPage, withAddress } from '@haveld/engine/reading/saved-from';
import { describePage } from '@haveld/engine/sources/plain';
import { addToArrival } from '../arrivals/join-arrivals';
import { announceArrival, noteStored } from '../arrivals/service';
import { formatAccession } from '../assets/accession';
import { transact } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { attachEvidence } from '../rights/evidence';
import { refreshRightsMarks } from '../rights/state';
import { loadReach } from '../sources/context';
import { listAssetsOfPages } from '../sources/fetching-queries';
import { listArrivalsWithoutAssets } from './queries';

const ARRIVALS_OFFERED = 12;

/** What a page says that a person stands on. It is read shut in, as every page, and nothing of it is kept yet. */
export async function readHanded(
  dependencies: Dependencies,
  { address, html }: HandedPage,
): Promise<z.input<typeof readHandedPage.response>> {
  const { pool, store, sources } = dependencies;
  const { sha256 } = await store.put(withAddress(new TextEncoder().encode(html), address));
  const [page, reach, assets, arrivals] = await Promise.all([
    sources.readPage(sha256, address),
    loadReach(dependencies),
    listAssetsOfPages(pool, [address]),
    listArrivalsWithoutAssets(pool, ARRIVALS_OFFERED),
  ]);
  const { title, author, licence, price, tags } = describePage(address, page);
  const { hostname } = new URL(address);
  return {
    title,
    author,
    licence,
    price,
    tags,
    claims: page.facts
      .filter(({ field }) => field in CLAIMS)
      .map(({ field, value }) => `${CLAIMS[field]} ${value}`.trim().slice(0, 200)),
    assets: assets.map(({ id, accession, name }) => ({ id, accession: formatAccession(accession), name })),
    arrivals,
    isFetched: isAllowed(hostname, reach.hosts) || reach.standIns.has(hostname),
  };
}

/** What helps a person to see whether the page was understood, besides what has a line of its own. */
const CLAIMS: Partial<Record<PageField, string>> = {
  height: 'height',
  width: 'width',
  depth: 'depth',
  triangles: 'triangles',
  polygons: 'polygons',
  published: 'published',
  changed: 'changed',
  gone: 'taken down:',
};

/** Keeps it. @returns the arrival it lies in, or null where it is evidence of assets */
export async function keepHanded(
  dependencies: Dependencies,
  { address, html, with: place }: z.output<typeof keepHandedPage.body>,
  person: Person,
): Promise<string | null> {
  const { pool, store } = dependencies;
  const kept = await store.put(withAddress(new TextEncoder().encode(html), address));
  const file = { path: nameOfPage(address), ...kept };
  if (place.kind === 'arrival') return addToArrival(dependencies, place.id, file, person);
  if (place.kind === 'nothing') {
    const { id, received } = await announceArrival(dependencies, person, { name: file.path, files: [file] });
    await noteStored(dependencies, received[0].id, kept.sha256);
    return id;
  }
  await transact(pool, async (tx) => {
    const given = { kind: 'page', name: address.slice(0, 300), note: '', text: '', base64: '' } as const;
    await attachEvidence(tx, { id: randomUUID(), given, ...kept }, place.ids, person);
    await refreshRightsMarks(tx, place.ids);
    await bumpRevision(tx);
  });
  return null;
}
