import type { Box } from '@haveld/contract/report';
import { findFoot } from './find-foot';

/** A lamp whose arm reaches out: a foot of 1 × 2 at the origin, a head at (5, 8, 0). */
const LAMP = [-0.5, 0, -1, 0.5, 0, -1, 0.5, 0, 1, -0.5, 0, 1, 5, 8, 0];
const BOX: Box = { min: [-0.5, 0, -1], max: [5, 8, 1] };

test('the foot of a thing is what touches the ground, not what hangs above it', () => {
  const foot = findFoot([{ positions: Float64Array.from(LAMP) }], BOX);
  expect(foot).toEqual({ min: [-0.5, 0, -1], max: [0.5, 0, 1] });
});

test.each([
  ['on its head', 3, { min: [5, 8, 0], max: [5, 8, 0] }],
  ['on its left side', 0, { min: [-0.5, 0, -1], max: [-0.5, 0, 1] }],
  ['on its right side', 1, { min: [5, 8, 0], max: [5, 8, 0] }],
  ['on its back', 4, { min: [-0.5, 0, -1], max: [0.5, 0, -1] }],
])('standing %s it touches the ground elsewhere', (_, end, foot) => {
  expect(findFoot([{ positions: Float64Array.from(LAMP) }], BOX, end)).toEqual(foot);
});

test('several parts have one foot, and what touches nothing has its base', () => {
  const halves = [LAMP.slice(0, 6), LAMP.slice(6)].map((list) => ({ positions: Float64Array.from(list) }));
  expect(findFoot(halves, BOX).max).toEqual([0.5, 0, 1]);
  expect(findFoot([], BOX)).toEqual({ min: [-0.5, 0, -1], max: [5, 0, 1] });
});
