import type { Document } from '@gltf-transform/core';
import { createDocument } from '../scene/document-io';
import { getShownScene } from '../scene/traverse';
import { createBoxDocument } from '../testing/documents';
import { guessMatter } from './guess-matter';
import { listOpenSheets } from './open-sheets';
import { describeLayouts } from './uv-layout';

/** Two triangles of one metre square, laid out as given; `shift` moves a copy of it. */
function createSquare(uv: number[], copies = 1): Document {
  const document = createDocument();
  const buffer = document.getRoot().listBuffers()[0] ?? document.createBuffer();
  const accessor = (array: Float32Array | Uint16Array, type: 'VEC2' | 'VEC3' | 'SCALAR') =>
    document
      .createAccessor()
      .setType(type)
      .setArray(array as Float32Array<ArrayBuffer>)
      .setBuffer(buffer);
  const material = document.createMaterial('oak').setDoubleSided(false);
  const points = Array.from({ length: copies }, (_, k) => [0, 0, k, 1, 0, k, 1, 1, k, 0, 1, k]).flat();
  const corners = Array.from({ length: copies }, (_, k) => [0, 1, 2, 0, 2, 3].map((i) => i + k * 4)).flat();
  const primitive = document
    .createPrimitive()
    .setMaterial(material)
    .setAttribute('POSITION', accessor(Float32Array.from(points), 'VEC3'))
    .setAttribute('TEXCOORD_0', accessor(Float32Array.from(uv), 'VEC2'))
    .setIndices(accessor(Uint16Array.from(corners), 'SCALAR'));
  getShownScene(document).addChild(
    document.createNode('square').setMesh(document.createMesh().addPrimitive(primitive)),
  );
  return document;
}
const layoutOf = (document: Document) => [...describeLayouts(document).values()][0];
// v runs down a picture
const WHOLE = [0, 1, 1, 1, 1, 0, 0, 0];

test('a square over the whole tile: one tile a square metre, nothing wrong with it', () => {
  expect(layoutOf(createSquare(WHOLE))).toMatchObject({
    triangles: 2,
    bare: 0,
    surfaceArea: 1,
    uvArea: 1,
    degenerate: 0,
    flipped: 0,
    outside: 0,
    overlapping: 0,
    tiles: ['0,0'],
    density: { low: 1, median: 1, high: 1 },
  });
});

test('mirrored, smeared and far out are seen', () => {
  expect(layoutOf(createSquare([1, 1, 0, 1, 0, 0, 1, 0])).flipped).toBe(1);
  expect(layoutOf(createSquare([0, 0, 1, 0, 1, 0, 0, 0]))).toMatchObject({ degenerate: 1, density: null });
  expect(layoutOf(createSquare(WHOLE.map((value) => value + 2)))).toMatchObject({ outside: 1, tiles: ['2,2'] });
});

test('two squares on one place overlap wholly, side by side not at all', () => {
  const half = (shift: number): number[] => WHOLE.map((value, i) => (i % 2 === 0 ? value / 2 + shift : value));
  expect(layoutOf(createSquare([...WHOLE, ...WHOLE], 2)).overlapping).toBeGreaterThan(0.98);
  expect(layoutOf(createSquare([...half(0), ...half(0.5)], 2)).overlapping).toBeLessThan(0.01);
});

test('a mesh that stands in two places lies on its texels once', () => {
  const document = createSquare(WHOLE);
  const [node] = getShownScene(document).listChildren();
  getShownScene(document).addChild(document.createNode('again').setMesh(node.getMesh()));
  expect(layoutOf(document)).toMatchObject({ surfaceArea: 2, overlapping: 0 });
});

test('a square is an open sheet, a box is none', () => {
  const [sheet] = listOpenSheets(createSquare(WHOLE));
  expect(sheet).toMatchObject({ open: 0.8, edges: 5 });
  const box = createBoxDocument([0, 0, 0], [1, 1, 1]);
  box.getRoot().listMeshes()[0].listPrimitives()[0].setMaterial(box.createMaterial('iron'));
  expect(listOpenSheets(box)).toEqual([]);
  sheet.material.setDoubleSided(true);
  expect(listOpenSheets(createSquare(WHOLE)).length).toBe(1);
});

test.each([
  ['lamp_glass', 'glass', 'glass'],
  ['Oak Leaves', 'leaf', 'leaves'],
  ['M_Messing_02', 'metal', 'messing'],
  ['part 3', 'plain', null],
])('“%s” is %s', (name, id, word) => {
  expect(guessMatter(name)).toMatchObject({ matter: { id }, word });
});
