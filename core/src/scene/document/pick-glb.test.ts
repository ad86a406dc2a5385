import type { Document } from '@gltf-transform/core';
import { addBox, createPng } from '../../testing/documents';
import { computeBounds } from '../measures/bounds';
import { createDocument, readGlb, writeGlb } from './document-io';
import { assemblePick, planPick, readGlbHead } from './pick-glb';
import { setNodeSource } from './source-data';
import { listShownNodes } from '../traverse';

async function pick(document: Document, ids: string[], shift: [number, number, number] = [0, 0, 0]) {
  const bytes = await writeGlb(document);
  const { json, binaryAt } = readGlbHead(bytes);
  const plan = planPick(json, ids, { name: 'piece', shift });
  const picked = assemblePick(
    plan,
    plan.ranges.map(({ start, end }) => bytes.subarray(binaryAt + start, binaryAt + end)),
  );
  return { plan, bytes, picked, document: await readGlb(picked) };
}

function kit(): Document {
  const document = createDocument();
  const wrapper = document.createNode('wrapper').setScale([2, 2, 2]);
  document.getRoot().listScenes()[0].addChild(wrapper);
  for (let i = 0; i < 3; i++) addBox(document, [i * 3, 0, 0], [i * 3 + 1, 1, 1], `crate_${i}`, wrapper);
  const shared = document
    .createTexture('wood')
    .setImage(createPng([120, 80, 40, 255]))
    .setMimeType('image/png');
  const own = document
    .createTexture('rust')
    .setImage(createPng([160, 60, 20, 255]))
    .setMimeType('image/png');
  document
    .getRoot()
    .listMeshes()
    .forEach((mesh, i) =>
      mesh
        .listPrimitives()[0]
        .setMaterial(document.createMaterial(`m${i}`).setBaseColorTexture(i === 2 ? own : shared)),
    );
  listShownNodes(document).forEach((node, i) => setNodeSource(node, { id: `p${i}` }));
  return document;
}

test('a piece comes out where it stood, alone, with its own maps', async () => {
  const { document } = await pick(kit(), ['p2']);
  expect(computeBounds(document)).toEqual({ min: [6, 0, 0], max: [8, 2, 2] });
  const root = document.getRoot();
  expect(root.listMeshes().map((mesh) => mesh.getName())).toEqual(['crate_1']);
  expect(root.listTextures().map((texture) => texture.getName())).toEqual(['wood']);
  expect(root.listMaterials()).toHaveLength(1);
});

test('it is moved as told, under a root of its own name', async () => {
  const { document } = await pick(kit(), ['p3'], [-12, 0, 0]);
  expect(computeBounds(document)).toEqual({ min: [0, 0, 0], max: [2, 2, 2] });
  expect(
    document
      .getRoot()
      .listScenes()[0]
      .listChildren()
      .map((node) => node.getName()),
  ).toEqual(['piece']);
});

test('only the bytes of the piece are asked for', async () => {
  const { plan, bytes, picked } = await pick(kit(), ['p1']);
  const asked = plan.ranges.reduce((sum, { start, end }) => sum + end - start, 0);
  expect(asked).toBeLessThan(bytes.byteLength / 2);
  expect(picked.byteLength).toBeLessThan(bytes.byteLength);
});

test('a skinned piece keeps its joints and the clips that move them', async () => {
  const document = kit();
  const joint = document.createNode('joint');
  const other = document.createNode('other');
  document.getRoot().listScenes()[0].addChild(joint).addChild(other);
  const crate = listShownNodes(document).find((node) => node.getName() === 'crate_0')!;
  crate.setSkin(document.createSkin('s').addJoint(joint));
  const buffer = document.getRoot().listBuffers()[0];
  const accessor = (type: 'SCALAR' | 'VEC3', values: number[]) =>
    document.createAccessor().setType(type).setArray(new Float32Array(values)).setBuffer(buffer);
  const animation = document.createAnimation('wave');
  for (const node of [joint, other]) {
    const sampler = document
      .createAnimationSampler()
      .setInput(accessor('SCALAR', [0, 1]))
      .setOutput(accessor('VEC3', [0, 0, 0, 0, 1, 0]));
    animation
      .addSampler(sampler)
      .addChannel(
        document.createAnimationChannel().setTargetNode(node).setTargetPath('translation').setSampler(sampler),
      );
  }
  listShownNodes(document).forEach((node, i) => setNodeSource(node, { id: `p${i}` }));
  const { document: picked } = await pick(document, ['p1']);
  const root = picked.getRoot();
  expect(
    root
      .listSkins()[0]
      .listJoints()
      .map((node) => node.getName()),
  ).toEqual(['joint']);
  expect(root.listAnimations()[0].listChannels()).toHaveLength(1);
  expect(root.listNodes().map((node) => node.getName())).not.toContain('other');
});
