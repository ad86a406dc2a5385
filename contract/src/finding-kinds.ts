import type { Heading } from './heading';

/** What the sheet offers beside the choices of a finding. */
export type FindingControl =
  'known-size' | 'stand-beside' | 'turn-upright' | 'turn-round' | 'part-pivots' | 'pick-pivot' | 'layouts' | 'reduce';

/** What Haveld needs to know of a kind of finding, whatever model it is about. */
export interface FindingKindFacts {
  heading: Heading;
  /** What it is called where it stands for several models, or for figures of one. */
  title: string;
  /** Where the finding stands on the sheet of maps: with a slot of a material, or with a material as a whole. */
  onMapSheet?: 'slot' | 'material';
  /** An open one keeps the asset out of the catalogue, though it does not block: what is said then. @param title of the finding */
  whyMissing?: (title: string) => string;
  /** Answering it changes what is seen: the condition is worked out anew, always, or where the answer was not surely proposed, or not the likeliest. */
  asksAnew?: 'always' | 'unless-sure' | 'unless-likeliest';
  /** Says where a model stands and how large it is. */
  isPlacing?: boolean;
  /** What moves, or lies in nodes, is told here: an answer about a turn or a scale calls for baking. */
  isAboutBaking?: boolean;
  /** A guess at it may be set in pencil: the outcome shows it at a glance, and being wrong does no harm that nobody would see. */
  mayBePencilled?: boolean;
  /** An answer can come with the place of another asset. */
  comesWithPlace?: boolean;
  controls?: readonly FindingControl[];
  /** What of the model is meant: it is lit up while the finding is in hand. */
  pointsAt?: 'parts' | 'materials';
}

const facts = <K extends string>(table: Record<K, FindingKindFacts>): Record<K, FindingKindFacts> => table;

