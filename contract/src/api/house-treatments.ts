import { z } from 'zod';
import { HouseTreatmentRuleSchema, HouseTreatmentSchema } from '../house-treatment';
import { HashSchema } from '../step';
import { endpoint, Nothing } from './endpoint';

export const StoredHouseTreatmentSchema = HouseTreatmentSchema.extend({
  id: z.string(),
  /** Counted up whenever its rules change. */
  number: z.number().int().positive(),
  personName: z.string(),
  changedAt: z.string(),
  /** Assets that have it, and of those the ones that have an older one. */
  assets: z.number(),
  older: z.number(),
  /** The latest trial run of it that was not ended. */
  trialId: z.string().nullable(),
});
export type StoredHouseTreatment = z.infer<typeof StoredHouseTreatmentSchema>;

/** Which assets a house treatment is tried on. */
export const TriedOnSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('bench') }),
  z.object({ kind: z.literal('catalogue') }),
  z.object({ kind: z.literal('kit'), id: z.string() }),
  z.object({ kind: z.literal('project'), id: z.string() }),
  /** Those that have an older one of it. */
  z.object({ kind: z.literal('older') }),
  z.object({ kind: z.literal('assets'), ids: z.array(z.string()).min(1).max(2000) }),
]);
export type TriedOn = z.infer<typeof TriedOnSchema>;

/** One thing it would do to an asset. */
export const TrialLineSchema = z.object({
  rule: z.number().int().nonnegative(),
  title: z.string(),
  changed: z.string(),
  /** What it did not find, and what got worse by it. */
  trouble: z.array(z.string()),
});
export type TrialLine = z.infer<typeof TrialLineSchema>;

/**
 * `waiting`: not looked at yet. `planned`: nothing is done yet. `taken`: its treatment has the steps. `failed`: it could not be tried.
 * `changed`: its treatment changed since it was looked at.
 */
export const TRIAL_STATES = ['waiting', 'planned', 'taken', 'failed', 'changed'] as const;

const CountedSchema = z.object({ triangles: z.number(), parts: z.number() });

export const TrialRowSchema = z.object({
  id: z.string(),
  assetId: z.string(),
  accession: z.string(),
  name: z.string(),
  isCatalogued: z.boolean(),
  thumbnailSha256: HashSchema.nullable(),
  state: z.enum(TRIAL_STATES),
  lines: z.array(TrialLineSchema),
  before: CountedSchema.nullable(),
  after: CountedSchema.nullable(),
  /** Why it failed. */
  message: z.string().nullable(),
});
export type TrialRow = z.infer<typeof TrialRowSchema>;

/** A house treatment tried on a set of assets: what it would do to each. */
export const HouseTrialSchema = z.object({
  id: z.string(),
  treatmentId: z.string(),
  name: z.string(),
  number: z.number(),
  rules: z.array(HouseTreatmentRuleSchema),
  personName: z.string(),
  startedAt: z.string(),
  total: z.number(),
  /** Looked at so far. */
  done: z.number(),
  rows: z.array(TrialRowSchema),
});
export type HouseTrial = z.infer<typeof HouseTrialSchema>;

export const listHouseTreatments = endpoint({
  method: 'get',
  path: '/api/house-treatments',
  may: 'artist',
  summary: 'House treatments, and how many assets have each',
  response: z.array(StoredHouseTreatmentSchema),
});

export const saveHouseTreatment = endpoint({
  method: 'put',
  path: '/api/house-treatments/:id',
  may: 'curator',
  summary: 'Saves a house treatment; `new` makes one. Assets that have it keep the steps they have',
  params: z.object({ id: z.string() }),
  body: HouseTreatmentSchema.extend({
    /** Its number when the person looked: where somebody else changed it meanwhile, they are told and nothing is changed. */
    seen: z.number().int().positive().optional(),
  }),
  response: z.object({ id: z.string() }),
});

export const removeHouseTreatment = endpoint({
  method: 'post',
  path: '/api/house-treatments/:id/remove',
  may: 'curator',
  summary: 'Forgets a house treatment; steps that came of it stay',
  params: z.object({ id: z.string() }),
  response: Nothing,
});

export const tryHouseTreatment = endpoint({
  method: 'post',
  path: '/api/house-treatments/:id/trials',
  may: 'artist',
  summary: 'Tries a house treatment on a set of assets, in the background; nothing is changed',
  params: z.object({ id: z.string() }),
  body: z.object({ on: TriedOnSchema }),
  response: z.object({ id: z.string() }),
});

export const getHouseTrial = endpoint({
  method: 'get',
  path: '/api/house-trials/:id',
  may: 'artist',
  summary: 'What a house treatment would do to each asset of a trial run',
  params: z.object({ id: z.string() }),
  response: HouseTrialSchema,
});

export const takeHouseTrial = endpoint({
  method: 'post',
  path: '/api/house-trials/:id/take',
  may: 'artist',
  summary: 'Takes what a trial run found for some of its assets; those in the catalogue get a new version',
  params: z.object({ id: z.string() }),
  body: z.object({ rows: z.array(z.string()).min(1).max(2000) }),
  response: z.object({
    taken: z.number(),
    /** Those that were left, each with why. */
    left: z.array(z.object({ name: z.string(), why: z.string() })),
  }),
});

export const endHouseTrial = endpoint({
  method: 'post',
  path: '/api/house-trials/:id/end',
  may: 'artist',
  summary: 'Ends a trial run: what was not taken is forgotten',
  params: z.object({ id: z.string() }),
  response: Nothing,
});
