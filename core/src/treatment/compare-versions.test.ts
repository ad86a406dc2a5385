import { FiguresSchema } from '@haveld/contract/report';
import type { Step } from '@haveld/contract/step';
import { exampleOf } from '@haveld/contract/testing/example-of';
import { compareFigures, compareSteps } from './compare-versions';

const figures = exampleOf(FiguresSchema, {
  box: { min: [-0.6, 0, -0.4], max: [0.6, 0.78, 0.4] },
  triangles: 500,
  maps: 3,
});

test('of two versions the figures that differ are told from those that are the same', () => {
  const later = { ...figures, triangles: 480, mapSide: 1024 };
  const compared = compareFigures(figures, later);
  expect(compared[0]).toMatchObject({ figure: 'size', isSame: true });
  expect(compared.filter(({ isSame }) => !isSame)).toEqual([
    { figure: 'triangles', before: 500, after: 480, isSame: false },
    { figure: 'mapSide', before: 0, after: 1024, isSame: false },
  ]);
});

test.each([
  ['a hair', 0.780001, true],
  ['a hand', 0.88, false],
])('lengths that differ by %s', (_, height, isSame) => {
  const later = { ...figures, box: { min: figures.box!.min, max: [0.6, height, 0.4] as [number, number, number] } };
  expect(compareFigures(figures, later)[0].isSame).toBe(isSame);
  expect(compareFigures(figures, { ...figures, box: null })[0].isSame).toBe(false);
});

test('a step that has other settings is gone and come; the same step twice counts twice', () => {
  const scale = (factor: number): Step => ({ kind: 'scale', schema: 1, factor, label: '' });
  const outcome = (title: string) => ({ kind: 'scale', title, changed: '', unmatched: [], worse: [] });
  const version = (factors: number[]) => ({
    steps: factors.map(scale),
    outcomes: factors.map((factor) => outcome(`scaled by ${factor}`)),
    after: null,
  });
  expect(compareSteps(version([2, 2, 3]), version([2, 5]))).toEqual({
    kept: ['scaled by 2'],
    gone: ['scaled by 2', 'scaled by 3'],
    come: ['scaled by 5'],
  });
});
