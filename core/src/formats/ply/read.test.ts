import { boxSize, computeBounds } from '../../scene/measures/bounds';
import { computeFigures } from '../../scene/measures/figures';
import { getDocumentSource } from '../../scene/document/source-data';
import { listMeshInstances } from '../../scene/traverse';
import { readFiles } from '../../testing/read-files';

const head = (format: string, ...lines: string[]): string =>
  ['ply', `format ${format} 1.0`, ...lines, 'end_header', ''].join('\n');
const PLACE = ['property float x', 'property float y', 'property float z'];
const FACES = ['element face 1', 'property list uchar int vertex_indices'];
const POINTS = [
  [0, 0, 0],
  [2, 0, 0],
  [2, 1, 0],
  [0, 1, 0],
];
const ASCII =
  head('ascii', 'comment made here', 'element vertex 4', ...PLACE, ...FACES) +
  `${POINTS.map((point) => point.join(' ')).join('\n')}\n4 0 1 2 3\n`;

function binary(isBig: boolean): Uint8Array {
  const body = Buffer.alloc(4 * 12 + 1 + 16);
  const float = (v: number, at: number): number => (isBig ? body.writeFloatBE(v, at) : body.writeFloatLE(v, at));
  POINTS.forEach((point, i) => point.forEach((v, axis) => float(v, i * 12 + axis * 4)));
  body[48] = 4;
  [0, 1, 2, 3].forEach((v, i) => (isBig ? body.writeInt32BE(v, 49 + i * 4) : body.writeInt32LE(v, 49 + i * 4)));
  const format = isBig ? 'binary_big_endian' : 'binary_little_endian';
  return new Uint8Array(Buffer.concat([Buffer.from(head(format, 'element vertex 4', ...PLACE, ...FACES)), body]));
}

test.each([
  ['ASCII', ASCII],
  ['little endian', binary(false)],
  ['big endian', binary(true)],
])('%s: a quad stays a quad', async (_, file) => {
  const { document } = await readFiles({ 'quad.ply': file });
  expect(computeFigures(document)).toMatchObject({ triangles: 2, polygons: 1, vertices: 4 });
  expect(boxSize(computeBounds(document)!)).toEqual([2, 1, 0]);
  expect(getDocumentSource(document).format).toBe('PLY');
});

test('colours of 8 bits become shares of one, in linear light', async () => {
  const file =
    head(
      'ascii',
      'element vertex 3',
      ...PLACE,
      'property uchar red',
      'property uchar green',
      'property uchar blue',
      ...FACES,
    ) + '0 0 0 255 0 0\n1 0 0 0 255 0\n0 1 0 0 0 255\n3 0 1 2\n';
  const { document } = await readFiles({ 'c.ply': file });
  const colour = listMeshInstances(document)[0].mesh.listPrimitives()[0].getAttribute('COLOR_0')!;
  expect([0, 1, 2].map((i) => colour.getElement(i, [] as number[]).slice(0, 3))).toEqual([
    [1, 0, 0],
    [0, 1, 0],
    [0, 0, 1],
  ]);
});

test('vertices without faces are a point cloud, and called one', async () => {
  const { document, log } = await readFiles({
    'cloud.ply': head('ascii', 'element vertex 2', ...PLACE) + '0 0 0\n1 1 1\n',
  });
  expect(computeFigures(document)).toMatchObject({ points: 2, triangles: 0 });
  expect(log.map((entry) => entry.text).join()).toContain('point cloud');
});

test('a file cut short says so and keeps what is whole', async () => {
  const whole = binary(false);
  const { document, log } = await readFiles({ 'cut.ply': whole.slice(0, whole.length - 18) });
  expect(computeFigures(document).points).toBe(3);
  expect(log.some((entry) => entry.level === 'look' && entry.consequence)).toBe(true);
});

test('a face that names a vertex that is not there is left out', async () => {
  const { document, log } = await readFiles({
    'bad.ply': ASCII.replace('element face 1', 'element face 2').replace('4 0 1 2 3\n', '4 0 1 2 3\n3 0 1 9\n'),
  });
  expect(computeFigures(document).polygons).toBe(1);
  expect(log.map((entry) => entry.text).join()).toContain('1 faces name a vertex that is not there');
});

test('a header without end is refused with a sentence', async () => {
  await expect(readFiles({ 'h.ply': 'ply\nformat ascii 1.0\nelement vertex 3\n' })).rejects.toThrow('“h.ply”');
});
