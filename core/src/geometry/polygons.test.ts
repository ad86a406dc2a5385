import fc from 'fast-check';
import { computePolygonOutline } from './polygon-outline';
import { triangulatePolygon } from './triangulate';

function cut(points: [number, number, number][]): { triangles: number; indices: Int32Array } {
  const indices = new Int32Array((points.length - 2) * 3);
  const triangles = triangulatePolygon(Float64Array.from(points.flat()), points.length, indices, 0);
  return { triangles, indices };
}

const area2 = (a: number[], b: number[], c: number[]): number =>
  (b[0] - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (b[1] - a[1]);

/** A star-shaped polygon: any radii round a centre, so it may be concave at every corner. */
const polygons = fc
  .array(fc.double({ min: 0.2, max: 2, noNaN: true }), { minLength: 4, maxLength: 24 })
  .map((radii) =>
    radii.map((radius, i): [number, number, number] => [
      radius * Math.cos((i / radii.length) * 2 * Math.PI),
      radius * Math.sin((i / radii.length) * 2 * Math.PI),
      0,
    ]),
  );

test('property: the triangles cover the polygon once and give back its outline', () => {
  fc.assert(
    fc.property(polygons, (points) => {
      const { triangles, indices } = cut(points);
      expect(triangles).toBe(points.length - 2);
      let covered = 0;
      for (let t = 0; t < triangles; t++)
        covered += area2(points[indices[t * 3]], points[indices[t * 3 + 1]], points[indices[t * 3 + 2]]);
      const whole = points.reduce((sum, p, i) => sum + area2([0, 0], p, points[(i + 1) % points.length]), 0);
      expect(covered).toBeCloseTo(whole, 9);
      const outline = computePolygonOutline(indices, 0, triangles)!;
      const from = outline.indexOf(0);
      expect([...outline.slice(from), ...outline.slice(0, from)]).toEqual(points.map((_, i) => i));
    }),
    { seed: 11, numRuns: 200 },
  );
});

test('an arrow-shaped quad is not cut across its notch', () => {
  const { indices } = cut([
    [0, 0, 0],
    [2, 1, 0],
    [0, 2, 0],
    [0.8, 1, 0],
  ]);
  const points = [
    [0, 0],
    [2, 1],
    [0, 2],
    [0.8, 1],
  ];
  for (const t of [0, 3])
    expect(area2(points[indices[t]], points[indices[t + 1]], points[indices[t + 2]])).toBeGreaterThan(0);
});

test('a polygon of no area is still cut into its triangles', () => {
  expect(
    cut([
      [0, 0, 0],
      [1, 0, 0],
      [2, 0, 0],
      [3, 0, 0],
      [4, 0, 0],
    ]).triangles,
  ).toBe(3);
});

test('triangles that form no single ring have no outline', () => {
  expect(computePolygonOutline([0, 1, 2, 3, 4, 5], 0, 2)).toBeNull();
});
