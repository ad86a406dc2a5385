import type { Document, Node } from '@gltf-transform/core';
import { join as joinByLibrary, flatten } from '@gltf-transform/functions';
import type { PartRef, Step } from '@haveld/contract/step';
import { createDocument, readGlb, writeGlb } from '../scene/document/document-io';
import { setNodeSource } from '../scene/document/source-data';
import { computeBounds } from '../scene/measures/bounds';
import { computeFigures } from '../scene/measures/figures';
import { PartIndex } from '../scene/part-ref';
import { getShownScene, listMeshInstances, listShownNodes } from '../scene/traverse';
import { shareOut } from '../structure/parts/split-part';
import { listEqualParts } from '../structure/parts/equal-parts';
import { addBox, createMemoryCodec } from '../testing/documents';
import { readFiles } from '../testing/read-files';
import { applyTreatment } from './apply-treatment';

const context = { codec: createMemoryCodec(), readBytes: () => Promise.reject(new Error('no maps here')) };
const treat = (document: Document, ...steps: Step[]) => applyTreatment(document, steps, context);

/** A cupboard: a body, two doors, eight screws of which each is a mesh of its own, and a wrapper that turns and stretches. */
function createCupboard(): Document {
  const document = createDocument();
  const wrapper = document.createNode('wrapper').setScale([2, 1, 1]).setRotation([0, 0, Math.SQRT1_2, Math.SQRT1_2]);
  getShownScene(document).addChild(wrapper);
  const [oak, brass] = ['oak', 'brass'].map((name) => document.createMaterial(name));
  const add = (name: string, at: number[], size: number[], material = oak): Node => {
    const node = addBox(document, [0, 0, 0], size as [number, number, number], name, wrapper);
    node.setTranslation(at as [number, number, number]);
    node.getMesh()!.listPrimitives()[0].setMaterial(material);
    return node;
  };
  add('body', [0, 0, 0], [1, 2, 0.5]);
  add('door', [0, 0, 0.5], [0.5, 2, 0.02]);
  add('door', [0.5, 0, 0.5], [0.5, 2, 0.02]);
  for (let i = 0; i < 8; i++) add(`screw ${i}`, [0.1 * i, 0.2, 0.52], [0.01, 0.01, 0.02], brass);
  listShownNodes(document).forEach((node, i) => setNodeSource(node, { id: `p${i}` }));
  return document;
}

const refs = (document: Document, test: (name: string) => boolean): PartRef[] => {
  const index = new PartIndex(document);
  return listShownNodes(document)
    .filter((node) => test(node.getName()))
    .map((node) => index.refer(node));
};
const named = (document: Document, name: string): Node =>
  listShownNodes(document).find((node) => node.getName() === name)!;

test('eight screws become one part of one primitive, and a door keeps its material when it is joined to them', async () => {
  const document = createCupboard();
  const box = computeBounds(document);
  await treat(document, {
    kind: 'join-parts',
    schema: 1,
    parts: refs(document, (name) => name.startsWith('screw')),
    name: 'screws',
  });
  expect(listMeshInstances(document).map(({ node }) => node.getName())).toEqual(['body', 'door', 'door', 'screws']);
  expect(named(document, 'screws').getMesh()!.listPrimitives()).toHaveLength(1);
  expect(computeFigures(document)).toMatchObject({ triangles: 11 * 12, box });
  await treat(document, {
    kind: 'join-parts',
    schema: 1,
    parts: refs(document, (name) => name === 'screws' || name === 'body'),
    name: 'body',
  });
  expect(
    named(document, 'body')
      .getMesh()!
      .listPrimitives()
      .map((primitive) => primitive.getMaterial()?.getName()),
  ).toEqual(['oak', 'brass']);
  // the first keeps what it turns about
  expect(named(document, 'body').getTranslation()).toEqual([0, 0, 0]);
});

test('joined by glTF Transform and by us, a model has the same triangles in the same box', async () => {
  const ours = createCupboard();
  await treat(ours, {
    kind: 'join-parts',
    schema: 1,
    parts: refs(ours, (name) => !name.startsWith('wr')),
    name: 'all',
  });
  const theirs = createCupboard();
  await theirs.transform(flatten(), joinByLibrary());
  const [a, b] = [computeFigures(ours), computeFigures(theirs)];
  expect([a.triangles, a.vertices]).toEqual([b.triangles, b.vertices]);
  [...a.box!.min, ...a.box!.max].forEach((v, i) => expect(v).toBeCloseTo([...b.box!.min, ...b.box!.max][i], 5));
});

