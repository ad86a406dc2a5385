import type { Box } from '@haveld/contract/report';
import { rotateBox } from './rotate-box';

const BOX: Box = { min: [0, 0, 0], max: [1, 2, 3] };

test('−90° about X lays what pointed along Z upright', () => {
  // y ← z, z ← −y
  expect(rotateBox(BOX, { axis: 'x', degrees: -90 })).toEqual({ min: [0, 0, -2], max: [1, 3, -0] });
});

test('90° about Z lays what pointed along X upright', () => {
  // y ← x, x ← −y
  expect(rotateBox(BOX, { axis: 'z', degrees: 90 })).toEqual({ min: [-2, 0, 0], max: [-0, 1, 3] });
});

test('a half turn about X swaps head and foot', () => {
  expect(rotateBox(BOX, { axis: 'x', degrees: 180 })).toEqual({ min: [0, -2, -3], max: [1, -0, -0] });
});

test('four quarter turns come back, and none changes nothing', () => {
  const once = (box: Box): Box => rotateBox(box, { axis: 'y', degrees: 90 });
  expect(once(once(once(once({ min: [-1, 5, 2], max: [4, 6, 9] }))))).toEqual({ min: [-1, 5, 2], max: [4, 6, 9] });
  expect(rotateBox(BOX, null)).toEqual(BOX);
});
