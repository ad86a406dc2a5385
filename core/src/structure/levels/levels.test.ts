import type { Document, Node } from '@gltf-transform/core';
import { getDetailLevels } from '../../scene/document/detail-levels';
import { createDocument, readGlb, writeGlb } from '../../scene/document/document-io';
import { computeBounds } from '../../scene/measures/bounds';
import { getShownScene, listMeshInstances, listShownNodes } from '../../scene/traverse';
import { addMesh, createMemoryCodec, createSphere } from '../../testing/documents';
import { applyTreatment } from '../../treatment/apply-treatment';
import { removeSourceData } from '../../scene/document/source-data';
import { readFiles } from '../../testing/read-files';
import { PartIndex } from '../../scene/part-ref';
import { findLevels } from './find-levels';
import { listCoverage, listLevelFacts } from './level-facts';
import { makeLevels } from './make-levels';
import { countLevels, listAtLevel, showLevel } from './show-level';
import { countInstances } from './simplify-model';

const context = { codec: createMemoryCodec(), readBytes: () => Promise.reject(new Error('no maps here')) };

/** Balls of these names in one document, each of so many rings, each at its place along X. */
function createBalls(balls: readonly { name: string; rings: number; x?: number; radius?: number }[]): Document {
  const document = createDocument();
  for (const { name, rings, x = 0, radius = 1 } of balls)
    addMesh(document, createSphere(radius, rings), name).setTranslation([x, 0, 0]);
  return document;
}
const names = (nodes: readonly Node[]): string[] => nodes.map((node) => node.getName());

test.each([
  [['buoy_LOD0', 'buoy_LOD1', 'buoy_LOD2'], true],
  [['buoy', 'buoy.lod1', 'buoy.lod2'], true],
  [['LOD0_buoy', 'LOD1_buoy', 'LOD2_buoy'], true],
  [['buoy_high', 'buoy_mid', 'buoy_low'], false],
])('%p are levels of one thing, the finest first', (called, isPlain) => {
  // as a file may list them: not in order
  const rings = [24, 12, 6];
  const document = createBalls([1, 0, 2].map((i) => ({ name: called[i], rings: rings[i] })));
  const [found, ...others] = findLevels(document);
  expect(others).toEqual([]);
  expect(names(found.levels)).toEqual(called);
  expect(found).toMatchObject({ isPlain, isLaidOut: false });
});

test.each<[string, Parameters<typeof createBalls>[0]]>([
  [
    'another size',
    [
      { name: 'buoy_LOD0', rings: 24 },
      { name: 'buoy_LOD1', rings: 12, radius: 2 },
    ],
  ],
  [
    'the coarser is the heavier',
    [
      { name: 'buoy_LOD0', rings: 6 },
      { name: 'buoy_LOD1', rings: 24 },
    ],
  ],
  [
    'two of one level',
    [
      { name: 'buoy_LOD0', rings: 24 },
      { name: 'buoy_LOD0', rings: 12 },
    ],
  ],
  [
    'a word that is no level',
    [
      { name: 'shelf_top', rings: 24 },
      { name: 'shelf_low', rings: 12 },
    ],
  ],
  [
    'only one',
    [
      { name: 'buoy_LOD2', rings: 24 },
      { name: 'mast', rings: 12 },
    ],
  ],
])('%s: no levels', (_, balls) => {
  expect(findLevels(createBalls(balls))).toEqual([]);
});

test('levels laid out in a row are asked, and kept where the finest stands', async () => {
  const document = createBalls([
    { name: 'buoy_LOD0', rings: 24 },
    { name: 'buoy_LOD1', rings: 12, x: 3 },
    { name: 'buoy_LOD2', rings: 6, x: 6 },
  ]);
  const [found] = findLevels(document);
  expect(found).toMatchObject({ isPlain: false, isLaidOut: true });
  const index = new PartIndex(document);
  const [outcome] = await applyTreatment(
    document,
    [{ kind: 'keep-levels', schema: 1, sets: [found.levels.map((node) => index.refer(node))] }],
    context,
  );
  expect(outcome).toMatchObject({ unmatched: [], worse: [] });
  expect(names(listShownNodes(document))).toEqual(['buoy_LOD0']);
  const facts = listLevelFacts(document);
  expect(facts.map(({ triangles }) => triangles)).toEqual([24 * 48 * 2, 12 * 24 * 2, 6 * 12 * 2]);
  // a chord over 1/6 of a half turn lies 1 - cos(15°) below the ball of 1 m, one over two such arcs a little more
  expect(facts[2].error).toBeGreaterThan(1 - Math.cos(Math.PI / 12));
  expect(facts[2].error).toBeLessThan(0.1);
  for (const level of [1, 2])
    expect(computeBounds(document, listAtLevel(document, level).instances)!.min[0]).toBeCloseTo(-1, 1);
});

