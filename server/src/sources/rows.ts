import { basename } from 'node:path/posix';
import type { z } from 'zod';
import type { HereAlreadySchema, SourceRow } from '@haveld/contract/api/sources';
import type { IntendedUse } from '@haveld/contract/licence';
import type { SourceItem } from '@haveld/contract/source';
import { chooseEdition } from '@haveld/core/finds/choose-edition';
import { judgeUse } from '@haveld/core/rights/judge-use';
import type { SourceAdapter } from '@haveld/engine/sources/source-adapter';
import { formatAccession } from '../assets/accession';
import type { Dependencies } from '../dependencies';
import { loadBook } from '../house/book';
import { findProject } from '../projects/queries';
import { listArrivedFrom, listAssetsOfPages, listReceivedOfSizes } from './fetching-queries';

/** Where a model stands for the house: may a project use it, which edition is best, is it here already. */
export async function describeItems(
  { pool, store }: Dependencies,
  found: readonly { adapter: SourceAdapter; item: SourceItem }[],
  projectId: string,
): Promise<SourceRow[]> {
  const pages = found.map(({ item }) => item.pageAddress);
  // a source that tells a checksum is asked by that
  const sizes = found.flatMap(({ item }) =>
    item.editions.flatMap(({ sha256, sizeBytes }) => (sha256 === null && sizeBytes ? [sizeBytes] : [])),
  );
  const [{ book, rules }, project, assets, arrived, received] = await Promise.all([
    loadBook(pool),
    projectId === '' ? null : findProject(pool, projectId),
    listAssetsOfPages(pool, pages),
    listArrivedFrom(pool, pages),
    listReceivedOfSizes(pool, [...new Set(sizes)]),
  ]);
  return Promise.all(
    found.map(async ({ adapter, item }): Promise<SourceRow> => {
      const best = chooseEdition(item.editions, rules.handedOverMapSide);
      const asset = assets.find(({ pageAddress }) => pageAddress === item.pageAddress);
      const fetched = arrived.find(({ pageAddress }) => pageAddress === item.pageAddress);
      const stored = asset || fetched ? null : await findStored(store, item);
      const named = item.editions.find(({ name, sizeBytes, sha256 }) =>
        received.some((file) => sha256 === null && file.sizeBytes === sizeBytes && basename(file.path) === name),
      );
      const here: z.infer<typeof HereAlreadySchema> | null =
        asset || fetched
          ? {
              by: 'page',
              asset: asset ? { id: asset.id, accession: formatAccession(asset.accession), name: asset.name } : null,
              editionId: fetched?.editionId ?? null,
            }
          : stored
            ? { by: 'bytes', asset: null, editionId: stored }
            : named
              ? { by: 'name', asset: null, editionId: named.id }
              : null;
      return {
        ...item,
        kind: adapter.kind,
        sourceName: adapter.kind === 'plain' ? new URL(item.pageAddress).hostname : adapter.name,
        ...judge(book, item.licence.id, project?.use ?? null),
        best: best?.id ?? null,
        bestReason: best?.why ?? '',
        here,
      };
    }),
  );
}

async function findStored(store: Dependencies['store'], { editions }: SourceItem): Promise<string | null> {
  for (const { id, sha256 } of editions) if (sha256 && (await store.has(sha256))) return id;
  return null;
}

function judge(
  book: Awaited<ReturnType<typeof loadBook>>['book'],
  licenceId: string,
  use: IntendedUse | null,
): Pick<SourceRow, 'verdict' | 'verdictReason'> {
  if (licenceId === '')
    return { verdict: null, verdictReason: 'Its licence is none that Haveld knows; read it first.' };
  if (!use) return { verdict: null, verdictReason: '' };
  const { verdict, reasons } = judgeUse(book, licenceId, use);
  return { verdict, verdictReason: reasons[0] ?? '' };
}
