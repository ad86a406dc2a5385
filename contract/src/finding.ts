import { z } from 'zod';
import { EvidenceSchema, type Evidence } from './evidence';
import { FINDING_KIND_IDS } from './finding-kinds';
import { HeadingSchema } from './heading';
import { HashSchema, StepSchema, TextureSlotSchema } from './step';

export { EvidenceSchema, type Evidence };

/** `holds`: nothing to do. `look`: a person should look. `blocks`: cannot be catalogued like this. */
export const FindingMarkSchema = z.enum(['holds', 'look', 'blocks']);
export type FindingMark = z.infer<typeof FindingMarkSchema>;

/** One answer a person may give to a finding. */
export const ChoiceSchema = z.object({
  id: z.string(),
  label: z.string(),
  /** What taking it adds to the treatment; may be empty where the answer is "leave it as it is". */
  steps: z.array(StepSchema),
  /** 0 to 1 among the choices of one finding. */
  confidence: z.number().min(0).max(1),
  evidence: z.array(EvidenceSchema),
});
export type Choice = z.infer<typeof ChoiceSchema>;

/** What can be wrong with how a material lies on its pictures. */
export const LAYOUT_TROUBLES = ['none', 'flat', 'overlapping', 'uneven', 'outside', 'flipped'] as const;
export type LayoutTrouble = (typeof LAYOUT_TROUBLES)[number];

/** What of a model a finding is about, where code has to know it; people read its title. */
export const FindingAboutSchema = z.object({
  material: z.string().optional(),
  /** An empty name stands for faces without a material. */
  materials: z.array(z.string()).optional(),
  slot: TextureSlotSchema.optional(),
  /** What is wrong with the layouts of these materials. */
  layout: z.enum(LAYOUT_TROUBLES).optional(),
  /** A map as the file names it. */
  reference: z.string().optional(),
  /** A picture. */
  sha256: HashSchema.optional(),
});

export const FindingSchema = z.object({
  kind: z.enum(FINDING_KIND_IDS),
  /** Stable over readings of the same original: `size`, `map:oak:baseColor`. */
  key: z.string(),
  about: FindingAboutSchema,
  heading: HeadingSchema,
  mark: FindingMarkSchema,
  title: z.string(),
  detail: z.string(),
  evidence: z.array(EvidenceSchema),
  /** The answers on offer, most likely first; empty where there is nothing to decide. */
  choices: z.array(ChoiceSchema),
  /** True where the first choice rests on two independent evidences and the house's threshold. */
  sure: z.boolean(),
  /** Keys of findings that have to be answered before this one is judged. */
  after: z.array(z.string()).default([]),
});
export type Finding = z.infer<typeof FindingSchema>;

/** How a person answered a finding. */
export const AnswerSchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('taken'),
    choiceId: z.string(),
    /** Taken by Haveld because it was sure, confirmed by a glance at the outcome, or taken by a rule of a house treatment; left out where a person chose it. Never changed. */
    by: z.enum(['haveld', 'glance', 'house']).optional(),
  }),
  z.object({
    kind: z.literal('own'),
    steps: z.array(StepSchema),
    summary: z.string(),
    /** The asset whose place it came with. */
    standsFor: z.string().optional(),
  }),
  z.object({ kind: z.literal('set-aside'), reason: z.string().min(1) }),
]);
export type Answer = z.infer<typeof AnswerSchema>;

/** How somebody may answer a finding: what Haveld takes by itself nobody else can claim. */
export const GivenAnswerSchema = z.discriminatedUnion('kind', [
  AnswerSchema.options[0].extend({ by: z.literal('glance').optional() }),
  AnswerSchema.options[1],
  AnswerSchema.options[2],
]);
export type GivenAnswer = z.infer<typeof GivenAnswerSchema>;
