import fc from 'fast-check';
import { groupBySmoothEdges } from './smooth-edges';

/** A strip of quads in a row, each over an edge with the next. */
function strip(count: number): { corners: Int32Array; sizes: Int32Array } {
  const corners = Array.from({ length: count }, (_, i) => [2 * i, 2 * i + 2, 2 * i + 3, 2 * i + 1]).flat();
  return { corners: Int32Array.from(corners), sizes: new Int32Array(count).fill(4) };
}
/** Whether the edge from each quad to the next is smooth: the second of a quad, the fourth of the one after it. */
const between = (smooth: readonly boolean[]): number[] =>
  Array.from({ length: smooth.length + 1 }, (_, i) => [
    1,
    smooth[i] === false ? 0 : 1,
    1,
    smooth[i - 1] === false ? 0 : 1,
  ]).flat();

test('what smooth edges join is one group, a hard edge parts it', () => {
  expect([...groupBySmoothEdges(strip(5), between([true, false, true, true]))]).toEqual([1, 1, 2, 2, 2]);
});

test('a polygon that nothing joins has no group', () => {
  expect([...groupBySmoothEdges(strip(3), between([false, true]))]).toEqual([0, 1, 1]);
});

test('an edge is hard where one of its two polygons says so', () => {
  const isSmooth = between([true]);
  isSmooth[1] = 0;
  expect([...groupBySmoothEdges(strip(2), isSmooth)]).toEqual([0, 0]);
});

test('a hard edge that ends within a surface parts nothing: both sides are joined round its end', () => {
  // four quads round a point; one of the four edges between them is hard
  const ring = {
    corners: Int32Array.of(0, 1, 4, 3, 1, 2, 5, 4, 4, 5, 8, 7, 3, 4, 7, 6),
    sizes: Int32Array.of(4, 4, 4, 4),
  };
  const isSmooth = new Array<number>(16).fill(1);
  isSmooth[1] = 0;
  expect(new Set(groupBySmoothEdges(ring, isSmooth))).toEqual(new Set([1]));
});

test('of any strip the groups are the runs between hard edges', () => {
  fc.assert(
    fc.property(fc.array(fc.boolean(), { minLength: 1, maxLength: 30 }), (smooth) => {
      const groups = groupBySmoothEdges(strip(smooth.length + 1), between(smooth));
      for (let i = 0; i < smooth.length; i++) {
        const same = groups[i] !== 0 && groups[i] === groups[i + 1];
        expect(same).toBe(smooth[i]);
      }
    }),
  );
});
