import { useMemo } from 'react';
import { CategoryTree } from '@haveld/core/library/categories/category-tree';
import { useHouseRules } from './use-house-rules';

/** The categories of the house. */
export function useCategories(): CategoryTree {
  const { categories } = useHouseRules();
  return useMemo(() => new CategoryTree(categories), [categories]);
}
