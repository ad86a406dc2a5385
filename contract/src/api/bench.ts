import { z } from 'zod';
import { AssetStateSchema } from '../asset-state';
import { CategorySchema, ProposedCategorySchema } from '../category';
import { AnswerSchema, FindingSchema, GivenAnswerSchema } from '../finding';
import { HeadingSchema } from '../heading';
import { FurtherWorkSchema, ProvenanceSchema, RightsFindingSchema, WorkPartSchema, WorkSchema } from '../licence';
import { BoxSchema, FiguresSchema, LogEntrySchema, MapLineSchema, SourceFactsSchema, UnusedMapSchema } from '../report';
import { StepSchema } from '../step';
import { HouseStandingSchema } from '../terms';
import { TagsSchema } from '../tag';
import { endpoint } from './endpoint';
import { ProvenanceChangeSchema } from './rights';

const Id = z.object({ id: z.string() });

export const SheetFindingSchema = FindingSchema.extend({
  answer: AnswerSchema.nullable(),
  /** Nothing is left to do about it. */
  settled: z.boolean(),
});
export type SheetFinding = z.infer<typeof SheetFindingSchema>;

export const TreatmentStepSchema = z.object({
  id: z.string(),
  step: StepSchema,
  title: z.string(),
  enabled: z.boolean(),
  findingKey: z.string().nullable(),
  personName: z.string(),
});
export type TreatmentStep = z.infer<typeof TreatmentStepSchema>;

/** A step as it will run: taken, or in pencil until somebody confirms its finding. */
export const PlannedStepSchema = TreatmentStepSchema.extend({ isGuess: z.boolean() });
export type PlannedStep = z.infer<typeof PlannedStepSchema>;

/** The condition sheet of one asset. */
export const SheetSchema = z.object({
  id: z.string(),
  accession: z.string(),
  name: z.string(),
  category: CategorySchema.nullable(),
  /** What its name, or else its tags, say it is. */
  proposedCategory: ProposedCategorySchema,
  tags: z.array(z.string()),
  /** Of its tags those that Haveld proposes and nobody has looked at. */
  proposedTags: z.array(z.string()),
  state: AssetStateSchema,
  arrivalName: z.string(),
  documentSha256: z.string(),
  source: SourceFactsSchema,
  figures: FiguresSchema,
  maps: z.array(MapLineSchema),
  /** Pictures that came and no material uses. */
  unused: z.array(UnusedMapSchema),
  log: z.array(LogEntrySchema),
  findings: z.array(SheetFindingSchema),
  steps: z.array(TreatmentStepSchema),
  /** Those steps with the ones in pencil among them, in the order they run: what the model will be. */
  planned: z.array(PlannedStepSchema),
  /** Keys of findings whose first choice is in pencil. */
  guessed: z.array(z.string()),
  provenance: ProvenanceSchema,
  further: z.array(FurtherWorkSchema),
  rights: RightsFindingSchema,
  changes: z.array(ProvenanceChangeSchema),
  /** The kit it is a piece of. */
  kit: z.object({ id: z.string(), name: z.string() }).nullable(),
  /** The asset whose place it takes; its hand-overs carry that one's file name. */
  standsFor: z.object({ id: z.string(), accession: z.string(), name: z.string() }).nullable(),
  /** House treatments it has, as they were when it took them; one whose newest number is higher has changed since. */
  houseTreatments: z.array(z.object({ id: z.string(), name: z.string(), number: z.number(), newest: z.number() })),
  /** Sure proposals nobody has answered. */
  sureCount: z.number(),
  /** What still stands between it and the catalogue, a sentence each. */
  missing: z.array(z.string()),
  /** A condition is being looked at again, or a version is being made. */
  busy: z.string().nullable(),
  failure: z.string().nullable(),
});
export type Sheet = z.infer<typeof SheetSchema>;

