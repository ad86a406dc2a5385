import { createRandom } from '../testing/random';
import { forEachPair, growBoxTree, isMet } from './box-tree';

/** Triangles of random corners, each a few hundredths large. */
function scatter(count: number, seed: number): { positions: Float32Array; indices: Uint32Array } {
  const random = createRandom(seed);
  const positions = new Float32Array(count * 9);
  for (let t = 0; t < count; t++) {
    const middle = [random(), random(), random()];
    for (let k = 0; k < 9; k++) positions[t * 9 + k] = middle[k % 3] + (random() - 0.5) * 0.08;
  }
  return { positions, indices: Uint32Array.from({ length: count * 3 }, (_, i) => i) };
}

function boundTriangle(positions: Float32Array, t: number): number[] {
  const corners = [0, 1, 2].map((k) => [...positions.subarray(t * 9 + k * 3, t * 9 + k * 3 + 3)]);
  return [0, 1, 2].flatMap((axis) => {
    const values = corners.map((corner) => corner[axis]);
    return [Math.min(...values), Math.max(...values)];
  });
}

test.each([1, 2, 3, 7, 64, 65, 400])(
  'of %i triangles every two whose boxes touch are told, each pair once',
  (count) => {
    const { positions, indices } = scatter(count, count);
    const boxes = Array.from({ length: count }, (_, t) => boundTriangle(positions, t));
    const wanted: string[] = [];
    for (let a = 0; a < count; a++)
      for (let b = a + 1; b < count; b++)
        if ([0, 2, 4].every((i) => boxes[a][i] <= boxes[b][i + 1] && boxes[b][i] <= boxes[a][i + 1]))
          wanted.push(`${a} ${b}`);
    const told: string[] = [];
    forEachPair(growBoxTree(positions, indices), (a, b) => told.push(`${Math.min(a, b)} ${Math.max(a, b)}`));
    expect(told.sort()).toEqual(wanted.sort());
  },
);

test('a ray meets what stands in its way, beyond where it begins', () => {
  const positions = Float32Array.from([0, 0, 1, 1, 0, 1, 0, 1, 1, 0, 0, 3, 1, 0, 3, 0, 1, 3, 9, 9, 9]);
  const tree = growBoxTree(positions, Uint32Array.from([0, 1, 2, 3, 4, 5, 6, 6, 6]));
  expect(isMet(tree, [0.2, 0.2, 0], [0, 0, 1], 0)).toBe(true);
  expect(isMet(tree, [0.2, 0.2, 0], [0, 0, -1], 0)).toBe(false);
  expect(isMet(tree, [0.8, 0.8, 0], [0, 0, 1], 0)).toBe(false);
  expect(isMet(tree, [0.2, 0.2, 2], [0, 0, 1], 0)).toBe(true);
  // the one 1 away does not count, the one 3 away does
  expect(isMet(tree, [0.2, 0.2, 0], [0, 0, 1], 1.5)).toBe(true);
  expect(isMet(tree, [0.2, 0.2, 0], [0, 0, 1], 3.5)).toBe(false);
});
