import { z } from 'zod';

/** What a thing is, never how heavy: that is what the budget in triangles says, by house rule. */
export const CATEGORIES = {
  prop: { budget: 20_000 },
  furniture: { budget: 20_000 },
  building: { budget: 100_000 },
  vehicle: { budget: 100_000 },
  creature: { budget: 100_000 },
  foliage: { budget: 30_000 },
} as const;
export type Category = keyof typeof CATEGORIES;
export const CategorySchema = z.enum(Object.keys(CATEGORIES) as [Category, ...Category[]]);
