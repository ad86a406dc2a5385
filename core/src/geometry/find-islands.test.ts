import fc from 'fast-check';
import { findIslands } from './find-islands';
import { mergePointsWithin } from './merge-points-within';

const at = fc.integer({ min: -2, max: 2 });
const soup = fc.array(fc.tuple(fc.tuple(at, at, at), fc.tuple(at, at, at), fc.tuple(at, at, at)), { maxLength: 20 });

/** Two triangles are of one island where they share a place, or a third leads from one to the other: by trying all. */
function islandsByTrying(triangles: readonly number[][][]): number[] {
  const island = triangles.map((_, i) => i);
  for (let changed = true; changed;) {
    changed = false;
    triangles.forEach((one, i) =>
      triangles.forEach((other, j) => {
        const meet = one.some((p) => other.some((q) => p.join() === q.join()));
        if (!meet || island[i] <= island[j]) return;
        island[i] = island[j];
        changed = true;
      }),
    );
  }
  const seen: number[] = [];
  return island.map((top) => {
    if (!seen.includes(top)) seen.push(top);
    return seen.indexOf(top);
  });
}

test('islands are those that trying all pairs finds, numbered as they appear; a hair of tolerance changes nothing', () => {
  fc.assert(
    fc.property(soup, (triangles) => {
      const positions = Float32Array.from(triangles.flat(2));
      const indices = Uint32Array.from({ length: triangles.length * 3 }, (_, i) => i);
      const wanted = islandsByTrying(triangles);
      const exact = findIslands(positions.slice(), indices);
      expect([...exact.islandOf]).toEqual(wanted);
      expect(exact.islands).toBe(new Set(wanted).size);
      expect([...findIslands(positions, indices, 1e-3).islandOf]).toEqual(wanted);
    }),
    { seed: 7 },
  );
});

test('a point takes the number of the first that lies within the distance, on whichever side of a cell', () => {
  const near = fc.double({ min: -3, max: 3, noNaN: true });
  fc.assert(
    fc.property(fc.array(fc.tuple(near, near, near), { maxLength: 40 }), (given) => {
      const points = Float32Array.from(given.flat());
      const { corners, positions } = mergePointsWithin(points, 0.5);
      const kept: number[] = [];
      for (let c = 0; c < given.length; c++) {
        const apart = (k: number): number => Math.hypot(...[0, 1, 2].map((n) => points[k * 3 + n] - points[c * 3 + n]));
        const own = kept[corners[c]];
        if (own === undefined) {
          // a new one is near none that was there
          expect(kept.every((k) => apart(k) > 0.5 - 1e-6)).toBe(true);
          kept.push(c);
        } else expect(apart(own)).toBeLessThanOrEqual(0.5 + 1e-6);
      }
      expect(positions).toHaveLength(kept.length * 3);
    }),
    { seed: 11 },
  );
});

test('no triangles are no islands', () => {
  expect(findIslands(new Float32Array(), new Uint32Array())).toEqual({ islandOf: new Int32Array(), islands: 0 });
});
