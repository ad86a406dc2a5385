import fc from 'fast-check';
import { completeNormals, computeCornerNormals, computePolygonNormals } from './corner-normals';
import type { PolygonMesh, SmoothingRule } from './polygon-mesh';

const NONE: SmoothingRule = { by: 'none' };
const mesh = (positions: number[], polygons: number[][], more: Partial<PolygonMesh> = {}): PolygonMesh => ({
  positions: Float64Array.from(positions),
  corners: Int32Array.from(polygons.flat()),
  sizes: Int32Array.from(polygons, (polygon) => polygon.length),
  normals: null,
  uvs: [],
  colours: [],
  smoothing: NONE,
  ...more,
});

/** A roof: two quads that meet in a ridge, each at 45° to the ground; 90° between them. */
const ROOF = [-1, 0, 0, -1, 0, 2, 0, 1, 2, 0, 1, 0, 1, 0, 2, 1, 0, 0];
const roof = (more: Partial<PolygonMesh> = {}): PolygonMesh =>
  mesh(
    ROOF,
    [
      [0, 1, 2, 3],
      [3, 2, 4, 5],
    ],
    more,
  );
const HALF = Math.SQRT1_2;
const normalAt = (values: ArrayLike<number>, corner: number): number[] =>
  [0, 1, 2].map((axis) => Math.round(values[corner * 3 + axis] * 1e6) / 1e6);
const expectNormal = (values: ArrayLike<number>, corner: number, expected: number[]): void =>
  expected.forEach((v, axis) => expect(values[corner * 3 + axis]).toBeCloseTo(v, 6));

test('a polygon’s normal is twice its area long, whatever its shape and whether it is flat or not (Newell)', () => {
  const square = mesh([0, 0, 0, 2, 0, 0, 2, 2, 0, 0, 2, 0], [[0, 1, 2, 3]]);
  expect([...computePolygonNormals(square)]).toEqual([0, 0, 8]);
  const arrow = mesh([0, 0, 0, 2, -2, 0, 0, 2, 0, -2, -2, 0], [[0, 1, 2, 3]]);
  // a dart of area 4: a triangle of base 4 and height 4 less one of base 4 and height 2
  expect([...computePolygonNormals(arrow)]).toEqual([0, 0, 8]);
  const turned = mesh([0, 0, 0, 0, 2, 0, 2, 2, 0, 2, 0, 0], [[0, 1, 2, 3]]);
  expect([...computePolygonNormals(turned)]).toEqual([0, 0, -8]);
});

test('without smoothing each corner has the normal of its own polygon', () => {
  const values = computeCornerNormals(roof(), NONE);
  for (const corner of [0, 1, 2, 3]) expectNormal(values, corner, [-HALF, HALF, 0]);
  for (const corner of [4, 5, 6, 7]) expectNormal(values, corner, [HALF, HALF, 0]);
});

describe.each<[string, SmoothingRule, boolean]>([
  ['one group', { by: 'groups', ofPolygon: [4, 4] }, true],
  ['two groups', { by: 'groups', ofPolygon: [4, 5] }, false],
  ['no group', { by: 'groups', ofPolygon: [0, 0] }, false],
  ['a shared bit', { by: 'bits', ofPolygon: [0b011, 0b110] }, true],
  ['no shared bit', { by: 'bits', ofPolygon: [0b001, 0b110] }, false],
  ['an angle above theirs', { by: 'angle', degrees: 91 }, true],
  ['an angle below theirs', { by: 'angle', degrees: 89 }, false],
])('%s', (_, rule, joined) => {
  test(joined ? 'shades the ridge as one, the eaves as each polygon' : 'keeps the ridge sharp', () => {
    const values = computeCornerNormals(roof(), rule);
    // corner 2 lies at the ridge, corner 0 at the eaves
    expectNormal(values, 2, joined ? [0, 1, 0] : [-HALF, HALF, 0]);
    expectNormal(values, 0, [-HALF, HALF, 0]);
  });
});

test('a larger polygon weighs more where two meet', () => {
  // one side of the roof is four times as wide as the other
  const wide = mesh(
    [-1, 0, 0, -1, 0, 2, 0, 1, 2, 0, 1, 0, 4, -3, 2, 4, -3, 0],
    [
      [0, 1, 2, 3],
      [3, 2, 4, 5],
    ],
  );
  const values = computeCornerNormals(wide, { by: 'angle', degrees: 180 });
  const [x, y] = normalAt(values, 2);
  expect(x / y).toBeCloseTo((4 - 1) / (4 + 1), 6);
});

test('normals the file has are kept; a corner without one gets what smoothing gives it', () => {
  const given = { width: 3, values: Float64Array.of(0, 0, 1), index: Int32Array.of(0, 0, 0, 0, -1, -1, 0, 0) };
  const completed = completeNormals(roof({ normals: given }));
  expectNormal(completed.values, 0, [0, 0, 1]);
  expectNormal(completed.values, 4, [HALF, HALF, 0]);
  const whole = { width: 3, values: Float64Array.of(0, 0, 1), index: new Int32Array(8) };
  expect(completeNormals(roof({ normals: whole }))).toBe(whole);
});

test('one surface has one normal a point, shared by its corners', () => {
  const { values, index } = completeNormals(roof({ smoothing: { by: 'angle', degrees: 180 } }));
  expect(values).toHaveLength(6 * 3);
  expect([...index!]).toEqual([0, 1, 2, 3, 3, 2, 4, 5]);
  expectNormal(values, 2, [0, 1, 0]);
});

test('a fan of hundreds of slivers has one tip, and takes no square of their number to find', () => {
  const count = 2000;
  const positions = [0, 1, 0];
  for (let i = 0; i < count; i++)
    positions.push(Math.cos((i / count) * 2 * Math.PI), 0, Math.sin((i / count) * 2 * Math.PI));
  const fan = mesh(
    positions,
    Array.from({ length: count }, (_, i) => [0, 1 + ((i + 1) % count), 1 + i]),
  );
  const values = computeCornerNormals(fan, { by: 'angle', degrees: 180 });
  for (const corner of [0, 3 * 700, 3 * 1999]) {
    const [x, y, z] = normalAt(values, corner);
    expect(Math.hypot(x, z)).toBeLessThan(0.02);
    expect(y).toBeGreaterThan(0.99);
  }
});

test('every normal is a unit vector, or nothing where there is no area; none is no number', () => {
  const place = fc.array(fc.integer({ min: -3, max: 3 }), { minLength: 15, maxLength: 15 });
  const polygon = fc.array(fc.integer({ min: 0, max: 4 }), { minLength: 3, maxLength: 5 });
  fc.assert(
    fc.property(
      place,
      fc.array(polygon, { minLength: 1, maxLength: 6 }),
      fc.integer({ min: 0, max: 180 }),
      (positions, polygons, degrees) => {
        const values = computeCornerNormals(mesh(positions, polygons), { by: 'angle', degrees });
        for (let c = 0; c < values.length; c += 3) {
          const length = Math.hypot(values[c], values[c + 1], values[c + 2]);
          expect(length < 1e-9 || Math.abs(length - 1) < 1e-5).toBe(true);
        }
      },
    ),
  );
});
