import { createBoxDocument } from '../../testing/documents';
import { boxCentre, computeBounds } from '../../scene/measures/bounds';
import { computePivotShift } from './set-pivot';

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
