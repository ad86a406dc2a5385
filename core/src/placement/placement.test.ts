import fc from 'fast-check';
import type { Document } from '@gltf-transform/core';
import { computeHull2d, computeHullArea, measureInside } from '../geometry/convex-hull-2d';
import { getShownScene, listMeshInstances } from '../scene/traverse';
import { applyTreatment } from '../treatment/apply-treatment';
import {
  addBox,
  createBoxDocument,
  createLaidSquare,
  createMemoryCodec,
  createMeshDocument,
  createSphereDocument,
} from '../testing/documents';
import { boxCentre, computeBounds } from '../scene/bounds';
import { quarterTurnMatrix } from '../scene/matrix';
import { computePivotShift } from '../treatment/steps/set-pivot';
import { findPivotPlace, judgePivotPlace } from './judge-pivot';
import { computeMoments } from './moments';
import { judgeSize } from './judge-size';
import { judgeUp } from './judge-up';
import { findDeclaredUnit, listNamedSizes, listStatedSizes } from './stated-size';
import { judgeRoundness } from './roundness';
import { judgeLean } from './stance/judge-lean';
import { listStanceFeatures } from './stance/stance-features';
import { measureSurface } from './stance/surface-measures';
import { findTypicalSize, TYPICAL_SIZES } from './typical-sizes';
import { formatImperial, formatLength, formatSize, parseLength } from './units';

test.each([
  ['78 cm', 0.78],
  ['1,70 m', 1.7],
  ['2\' 6"', 0.762],
  ['30 in', 0.762],
  ['780mm', 0.78],
  ['1 ft', 0.3048],
  ['0 m', null],
  ['tall', null],
  ['5', null],
  ['3 m and a bit', null],
])('“%s” is %s m', (text, metres) => {
  const read = parseLength(text);
  if (metres === null) expect(read).toBeNull();
  else expect(read).toBeCloseTo(metres, 12);
});

test.each([
  [0.78, '0.78 m'],
  [0.034, '34 mm'],
  [0, '0 m'],
  [2600, '2600 m'],
  [12000, '12 km'],
  [-0.0189, '-18.9 mm'],
  [123.4, '123 m'],
])('%s m is written %s', (metres, words) => {
  expect(formatLength(metres)).toBe(words);
});

test('sizes are written in one unit', () => {
  expect(formatSize([1.2, 0.78, 0.8])).toBe('1.20 × 0.78 × 0.80 m');
  expect(formatSize([0.02, 0.01, 0.015])).toBe('20.0 × 10.0 × 15.0 mm');
  expect(formatSize([1120, 2600, 200])).toBe('1120 × 2600 × 200 m');
});

const ask = (size: [number, number, number], change: Partial<Parameters<typeof judgeSize>[0]> = {}) =>
  judgeSize({ size, declaredUnit: null, typical: null, stated: [], ...change });

test('a table of 1200 × 780 × 800 without a unit is in millimetres, on two evidences', () => {
  const [best] = ask([1200, 780, 800], { typical: findTypicalSize('oak table') });
  expect(best).toMatchObject({ id: 'mm', factor: 0.001 });
  expect(best.independent).toBeGreaterThanOrEqual(2);
  expect(best.confidence).toBeGreaterThan(0.9);
});

test('a stated height settles what the numbers leave open', () => {
  const stated = listStatedSizes([{ file: 'readme.txt', text: 'The table is 78 cm high.', firstLine: 1 }]);
  expect(stated[0]).toMatchObject({ along: 'height', metres: 0.78 });
  const [best] = ask([120, 78.2, 80], { typical: findTypicalSize('table'), stated });
  expect(best.id).toBe('cm');
  expect(best.evidence.map((evidence) => evidence.file)).toContain('readme.txt');
});

test('a glTF of a believable size is believed', () => {
  expect(ask([0.5, 1.1, 0.5], { declaredUnit: 'm' })[0].id).toBe('m');
});

test('property: confidences leave room for a scale of its own, and scaling a model by 1000 never makes its unit larger', () => {
  const sides = fc.tuple(
    fc.double({ min: 0.2, max: 8, noNaN: true }),
    fc.double({ min: 0.2, max: 8, noNaN: true }),
    fc.double({ min: 0.2, max: 8, noNaN: true }),
  );
  fc.assert(
    fc.property(sides, (size) => {
      const small = ask(size);
      const large = ask(size.map((v) => v * 1000) as [number, number, number]);
      // what is left is a scale of its own
      expect(small.reduce((sum, candidate) => sum + candidate.confidence, 0)).toBeLessThan(1);
      const unit = (list: typeof small): number => list.find((candidate) => candidate.id !== 'none')!.factor;
      expect(unit(large)).toBeLessThanOrEqual(unit(small));
    }),
    { seed: 3, numRuns: 200 },
  );
});

