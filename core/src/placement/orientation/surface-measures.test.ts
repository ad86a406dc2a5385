import fc from 'fast-check';
import type { Document } from '@gltf-transform/core';
import { computeBounds } from '../../scene/measures/bounds';
import { listPlacedParts } from '../../scene/measures/placed-parts';
import { addBox, createBoxDocument, createMeshDocument, createSphereDocument } from '../../testing/documents';
import { findTypicalSize } from '../size/typical-sizes';
import { judgeUp } from './judge-up';
import { fillCells, measureMirror, measureQuarterTurn } from './measure-mirror';
import { listOrientationFeatures } from './orientation-features';
import { measureSurface } from './surface-measures';

const look = (document: Document) => measureSurface(listPlacedParts(document), computeBounds(document)!)!;
const askUp = (document: Document, name: string) => {
  const typical = findTypicalSize(name);
  return judgeUp({
    declaredUp: null,
    typical,
    floor: null,
    orientation: listOrientationFeatures(look(document), typical),
  });
};
const UNIT = { min: [0, 0, 0] as [number, number, number], max: [1, 1, 1] as [number, number, number] };

test('the area and the middle of a box of any size', () => {
  const side = fc.double({ min: 0.01, max: 100, noNaN: true });
  fc.assert(
    fc.property(side, side, side, (x, y, z) => {
      const surface = look(createBoxDocument([0, 0, 0], [x, y, z]));
      expect(surface.area / (2 * (x * y + y * z + z * x))).toBeCloseTo(1, 5);
      [x, y, z].forEach((one, axis) => expect(surface.centre[axis] / (one / 2)).toBeCloseTo(1, 5));
    }),
    { numRuns: 30 },
  );
});

test('a sphere is flat nowhere, level hardly anywhere, and alike from all sides', () => {
  const surface = look(createSphereDocument(1, 48));
  expect(Math.max(...surface.flat)).toBeLessThan(0.1);
  expect(Math.max(...surface.square)).toBeLessThan(0.1);
  for (const axis of [0, 1, 2]) {
    expect(measureMirror(surface.cells, axis)).toBeGreaterThan(0.85);
    expect(measureQuarterTurn(surface.cells, axis)).toBeGreaterThan(0.75);
  }
});

test('points lie where the surface lies, more where there is more of it', () => {
  const document = createBoxDocument([0, 0, 0], [1, 0.001, 1], 'large');
  addBox(document, [2, 0, 0], [2.1, 0.1, 0.1], 'small');
  const { points } = look(document);
  let large = 0;
  for (let i = 0; i < points.length; i += 3) if (points[i] <= 1) large++;
  expect(large / (points.length / 3)).toBeGreaterThan(0.93);
});

test('images across an axis: exact ones are alike, and one half alone is not', () => {
  const both = Float64Array.from([0.1, 0.5, 0.5, 0.9, 0.5, 0.5]);
  const left = Float64Array.from([0.1, 0.5, 0.5]);
  expect(measureMirror(fillCells(both, UNIT), 0)).toBe(1);
  expect(measureMirror(fillCells(left, UNIT), 0)).toBe(0);
  expect(measureMirror(new Uint8Array(14 ** 3), 0)).toBe(1);
});

test('a quarter turn of four points that are one another’s turn is alike, of two it is not', () => {
  const four = Float64Array.from([0.05, 0.5, 0.2, 0.2, 0.5, 0.95, 0.95, 0.5, 0.8, 0.8, 0.5, 0.05]);
  expect(measureQuarterTurn(fillCells(four, UNIT), 1)).toBe(1);
  const two = Float64Array.from([0.05, 0.5, 0.5, 0.95, 0.5, 0.5]);
  expect(measureQuarterTurn(fillCells(two, UNIT), 1)).toBe(0);
});

test('a box without thickness holds its points in the first cells along that axis', () => {
  const flat = { min: [0, 0, 0] as [number, number, number], max: [1, 0, 1] as [number, number, number] };
  const cells = fillCells(Float64Array.from([0.5, 0, 0.5]), flat);
  expect(cells.reduce((sum, one) => sum + one, 0)).toBe(1);
  expect(measureMirror(cells, 0)).toBeLessThanOrEqual(1);
});

