import { z } from 'zod';
import { WorkSchema } from './licence';
import { PackingSchema } from './texture-role';

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
  /** Given when the file was read; a part made of others has one of its own. Finds it again where it was renamed. */
  id: z.string().max(400).optional(),
});
export type PartRef = z.infer<typeof PartRefSchema>;

/** Where a map is bound on a material. Names follow glTF 2.0 section 3.9 and its KHR extensions; roughness to glossiness have no slot of their own there. */
export const TEXTURE_SLOTS = [
  'baseColor',
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
  'clearcoat',
  'transmission',
  'thickness',
] as const;
export const TextureSlotSchema = z.enum(TEXTURE_SLOTS);
export type TextureSlot = z.infer<typeof TextureSlotSchema>;

export const AxisSchema = z.enum(['x', 'y', 'z']);
export type Axis = z.infer<typeof AxisSchema>;

/**
 * Where a model turns about. `foot`: the middle of what touches the ground. `ceiling`: the middle of its top. `corner`: of the base,
 * for modules. `wall`: the middle of its back. `hinge`: the foot of its left edge. `point`: one that was picked.
 */
export const PIVOTS = [
  'kept',
  'base-centre',
  'box-centre',
  'balance-point',
  'foot',
  'ceiling',
  'corner',
  'wall',
  'hinge',
  'point',
] as const;
export const PivotSchema = z.enum(PIVOTS);
export type Pivot = z.infer<typeof PivotSchema>;

export const HashSchema = z.string().regex(/^[0-9a-f]{64}$/, 'a SHA-256 in lower-case hexadecimal');

/** Of a part or a group. */
export const PartName = z.string().trim().min(1).max(120);

const Share = z.number().min(0).max(1);

/** Factors of a material, as glTF 2.0 section 3.9 and its KHR extensions count them; what is left out stays. */
export const MaterialFactorsSchema = z.object({
  /** Linear, with alpha. */
  baseColor: z.tuple([Share, Share, Share, Share]).optional(),
  metallic: Share.optional(),
  roughness: Share.optional(),
  emissive: z.tuple([Share, Share, Share]).optional(),
  alphaMode: z.enum(['OPAQUE', 'MASK', 'BLEND']).optional(),
  alphaCutoff: Share.optional(),
  doubleSided: z.boolean().optional(),
  transmission: Share.optional(),
  /** 1 and up. */
  ior: z.number().min(1).max(4).optional(),
  /** How strongly its normal map counts: the scale of glTF 2.0, 3.9.3; 1 as it is, 0 flat. */
  normalStrength: z.number().min(0).max(10).optional(),
  /** Linear. */
  sheen: z.tuple([Share, Share, Share]).optional(),
});
export type MaterialFactors = z.infer<typeof MaterialFactorsSchema>;

/** Whose a map is that comes from elsewhere; taking it adds a line to the provenance. */
export const MapWorkSchema = WorkSchema.pick({ title: true, author: true, licenceId: true, pageUrl: true });
export type MapWork = z.infer<typeof MapWorkSchema>;

/** What a model is taken for where things collide: the plainest first. `hulls`: several convex ones. */
export const COLLISION_KINDS = ['box', 'sphere', 'cylinder', 'capsule', 'turned-box', 'hull', 'hulls'] as const;
export const CollisionKindSchema = z.enum(COLLISION_KINDS);
export type CollisionKind = z.infer<typeof CollisionKindSchema>;

/** What something is made of, as far as its weight and its friction go. */
export const MATTER_KINDS = ['wood', 'metal', 'glass', 'stone', 'rubber', 'cloth', 'leaf', 'plain'] as const;
export type MatterKind = (typeof MATTER_KINDS)[number];

/** How far triangles are reduced. */
export const ReductionSchema = z.discriminatedUnion('by', [
  z.object({ by: z.literal('share'), share: z.number().positive().max(1) }),
  z.object({ by: z.literal('triangles'), triangles: z.number().int().min(1) }),
  /** How far the surface may go from where it was, at most. */
  z.object({ by: z.literal('error'), mm: z.number().positive().max(10_000) }),
]);
export type Reduction = z.infer<typeof ReductionSchema>;

const MapSide = z.number().int().min(16).max(4096);

/**
 * What stands for a model where it is one of many: a box around it, the hull of its ends, or so many triangles; each with one map its
 * colours are baked into.
 */
