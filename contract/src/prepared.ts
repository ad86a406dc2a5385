import { DUPLICATE_RELATIONS } from './api/duplicates';
import { z } from 'zod';
import { EvidenceSchema, FindingSchema } from './finding';
import { HEADINGS, HeadingSchema } from './heading';
import { RightsFindingSchema } from './licence';
import { BoxSchema, FiguresSchema, LogEntrySchema, MapStatusSchema, StepOutcomeSchema } from './report';
import { AxisSchema, HashSchema, PivotSchema, StepSchema, TextureSlotSchema } from './step';
import { TextureRoleSchema } from './texture-role';

/** What `haveld prepare` may do unasked: sure proposals under these headings, and what its pictures show. */
export const PresetSchema = z.strictObject({
  /** Headings whose sure proposals are taken. */
  take: z.array(HeadingSchema),
  /** Whether a thumbnail is drawn beside each model. */
  thumbnail: z.boolean().default(true),
});
export type Preset = z.infer<typeof PresetSchema>;

/** Presets that go by a name. */
export const PRESETS = {
  /** Every sure proposal, as the bench takes them. */
  house: { take: [...HEADINGS], thumbnail: true },
  /** Read and written as GLB, nothing changed. */
  'as-received': { take: [], thumbnail: true },
  /** Size, stance and pivot only; names and parts stay. */
  placement: { take: ['size-and-orientation'], thumbnail: true },
} as const satisfies Record<string, Preset>;
export type PresetName = keyof typeof PRESETS;

/**
 * `sure`: it is known, and taken. `pencil`: guessed, likely enough for the house to show it so; applied where guesses are confirmed.
 * `asked`: a person has to say. `none`: there is nothing to judge.
 */
export const JUDGEMENT_STATUSES = ['sure', 'pencil', 'asked', 'none'] as const;
const status = z.enum(JUDGEMENT_STATUSES);
const confidence = z.number().min(0).max(1);
const evidence = z.array(EvidenceSchema);

/** What is done with guesses in pencil: left as questions, or confirmed unseen. */
export const ConfirmSchema = z.enum(['nothing', 'pencil']);
export type Confirm = z.infer<typeof ConfirmSchema>;

export const PreparedMapSchema = z.object({
  material: z.string(),
  slot: TextureSlotSchema,
  /** As the file writes it. */
  reference: z.string(),
  /** Path of the picture among the files, `embedded` ones too where they have one; null where there is none. */
  file: z.string().nullable(),
  status: MapStatusSchema,
  /** What the picture is, by its name, its slot and how it looks; the slot's where it did not come, with a confidence of 0. */
  role: TextureRoleSchema,
  colourSpace: z.enum(['srgb', 'linear']),
  confidence,
});

/** One model of a report. Boxes stand in the declared unit as read, and in metres where proposed. */
export const PreparedModelSchema = z.object({
  name: z.string(),
  /** `pencil`: nothing is open, because guesses were confirmed unseen. */
  status: z.enum(['sure', 'pencil', 'open', 'failed']),
  /** Why it failed, in a sentence; else null. */
  message: z.string().nullable(),
  files: z.array(z.object({ path: z.string(), role: z.string(), sha256: HashSchema, sizeBytes: z.number() })),
  format: z.string(),
  /** What the file says of itself. */
  declared: z.object({
    version: z.string().nullable(),
    exporter: z.string().nullable(),
    unit: z.string().nullable(),
    metres: z.number().nullable(),
    up: AxisSchema.nullable(),
  }),
  licence: z.object({ id: z.string().nullable(), confidence, evidence, status }),
  author: z.string().nullable(),
  authorStatus: status,
  source: z.string().nullable(),
  /** Every statement found, with its passage. */
  rights: RightsFindingSchema,
  maps: z.array(PreparedMapSchema),
  size: z.object({
    declared: z.object({ unit: z.string().nullable(), box: BoxSchema.nullable() }),
    proposed: z
      .object({
        /** Metres for one unit of the file. */
        factor: z.number(),
        unit: z.string(),
        box: BoxSchema,
        confidence,
        evidence,
      })
      .nullable(),
    status,
  }),
  up: z.object({ axis: z.string().nullable(), confidence, evidence, status }),
  /** What is to be decided of the files it came with: which of several is the model, which maps are its. Null where nothing is. */
  question: z.string().nullable().default(null),
  front: z.object({ axis: z.string().nullable(), confidence, evidence, status }),
  /** Height of its lowest point over the ground as received, in metres by the proposed size. */
  ground: z.object({ heightM: z.number().nullable(), evidence, status }),
  pivot: z.object({ at: PivotSchema.nullable(), confidence, evidence, status }),
  counts: z.object({ before: FiguresSchema, after: FiguresSchema }).nullable(),
  log: z.array(LogEntrySchema),
  findings: z.array(FindingSchema),
  /** `by`: because it was sure, or a guess in pencil that was confirmed. */
  steps: z.array(z.object({ step: StepSchema, outcome: StepOutcomeSchema, by: z.enum(['sure', 'pencil']) })),
  open: z.array(
    z.object({
      key: z.string(),
      heading: HeadingSchema,
      title: z.string(),
      detail: z.string(),
      /** Stands between it and the catalogue. */
      blocks: z.boolean(),
      choices: z.array(z.object({ id: z.string(), label: z.string(), confidence })),
    }),
  ),
  /** Files written, by their path in the output folder; empty where nothing was written. */
  outputs: z.array(
    z.object({ role: z.enum(['model', 'thumbnail']), path: z.string(), sha256: HashSchema, sizeBytes: z.number() }),
  ),
});
export type PreparedModel = z.infer<typeof PreparedModelSchema>;

/** `report.json` of `haveld prepare`. Fields are added, never renamed or taken away, while `report` counts 1. */
export const PreparedReportSchema = z.object({
  report: z.literal(1),
  /** What was given. */
  input: z.string(),
  preset: PresetSchema,
  confirm: ConfirmSchema,
  models: z.array(PreparedModelSchema),
  /** Files that belong to no model, and why. */
  excluded: z.array(z.object({ path: z.string(), reason: z.string() })),
  /** What could not be taken out of an archive, a sentence each. */
  refused: z.array(z.string()),
  /** Models of one shape, in whatever unit and stance; which of them is kept is for a person. */
  duplicates: z
    .array(
      z.object({
        models: z.tuple([z.string(), z.string()]),
        relation: z.enum(DUPLICATE_RELATIONS),
        summary: z.string(),
      }),
    )
    .default([]),
  /** Archives that hold something no password opened. */
  locked: z.array(z.string()).default([]),
});
export type PreparedReport = z.infer<typeof PreparedReportSchema>;