/** Four walls round a place, without floor or roof, whose pictures stand upright along y (or do not), turned by `turn`. */
function createWalls(topOfPicture: 'up' | 'down' | 'none', turn: (point: number[]) => number[] = (point) => point) {
  const around = [
    [0, 0],
    [4, 0],
    [4, 3],
    [0, 3],
  ];
  const points = around.flatMap(([x, z], i) => {
    const [nextX, nextZ] = around[(i + 1) % 4];
    return [turn([x, 0, z]), turn([nextX, 0, nextZ]), turn([nextX, 2, nextZ]), turn([x, 2, z])].flat();
  });
  const corners = around.flatMap((_, i) => [0, 2, 1, 0, 3, 2].map((corner) => i * 4 + corner));
  const document = createMeshDocument(points, corners);
  if (topOfPicture === 'none') return document;
  // v runs downwards in glTF
  const [low, high] = topOfPicture === 'up' ? [1, 0] : [0, 1];
  const layout = around.flatMap(() => [0, low, 1, low, 1, high, 0, high]);
  const accessor = document.createAccessor().setType('VEC2').setArray(Float32Array.from(layout));
  document.getRoot().listMeshes()[0].listPrimitives()[0].setAttribute('TEXCOORD_0', accessor);
  return document;
}

test.each([
  ['up', 1],
  ['down', -1],
  ['none', 0],
] as const)('pictures on four walls with their upper edge %s', (top, expected) => {
  const { pictures } = look(createWalls(top));
  expect(pictures[1]).toBeCloseTo(expected, 6);
  expect(pictures[0]).toBeCloseTo(0, 6);
  expect(pictures[2]).toBeCloseTo(0, 6);
});

test('a picture turned on every wall says nothing of which way is up', () => {
  const document = createWalls('up');
  const [primitive] = document.getRoot().listMeshes()[0].listPrimitives();
  const layout = primitive.getAttribute('TEXCOORD_0')!;
  const turned = Float32Array.from(layout.getArray()!, (_, i) => layout.getArray()![i ^ 1]);
  layout.setArray(turned);
  expect(Math.abs(look(document).pictures[1])).toBeLessThan(1e-6);
});

test('walls that bear their pictures upright say which way is up, whichever way the file has turned them', () => {
  const turns = {
    y: ([x, y, z]: number[]) => [x, y, z],
    z: ([x, y, z]: number[]) => [x, -z, y],
    '-y': ([x, y, z]: number[]) => [x, -y, -z],
    x: ([x, y, z]: number[]) => [y, -x, z],
  };
  for (const [up, turn] of Object.entries(turns)) {
    const stance = (top: 'up' | 'none') => askUp(createWalls(top, turn), 'qzx').find(({ id }) => id === up)!;
    expect(stance('up').confidence).toBeGreaterThan(stance('none').confidence * 1.2);
    expect(stance('up').evidence).toContainEqual({
      text: 'so the pictures on its sides stand upright',
      figure: '100 %',
    });
    // the others are too rare for pictures alone
    if (up === 'y' || up === 'z') expect(askUp(createWalls('up', turn), 'qzx')[0].id).toBe(up);
  }
});

test('harmless: pictures laid out upside down, or a plate with its back at the origin, make nothing sure', () => {
  expect(askUp(createWalls('down'), 'qzx')[0].confidence).toBeLessThan(0.9);
  // a board in a file whose Z is up, hung with its back on the origin; nobody knows what it is
  const [best] = askUp(createBoxDocument([-0.3, 0, -0.2], [0.3, 0.02, 0.2]), 'qzx');
  expect(best.confidence).toBeLessThan(0.9);
});

test('what has no underside is open below, and nothing that is closed is open anywhere', () => {
  expect([...look(createBoxDocument([1, 2, 3], [4, 4, 9])).open].map((share) => Math.abs(share))).toEqual(
    [0, 0, 0].map((share) => expect.closeTo(share, 6)),
  );
  const lid = createMeshDocument([0, 1, 0, 1, 1, 0, 1, 1, 1, 0, 1, 1], [0, 2, 1, 0, 3, 2]);
  addBox(lid, [0.4, 0, 0.4], [0.6, 1, 0.6], 'leg');
  const features = listOrientationFeatures(look(lid), null);
  expect(features[2].open).toBeCloseTo(1, 6);
  expect(features[3].open).toBeCloseTo(-1, 6);
  expect(features[0].open).toBeCloseTo(0, 6);
});

