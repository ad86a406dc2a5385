import type { Finding } from '@haveld/contract/finding';
import type * as assetQueries from '../assets/asset-queries';
import type { Executor } from '../database/pool';
import { loadBook } from '../house/book';
import { listRightsFindings, loadRightsStates, type AssetRightsState } from '../rights/state';
import { createKitSizes, weighWithKit } from './kit-sizes';

/** Rights first, then what was seen in the document; the size of a piece with what the rest of its kit says. */
export async function listFindings(
  db: Executor,
  asset: assetQueries.AssetRow,
  kitSizes = createKitSizes(db),
): Promise<{ findings: Finding[]; rights: AssetRightsState }> {
  const [rights] = await loadRightsStates(db, [asset.id]);
  const seen = await weighWithKit(asset, kitSizes);
  return { rights, findings: [...listRightsFindings(await loadBook(db), rights), ...seen] };
}
