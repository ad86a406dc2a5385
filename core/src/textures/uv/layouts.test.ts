import type { Document } from '@gltf-transform/core';
import { createDocument } from '../../scene/document/document-io';
import { listPlacedParts } from '../../scene/measures/placed-parts';
import { getShownScene } from '../../scene/traverse';
import { createBoxDocument, createLaidSquare } from '../../testing/documents';
import { COUNTED_COLOURS } from '../../testing/layout-colours';
import { drawLayout } from './draw-layout';
import { guessMatter } from '../materials/guess-matter';
import { listOpenSheets } from './open-sheets';
import { describeLayouts } from './uv-layout';

const layoutOf = (document: Document) => [...describeLayouts(listPlacedParts(document)).values()][0];
// v runs down a picture
const WHOLE = [0, 1, 1, 1, 1, 0, 0, 0];

test('a square over the whole tile: one tile a square metre, nothing wrong with it', () => {
  expect(layoutOf(createLaidSquare(WHOLE))).toMatchObject({
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

test('of very many triangles a part says how fine the whole is', () => {
  // 300 strips of 400 squares of 1 m: every tenth strip four times as fine
  const document = createDocument();
  const [strips, squares] = [300, 400];
  const [points, uv, corners]: number[][] = [[], [], []];
  for (let row = 0; row < strips; row++) {
    const scale = (row % 10 === 0 ? 4 : 1) / 1000;
    for (let i = 0; i <= squares; i++)
      for (const side of [0, 1]) {
        points.push(i, 0, row + side);
        uv.push(i * scale, side * scale);
      }
    const first = row * (squares + 1) * 2;
    for (let i = 0; i < squares; i++) {
      const a = first + i * 2;
      corners.push(a, a + 1, a + 2, a + 1, a + 3, a + 2);
    }
  }
  const put = (name: string, type: 'VEC3' | 'VEC2' | 'SCALAR', array: Float32Array | Uint32Array) =>
    document.createAccessor(name).setType(type).setArray(array);
  const primitive = document
    .createPrimitive()
    .setIndices(put('corners', 'SCALAR', Uint32Array.from(corners)))
    .setAttribute('POSITION', put('points', 'VEC3', Float32Array.from(points)))
    .setAttribute('TEXCOORD_0', put('uv', 'VEC2', Float32Array.from(uv)));
  const node = document.createNode('strips').setMesh(document.createMesh().addPrimitive(primitive));
  document.getRoot().getDefaultScene()!.addChild(node);
  const { triangles, density } = layoutOf(document);
  expect(triangles).toBe(240_000);
  expect(density!.low).toBeCloseTo(0.001, 6);
  expect(density!.median).toBeCloseTo(0.001, 6);
  // a tenth of the surface is finer, so the highest twentieth is
  expect(density!.high).toBeCloseTo(0.004, 6);
});

test('mirrored, smeared and far out are seen', () => {
  expect(layoutOf(createLaidSquare([1, 1, 0, 1, 0, 0, 1, 0])).flipped).toBe(1);
  expect(layoutOf(createLaidSquare([0, 0, 1, 0, 1, 0, 0, 0]))).toMatchObject({ degenerate: 1, density: null });
  expect(layoutOf(createLaidSquare(WHOLE.map((value) => value + 2)))).toMatchObject({ outside: 1, tiles: ['2,2'] });
});

test('two squares on one place overlap wholly, side by side not at all', () => {
  const half = (shift: number): number[] => WHOLE.map((value, i) => (i % 2 === 0 ? value / 2 + shift : value));
  expect(layoutOf(createLaidSquare([...WHOLE, ...WHOLE], 2)).overlapping).toBeGreaterThan(0.98);
  expect(layoutOf(createLaidSquare([...half(0), ...half(0.5)], 2)).overlapping).toBeLessThan(0.01);
});

test('a mesh that stands in two places lies on its texels once', () => {
  const document = createLaidSquare(WHOLE);
  const [node] = getShownScene(document).listChildren();
  getShownScene(document).addChild(document.createNode('again').setMesh(node.getMesh()));
  expect(layoutOf(document)).toMatchObject({ surfaceArea: 2, overlapping: 0 });
});

test('a square is an open sheet, a box is none', () => {
  const [sheet] = listOpenSheets(createLaidSquare(WHOLE));
  expect(sheet).toMatchObject({ open: 0.8, edges: 5 });
  const box = createBoxDocument([0, 0, 0], [1, 1, 1]);
  box.getRoot().listMeshes()[0].listPrimitives()[0].setMaterial(box.createMaterial('iron'));
  expect(listOpenSheets(box)).toEqual([]);
  sheet.material.setDoubleSided(true);
  expect(listOpenSheets(createLaidSquare(WHOLE)).length).toBe(1);
});

test.each([
  ['lamp_glass', 'glass', 'glass'],
  ['Oak Leaves', 'leaf', 'leaves'],
  ['M_Messing_02', 'metal', 'messing'],
  ['part 3', 'plain', null],
])('“%s” is %s', (name, id, word) => {
  expect(guessMatter(name)).toMatchObject({ matter: { id }, word });
});

test('a sheet with another material’s faces behind it has a back of its own', () => {
  const document = createLaidSquare(WHOLE);
  const [mesh] = document.getRoot().listMeshes();
  const [front] = mesh.listPrimitives();
  const back = front
    .clone()
    .setMaterial(document.createMaterial('paper'))
    .setIndices(
      front
        .getIndices()!
        .clone()
        .setArray(Uint16Array.from([2, 1, 0, 3, 2, 0])),
    );
  mesh.addPrimitive(back);
  expect(listOpenSheets(document).map(({ material, back: behind }) => [material.getName(), behind?.getName()])).toEqual(
    [
      ['oak', 'paper'],
      ['paper', 'oak'],
    ],
  );
  // the same way round is the same side
  back.setIndices(front.getIndices());
  expect(listOpenSheets(document).every(({ back: behind }) => behind === null)).toBe(true);
});

describe('the picture of a layout', () => {
  const draw = (document: Document, side = 32) => drawLayout(document, 'oak', side, COUNTED_COLOURS);
  const shareOf = (drawn: ReturnType<typeof draw>, red: number): number => {
    const { data } = drawn!.picture;
    return data.reduce((count, value, i) => count + (i % 4 === 0 && value === red ? 1 : 0), 0) / (data.length / 4);
  };

  test('what lies once, on itself, mirrored, and where nothing lies', () => {
    const quarter = WHOLE.map((value) => value / 2);
    expect(shareOf(draw(createLaidSquare(WHOLE)), 1)).toBe(1);
    const once = draw(createLaidSquare(quarter));
    expect(shareOf(once, 0)).toBeCloseTo(0.75, 2);
    expect(shareOf(once, 1) + shareOf(once, 4)).toBeCloseTo(0.25, 2);
    expect(shareOf(draw(createLaidSquare([...WHOLE, ...WHOLE], 2)), 2)).toBe(1);
    expect(shareOf(draw(createLaidSquare([1, 1, 0, 1, 0, 0, 1, 0])), 3)).toBe(1);
  });

  test('what reaches out of the tile is shown with its tiles, at most four a side', () => {
    expect(draw(createLaidSquare(WHOLE.map((value) => value * 3)))).toMatchObject({ tiles: 3, u: 0, v: 0 });
    expect(draw(createLaidSquare(WHOLE.map((value) => value - 1)))).toMatchObject({ tiles: 1, u: -1, v: -1 });
    expect(draw(createLaidSquare(WHOLE.map((value) => value * 90)))!.tiles).toBe(4);
    expect(draw(createBoxDocument([0, 0, 0], [1, 1, 1]))).toBeNull();
  });
});
