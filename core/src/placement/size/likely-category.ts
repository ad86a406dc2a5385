import type { Category } from '@haveld/contract/category';
import { categoryBySize } from './category-by-size';
import { listTypicalSizes } from './typical-sizes';

/**
 * What a model is likely to be catalogued as, by what its name says it is; a prop where it does not say.
 * @param longestM its longest side in metres; null where no size is known
 */
export function likelyCategory(name: string, longestM: number | null): Category {
  const [typical] = listTypicalSizes(name);
  return typical?.category ? categoryBySize(typical.category, longestM ?? Math.max(...typical.middle)) : 'prop';
}
