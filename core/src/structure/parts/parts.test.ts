import type { Document } from '@gltf-transform/core';
import { createDocument } from '../../scene/document/document-io';
import { setNodeSource } from '../../scene/document/source-data';
import { PartIndex } from '../../scene/part-ref';
import { listMeshInstances, listShownNodes } from '../../scene/traverse';
import { addBox, createMemoryCodec } from '../../testing/documents';
import { applyTreatment } from '../../treatment/apply-treatment';
import { meaningOf } from './name-habits';
import { listPartOffers } from './part-offers';
import { listPartRows } from './part-rows';
import { proposeNames } from './propose-names';

const rowsOf = (document: Document) => listPartRows(document);
const give = (document: Document): Document => {
  listShownNodes(document).forEach((node, i) => setNodeSource(node, { id: `p${i}` }));
  return document;
};

/** A table as it often comes: a top and four legs, all unnamed, two materials, one group that holds one thing. */
function createTable(): Document {
  const document = createDocument();
  const root = document.createNode('table');
  document.getRoot().listScenes()[0].addChild(root);
  const [oak, brass] = ['Oak_Varnished.001', 'brass'].map((name) => document.createMaterial(name));
  const holder = document.createNode('holder');
  root.addChild(holder);
  addBox(document, [-1, 0.7, -0.5], [1, 0.74, 0.5], 'Mesh.001', holder).getMesh()!.listPrimitives()[0].setMaterial(oak);
  [
    [-0.95, -0.45],
    [0.9, -0.45],
    [-0.95, 0.4],
    [0.9, 0.4],
  ].forEach(([x, z], i) =>
    addBox(document, [x, 0, z], [x + 0.05, 0.7, z + 0.05], `polySurface${i}`, root)
      .getMesh()!
      .listPrimitives()[0]
      .setMaterial(oak),
  );
  for (let i = 0; i < 14; i++)
    addBox(document, [i * 0.1 - 0.7, 0.74, 0], [i * 0.1 - 0.69, 0.75, 0.01], `screw ${i}`, root)
      .getMesh()!
      .listPrimitives()[0]
      .setMaterial(brass);
  return give(document);
}

test('names that programs give say nothing; those of people do', () => {
  const nothing = [
    'Mesh.001',
    'polySurface12',
    'pPlane727_21_47',
    'nurbsSphere2_19',
    'Cube',
    'Object_14',
    '3',
    'group1',
    'defaultMaterial',
    'a12',
    '',
  ];
  expect(nothing.map(meaningOf)).toEqual(nothing.map(() => ''));
  expect(['DoorLeft_2', 'leg.001', 'Tür', 'rotor_blade', 'box lid'].map(meaningOf)).toEqual([
    'door left',
    'leg',
    'tür',
    'rotor blade',
    'box lid',
  ]);
});

test('parts without a name get one of their material, their shape and their place, unlike any other', () => {
  const names = proposeNames(rowsOf(createTable()));
  // the model faces +Z, its left is +X (glTF 2.0, 3.4)
  expect(names.map(({ name }) => name)).toEqual([
    'holder_panel',
    'oak_varnished_rod_back_right',
    'oak_varnished_rod_back_left',
    'oak_varnished_rod_front_right',
    'oak_varnished_rod_front_left',
  ]);
});

test('of more parts than places the names are numbered, and none is given twice', () => {
  const document = createDocument();
  addBox(document, [0, 0, 0], [1, 1, 1], 'block_1');
  for (let i = 0; i < 9; i++) addBox(document, [i * 2, 0, 0], [i * 2 + 1, 1, 1], 'Cube');
  const names = proposeNames(rowsOf(give(document))).map(({ name }) => name);
  expect(new Set(names).size).toBe(9);
  expect(names).not.toContain('block_1');
  expect(names[1]).toBe('block_2');
});

test('names of other scripts are written in Latin letters, each unlike all others', async () => {
  const document = createTable();
  const called = ['ножка_1', '椅子', 'ножка 1', 'Größe', 'nozhka_1'];
  const group = listShownNodes(document)[0];
  const nodes = called.map((name) => document.createNode(name).setMesh(listMeshInstances(document)[0].mesh));
  for (const node of nodes) group.addChild(node);
  give(document);
  const offer = (await listPartOffers(document, rowsOf(document))).find(({ kind }) => kind === 'scripts')!;
  expect(offer.title).toBe('3 parts are called in another script');
  const [step] = offer.steps;
  // what is Latin already keeps its name, whatever signs it has
  expect(step.kind === 'name-parts' && step.names.map(({ part, name }) => [part.name, name])).toEqual([
    ['ножка_1', 'nozhka_1_2'],
    ['椅子', 'yi_zi'],
    ['ножка 1', 'nozhka_1_3'],
  ]);
});

