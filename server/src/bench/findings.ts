import { DomainError } from '@haveld/contract/error';
import type { Finding } from '@haveld/contract/finding';
import type { Executor } from '../database/pool';
import { loadBook } from '../rights/book';
import { listRightsFindings, loadRightsStates, type AssetRightsState } from '../rights/state';
import { createKitSizes, weighWithKit } from './kit-sizes';
import * as queries from './queries';

/** @throws {DomainError} where there is no such asset */
export async function mustFind(db: Executor, id: string): Promise<queries.AssetRow> {
  const asset = await queries.findAsset(db, id);
  if (!asset) throw new DomainError('not-found', 'There is no such asset.');
  return asset;
}

/** Rights first, then what was seen in the document; the size of a piece with what the rest of its kit says. */
export async function listFindings(
  db: Executor,
  asset: queries.AssetRow,
  kitSizes = createKitSizes(db),
): Promise<{ findings: Finding[]; rights: AssetRightsState }> {
  const [rights] = await loadRightsStates(db, [asset.id]);
  const seen = await weighWithKit(asset, kitSizes);
  return { rights, findings: [...listRightsFindings(await loadBook(db), rights), ...seen] };
}