export const BenchRowSchema = z.object({
  id: z.string(),
  accession: z.string(),
  name: z.string(),
  state: AssetStateSchema,
  arrivalName: z.string(),
  /** Pieces of one kit stand in one row. */
  kit: z.object({ id: z.string(), name: z.string() }).nullable(),
  thumbnailSha256: z.string().nullable(),
  open: z.number(),
  blocks: z.number(),
  sure: z.number(),
  next: z.string(),
});
export type BenchRow = z.infer<typeof BenchRowSchema>;

export const listBench = endpoint({
  method: 'get',
  path: '/api/bench',
  may: 'artist',
  summary: 'What lies on the bench',
  response: z.array(BenchRowSchema),
});

export const getSheet = endpoint({
  method: 'get',
  path: '/api/bench/:id',
  may: 'artist',
  summary: 'The condition sheet of an asset',
  params: Id,
  response: SheetSchema,
});

export const answerFinding = endpoint({
  method: 'put',
  path: '/api/bench/:id/answers',
  may: 'artist',
  summary: 'Answers a finding; null takes the answer back',
  params: Id,
  body: z.object({
    key: z.string().min(1),
    answer: GivenAnswerSchema.nullable(),
    /** The answer that stood there when the person looked; where somebody else's stands there now, they are told and nothing is changed. Left out, it is replaced. */
    seen: AnswerSchema.nullable().optional(),
  }),
  response: SheetSchema,
});

export const takeSure = endpoint({
  method: 'post',
  path: '/api/bench/:id/take-sure',
  may: 'artist',
  summary: 'Takes every sure proposal nobody has answered',
  params: Id,
  /** Only those under one heading; left out, all. */
  body: z.object({ heading: HeadingSchema.optional() }),
  response: SheetSchema,
});

export const confirmGuesses = endpoint({
  method: 'post',
  path: '/api/bench/:id/confirm',
  may: 'artist',
  summary: 'Confirms by a glance what is in pencil, as it was seen',
  params: Id,
  body: z.object({
    /** Each guess that was seen; where another stands there now, nothing is confirmed. */
    guesses: z
      .array(z.object({ key: z.string().min(1), choiceId: z.string() }))
      .min(1)
      .max(100),
  }),
  response: SheetSchema,
});

export const switchStep = endpoint({
  method: 'put',
  path: '/api/bench/:id/steps',
  may: 'artist',
  summary: 'Switches a step of the treatment on or off',
  params: Id,
  body: z.object({ stepId: z.string(), enabled: z.boolean() }),
  response: SheetSchema,
});

export const setOwnSteps = endpoint({
  method: 'put',
  path: '/api/bench/:id/own-steps',
  may: 'artist',
  summary: 'Puts steps of a person’s own under a key, in place of those that stood there; none takes them back',
  params: Id,
  body: z.object({
    key: z.string().regex(/^own:.{1,150}$/),
    steps: z.array(StepSchema).max(200),
    /** Those that stood under the key when the person looked; where somebody else's stand there now, they are told and nothing is changed. Left out, they are replaced. */
    seen: z.array(StepSchema).optional(),
  }),
  response: SheetSchema,
});

/** A catalogued asset of known size, to stand a model beside. */
export const StandInAssetSchema = z.object({
  id: z.string(),
  accession: z.string(),
  name: z.string(),
  modelSha256: z.string(),
  /** Metres, its pivot at the origin. */
  box: BoxSchema,
  /** A thing of the same kind by its name. */
  isSimilar: z.boolean(),
});
export type StandInAsset = z.infer<typeof StandInAssetSchema>;

export const listStandIns = endpoint({
  method: 'get',
  path: '/api/bench/:id/stand-ins',
  may: 'artist',
  summary: 'Catalogued assets of known size, things of its kind first',
  params: Id,
  query: z.object({ words: z.string().max(200).default('') }),
  response: z.array(StandInAssetSchema),
});

