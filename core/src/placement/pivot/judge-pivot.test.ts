import { findPivotPlace, judgePivotPlace } from './judge-pivot';

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