test('the origin of a file belongs at the foot of what stands and at the top of what hangs', () => {
  const standing = look(createBoxDocument([-0.2, 0, -0.2], [0.2, 0.9, 0.2]));
  expect(listOrientationFeatures(standing, null).map(({ atOrigin }) => atOrigin)).toEqual([0, 0, 1, 0, 0, 0]);
  const hanging = look(createBoxDocument([-0.2, -0.9, -0.2], [0.2, 0, 0.2]));
  expect(listOrientationFeatures(hanging, null, 'ceiling').map(({ atOrigin }) => atOrigin)).toEqual([0, 0, 1, 0, 0, 0]);
  // what is gripped has its origin anywhere
  expect(listOrientationFeatures(standing, null, 'hand').every(({ atOrigin }) => atOrigin === 0)).toBe(true);
});

test('what has no surface is not measured', () => {
  const document = createBoxDocument([0, 0, 0], [0, 0, 0]);
  expect(measureSurface(listPlacedParts(document), computeBounds(document)!)).toBeNull();
});

/** A box as a car is long, wide and high, that stands on y or lies on its nose or its side. */
const CAR = { y: [1.8, 1.45, 4.4], z: [1.8, 4.4, 1.45], x: [1.45, 1.8, 4.4] } as const;

test.each(['y', 'z'] as const)('a car whose %s is up is seen to stand so, and by its name', (up) => {
  const document = createBoxDocument([0, 0, 0], [...CAR[up]]);
  const [best] = askUp(document, 'car');
  expect(best.up.replace('-', '')).toBe(up);
  expect(best.evidence.map(({ text }) => text)).toContain('so its proportions would be those of cars');
  const other = askUp(document, 'car').find(({ id }) => id === (up === 'y' ? 'z' : 'y'))!;
  expect(other.evidence.map(({ text }) => text)).toContain('so its proportions would not be those of cars');
});

test('a plate of which nobody knows what it is is not sure to lie; called a picture it hangs, called a carpet it lies', () => {
  const hung = createBoxDocument([0, 0, 0], [0.62, 0.48, 0.02]);
  expect(askUp(hung, 'qzx')[0].confidence).toBeLessThan(0.9);
  expect(askUp(hung, 'picture')[0].id).toBe('y');
  const lying = createBoxDocument([0, 0, 0], [1.9, 1.5, 0.02]);
  expect(askUp(lying, 'carpet')[0].id).toBe('z');
});

test('an aeroplane that rests on a point of its belly is no less upright for it', () => {
  // wings and a body on one leg beside its middle
  const document = createBoxDocument([-12, 2, -1], [12, 2.4, 1], 'wings');
  addBox(document, [-1.2, 1.4, -11], [1.2, 4, 12], 'body');
  addBox(document, [-0.4, 4, 9], [0.4, 7.4, 12], 'fin');
  addBox(document, [0.9, 0, 8], [1, 1.4, 8.1], 'leg');
  const features = listOrientationFeatures(look(document), findTypicalSize('aeroplane'));
  expect(features[2].balance).toBeLessThanOrEqual(0);
  const [named] = askUp(document, 'aeroplane');
  expect(named).toMatchObject({ id: 'y', wouldTip: false });
  expect(askUp(document, 'qzx').find(({ id }) => id === 'y')!.wouldTip).toBe(true);
});

test('confidences of all six sum to one, whatever is asked', () => {
  const side = fc.double({ min: 0.05, max: 5, noNaN: true });
  fc.assert(
    fc.property(side, side, side, fc.constantFrom('', 'chair', 'car', 'picture', 'tree'), (x, y, z, name) => {
      const all = askUp(createBoxDocument([0, 0, 0], [x, y, z]), name);
      expect(all).toHaveLength(6);
      expect(all.reduce((sum, { confidence }) => sum + confidence, 0)).toBeCloseTo(1, 9);
      expect([...all].sort((a, b) => b.confidence - a.confidence)).toEqual(all);
    }),
    { numRuns: 30 },
  );
});
