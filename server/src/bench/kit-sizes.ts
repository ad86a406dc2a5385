import type { Finding } from '@haveld/contract/finding';
import type { HouseRules } from '@haveld/contract/house-rules';
import { describeSizeInKit } from '@haveld/core/condition/checks/size';
import { listKitSays, listUnitShares, type PieceSay } from '@haveld/core/placement/kit/kit-say';
import type { UnitSay, SizeQuestion } from '@haveld/core/placement/size/judge-size';
import type * as assetQueries from '../assets/asset-queries';
import type { Executor } from '../database/pool';
import { loadRules } from '../house/rule-queries';
import * as queries from './queries';

interface PieceSize {
  question: SizeQuestion | null;
  /** What it says by itself, or a person said. */
  own: PieceSay;
  /** What the others say of it. */
  others: UnitSay | null;
  rules: HouseRules;
}

/** Sizes of the pieces of a kit by asset. */
export type KitSizes = (kitId: string) => Promise<ReadonlyMap<string, PieceSize>>;

/** Loads what each piece of a kit says of its unit, once a kit: what one is answered counts for the others at once. */
export function createKitSizes(db: Executor): KitSizes {
  const known = new Map<string, Promise<ReadonlyMap<string, PieceSize>>>();
  return (kitId) => {
    const loading = known.get(kitId) ?? load(db, kitId);
    known.set(kitId, loading);
    return loading;
  };
}

async function load(db: Executor, kitId: string): Promise<ReadonlyMap<string, PieceSize>> {
  const [pieces, rules] = await Promise.all([queries.listSizesOfKit(db, kitId), loadRules(db)]);
  const own = pieces.map(({ question, answer }) => listUnitShares(question, answer));
  const others = listKitSays(own);
  return new Map(pieces.map(({ id, question }, i) => [id, { question, own: own[i], others: others[i], rules }]));
}

/** Puts what the rest of its kit says into the finding of its size. */
export async function weighWithKit(
  asset: Pick<assetQueries.AssetRow, 'id' | 'kitId' | 'findings'>,
  kitSizes: KitSizes,
): Promise<Finding[]> {
  if (asset.kitId === null) return asset.findings;
  const piece = (await kitSizes(asset.kitId)).get(asset.id);
  if (!piece?.question || !piece.others) return asset.findings;
  const { question, others, rules } = piece;
  return asset.findings.map((finding) =>
    finding.kind === 'size' ? describeSizeInKit(finding, question, others, rules) : finding,
  );
}