/** A catalogued asset that parts and materials may be borrowed from. */
export const LenderAssetSchema = z.object({
  id: z.string(),
  accession: z.string(),
  name: z.string(),
  versionNumber: z.number(),
  modelSha256: z.string(),
  thumbnailSha256: z.string().nullable(),
  triangles: z.number(),
  author: z.string(),
  licenceId: z.string(),
  /** How the house takes its licence. */
  standing: HouseStandingSchema,
  /** Other works in it, which come along. */
  others: z.array(
    WorkSchema.pick({ title: true, author: true, licenceId: true }).extend({
      part: WorkPartSchema,
      standing: HouseStandingSchema,
    }),
  ),
});
export type LenderAsset = z.infer<typeof LenderAssetSchema>;

export const listLenders = endpoint({
  method: 'get',
  path: '/api/bench/:id/lenders',
  may: 'artist',
  summary: 'Catalogued assets that parts and materials may be borrowed from',
  params: Id,
  query: z.object({ words: z.string().max(200).default('') }),
  response: z.array(LenderAssetSchema),
});

export const takePlace = endpoint({
  method: 'put',
  path: '/api/bench/:id/place',
  may: 'artist',
  summary:
    'Takes the place of a catalogued asset: its size, front, pivot and, at hand-over, its file name; null gives it back',
  params: Id,
  body: z.object({
    assetId: z.string().nullable(),
    /** By the kind of finding they answer; kinds without steps keep their answers. */
    answers: z.partialRecord(z.enum(['size', 'front-axis', 'pivot']), z.array(StepSchema).max(5)),
  }),
  response: SheetSchema,
});

/** What of the treatment of an earlier version would be done to this one. */
export const EarlierSchema = z.object({
  asset: z.object({ id: z.string(), accession: z.string(), name: z.string(), state: AssetStateSchema }),
  /** Each with the key it would stand under. */
  lines: z.array(z.object({ key: z.string(), title: z.string(), label: z.string(), steps: z.array(StepSchema) })),
  /** Everything this one would be treated with then, in the order it runs. */
  steps: z.array(StepSchema),
});
export type Earlier = z.infer<typeof EarlierSchema>;

export const getEarlier = endpoint({
  method: 'get',
  path: '/api/bench/:id/earlier',
  may: 'artist',
  summary: 'The earlier version of an asset, and what of its treatment would fit this one; null where there is none',
  params: Id,
  response: EarlierSchema.nullable(),
});

export const takeEarlier = endpoint({
  method: 'post',
  path: '/api/bench/:id/earlier',
  may: 'artist',
  summary: 'Treats an asset as its earlier version was treated, as far as it fits; each step can be switched off',
  params: Id,
  body: z.object({
    /** The earlier one that was looked at. */
    assetId: z.string(),
    /** Lines that are wanted, by their keys. */
    keys: z.array(z.string()).min(1).max(500),
  }),
  response: SheetSchema,
});

export const lookAgain = endpoint({
  method: 'post',
  path: '/api/bench/:id/look-again',
  may: 'artist',
  summary: 'Works the condition of an asset out anew; answers and steps stay',
  params: Id,
  response: SheetSchema,
});

export const changeProvenance = endpoint({
  method: 'put',
  path: '/api/bench/:id/provenance',
  may: 'artist',
  summary: 'Corrects whose it is; who changed what is kept',
  params: Id,
  body: z.object({
    change: ProvenanceSchema.partial(),
    /** As it was when the person looked: where somebody else changed the same meanwhile, they are told and nothing is changed. Left out, it is replaced. */
    seen: ProvenanceSchema.partial().optional(),
    why: z.string().max(1000).default(''),
  }),
  response: SheetSchema,
});

export const catalogueAsset = endpoint({
  method: 'post',
  path: '/api/bench/:id/catalogue',
  may: 'artist',
  summary: 'Makes a version and puts the asset into the catalogue',
  params: Id,
  body: z.object({
    name: z.string().min(1).max(200),
    category: CategorySchema,
    /** Left out, those it has stay. */
    tags: TagsSchema.optional(),
  }),
  response: SheetSchema,
});
