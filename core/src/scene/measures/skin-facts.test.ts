import type { Document } from '@gltf-transform/core';
import { addBox, createBoxDocument } from '../../testing/documents';
import { listMeshInstances, getShownScene } from '../traverse';
import { measureSkins } from './skin-facts';

/** A box that follows two of four joints: hip, knee below it, a toe at the end, and a hand beside them. */
function createWalker(weights: number[]): Document {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1], 'leg');
  const [{ node, mesh }] = listMeshInstances(document);
  const [hip, knee, toe, hand] = ['hip', 'knee', 'toe_end', 'hand_end'].map((name) => document.createNode(name));
  getShownScene(document).addChild(hip);
  hip.addChild(knee).addChild(hand);
  knee.addChild(toe);
  const skin = document.createSkin();
  for (const joint of [hip, knee, toe, hand]) skin.addJoint(joint);
  node.setSkin(skin);
  const [primitive] = mesh.listPrimitives();
  const count = primitive.getAttribute('POSITION')!.getCount();
  const buffer = document.getRoot().listBuffers()[0];
  const fill = (values: number[]) => Array.from({ length: count }, () => values).flat();
  primitive
    .setAttribute(
      'JOINTS_0',
      document
        .createAccessor()
        .setType('VEC4')
        .setArray(Uint8Array.from(fill([1, 0, 2, 3])))
        .setBuffer(buffer),
    )
    .setAttribute(
      'WEIGHTS_0',
      document
        .createAccessor()
        .setType('VEC4')
        .setArray(Float32Array.from(fill(weights)))
        .setBuffer(buffer),
    );
  return document;
}

test('joints that move nothing are those at the ends; what is above one that moves something is none', () => {
  expect(measureSkins(createWalker([1, 0, 0, 0]))).toEqual({
    joints: 4,
    idle: ['toe_end', 'hand_end'],
    mostInfluences: 1,
    blendShapes: 0,
  });
  expect(measureSkins(createWalker([0.5, 0.2, 0.3, 0])).idle).toEqual(['hand_end']);
  expect(measureSkins(createWalker([0.5, 0.2, 0.2, 0.1]))).toMatchObject({ idle: [], mostInfluences: 4 });
});

test('a joint that something hangs on is not idle', () => {
  const document = createWalker([1, 0, 0, 0]);
  const hand = document
    .getRoot()
    .listNodes()
    .find((node) => node.getName() === 'hand_end')!;
  addBox(document, [0, 0, 0], [0.1, 0.1, 0.1], 'lamp', hand);
  expect(measureSkins(document).idle).toEqual(['toe_end']);
});

test('a model that does not bend has none of it', () => {
  expect(measureSkins(createBoxDocument([0, 0, 0], [1, 1, 1]))).toEqual({
    joints: 0,
    idle: [],
    mostInfluences: 0,
    blendShapes: 0,
  });
});
