import * as harbour from './models/harbour';
import type { Part } from './shape';
import { writeDemoObj } from './write-obj';

/** Heights the workshop builds to, metres. */
const HEIGHTS: [string, () => Part[], number][] = [
  ['bell buoy', harbour.bellBuoy, 2.36],
  ['signal mast', harbour.signalMast, 2.6],
  ['mooring post', harbour.mooringPost, 0.9],
  ['life ring', harbour.lifeRing, 0.72],
];

const points = (parts: Part[]): [number, number, number][] => parts.flatMap((part) => part.points);

test.each(HEIGHTS)('the %s stands on the ground', (_, build, height) => {
  const ys = points(build()).map(([, y]) => y);
  expect(Math.min(...ys)).toBeCloseTo(0, 3);
  expect(Math.max(...ys)).toBeCloseTo(height, 2);
});

test.each(Object.entries(harbour))('every polygon of %s names points and layout that are there', (_, build) => {
  for (const part of build()) {
    for (const { corners } of part.polygons) {
      expect(corners.length).toBeGreaterThanOrEqual(3);
      expect(
        corners.every(([point, layout]) => part.points[point] !== undefined && part.layout[layout] !== undefined),
      ).toBe(true);
    }
  }
});

test('a drawing in millimetres with Z up lies on its back when it is read as metres with Y up', () => {
  const text = writeDemoObj(harbour.signalMast(), { header: ['x'], library: null, unit: 0.001, zUp: true }).toString();
  const zs = [...text.matchAll(/^v \S+ \S+ (\S+)$/gm)].map((match) => Number(match[1]));
  expect(Math.max(...zs)).toBeCloseTo(2600, 0);
});

/** True where every edge is walked as often one way as the other. */
function isClosed({ polygons }: Part): boolean {
  const walked = new Map<string, number>();
  for (const { corners } of polygons)
    corners.forEach(([from], i) => {
      const [to] = corners[(i + 1) % corners.length];
      const key = from < to ? `${from} ${to}` : `${to} ${from}`;
      walked.set(key, (walked.get(key) ?? 0) + (from < to ? 1 : -1));
    });
  return [...walked.values()].every((count) => count === 0);
}

/** The divergence theorem: what faces enclose that look outwards is above zero. */
const enclosed = ({ points: p, polygons }: Part): number =>
  polygons.reduce((sum, { corners }) => {
    const [a, ...rest] = corners.map(([point]) => p[point]);
    return rest.slice(1).reduce((own, c, i) => {
      const b = rest[i];
      return (
        own +
        a[0] * (b[1] * c[2] - b[2] * c[1]) +
        a[1] * (b[2] * c[0] - b[0] * c[2]) +
        a[2] * (b[0] * c[1] - b[1] * c[0])
      );
    }, sum);
  }, 0);

test.each(Object.entries(harbour))('closed parts of %s look outwards', (_, build) => {
  const closed = build().filter(isClosed);
  for (const part of closed) expect([part.name, enclosed(part) > 0]).toEqual([part.name, true]);
});
