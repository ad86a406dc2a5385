import type { AssetState } from '@haveld/contract/asset-state';
import { DomainError } from '@haveld/contract/error';
import type { Executor } from '../database/pool';
import { formatAccession } from './accession';
import * as assetQueries from './asset-queries';

/** @throws {DomainError} where there is no such asset */
export async function mustFind(db: Executor, id: string): Promise<assetQueries.AssetRow> {
  const asset = await assetQueries.findAsset(db, id);
  if (!asset) throw new DomainError('not-found', 'There is no such asset.');
  return asset;
}

/** @returns the name an asset's files carry at hand-over: its own, or that of the one whose place it takes */
export async function getHandOverName(db: Executor, id: string): Promise<string> {
  const { name, standsFor } = await mustFind(db, id);
  return (standsFor ? await assetQueries.findAsset(db, standsFor) : null)?.name ?? name;
}

/** @returns the asset of each find that has one */
export async function listAssetsByFind(
  db: Executor,
): Promise<Map<string, { id: string; state: AssetState; accession: string }>> {
  return new Map(
    (await assetQueries.listAssetIdsByFind(db)).map(({ id, state, findId, accession }) => [
      findId,
      { id, state, accession: formatAccession(accession) },
    ]),
  );
}
