import { fitAffine, listAsked } from './fit-affine';

test('a map is found again, far from the origin too, and what is no map says how far it is off', () => {
  const points = Array.from({ length: 40 }, (_, i) => [1e4 + Math.sin(i), Math.cos(i * 2), i * 0.01]);
  const rows = [
    [0.001, 0, 0.5, 3],
    [2, -1, 0, 0],
  ];
  const values = rows.map(([x, y, z, shift]) => points.map((p) => x * p[0] + y * p[1] + z * p[2] + shift));
  const fit = fitAffine(points, values)!;
  expect(fit.off).toBeLessThan(1e-9);
  const [x, y, z, shift] = fit.rows[0];
  expect(x * 1e4 + y + z * 7 + shift).toBeCloseTo(10 + 3.5 + 3, 6);
  expect(fitAffine(points, [points.map((p) => (p[0] - 1e4) * p[1])])!.off).toBeGreaterThan(0.1);
  expect(fitAffine(points.slice(0, 2), [[1, 2]])).toBeNull();
});

test('of a flat sheet the map holds on the sheet', () => {
  const sheet = [0, 1, 2, 3].map((i) => [i & 1, 0, i >> 1]);
  const fit = fitAffine(sheet, [sheet.map(([x, , z]) => 100 * x + 7 * z)])!;
  expect(fit.off).toBeLessThan(1e-9);
  const [x, , z, shift] = fit.rows[0];
  expect(x * 0.5 + z * 0.5 + shift).toBeCloseTo(53.5);
});

test('of long lists some are asked, of short ones all', () => {
  expect(listAsked([3, 2])).toHaveLength(5);
  const many = listAsked([60_000, 60_000]);
  expect(many.length).toBeLessThan(150);
  expect(new Set(many.map(([list]) => list)).size).toBe(2);
});
