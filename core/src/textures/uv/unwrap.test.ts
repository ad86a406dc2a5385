import { BoxGeometry, IcosahedronGeometry, TorusKnotGeometry, type BufferGeometry } from 'three';
import { mergePoints } from '../../geometry/merge-points';
import { unwrap, type Unwrapped } from './unwrap';
import { coverTriangle, createCover, signedUvArea } from './uv-cover';

const SIDE = 256;

function surfaceOf(geometry: BufferGeometry) {
  const plain = geometry.index ? geometry.toNonIndexed() : geometry;
  const { positions, corners } = mergePoints(new Float32Array(plain.getAttribute('position').array));
  return { positions, points: Uint32Array.from(corners) };
}

/** A strip that winds up on itself: seen from above each turn lies on the one before. */
function createSpiral(turns: number, steps: number) {
  const positions: number[] = [];
  const points: number[] = [];
  for (let i = 0; i <= turns * steps; i++) {
    const angle = (i / steps) * 2 * Math.PI;
    for (const radius of [1, 2]) positions.push(radius * Math.cos(angle), angle * 0.05, radius * Math.sin(angle));
    if (i > 0) points.push(i * 2 - 2, i * 2, i * 2 - 1, i * 2 - 1, i * 2, i * 2 + 1);
  }
  return { positions: Float32Array.from(positions), points: Uint32Array.from(points) };
}

function areaOf(positions: ArrayLike<number>, [a, b, c]: Uint32Array): number {
  const at = (p: number) => [0, 1, 2].map((n) => positions[p * 3 + n]);
  const [p, q, r] = [at(a), at(b), at(c)];
  const [u, v] = [q.map((x, n) => x - p[n]), r.map((x, n) => x - p[n])];
  return Math.hypot(u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]) / 2;
}

/** Cells that two triangles cover, and cells covered at all. */
function countCells({ uvs }: Unwrapped, side: number) {
  const cover = createCover(side);
  for (let c = 0; c < uvs.length / 2; c += 3) coverTriangle(cover, uvs, c, c + 1, c + 2);
  return { twice: cover.times.filter((n) => n > 1).length, once: cover.times.filter((n) => n > 0).length };
}

test.each([
  ['a box', surfaceOf(new BoxGeometry(1, 2, 3)), 6, 0.35],
  ['a ball', surfaceOf(new IcosahedronGeometry(1, 8)), 20, 0.3],
  ['a knot', surfaceOf(new TorusKnotGeometry(1, 0.3, 160, 12)), 160, 0.3],
  ['a strip that winds over itself', createSpiral(3, 48), 8, 0.15],
])(
  '%s: nothing lies on anything, all of it is there, of one scale',
  async (_what, { positions, points }, most, least) => {
    const laid = await unwrap(positions, points, { side: SIDE, margin: 2 });
    expect(Math.min(...laid.uvs)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...laid.uvs)).toBeLessThanOrEqual(1);
    const { twice, once } = countCells(laid, SIDE);
    // what is laid at slightly another place than it was tried at may touch at a cell's middle
    expect(twice / once).toBeLessThan(0.002);
    expect(once / SIDE ** 2).toBeGreaterThan(least);
    expect(laid.charts).toBeLessThanOrEqual(most);
    const shares: number[] = [];
    for (let c = 0; c < points.length; c += 3) {
      const surface = areaOf(positions, points.subarray(c, c + 3));
      const flat = signedUvArea(laid.uvs, c, c + 1, c + 2);
      // as seen from outside, never mirrored
      expect(flat).toBeLessThanOrEqual(1e-12);
      if (surface > 1e-9) shares.push(-flat / surface);
    }
    expect(Math.max(...shares) / Math.min(...shares)).toBeLessThan(1 / Math.cos((50 * Math.PI) / 180) + 0.01);
  },
);

test('pieces keep their margin, and the same surface is laid out the same', async () => {
  const { positions, points } = surfaceOf(new BoxGeometry(1, 1, 1, 4, 4, 4));
  const laid = await unwrap(positions, points, { side: SIDE, margin: 4 });
  expect(laid.charts).toBe(6);
  const boxes = Array.from({ length: 6 }, (_, face) => {
    const own = [...laid.uvs.subarray(face * 192, face * 192 + 192)].map((v) => v * SIDE);
    const xs = own.filter((__, i) => i % 2 === 0);
    const ys = own.filter((__, i) => i % 2 === 1);
    return [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  });
  boxes.forEach((a, i) =>
    boxes.slice(i + 1).forEach((b) => {
      const apart = Math.max(b[0] - a[1], a[0] - b[1], b[2] - a[3], a[2] - b[3]);
      expect(apart).toBeGreaterThanOrEqual(3.9);
    }),
  );
  expect((await unwrap(positions, points, { side: SIDE, margin: 4 })).uvs).toEqual(laid.uvs);
});

test('what has no area has a place, and nothing at all is nothing', async () => {
  const line = await unwrap([0, 0, 0, 1, 0, 0, 2, 0, 0], Uint32Array.of(0, 1, 2), { side: SIDE, margin: 2 });
  expect(line).toEqual({ uvs: new Float32Array(6), charts: 0, filled: 0 });
  const { uvs } = await unwrap([0, 0, 0, 1, 0, 0, 0, 1, 0, 0.5, 0, 0], Uint32Array.of(0, 1, 2, 0, 3, 1), {
    side: SIDE,
    margin: 2,
  });
  expect([...uvs].every((v) => v >= 0 && v <= 1)).toBe(true);
});
