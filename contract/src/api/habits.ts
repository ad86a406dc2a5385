import { z } from 'zod';
import { AxisSchema, TEXTURE_SLOTS } from '../step';
import { endpoint, Nothing } from './endpoint';

/** What a word in a source's names may say. Map roles are written `map:normal`. */
export const WORD_MEANINGS = [
  'finest detail',
  'coarser detail',
  'variant',
  'edition',
  'collision shape',
  'preview',
  'hidden part',
  'not part of the name',
  ...TEXTURE_SLOTS.map((slot) => `map:${slot}` as const),
] as const;
export const WordMeaningSchema = z.enum(WORD_MEANINGS as unknown as [string, ...string[]]);

/** Sides a standing model may face. */
export const SIDES_FACED = ['+z', '+x', '-z', '-x'] as const;

export const HABIT_SCOPES = ['archive', 'site', 'source'] as const;

/** How a source names its maps, units and levels of detail (product.md). */
export const NamingHabitSchema = z.object({
  /** By the name of the archive (`*` for anything), by a site's address in its texts, by an author's or studio's name in them. */
  appliesBy: z.enum(HABIT_SCOPES),
  pattern: z.string().min(1).max(250),
  words: z.array(z.object({ word: z.string().min(1).max(60), means: WordMeaningSchema })).max(200),
  /** The unit its files really use, whatever they declare. */
  unit: z.enum(['mm', 'cm', 'dm', 'm', 'in', 'ft']).nullable(),
  up: AxisSchema.nullable(),
  /** The side its models face once they stand; +Z is forwards (glTF 2.0, section 3.4). */
  front: z.enum(SIDES_FACED).nullable(),
  twoSidedFoliage: z.boolean().nullable(),
  /** The house treatment its models get when they come onto the bench. */
  houseTreatmentId: z.string().nullable().default(null),
});
export type NamingHabit = z.infer<typeof NamingHabitSchema>;

export const StoredHabitSchema = NamingHabitSchema.extend({
  id: z.string(),
  personName: z.string(),
  changedAt: z.string(),
  /** Arrivals it fits so far. */
  arrivals: z.number(),
});
export type StoredHabit = z.infer<typeof StoredHabitSchema>;

/** Something people decided often enough to be a habit. */
export const HabitProposalSchema = z.object({
  appliesBy: z.enum(HABIT_SCOPES),
  pattern: z.string(),
  word: z.string(),
  means: WordMeaningSchema,
  /** What was decided, in words. */
  evidence: z.array(z.string()),
});
export type HabitProposal = z.infer<typeof HabitProposalSchema>;

export const HabitsSchema = z.object({ habits: z.array(StoredHabitSchema), proposals: z.array(HabitProposalSchema) });
export type Habits = z.infer<typeof HabitsSchema>;

export const listHabits = endpoint({
  method: 'get',
  path: '/api/habits',
  may: 'artist',
  summary: 'Naming habits, and what people’s decisions propose',
  response: HabitsSchema,
});

export const saveHabit = endpoint({
  method: 'put',
  path: '/api/habits/:id',
  may: 'curator',
  summary: 'Saves a naming habit; `new` makes one',
  params: z.object({ id: z.string() }),
  body: NamingHabitSchema.extend({
    /** As it was when the person looked: where somebody else changed the same meanwhile, they are told and nothing is changed. Left out, it is replaced. */
    seen: NamingHabitSchema.optional(),
  }),
  response: z.object({ id: z.string() }),
});

export const removeHabit = endpoint({
  method: 'post',
  path: '/api/habits/:id/remove',
  may: 'curator',
  summary: 'Forgets a naming habit; what was sorted by it stays as it is',
  params: z.object({ id: z.string() }),
  response: Nothing,
});

/** How a list of files is sorted without a habit and with it. */
export const TrialSchema = z.object({
  before: z.array(z.object({ name: z.string(), files: z.array(z.object({ path: z.string(), role: z.string() })) })),
  after: z.array(z.object({ name: z.string(), files: z.array(z.object({ path: z.string(), role: z.string() })) })),
  /** Files that are sorted otherwise. */
  changed: z.array(z.string()),
});
export type Trial = z.infer<typeof TrialSchema>;

export const tryHabit = endpoint({
  method: 'post',
  path: '/api/habits/try',
  may: 'artist',
  maxBodyBytes: 8 * 1024 * 1024,
  summary: 'Tries a habit out on a list of file names; nothing is saved',
  body: z.object({ habit: NamingHabitSchema, paths: z.array(z.string().min(1).max(1024)).min(1).max(5000) }),
  response: TrialSchema,
});
