import { DomainError } from '@haveld/contract/error';
import type { Executor } from '../database/pool';
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
