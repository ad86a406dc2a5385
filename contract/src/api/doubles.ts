import { z } from 'zod';
import { AssetStateSchema } from '../asset-state';
import { endpoint } from './endpoint';
import { Nothing } from './people';

/** How two finds are alike, the closest first. */
export const DOUBLE_RELATIONS = ['same-file', 'same-shape', 'other-maps', 'mirrored'] as const;
export type DoubleRelation = (typeof DOUBLE_RELATIONS)[number];

/** `same`: the one that is here stays; `newer`: the new one is taken instead; `both`: they are two things. */
export const DOUBLE_DECISIONS = ['same', 'newer', 'both'] as const;

/** One side of a pair. */
export const DoubleSideSchema = z.object({
  findId: z.string(),
  name: z.string(),
  arrivalName: z.string(),
  arrivedAt: z.string(),
  modelPath: z.string(),
  portraitSha256: z.string().nullable(),
  asset: z.object({ id: z.string(), accession: z.string(), state: AssetStateSchema }).nullable(),
});

export const DoubleSchema = z.object({
  id: z.string(),
  relation: z.enum(DOUBLE_RELATIONS),
  /** What it means, in a sentence. */
  words: z.string(),
  mine: DoubleSideSchema,
  other: DoubleSideSchema,
  /** What differs and what does not, line by line. */
  lines: z.array(z.object({ what: z.string(), mine: z.string(), other: z.string(), same: z.boolean() })),
  decision: z.enum(DOUBLE_DECISIONS).nullable(),
});
export type Double = z.infer<typeof DoubleSchema>;

export const listDoubles = endpoint({
  method: 'get',
  path: '/api/finds/:id/doubles',
  summary: 'What a find may be a double of, side by side',
  params: z.object({ id: z.string() }),
  query: Nothing,
  body: Nothing,
  response: z.array(DoubleSchema),
});

export const decideDouble = endpoint({
  method: 'post',
  path: '/api/doubles/:id',
  summary: 'Decides a pair; nothing is removed by it',
  params: z.object({ id: z.string() }),
  query: Nothing,
  body: z.object({ decision: z.enum(DOUBLE_DECISIONS) }),
  response: Nothing,
});
