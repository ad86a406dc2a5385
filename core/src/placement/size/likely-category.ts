import type { Category } from '@haveld/contract/category';
import { listTypicalSizes } from './typical-sizes';

/** Below this longest side, in metres, a thing of a building is a prop: a brick, a letter box, a traffic cone. Common practice, no source. */
const BUILDING_FROM = 1.5;

/**
 * What a model is likely to be catalogued as, by what its name says it is; a prop where it does not say.
 * @param longestM its longest side in metres; null where no size is known
 */
export function likelyCategory(name: string, longestM: number | null): Category {
  const [typical] = listTypicalSizes(name);
  if (!typical?.category) return 'prop';
  if (typical.category !== 'building') return typical.category;
  return (longestM ?? Math.max(...typical.middle)) < BUILDING_FROM ? 'prop' : 'building';
}