export const ProxySchema = z.discriminatedUnion('by', [
  z.object({ by: z.literal('box'), side: MapSide }),
  z.object({ by: z.literal('hull'), side: MapSide }),
  z.object({ by: z.literal('baked'), triangles: z.number().int().min(4), side: MapSide }),
]);
export type Proxy = z.infer<typeof ProxySchema>;

/** How a coarser level of detail comes about. */
export const LevelSchema = z.discriminatedUnion('by', [...ReductionSchema.options, ...ProxySchema.options]);
export type Level = z.infer<typeof LevelSchema>;

/** More levels of detail beside the finest nobody shows. Ours. */
export const MOST_LEVELS = 6;

/** An asset of the library that something is borrowed from, as it was then. */
export const LenderSchema = z.object({
  id: z.string().min(1).max(40),
  /** `HV-000123` */
  accession: z.string().min(1).max(20),
  name: z.string().max(200),
  /** The version it is taken from, and the bytes of its model: metres, Y up. */
  versionNumber: z.number().int().positive(),
  sha256: HashSchema,
});
export type Lender = z.infer<typeof LenderSchema>;

/** One change of a treatment, with all it needs to be done again. `schema` counts the shape of a kind's settings. */
export const StepSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('leave-out'), schema: z.literal(1), what: z.string(), parts: z.array(PartRefSchema) }),
  z.object({
    kind: z.literal('uniform-scale'),
    schema: z.literal(1),
    parts: z.array(PartRefSchema),
    /** True takes a mirror out as well. */
    unmirror: z.boolean(),
  }),
  z.object({
    kind: z.literal('set-part-pivot'),
    schema: z.literal(1),
    parts: z.array(PartRefSchema).min(1),
    /** Shares of each part's own box, in the axes of the file as received. */
    point: z.tuple([z.number(), z.number(), z.number()]),
    /** That place in words: `its left edge`. */
    label: z.string(),
  }),
  z.object({ kind: z.literal('flip-faces'), schema: z.literal(1), parts: z.array(PartRefSchema) }),
  z.object({ kind: z.literal('dissolve-wrappers'), schema: z.literal(1), parts: z.array(PartRefSchema) }),
  z.object({
    kind: z.literal('hang-parts'),
    schema: z.literal(1),
    parts: z.array(PartRefSchema).min(1),
    /** Null hangs them at the top. */
    under: PartRefSchema.nullable(),
  }),
  z.object({
    kind: z.literal('group-parts'),
    schema: z.literal(1),
    parts: z.array(PartRefSchema).min(1),
    name: PartName,
  }),
  z.object({ kind: z.literal('dissolve-groups'), schema: z.literal(1), parts: z.array(PartRefSchema).min(1) }),
  z.object({
    kind: z.literal('join-parts'),
    schema: z.literal(1),
    /** The first gives the place and the pivot. */
    parts: z.array(PartRefSchema).min(2),
    name: PartName,
  }),
  z.object({
    kind: z.literal('split-part'),
    schema: z.literal(1),
    part: PartRefSchema,
    by: z.enum(['islands', 'materials']),
    /** Corners within this of the first of a place count as one with it, as a share of the part's longest side; counts for islands. */
    tolerance: z.number().min(0).max(0.1),
  }),
  z.object({
    kind: z.literal('separate-faces'),
    schema: z.literal(1),
    part: PartRefSchema,
    /** Polygons by primitive, as runs: the first of each and how many. */
    faces: z.array(z.array(z.tuple([z.number().int().nonnegative(), z.number().int().positive()]))),
    /** What they become: a part of this name, or nothing. */
    name: PartName.nullable(),
  }),
  z.object({
    kind: z.literal('cut-parts'),
    schema: z.literal(1),
    cuts: z
      .array(
        z.object({
          part: PartRefSchema,
          /** In the part's own space: a unit normal, and how far the plane lies from the origin along it. */
          plane: z.tuple([z.number(), z.number(), z.number(), z.number()]),
        }),
      )
      .min(1),
  }),
  /** What hangs below them, by name and number. */
  z.object({ kind: z.literal('sort-parts'), schema: z.literal(1), parts: z.array(PartRefSchema).min(1) }),
  z.object({ kind: z.literal('take-out'), schema: z.literal(1), parts: z.array(PartRefSchema).min(1) }),
  z.object({ kind: z.literal('clean-faces'), schema: z.literal(1), parts: z.array(PartRefSchema).min(1) }),
  z.object({ kind: z.literal('turn-faces'), schema: z.literal(1), parts: z.array(PartRefSchema).min(1) }),
  z.object({
    kind: z.literal('merge-vertices'),
    schema: z.literal(1),
    parts: z.array(PartRefSchema).min(1),
    /** Vertices within this of the first of a place come to it, as a share of the part's longest side. */
    tolerance: z.number().positive().max(0.1),
    /** Those at open borders alone, or all. */
    of: z.enum(['borders', 'all']),
  }),
  z.object({
    kind: z.literal('close-holes'),
    schema: z.literal(1),
    parts: z.array(PartRefSchema).min(1),
    /** The largest hole that is closed, as a share of the part's longest side. */
    upTo: z.number().positive().max(1),
  }),
  z.object({
    kind: z.literal('shade-parts'),
    schema: z.literal(1),
    parts: z.array(PartRefSchema).min(1),
    /** Smooth where polygons meet at less than this; 0 shows every facet. */
    degrees: z.number().min(0).max(180),
    /** True for a hard edge where two materials meet. */
    atMaterials: z.boolean(),
  }),
  z.object({
    kind: z.literal('name-parts'),
    schema: z.literal(1),
    names: z.array(z.object({ part: PartRefSchema, name: PartName })).min(1),
  }),
  z.object({
    kind: z.literal('share-geometry'),
    schema: z.literal(1),
    /** Parts of each group are equal; the first keeps its geometry. */
    groups: z.array(z.array(PartRefSchema).min(2)).min(1),
  }),
  z.object({ kind: z.literal('own-geometry'), schema: z.literal(1), parts: z.array(PartRefSchema).min(1) }),
  z.object({
    kind: z.literal('borrow-part'),
    schema: z.literal(1),
    from: LenderSchema,
    /** Of the lender, with all below it; null for the whole of it. */
    part: PartRefSchema.nullable(),
    name: PartName,
    /** What it hangs under; null at the top. */
    under: PartRefSchema.nullable(),
    /** Where its pivot comes to, in the space of the scene as the step finds it. */
    at: z.tuple([z.number(), z.number(), z.number()]),
    /** Turned about the upright as the model will stand, counter-clockwise seen from above. */
    degrees: z.number().min(-360).max(360),
    /** How many times as large as it is at its lender's; 1 keeps its size in metres, whatever this model is scaled by. */
    times: z.number().positive().max(1000),
  }),
  z.object({
    kind: z.literal('borrow-material'),
    schema: z.literal(1),
    from: LenderSchema,
    /** The lender's, with its maps. */
    material: z.string(),
    /** Those of this model that look like it from then on; each keeps its name. */
    materials: z.array(z.string()).min(1),
    /** Only its map there; left out, all of its looks. */
    slot: TextureSlotSchema.optional(),
  }),
  z.object({
    kind: z.literal('relink-map'),
    schema: z.literal(1),
    material: z.string(),
    slot: TextureSlotSchema,
    sha256: HashSchema,
    path: z.string(),
    /** Which channel holds what, where it holds several; left out where it holds what the slot wants. */
    packing: PackingSchema.optional(),
    /** Given where it is not the asset's own. */
    work: MapWorkSchema.optional(),
  }),
  z.object({ kind: z.literal('unlink-map'), schema: z.literal(1), material: z.string(), slot: TextureSlotSchema }),
  z.object({
    kind: z.literal('change-map'),
    schema: z.literal(1),
    materials: z.array(z.string()).min(1),
    slot: TextureSlotSchema,
    change: z.enum(['invert', 'flip-green']),
  }),
  z.object({
    kind: z.literal('height-to-normal'),
    schema: z.literal(1),
    material: z.string(),
    sha256: HashSchema,
    path: z.string(),
    /** Between the lowest and the highest a height can be. */
    depthMm: z.number().min(0).max(100_000),
    /** How wide a texel lies on the surface; above 0. */
    texelMm: z.number().positive().max(100_000),
  }),
  z.object({ kind: z.literal('convert-specular'), schema: z.literal(1), materials: z.array(z.string()).min(1) }),
  z.object({
    kind: z.literal('fold-constant'),
    schema: z.literal(1),
    material: z.string(),
    slot: TextureSlotSchema,
  }),
  z.object({
    kind: z.literal('set-material'),
    schema: z.literal(1),
    materials: z.array(z.string()).min(1),
    factors: MaterialFactorsSchema,
    /** Whose factors they are, in words: `glass`, `house material “tarred wood”`. */
    label: z.string(),
    /** Maps it goes without from then on. */
    without: z.array(TextureSlotSchema),
  }),
  z.object({
    kind: z.literal('merge-materials'),
    schema: z.literal(1),
    into: z.string(),
    from: z.array(z.string()).min(1),
  }),
  z.object({
    kind: z.literal('split-material'),
    schema: z.literal(1),
    material: z.string(),
    part: PartRefSchema,
    name: z.string().min(1),
  }),
  z.object({
    kind: z.literal('reduce-maps'),
    schema: z.literal(1),
    /** Longest side in texels; smaller maps stay as they are. */
    side: z.number().int().min(16).max(16384),
  }),
  z.object({
    kind: z.literal('scale'),
    schema: z.literal(1),
    factor: z.number().positive().finite(),
    label: z.string(),
  }),
  z.object({
    kind: z.literal('rotate'),
    schema: z.literal(1),
    axis: AxisSchema,
    /** Counter-clockwise seen from the axis' tip. */
    degrees: z.union([z.literal(-90), z.literal(90), z.literal(180)]),
  }),
  z.object({
    kind: z.literal('straighten'),
    schema: z.literal(1),
    /** A unit quaternion xyzw. */
    turn: z.tuple([z.number(), z.number(), z.number(), z.number()]),
    /** How far it leant, and where to. */
    degrees: z.number().min(0).max(90),
    label: z.string(),
  }),
  z.object({
    kind: z.literal('set-front-axis'),
    schema: z.literal(1),
    /** About Y, counter-clockwise seen from above. */
    degrees: z.union([z.literal(-90), z.literal(90), z.literal(180)]),
  }),
  z.object({ kind: z.literal('bake-transforms'), schema: z.literal(1) }),
  z.object({
    kind: z.literal('set-pivot'),
    schema: z.literal(1),
    at: PivotSchema,
    onGround: z.boolean(),
    /** For `point`: shares of the model's box from its lower ends on; outside of 0 to 1 it lies beside it. */
    point: z.tuple([z.number(), z.number(), z.number()]).optional(),
  }),
  z.object({
    kind: z.literal('set-normals'),
    schema: z.literal(1),
    /** `groups`: the smoothing groups kept from the source. `angle`: smooth where polygons meet at less than `degrees`. */
    from: z.enum(['groups', 'angle']),
    /** Above 0, up to 180; counts for `angle`. */
    degrees: z.number().positive().max(180),
  }),
  z.object({
    kind: z.literal('reduce-triangles'),
    schema: z.literal(1),
    to: ReductionSchema,
  }),
  z.object({
    kind: z.literal('second-layout'),
    schema: z.literal(1),
    /** Of the picture it is meant for, texels: pieces lie two of them apart. */
    side: z.number().int().min(64).max(8192),
  }),
  z.object({
    kind: z.literal('keep-levels'),
    schema: z.literal(1),
    /** Of each thing its levels of detail, the finest first. */
    sets: z.array(z.array(PartRefSchema).min(2)).min(1),
  }),
  z.object({ kind: z.literal('keep-collision'), schema: z.literal(1), parts: z.array(PartRefSchema).min(1) }),
  z.object({
    kind: z.literal('set-levels'),
    schema: z.literal(1),
    /** What each is made of the finest by, the finest of them first. */
    levels: z.array(LevelSchema).min(1).max(MOST_LEVELS),
  }),
  z.object({
    kind: z.literal('set-collision'),
    schema: z.literal(1),
    shape: CollisionKindSchema,
    /** False for what never moves. */
    isMovable: z.boolean(),
    matter: z.enum(MATTER_KINDS),
    /** Kilograms; left out, what its volume of that matter weighs. */
    massKg: z.number().positive().max(1e9).optional(),
  }),
  z.object({ kind: z.literal('name-root'), schema: z.literal(1), name: z.string().min(1) }),
]);
export type Step = z.infer<typeof StepSchema>;
export type StepKind = Step['kind'];
export type StepOf<K extends StepKind> = Extract<Step, { kind: K }>;
