import { z } from 'zod';

/**
 * Where a step finds a part again: its name, its place among twins of that name, and what its geometry looks like.
 * A target that does not match on replay is reported, never guessed.
 */
export const PartRefSchema = z.object({
  name: z.string(),
  /** 0-based among parts of the same name, in document order. */
  ordinal: z.number().int().nonnegative(),
  /** `vertices:triangles:x×y×z` in source units, or `empty`. */
  signature: z.string(),
});
export type PartRef = z.infer<typeof PartRefSchema>;

/** Where a map is bound on a material. Names follow glTF 2.0 section 3.9 and its KHR extensions; roughness to glossiness have no slot of their own there. */
export const TEXTURE_SLOTS = [
  'baseColour',
  'normal',
  'metallicRoughness',
  'occlusion',
  'emissive',
  'roughness',
  'metallic',
  'opacity',
  'bump',
  'specular',
  'glossiness',
  'sheen',
  'clearCoat',
  'transmission',
  'thickness',
] as const;
export const TextureSlotSchema = z.enum(TEXTURE_SLOTS);
export type TextureSlot = z.infer<typeof TextureSlotSchema>;

export const AxisSchema = z.enum(['x', 'y', 'z']);
export type Axis = z.infer<typeof AxisSchema>;

export const PIVOTS = ['kept', 'base-centre', 'box-centre', 'balance-point'] as const;
export const PivotSchema = z.enum(PIVOTS);
export type Pivot = z.infer<typeof PivotSchema>;

export const HashSchema = z.string().regex(/^[0-9a-f]{64}$/, 'a SHA-256 in lower-case hexadecimal');

/** One change of a treatment, with all it needs to be done again. `schema` counts the shape of a kind's settings. */
export const StepSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('leave-out'), schema: z.literal(1), what: z.string(), parts: z.array(PartRefSchema) }),
  z.object({ kind: z.literal('dissolve-wrappers'), schema: z.literal(1), parts: z.array(PartRefSchema) }),
  z.object({
    kind: z.literal('relink-map'),
    schema: z.literal(1),
    material: z.string(),
    slot: TextureSlotSchema,
    sha256: HashSchema,
    path: z.string(),
  }),
  z.object({
    kind: z.literal('scale'),
    schema: z.literal(1),
    factor: z.number().positive().finite(),
    words: z.string(),
  }),
  z.object({
    kind: z.literal('turn'),
    schema: z.literal(1),
    axis: AxisSchema,
    /** Counter-clockwise seen from the axis' tip. */
    degrees: z.union([z.literal(-90), z.literal(90), z.literal(180)]),
  }),
  z.object({ kind: z.literal('bake'), schema: z.literal(1) }),
  z.object({ kind: z.literal('set-pivot'), schema: z.literal(1), at: PivotSchema, onGround: z.boolean() }),
  z.object({
    kind: z.literal('set-normals'),
    schema: z.literal(1),
    /** `groups`: the smoothing groups kept from the source. `angle`: smooth where polygons meet at less than `degrees`. */
    from: z.enum(['groups', 'angle']),
    /** Above 0, up to 180; counts for `angle`. */
    degrees: z.number().positive().max(180),
  }),
  z.object({ kind: z.literal('name-root'), schema: z.literal(1), name: z.string().min(1) }),
]);
export type Step = z.infer<typeof StepSchema>;
export type StepKind = Step['kind'];
export type StepOf<K extends StepKind> = Extract<Step, { kind: K }>;
