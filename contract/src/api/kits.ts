import { z } from 'zod';
import { AssetStateSchema } from '../asset-state';
import { CategorySchema } from '../category';
import { FindingMarkSchema } from '../finding';
import { HeadingSchema } from '../heading';
import { ProvenanceSchema } from '../licence';
import { endpoint, Nothing } from './endpoint';

const Id = z.object({ id: z.string() });

export const PIECE_STATES = ['seen', 'taking', 'failed', 'set-aside', 'on-bench', 'catalogued'] as const;

/** One piece of a kit as the contact sheet shows it. Lengths in the file's own unit. */
export const PieceSchema = z.object({
  ordinal: z.number().int(),
  name: z.string(),
  triangles: z.number(),
  width: z.number(),
  height: z.number(),
  depth: z.number(),
  pictureSha256: z.string().nullable(),
  /** What the picture shows, in the file's unit. */
  pictureWidth: z.number().nullable(),
  pictureHeight: z.number().nullable(),
  state: z.enum(PIECE_STATES),
  message: z.string().nullable(),
  assetId: z.string().nullable(),
  accession: z.string().nullable(),
});
export type Piece = z.infer<typeof PieceSchema>;

export const KitSchema = z.object({
  id: z.string(),
  name: z.string(),
  reason: z.string(),
  arrivalId: z.string(),
  arrivalName: z.string(),
  /** The find whose one file holds all pieces; null where each is a file of its own. */
  sourceFindId: z.string().nullable(),
  /** Metres a unit as the file declares; null where it does not. */
  metres: z.number().nullable(),
  pieces: z.array(PieceSchema),
  /** What goes on with it: pictures are drawn, pieces taken. */
  progress: z.object({ jobId: z.number(), label: z.string(), done: z.number(), total: z.number() }).nullable(),
  /** Pieces without a picture, where drawing was stopped. */
  undrawn: z.number(),
});
export type Kit = z.infer<typeof KitSchema>;

export const getKit = endpoint({
  method: 'get',
  path: '/api/kits/:id',
  may: 'artist',
  summary: 'A kit with its pieces',
  params: Id,
  response: KitSchema,
});

export const drawKit = endpoint({
  method: 'post',
  path: '/api/kits/:id/draw',
  may: 'artist',
  summary: 'Draws the pieces that have no picture yet',
  params: Id,
  response: Nothing,
});

export const takePieces = endpoint({
  method: 'post',
  path: '/api/kits/:id/take',
  may: 'artist',
  summary: 'Takes pieces to the bench; each gets a number of its own and inherits the kit’s provenance',
  params: Id,
  body: z.object({ ordinals: z.array(z.number().int().nonnegative()).min(1).max(5000) }),
  response: Nothing,
});

/** Pieces of a kit that a finding says the same of. */
export const KitGroupSchema = z.object({
  /** The proposal they share; null where there is none. */
  choiceId: z.string().nullable(),
  label: z.string(),
  mark: FindingMarkSchema,
  sure: z.boolean(),
  settled: z.boolean(),
  /** Somebody answered it; settled alone may mean that it holds. */
  answered: z.boolean(),
  assetIds: z.array(z.string()),
});
export type KitGroup = z.infer<typeof KitGroupSchema>;

/** One finding over all pieces: the largest group first, those that differ behind it. */
export const KitFindingSchema = z.object({
  key: z.string(),
  heading: HeadingSchema,
  title: z.string(),
  groups: z.array(KitGroupSchema),
});
export type KitFinding = z.infer<typeof KitFindingSchema>;

/** Measures of one piece, metres, by what is taken and what is proposed where nothing is. */
export const PieceMeasuresSchema = z.object({
  assetId: z.string(),
  width: z.number(),
  height: z.number(),
  depth: z.number(),
  /** Its size is taken, or holds. */
  isSettled: z.boolean(),
  /** Where it turns about, in words. */
  pivot: z.string(),
  /** Sides that miss the kit's module, and by how much, signed. */
  offModule: z.array(z.object({ side: z.enum(['width', 'height', 'depth']), off: z.number() })),
  /** How many times the middle piece of the kit it is, where that stands out. */
  times: z.number().nullable(),
});
export type PieceMeasures = z.infer<typeof PieceMeasuresSchema>;

export const KitMeasuresSchema = z.object({
  /** The unit all of them together speak for. */
  unit: z
    .object({
      id: z.string(),
      label: z.string(),
      confidence: z.number(),
      agree: z.number().int(),
      /** Pieces that by themselves would say another. */
      others: z.array(z.string()),
    })
    .nullable(),
  module: z.object({ metres: z.number(), summary: z.string() }).nullable(),
  pieces: z.array(PieceMeasuresSchema),
});
export type KitMeasures = z.infer<typeof KitMeasuresSchema>;

export const KitBenchSchema = z.object({
  id: z.string(),
  name: z.string(),
  arrivalName: z.string(),
  provenance: ProvenanceSchema,
  /** Pieces whose provenance is their own by now. */
  ownProvenance: z.number(),
  assets: z.array(
    z.object({
      id: z.string(),
      accession: z.string(),
      name: z.string(),
      state: AssetStateSchema,
      thumbnailSha256: z.string().nullable(),
      open: z.number(),
      sure: z.number(),
      missing: z.number(),
      busy: z.boolean(),
    }),
  ),
  findings: z.array(KitFindingSchema),
  measures: KitMeasuresSchema,
});
export type KitBench = z.infer<typeof KitBenchSchema>;

const AssetIds = z.array(z.string()).min(1).max(5000);

export const getKitBench = endpoint({
  method: 'get',
  path: '/api/bench/kits/:id',
  may: 'artist',
  summary: 'A kit on the bench: its findings over all pieces',
  params: Id,
  response: KitBenchSchema,
});

export const answerForPieces = endpoint({
  method: 'post',
  path: '/api/bench/kits/:id/answers',
  may: 'artist',
  summary: 'Answers a finding for one, some or all pieces; null takes the answers back',
  params: Id,
  body: z.object({ key: z.string().min(1), choiceId: z.string().nullable(), assetIds: AssetIds }),
  response: z.object({ answered: z.number() }),
});

export const takeSureForPieces = endpoint({
  method: 'post',
  path: '/api/bench/kits/:id/take-sure',
  may: 'artist',
  summary: 'Takes every sure proposal of the pieces',
  params: Id,
  body: z.object({ assetIds: AssetIds }),
  response: Nothing,
});

export const cataloguePieces = endpoint({
  method: 'post',
  path: '/api/bench/kits/:id/catalogue',
  may: 'artist',
  summary: 'Catalogues pieces; those that cannot be yet are told',
  params: Id,
  /** No category: each by what its name says it is. */
  body: z.object({ category: CategorySchema.nullable(), assetIds: AssetIds }),
  response: z.object({ begun: z.number(), held: z.array(z.object({ name: z.string(), why: z.string() })) }),
});

export const changeKitProvenance = endpoint({
  method: 'put',
  path: '/api/bench/kits/:id/provenance',
  may: 'artist',
  summary: 'Corrects whose the kit is; pieces without a line of their own follow',
  params: Id,
  body: ProvenanceSchema.partial(),
  response: Nothing,
});
