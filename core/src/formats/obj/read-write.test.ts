import { readGlb, writeGlb } from '../../scene/document/document-io';
import { getPolygonData } from '../../scene/document/polygon-data';
import { getDocumentSource, getMaterialSource } from '../../scene/document/source-data';
import { computeFigures } from '../../scene/measures/figures';
import { noInflate, createFileSource, createMemoryCodec, createPng } from '../../testing/documents';
import { readModel } from '../read-model';
import { writeObj } from './write';

const PENTAGON_AND_QUAD = `# units: mm
mtllib thing.mtl
o thing
v 0 0 0
v 2 0 0
v 2 2 0
v 1 3 0
v 0 2 0
v 0 0 -2
v 2 0 -2
vt 0 0
vt 1 0
vt 1 1
vt 0.5 1
vt 0 1
usemtl paint
s 1
f 1/1 2/2 3/3 4/4 5/5
s off
f 6/1 7/2 2/3 1/5
`;

const context = (files: Record<string, string | Uint8Array>) => ({
  files: createFileSource(files),
  codec: createMemoryCodec(),
  loadDecoders: () => Promise.resolve({}),
  inflate: noInflate,
});
const FILES = {
  'thing.obj': PENTAGON_AND_QUAD,
  'thing.mtl': 'newmtl paint\nKd 1 0 0\nmap_Kd paint_col.png\n',
  'paint_col.png': createPng([255, 0, 0, 255]),
};

test('polygons and smoothing groups are kept beside the triangles, also through a GLB', async () => {
  const { document } = await readModel('thing.obj', context(FILES));
  const again = await readGlb(await writeGlb(document));
  const data = getPolygonData(again.getRoot().listMeshes()[0].listPrimitives()[0])!;
  expect([...data.getSizes()!.getArray()!]).toEqual([5, 4]);
  expect([...data.getSmoothing()!.getArray()!]).toEqual([1, 0]);
  expect(computeFigures(again)).toMatchObject({ triangles: 5, polygons: 2, maps: 1, materials: 1 });
});

test('what is written is read back with the same box, polygons, smoothing and maps', async () => {
  const { document } = await readModel('thing.obj', context(FILES));
  const written = writeObj(document, 'thing', ['made for a test']);
  expect(written.obj.match(/^f .*/gm)!.map((line) => line.split(' ').length - 1)).toEqual([5, 4]);
  expect(written.obj).toMatch(/s 1\nf .*\ns off\nf /);
  const files = {
    'thing.obj': written.obj,
    'thing.mtl': written.mtl,
    ...Object.fromEntries(written.maps.map((map) => [map.path, map.bytes])),
  };
  const again = await readModel('thing.obj', context(files));
  expect(computeFigures(again.document)).toEqual({
    ...computeFigures(document),
    cardMemoryBytes: expect.any(Number) as number,
  });
});

test('a header comment declares the unit, and is kept with its line', async () => {
  const { document } = await readModel('thing.obj', context(FILES));
  expect(getDocumentSource(document)).toMatchObject({
    format: 'OBJ',
    declaredUnit: 'mm',
    headers: [{ file: 'thing.obj', line: 1, text: 'units: mm' }],
  });
});

test('a map that did not arrive is left unconnected and its reference kept', async () => {
  const { 'paint_col.png': _absent, ...files } = FILES;
  const { document } = await readModel('thing.obj', context(files));
  const [material] = document.getRoot().listMaterials();
  expect(material.getBaseColorTexture()).toBeNull();
  expect(getMaterialSource(material).maps).toEqual([
    { slot: 'baseColor', reference: 'paint_col.png', status: 'missing', path: null, sha256: null },
  ]);
});

test('a map that lies elsewhere is known and not taken unasked', async () => {
  const { 'paint_col.png': map, ...files } = FILES;
  const { document } = await readModel('thing.obj', context({ ...files, 'maps/paint_col.png': map }));
  const [material] = document.getRoot().listMaterials();
  expect(material.getBaseColorTexture()).toBeNull();
  expect(getMaterialSource(material).maps![0]).toMatchObject({ status: 'elsewhere', path: 'maps/paint_col.png' });
});

test('without its material file it is read, with what that means', async () => {
  const { document, log } = await readModel('thing.obj', context({ 'thing.obj': PENTAGON_AND_QUAD }));
  expect(
    document
      .getRoot()
      .listMaterials()
      .map((material) => material.getName()),
  ).toEqual(['paint']);
  expect(log.find((entry) => entry.text.includes('thing.mtl'))!.consequence).toContain('not known');
});

test('a normal map written under map_Bump is bound as one when its name says so', async () => {
  const files = {
    ...FILES,
    'thing.mtl': 'newmtl paint\nmap_Bump paint_nrm.png\n',
    'paint_nrm.png': createPng([128, 128, 255, 255]),
  };
  const { document } = await readModel('thing.obj', context(files));
  expect(document.getRoot().listMaterials()[0].getNormalTexture()).not.toBeNull();
});

test('a point cloud is kept as points', async () => {
  const { document, log } = await readModel('cloud.obj', context({ 'cloud.obj': 'v 0 0 0\nv 1 2 3\n' }));
  expect(computeFigures(document)).toMatchObject({ points: 2, triangles: 0, box: { min: [0, 0, 0], max: [1, 2, 3] } });
  expect(log.some((entry) => entry.text.includes('point cloud'))).toBe(true);
});

test('a file without vertices is refused in a sentence', async () => {
  await expect(readModel('empty.obj', context({ 'empty.obj': '# nothing\n' }))).rejects.toThrow('has no vertices');
});
