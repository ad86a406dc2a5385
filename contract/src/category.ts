import { z } from 'zod';

/** What an asset is for; a studio's own list comes with house rules. Budgets in triangles (product.md, house rules). */
export const CATEGORIES = {
  'small prop': { budget: 5_000 },
  prop: { budget: 20_000 },
  furniture: { budget: 20_000 },
  large: { budget: 100_000 },
  creature: { budget: 100_000 },
  foliage: { budget: 30_000 },
} as const;
export type Category = keyof typeof CATEGORIES;
export const CategorySchema = z.enum(Object.keys(CATEGORIES) as [Category, ...Category[]]);
