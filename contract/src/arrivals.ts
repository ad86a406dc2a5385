import { z } from 'zod';
import { AssetStateSchema } from './asset-state';
import { endpoint } from './endpoint';
import { Nothing } from './people';

const Id = z.object({ id: z.string() });

export const ARRIVAL_STATES = ['receiving', 'opening', 'reading', 'ready', 'failed', 'cancelled'] as const;
export const FIND_STATES = ['waiting', 'read', 'failed', 'on-bench', 'set-aside'] as const;

export const ArrivalFileSchema = z.object({
  path: z.string(),
  kind: z.string(),
  format: z.string(),
  words: z.string(),
  sizeBytes: z.number(),
  asideReason: z.string().nullable(),
  /** Finds that use it. */
  findIds: z.array(z.string()),
});

export const FindSchema = z.object({
  id: z.string(),
  name: z.string(),
  modelPath: z.string(),
  reason: z.string(),
  state: z.enum(FIND_STATES),
  message: z.string().nullable(),
  portraitSha256: z.string().nullable(),
  triangles: z.number().nullable(),
  licenceId: z.string().nullable(),
  /** Every licence its texts name; more than one has to be chosen from. */
  licencesNamed: z.array(z.string()),
  author: z.string().nullable(),
  mapsFound: z.number(),
  mapsTotal: z.number(),
  /** Pictures that fit a slot by their name. */
  mapsOffered: z.number(),
  /** Findings that want a look, and those that block. */
  look: z.number(),
  blocks: z.number(),
  /** A few of them in words. */
  words: z.array(z.string()),
  asset: z.object({ id: z.string(), state: AssetStateSchema }).nullable(),
});
export type Find = z.infer<typeof FindSchema>;

export const ArrivalSchema = z.object({
  id: z.string(),
  name: z.string(),
  state: z.enum(ARRIVAL_STATES),
  message: z.string().nullable(),
  personName: z.string(),
  createdAt: z.string(),
  packedBytes: z.number(),
  keptBytes: z.number(),
  received: z.array(z.object({ id: z.string(), path: z.string(), sizeBytes: z.number(), arrived: z.boolean() })),
  files: z.array(ArrivalFileSchema),
  refused: z.array(z.string()),
  finds: z.array(FindSchema),
});
export type Arrival = z.infer<typeof ArrivalSchema>;

export const listArrivals = endpoint({
  method: 'get',
  path: '/api/arrivals',
  summary: 'The latest arrivals with what they are',
  params: Nothing,
  query: Nothing,
  body: Nothing,
  response: z.array(ArrivalSchema),
});

export const createArrival = endpoint({
  method: 'post',
  path: '/api/arrivals',
  summary: 'Announces files; their bytes follow as resumable uploads (tus 1.0) under /api/uploads',
  params: Nothing,
  query: Nothing,
  body: z.object({
    name: z.string().min(1).max(250),
    files: z
      .array(z.object({ path: z.string().min(1).max(1024), sizeBytes: z.number().int().nonnegative() }))
      .min(1)
      .max(5000),
  }),
  response: z.object({
    id: z.string(),
    received: z.array(z.object({ id: z.string(), path: z.string() })),
    refused: z.array(z.string()),
  }),
});

export const cancelArrival = endpoint({
  method: 'post',
  path: '/api/arrivals/:id/cancel',
  summary: 'Gives an arrival up that is still on its way',
  params: Id,
  query: Nothing,
  body: Nothing,
  response: Nothing,
});

export const takeToBench = endpoint({
  method: 'post',
  path: '/api/finds/:id/bench',
  summary: 'Makes an asset of a find',
  params: Id,
  query: Nothing,
  body: Nothing,
  response: z.object({ assetId: z.string() }),
});

export const setFindAside = endpoint({
  method: 'post',
  path: '/api/finds/:id/set-aside',
  summary: 'Keeps a find without making an asset of it',
  params: Id,
  query: Nothing,
  body: z.object({ reason: z.string().min(1).max(500) }),
  response: Nothing,
});
