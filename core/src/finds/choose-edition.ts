import type { Edition } from '@haveld/contract/source';
import { findFormatByExtension } from '../formats/model-formats';

/**
 * The edition of a model that carries most of what Haveld reads: by its format first, then with maps as large as the house hands
 * them over, or the largest below; of equals the lightest.
 * @param mapSide longest side of a map that the house hands over, texels
 * @returns null for none; `why` in words
 */
export function chooseEdition(editions: readonly Edition[], mapSide: number): { id: string; why: string } | null {
  const rankOf = ({ format }: Edition): number => findFormatByExtension(format)?.rank ?? Infinity;
  /** How far its maps are from what is wanted: too small is worse than too large. */
  const missOf = ({ mapSide: side }: Edition): number =>
    side === null ? 0 : side >= mapSide ? side / mapSide : 1e6 / Math.max(1, side);
  const [best] = [...editions].sort(
    (a, b) => rankOf(a) - rankOf(b) || missOf(a) - missOf(b) || (a.sizeBytes ?? Infinity) - (b.sizeBytes ?? Infinity),
  );
  if (!best) return null;
  const format = findFormatByExtension(best.format);
  const maps = best.mapSide ? `, maps of ${best.mapSide}` : '';
  return { id: best.id, why: format ? `${format.name}: ${format.carries}${maps}` : `the only one there is${maps}` };
}
