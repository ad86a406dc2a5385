import type { Document, Node, vec3, vec4 } from '@gltf-transform/core';
import fc from 'fast-check';
import { linearDeterminant, multiplyMatrix } from '../../scene/matrix';
import { computeWorldPositions } from '../../scene/measures/world-positions';
import { listHoldingMeshes, listMeshInstances, listShownNodes } from '../../scene/traverse';
import { listUnbakedNodes } from '../../structure/clutter';
import { addBox, createBoxDocument } from '../../testing/documents';
import { bakeTransforms } from './bake-transforms';
import { shiftChildren } from './shift';

const QUARTER: vec4 = [Math.SQRT1_2, 0, 0, Math.SQRT1_2];
const byName = (document: Document, name: string): Node =>
  listShownNodes(document).find((node) => node.getName() === name)!;

/** Directions of a node's three axes in the world, unit, and where it is. */
function describe3(node: Node): number[] {
  const m = node.getWorldMatrix();
  const axes = [0, 4, 8].flatMap((at) => {
    const length = Math.hypot(m[at], m[at + 1], m[at + 2]);
    return [m[at] / length, m[at + 1] / length, m[at + 2] / length];
  });
  return [...axes, m[12], m[13], m[14]];
}
const expectSame = (now: readonly number[], before: readonly number[], tolerance = 1e-5): void => {
  expect(now.length).toBe(before.length);
  now.forEach((v, i) =>
    expect(Math.abs(v - before[i])).toBeLessThanOrEqual(tolerance * Math.max(1, Math.abs(before[i]))),
  );
};
const allPositions = (document: Document): number[] =>
  listMeshInstances(document).flatMap((instance) =>
    instance.mesh.listPrimitives().flatMap((primitive) => [...computeWorldPositions(instance, primitive)]),
  );

/** A device in centimetres, lying: a trigger place with a barrel end below it, both turned. */
function createDevice(): Document {
  const document = createBoxDocument([-1, 0, -1], [1, 10, 1], 'body');
  const root = document.createNode('root').setScale([0.01, 0.01, 0.01]).setRotation(QUARTER);
  const scene = document.getRoot().listScenes()[0];
  for (const child of scene.listChildren()) root.addChild(child);
  scene.addChild(root);
  const trigger = document
    .createNode('trigger_pivot')
    .setTranslation([0, 5, 1])
    .setRotation([0, Math.SQRT1_2, 0, Math.SQRT1_2]);
  trigger.addChild(document.createNode('trigger_end').setTranslation([0, 0, 2]).setRotation([0, 0, 0.6, 0.8]));
  root.addChild(trigger);
  return document;
}

test('a mount point keeps its place and its direction, and so does what hangs on it; its scale is its own', () => {
  const document = createDevice();
  const before = ['trigger_pivot', 'trigger_end'].map((name) => describe3(byName(document, name)));
  const surface = allPositions(document);
  bakeTransforms(document);
  ['trigger_pivot', 'trigger_end'].forEach((name, i) => expectSame(describe3(byName(document, name)), before[i]));
  expectSame(allPositions(document), surface);
  for (const name of ['trigger_pivot', 'trigger_end'])
    expectSame([...byName(document, name).getWorldScale()], [1, 1, 1]);
  expect(listUnbakedNodes(document)).toEqual([]);
  // what shows something has nothing but a place
  for (const name of ['root', 'body']) expect(byName(document, name).getRotation()).toEqual([0, 0, 0, 1]);
});

test('baked twice it is as baked once', () => {
  const document = createDevice();
  bakeTransforms(document);
  const once = listShownNodes(document).map((node) => [...node.getMatrix()]);
  expect(bakeTransforms(document)).toBe(0);
  listShownNodes(document).forEach((node, i) => expectSame([...node.getMatrix()], once[i]));
});

test('a new pivot moves a mount point by the same way as the surface, and turns it not', () => {
  const document = createDevice();
  bakeTransforms(document);
  const before = ['trigger_pivot', 'trigger_end'].map((name) => describe3(byName(document, name)));
  const delta: vec3 = [0.3, -0.2, 0.7];
  shiftChildren(document, byName(document, 'root'), delta);
  ['trigger_pivot', 'trigger_end'].forEach((name, i) =>
    expectSame(
      describe3(byName(document, name)),
      before[i].map((v, k) => (k < 9 ? v : v + delta[k - 9])),
    ),
  );
});

