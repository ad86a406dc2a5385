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
