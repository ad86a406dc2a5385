import fc from 'fast-check';
import { buildEdgeTable, nextCorner } from './edge-table';

const triangles = fc.array(fc.array(fc.nat(6), { minLength: 3, maxLength: 3 }), { maxLength: 25 });

test('uses and directions are those that looking through all triangles finds', () => {
  fc.assert(
    fc.property(triangles, (given) => {
      const points = given.flat();
      const { edges, ends, edgeOf, uses, net } = buildEdgeTable(points, 7);
      const byLooking = new Map<string, { uses: number; net: number }>();
      const whole = given.filter((triangle) => new Set(triangle).size === 3);
      for (const triangle of whole)
        triangle.forEach((a, i) => {
          const b = triangle[(i + 1) % 3];
          const key = `${Math.min(a, b)}-${Math.max(a, b)}`;
          const known = byLooking.get(key) ?? { uses: 0, net: 0 };
          byLooking.set(key, { uses: known.uses + 1, net: known.net + (a < b ? 1 : -1) });
        });
      const found = Array.from({ length: edges }, (_, edge) => [
        `${ends[edge * 2]}-${ends[edge * 2 + 1]}`,
        { uses: uses[edge], net: net[edge] },
      ]);
      expect(new Map(found as [string, { uses: number; net: number }][])).toEqual(byLooking);
      points.forEach((a, c) => {
        const b = points[nextCorner(c)];
        const own = edgeOf[c] < 0 ? null : [ends[edgeOf[c] * 2], ends[edgeOf[c] * 2 + 1]];
        const isWhole = whole.includes(given[Math.floor(c / 3)]);
        expect(own).toEqual(isWhole ? [Math.min(a, b), Math.max(a, b)] : null);
      });
    }),
    { seed: 19 },
  );
});

test('a fan of 100 000 triangles about one point is numbered as fast as any other', () => {
  const count = 100_000;
  const points = Uint32Array.from({ length: count * 3 }, (_, c) =>
    c % 3 === 0 ? 0 : 1 + Math.floor(c / 3) + (c % 3) - 1,
  );
  const table = buildEdgeTable(points, count + 2);
  expect(table.edges).toBe(count * 2 + 1);
});

test('no triangles have no edges', () => {
  expect(buildEdgeTable([], 0)).toMatchObject({ edges: 0 });
});
