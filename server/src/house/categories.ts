import type { Category } from '@haveld/contract/category';
import { DomainError } from '@haveld/contract/error';
import { CategoryTree } from '@haveld/core/library/categories/category-tree';
import type { Executor } from '../database/pool';
import { loadRules } from './rule-queries';

/** The categories of the house as they stand. */
export const loadTree = async (db: Executor): Promise<CategoryTree> =>
  new CategoryTree((await loadRules(db)).categories);

/** @throws {DomainError} `bad-request` for a category that is not in the tree */
export function requireCategory(tree: CategoryTree, category: Category): void {
  if (!tree.has(category))
    throw new DomainError('bad-request', 'There is no such category any more. Choose another one.');
}
