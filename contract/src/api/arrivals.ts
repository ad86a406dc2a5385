import { z } from 'zod';
import { AssetStateSchema } from '../asset-state';
import { endpoint, Nothing } from './endpoint';

const Id = z.object({ id: z.string() });

export const ARRIVAL_STATES = ['receiving', 'opening', 'locked', 'reading', 'ready', 'failed', 'cancelled'] as const;
export const FIND_STATES = ['waiting', 'read', 'failed', 'on-bench', 'set-aside'] as const;

/** What is left to a person about a find: one short question and what it may be answered with. */
export const FindQuestionSchema = z.object({
  text: z.string(),
  choices: z.array(z.object({ id: z.string(), label: z.string() })),
});
export type FindQuestion = z.infer<typeof FindQuestionSchema>;

export const ArrivalFileSchema = z.object({
  id: z.number(),
  path: z.string(),
  kind: z.string(),
  format: z.string(),
  summary: z.string(),
  sizeBytes: z.number(),
  excludedReason: z.string().nullable(),
  /** Finds that use it, and as what. */
  uses: z.array(z.object({ findId: z.string(), role: z.string() })),
});
export type ArrivalFile = z.infer<typeof ArrivalFileSchema>;

export const FindSchema = z.object({
  id: z.string(),
  arrivalId: z.string(),
  name: z.string(),
  modelPath: z.string(),
  reason: z.string(),
  question: FindQuestionSchema.nullable(),
  state: z.enum(FIND_STATES),
  message: z.string().nullable(),
  thumbnailSha256: z.string().nullable(),
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
  titles: z.array(z.string()),
  /** The kit it is a piece of, or that its one file holds. */
  kitId: z.string().nullable(),
  /** Arrivals and assets it may be a double of, undecided. */
  duplicates: z.number(),
  asset: z.object({ id: z.string(), state: AssetStateSchema }).nullable(),
});
export type Find = z.infer<typeof FindSchema>;

/** A kit of an arrival, as far as the arrivals show it. */
export const ArrivalKitSchema = z.object({
  id: z.string(),
  name: z.string(),
  reason: z.string(),
  pieces: z.number(),
  taken: z.number(),
  /** Of all its pieces. */
  triangles: z.number(),
  /** The find whose one file holds all pieces; null where each piece is a find of its own. */
  findId: z.string().nullable(),
});
export type ArrivalKit = z.infer<typeof ArrivalKitSchema>;

export const ArrivalSchema = z.object({
  id: z.string(),
  name: z.string(),
  state: z.enum(ARRIVAL_STATES),
  message: z.string().nullable(),
  /** Who brought it in. */
  personId: z.string(),
  personName: z.string(),
  /** Who gave it by a link of the house; null for what came otherwise. */
  gift: z.object({ giver: z.string(), linkName: z.string() }).nullable(),
  createdAt: z.string(),
  /** As it came, unpacked, and what the store keeps of it once (the same bytes count once). */
  packedBytes: z.number(),
  unpackedBytes: z.number(),
  keptBytes: z.number(),
  fileCount: z.number(),
  /** Of what is still on its way. */
  received: z.array(z.object({ id: z.string(), path: z.string(), sizeBytes: z.number(), arrived: z.boolean() })),
  /** Of a list the first of them and what is in no find; `fileCount` tells how many there are. */
  files: z.array(ArrivalFileSchema),
  refused: z.array(z.string()),
  notes: z.array(z.string()),
  /** Its models go into the line-up by themselves. */
  linedUp: z.boolean(),
  /** Archives that want a password. */
  locked: z.array(z.string()),
  /** Real units done of what goes on with it. */
  progress: z.object({ label: z.string(), done: z.number(), total: z.number() }).nullable(),
  /** Another arrival that may be the rest of it. */
  joins: z.object({ id: z.string(), name: z.string(), reason: z.string() }).nullable(),
  kits: z.array(ArrivalKitSchema),
  /** Of a list the first of them, those that ask something before the others, and the first pieces of each kit. */
  finds: z.array(FindSchema),
  /** Of all that is in it, shown or not. */
  counts: z.object({
    finds: z.number(),
    /** Finds with a card of their own. */
    alone: z.number(),
    /** Finds that may go to the bench as they are. */
    ready: z.number(),
    /** What it leaves to a person: its password, whether it belongs to another, its kits and its finds. */
    decisions: z.number(),
    /** Finds that became assets. */
    taken: z.number(),
  }),
});
export type Arrival = z.infer<typeof ArrivalSchema>;

