import type { Document } from '@gltf-transform/core';
import { createDocument } from '../../scene/document/document-io';
import { addBox, createBoxDocument } from '../../testing/documents';
import { describeDropBody } from './describe-body';
import { runDropTest, type DropOptions } from './drop-test';
import { startPhysics } from './physics';

let rapier: Awaited<ReturnType<typeof startPhysics>>;
beforeAll(async () => {
  rapier = await startPhysics();
});

const drop = (document: Document, change: Partial<DropOptions> = {}) =>
  runDropTest(rapier, describeDropBody(document)!, { count: 1, shape: 'hull', dropShare: 0, ...change });

test('a box on the ground stays where it is', () => {
  const result = drop(createBoxDocument([-0.5, 0, -0.5], [0.5, 1, 0.5]));
  expect(result.verdict).toBe('stands');
  expect(Math.abs(result.sank)).toBeLessThan(0.002);
  expect(result.turned).toBeLessThan(0.1);
});

test.each([
  ['hovers by a tenth', 0.1, 'falls', -0.1],
  ['reaches a twentieth into the ground', -0.05, 'settles', 0.05],
] as const)('one that %s is told by how far', (_, bottom, verdict, sank) => {
  const result = drop(createBoxDocument([-0.5, bottom, -0.5], [0.5, 1 + bottom, 0.5]));
  expect(result.verdict).toBe(verdict);
  expect(result.sank).toBeCloseTo(sank, 2);
});

test('a model is as exact a pin as a ship', () => {
  for (const side of [0.002, 200]) {
    const result = drop(createBoxDocument([-side, side * 0.1, -side], [side, side * 2.1, side]));
    expect(result.sank / side).toBeCloseTo(-0.1, 1);
    expect(result.verdict).toBe('falls');
  }
});

/** A foot to one side, and a heavy head far to the other. */
function createCrane(): Document {
  const document = createDocument();
  addBox(document, [0, 0, 0], [0.2, 1, 0.2], 'post');
  addBox(document, [0.2, 0.8, 0], [2, 1, 0.2], 'arm');
  return document;
}

test('what has its middle over no foot tips over', () => {
  expect(drop(createCrane())).toMatchObject({ verdict: 'tips', standing: 0 });
  // by its box it would stand: the box says nothing of where its foot is
  expect(drop(createBoxDocument([0, 0, 0], [2, 1, 0.2]), { shape: 'box' }).verdict).toBe('stands');
});

test('three boxes stand on one another', () => {
  const boxes = drop(createBoxDocument([-0.5, 0, -0.5], [0.5, 0.6, 0.5]), { count: 3 });
  expect(boxes).toMatchObject({ verdict: 'stands', standing: 3, summary: 'all 3 stand on one another' });
  const poses = boxes.poses.slice(-21);
  expect([poses[1], poses[8], poses[15]].map((y) => y.toFixed(1).replace('-', ''))).toEqual(['0.0', '0.6', '1.2']);
});

test('mass is volume times the density of its matter: a cubic metre of oak is 650 kg', () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1]);
  const material = document.createMaterial('oak planks');
  document.getRoot().listMeshes()[0].listPrimitives()[0].setMaterial(material);
  expect(describeDropBody(document)).toMatchObject({ matter: 'wood', by: 'volume' });
  expect(describeDropBody(document)!.mass).toBeCloseTo(650, 3);
});

test('a free fall of half its height takes the time the handbook gives: √(2h/g)', () => {
  const { poses, framesPerSecond } = drop(createBoxDocument([-0.5, 0, -0.5], [0.5, 1, 0.5]), { dropShare: 0.5 });
  const heights = Array.from({ length: poses.length / 7 }, (_, i) => poses[i * 7 + 1]);
  const landed = heights.findIndex((y) => y < 0.01);
  expect(landed / framesPerSecond).toBeGreaterThan(Math.sqrt((2 * 0.49) / 9.80665) - 0.05);
  expect(landed / framesPerSecond).toBeLessThan(Math.sqrt((2 * 0.5) / 9.80665) + 0.05);
});

test('what is narrow on top does not carry another', () => {
  // a wedge: the one above slides or tips off
  const wedge = createDocument();
  addBox(wedge, [-1, 0, -1], [1, 0.1, 1], 'foot');
  addBox(wedge, [0.9, 0.1, -0.02], [0.94, 1, 0.02], 'rod');
  const result = drop(wedge, { count: 3 });
  expect(result.verdict).toBe('pile-falls');
  expect(result.standing).toBeLessThan(3);
});

test('nothing cannot be dropped', () => {
  expect(describeDropBody(createDocument())).toBeNull();
});
