import { Vector3 } from 'three';
import { ExtendedTriangle } from 'three-mesh-bvh';
import { createRandom } from '../../testing/random';
import { isCrossing, isLyingOn, listPlanes } from './triangle-pairs';

const INDICES = Uint32Array.from([0, 1, 2, 3, 4, 5]);
const pair = (corners: readonly number[]) => {
  const positions = Float32Array.from(corners);
  return { positions, planes: listPlanes(positions, INDICES) };
};
const crosses = (corners: readonly number[], least = 1e-6): boolean => {
  const { positions, planes } = pair(corners);
  return isCrossing(positions, INDICES, planes, 0, 1, least);
};
const lies = (corners: readonly number[], apart = 1e-3, share = 0.01): boolean => {
  const { positions, planes } = pair(corners);
  return isLyingOn(positions, INDICES, planes, 0, 1, { apart, share });
};
const BASE = [0, 0, 0, 1, 0, 0, 0, 1, 0];
/** The first triangle with its corners moved. */
const moved = (x: number, y: number, z: number): number[] => BASE.map((v, i) => v + [x, y, z][i % 3]);

test('triangles go through one another where three-mesh-bvh says so, whichever comes first', () => {
  const random = createRandom(7);
  let crossing = 0;
  for (let i = 0; i < 3000; i++) {
    const corners = Array.from({ length: 18 }, () => Math.fround(random()));
    const [a, b] = [0, 9].map((from) => {
      const at = [0, 3, 6].map((k) => new Vector3().fromArray(corners, from + k));
      return new ExtendedTriangle(at[0], at[1], at[2]);
    });
    const wanted = a.intersectsTriangle(b);
    const found = crosses(corners, 0);
    expect({ i, found }).toEqual({ i, found: wanted });
    expect(crosses([...corners.slice(9), ...corners.slice(0, 9)], 0)).toBe(found);
    if (found) crossing++;
  }
  expect(crossing).toBeGreaterThan(300);
});

test('what only touches does not go through', () => {
  // a corner on the face, an edge along it, one that stands on it
  expect(crosses([...BASE, 0.2, 0.2, 0, 0.2, 0.2, 1, 0.4, 0.2, 1])).toBe(false);
  expect(crosses([...BASE, 0.1, 0.1, 0, 0.4, 0.1, 0, 0.2, 0.1, 1])).toBe(false);
  // the same a tenth lower goes through
  expect(crosses([...BASE, 0.1, 0.1, -0.1, 0.4, 0.1, -0.1, 0.2, 0.1, 1])).toBe(true);
  // and not where it is allowed to reach so far
  expect(crosses([...BASE, 0.1, 0.1, -0.1, 0.4, 0.1, -0.1, 0.2, 0.1, 1], 0.2)).toBe(false);
});

test('triangles lie on one another where they share area and are nowhere farther apart', () => {
  expect(lies([...BASE, ...BASE])).toBe(true);
  expect(lies([...BASE, ...moved(0.3, 0.2, 0)])).toBe(true);
  expect(lies([...BASE, ...moved(0.3, 0.2, 9e-4)])).toBe(true);
  expect(lies([...BASE, ...moved(0.3, 0.2, 1.1e-3)])).toBe(false);
  // side by side, corner on corner, a rim of less than a hundredth
  expect(lies([...BASE, 1, 0, 0, 1, 1, 0, 0, 1, 0])).toBe(false);
  expect(lies([...BASE, ...moved(1, 0, 0)])).toBe(false);
  expect(lies([...BASE, ...moved(0.95, 0, 0)])).toBe(false);
  // one leans away: near at one end alone
  expect(lies([...BASE, 0, 0, 0, 1, 0, 0.05, 0, 1, 0])).toBe(false);
  // without area
  expect(lies([...BASE, 0, 0, 0, 1, 0, 0, 0.5, 0, 0])).toBe(false);
});

test('lying on one another does not depend on how the two stand in space', () => {
  const random = createRandom(11);
  for (let i = 0; i < 200; i++) {
    const [u, v] = [0, 1].map(() => [random() - 0.5, random() - 0.5, random() - 0.5]);
    const normal = [u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]];
    const length = Math.hypot(...normal);
    if (length < 0.05) continue;
    const at = (a: number, b: number, lifted: number): number[] =>
      [0, 1, 2].map((axis) => a * u[axis] + b * v[axis] + (lifted * normal[axis]) / length);
    const first = [...at(0, 0, 0), ...at(1, 0, 0), ...at(0, 1, 0)];
    const second = (lifted: number): number[] => [
      ...at(0.2, 0.2, lifted),
      ...at(1.2, 0.2, lifted),
      ...at(0.2, 1.2, lifted),
    ];
    expect(lies([...first, ...second(5e-4)])).toBe(true);
    expect(lies([...first, ...second(-5e-4)])).toBe(true);
    expect(lies([...first, ...second(2e-3)])).toBe(false);
  }
});