export const listArrivals = endpoint({
  method: 'get',
  path: '/api/arrivals',
  may: 'artist',
  summary: 'The latest arrivals with the first of what they are',
  response: z.array(ArrivalSchema),
});

export const getArrival = endpoint({
  method: 'get',
  path: '/api/arrivals/:id',
  may: 'artist',
  summary: 'One arrival with every find in it',
  params: Id,
  response: ArrivalSchema,
});

export const createArrival = endpoint({
  method: 'post',
  path: '/api/arrivals',
  may: 'artist',
  maxBodyBytes: 8 * 1024 * 1024,
  summary: 'Announces files; their bytes follow as resumable uploads (tus 1.0) under /api/uploads',
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
  may: 'artist',
  summary: 'Gives an arrival up that is still on its way',
  params: Id,
  response: Nothing,
});

export const takeToBench = endpoint({
  method: 'post',
  path: '/api/finds/:id/bench',
  may: 'artist',
  summary: 'Makes an asset of a find',
  params: Id,
  response: z.object({ assetId: z.string() }),
});

export const setFindAside = endpoint({
  method: 'post',
  path: '/api/finds/:id/set-aside',
  may: 'artist',
  summary: 'Keeps a find without making an asset of it',
  params: Id,
  body: z.object({ reason: z.string().min(1).max(500) }),
  response: Nothing,
});

export const giveArrivalPassword = endpoint({
  method: 'post',
  path: '/api/arrivals/:id/password',
  may: 'artist',
  summary: 'Opens what is locked in an arrival, or goes on without it (null)',
  params: Id,
  body: z.object({ password: z.string().min(1).max(500).nullable() }),
  response: Nothing,
});

export const answerFindQuestion = endpoint({
  method: 'post',
  path: '/api/finds/:id/answer',
  may: 'artist',
  summary: 'Answers what a find leaves open',
  params: Id,
  body: z.object({ choiceId: z.string().min(1) }),
  response: Nothing,
});

export const REGROUP_ROLES = ['model', 'other-format', 'lod', 'variant', 'edition', 'map', 'text', 'preview'] as const;

export const regroupFile = endpoint({
  method: 'post',
  path: '/api/files/:id/regroup',
  may: 'artist',
  summary: 'Puts a file with another find, makes a find of it, or excludes it; remembered for its source',
  params: z.object({ id: z.coerce.number().int() }),
  body: z.object({
    /** A find, `new` for one of its own, `excluded` for none. */
    to: z.string().min(1),
    /** What it is to that find; left out, what fits its kind. */
    role: z.enum(REGROUP_ROLES).optional(),
  }),
  response: Nothing,
});

export const joinArrivals = endpoint({
  method: 'post',
  path: '/api/arrivals/:id/join',
  may: 'artist',
  summary: 'Makes one arrival of two: a model split over several downloads',
  params: Id,
  body: z.object({ otherId: z.string() }),
  response: z.object({ id: z.string() }),
});

export const takeManyToBench = endpoint({
  method: 'post',
  path: '/api/finds/bench',
  may: 'artist',
  summary: 'Makes assets of many finds at once',
  body: z.object({ ids: z.array(z.string()).min(1).max(500) }),
  response: z.object({ assetIds: z.array(z.string()) }),
});
