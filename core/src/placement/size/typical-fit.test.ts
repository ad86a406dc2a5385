import fc from 'fast-check';
import {
  chooseTypical,
  compareWithTypical,
  likelihoodOfKind,
  saidSide,
  scoreProportions,
  standAsUsual,
  usualRange,
} from './typical-fit';
import type { TypicalSize } from './kind-rows';
import { findTypicalSize, listTypicalSizes } from './typical-sizes';

const rowOf = (name: string): TypicalSize => findTypicalSize(name)!;
const chair = rowOf('chair');

test('the middle one of its kind is neither larger nor strange', () => {
  const fit = compareWithTypical(chair.middle, chair);
  expect(fit.larger).toBeCloseTo(0, 12);
  expect(fit.strangeness).toBeCloseTo(0, 12);
  expect(scoreProportions(fit)).toBeCloseTo(0, 12);
  expect(likelihoodOfKind(fit, chair)).toBeGreaterThan(0.99);
});

test('in another unit a thing is larger and not stranger', () => {
  fc.assert(
    fc.property(fc.double({ min: -7, max: 7, noNaN: true }), (log) => {
      const factor = Math.exp(log);
      const { larger, strangeness } = compareWithTypical(
        chair.middle.map((side) => side * factor) as [number, number, number],
        chair,
      );
      expect(larger).toBeCloseTo(log, 9);
      expect(strangeness).toBeCloseTo(0, 9);
    }),
  );
});

test('width and depth may be exchanged, the height may not', () => {
  const bed = rowOf('bed');
  const [width, height, depth] = bed.middle;
  expect(compareWithTypical([depth, height, width], bed).strangeness).toBeCloseTo(0, 12);
  expect(compareWithTypical([width, depth, height], bed).strangeness).toBeGreaterThan(5);
});

test('a thing drawn without thickness is compared by its other sides', () => {
  const rug = rowOf('rug');
  const flat = compareWithTypical([1.9, 0, 1.5], rug);
  expect(Number.isFinite(flat.larger)).toBe(true);
  expect(Math.abs(flat.larger)).toBeLessThan(0.3);
});

test('how large a thing is says little of the one whose sides vary most', () => {
  const picture = rowOf('picture');
  const deep = compareWithTypical([picture.middle[0], picture.middle[1], picture.middle[2] * 4], picture);
  expect(deep.larger).toBeLessThan(Math.log(4) / 3);
});

test.each([
  ['car', [4.4, 1.8, 1.45], [1.8, 1.45, 4.4]],
  ['bed', [1.6, 2.1, 0.8], [1.6, 0.8, 2.1]],
  ['wardrobe', [0.6, 1.5, 2.1], [1.5, 2.1, 0.6]],
  ['aeroplane', [30, 28, 9], [30, 9, 28]],
] as const)('a %s of %j stands as its kind stands', (name, size, upright) => {
  const stood = standAsUsual([...size], rowOf(name));
  expect(stood[1]).toBe(upright[1]);
  expect([...stood].sort()).toEqual([...upright].sort());
});

test('of two words of a name the proportions choose where one of them cannot be meant', () => {
  // the picture of a tiger is as thin as pictures are
  expect(chooseTypical(listTypicalSizes('Frame tiger'), [0.6, 0.02, 0.5])?.plural).toBe('frames');
  expect(chooseTypical(listTypicalSizes('Frame tiger'), [0.5, 1, 2])?.plural).toBe('big cats');
  expect(chooseTypical(listTypicalSizes('oak table'), [0.4, 0.4, 40])?.plural).toBe('tables');
  expect(chooseTypical([], [1, 1, 1])).toBeNull();
});

test.each([
  ['chair', 'height', 0.6, 1.3],
  ['bed', 'longest', 1.2, 3.3],
  ['door', 'height', 1.5, 2.8],
  ['car', 'longest', 2.9, 6.5],
] as const)('what people say of a %s is its %s', (name, side, least, most) => {
  const row = rowOf(name);
  expect(saidSide(row)).toBe(side);
  const { min, max } = usualRange(row);
  expect(min).toBeGreaterThan(least);
  expect(max).toBeLessThan(most);
});

// published sizes, each within what its row holds
test.each([
  ['euro pallet', [1.2, 0.144, 0.8], 'EN 13698-1'],
  ['shipping container', [2.438, 2.591, 6.058], 'ISO 668, 1CC'],
  ['shipping container', [2.438, 2.591, 12.192], 'ISO 668, 1AA'],
  ['brick', [0.24, 0.071, 0.115], 'DIN 105, NF'],
  ['door', [0.86, 1.985, 0.04], 'DIN 18101, 860 × 1985'],
  ['table tennis table', [1.525, 0.76, 2.74], 'ITTF, law 2.1'],
  ['basketball', [0.246, 0.246, 0.246], 'FIBA, size 7'],
  ['football', [0.22, 0.22, 0.22], 'FIFA, law 2'],
  ['tennis ball', [0.067, 0.067, 0.067], 'ITF'],
  ['soccer goal', [7.32, 2.44, 2], 'FIFA, law 1'],
  ['battery', [0.0145, 0.0505, 0.0145], 'IEC 60086-2, LR6'],
  ['newspaper', [0.21, 0.001, 0.297], 'ISO 216, A4'],
  ['wheelie bin', [0.48, 0.93, 0.55], 'EN 840-1, 120 l'],
  ['dishwasher', [0.6, 0.82, 0.56], 'EN 1116'],
  ['playing card', [0.063, 0.0003, 0.088], 'poker size, common practice, no source'],
] as const)('%s of %j m is of its usual size (%s)', (name, size, _source) => {
  const row = rowOf(name);
  const { larger, spread } = compareWithTypical([...size], row);
  expect(Math.abs(larger)).toBeLessThan(1.96 * Math.max(spread, 0.12));
});