test('a mount point at the very origin of its parent, turned, is moved as a whole', () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1], 'body');
  const root = document.createNode('root');
  const scene = document.getRoot().listScenes()[0];
  for (const child of scene.listChildren()) root.addChild(child);
  scene.addChild(root);
  const grip = document.createNode('grip').setRotation(QUARTER);
  grip.addChild(document.createNode('aim').setTranslation([0, 0, 1]));
  root.addChild(grip);
  const before = describe3(byName(document, 'aim'));
  shiftChildren(document, root, [0, 1, 0]);
  expectSame(
    describe3(byName(document, 'aim')),
    before.map((v, k) => (k === 10 ? v + 1 : v)),
  );
});

test('a lamp and a camera that hold a mesh keep their direction, and the mesh stays where it is', () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1], 'body');
  const camera = document
    .createNode('eye')
    .setRotation(QUARTER)
    .setTranslation([1, 2, 3])
    .setCamera(document.createCamera());
  document.getRoot().listScenes()[0].addChild(camera);
  addBox(document, [0, 0, 0], [0.2, 0.1, 0.1], 'housing', camera);
  const [direction, surface] = [describe3(camera), allPositions(document)];
  bakeTransforms(document);
  expectSame(describe3(byName(document, 'eye')), direction);
  expectSame(allPositions(document), surface);
});

const unit = fc.double({ min: -1, max: 1, noNaN: true });
const turn = fc.tuple(unit, unit, unit, fc.double({ min: 0.2, max: 1, noNaN: true })).map((q): vec4 => {
  const length = Math.hypot(...q);
  return q.map((v) => v / length) as vec4;
});
const node = fc.record({
  parent: fc.nat(),
  hasMesh: fc.boolean(),
  turn,
  place: fc.tuple(unit, unit, unit),
  scale: fc.oneof(fc.constant<vec3>([1, 1, 1]), fc.constantFrom<vec3>([0.01, 0.01, 0.01], [2, 2, 2], [-1, 1, 1])),
});

test('of any tree of nodes nothing that shows moves, every place keeps its place and direction, and only places are left', () => {
  fc.assert(
    fc.property(fc.array(node, { minLength: 1, maxLength: 12 }), (given) => {
      const document = createBoxDocument([0, 0, 0], [1, 2, 3], 'first');
      const mesh = document.getRoot().listMeshes()[0];
      const nodes: Node[] = [listShownNodes(document)[0]];
      for (const [i, { parent, hasMesh, turn: rotation, place, scale }] of given.entries()) {
        const made = document.createNode(`n${i}`).setRotation(rotation).setTranslation(place).setScale(scale);
        if (hasMesh) made.setMesh(mesh);
        nodes[parent % nodes.length].addChild(made);
        nodes.push(made);
      }
      const holding = listHoldingMeshes(document);
      const places = nodes.filter((one) => !holding.has(one));
      const before = places.map(describe3);
      const surface = allPositions(document);
      bakeTransforms(document);
      expectSame(allPositions(document), surface, 1e-4);
      places.forEach((one, i) => expectSame(describe3(one), before[i], 1e-4));
      expect(listUnbakedNodes(document)).toEqual([]);
      for (const { world } of listMeshInstances(document)) expect(linearDeterminant(world)).toBeCloseTo(1, 6);
    }),
    { numRuns: 60 },
  );
});

test('a matrix that mirrors a mount point stays a mirror', () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1], 'body');
  const mirror = document.createNode('left side').setScale([-1, 1, 1]);
  addBox(document, [2, 0, 0], [3, 1, 1], 'half', mirror);
  mirror.addChild(document.createNode('hook').setTranslation([2, 1, 0]).setRotation(QUARTER));
  document.getRoot().listScenes()[0].addChild(mirror);
  const before = byName(document, 'hook').getWorldMatrix();
  bakeTransforms(document);
  expectSame([...byName(document, 'hook').getWorldMatrix()], [...before]);
  expect(linearDeterminant(multiplyMatrix(before, byName(document, 'body').getWorldMatrix()))).toBeLessThan(0);
});
