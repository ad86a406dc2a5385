import { z } from 'zod';
import { AssetStateSchema } from '../asset-state';
import { CategorySchema } from '../category';
import { EvidenceSchema } from '../finding';
import { HandOverFormatSchema } from '../hand-over-shape';
import { DutySchema, FurtherWorkSchema, ProvenanceSchema, VerdictNameSchema, VerdictSchema } from '../licence';
import { CheckLineSchema, FiguresSchema, StepOutcomeSchema } from '../report';
import { StepSchema } from '../step';
import { endpoint } from './endpoint';

/** The question a catalogue is asked; it stands in the URL. Empty means "any". */
export const QuestionSchema = z.object({
  words: z.string().max(200).default(''),
  category: z.union([CategorySchema, z.literal('')]).default(''),
  use: z.enum(['', 'commercial', 'non-commercial']).default(''),
  triangles: z.coerce.number().int().nonnegative().default(0),
  state: z.union([AssetStateSchema, z.literal('')]).default('catalogued'),
  order: z.enum(['height', 'newest', 'used']).default('height'),
});
export type Question = z.infer<typeof QuestionSchema>;

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

export const CatalogueSchema = z.object({
  cards: z.array(CardSchema),
  /** Fit in all but the licence. */
  heldBack: z.number(),
  facets: z.object({
    category: z.array(z.object({ value: z.string(), count: z.number() })),
    triangles: z.array(z.object({ value: z.number(), count: z.number() })),
    use: z.array(z.object({ value: z.string(), count: z.number() })),
    state: z.array(z.object({ value: z.string(), count: z.number() })),
  }),
});
export type Catalogue = z.infer<typeof CatalogueSchema>;

export const searchCatalogue = endpoint({
  method: 'get',
  path: '/api/catalogue',
  may: 'guest',
  summary: 'Asks the catalogue',
  query: QuestionSchema,
  response: CatalogueSchema,
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
