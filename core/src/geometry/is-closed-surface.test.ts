import { isClosedSurface } from './is-closed-surface';

const SQUARE = [0, 0, 0, 1, 0, 0, 1, 1, 0, 0, 1, 0];
const TETRAHEDRON = Float64Array.from([0, 0, 0, 1, 0, 0, 0, 1, 0, 0, 0, 1]);
const FACES = [0, 2, 1, 0, 1, 3, 1, 2, 3, 0, 3, 2];
const part = (positions: Float64Array, indices: number[] | null) => ({
  positions,
  indices,
  corners: indices?.length ?? positions.length / 3,
});

test('a tetrahedron is closed, without one of its faces it is open', () => {
  expect(isClosedSurface([part(TETRAHEDRON, FACES)])).toBe(true);
  expect(isClosedSurface([part(TETRAHEDRON, FACES.slice(3))])).toBe(false);
  expect(isClosedSurface([part(TETRAHEDRON, [...FACES.slice(0, 3), ...FACES.slice(0, 9)])])).toBe(false);
});

test('vertices at one place count as one, in one part or in several, far from the origin too', () => {
  const far = TETRAHEDRON.map((value) => value + 1e6);
  const corners = Float64Array.from(FACES.flatMap((i) => [...far.slice(i * 3, i * 3 + 3)]));
  expect(isClosedSurface([part(corners, null)])).toBe(true);
  expect(isClosedSurface([part(far, FACES.slice(0, 6)), part(far.slice(), FACES.slice(6))])).toBe(true);
});

test('a sheet is open, one of two sides is closed, and so is nothing', () => {
  expect(isClosedSurface([part(Float64Array.from(SQUARE), [0, 1, 2, 0, 2, 3])])).toBe(false);
  expect(isClosedSurface([part(Float64Array.from(SQUARE), [0, 1, 2, 0, 2, 3, 2, 1, 0, 3, 2, 0])])).toBe(true);
  expect(isClosedSurface([])).toBe(true);
});

test('of faces without extent nothing is left open', () => {
  expect(isClosedSurface([part(Float64Array.from([1, 1, 1, 1, 1, 1, 1, 1, 1]), [0, 1, 2])])).toBe(true);
});