test('what was joined comes apart again into as many pieces as it was made of', async () => {
  const document = createCupboard();
  await treat(document, {
    kind: 'join-parts',
    schema: 1,
    parts: refs(document, (name) => name.startsWith('screw')),
    name: 'screws',
  });
  const [part] = refs(document, (name) => name === 'screws');
  const [outcome] = await treat(document, { kind: 'split-part', schema: 1, part, by: 'islands', tolerance: 0 });
  expect(outcome.changed).toBe('8 parts');
  const group = named(document, 'screws');
  expect(group.getMesh()).toBeNull();
  expect(group.listChildren().map((node) => node.getName())).toEqual(
    Array.from({ length: 8 }, (_, i) => `screws_${i + 1}`),
  );
});

test('two boxes that touch in a corner hang together; a hair apart they do so within a tolerance', () => {
  const document = createDocument();
  const make = (gap: number) => {
    const one = addBox(document, [0, 0, 0], [1, 1, 1], 'a').getMesh()!.listPrimitives();
    const two = addBox(document, [1 + gap, 1, 1], [2, 2, 2], 'b')
      .getMesh()!
      .listPrimitives();
    return [...one, ...two];
  };
  expect(shareOut(make(0), 'islands', 0).groups).toBe(1);
  expect(shareOut(make(1e-4), 'islands', 0).groups).toBe(2);
  expect(shareOut(make(1e-4), 'islands', 1e-3).groups).toBe(1);
});

test('parts join only where nothing moves them apart', async () => {
  const document = createCupboard();
  const clip = document.createAnimation('open');
  const door = named(document, 'door');
  const buffer = document.getRoot().listBuffers()[0];
  const values = (type: 'SCALAR' | 'VEC3', array: number[]) =>
    document.createAccessor().setType(type).setArray(new Float32Array(array)).setBuffer(buffer);
  const sampler = document
    .createAnimationSampler()
    .setInput(values('SCALAR', [0, 1]))
    .setOutput(values('VEC3', [0, 0, 0, 1, 0, 0]));
  clip
    .addSampler(sampler)
    .addChannel(document.createAnimationChannel().setTargetNode(door).setTargetPath('translation').setSampler(sampler));
  const parts = refs(document, (name) => name === 'body' || name === 'door');
  const [outcome] = await treat(document, { kind: 'join-parts', schema: 1, parts, name: 'all' });
  expect(outcome).toMatchObject({
    changed: 'left as they are: a clip moves them apart',
    unmatched: ['body', 'door', 'door'],
  });
  // nor does it leave its place
  const [hung] = await treat(document, {
    kind: 'hang-parts',
    schema: 1,
    parts: refs(document, (name) => name === 'door').slice(0, 1),
    under: null,
  });
  expect(hung).toMatchObject({ changed: '0 parts moved', unmatched: ['door'] });
  // taken out, its track goes with it, and nothing empty is left
  await treat(document, { kind: 'take-out', schema: 1, parts: refs(document, (name) => name === 'door').slice(0, 1) });
  expect(document.getRoot().listAnimations()).toHaveLength(0);
});

test('a step finds a part by its id where an earlier one gave it another name, and misses it where its shape is another', async () => {
  const document = createCupboard();
  const [body] = refs(document, (name) => name === 'body');
  const steps: Step[] = [
    { kind: 'name-parts', schema: 1, names: [{ part: body, name: 'carcass' }] },
    { kind: 'hang-parts', schema: 1, parts: [{ ...body, name: 'carcass' }], under: null },
  ];
  // the first is switched off: the second still means the same part
  const [outcome] = await treat(document, steps[1]);
  expect(outcome.unmatched).toEqual([]);
  expect(getShownScene(document).listChildren()).toContain(named(document, 'body'));
  const better = createDocument();
  addBox(better, [0, 0, 0], [1, 2, 0.7], 'body');
  expect((await treat(better, ...steps)).map(({ unmatched }) => unmatched)).toEqual([['body'], ['carcass']]);
});

test('equal parts are found turned and shifted, not mirrored, and not where a material differs', async () => {
  const { document } = await readFiles({
    'm.obj': [0, 1, 2, 3]
      .map((k) => {
        // a right-angled tetrahedron; the second turned about y, the third mirrored
        const points = [
          [0, 0, 0],
          [1, 0, 0],
          [0, 2, 0],
          [0, 0, 3],
        ].map(([x, y, z]) => (k === 1 ? [z + 5, y, -x] : k === 2 ? [-x, y, z - 9] : [x + 9 * k, y, z]));
        const faces = [
          [1, 3, 2],
          [1, 2, 4],
          [1, 4, 3],
          [2, 3, 4],
        ].map((face) => (k === 2 ? [face[0], face[2], face[1]] : face));
        return [
          `o part${k}`,
          ...points.map((p) => `v ${p.join(' ')}`),
          k === 3 ? 'usemtl other' : 'usemtl one',
          ...faces.map((face) => `f ${face.map((v) => v + k * 4).join(' ')}`),
        ].join('\n');
      })
      .join('\n'),
  });
  const found = listEqualParts(document);
  expect(found).toHaveLength(1);
  expect(found[0]).toMatchObject({ isPlain: false, triangles: 4 });
  const names = [found[0].first, ...found[0].others.map(({ node }) => node)].map((node) => node.getName());
  expect(names).toEqual(['part0', 'part1']);
  const before = computeBounds(document)!;
  const groups = [refs(document, (name) => names.includes(name))];
  await treat(document, { kind: 'share-geometry', schema: 1, groups });
  expect(named(document, 'part0').getMesh()).toBe(named(document, 'part1').getMesh());
  const after = computeBounds(document)!;
  [...after.min, ...after.max].forEach((v, i) => expect(v).toBeCloseTo([...before.min, ...before.max][i], 5));
});

