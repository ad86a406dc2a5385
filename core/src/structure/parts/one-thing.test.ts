import type { Document } from '@gltf-transform/core';
import { setNodeSource } from '../../scene/document/source-data';
import { createDocument } from '../../scene/document/document-io';
import { listShownNodes } from '../../scene/traverse';
import { addBox } from '../../testing/documents';
import { describePartSheet } from './part-sheet';

/** Parts by their names, each a box between these heights, at a place along X; with a material where one is given. */
function build(parts: readonly [name: string, low: number, high: number, x?: number, material?: string][]): Document {
  const document = createDocument();
  for (const [name, low, high, x = 0, material] of parts) {
    const node = addBox(document, [x - 0.5, low, -0.5], [x + 0.5, high, 0.5], name);
    if (material) node.getMesh()!.listPrimitives()[0].setMaterial(document.createMaterial(material));
  }
  listShownNodes(document).forEach((node, i) => setNodeSource(node, { id: `p${i}` }));
  return document;
}
const offers = async (document: Document) =>
  (await describePartSheet(document, document)).offers.filter(({ kind }) => kind === 'one-thing' || kind === 'join');

test('a crown belongs to the trunk it touches, flowers to their vase', async () => {
  const [tree] = await offers(
    build([
      ['Trunk', 0, 2],
      ['crown_1', 2, 4],
      ['Crown 2', 3.5, 5],
    ]),
  );
  expect(tree).toMatchObject({ kind: 'one-thing', title: '3 parts are one tree' });
  expect(tree.steps).toMatchObject([{ kind: 'join-parts', name: 'tree', parts: [{ name: 'Trunk' }, {}, {}] }]);
  const [vase] = await offers(
    build([
      ['flowers', 0.9, 2],
      ['vase', 0, 1],
      ['table top', -0.1, 0],
    ]),
  );
  expect(vase.steps).toMatchObject([{ name: 'vase', parts: [{ name: 'vase' }, { name: 'flowers' }] }]);
});

test('two trees are two, each with the crown that touches it', async () => {
  const [trees] = await offers(
    build([
      ['trunk', 0, 2],
      ['trunk', 0, 2, 9],
      ['leaves', 2, 4],
      ['leaves', 2, 4, 9],
      ['leaves', 2, 4, 30],
    ]),
  );
  expect(trees.title).toBe('2 things came in several parts each');
  expect(trees.ids).toEqual(['p0', 'p2', 'p1', 'p3']);
});

test('where names say nothing what they are made of does', async () => {
  const [tree] = await offers(
    build([
      ['Mesh.001', 0, 2, 0, 'bark'],
      ['Mesh.002', 2, 4, 0, 'leaves'],
    ]),
  );
  expect(tree).toMatchObject({ title: '2 parts are one tree' });
});

test.each<[string, Parameters<typeof build>[0]]>([
  [
    'the wheels of a car',
    [
      ['body', 0.3, 1],
      ['wheel_1', 0, 0.5],
      ['wheel_2', 0, 0.5],
      ['wheel_3', 0, 0.5],
      ['wheel_4', 0, 0.5],
    ],
  ],
  [
    'the door of a house',
    [
      ['walls', 0, 3],
      ['door', 0, 2],
      ['roof', 3, 4],
    ],
  ],
  [
    'the lid of a pot',
    [
      ['pot', 0, 1],
      ['lid', 1, 1.1],
    ],
  ],
  [
    'a trunk to travel with',
    [
      ['trunk', 0, 1],
      ['lid', 1, 1.1],
      ['handle', 0.4, 0.6],
    ],
  ],
])('%s stay parts of their own', async (_, parts) => {
  expect(await offers(build(parts))).toEqual([]);
});
