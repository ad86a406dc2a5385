import { computeHull2d, computeHullArea, measureInside } from './convex-hull-2d';

test.each([
  [[0, 0, 1, 0, 1, 1, 0, 1, 0.5, 0.5], 1, 0.5],
  [[0, 0, 4, 0, 4, 2, 0, 2, 1, 1, 2, 1], 8, 1],
])('the hull of %j has an area of %s', (points, area, inside) => {
  const hull = computeHull2d(Float64Array.from(points));
  expect(hull.length).toBe(8);
  expect(computeHullArea(hull)).toBeCloseTo(area, 12);
  expect(measureInside(hull, area === 1 ? 0.5 : 2, area === 1 ? 0.5 : 1)).toBeCloseTo(inside, 12);
  expect(measureInside(hull, -1, 0.5)).toBeLessThan(0);
});

test('points on a line, and none, have no hull to stand on', () => {
  expect(computeHull2d(Float64Array.from([0, 0, 1, 1, 2, 2])).length).toBeLessThan(6);
  expect(measureInside(computeHull2d(new Float64Array(0)), 0, 0)).toBe(-Infinity);
});
