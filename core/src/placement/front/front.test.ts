import type { Document } from '@gltf-transform/core';
import { createDocument } from '../../scene/document/document-io';
import { quarterTurnMatrix } from '../../scene/matrix';
import { computeBounds } from '../../scene/measures/bounds';
import { listPlacedParts } from '../../scene/measures/placed-parts';
import { getShownScene, listMeshInstances } from '../../scene/traverse';
import { addBox } from '../../testing/documents';
import { measureSurface } from '../orientation/surface-measures';
import { measureFront } from './front-features';
import { hasNoFront, judgeFrontAxis, type FrontCandidate } from './judge-front-axis';
import { listNamedSides } from './named-sides';

/** A cupboard: a flat back, sides and shelves, open to +z. */
function createShelf(): Document {
  const document = createDocument();
  addBox(document, [0, 0, 0], [1, 1.6, 0.02], 'panel');
  addBox(document, [0, 0, 0.02], [0.03, 1.6, 0.4], 'side');
  addBox(document, [0.97, 0, 0.02], [1, 1.6, 0.4], 'side');
  for (const y of [0, 0.5, 1, 1.57]) addBox(document, [0.03, y, 0.02], [0.97, y + 0.03, 0.4], 'board');
  return document;
}

function rotateAll(document: Document, axis: 'x' | 'y', degrees: -90 | 90 | 180): Document {
  const scene = getShownScene(document);
  const root = document.createNode('root').setMatrix(quarterTurnMatrix(axis, degrees));
  for (const child of scene.listChildren()) root.addChild(child);
  scene.addChild(root);
  return document;
}

function look(document: Document, turn: Parameters<typeof measureFront>[1] = null): FrontCandidate[] {
  const instances = listMeshInstances(document);
  const box = computeBounds(document, instances)!;
  const shape = measureFront(measureSurface(listPlacedParts(document, instances), box)!, turn);
  const named = listNamedSides(document, instances, box, turn);
  return hasNoFront({ shape, named }) ? [] : judgeFrontAxis({ isDeclared: false, shape, named });
}

test.each([
  [null, '+z', null],
  [90, '+x', -90],
  [180, '-z', 180],
  [-90, '-x', 90],
] as const)('a shelf turned by %s° faces %s, and is turned back by %s°', (turned, id, degrees) => {
  const document = turned === null ? createShelf() : rotateAll(createShelf(), 'y', turned);
  expect(look(document)[0]).toMatchObject({ id, degrees });
});

test('a shelf that lies on its back is judged as it will stand', () => {
  const lying = rotateAll(createShelf(), 'x', 90);
  expect(look(lying, { axis: 'x', degrees: -90 })[0].id).toBe('+z');
});

test('confidences sum to 1', () => {
  expect(look(createShelf()).reduce((sum, { confidence }) => sum + confidence, 0)).toBeCloseTo(1, 9);
});

test('what is alike from all four sides has no front, until a part is named for one', () => {
  const document = createDocument();
  addBox(document, [-0.5, 0, -0.5], [0.5, 1, 0.5], 'post');
  expect(look(document)).toEqual([]);
  addBox(document, [-0.1, 0.4, 0.5], [0.1, 0.6, 0.52], 'front_plate');
  expect(look(document)[0].id).toBe('+z');
});

test('parts named for their sides outweigh the shape', () => {
  const document = createShelf();
  addBox(document, [0.2, 0.2, -0.06], [0.8, 1.2, 0], 'Windscreen');
  expect(look(document)[0]).toMatchObject({ id: '-z', degrees: 180 });
  expect(look(document)[0].evidence[0]).toEqual({ text: '“Windscreen” is on this side by its name', figure: 'front' });
});

test('a part named for left or right says which axis its front is on, and not which end', () => {
  const document = createDocument();
  addBox(document, [-0.3, 0, -0.3], [0.3, 1, 0.3], 'body');
  addBox(document, [0.3, 0.4, -0.05], [0.5, 0.6, 0.05], 'left_fin');
  const found = look(document);
  const share = (id: string): number => found.find((one) => one.id === id)!.confidence;
  expect(share('+z') + share('-z')).toBeGreaterThan(share('+x') + share('-x'));
});

test('glTF declares its front, which is one evidence', () => {
  const [best] = judgeFrontAxis({ isDeclared: true, shape: null, named: [] });
  expect(best).toMatchObject({ id: '+z', independent: 1 });
  expect(best.confidence).toBeCloseTo(0.9, 9);
});

test('a habit of its source outweighs what a format says, and is one evidence', () => {
  const [best] = judgeFrontAxis({ isDeclared: true, habitFront: '-x', shape: null, named: [] });
  const away = judgeFrontAxis({ isDeclared: false, habitFront: '-z', shape: null, named: [] })[0];
  expect(best.id).toBe('+z');
  expect(best.confidence).toBeLessThan(0.9);
  expect(away).toMatchObject({ id: '-z', independent: 1, evidence: [{ text: 'a habit of its source' }] });
});
