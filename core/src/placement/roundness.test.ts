import { judgeRoundness } from './roundness';

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
});
