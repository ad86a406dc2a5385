import type { Document } from '@gltf-transform/core';
import { addBox, createBoxDocument } from '../testing/documents';
import { listStrangers } from './strangers';

/** A crate of one metre on the ground; what is added stands with it. */
function createCrate(
  ...others: [name: string, min: [number, number, number], max: [number, number, number]][]
): Document {
  const document = createBoxDocument([-0.5, 0, -0.5], [0.5, 1, 0.5], 'crate');
  addBox(document, [-0.2, 1, -0.2], [0.2, 1.1, 0.2], 'lid handle');
  for (const [name, min, max] of others) addBox(document, min, max, name);
  return document;
}
const kindsOf = (document: Document): string[] =>
  listStrangers(document).map(({ kind, node }) => `${kind}: ${node.getName()}`);

test('a floor and a back wall are told apart, though each is as wide as the other', () => {
  const document = createCrate(['Studio_Floor', [-3, -0.02, -3], [3, 0, 3]], ['back wall', [-3, 0, -3.02], [3, 4, -3]]);
  expect(kindsOf(document)).toEqual(['floor: Studio_Floor', 'wall: back wall']);
  expect(listStrangers(document)[0]).toMatchObject({ thinAxis: 1, below: true });
});

test('two planes nobody named are both out of the measures, and neither says what is up', () => {
  const document = createCrate(['p1', [-3, -0.02, -3], [3, 0, 3]], ['p2', [-3, -0.2, -0.53], [3, 4, -0.51]]);
  expect(kindsOf(document)).toEqual(['wall: p1', 'wall: p2']);
});

test.each([
  [['TurnTable', [-0.9, -0.2, -0.9], [0.9, 0, 0.9]], 'turntable: TurnTable'],
  [['name_plate', [1, 0, 0.5], [2, 0.3, 0.52]], 'name-plate: name_plate'],
  [['chip', [40, 0, 0], [40.2, 0.2, 0.2]], 'stray: chip'],
  [['human ref', [1, 0, 0], [1.5, 1.7, 0.3]], 'figure: human ref'],
] as const)('%j beside a crate is a %s', (part, kind) => {
  const [name, min, max] = part;
  expect(kindsOf(createCrate([name, [...min], [...max]]))).toEqual([kind]);
});

test.each([
  ['a handle', [-0.1, 1.1, -0.1], [0.1, 1.2, 0.1]],
  ['label', [-0.4, 0.2, 0.5], [0.4, 0.5, 0.501]],
  ['platform', [-0.5, 0.4, -0.5], [0.5, 0.9, 0.5]],
  ['rope', [2, 0, 0], [2.4, 0.4, 0.4]],
] as const)('%s belongs to it', (name, min, max) => {
  expect(kindsOf(createCrate([name, [...min], [...max]]))).toEqual([]);
});

test('where everything is thin nothing is a stranger', () => {
  const document = createBoxDocument([0, 0, 0], [1, 0.01, 1], 'sheet');
  addBox(document, [0, 0.2, 0], [1, 0.21, 1], 'sheet');
  expect(kindsOf(document)).toEqual([]);
});

/** Houses of ten metres in rows, each by itself. */
function createTown(houses: number): Document {
  const document = createBoxDocument([0, 0, 0], [10, 8, 10], 'house 0');
  for (let i = 1; i < houses; i++) {
    const [x, z] = [(i % 4) * 25, Math.floor(i / 4) * 25];
    addBox(document, [x, 0, z], [x + 10, 8, z + 10], `house ${i}`);
  }
  return document;
}

test.each([
  ['p1', 8],
  ['ground', 12],
])('the ground of a town is its own: “%s” under %i houses', (name, houses) => {
  const document = createTown(houses);
  addBox(document, [-60, -0.2, -60], [160, 0, 160], name);
  addBox(document, [-30, -0.1, -30], [130, 0, 130], 'p2');
  expect(kindsOf(document)).toEqual([]);
});

test('a model that is flat has no display floor', () => {
  const document = createBoxDocument([0, 0, 0], [1, 0.045, 1], 'tray');
  addBox(document, [0.2, 0.045, 0.2], [0.7, 0.05, 0.7], 'handle');
  addBox(document, [-1, -0.01, -1], [2, 0, 2], 'ground');
  expect(kindsOf(document)).toEqual([]);
});

test('the floor of a room, and one with a picture of its own, are asked about and never sure', () => {
  const room = createCrate(['floor', [-0.55, -0.02, -0.55], [0.55, 0, 0.55]]);
  expect(listStrangers(room)[0]).toMatchObject({ kind: 'floor', confidence: 0.75 });
  const mapped = createCrate(['floor', [-3, -0.02, -3], [3, 0, 3]]);
  expect(listStrangers(mapped)[0].confidence).toBeGreaterThan(0.9);
  const floor = mapped
    .getRoot()
    .listMeshes()
    .find(
      (mesh) =>
        mesh.getName() === 'floor' ||
        mesh.listParents().some((parent) => 'getMesh' in parent && parent.getName() === 'floor'),
    )!;
  const grass = mapped.createMaterial('grass').setBaseColorTexture(mapped.createTexture('grass'));
  for (const primitive of floor.listPrimitives()) primitive.setMaterial(grass);
  expect(listStrangers(mapped)[0].confidence).toBe(0.75);
});
