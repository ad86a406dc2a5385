import { getDocumentSource } from '../../scene/document/source-data';
import { boxSize, computeBounds } from '../../scene/measures/bounds';
import { computeFigures } from '../../scene/measures/figures';
import { listMeshInstances, listShownNodes } from '../../scene/traverse';
import { readFiles } from '../../testing/read-files';

const facet = (...points: string[]): string =>
  `facet normal 0 0 1\nouter loop\n${points.map((point) => `vertex ${point}`).join('\n')}\nendloop\nendfacet\n`;
const SQUARE = `solid lid of the box\n${facet('0 0 0', '2 0 0', '2 1 0')}${facet('0 0 0', '2 1 0', '0 1 0')}endsolid\n`;

/** Triangles of nine numbers, each with its two spare bytes. */
function binary(
  triangles: number[][],
  unused: number[] = [],
  head = 'made here',
  stated = triangles.length,
): Uint8Array {
  const bytes = Buffer.alloc(84 + triangles.length * 50);
  bytes.write(head, 'latin1');
  bytes.writeUInt32LE(stated, 80);
  triangles.forEach((numbers, t) => {
    numbers.forEach((v, n) => bytes.writeFloatLE(v, 84 + t * 50 + 12 + n * 4));
    bytes.writeUInt16LE(unused[t] ?? 0, 84 + t * 50 + 48);
  });
  return new Uint8Array(bytes);
}
const FIRST = [0, 0, 0, 2, 0, 0, 2, 1, 0];
const SECOND = [0, 0, 0, 2, 1, 0, 0, 1, 0];

test('an ASCII solid keeps its name; its facets share their points', async () => {
  const { document } = await readFiles({ 'lid.stl': SQUARE });
  expect(computeFigures(document)).toMatchObject({ triangles: 2, nodes: 1 });
  expect(listShownNodes(document)[0].getName()).toBe('lid of the box');
  expect(boxSize(computeBounds(document)!)).toEqual([2, 1, 0]);
  expect(getDocumentSource(document)).toMatchObject({ format: 'STL', version: 'ASCII', declaredUnit: null });
});

test('several solids are several parts', async () => {
  const { document } = await readFiles({ 'two.stl': SQUARE + SQUARE.replace('lid of', 'foot of') });
  expect(listShownNodes(document).map((node) => node.getName())).toEqual(['lid of the box', 'foot of the box']);
});

test('a facet of four corners is cut in two and said; one of two corners is left out', async () => {
  const { document, log } = await readFiles({
    'odd.stl': `solid odd\n${facet('0 0 0', '2 0 0', '2 1 0', '0 1 0')}${facet('0 0 0', '1 1 1')}endsolid\n`,
  });
  expect(computeFigures(document).triangles).toBe(2);
  expect(log.filter((entry) => entry.level === 'look').map((entry) => [entry.line, entry.consequence])).toEqual([
    [8, undefined],
    [14, 'It was left out; there may be holes.'],
  ]);
});

test('a binary file that begins with “solid” is still binary', async () => {
  const { document } = await readFiles({ 'b.stl': binary([FIRST, SECOND], [], 'solid as a rock') });
  expect(computeFigures(document).triangles).toBe(2);
  expect(getDocumentSource(document).version).toBe('binary');
});

test.each([
  ['in the high bits', 'made here', 0x8000 | (31 << 10)],
  ['in the low bits, as the head says', 'COLOR=\x80\x80\x80\xff', 31],
])('red %s of the spare bytes becomes a vertex colour', async (_, head, packed) => {
  const { document } = await readFiles({ 'c.stl': binary([FIRST], [packed], head) });
  const [primitive] = listMeshInstances(document)[0].mesh.listPrimitives();
  expect(primitive.getAttribute('COLOR_0')!.getElement(0, [])).toEqual([1, 0, 0]);
});

test('a count that is too high is said, and what is there is read', async () => {
  const { document, log } = await readFiles({ 'd.stl': binary([FIRST, SECOND], [], 'made here', 9) });
  expect(computeFigures(document).triangles).toBe(2);
  expect(log[0].text).toBe('It states 9 triangles and ends after 2, at byte 184.');
});

test('no triangle at all is refused with a sentence', async () => {
  await expect(readFiles({ 'e.stl': 'solid none\nendsolid none\n' })).rejects.toThrow('“e.stl” has no triangles');
});

test('without smoothing the log says how many edges will look faceted', async () => {
  // two triangles that meet at about 27°
  const { log } = await readFiles({
    'f.stl': `solid f\n${facet('0 0 0', '1 0 0', '0 1 0')}${facet('1 0 0', '1 1 0.5', '0 1 0')}endsolid\n`,
  });
  expect(log.find((entry) => entry.text.includes('no smoothing'))?.consequence).toBe(
    '1 edge will look faceted unless smoothed below 40°.',
  );
});
