import fc from 'fast-check';
import { createBoxDocument } from '../testing/documents';
import { boxCentre, computeBounds } from '../scene/bounds';
import { quarterTurnMatrix } from '../scene/matrix';
import { computePivotShift } from '../treatment/steps/set-pivot';
import { computeBalancePoint } from './balance-point';
import { judgeSize } from './judge-size';
import { judgeUp } from './judge-up';
import { findDeclaredUnit, listStatedSizes } from './stated-size';
import { findTypicalSize } from './typical-sizes';
import { formatLength, formatSize, parseLength } from './units';

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

test('property: confidences sum to 1, and scaling a model by 1000 never makes its unit larger', () => {
  const sides = fc.tuple(
    fc.double({ min: 0.01, max: 50, noNaN: true }),
    fc.double({ min: 0.01, max: 50, noNaN: true }),
    fc.double({ min: 0.01, max: 50, noNaN: true }),
  );
  fc.assert(
    fc.property(sides, (size) => {
      const small = ask(size);
      const large = ask(size.map((v) => v * 1000) as [number, number, number]);
      expect(small.reduce((sum, candidate) => sum + candidate.confidence, 0)).toBeCloseTo(1, 9);
      const unit = (list: typeof small): number => list.find((candidate) => candidate.id !== 'none')!.factor;
      expect(unit(large)).toBeLessThanOrEqual(unit(small));
    }),
    { seed: 3, numRuns: 200 },
  );
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

const UP = {
  declaredUp: null,
  typical: null,
  floor: null,
  contact: { y: { lower: 0, upper: 0 }, z: { lower: 0, upper: 0 } },
};

test('a display floor across z says that z is up', () => {
  const [best] = judgeUp({ ...UP, size: [1, 0.2, 2], floor: { axis: 2, below: true } });
  expect(best).toMatchObject({ id: 'z', turn: { axis: 'x', degrees: -90 } });
  expect(best.confidence).toBeGreaterThan(0.9);
});

test('nothing but the habit of OBJ is not sure', () => {
  const [best] = judgeUp({ ...UP, size: [1, 1, 1] });
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
  expect(computePivotShift(document, 'box-centre', false)).toEqual([-0.5, -0.25, 0.5]);
});

test('the base centre lies under the middle, on the ground', () => {
  expect(computePivotShift(createBoxDocument([0, 2, 0], [2, 4, 4]), 'base-centre', true)).toEqual([-1, -2, -2]);
});

test('the balance point of a box is its centre', () => {
  computeBalancePoint(createBoxDocument([0, 0, 0], [2, 4, 6]))!.forEach((v, i) =>
    expect(v).toBeCloseTo([1, 2, 3][i], 6),
  );
});

test('a declared unit without a name of its own is a candidate', () => {
  const found = ask([1, 0.9, 1], { declaredUnit: '39.37 m', declaredMetres: 39.37 }).find(
    ({ id }) => id === '39.37 m',
  )!;
  expect(found.factor).toBe(39.37);
  expect(found.evidence[0].text).toBe('the file declares its unit');
});

test('X up is proposed only where it is declared', () => {
  const declared = judgeUp({ ...UP, size: [2, 1, 1], declaredUp: 'x' });
  expect(declared[0]).toMatchObject({ id: 'x', turn: { axis: 'z', degrees: 90 } });
  expect(judgeUp({ ...UP, size: [2, 1, 1] }).some(({ id }) => id === 'x')).toBe(false);
});
