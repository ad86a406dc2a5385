import type { Document } from '@gltf-transform/core';
import { computeBounds } from '../../scene/measures/bounds';
import { listPlacedParts } from '../../scene/measures/placed-parts';
import { getShownScene, listMeshInstances } from '../../scene/traverse';
import {
  addBox,
  createBoxDocument,
  createMemoryCodec,
  createMeshDocument,
  createSphereDocument,
} from '../../testing/documents';
import { applyTreatment } from '../../treatment/apply-treatment';
import { judgeTilt } from './judge-tilt';
import { listOrientationFeatures } from './orientation-features';
import { measureSurface } from './surface-measures';

/** A table: a top on four legs, as wide as `width`. */
function createTable(): Document {
  const document = createBoxDocument([0, 0.7, 0], [1.2, 0.75, 0.8], 'top');
  for (const [x, z] of [
    [0, 0],
    [1.1, 0],
    [0, 0.7],
    [1.1, 0.7],
  ])
    addBox(document, [x, 0, z], [x + 0.1, 0.7, z + 0.1], 'leg');
  return document;
}
const look = (document: Document) => {
  return measureSurface(listPlacedParts(document), computeBounds(document)!)!;
};

test('the surface of a box: its area, its middle, six flat ends, all of it square', () => {
  const surface = look(createBoxDocument([0, 0, 0], [1, 2, 3]));
  expect(surface.area).toBeCloseTo(22, 6);
  expect(surface.centre.map((v) => Number(v.toFixed(6)))).toEqual([0.5, 1, 1.5]);
  expect([...surface.flat].map((v) => Number(v.toFixed(6)))).toEqual([1, 1, 1, 1, 1, 1]);
  expect([...surface.square].reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
  expect(surface.points.length / 3).toBeGreaterThan(4000);
});

test('a table spans its base with four feet, and is not alike with foot and head exchanged', () => {
  const [left, , foot, head] = listOrientationFeatures(look(createTable()), null);
  expect(foot.flatFoot).toBeLessThan(0.1);
  expect(foot.support).toBeCloseTo(1, 2);
  expect(foot.flatHead).toBeCloseTo(1, 2);
  expect(foot.balance).toBeGreaterThan(0);
  expect(foot.mirror).toBeLessThan(0.7);
  expect(left.mirror).toBeGreaterThan(0.9);
  expect(head.height).toBeCloseTo(1 - foot.height, 6);
});

test.each([
  ['z', 2.3, 'left'],
  ['z', -4, 'right'],
  ['x', 1.2, 'front'],
  ['x', -1.2, 'back'],
] as const)(
  'a table turned about %s by %s° leans %s, and is set straight to 1e-6 of its size',
  async (axis, degrees, towards) => {
    const document = createTable();
    const half = (degrees * Math.PI) / 360;
    const root = document.createNode('leaning');
    for (const child of getShownScene(document).listChildren()) root.addChild(child);
    getShownScene(document).addChild(root);
    root.setRotation(axis === 'z' ? [0, 0, Math.sin(half), Math.cos(half)] : [Math.sin(half), 0, 0, Math.cos(half)]);
    const tilt = judgeTilt(look(document), listPlacedParts(document), null)!;
    expect(tilt.degrees).toBeCloseTo(Math.abs(degrees), 3);
    expect(tilt.towards).toBe(towards);
    await applyTreatment(
      document,
      [
        { kind: 'straighten', schema: 1, turn: tilt.turn, degrees: tilt.degrees, label: '' },
        { kind: 'bake-transforms', schema: 1 },
      ],
      { codec: createMemoryCodec(), readBytes: () => Promise.reject(new Error('no map is read')) },
    );
    const feet = listMeshInstances(document)
      .filter(({ node }) => node.getName() === 'leg')
      .map((instance) => computeBounds(document, [instance])!.min[1]);
    expect(Math.max(...feet) - Math.min(...feet)).toBeLessThan(1.2e-6);
    expect(judgeTilt(look(document), listPlacedParts(document), null)).toBeNull();
  },
);

test('what rests as it stands does not lean, and a ball rests nowhere', () => {
  for (const document of [createTable(), createBoxDocument([0, 0, 0], [1, 2, 1]), createSphereDocument(1, 24)])
    expect(judgeTilt(look(document), listPlacedParts(document), null)).toBeNull();
});

test('what stands on a single tip rests on nothing, and is no failure', () => {
  // a top, whose facets each have a tip of their own: a narrow ring above the tip, a wide disc over both
  const ring = (radius: number, height: number): number[] =>
    Array.from({ length: 12 }, (_, i) => (i * Math.PI) / 6).flatMap((a) => [
      radius * Math.cos(a),
      height,
      radius * Math.sin(a),
    ]);
  const points = [...ring(0, 0), ...ring(0.25, 1), ...ring(1, 4)];
  const corners = Array.from({ length: 12 }, (_, i) => [i, (i + 1) % 12]).flatMap(([i, k]) => [
    ...[i, 12 + i, 12 + k],
    ...[12 + i, 24 + i, 12 + k],
    ...[24 + i, 24 + k, 12 + k],
  ]);
  const document = createMeshDocument(points, corners);
  expect(judgeTilt(look(document), listPlacedParts(document), null)).toBeNull();
});

test('of very many vertices at an end a share is kept from all of it, not the first of them', () => {
  const side = 200;
  const points = Array.from({ length: side * side }, (_, i) => [i % side, 0, Math.floor(i / side)]).flat();
  const corners = Array.from({ length: side - 1 }, (_, i) => [i, i + side, i + 1]).flat();
  const [u, v] = [0, 1].map((k) => look(createMeshDocument(points, corners)).near[2].filter((_, i) => i % 2 === k));
  expect(u.length).toBeLessThan(20_001);
  for (const values of [u, v]) expect(Math.max(...values)).toBeGreaterThan(side * 0.9);
});

test('a model without surface says nothing', () => {
  expect(measureSurface([], { min: [0, 0, 0], max: [1, 1, 1] })).toBeNull();
});
