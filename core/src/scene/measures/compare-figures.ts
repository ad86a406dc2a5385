import type { Box, CheckLine, Figures } from '@haveld/contract/report';
import { boxSize } from './bounds';

/** A box read back may differ by this share of its longest side: what nine decimals and 32-bit floats cost. */
const BOX_TOLERANCE = 1e-5;

/** Compares what was read back with what was written. */
export function compareFigures(expected: Figures, found: Figures): CheckLine[] {
  const counts: [string, keyof Figures][] = [
    ['triangles', 'triangles'],
    ['polygons', 'polygons'],
    ['materials', 'materials'],
    ['maps', 'maps'],
  ];
  return [
    compareBoxes(expected.box, found.box),
    ...counts.map(([what, key]): CheckLine => ({
      what,
      expected: String(expected[key]),
      found: String(found[key]),
      holds: expected[key] === found[key],
    })),
  ];
}

function compareBoxes(expected: Box | null, found: Box | null): CheckLine {
  const words = (box: Box | null): string =>
    box
      ? boxSize(box)
          .map((v) => Number(v.toPrecision(6)))
          .join(' × ')
      : 'none';
  const line = { what: 'box', expected: words(expected), found: words(found) };
  if (!expected || !found) return { ...line, holds: expected === found };
  const tolerance = Math.max(...boxSize(expected)) * BOX_TOLERANCE;
  const holds = [0, 1, 2].every(
    (axis) =>
      Math.abs(expected.min[axis] - found.min[axis]) <= tolerance &&
      Math.abs(expected.max[axis] - found.max[axis]) <= tolerance,
  );
  return { ...line, holds };
}