/** Every kind of finding there is: one row is all that a new one needs beside its check. */
export const FINDING_KINDS = facts({
  'rights:taken-down': { heading: 'rights', title: 'Taken down' },
  'rights:licence': { heading: 'rights', title: 'Licence' },
  'rights:contradiction': { heading: 'rights', title: 'Something that came with it says otherwise' },
  'rights:page': { heading: 'rights', title: 'What its page says now' },
  'rights:expiry': { heading: 'rights', title: 'When its grant ends' },
  'rights:evidence': { heading: 'rights', title: 'What proves its licence' },
  'rights:work': { heading: 'rights', title: 'A further work' },
  'rights:author': { heading: 'rights', title: 'Author' },
  'rights:source': { heading: 'rights', title: 'Source' },
  maps: { heading: 'textures', title: 'Maps' },
  map: {
    heading: 'textures',
    title: 'A map that is not where the file says',
    pointsAt: 'materials',
    mayBePencilled: true,
    onMapSheet: 'slot',
    asksAnew: 'unless-sure',
  },
  offer: { heading: 'textures', title: 'A picture nobody names', pointsAt: 'materials', onMapSheet: 'slot' },
  'maps-unused': { heading: 'textures', title: 'Pictures nobody uses' },
  role: { heading: 'textures', title: 'What a map is', pointsAt: 'materials', onMapSheet: 'slot' },
  'specular-map': { heading: 'textures', title: 'A specular map', pointsAt: 'materials', onMapSheet: 'slot' },
  green: { heading: 'textures', title: 'Which way green points', onMapSheet: 'slot' },
  constant: { heading: 'textures', title: 'A map of one colour', pointsAt: 'materials', onMapSheet: 'slot' },
  specular: { heading: 'textures', title: 'Materials by reflection', pointsAt: 'materials' },
  twins: { heading: 'textures', title: 'Materials that are alike', pointsAt: 'materials', onMapSheet: 'material' },
  shine: { heading: 'textures', title: 'How materials shine', pointsAt: 'materials', onMapSheet: 'material' },
  alpha: {
    heading: 'textures',
    title: 'How a material is seen through',
    pointsAt: 'materials',
    onMapSheet: 'material',
  },
  'no-material': { heading: 'textures', title: 'Faces without a material', pointsAt: 'materials' },
  sides: { heading: 'textures', title: 'Sheets seen from both sides', pointsAt: 'materials', mayBePencilled: true },
  backs: { heading: 'textures', title: 'Faces behind thin sheets', pointsAt: 'materials' },
  'map-sizes': { heading: 'textures', title: 'Memory of its maps' },
  uv: { heading: 'textures', title: 'Layouts', pointsAt: 'materials', controls: ['layouts'] },
  stranger: {
    heading: 'size-and-orientation',
    title: 'A part that may not be the model',
    pointsAt: 'parts',
    whyMissing: (title) => `${title}: is it part of the model?`,
    asksAnew: 'always',
  },
  size: {
    heading: 'size-and-orientation',
    title: 'Size',
    whyMissing: () => 'Its size is not settled.',
    asksAnew: 'unless-likeliest',
    mayBePencilled: true,
    isPlacing: true,
    comesWithPlace: true,
    controls: ['known-size', 'stand-beside'],
  },
  up: {
    heading: 'size-and-orientation',
    title: 'Which way is up',
    asksAnew: 'unless-likeliest',
    mayBePencilled: true,
    isPlacing: true,
    controls: ['turn-upright'],
  },
  tilt: { heading: 'size-and-orientation', title: 'Leaning', mayBePencilled: true },
  'front-axis': {
    heading: 'size-and-orientation',
    title: 'Which way it faces',
    mayBePencilled: true,
    isPlacing: true,
    comesWithPlace: true,
    controls: ['turn-round'],
  },
  pivot: {
    heading: 'size-and-orientation',
    title: 'Pivot and ground',
    mayBePencilled: true,
    isPlacing: true,
    comesWithPlace: true,
    controls: ['part-pivots', 'pick-pivot'],
  },
  'part-pivots': { heading: 'size-and-orientation', title: 'Where parts turn about', pointsAt: 'parts' },
  'non-uniform-scale': { heading: 'size-and-orientation', title: 'Stretched unevenly', pointsAt: 'parts' },
  mirrored: { heading: 'size-and-orientation', title: 'Mirrored', pointsAt: 'parts' },
  'bake-transforms': { heading: 'size-and-orientation', title: 'Baking', isAboutBaking: true },
  motion: { heading: 'size-and-orientation', title: 'What moves', isAboutBaking: true },
  clutter: { heading: 'structure', title: 'Clutter' },
  'clutter-named': { heading: 'structure', title: 'Clutter, by its name' },
  'own-lights': { heading: 'structure', title: 'Lights of its own' },
  levels: {
    heading: 'structure',
    title: 'Levels of detail it came with',
    pointsAt: 'parts',
    asksAnew: 'unless-likeliest',
  },
  'collision-parts': {
    heading: 'structure',
    title: 'Collision shapes it came with',
    pointsAt: 'parts',
    asksAnew: 'unless-likeliest',
  },
  wrappers: { heading: 'structure', title: 'Wrappers' },
  root: { heading: 'structure', title: 'The root’s name' },
  normals: { heading: 'geometry', title: 'Smoothing', mayBePencilled: true },
  'inverted-faces': { heading: 'geometry', title: 'Parts inside out', pointsAt: 'parts' },
  triangles: { heading: 'geometry', title: 'Triangles', controls: ['reduce'] },
  lines: { heading: 'geometry', title: 'Lines and points' },
  reading: { heading: 'geometry', title: 'What reading had to say' },
});

export type FindingKind = keyof typeof FINDING_KINDS;
export const FINDING_KIND_IDS = Object.keys(FINDING_KINDS) as [FindingKind, ...FindingKind[]];

/** @returns where a finding is kept and found again. @param of what it is about, where a sheet may hold several of its kind */
export const findingKey = (kind: FindingKind, of?: string): string => (of === undefined ? kind : `${kind}:${of}`);

/** @returns whether a finding of this kind is kept under a key */
export const isKeyOf = (kind: FindingKind, key: string): boolean => key === kind || key.startsWith(`${kind}:`);
