import { z } from 'zod';
import { AssetStateSchema } from '../asset-state';
import { CategorySchema } from '../category';
import { EvidenceSchema } from '../finding';
import { HandOverFormatSchema } from '../hand-over-shape';
import { ColourSchema, ModelTraitSchema } from '../model-inside';
import { DutySchema, FurtherWorkSchema, ProvenanceSchema, VerdictNameSchema, VerdictSchema } from '../licence';
import { CheckLineSchema, FiguresSchema, StepOutcomeSchema } from '../report';
import { StepSchema } from '../step';
import { endpoint } from './endpoint';

const WORDS = 200;
const VALUE = 300;

/** The question a library is asked; it stands in the URL. Empty, or 0, means "any". */
export const QuestionSchema = z.object({
  words: z.string().max(WORDS).default(''),
  category: z.union([CategorySchema, z.literal(''), z.literal('none')]).default(''),
  use: z.enum(['', 'commercial', 'non-commercial']).default(''),
  /** At most so many. */
  triangles: z.coerce.number().int().nonnegative().default(0),
  state: z.union([AssetStateSchema, z.literal('any')]).default('catalogued'),
  /** The longest side, in metres: at least, and at most. */
  from: z.coerce.number().nonnegative().default(0),
  to: z.coerce.number().nonnegative().default(0),
  colour: z.union([ColourSchema, z.literal('')]).default(''),
  material: z.string().max(VALUE).default(''),
  trait: z.union([ModelTraitSchema, z.literal('')]).default(''),
  tag: z.string().max(VALUE).default(''),
  author: z.string().max(VALUE).default(''),
  licence: z.string().max(VALUE).default(''),
  source: z.string().max(VALUE).default(''),
  /** Who brought it: the id of a person. */
  by: z.string().max(VALUE).default(''),
  since: z.enum(['', 'week', 'month', 'year']).default(''),
  /** The id of a project that holds it; `never` for what none does. */
  used: z.string().max(VALUE).default(''),
  /** Empty: the best first where words are asked for, else by height. */
  order: z.enum(['', 'best', 'height', 'newest', 'used', 'name', 'triangles']).default(''),
});
export type Question = z.infer<typeof QuestionSchema>;

/** Limits of triangles, and steps of size in metres, that a sentence offers. */
export const TRIANGLE_LIMITS = [5_000, 20_000, 100_000] as const;
export const SIZE_STEPS = [0.1, 0.5, 1, 2, 5, 20] as const;

/** Cards of a page: as many as a screen shows and some more. */
export const CARDS_A_PAGE = 60;
export const MOST_CARDS = 200;

export const CardSchema = z.object({
  id: z.string(),
  accession: z.string(),
  name: z.string(),
  category: CategorySchema.nullable(),
  state: AssetStateSchema,
  licenceId: z.string(),
  author: z.string(),
  triangles: z.number(),
  mapSide: z.number(),
  /** Metres; null where it has no real size or no version yet. */
  widthM: z.number().nullable(),
  heightM: z.number().nullable(),
  thumbnailSha256: z.string().nullable(),
  orthographicSha256: z.string().nullable(),
  uses: z.number(),
  verdict: VerdictNameSchema,
  takenDown: z.boolean(),
});
export type Card = z.infer<typeof CardSchema>;

/** Why an asset is among what words find: which word asked for, which word found, how they go together, and where it stands. */
export const HitReasonSchema = z.object({
  asked: z.string(),
  found: z.string(),
  likeness: z.enum(['same', 'begins-so', 'same-meaning', 'narrower', 'spelt-nearly', 'wider']),
  field: z.enum(['name', 'number', 'title', 'tag', 'author', 'file', 'material', 'part', 'source']),
});
export type HitReason = z.infer<typeof HitReasonSchema>;

/** What a question may be narrowed by. */
export const FACETS = [
  'category',
  'use',
  'triangles',
  'state',
  'size',
  'colour',
  'material',
  'trait',
  'tag',
  'author',
  'licence',
  'source',
  'by',
  'since',
  'used',
] as const;
export type Facet = (typeof FACETS)[number];

/** A value of a facet; `label` where the value is an id. */
export const FacetCountSchema = z.object({ value: z.string(), count: z.number(), label: z.string().optional() });
export type FacetCount = z.infer<typeof FacetCountSchema>;

