import { z } from 'zod';
import { HashSchema } from './step';

/** What a source may do; what it cannot is not offered. */
export const SourceAbilitySchema = z.object({
  searches: z.boolean(),
  /** Wants a token to be asked, to be taken from, or not at all. */
  token: z.enum(['for-all', 'for-taking', 'none']),
  hasTerms: z.boolean(),
  hasAllowance: z.boolean(),
});
export type SourceAbility = z.infer<typeof SourceAbilitySchema>;

/** What is left of what a source gives in a day. */
export const AllowanceSchema = z.object({ left: z.number().int(), of: z.number().int(), backAt: z.string() });
export type Allowance = z.infer<typeof AllowanceSchema>;

export const SourcePriceSchema = z.object({ amount: z.number(), currency: z.string() });

/** One way to have a model. */
export const EditionSchema = z.object({
  id: z.string(),
  /** File name, as the source gives it. */
  name: z.string(),
  /** By its file ending, in small letters. */
  format: z.string(),
  /** Side of its maps in texels; null where the source does not say. */
  mapSide: z.number().int().nullable(),
  sizeBytes: z.number().nullable(),
  sha256: HashSchema.nullable(),
  /** What comes with it, in the source's words. */
  carries: z.array(z.string()),
});
export type Edition = z.infer<typeof EditionSchema>;

/** A model as a source lists it. */
export const SourceItemSchema = z.object({
  /** Its page, by which it is known. */
  pageAddress: z.string(),
  title: z.string(),
  author: z.string(),
  authorAddress: z.string(),
  /** In the source's words, and as an SPDX expression where it is one we know. */
  licence: z.object({ words: z.string(), address: z.string(), id: z.string() }),
  category: z.string(),
  tags: z.array(z.string()),
  price: SourcePriceSchema.nullable(),
  previewAddress: z.string(),
  published: z.string(),
  editions: z.array(EditionSchema),
});
export type SourceItem = z.infer<typeof SourceItemSchema>;