test('levels go where the model goes: scaled, turned, baked and set on its foot', async () => {
  const document = createBalls([
    { name: 'buoy_LOD0', rings: 24, x: 5 },
    { name: 'buoy_LOD1', rings: 12, x: 5 },
  ]);
  const index = new PartIndex(document);
  const [{ levels }] = findLevels(document);
  await applyTreatment(
    document,
    [
      { kind: 'keep-levels', schema: 1, sets: [levels.map((node) => index.refer(node))] },
      { kind: 'scale', schema: 1, factor: 0.5, label: 'half' },
      { kind: 'rotate', schema: 1, axis: 'x', degrees: 90 },
      { kind: 'bake-transforms', schema: 1 },
      { kind: 'set-pivot', schema: 1, at: 'base-centre', onGround: true },
    ],
    context,
  );
  const again = await readGlb(await writeGlb(document));
  const [finest, coarser] = [0, 1].map((level) => computeBounds(again, listAtLevel(again, level).instances)!);
  expect(finest.min[1]).toBeCloseTo(0, 5);
  finest.min.forEach((v, i) => expect(coarser.min[i]).toBeCloseTo(v, 2));
  finest.max.forEach((v, i) => expect(coarser.max[i]).toBeCloseTo(v, 2));
  expect(finest.max[1] - finest.min[1]).toBeCloseTo(1, 3);
});

test('a set of which one part is gone is left as it is and told', async () => {
  const document = createBalls([{ name: 'buoy_LOD0', rings: 24 }]);
  const ref = { ordinal: 0, signature: '1:1:1×1×1' };
  const [outcome] = await applyTreatment(
    document,
    [
      {
        kind: 'keep-levels',
        schema: 1,
        sets: [[new PartIndex(document).refer(listShownNodes(document)[0]), { name: 'buoy_LOD1', ...ref }]],
      },
    ],
    context,
  );
  expect(outcome.unmatched).toEqual(['buoy_LOD1']);
  expect(countLevels(document)).toBe(0);
});

test('levels are made from one another, and each says what it is for', async () => {
  const document = createBalls([{ name: 'buoy', rings: 48 }]);
  const [root] = listShownNodes(document);
  const { made } = await makeLevels(document, root, [
    { by: 'share', share: 0.5 },
    { by: 'triangles', triangles: 1000 },
    { by: 'error', mm: 60 },
  ]);
  expect(made).toHaveLength(3);
  const facts = listLevelFacts(document);
  const triangles = facts.map((one) => one.triangles);
  expect(triangles[0]).toBe(48 * 96 * 2);
  expect(triangles[1]).toBeLessThanOrEqual(triangles[0] * 0.52);
  expect(triangles[2]).toBeLessThanOrEqual(1010);
  expect(triangles[3]).toBeLessThan(triangles[2]);
  const errors = facts.map((one) => one.error!);
  errors.slice(1).forEach((error, i) => expect(error).toBeGreaterThan(errors[i]));
  // none is farther from a view than it must be: at its distance its error is one pixel of 1 080
  facts.slice(1).forEach(({ error, lengthPx }) => expect(lengthPx! * error!).toBeCloseTo(2, 1));
  const coverage = getDetailLevels(root)!.getCoverage();
  expect(coverage).toHaveLength(4);
  coverage.slice(1).forEach((share, i) => expect(share).toBeLessThanOrEqual(coverage[i]));
  expect(coverage[3]).toBe(0);
});

test('instances stay instances in every level, and what nothing can be taken from is not made', async () => {
  const document = createBalls([{ name: 'buoy', rings: 24 }]);
  const [buoy] = listShownNodes(document);
  const root = document.createNode('pair');
  getShownScene(document).addChild(root);
  root.addChild(buoy).addChild(document.createNode('twin').setMesh(buoy.getMesh()).setTranslation([4, 0, 0]));
  const { made } = await makeLevels(document, root, [
    { by: 'share', share: 0.5 },
    { by: 'share', share: 1 },
  ]);
  expect(made).toHaveLength(1);
  const { instances } = listAtLevel(document, 1);
  expect(new Set(instances.map(({ mesh }) => mesh)).size).toBe(1);
  expect(instances.map(({ node }) => node.getName())).toEqual(['buoy', 'twin']);
  expect(countInstances(instances)).toBe(made[0].triangles);
  // the finest is as it was
  expect(countInstances(listMeshInstances(document))).toBe(24 * 48 * 2 * 2);
});

test('what a clip moves is moved in every level', async () => {
  const document = createBalls([{ name: 'buoy', rings: 24 }]);
  const [buoy] = listShownNodes(document);
  const root = document.createNode('root');
  getShownScene(document).addChild(root);
  root.addChild(buoy);
  const buffer = document.getRoot().listBuffers()[0];
  const numbers = (type: 'SCALAR' | 'VEC3', values: number[]) =>
    document.createAccessor().setType(type).setArray(Float32Array.from(values)).setBuffer(buffer);
  const sampler = document
    .createAnimationSampler()
    .setInput(numbers('SCALAR', [0, 1]))
    .setOutput(numbers('VEC3', [0, 0, 0, 0, 1, 0]));
  const channel = document
    .createAnimationChannel()
    .setSampler(sampler)
    .setTargetNode(buoy)
    .setTargetPath('translation');
  const clip = document.createAnimation('bob').addSampler(sampler).addChannel(channel);
  await makeLevels(document, root, [{ by: 'share', share: 0.5 }]);
  const again = await readGlb(await writeGlb(document));
  expect(clip.listChannels()).toHaveLength(2);
  const moved = again
    .getRoot()
    .listAnimations()[0]
    .listChannels()
    .map((one) => one.getTargetNode()!);
  const below = getDetailLevels(listShownNodes(again)[0])!.listLevels()[0].listChildren();
  expect(moved).toContain(below[0]);
});

