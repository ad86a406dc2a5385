import { z } from 'zod';
import { EvidenceSchema } from './evidence';
import { TextureSlotSchema } from './step';
import { GreenSchema, PackingSchema, TextureRoleSchema } from './texture-role';

/** What reading or a step did that a person may want to know: what, where, how much, and what it means. */
export const LogEntrySchema = z.object({
  level: z.enum(['note', 'look']),
  text: z.string(),
  /** What follows for this model; lines without it are folded away. */
  consequence: z.string().optional(),
  file: z.string().optional(),
  line: z.number().int().optional(),
});
export type LogEntry = z.infer<typeof LogEntrySchema>;

/** What a model file says of itself and holds beside surfaces; fields are left out where it says nothing. */
export const SourceFactsSchema = z.object({
  format: z.string().optional(),
  version: z.string().optional(),
  exporter: z.string().optional(),
  /** `cm`, or in words where it has no short name. */
  declaredUnit: z.string().nullish(),
  /** Metres a unit. */
  declaredMetres: z.number().nullish(),
  declaredUp: z.enum(['x', 'y', 'z']).nullish(),
  /** Seconds of the first and the last key. */
  clips: z.array(z.object({ name: z.string(), from: z.number(), to: z.number() })).default([]),
  /** Names with the number of parts on or in them. */
  layers: z.array(z.object({ name: z.string(), parts: z.number().int() })).default([]),
  groups: z.array(z.object({ name: z.string(), parts: z.number().int() })).default([]),
  hiddenParts: z.number().int().default(0),
  blendShapes: z.number().int().default(0),
  uvSets: z.number().int().default(0),
  vertexColours: z.boolean().default(false),
});
export type SourceFacts = z.infer<typeof SourceFactsSchema>;

export const BoxSchema = z.object({
  min: z.tuple([z.number(), z.number(), z.number()]),
  max: z.tuple([z.number(), z.number(), z.number()]),
});
export type Box = z.infer<typeof BoxSchema>;

/** Whether the bytes of a map reference are at hand. */
export const MapStatusSchema = z.enum(['found', 'embedded', 'elsewhere', 'missing', 'unreadable']);

/** What a person sees of a picture. */
export const MapPictureSchema = z.object({
  kind: z.string(),
  bits: z.number().int(),
  channels: z.number().int(),
  notes: z.array(z.string()),
  thumbSha256: z.string().nullable(),
  /** What a browser shows for it; null where it shows the file itself. */
  shownSha256: z.string().nullable(),
});
export type MapPicture = z.infer<typeof MapPictureSchema>;

export const MapJudgementSchema = z.object({
  role: TextureRoleSchema,
  confidence: z.number().min(0).max(1),
  /** The likeliest roles, the first included. */
  shares: z.array(z.object({ role: TextureRoleSchema, share: z.number() })),
  packing: PackingSchema.nullable(),
  /** Of normals; null where it stays undecided. */
  green: GreenSchema.nullable(),
  evidence: z.array(EvidenceSchema),
});
export type MapJudgement = z.infer<typeof MapJudgementSchema>;

/** A picture that came and that no material uses. */
export const UnusedMapSchema = z.object({
  path: z.string(),
  sha256: z.string(),
  width: z.number().int().nullable(),
  height: z.number().int().nullable(),
  picture: MapPictureSchema.nullable(),
  judged: MapJudgementSchema.nullable(),
});
export type UnusedMap = z.infer<typeof UnusedMapSchema>;

export const MapLineSchema = z.object({
  material: z.string(),
  slot: TextureSlotSchema,
  /** As the file writes it. */
  reference: z.string(),
  status: MapStatusSchema,
  path: z.string().nullable(),
  sha256: z.string().nullable(),
  width: z.number().int().nullable(),
  height: z.number().int().nullable(),
  colourSpace: z.enum(['srgb', 'linear']),
  /** What was seen of the picture; null where there is none, or it was not looked at. */
  picture: MapPictureSchema.nullable().default(null),
  /** What it is, by its name, its slot and its picture. */
  judged: MapJudgementSchema.nullable().default(null),
});
export type MapLine = z.infer<typeof MapLineSchema>;

/** The figures of a document. Lengths in the document's own unit, memory in bytes with mip levels. */
export const FiguresSchema = z.object({
  box: BoxSchema.nullable(),
  triangles: z.number().int(),
  polygons: z.number().int(),
  vertices: z.number().int(),
  lines: z.number().int(),
  points: z.number().int(),
  nodes: z.number().int(),
  meshes: z.number().int(),
  materials: z.number().int(),
  maps: z.number().int(),
  mapsMissing: z.number().int(),
  /** Longest side in texels over all maps. */
  mapSide: z.number().int(),
  cardMemoryBytes: z.number().int(),
  cameras: z.number().int(),
  lights: z.number().int(),
  emptyNodes: z.number().int(),
  joints: z.number().int(),
  clips: z.number().int(),
  /** Texels per metre, lowest over the materials; null where nothing is mapped. */
  texelDensity: z.number().nullable(),
});
export type Figures = z.infer<typeof FiguresSchema>;

/** What one step of a treatment did. */
export const StepOutcomeSchema = z.object({
  kind: z.string(),
  /** The step in a few words, as on its card. */
  title: z.string(),
  changed: z.string(),
  /** Targets that are not in this document. */
  unmatched: z.array(z.string()),
  /** What was lost on the way that nobody asked to lose, a sentence each. */
  worse: z.array(z.string()).default([]),
});
export type StepOutcome = z.infer<typeof StepOutcomeSchema>;

/** One line of the comparison of a written file with what it was written from. */
export const CheckLineSchema = z.object({
  what: z.string(),
  expected: z.string(),
  found: z.string(),
  holds: z.boolean(),
});
export type CheckLine = z.infer<typeof CheckLineSchema>;