test('a few units may be a scale of its own; tens and hundreds of them are hardly one', () => {
  const typical = findTypicalSize('table');
  const few = ask([2.3274, 0.7134, 0.7431], { typical })[0];
  const many = ask([232.74, 71.34, 74.31], { typical })[0];
  expect([few.id, many.id]).toEqual(['m', 'cm']);
  expect(few.confidence).toBeLessThan(0.9);
  expect(many.confidence).toBeGreaterThan(0.9);
});

test('without extent there is nothing to judge', () => {
  expect(ask([0, 0, 0])).toEqual([]);
  expect(ask([NaN, 1, 1])).toEqual([]);
});

test.each([
  ['units: centimetres', 'cm'],
  ['1 unit = 1 mm', 'mm'],
  ['Units are inches', 'in'],
  ['unitless', null],
  ['United', null],
])('“%s” declares %s', (comment, unit) => {
  expect(findDeclaredUnit([comment])).toBe(unit);
});

const UP = { declaredUp: null, typical: null, floor: null, stance: null };

test('a display floor across z says that z is up', () => {
  const [best] = judgeUp({ ...UP, floor: { axis: 2, below: true } });
  expect(best).toMatchObject({ id: 'z', turn: { axis: 'x', degrees: -90 } });
  expect(best.confidence).toBeGreaterThan(0.9);
});

test('nothing but the habit of OBJ is not sure', () => {
  const [best] = judgeUp(UP);
  expect(best.id).toBe('y');
  expect(best.independent).toBe(0);
  expect(best.confidence).toBeLessThan(0.9);
});

// common practice, no source: Z up to Y up is −90° about X
test('−90° about X carries +Z to +Y', () => {
  const m = quarterTurnMatrix('x', -90);
  expect([m[8], m[9], m[10]].map((v) => v + 0)).toEqual([0, 1, 0]);
});

// common practice, no source
test('a box with its centre at (0.5, 0.25, −0.5) gets a centred pivot by (−0.5, −0.25, +0.5)', () => {
  const document = createBoxDocument([0, 0, -1], [1, 0.5, 0]);
  expect(boxCentre(computeBounds(document)!)).toEqual([0.5, 0.25, -0.5]);
  expect(computePivotShift(document, { at: 'box-centre', onGround: false })).toEqual([-0.5, -0.25, 0.5]);
});

test('the base centre lies under the middle, on the ground', () => {
  expect(computePivotShift(createBoxDocument([0, 2, 0], [2, 4, 4]), { at: 'base-centre', onGround: true })).toEqual([
    -1, -2, -2,
  ]);
});

test.each([
  ['corner', [0, -2, 0]],
  ['wall', [-1, -3, 0]],
  ['hinge', [0, -2, -2]],
] as const)('the pivot at the %s of a box is reached by %j', (at, shift) => {
  const document = createBoxDocument([0, 2, 0], [2, 4, 4]);
  expect(computePivotShift(document, { at, onGround: false })!.map((v) => v + 0)).toEqual(shift);
});

test('a picked point is met to 1e-6 of the size, beside the model too', () => {
  const document = createBoxDocument([0, 2, 0], [2, 4, 4]);
  const shift = computePivotShift(document, { at: 'point', onGround: false, point: [0.25, 1.5, 0.123456789] })!;
  [-0.5, -5, -0.493827156].forEach((v, axis) => expect(Math.abs(shift[axis] - v)).toBeLessThan(4e-6));
});

