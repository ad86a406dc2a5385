import { getDocumentSource, getMaterialSource } from '../../scene/document/source-data';
import { boxSize, computeBounds } from '../../scene/measures/bounds';
import { computeFigures } from '../../scene/measures/figures';
import { listMeshInstances, listShownNodes } from '../../scene/traverse';
import { createPng } from '../../testing/documents';
import { readFiles } from '../../testing/read-files';

/** A chunk: two bytes of kind, four of length, then what it holds. */
function chunk(kind: number, ...parts: Buffer[]): Buffer {
  const body = Buffer.concat(parts);
  const head = Buffer.alloc(6);
  head.writeUInt16LE(kind, 0);
  head.writeUInt32LE(body.length + 6, 2);
  return Buffer.concat([head, body]);
}
const text = (value: string): Buffer => Buffer.from(`${value}\0`, 'latin1');
const words = (...values: number[]): Buffer => {
  const bytes = Buffer.alloc(values.length * 2);
  values.forEach((v, i) => bytes.writeUInt16LE(v, i * 2));
  return bytes;
};
const floats = (...values: number[]): Buffer => {
  const bytes = Buffer.alloc(values.length * 4);
  values.forEach((v, i) => bytes.writeFloatLE(v, i * 4));
  return bytes;
};

const POINTS = [0, 0, 0, 2, 0, 0, 2, 1, 0, 0, 1, 0];
const material = (name: string, map?: string): Buffer =>
  chunk(
    0xafff,
    chunk(0xa000, text(name)),
    chunk(0xa020, chunk(0x0011, Buffer.from([255, 0, 0]))),
    ...(map ? [chunk(0xa200, chunk(0xa300, text(map)))] : []),
  );
const mesh = (...extra: Buffer[]): Buffer =>
  chunk(
    0x4000,
    text('table'),
    chunk(
      0x4100,
      chunk(0x4110, words(4), floats(...POINTS)),
      chunk(0x4140, words(4), floats(0, 0, 1, 0, 1, 1, 0, 1)),
      chunk(
        0x4120,
        words(2, 0, 1, 2, 7, 0, 2, 3, 7),
        chunk(0x4130, text('oak'), words(1, 0)),
        chunk(0x4130, text('iron'), words(1, 1)),
        chunk(0x4150, Buffer.from([1, 0, 0, 0, 2, 0, 0, 0])),
      ),
      ...extra,
    ),
  );
const file = (...editor: Buffer[]): Uint8Array => new Uint8Array(chunk(0x4d4d, chunk(0x3d3d, ...editor)));
const TABLE = file(material('oak', 'OAK.PNG'), material('iron'), mesh());

test('a mesh keeps its name, its materials by face and its smoothing; Z is up, no unit is declared', async () => {
  const { document } = await readFiles({ 'a.3ds': TABLE });
  expect(computeFigures(document)).toMatchObject({ triangles: 2, materials: 2 });
  expect(listShownNodes(document)[0].getName()).toBe('table');
  expect(boxSize(computeBounds(document)!)).toEqual([2, 1, 0]);
  expect(getDocumentSource(document)).toMatchObject({ format: '3DS', declaredUp: 'z' });
  expect(getDocumentSource(document).declaredUnit ?? null).toBeNull();
  const parts = listMeshInstances(document)[0].mesh.listPrimitives();
  expect(parts.map((part) => part.getMaterial()!.getName())).toEqual(['oak', 'iron']);
  // two smoothing groups: the shared edge has two vertices on either side
  expect(parts.reduce((sum, part) => sum + part.getAttribute('POSITION')!.getCount(), 0)).toBe(6);
});

test('a map of eight and three letters is found in another case', async () => {
  const { document } = await readFiles({ 'a.3ds': TABLE, 'oak.png': createPng([1, 2, 3, 255]) });
  const oak = document
    .getRoot()
    .listMaterials()
    .find((one) => one.getName() === 'oak')!;
  expect(getMaterialSource(oak).maps).toMatchObject([{ slot: 'baseColor', reference: 'OAK.PNG', path: 'oak.png' }]);
});

test('a face of a point that is not there is left out and counted', async () => {
  const broken = Buffer.from(TABLE);
  const at = broken.indexOf(words(2, 0, 1, 2, 7));
  broken.writeUInt16LE(99, at + 2);
  const { document, log } = await readFiles({ 'a.3ds': new Uint8Array(broken) });
  expect(computeFigures(document).triangles).toBe(1);
  expect(log.map((entry) => entry.text).join()).toContain('1 faces name a point that is not there');
});

test('a file cut off says where, and keeps what is whole', async () => {
  const two = file(material('oak'), material('iron'), mesh(), mesh());
  const { document, log } = await readFiles({ 'a.3ds': two.slice(0, two.length - 40) });
  expect(computeFigures(document).triangles).toBeGreaterThan(0);
  expect(log.some((entry) => entry.text.includes('cut off at byte'))).toBe(true);
});

test('what holds no mesh is refused with a sentence', async () => {
  await expect(readFiles({ 'a.3ds': file(material('oak')) })).rejects.toThrow('“a.3ds”');
});
