import { StepSchema, type Step } from './step';

const part = { name: 'lid', ordinal: 0, signature: '8:12:1×1×1' };
const HASH = 'a'.repeat(64);
const from = { id: 'x', accession: 'HV-000007', name: 'Shed', versionNumber: 2, sha256: HASH };

/** One of each kind, as it is stored. */
const STEPS: Step[] = [
  { kind: 'leave-out', schema: 1, what: 'display floor', parts: [part] },
  { kind: 'uniform-scale', schema: 1, parts: [part], unmirror: true },
  { kind: 'set-part-pivot', schema: 1, parts: [part], point: [0, 0.5, 1], label: 'its left edge' },
  { kind: 'flip-faces', schema: 1, parts: [] },
  { kind: 'dissolve-wrappers', schema: 1, parts: [part] },
  { kind: 'relink-map', schema: 1, material: 'oak', slot: 'baseColor', sha256: HASH, path: 'maps/oak.png' },
  { kind: 'unlink-map', schema: 1, material: 'oak', slot: 'normal' },
  { kind: 'change-map', schema: 1, materials: ['oak'], slot: 'normal', change: 'flip-green' },
  { kind: 'height-to-normal', schema: 1, material: 'oak', sha256: HASH, path: 'h.png', depthMm: 2, texelMm: 0.5 },
  { kind: 'convert-specular', schema: 1, materials: ['oak'] },
  { kind: 'fold-constant', schema: 1, material: 'oak', slot: 'roughness' },
  { kind: 'set-material', schema: 1, materials: ['pane'], factors: { ior: 1.5 }, label: 'glass', without: [] },
  { kind: 'merge-materials', schema: 1, into: 'oak', from: ['oak.001'] },
  { kind: 'split-material', schema: 1, material: 'oak', part, name: 'oak lid' },
  { kind: 'reduce-maps', schema: 1, side: 1024 },
  { kind: 'scale', schema: 1, factor: 0.01, label: 'centimetres' },
  { kind: 'rotate', schema: 1, axis: 'x', degrees: -90 },
  { kind: 'straighten', schema: 1, turn: [0, 0, 0, 1], degrees: 2.5, label: '2.5° back' },
  { kind: 'set-front-axis', schema: 1, degrees: 180 },
  { kind: 'bake-transforms', schema: 1 },
  { kind: 'set-pivot', schema: 1, at: 'base-centre', onGround: true },
  { kind: 'set-normals', schema: 1, from: 'angle', degrees: 30 },
  { kind: 'name-root', schema: 1, name: 'bell_buoy' },
  {
    kind: 'keep-levels',
    schema: 1,
    sets: [['post_LOD0', 'post_LOD1'].map((name) => ({ name, ordinal: 0, signature: '8:12:1×1×1' }))],
  },
  { kind: 'second-layout', schema: 1, side: 1024 },
  { kind: 'keep-collision', schema: 1, parts: [{ name: 'UCX_post', ordinal: 0, signature: '8:12:1×1×1' }] },
  { kind: 'sort-parts', schema: 1, parts: [{ name: 'hut', ordinal: 0, signature: 'empty' }] },
  {
    kind: 'cut-parts',
    schema: 1,
    cuts: [{ part: { name: 'post', ordinal: 0, signature: '8:12:1×1×1' }, plane: [0, 1, 0, 0.5] }],
  },
  {
    kind: 'set-levels',
    schema: 1,
    levels: [
      { by: 'share', share: 0.5 },
      { by: 'error', mm: 2 },
      { by: 'baked', triangles: 300, side: 512 },
      { by: 'hull', side: 256 },
      { by: 'box', side: 128 },
    ],
  },
  { kind: 'set-collision', schema: 1, shape: 'hulls', isMovable: true, matter: 'wood', massKg: 12.5 },
  { kind: 'reduce-triangles', schema: 1, to: { by: 'triangles', triangles: 20000 } },
  { kind: 'clean-faces', schema: 1, parts: [part] },
  { kind: 'turn-faces', schema: 1, parts: [part] },
  { kind: 'merge-vertices', schema: 1, parts: [part], tolerance: 1e-4, of: 'borders' },
  { kind: 'close-holes', schema: 1, parts: [part], upTo: 0.1 },
  { kind: 'shade-parts', schema: 1, parts: [part], degrees: 40, atMaterials: true },
  { kind: 'hang-parts', schema: 1, parts: [part], under: null },
  { kind: 'group-parts', schema: 1, parts: [part], name: 'fittings' },
  { kind: 'dissolve-groups', schema: 1, parts: [{ ...part, id: 'p3' }] },
  { kind: 'join-parts', schema: 1, parts: [part, part], name: 'screws' },
  { kind: 'split-part', schema: 1, part, by: 'islands', tolerance: 0.001 },
  { kind: 'separate-faces', schema: 1, part, faces: [[[0, 4]], []], name: null },
  { kind: 'take-out', schema: 1, parts: [part] },
  { kind: 'name-parts', schema: 1, names: [{ part, name: 'leg_front_left' }] },
  { kind: 'share-geometry', schema: 1, groups: [[part, part]] },
  { kind: 'own-geometry', schema: 1, parts: [part] },
  {
    kind: 'borrow-part',
    schema: 1,
    from,
    part: null,
    name: 'knob',
    under: part,
    at: [0, 1, 2],
    degrees: 90,
    times: 1,
  },
  { kind: 'borrow-material', schema: 1, from, material: 'brass', materials: ['metal'], slot: 'normal' },
];
const of = <K extends Step['kind']>(kind: K): object => STEPS.find((step) => step.kind === kind)!;
const takes = (step: object): boolean => StepSchema.safeParse(step).success;