test('a wrapper that stretches a turned child goes without shearing it: what a node cannot have goes into its vertices', async () => {
  const document = createCupboard();
  named(document, 'body').setRotation([0, 0, 0.2588190451, 0.9659258263]);
  const before = computeBounds(document)!;
  const [outcome] = await treat(document, {
    kind: 'dissolve-wrappers',
    schema: 1,
    parts: refs(document, (name) => name === 'wrapper'),
  });
  expect(outcome.unmatched).toEqual([]);
  const after = computeBounds(document)!;
  [...after.min, ...after.max].forEach((v, i) => expect(v).toBeCloseTo([...before.min, ...before.max][i], 5));
});

test('a group goes only as far as its children can: one that would be sheared keeps it', async () => {
  const document = createCupboard();
  const body = named(document, 'body').setRotation([0, 0, 0.2588190451, 0.9659258263]);
  addBox(document, [0, 0, 0], [0.1, 0.1, 0.1], 'knob', body);
  const before = computeBounds(document);
  const [outcome] = await treat(document, {
    kind: 'dissolve-wrappers',
    schema: 1,
    parts: refs(document, (name) => name === 'wrapper'),
  });
  expect(outcome.unmatched).toEqual(['wrapper']);
  expect(computeBounds(document)).toEqual(before);
});

test('faces of a part become a part of their own, or go; faces it does not have are told', async () => {
  const document = createCupboard();
  const [part] = refs(document, (name) => name === 'body');
  const step = { kind: 'separate-faces' as const, schema: 1 as const, part };
  const [missing] = await treat(document, { ...step, faces: [[[10, 5]]], name: 'back' });
  expect(missing.unmatched).toEqual(['faces of body']);
  const [done] = await treat(document, { ...step, faces: [[[0, 2]]], name: 'back' });
  expect(done.changed).toBe('2 polygons');
  expect(named(document, 'back').getParentNode()).toBe(named(document, 'body'));
  const [rest] = refs(document, (name) => name === 'body');
  await treat(document, { ...step, part: rest, faces: [[[0, 4]]], name: null });
  expect(computeFigures(document).triangles).toBe(11 * 12 - 4);
});

test('parts that were joined, split and named are written and read back as they are', async () => {
  const document = createCupboard();
  await treat(
    document,
    { kind: 'join-parts', schema: 1, parts: refs(document, (name) => name === 'door'), name: 'doors' },
    { kind: 'group-parts', schema: 1, parts: refs(document, (name) => name.startsWith('screw')), name: 'fittings' },
  );
  const read = await readGlb(await writeGlb(document));
  expect(computeFigures(read)).toEqual(computeFigures(document));
  expect(named(read, 'fittings').listChildren()).toHaveLength(8);
});

test('what hangs below is sorted by name and number, however deep, and stays in its place', async () => {
  const document = createDocument();
  const hut = document.createNode('hut');
  getShownScene(document).addChild(hut);
  const door = document.createNode('door');
  for (const name of ['slat_10', 'Slat_9', 'slat_1']) addBox(document, [0, 0, 0], [1, 1, 1], name, door);
  for (const name of ['wall', 'beam']) addBox(document, [2, 0, 0], [3, 1, 1], name, hut);
  hut.addChild(door);
  const box = computeBounds(document);
  const [outcome] = await treat(document, {
    kind: 'sort-parts',
    schema: 1,
    parts: [new PartIndex(document).refer(hut)],
  });
  expect(outcome).toMatchObject({ changed: 'what hangs under 2 parts', unmatched: [], worse: [] });
  const names = (node: Node): string[] => node.listChildren().map((child) => child.getName());
  expect(names(hut)).toEqual(['beam', 'door', 'wall']);
  expect(names(door)).toEqual(['slat_1', 'Slat_9', 'slat_10']);
  expect(computeBounds(document)).toEqual(box);
});
