import fc from 'fast-check';
import { coverTriangle, createCover, signedUvArea } from './uv-cover';

const SIDE = 32;
const corner = fc.tuple(
  fc.double({ min: -0.3, max: 1.3, noNaN: true }),
  fc.double({ min: -0.3, max: 1.3, noNaN: true }),
);

/** Cells whose middles lie in a triangle, asked one by one. */
function listInside(uv: Float32Array): number[] {
  const at = (corner: number): [number, number] => [uv[corner * 2] * SIDE, uv[corner * 2 + 1] * SIDE];
  const [a, b, c] = [at(0), at(1), at(2)];
  const side = (p: number[], q: number[], x: number, y: number): number =>
    (q[0] - p[0]) * (y - p[1]) - (q[1] - p[1]) * (x - p[0]);
  const cells: number[] = [];
  for (let row = 0; row < SIDE; row++)
    for (let column = 0; column < SIDE; column++) {
      const [x, y] = [column + 0.50013, row + 0.50007];
      const sides = [side(a, b, x, y), side(b, c, x, y), side(c, a, x, y)];
      if (sides.every((value) => value > 0) || sides.every((value) => value < 0)) cells.push(row * SIDE + column);
    }
  return cells;
}

test('property: a triangle covers the cells whose middles lie in it, in the tile and nowhere else', () => {
  fc.assert(
    fc.property(fc.tuple(corner, corner, corner), (corners) => {
      const uv = Float32Array.from(corners.flat());
      const cover = createCover(SIDE);
      const marked: number[] = [];
      const counted = coverTriangle(cover, uv, 0, 1, 2);
      coverTriangle(createCover(SIDE), uv, 0, 1, 2, (cell) => marked.push(cell));
      const expected = listInside(uv);
      expect(marked).toEqual(expected);
      expect(counted).toBe(expected.length);
      expect([...cover.times].flatMap((times, cell) => (times > 0 ? [cell] : []))).toEqual(expected);
    }),
    { seed: 11, numRuns: 300 },
  );
});

test('two halves of a square cover every cell once, whichever diagonal cuts it', () => {
  const uv = Float32Array.from([0, 0, 1, 0, 1, 1, 0, 1]);
  for (const halves of [
    [0, 1, 2, 0, 2, 3],
    [0, 1, 3, 1, 2, 3],
  ]) {
    const cover = createCover(SIDE);
    for (let i = 0; i < 6; i += 3) coverTriangle(cover, uv, halves[i], halves[i + 1], halves[i + 2]);
    expect(cover.times.every((times) => times === 1)).toBe(true);
  }
});

test('a window of tiles is covered as its tiles are', () => {
  const uv = Float32Array.from([2, 1, 4, 1, 2, 3]);
  const cover = createCover(SIDE, { u: 2, v: 1, tiles: 2 });
  const half = coverTriangle(cover, uv, 0, 1, 2);
  expect(half / SIDE ** 2).toBeCloseTo(0.5, 1);
  expect(coverTriangle(createCover(SIDE), uv, 0, 1, 2)).toBe(0);
});

test('what has no area, or is no number, covers nothing', () => {
  for (const uv of [
    [0.1, 0.1, 0.5, 0.5, 0.9, 0.9],
    [0.5, 0.5, 0.5, 0.5, 0.5, 0.5],
    [NaN, 0, 1, 0, 1, 1],
    [Infinity, 0, 1, 0, 1, 1],
  ])
    expect(coverTriangle(createCover(SIDE), Float32Array.from(uv), 0, 1, 2)).toBe(0);
});

test('more than 255 times counts as 255', () => {
  const cover = createCover(4);
  for (let i = 0; i < 300; i++) coverTriangle(cover, Float32Array.from([-1, -1, 3, -1, -1, 3]), 0, 1, 2);
  expect([...cover.times].every((times) => times === 255)).toBe(true);
});

test('the area of a layout is above zero where it is mirrored', () => {
  // v runs down a picture in glTF
  expect(signedUvArea(Float32Array.from([0, 0, 1, 0, 0, 1]), 0, 1, 2)).toBeCloseTo(0.5, 9);
  expect(signedUvArea(Float32Array.from([0, 0, 0, 1, 1, 0]), 0, 1, 2)).toBeCloseTo(-0.5, 9);
});