test('there is one of every kind here, and each is kept as it was given', () => {
  const kinds = StepSchema.options.map(({ shape }) => shape.kind.value);
  expect(STEPS.map(({ kind }) => kind).sort()).toEqual([...kinds].sort());
  for (const step of STEPS) expect(StepSchema.parse(JSON.parse(JSON.stringify(step)))).toEqual(step);
});

test('settings of another shape than today’s are refused, never guessed', () => {
  for (const step of STEPS) expect(takes({ ...step, schema: 2 })).toBe(false);
  expect(takes({ kind: 'melt', schema: 1 })).toBe(false);
});

test.each([
  ['a factor of nothing', { ...of('scale'), factor: 0 }],
  ['a negative factor', { ...of('scale'), factor: -1 }],
  ['a factor without end', { ...of('scale'), factor: Infinity }],
  ['a turn that is no quarter', { ...of('rotate'), degrees: 45 }],
  ['an axis that is none', { ...of('rotate'), axis: 'w' }],
  ['a lean beyond lying down', { ...of('straighten'), degrees: 91 }],
  ['a pivot nobody has a word for', { ...of('set-pivot'), at: 'somewhere' }],
  ['a bytes’ name that is none', { ...of('relink-map'), sha256: 'A'.repeat(64) }],
  ['a slot that is none', { ...of('unlink-map'), slot: 'colour' }],
  ['no material to change', { ...of('change-map'), materials: [] }],
  ['a texel without width', { ...of('height-to-normal'), texelMm: 0 }],
  ['a factor above one', { ...of('set-material'), factors: { roughness: 1.2 } }],
  ['light slower than stands still', { ...of('set-material'), factors: { ior: 0.9 } }],
  ['maps of half a texel', { ...of('reduce-maps'), side: 8 }],
  ['a side between texels', { ...of('reduce-maps'), side: 1000.5 }],
  ['an angle of nothing', { ...of('set-normals'), degrees: 0 }],
  ['a name of nothing', { ...of('name-root'), name: '' }],
  ['a lender without bytes', { ...of('borrow-part'), from: { ...from, sha256: '' } }],
  ['something borrowed as large as nothing', { ...of('borrow-part'), times: 0 }],
  ['a material lent to none', { ...of('borrow-material'), materials: [] }],
  ['a layout for no picture', { ...of('second-layout'), side: 0 }],
  ['a part that is none', { ...of('split-material'), part: { name: 'lid' } }],
  ['a place among twins before the first', { ...of('flip-faces'), parts: [{ ...part, ordinal: -1 }] }],
])('%s is refused', (_what, step) => {
  expect(takes(step)).toBe(false);
});
