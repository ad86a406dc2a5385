import { z } from 'zod';
import { CategorySchema, ProposedCategorySchema } from '../category';
import { ProvenanceSchema } from '../licence';
import { ChoiceSchema, FindingSchema } from '../finding';
import { BoxSchema } from '../report';
import { StepSchema } from '../step';
import { TagsSchema } from '../tag';
import { FindQuestionSchema, FindSchema } from './arrivals';
import { endpoint } from './endpoint';

const Id = z.object({ id: z.string() });

/** A model as it will be: drawn from the front, with what is sure and what is in pencil applied. */
export const StandingSchema = z.object({
  sha256: z.string().nullable(),
  /** Metres, or the file's own lengths where no size is known. */
  box: BoxSchema,
});
export type Standing = z.infer<typeof StandingSchema>;

const CardChoiceSchema = ChoiceSchema.pick({ id: true, label: true, confidence: true }).extend({
  /** What it scales by; 1 where it leaves the size alone. */
  scale: z.number(),
});
export type CardChoice = z.infer<typeof CardChoiceSchema>;

/** What a card shows of a finding: its evidence, and what its other choices would do, stand on the bench. */
export const CardFindingSchema = FindingSchema.pick({
  kind: true,
  key: true,
  heading: true,
  mark: true,
  title: true,
}).extend({
  /** Of its first choice. */
  steps: z.array(StepSchema),
  choices: z.array(CardChoiceSchema),
});
export type CardFinding = z.infer<typeof CardFindingSchema>;

export const LineUpCardSchema = z.object({
  id: z.string(),
  accession: z.string(),
  name: z.string(),
  category: CategorySchema.nullable(),
  /** What its name, or else its tags, say it is. */
  proposedCategory: ProposedCategorySchema,
  tags: z.array(z.string()),
  /** Of its tags those that Haveld proposes and nobody has looked at. */
  proposedTags: z.array(z.string()),
  arrivalName: z.string(),
  provenance: ProvenanceSchema,
  /** Licences its texts name, each once. */
  namedLicences: z.array(z.string()),
  triangles: z.number(),
  /** Null until it was drawn. */
  standing: StandingSchema.nullable(),
  /** A change of it is being drawn, looked at or made. */
  busy: z.enum(['being made', 'being looked at again', 'being drawn']).nullable(),
  /** Its size is settled or guessed: lengths of `standing` are metres. */
  hasSize: z.boolean(),
  /** How each decided finding was decided. */
  decided: z.array(z.object({ kind: z.string(), by: z.enum(['measured', 'haveld', 'glance', 'house', 'person']) })),
  /** Of its treatment, those switched on. */
  steps: z.array(z.object({ findingKey: z.string().nullable(), step: StepSchema })),
  /** Open, with the first choice applied to what is shown. */
  guessed: z.array(CardFindingSchema),
  /** Open, and for a person to answer before it can be catalogued. */
  asked: z.array(CardFindingSchema),
  failure: z.string().nullable(),
});
export type LineUpCard = z.infer<typeof LineUpCardSchema>;

/** A find that is not in the line-up yet, and why. */
export const HeldBackSchema = z.object({
  id: z.string(),
  name: z.string(),
  arrivalId: z.string(),
  why: z.string(),
  state: FindSchema.shape.state,
  thumbnailSha256: z.string().nullable(),
  question: FindQuestionSchema.nullable(),
  /** Arrivals and assets it may be a double of, undecided. */
  duplicates: z.number(),
  /** The kit it is a piece of, or that its one file holds. */
  kitId: z.string().nullable(),
});
export type HeldBack = z.infer<typeof HeldBackSchema>;

export const LineUpSchema = z.object({
  cards: z.array(LineUpCardSchema),
  /** Finds of the arrivals that are lined up that are still being read. */
  reading: z.number(),
  heldBack: z.array(HeldBackSchema),
});
export type LineUp = z.infer<typeof LineUpSchema>;

export const getLineUp = endpoint({
  method: 'get',
  path: '/api/line-up',
  may: 'artist',
  summary: 'All models that wait, each as it will be',
  response: LineUpSchema,
});

export const lineUp = endpoint({
  method: 'post',
  path: '/api/line-up',
  may: 'artist',
  summary: 'Lines up what these arrivals hold, what is still read of them as soon as it is, and what lies on the bench',
  body: z.object({ arrivalIds: z.array(z.string()).max(500).default([]), bench: z.boolean().default(false) }),
  response: z.object({}),
});

/** What was confirmed, and what could not go in. */
export const ConfirmedSchema = z.object({
  catalogued: z.array(z.string()),
  left: z.array(z.object({ id: z.string(), name: z.string(), missing: z.array(z.string()) })),
});
export type Confirmed = z.infer<typeof ConfirmedSchema>;

export const confirmLineUp = endpoint({
  method: 'post',
  path: '/api/line-up/confirm',
  may: 'artist',
  summary: 'Confirms by a glance everything in pencil on these models and puts them into the catalogue',
  body: z.object({ ids: z.array(z.string()).min(1).max(1000) }),
  response: ConfirmedSchema,
});

export const nameAsset = endpoint({
  method: 'put',
  path: '/api/line-up/:id/name',
  may: 'artist',
  summary: 'Names an asset, and says what it is and by which words it is found',
  params: Id,
  body: z.object({
    name: z.string().trim().min(1).max(200).optional(),
    category: CategorySchema.optional(),
    tags: TagsSchema.optional(),
    /** As it was when the person looked: where somebody else changed the same meanwhile, they are told and nothing is changed. Left out, it is replaced. */
    seen: z
      .object({ name: z.string(), category: CategorySchema.nullable(), tags: z.array(z.string()) })
      .partial()
      .optional(),
  }),
  response: z.object({}),
});

/** What is said of several models at once. */
export const answerMany = endpoint({
  method: 'put',
  path: '/api/line-up/answers',
  may: 'artist',
  summary: 'Gives the findings of one kind on several models the same answer; null takes it back',
  body: z.object({
    ids: z.array(z.string()).min(1).max(1000),
    kind: z.enum(['size', 'up', 'front-axis', 'pivot', 'map']),
    /** The choice of that name on each; null: set aside with a reason. */
    choiceId: z.string().nullable(),
    reason: z.string().max(500).default(''),
  }),
  response: z.object({ answered: z.number() }),
});
