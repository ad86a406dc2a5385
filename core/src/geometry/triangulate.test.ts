import fc from 'fast-check';
import { triangulatePolygon } from './triangulate';

const cut = (points: number[]): number[] => {
  const size = points.length / 3;
  const dst = new Int32Array((size - 2) * 3);
  expect(triangulatePolygon(Float64Array.from(points), size, dst, 0)).toBe(size - 2);
  return [...dst];
};

test('a convex quad is cut along its first diagonal, so that exporters agree', () => {
  expect(cut([0, 0, 0, 1, 0, 0, 1, 1, 0, 0, 1, 0])).toEqual([0, 1, 2, 0, 2, 3]);
});

test('a dart is cut from its reflex corner, inside itself', () => {
  expect(cut([0, 0, 0, 2, -1, 0, 0.5, 0, 0, 2, 1, 0]).length).toBe(6);
  expect(cut([0.5, 0, 0, 2, 1, 0, 0, 0, 0, 2, -1, 0])).not.toContain(4);
  expect(cut([2, 1, 0, 0, 0, 0, 2, -1, 0, 0.5, 0, 0])).toEqual([0, 1, 3, 1, 2, 3]);
});

test('polygons in any plane are cut as they lie, also edge-on to two axes', () => {
  const square = (map: (a: number, b: number) => number[]): number[] =>
    [
      [0, 0],
      [2, 0],
      [2, 2],
      [1, 1],
      [0, 2],
    ].flatMap(([a, b]) => map(a, b));
  for (const map of [
    (a: number, b: number) => [a, b, 5],
    (a: number, b: number) => [5, a, b],
    (a: number, b: number) => [b, 5, a],
  ])
    expect(new Set(cut(square(map)))).toEqual(new Set([0, 1, 2, 3, 4]));
});

test('whatever comes, as many triangles come out as the size says, with corners of the polygon alone', () => {
  const coordinate = fc.oneof(fc.integer({ min: -4, max: 4 }), fc.constant(NaN), fc.constant(1e30));
  fc.assert(
    fc.property(fc.array(fc.tuple(coordinate, coordinate, coordinate), { minLength: 3, maxLength: 10 }), (points) => {
      const corners = cut(points.flat());
      expect(corners.every((corner) => corner >= 0 && corner < points.length)).toBe(true);
    }),
  );
});
