import { z } from 'zod';
import { FINDING_KIND_IDS } from './finding-kinds';
import { MOST_LEVELS, PartName, ReductionSchema } from './step';

/** What is looked for on the sheet of parts, and mended where it is found. */
export const MENDED = [
  'doubled',
  'faces',
  'cracks',
  'turned',
  'holes',
  'names',
  'scripts',
  'equal',
  'groups',
  'join',
  'one-thing',
  'split',
] as const;
export const MendedSchema = z.enum(MENDED);
export type Mended = z.infer<typeof MendedSchema>;

/** Which parts are meant, by name, material and size: what is left out does not count, and at least one does. */
export const PartConditionSchema = z
  .object({
    /** `*` for anything, `?` for one sign; without either, a part of the name. */
    name: z.string().trim().min(1).max(120).optional(),
    /** Likewise. */
    material: z.string().trim().min(1).max(120).optional(),
    /** Longest side below this, metres. */
    belowM: z.number().positive().max(1e6).optional(),
  })
  .refine(({ name, material, belowM }) => name !== undefined || material !== undefined || belowM !== undefined, {
    message: 'Say which parts: by name, by material, or by size.',
  });
export type PartCondition = z.infer<typeof PartConditionSchema>;

/** One thing a house treatment does, and where. */
export const HouseTreatmentRuleSchema = z.discriminatedUnion('do', [
  /** Takes the likeliest answer where Haveld asks about this. */
  z.object({ do: z.literal('answer'), finding: z.enum(FINDING_KIND_IDS) }),
  z.object({ do: z.literal('mend'), what: MendedSchema }),
  z.object({ do: z.literal('take-out'), where: PartConditionSchema }),
  z.object({ do: z.literal('join'), where: PartConditionSchema, name: PartName }),
  z.object({ do: z.literal('group'), where: PartConditionSchema, name: PartName }),
  z.object({
    do: z.literal('smooth'),
    /** Left out, every part. */
    where: PartConditionSchema.optional(),
    degrees: z.number().min(0).max(180),
    atMaterials: z.boolean(),
  }),
  z.object({
    do: z.literal('reduce'),
    /** Models of no more triangles stay. */
    above: z.number().int().nonnegative(),
    to: ReductionSchema,
  }),
  z.object({
    do: z.literal('levels'),
    /** Models of no more triangles get none. */
    above: z.number().int().nonnegative(),
    /** Of the finest, the finest of them first. */
    shares: z.array(z.number().positive().lt(1)).min(1).max(MOST_LEVELS),
  }),
]);
export type HouseTreatmentRule = z.infer<typeof HouseTreatmentRuleSchema>;

/** Steps chosen once and done to many models. */
export const HouseTreatmentSchema = z.object({
  name: z.string().trim().min(1).max(120),
  /** In the order they are done. */
  rules: z.array(HouseTreatmentRuleSchema).min(1).max(30),
});
export type HouseTreatment = z.infer<typeof HouseTreatmentSchema>;