export const CatalogueSchema = z.object({
  /** One page of what fits. */
  cards: z.array(CardSchema.extend({ reasons: z.array(HitReasonSchema) })),
  /** How many fit. */
  total: z.number(),
  /** Fit in all but the licence. */
  heldBack: z.number(),
  /** True where nothing has all the words, and these have the most of them. */
  isLoose: z.boolean(),
  /** What each value would leave, with all the other parts of the question; of the facets that were to be counted. */
  facets: z.partialRecord(z.enum(FACETS), z.array(FacetCountSchema)),
  /** Values that divide what fits best, the best first. */
  offers: z.array(FacetCountSchema.extend({ facet: z.enum(FACETS) })),
});
export type Catalogue = z.infer<typeof CatalogueSchema>;

export const searchCatalogue = endpoint({
  method: 'get',
  path: '/api/catalogue',
  may: 'guest',
  summary: 'Asks the library: a page of what fits, and how it divides',
  query: QuestionSchema.extend({
    offset: z.coerce.number().int().nonnegative().default(0),
    length: z.coerce.number().int().positive().max(MOST_CARDS).default(CARDS_A_PAGE),
    /** Which facets: those the sentence shows, with what divides best; all of them; or none, as a further page needs. */
    counted: z.enum(['sentence', 'all', 'none']).default('sentence'),
  }),
  response: CatalogueSchema,
});

/** Steps of size on a scale of logarithms: three to a power of ten, from a millimetre to a kilometre. Metres. */
export const SIZE_SCALE = Array.from({ length: 19 }, (_, i) => 10 ** (i / 3 - 3));

export const SizeStepSchema = z.object({
  /** Metres, at least and below; null at the ends of the scale. */
  from: z.number().nullable(),
  to: z.number().nullable(),
  count: z.number(),
  /** Some of them, the most used first. */
  cards: z.array(CardSchema),
});
export type SizeStep = z.infer<typeof SizeStepSchema>;

export const listSizes = endpoint({
  method: 'get',
  path: '/api/catalogue/sizes',
  may: 'guest',
  summary: 'How big the things are that fit a question, from a pin to a ship',
  query: QuestionSchema,
  response: z.object({ steps: z.array(SizeStepSchema), withoutSize: z.number() }),
});

export const VersionSchema = z.object({
  id: z.string(),
  number: z.number(),
  state: z.enum(['making', 'made', 'failed']),
  message: z.string().nullable(),
  createdAt: z.string(),
  personName: z.string(),
  modelSha256: z.string().nullable(),
  thumbnailSha256: z.string().nullable(),
  steps: z.array(StepSchema),
  code: z.array(z.string()),
  outcomes: z.array(StepOutcomeSchema),
  before: FiguresSchema.nullable(),
  after: FiguresSchema.nullable(),
  checks: z.array(CheckLineSchema),
});
export type Version = z.infer<typeof VersionSchema>;

export const AssetUseSchema = z.object({
  projectId: z.string(),
  projectName: z.string(),
  handOverId: z.string(),
  versionNumber: z.number(),
  format: HandOverFormatSchema,
  at: z.string(),
  personName: z.string(),
  receivedBytes: z.number(),
  handedBytes: z.number().nullable(),
  zipSha256: z.string().nullable(),
  state: z.enum(['packing', 'packed', 'failed']),
  /** What its licence says of this use today. */
  verdict: VerdictSchema,
});
export type AssetUse = z.infer<typeof AssetUseSchema>;

export const AssetPageSchema = z.object({
  card: CardSchema,
  tags: z.array(z.string()),
  arrivalName: z.string(),
  provenance: ProvenanceSchema,
  further: z.array(FurtherWorkSchema),
  takenDown: z.string().nullable(),
  evidence: z.array(EvidenceSchema),
  credit: z.string(),
  shortCredit: z.string(),
  duties: z.array(DutySchema),
  versions: z.array(VersionSchema),
  uses: z.array(AssetUseSchema),
  originals: z.array(z.object({ path: z.string(), sizeBytes: z.number(), sha256: z.string(), role: z.string() })),
});
export type AssetPage = z.infer<typeof AssetPageSchema>;

export const getAsset = endpoint({
  method: 'get',
  path: '/api/assets/:id',
  may: 'guest',
  summary: 'Everything about an asset',
  params: z.object({ id: z.string() }),
  response: AssetPageSchema,
});