describe('moments', () => {
  // handbook: V = w·h·d, centre in the middle
  test('a closed box is weighed by its volume, wherever it stands', () => {
    const far = createBoxDocument([1e5, 0, 0], [1e5 + 2, 4, 6]);
    const { volume, area, balance, by } = computeMoments(far)!;
    expect(by).toBe('volume');
    expect(volume).toBeCloseTo(48, 4);
    expect(area).toBeCloseTo(88, 4);
    [1e5 + 1, 2, 3].forEach((v, axis) => expect(balance[axis]).toBeCloseTo(v, 4));
  });

  // handbook: a pyramid holds a third of its box, its centre a quarter above its base
  test('a pyramid holds a third, its balance point a quarter of the way up', () => {
    const document = createMeshDocument(
      [0, 0, 0, 2, 0, 0, 2, 0, 2, 0, 0, 2, 1, 3, 1],
      [0, 1, 2, 0, 2, 3, 0, 4, 1, 1, 4, 2, 2, 4, 3, 3, 4, 0],
    );
    const { volume, balance, by } = computeMoments(document)!;
    expect(by).toBe('volume');
    expect(volume).toBeCloseTo(4, 6);
    [1, 0.75, 1].forEach((v, axis) => expect(balance[axis]).toBeCloseTo(v, 6));
  });

  // handbook: V = 4/3·π·r³; the polyhedron of n rings lies below by its facets
  test('a sphere of many faces comes near its formula, a half one balances three eighths up', () => {
    const whole = computeMoments(createSphereDocument(1, 96))!;
    expect(whole.volume / ((4 / 3) * Math.PI)).toBeCloseTo(1, 2);
    expect(Math.hypot(...whole.balance)).toBeLessThan(1e-6);
    const half = computeMoments(createSphereDocument(1, 96, 0.5))!;
    expect(half.by).toBe('volume');
    expect(half.balance[1]).toBeCloseTo(3 / 8, 2);
  });

  test('an open surface is weighed as one, and that is said', () => {
    const open = computeMoments(createLaidSquare([0, 1, 1, 1, 1, 0, 0, 0]))!;
    expect(open).toMatchObject({ by: 'surface', volume: 0, area: 1 });
    expect(computeMoments(createBoxDocument([0, 0, 0], [0, 0, 0]))).toBeNull();
  });
});

test.each([
  [[-1, 0, -1], [1, 2, 1], 'base-centre'],
  [[-1, -1, -1], [1, 1, 1], 'box-centre'],
  [[0, 0, 0], [2, 3, 2], 'corner'],
  [[-1, -0.5, 0], [1, 1.5, 0.2], 'wall'],
  [[0, 0, -0.05], [0.9, 2, 0.05], 'hinge'],
  [[0.4, 0, 0.3], [2, 3, 2], null],
  [[5, 0, 5], [6, 1, 6], null],
] as const)('with its box from %j to %j the pivot lies at: %s', (min, max, place) => {
  expect(judgePivotPlace({ box: { min: [...min], max: [...max] }, balance: null })).toBe(place);
});

test('a thing that reaches out to one side has its pivot at its foot', () => {
  const box = { min: [-0.1, 0, -0.1] as [number, number, number], max: [1.4, 6, 0.1] as [number, number, number] };
  const foot = { min: [-0.1, 0, -0.1] as [number, number, number], max: [0.1, 0, 0.1] as [number, number, number] };
  expect(judgePivotPlace({ box, foot, balance: null })).toBe('foot');
  expect(findPivotPlace({ box, foot, balance: null }, 'foot').map((v) => Number(v.toFixed(9)))).toEqual([0, 0, 0]);
});

test.each([
  ['crate_80cm', [{ along: 'any', metres: 0.8 }]],
  ['shelf 60x40x78cm', [{ along: 'sides', metres: 0.78, sides: [0.6, 0.4, 0.78] }]],
  ['beam 2.4 m', [{ along: 'any', metres: 2.4 }]],
  ['lamp_4K_v2', []],
  ['mast 12', []],
])('the name %s states %j', (name, stated) => {
  expect(listNamedSizes(name)).toMatchObject(stated);
});

test('a page that gives three sides settles the unit, whichever is which', () => {
  const stated = listStatedSizes([{ file: 'page.html', text: 'Dimensions: 60 × 40 × 78 cm', firstLine: 3 }]);
  expect(stated[0]).toMatchObject({ along: 'sides', evidence: { file: 'page.html', line: 3 } });
  const [best] = ask([60, 78, 40], { stated });
  expect(best.id).toBe('cm');
  expect(best.evidence.map(({ text }) => text)).toContain('a text states it: 60 × 40 × 78 cm');
  // two sides that agree and one that does not agree with nothing
  expect(ask([60, 79.9, 44], { stated })[0].evidence.some(({ text }) => text.startsWith('a text'))).toBe(false);
});

test('what is catalogued already speaks for the unit that makes this one like it', () => {
  const similar = [{ words: 'HV-000007 “Sea chest”', size: [0.9, 0.45, 0.5] as const }];
  const best = ask([88, 44, 52], { similar })[0];
  expect(best).toMatchObject({ id: 'cm' });
  expect(best.evidence.map(({ text }) => text)).toContain('as HV-000007 “Sea chest” in the library');
  expect(best.confidence).toBeGreaterThan(ask([88, 44, 52], {})[0].confidence);
});

