import type { Category } from '@haveld/contract/category';
import { listTypicalSizes } from './typical-sizes';

/** Of things whose name says no category, longest side in metres. Common practice, no source. */
const SMALL_BELOW = 0.3;
const LARGE_FROM = 4;

/**
 * What a model is likely to be catalogued as: by what its name says it is, else by how large it is.
 * @param longestM its longest side in metres; null where no size is known
 */
export function likelyCategory(name: string, longestM: number | null): Category {
  const [typical] = listTypicalSizes(name);
  if (typical?.category) return typical.category;
  const longest = longestM ?? (typical ? Math.max(...typical.middle) : null);
  if (longest === null) return 'prop';
  if (longest < SMALL_BELOW) return 'small prop';
  return longest >= LARGE_FROM ? 'large' : 'prop';
}
