import fc from 'fast-check';
import { NumberScanner } from '../../text/number-scanner';
import { parseObj, type ParsedObj } from './parse-obj';

const parse = (...lines: string[]): ParsedObj => parseObj(new TextEncoder().encode(lines.join('\n')));
const SQUARE = ['v 0 0 0', 'v 1 0 0', 'v 1 1 0', 'v 0 1 0'];
const sizes = (obj: ParsedObj): number[] => [...obj.polygonSizes.view()];

test('a quad is one polygon of four corners', () => {
  const obj = parse(...SQUARE, 'f 1 2 3 4');
  expect(sizes(obj)).toEqual([4]);
  expect([...obj.corners.view()]).toEqual([0, 1, 2, 3]);
  expect([...obj.cornerUvs.view(), ...obj.cornerNormals.view()]).toEqual(Array(8).fill(-1));
});

test('negative indices count back from the last vertex read', () => {
  const obj = parse(...SQUARE, 'f -4 -3 -2', 'v 5 5 5', 'f -1 1 2');
  expect([...obj.corners.view()]).toEqual([0, 1, 2, 4, 0, 1]);
});

test('`.5`, `-.5`, `1e-3` and `+2` are numbers', () => {
  const obj = parse('v .5 -.5 1e-3', 'v +2 2. 0', 'v 1 1 1', 'f 1 2 3');
  expect([...obj.positions.data.subarray(0, 6)]).toEqual([0.5, -0.5, 0.001, 2, 2, 0]);
});

test('a back-slash at the end of a line continues it', () => {
  expect(sizes(parse(...SQUARE, 'f 1 2 \\', '3 4'))).toEqual([4]);
});

test('v, v/t, v//n and v/t/n may stand in one file', () => {
  const obj = parse(
    ...SQUARE,
    'vt 0 0',
    'vn 0 0 1',
    'f 1 2 3',
    'f 1/1 2/1 3/1',
    'f 1//1 2//1 3//1',
    'f 1/1/1 2/1/1 3/1/1',
  );
  const layers = [obj.corners, obj.cornerUvs, obj.cornerNormals].map((layer) => layer.view());
  expect([0, 3, 6, 9].map((at) => layers.map((layer) => layer[at]))).toEqual([
    [0, -1, -1],
    [0, 0, -1],
    [0, -1, 0],
    [0, 0, 0],
  ]);
});

test('a face that names a vertex that is not there is left out and counted with its line', () => {
  const obj = parse(...SQUARE, 'f 1 2 9', 'f 1 2 3', 'f 1 2');
  expect(sizes(obj)).toEqual([3]);
  expect(obj.badFaces).toEqual({ count: 2, firstLine: 5 });
});

test('a number that cannot be read is 0 and counted with its line', () => {
  const obj = parse('v 1,5 0 0', 'v nan 0 0', 'v 1 0', 'f 1 2 3');
  expect(obj.badNumbers).toEqual({ count: 3, firstLine: 1 });
});

test('objects, groups, smoothing and materials with spaces belong to the faces after them', () => {
  const obj = parse(
    ...SQUARE,
    'o table',
    'g top front',
    'usemtl oak top',
    's 2',
    'f 1 2 3',
    's off',
    'usemtl brass',
    'f 1 3 4',
  );
  expect(obj.parts).toEqual([{ object: 'table', groups: ['top', 'front'] }]);
  expect(obj.materials).toEqual(['', 'oak top', 'brass']);
  expect([...obj.polygonSmoothing.view()]).toEqual([2, 0]);
  expect([...obj.polygonMaterials.view()]).toEqual([1, 2]);
});

test('lines and points are kept beside faces', () => {
  const obj = parse(...SQUARE, 'f 1 2 3', 'l 1 2 3', 'p 4');
  expect([...obj.elementSizes.view()]).toEqual([3, 1]);
  expect([...obj.elementVertices.view()]).toEqual([0, 1, 2, 3]);
});

test('Windows line ends, tabs, comments behind faces and a byte order mark do no harm', () => {
  const obj = parseObj(new TextEncoder().encode(`\ufeff# head\r\n${SQUARE.join('\r\n')}\r\nf\t1 2\t3 # a face\r\n`));
  expect(sizes(obj)).toEqual([3]);
  expect(obj.comments[0].text).toBe('head');
});

test('vertex colours are kept, white where a vertex has none', () => {
  const obj = parse('v 0 0 0', 'v 1 0 0 0.5 0.25 0', 'v 1 1 0', 'f 1 2 3');
  expect([...obj.colours.data.subarray(0, 6)]).toEqual([1, 1, 1, 0.5, 0.25, 0]);
});

test('an empty file holds nothing and does not throw', () => {
  expect(sizes(parse(''))).toEqual([]);
});

test('property: every finite number is read as the language itself reads it', () => {
  fc.assert(
    fc.property(
      fc.double({ noNaN: true, noDefaultInfinity: true }),
      fc.integer({ min: 0, max: 20 }),
      (value, digits) => {
        for (const text of [
          String(value),
          value.toExponential(),
          Math.abs(value) < 1e20 ? value.toFixed(digits) : '0',
        ]) {
          const bytes = new TextEncoder().encode(text);
          expect(new NumberScanner(bytes).readNumber()).toBe(Number(text));
        }
      },
    ),
    { seed: 7, numRuns: 300 },
  );
});
