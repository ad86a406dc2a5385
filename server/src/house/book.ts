import type { HouseRules } from '@haveld/contract/house-rules';
import { CategoryTree } from '@haveld/core/library/categories/category-tree';
import { createLicenceBook, type LicenceBook } from '@haveld/core/rights/licence-book';
import { type Executor } from '../database/pool';
import { type OwnLicence, listOwnLicences } from './licence-queries';
import { loadRules } from './rule-queries';

/** Licences and rules as the house has them today. */
export interface HouseBook {
  book: LicenceBook;
  rules: HouseRules;
  tree: CategoryTree;
  own: OwnLicence[];
}

/** Loads them: two statements. */
export async function loadBook(db: Executor): Promise<HouseBook> {
  const [rules, own] = await Promise.all([loadRules(db), listOwnLicences(db)]);
  return {
    book: createLicenceBook(
      own.map(({ terms }) => terms),
      rules.standings,
    ),
    rules,
    tree: new CategoryTree(rules.categories),
    own,
  };
}
