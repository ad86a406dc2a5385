import fc from 'fast-check';
import type { Document, Node } from '@gltf-transform/core';
import { createDocument } from '../../scene/document/document-io';
import { getShownScene, listMeshInstances, listShownNodes } from '../../scene/traverse';
import { listPlacedParts } from '../../scene/measures/placed-parts';
import { addBox } from '../../testing/documents';
import { movePartPivots } from './move-part-pivot';

const vertices = (document: Document): number[] => listPlacedParts(document).flatMap(({ positions }) => [...positions]);
const find = (document: Document, name: string): Node =>
  listShownNodes(document).find((node) => node.getName() === name)!;

/** A turned and stretched cupboard with a door, a knob on the door, and two feet of one mesh. */
function createCupboard(): Document {
  const document = createDocument();
  const root = document
    .createNode('cupboard')
    .setRotation([0, 0.6, 0, 0.8])
    .setScale([2, 1, 1])
    .setTranslation([3, 0, 1]);
  getShownScene(document).addChild(root);
  addBox(document, [0, 0, 0], [1, 2, 0.5], 'body', root);
  const door = addBox(document, [0, 0, 0.5], [1, 2, 0.55], 'door', root);
  addBox(document, [-0.02, -0.02, 0], [0.02, 0.02, 0.05], 'knob', door).setTranslation([0.9, 1, 0.55]);
  const foot = addBox(document, [0, -0.1, 0], [0.1, 0, 0.1], 'foot 1', root);
  root.addChild(document.createNode('foot 2').setMesh(foot.getMesh()).setTranslation([0.9, 0, 0]));
  return document;
}

test('property: whatever place a part turns about, no vertex of the model moves, and children keep their pivots', () => {
  const share = fc.double({ min: -0.5, max: 1.5, noNaN: true });
  fc.assert(
    fc.property(fc.constantFrom('door', 'cupboard', 'knob', 'foot 1'), fc.tuple(share, share, share), (name, point) => {
      const document = createCupboard();
      const before = vertices(document);
      const knob = find(document, 'knob').getWorldTranslation();
      expect(movePartPivots(document, [find(document, name)], point)).toHaveLength(0);
      vertices(document).forEach((value, i) => expect(value).toBeCloseTo(before[i], 5));
      if (name !== 'knob')
        find(document, 'knob')
          .getWorldTranslation()
          .forEach((value, axis) => expect(value).toBeCloseTo(knob[axis], 6));
    }),
    { numRuns: 60, seed: 7 },
  );
});

test('the pivot lies at that share of the part’s box in the world, with what hangs on it', () => {
  const document = createDocument();
  const door = addBox(document, [0, 0, 0.5], [1, 2, 0.55], 'door');
  movePartPivots(document, [door], [0, 0, 0.5]);
  expect(door.getTranslation().map((value) => Number(value.toFixed(6)))).toEqual([0, 0, 0.525]);
});

test('instances that turn about the same place stay instances; one that goes alone gets a mesh of its own', () => {
  const document = createCupboard();
  const [one, two] = [find(document, 'foot 1'), find(document, 'foot 2')];
  movePartPivots(document, [one, two], [0.5, 1, 0.5]);
  expect(one.getMesh() === two.getMesh()).toBe(true);
  const before = vertices(document);
  movePartPivots(document, [one], [0, 0, 0]);
  expect(one.getMesh() === two.getMesh()).toBe(false);
  vertices(document).forEach((value, i) => expect(value).toBeCloseTo(before[i], 5));
});

test('all pieces at once: each turns about its own', () => {
  const document = createCupboard();
  const nodes = listMeshInstances(document).map(({ node }) => node);
  const before = vertices(document);
  movePartPivots(document, nodes, [0.5, 0, 0.5]);
  vertices(document).forEach((value, i) => expect(value).toBeCloseTo(before[i], 5));
  const places = nodes.map((node) =>
    node
      .getWorldTranslation()
      .map((v) => v.toFixed(3))
      .join(),
  );
  expect(new Set(places).size).toBe(nodes.length);
});

test('a part without extent, and one a clip moves, stay and are named', () => {
  const document = createCupboard();
  const empty = document.createNode('mount point');
  getShownScene(document).addChild(empty);
  const door = find(document, 'door');
  const sampler = document.createAnimationSampler();
  const channel = document.createAnimationChannel().setTargetNode(door).setTargetPath('rotation').setSampler(sampler);
  document.createAnimation('opens').addSampler(sampler).addChannel(channel);
  expect(
    movePartPivots(document, [empty, door], [0, 0, 0])
      .map((node) => node.getName())
      .sort(),
  ).toEqual(['door', 'mount point']);
});