test('what a part was called when it came stays beside its new name, through any number of them', async () => {
  const document = give(createTable());
  const [first] = rowsOf(document).filter(({ kind, name }) => kind === 'shape' && name !== '');
  expect(first.calledBefore).toBeNull();
  for (const name of ['leg', 'leg_front', first.name]) {
    const part = new PartIndex(document).refer(new PartIndex(document).get(first.id)!);
    await applyTreatment(document, [{ kind: 'name-parts', schema: 1, names: [{ part, name }] }], {
      codec: createMemoryCodec(),
      readBytes: () => Promise.reject(new Error('no maps here')),
    });
    const row = rowsOf(document).find(({ id }) => id === first.id)!;
    expect([row.name, row.calledBefore]).toEqual([name, name === first.name ? null : first.name]);
  }
});

test('a sheet has every part with what it is, how large with all that hangs under it, and what is odd', () => {
  const document = createTable();
  document.getRoot().listScenes()[0].addChild(document.createNode('target'));
  give(document);
  const rows = rowsOf(document);
  const byName = new Map(rows.map((row) => [row.name, row]));
  expect(byName.get('table')).toMatchObject({ kind: 'group', depth: 0, parentId: null, triangles: 0 });
  byName.get('table')!.size!.forEach((v, i) => expect(v).toBeCloseTo([2, 0.75, 1][i], 6));
  expect(byName.get('holder')).toMatchObject({ depth: 1, oddities: ['alone-in-group'] });
  expect(byName.get('Mesh.001')).toMatchObject({
    triangles: 12,
    materials: ['Oak_Varnished.001'],
    oddities: ['no-name'],
  });
  expect(byName.get('target')).toMatchObject({ kind: 'mark', oddities: ['empty'] });
  expect(byName.get('screw 3')?.oddities).toEqual([]);
});

test('what lies far from everything, or is a crumb beside it, is odd', () => {
  const document = createDocument();
  for (let i = 0; i < 5; i++) addBox(document, [i, 0, 0], [i + 1, 1, 1], `crate ${i}`);
  addBox(document, [400, 0, 0], [401, 1, 1], 'lost');
  const rows = rowsOf(give(document));
  expect(rows.filter(({ oddities }) => oddities.includes('far-off')).map(({ name }) => name)).toEqual(['lost']);
});

test('offers come with steps that are ready to be taken', async () => {
  const document = createTable();
  const offers = await listPartOffers(document, rowsOf(document));
  expect(offers.map(({ kind, title }) => [kind, title])).toEqual([
    ['names', '5 parts have no name of their own'],
    ['equal', '18 parts are 2 shapes kept several times'],
    ['groups', '1 group holds only one thing'],
    ['join', '14 small parts could be one'],
  ]);
  expect(offers[3].steps).toEqual([expect.objectContaining({ kind: 'join-parts', name: 'small_parts_brass' })]);
  expect(offers[3].ids).toHaveLength(14);
});

test('a mesh of several pieces is offered to be split; one that hangs together is not', async () => {
  const document = createDocument();
  const one = addBox(document, [0, 0, 0], [1, 1, 1], 'crate');
  const other = addBox(document, [5, 0, 0], [6, 1, 1], 'other');
  for (const primitive of other.getMesh()!.listPrimitives()) one.getMesh()!.addPrimitive(primitive.clone());
  other.dispose();
  give(document);
  const [offer, ...rest] = await listPartOffers(document, rowsOf(document));
  expect(offer).toMatchObject({ kind: 'split', title: '“crate” falls into 2 pieces' });
  expect(rest).toEqual([]);
  const single = createDocument();
  addBox(single, [0, 0, 0], [1, 1, 1], 'crate');
  expect(await listPartOffers(give(single), rowsOf(single))).toEqual([]);
});

test('a part that came twice in one place is offered to go once; one that stands beside it is not', async () => {
  const document = createDocument();
  for (const [x, name] of [
    [0, 'leg'],
    [0, 'leg_30'],
    [2, 'other leg'],
  ] as const)
    addBox(document, [x, 0, 0], [x + 0.1, 1, 0.1], name);
  give(document);
  const [offer] = await listPartOffers(document, rowsOf(document));
  expect(offer).toMatchObject({
    kind: 'doubled',
    title: '1 part stands exactly where an equal one stands',
    evidence: [{ text: '“leg_30” lies on “leg”' }],
    ids: ['p1'],
  });
});
