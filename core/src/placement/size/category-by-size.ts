import type { Category } from '@haveld/contract/category';

/** Below this longest side, in metres, a thing of a building is a prop: a brick, a letter box, a traffic cone. Common practice, no source. */
const BUILDING_FROM = 1.5;

/**
 * Size tells a building from a thing of one; of other categories it says nothing.
 * @param longestM its longest side in metres; null where no size is known
 */
export const categoryBySize = (category: Category, longestM: number | null): Category =>
  category === 'building' && longestM !== null && longestM < BUILDING_FROM ? 'prop' : category;
