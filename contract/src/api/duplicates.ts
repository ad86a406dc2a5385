import { z } from 'zod';
import { AssetStateSchema } from '../asset-state';
import { endpoint, Nothing } from './endpoint';

/** How two finds are alike, the closest first. `same-page`: two states of what one page offers, of different shape. */
export const DUPLICATE_RELATIONS = ['same-file', 'same-shape', 'same-page', 'other-maps', 'mirrored'] as const;
export type DuplicateRelation = (typeof DUPLICATE_RELATIONS)[number];

/** `same`: the one that is here stays; `newer`: the new one is taken instead; `both`: they are two things. */
export const DUPLICATE_DECISIONS = ['same', 'newer', 'both'] as const;

/** One side of a pair. */
export const DuplicateSideSchema = z.object({
  findId: z.string(),
  name: z.string(),
  arrivalName: z.string(),
  arrivedAt: z.string(),
  modelPath: z.string(),
  thumbnailSha256: z.string().nullable(),
  asset: z.object({ id: z.string(), accession: z.string(), state: AssetStateSchema }).nullable(),
});

export const DuplicateSchema = z.object({
  id: z.string(),
  relation: z.enum(DUPLICATE_RELATIONS),
  /** What it means, in a sentence. */
  summary: z.string(),
  mine: DuplicateSideSchema,
  other: DuplicateSideSchema,
  /** What differs and what does not, line by line. */
  lines: z.array(z.object({ what: z.string(), mine: z.string(), other: z.string(), same: z.boolean() })),
  decision: z.enum(DUPLICATE_DECISIONS).nullable(),
});
export type Duplicate = z.infer<typeof DuplicateSchema>;

export const listDuplicates = endpoint({
  method: 'get',
  path: '/api/finds/:id/duplicates',
  may: 'artist',
  summary: 'What a find may be a double of, side by side',
  params: z.object({ id: z.string() }),
  response: z.array(DuplicateSchema),
});

export const decideDuplicate = endpoint({
  method: 'post',
  path: '/api/duplicates/:id',
  may: 'artist',
  summary: 'Decides a pair; nothing is removed by it',
  params: z.object({ id: z.string() }),
  body: z.object({
    decision: z.enum(DUPLICATE_DECISIONS),
    /** The decision that stood when the person looked; where somebody else decided meanwhile, they are told and nothing is changed. */
    seen: z.enum(DUPLICATE_DECISIONS).nullable().optional(),
  }),
  response: Nothing,
});
