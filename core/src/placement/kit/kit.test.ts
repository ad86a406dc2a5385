import { findModule } from './find-module';
import { judgeKitUnit } from './judge-kit-unit';
import { listOddFigures } from './list-odd-figures';
import { placeBox } from './place-box';
import { describeRow } from './row-of';

type Size = [number, number, number];

describe('the module of a kit', () => {
  const walls: Size[] = [
    [1, 2.5, 0.2],
    [0.5, 2.5, 0.2],
    [2, 2.5, 0.2],
    [1.5, 2.5, 0.2],
    [3, 2.5, 0.2],
  ];

  test('is the coarsest length of which the sides are multiples; thickness says nothing', () => {
    expect(findModule(walls)).toMatchObject({
      module: 0.5,
      share: 1,
      odd: [],
      summary: 'all sides are multiples of 0.50 m',
    });
  });

  test('one that misses it is named, with the side and by how much', () => {
    const found = findModule([...walls, [1.04, 2.5, 0.2]])!;
    expect(found.module).toBe(0.5);
    expect(found.odd).toEqual([{ piece: 5, side: 'width', off: expect.closeTo(0.04, 6) }]);
  });

  test('loose furniture whose sides are mostly round has none: a fine module is one that nothing misses', () => {
    const loose: Size[] = [
      [1.8, 0.48, 0.4],
      [1.1, 0.48, 0.4],
      [0.8, 0.6, 0.6],
      [0.5, 0.35, 0.4],
      [0.9, 0.4, 0.5],
    ];
    expect(findModule(loose)).toBeNull();
    const tiles = loose.map((size): Size => size.map((side) => Math.round(side * 10) / 10) as Size);
    expect(findModule(tiles)).toMatchObject({ module: 0.1, odd: [] });
  });

  test('sizes that follow nothing have none, and neither have few', () => {
    const anyhow = Array.from({ length: 40 }, (_, i): Size => [
      0.313 + i * 0.0717,
      1.11 + i * 0.0391,
      0.43 + i * 0.0533,
    ]);
    expect(findModule(anyhow)).toBeNull();
    expect(findModule([[1, 1, 1]])).toBeNull();
    expect(findModule([])).toBeNull();
  });
});

describe('the unit of a kit', () => {
  test('what each piece leaves open, all of them together settle', () => {
    const unit = judgeKitUnit(Array.from({ length: 8 }, () => ({ cm: 0.55, m: 0.35, mm: 0.1 })))!;
    expect(unit).toMatchObject({ id: 'cm', agree: 8, others: [] });
    // (0.35 / 0.55) to the eighth is 0.027
    expect(unit.confidence).toBeCloseTo(1 / (1 + (0.35 / 0.55) ** 8 + (0.1 / 0.55) ** 8), 6);
  });

  test('one that says another is named, and outweighs nobody', () => {
    const pieces = [...Array.from({ length: 5 }, () => ({ cm: 0.8, m: 0.2 })), { cm: 0.0001, m: 0.9999 }];
    expect(judgeKitUnit(pieces)).toMatchObject({ id: 'cm', others: [5] });
  });

  test('without pieces there is none', () => {
    expect(judgeKitUnit([])).toBeNull();
  });
});

test('a figure far from those of its kit stands out, the farthest first', () => {
  expect(listOddFigures([1, 1.2, 0.9, 1, 100, 0.01, 1.1]).map(({ piece }) => piece)).toEqual([4, 5]);
  expect(listOddFigures([1, 100])).toEqual([]);
});

test('a box goes where the steps put the model', () => {
  const box = { min: [0, 0, 0] as Size, max: [1200, 800, 780] as Size };
  const placed = placeBox(box, [
    { kind: 'scale', schema: 1, factor: 0.001, label: '' },
    { kind: 'rotate', schema: 1, axis: 'x', degrees: -90 },
    { kind: 'set-front-axis', schema: 1, degrees: 90 },
    { kind: 'set-pivot', schema: 1, at: 'base-centre', onGround: true },
  ]);
  expect(placed.min.map((v) => Number(v.toFixed(6)))).toEqual([-0.4, 0, -0.6]);
  expect(placed.max.map((v) => Number(v.toFixed(6)))).toEqual([0.4, 0.78, 0.6]);
});

test.each([
  [1, 1, 'they meet'],
  [0.996, 1, 'gaps of 4 mm'],
  [1.03, 1, 'they overlap by 30 mm'],
  [0.63, 0.63, 'they meet'],
] as const)('six of %s m stand every %s m: %s', (width, pitch, words) => {
  const row = describeRow(width, 6);
  expect(row.pitch).toBeCloseTo(pitch, 9);
  expect(row.summary).toMatch(new RegExp(`${words}$`));
});

test('a piece of a kit stands in a row by the module of its kit', () => {
  expect(describeRow(0.63, 6, 0.6)).toMatchObject({
    pitch: 0.6,
    summary: expect.stringMatching(/they overlap by 30 mm$/),
  });
  expect(describeRow(1.17, 6, 0.6).summary).toMatch(/gaps of 30 mm$/);
});
