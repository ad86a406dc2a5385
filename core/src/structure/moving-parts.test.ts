import type { Document } from '@gltf-transform/core';
import { createDocument } from '../scene/document/document-io';
import { listMeshInstances } from '../scene/traverse';
import { addBox } from '../testing/documents';
import { listMovingParts, toFileShares } from './moving-parts';

const list = (document: Document) => listMovingParts(document, listMeshInstances(document), null);

/** Two doors side by side, the pivots of all parts at the model's origin, which lies far off. */
function createCupboard(): Document {
  const document = createDocument();
  addBox(document, [2, 0, 0], [3, 2, 0.5], 'body');
  addBox(document, [2, 0.1, 0.5], [2.49, 1.9, 0.52], 'door_L');
  addBox(document, [2.51, 0.1, 0.5], [3, 1.9, 0.52], 'door_R');
  return document;
}

test('doors swing about the edges on the outside of the whole', () => {
  expect(list(createCupboard()).map(({ node, point, label }) => [node.getName(), point, label])).toEqual([
    ['door_L', [0, 0, 0.5], 'its left edge'],
    ['door_R', [1, 0, 0.5], 'its right edge'],
  ]);
});

test('a handle says where the hinge is not', () => {
  const document = createCupboard();
  addBox(document, [2.02, 0.9, 0.52], [2.06, 1.1, 0.56], 'handle of the left one');
  const left = list(document).find(({ node }) => node.getName() === 'door_L')!;
  expect(left).toMatchObject({ label: 'its right edge', evidence: [{ text: 'the edge away from its handle' }] });
});

test('a hinge anywhere along the edge is where it should be', () => {
  const document = createCupboard();
  const door = list(document)[0].node;
  // the same door about its left edge, at half its height
  door.setMesh(null).setTranslation([2, 1, 0.51]);
  const own = addBox(document, [0, -0.9, -0.01], [0.49, 0.9, 0.01], 'leaf', door);
  expect(own.getParentNode()).toBe(door);
  expect(list(document).map(({ node }) => node.getName())).toEqual(['door_R']);
});

test('wheels spin about their middles, lids open about their back edges', () => {
  const document = createDocument();
  addBox(document, [0, 0, 0], [1, 0.5, 0.6], 'chest');
  addBox(document, [0, 0.5, 0], [1, 0.55, 0.6], 'Lid');
  addBox(document, [0.1, -0.2, 0.6], [0.3, 0, 0.65], 'wheel.001');
  expect(list(document).map(({ motion, point }) => [motion, point])).toEqual([
    ['lifts', [0.5, 0, 0]],
    ['spins', [0.5, 0.5, 0.5]],
  ]);
});

test('the wings of a bird are no doors', () => {
  const document = createDocument();
  addBox(document, [-0.1, 0, -0.3], [0.1, 0.2, 0.3], 'body');
  addBox(document, [0.1, 0.1, -0.1], [0.8, 0.12, 0.1], 'wing left');
  expect(list(document)).toEqual([]);
});

test('a model that is one part, or all door, moves nothing', () => {
  const document = createDocument();
  addBox(document, [1, 0, 0], [2, 2, 0.1], 'door');
  expect(list(document)).toEqual([]);
});

test('a place of the standing model is the same place in the file', () => {
  // Z up: what is left stays left, what is low in the stand is low along z, what is in front is at −y
  expect(toFileShares([0, 0, 1], { axis: 'x', degrees: -90 })).toEqual([0, 0, 0]);
  expect(toFileShares([0.5, 1, 0], { axis: 'x', degrees: -90 })).toEqual([0.5, 1, 1]);
  expect(toFileShares([0.2, 0.3, 0.4], null)).toEqual([0.2, 0.3, 0.4]);
});