test('maps speak for the unit in which they are as fine as maps are', () => {
  const share = (texelDensity: number | null, id: string): number =>
    ask([1.3, 1.1, 0.9], { texelDensity }).find((one) => one.id === id)!.confidence;
  // 700 texels a unit: metres, and not millimetres or kilometres
  expect(share(700, 'm')).toBeGreaterThan(share(null, 'm'));
  expect(share(700, 'mm')).toBeLessThan(share(null, 'mm') + 1e-12);
});

test('a declared unit without a name of its own is a candidate', () => {
  const found = ask([1, 0.9, 1], { declaredUnit: '39.37 m', declaredMetres: 39.37 }).find(
    ({ id }) => id === '39.37 m',
  )!;
  expect(found.factor).toBe(39.37);
  expect(found.evidence[0].text).toBe('the file declares its unit');
});

test('X up is first only where it is declared, and turned upright about Z', () => {
  expect(judgeUp({ ...UP, declaredUp: 'x' })[0]).toMatchObject({ id: 'x', turn: { axis: 'z', degrees: 90 } });
  expect(judgeUp(UP).find(({ id }) => id === 'x')!.confidence).toBeLessThan(0.02);
});

describe('what a shape says of its stance', () => {
  /** A table: a top on four legs, as wide as `width`. */
  function createTable(): Document {
    const document = createBoxDocument([0, 0.7, 0], [1.2, 0.75, 0.8], 'top');
    for (const [x, z] of [
      [0, 0],
      [1.1, 0],
      [0, 0.7],
      [1.1, 0.7],
    ])
      addBox(document, [x, 0, z], [x + 0.1, 0.7, z + 0.1], 'leg');
    return document;
  }
  const look = (document: Document) => {
    const instances = listMeshInstances(document);
    return measureSurface(instances, computeBounds(document, instances)!)!;
  };

  test('the surface of a box: its area, its middle, six flat ends, all of it square', () => {
    const surface = look(createBoxDocument([0, 0, 0], [1, 2, 3]));
    expect(surface.area).toBeCloseTo(22, 6);
    expect(surface.centre.map((v) => Number(v.toFixed(6)))).toEqual([0.5, 1, 1.5]);
    expect([...surface.flat].map((v) => Number(v.toFixed(6)))).toEqual([1, 1, 1, 1, 1, 1]);
    expect([...surface.square].reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
    expect(surface.points.length / 3).toBeGreaterThan(4000);
  });

  test('a table spans its base with four feet, and is not alike with foot and head exchanged', () => {
    const [left, , foot, head] = listStanceFeatures(look(createTable()), null);
    expect(foot.flatFoot).toBeLessThan(0.1);
    expect(foot.support).toBeCloseTo(1, 2);
    expect(foot.flatHead).toBeCloseTo(1, 2);
    expect(foot.balance).toBeGreaterThan(0);
    expect(foot.mirror).toBeLessThan(0.7);
    expect(left.mirror).toBeGreaterThan(0.9);
    expect(head.height).toBeCloseTo(1 - foot.height, 6);
  });

  test.each([
    ['z', 2.3, 'left'],
    ['z', -4, 'right'],
    ['x', 1.2, 'front'],
    ['x', -1.2, 'back'],
  ] as const)(
    'a table turned about %s by %s° leans %s, and is set straight to 1e-6 of its size',
    async (axis, degrees, towards) => {
      const document = createTable();
      const half = (degrees * Math.PI) / 360;
      const root = document.createNode('leaning');
      for (const child of getShownScene(document).listChildren()) root.addChild(child);
      getShownScene(document).addChild(root);
      root.setRotation(axis === 'z' ? [0, 0, Math.sin(half), Math.cos(half)] : [Math.sin(half), 0, 0, Math.cos(half)]);
      const lean = judgeLean(look(document), listMeshInstances(document), null)!;
      expect(lean.degrees).toBeCloseTo(Math.abs(degrees), 3);
      expect(lean.towards).toBe(towards);
      await applyTreatment(
        document,
        [
          { kind: 'straighten', schema: 1, turn: lean.turn, degrees: lean.degrees, words: '' },
          { kind: 'bake', schema: 1 },
        ],
        { codec: createMemoryCodec(), readMap: () => Promise.reject(new Error('no map is read')) },
      );
      const feet = listMeshInstances(document)
        .filter(({ node }) => node.getName() === 'leg')
        .map((instance) => computeBounds(document, [instance])!.min[1]);
      expect(Math.max(...feet) - Math.min(...feet)).toBeLessThan(1.2e-6);
      expect(judgeLean(look(document), listMeshInstances(document), null)).toBeNull();
    },
  );

  test('what rests as it stands does not lean, and a ball rests nowhere', () => {
    for (const document of [createTable(), createBoxDocument([0, 0, 0], [1, 2, 1]), createSphereDocument(1, 24)])
      expect(judgeLean(look(document), listMeshInstances(document), null)).toBeNull();
  });

  test('of very many vertices at an end a share is kept from all of it, not the first of them', () => {
    const side = 200;
    const points = Array.from({ length: side * side }, (_, i) => [i % side, 0, Math.floor(i / side)]).flat();
    const corners = Array.from({ length: side - 1 }, (_, i) => [i, i + side, i + 1]).flat();
    const [u, v] = [0, 1].map((k) => look(createMeshDocument(points, corners)).near[2].filter((_, i) => i % 2 === k));
    expect(u.length).toBeLessThan(20_001);
    for (const values of [u, v]) expect(Math.max(...values)).toBeGreaterThan(side * 0.9);
  });

  test('a model without surface says nothing', () => {
    expect(measureSurface([], { min: [0, 0, 0], max: [1, 1, 1] })).toBeNull();
  });
});

test.each([
  [[0, 0, 1, 0, 1, 1, 0, 1, 0.5, 0.5], 1, 0.5],
  [[0, 0, 4, 0, 4, 2, 0, 2, 1, 1, 2, 1], 8, 1],
])('the hull of %j has an area of %s', (points, area, inside) => {
  const hull = computeHull2d(Float64Array.from(points));
  expect(hull.length).toBe(8);
  expect(computeHullArea(hull)).toBeCloseTo(area, 12);
  expect(measureInside(hull, area === 1 ? 0.5 : 2, area === 1 ? 0.5 : 1)).toBeCloseTo(inside, 12);
  expect(measureInside(hull, -1, 0.5)).toBeLessThan(0);
});

test('points on a line, and none, have no hull to stand on', () => {
  expect(computeHull2d(Float64Array.from([0, 0, 1, 1, 2, 2])).length).toBeLessThan(6);
  expect(measureInside(computeHull2d(new Float64Array(0)), 0, 0)).toBe(-Infinity);
});

test.each([
  [[0.45, 0.8, 0.487456], '2 of 3 sides are round measures'],
  [[0.254, 0.6096, 0.3302], 'its sides are round in inches'],
  [[0.0823, 0.0451, 0.0317], 'its sides are round measures'],
  [[0.61155, 0.478597, 0.015983], null],
])('of sides of %j m is said: %s', (sides, words) => {
  expect(judgeRoundness(sides).evidence?.text ?? null).toBe(words);
});

test('a factor of ten makes nothing rounder', () => {
  const ratio = (factor: number): number => judgeRoundness([0.5, 0.35, 0.4].map((side) => side * factor)).ratio;
  expect(ratio(0.01)).toBeCloseTo(ratio(1), 6);
  // a crate that declares metres is in metres
  const crate = ask([0.5, 0.35, 0.4], { declaredUnit: 'm', typical: findTypicalSize('crate_small') });
  expect(crate[0]).toMatchObject({ id: 'm' });
  expect(crate[0].confidence).toBeGreaterThan(0.97);
});

test('an arbitrary scale that looks like no unit is never sure', () => {
  // a chair 4 units high: feet would do, decimetres would do
  const found = ask([1.99725, 4.05479, 1.96344], { typical: findTypicalSize('Lattice chair') });
  expect(found[0].confidence).toBeLessThan(0.9);
});

test('every row of typical sizes has a range and says where it comes from', () => {
  for (const { min, max, source, words } of TYPICAL_SIZES) {
    expect(min).toBeGreaterThan(0);
    expect(max).toBeGreaterThan(min);
    expect(source).toContain('from memory');
    expect(words.every((word) => word === word.toLowerCase() && word !== '')).toBe(true);
  }
  expect(findTypicalSize('Window shutter')?.plural).toBe('window shutters');
  expect(findTypicalSize('qzx')).toBeNull();
});

test.each([
  [0.762, '2′ 6″'],
  [0.3048, '1′'],
  [0.022225, '7/8″'],
  [1.7, '5′ 7″'],
  [0.0254 * 9.5, '9 1/2″'],
  [3.6576 - 0.001, '12′'],
  [0, '0″'],
  [-0.6096, '−2′'],
])('%s m is %s', (metres, words) => {
  expect(formatImperial(metres)).toBe(words);
});