test('levels are written as MSFT_lod has them, outside of the scene, and shown one by one', async () => {
  const document = createBalls([{ name: 'buoy', rings: 24 }]);
  const [root] = listShownNodes(document);
  await makeLevels(document, root, [
    { by: 'share', share: 0.5 },
    { by: 'share', share: 0.2 },
  ]);
  const bytes = await writeGlb(document);
  const length = new DataView(bytes.buffer, bytes.byteOffset).getUint32(12, true);
  const json = JSON.parse(new TextDecoder().decode(bytes.subarray(20, 20 + length))) as {
    extensionsUsed: string[];
    scenes: { nodes: number[] }[];
    nodes: { name: string; extensions?: { MSFT_lod?: { ids: number[] } }; extras?: Record<string, unknown> }[];
  };
  expect(json.extensionsUsed).toContain('MSFT_lod');
  const top = json.nodes[json.scenes[0].nodes[0]];
  const ids = top.extensions!.MSFT_lod!.ids;
  expect(ids.map((id) => json.nodes[id].name)).toEqual(['buoy_LOD1', 'buoy_LOD2']);
  expect(json.scenes[0].nodes).toHaveLength(1);
  expect(top.extras!.MSFT_screencoverage).toHaveLength(3);
  for (const level of [0, 1, 2]) {
    const again = await readGlb(bytes);
    const wanted = listLevelFacts(again)[level].triangles;
    showLevel(again, level);
    expect(countInstances(listMeshInstances(again))).toBe(wanted);
    expect(countLevels(again)).toBe(0);
  }
});

test('a level gives way where the error of the next is a pixel, and never grows again', () => {
  const box = { min: [0, 0, 0] as [number, number, number], max: [1, 2, 1] as [number, number, number] };
  // 2 m long: 2 m / 10 mm are 200 pixels of 1080
  expect(listCoverage(box, [0.01, 0.05])).toEqual([0.1852, 0.03704, 0]);
  expect(listCoverage(box, [0.05, 0.01])).toEqual([0.03704, 0.03704, 0]);
  expect(listCoverage(box, [0])).toEqual([1, 0]);
});

test('levels a glTF declares are kept as they are read, and go where the model goes', async () => {
  const made = createBalls([{ name: 'buoy', rings: 24 }]);
  await makeLevels(made, listShownNodes(made)[0], [{ by: 'share', share: 0.5 }]);
  removeSourceData(made);
  const { document } = await readFiles({ 'buoy.glb': await writeGlb(made) });
  expect(findLevels(document)).toEqual([]);
  await applyTreatment(document, [{ kind: 'scale', schema: 1, factor: 3, label: 'three times' }], context);
  const [finest, coarser] = listLevelFacts(document);
  expect(coarser.triangles).toBeLessThan(finest.triangles);
  // nobody here measured it
  expect(coarser.error).toBeNull();
  expect(computeBounds(document, listAtLevel(document, 1).instances)!.max[0]).toBeCloseTo(3, 1);
});

test('a model nothing can be taken from gets no levels, and declares none', async () => {
  const document = createBalls([{ name: 'buoy', rings: 2 }]);
  const { made } = await makeLevels(document, listShownNodes(document)[0], [{ by: 'share', share: 1 }]);
  expect(made).toEqual([]);
  expect(countLevels(document)).toBe(0);
  expect(new TextDecoder().decode(await writeGlb(document))).not.toContain('MSFT_lod');
});

test('a level that brings the joints of a skin is not taken for one, and is not taken out of the scene with them', async () => {
  const document = createBalls([
    { name: 'buoy_LOD0', rings: 24 },
    { name: 'buoy_LOD1', rings: 12 },
  ]);
  const [finest, coarser] = listShownNodes(document);
  const joint = document.createNode('joint');
  coarser.addChild(joint);
  finest.setSkin(document.createSkin().addJoint(joint));
  expect(findLevels(document)).toEqual([]);
  const index = new PartIndex(document);
  const [outcome] = await applyTreatment(
    document,
    [{ kind: 'keep-levels', schema: 1, sets: [[finest, coarser].map((node) => index.refer(node))] }],
    context,
  );
  expect(outcome.unmatched).toEqual(['buoy_LOD1']);
  expect(names(listShownNodes(document))).toEqual(['buoy_LOD0', 'buoy_LOD1', 'joint']);
  expect(countLevels(document)).toBe(0);
});
