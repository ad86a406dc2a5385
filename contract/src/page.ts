import { z } from 'zod';

/** What a page may say of the one thing it is about. */
export const PAGE_FIELDS = [
  'title',
  'author',
  'licence',
  'price',
  'tag',
  'category',
  'height',
  'width',
  'depth',
  'format',
  'triangles',
  'polygons',
  'vertices',
  'description',
  'picture',
  'address',
  'published',
  'changed',
  'based-on',
  'gone',
] as const;
export const PageFieldSchema = z.enum(PAGE_FIELDS);
export type PageField = z.infer<typeof PageFieldSchema>;

/** How it says it: the first four to machines, in standard markup; the last to people. */
export const PAGE_SYNTAXES = ['json-ld', 'microdata', 'rdfa', 'meta', 'words'] as const;

/** One thing a page says, in its own words. */
export const PageFactSchema = z.object({
  field: PageFieldSchema,
  value: z.string(),
  /** Where it leads: a person's page, a licence, the work it is based on. */
  address: z.string().optional(),
  /** A price in units of its currency, a side in metres, a count. */
  amount: z.number().optional(),
  /** Of a price, as the page writes it. */
  currency: z.string().optional(),
  by: z.enum(PAGE_SYNTAXES),
  passage: z.string(),
});
export type PageFact = z.infer<typeof PageFactSchema>;
