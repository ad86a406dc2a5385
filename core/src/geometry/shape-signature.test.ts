import fc from 'fast-check';
import { compareShapes } from './compare-shapes';
import { computeShapeSignature } from './shape-signature';
import type { Surface } from './surface';
import { computeSymmetricEigen } from './symmetric-eigen';

/** An L with a foot of three different lengths: it has a hand. */
const L = boxes([
  [0, 0, 0, 1, 4, 0.5],
  [1, 0, 0, 2.5, 0.8, 0.5],
  [0, 0, 0.5, 0.6, 0.7, 2],
]);

function boxes(list: number[][]): Surface {
  const positions: number[] = [];
  const indices: number[] = [];
  for (const [x0, y0, z0, x1, y1, z1] of list) {
    const o = positions.length / 3;
    for (const z of [z0, z1]) positions.push(x0, y0, z, x1, y0, z, x1, y1, z, x0, y1, z);
    for (const [a, b, c, d] of [
      [0, 3, 2, 1],
      [4, 5, 6, 7],
      [0, 1, 5, 4],
      [2, 3, 7, 6],
      [1, 2, 6, 5],
      [0, 4, 7, 3],
    ])
      indices.push(o + a, o + b, o + c, o + a, o + c, o + d);
  }
  return { positions: Float64Array.from(positions), indices };
}

const map = ({ positions, indices }: Surface, f: (p: number[]) => number[]): Surface => ({
  positions: Float64Array.from(
    Array.from({ length: positions.length / 3 }, (_, i) => f([...positions.slice(i * 3, i * 3 + 3)])).flat(),
  ),
  indices,
});

/** Each triangle in four: the same surface, other triangles. */
function subdivide({ positions, indices: given }: Surface): Surface {
  const indices = given ?? Array.from({ length: positions.length / 3 }, (_, i) => i);
  const out: number[] = [];
  const at = (i: number): number[] => [...positions.slice(i * 3, i * 3 + 3)];
  const mid = (a: number[], b: number[]): number[] => a.map((x, k) => (x + b[k]) / 2);
  for (let i = 0; i < indices.length; i += 3) {
    const [a, b, c] = [at(indices[i]), at(indices[i + 1]), at(indices[i + 2])];
    const [ab, bc, ca] = [mid(a, b), mid(b, c), mid(c, a)];
    out.push(...a, ...ab, ...ca, ...ab, ...b, ...bc, ...ca, ...bc, ...c, ...ab, ...bc, ...ca);
  }
  return { positions: Float64Array.from(out), indices: null };
}

const turn =
  (angle: number, k: number) =>
  (p: number[]): number[] => {
    const [i, j] = [(k + 1) % 3, (k + 2) % 3];
    const q = [...p];
    q[i] = p[i] * Math.cos(angle) - p[j] * Math.sin(angle);
    q[j] = p[i] * Math.sin(angle) + p[j] * Math.cos(angle);
    return q;
  };

test('a unit square about its centre: spreads by hand', () => {
  const square: Surface = {
    positions: Float64Array.from([0, 0, 0, 1, 0, 0, 1, 1, 0, 0, 1, 0]),
    indices: [0, 1, 2, 0, 2, 3],
  };
  // variance of a uniform distribution on 0 to 1 is 1/12 along each side
  expect(computeShapeSignature([square])).toMatchObject({
    radiusOfGyration: expect.closeTo(Math.sqrt(2 / 12), 12) as number,
    middleSpread: expect.closeTo(1, 6) as number,
    smallestSpread: expect.closeTo(0, 6) as number,
    fullness: expect.closeTo(6, 9) as number,
    handedness: 0,
    triangles: 2,
  });
});

test('whatever is turned, moved and scaled keeps its signature', () => {
  const before = computeShapeSignature([L])!;
  const angle = fc.double({ min: -3, max: 3, noNaN: true });
  fc.assert(
    fc.property(
      angle,
      angle,
      angle,
      fc.double({ min: 0.001, max: 1000, noNaN: true }),
      fc.double({ min: -50, max: 50, noNaN: true }),
      (a, b, c, scale, shift) => {
        const moved = map(map(map(map(L, turn(a, 0)), turn(b, 1)), turn(c, 2)), (p) =>
          p.map((x) => (x + shift) * scale),
        );
        const after = computeShapeSignature([moved])!;
        const compared = compareShapes(before, after);
        expect(compared).toMatchObject({ relation: 'same-shape' });
        expect(compared!.scale / scale).toBeCloseTo(1, 6);
        expect(compared!.distance).toBeLessThan(0.02);
      },
    ),
    { seed: 7, numRuns: 60 },
  );
});

test('another triangulation of the same surface is the same shape', () => {
  const compared = compareShapes(computeShapeSignature([L])!, computeShapeSignature([subdivide(subdivide(L))])!);
  expect(compared).toMatchObject({ relation: 'same-shape' });
});

test('a mirrored twin is said to be one, however it is turned', () => {
  const mirrored = map(
    map(L, ([x, y, z]) => [-x, y, z]),
    turn(0.7, 1),
  );
  expect(compareShapes(computeShapeSignature([L])!, computeShapeSignature([mirrored])!)?.relation).toBe('mirrored');
});

test('a shape that is its own mirror image has no hand', () => {
  const cross = boxes([[0, 0, 0, 1, 4, 0.5]]);
  expect(computeShapeSignature([cross])!.handedness).toBe(0);
});

test('a part made a tenth longer is another shape', () => {
  const other = boxes([
    [0, 0, 0, 1, 4, 0.5],
    [1, 0, 0, 2.65, 0.8, 0.5],
    [0, 0, 0.5, 0.6, 0.7, 2],
  ]);
  expect(compareShapes(computeShapeSignature([L])!, computeShapeSignature([other])!)).toBeNull();
});

test.each<[string, Surface[]]>([
  ['nothing', []],
  ['no triangles', [{ positions: new Float64Array(), indices: [] }]],
  ['triangles without extent', [{ positions: new Float64Array(9), indices: [0, 1, 2] }]],
])('%s has no signature', (_, surfaces) => {
  expect(computeShapeSignature(surfaces)).toBeNull();
});

test('eigenvalues of a matrix worked out by hand', () => {
  // 2 1 0 / 1 2 0 / 0 0 5: 5, 3, 1
  const { values, vectors } = computeSymmetricEigen([2, 1, 0, 2, 0, 5]);
  expect(values.map((value) => Math.round(value * 1e9) / 1e9)).toEqual([5, 3, 1]);
  expect(Math.abs(vectors[1][0] - vectors[1][1])).toBeLessThan(1e-9);
});
