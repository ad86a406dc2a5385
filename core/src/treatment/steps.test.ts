import type { Document, Node } from '@gltf-transform/core';
import { KHRLightsPunctual } from '@gltf-transform/extensions';
import type { Step } from '@haveld/contract/step';
import { createDocument, readGlb, writeGlb } from '../scene/document/document-io';
import { isLinearIdentity } from '../scene/matrix';
import { computeBounds } from '../scene/measures/bounds';
import { computeWorldPositions } from '../scene/measures/world-positions';
import { createPartRef } from '../scene/part-ref';
import { getShownScene, listMeshInstances, listShownNodes } from '../scene/traverse';
import { addBox, createBoxDocument, createMemoryCodec, createPng } from '../testing/documents';
import { applyTreatment, describeChanges, listCreditedChanges } from './apply-treatment';
import { orderSteps, STEPS } from './steps';

const context = { codec: createMemoryCodec(), readBytes: () => Promise.resolve(createPng([9, 9, 9, 255])) };
const apply = (document: Document, ...steps: Step[]) => applyTreatment(document, steps, context);
const bake: Step = { kind: 'bake-transforms', schema: 1 };

/** Every vertex of every part in the world, in order. */
const worldVertices = (document: Document): number[] =>
  listMeshInstances(document).flatMap((instance) =>
    instance.mesh.listPrimitives().flatMap((primitive) => [...computeWorldPositions(instance, primitive)]),
  );

const expectClose = (found: number[], expected: number[]): void => {
  expect(found).toHaveLength(expected.length);
  found.forEach((v, i) => expect(v).toBeCloseTo(expected[i], 5));
};

/** A wrapper, a turned and unevenly scaled parent, a mirrored child, and two that share one mesh. */
function createTangle(): Document {
  const document = createDocument();
  const wrapper = document.createNode('RootNode').setTranslation([1, 2, 3]);
  const turned = document.createNode('turned').setRotation([0, Math.SQRT1_2, 0, Math.SQRT1_2]).setScale([2, 1, 0.5]);
  getShownScene(document).addChild(wrapper);
  wrapper.addChild(turned);
  addBox(document, [0, 0, 0], [1, 2, 3], 'mirrored', turned).setScale([-1, 1, 1]);
  const first = addBox(document, [-1, 0, -1], [1, 1, 1], 'post 1', wrapper).setTranslation([5, 0, 0]);
  wrapper.addChild(document.createNode('post 2').setMesh(first.getMesh()).setTranslation([-5, 0, 0]));
  return document;
}

const find = (document: Document, name: string): Node =>
  listShownNodes(document).find((node) => node.getName() === name)!;

test('baking moves no vertex in the world, and every scale reads 1', async () => {
  const document = createTangle();
  const before = worldVertices(document);
  await apply(document, bake);
  expectClose(worldVertices(document), before);
  expect(listShownNodes(document).every((node) => isLinearIdentity(node.getMatrix()))).toBe(true);
});

test('baking twice changes nothing', async () => {
  const document = createTangle();
  await apply(document, bake);
  const once = await writeGlb(document);
  await apply(document, bake);
  expect(Buffer.from(await writeGlb(document)).equals(Buffer.from(once))).toBe(true);
});

test('baking keeps meshes shared that stand alike', async () => {
  const document = createTangle();
  await apply(document, bake);
  expect(find(document, 'post 1').getMesh()).toBe(find(document, 'post 2').getMesh());
});

test('baking a mirror keeps normals outward and winding with them', async () => {
  const document = createTangle();
  await apply(document, bake);
  const primitive = find(document, 'mirrored').getMesh()!.listPrimitives()[0];
  const [p, n, i] = [primitive.getAttribute('POSITION')!, primitive.getAttribute('NORMAL')!, primitive.getIndices()!];
  for (let t = 0; t < i.getCount(); t += 3) {
    const [a, b, c] = [0, 1, 2].map((k) => p.getElement(i.getScalar(t + k), []));
    const u = b.map((v, k) => v - a[k]);
    const w = c.map((v, k) => v - a[k]);
    const face = [u[1] * w[2] - u[2] * w[1], u[2] * w[0] - u[0] * w[2], u[0] * w[1] - u[1] * w[0]];
    const normal = n.getElement(i.getScalar(t), []);
    expect(face[0] * normal[0] + face[1] * normal[1] + face[2] * normal[2]).toBeGreaterThan(0);
    expect(Math.hypot(...normal)).toBeCloseTo(1, 5);
  }
});

test('scale and turn place the whole model: a millimetre model that lies down stands in metres', async () => {
  const document = createBoxDocument([0, 0, 0], [1200, 800, 780]);
  await apply(
    document,
    { kind: 'rotate', schema: 1, axis: 'x', degrees: -90 },
    { kind: 'scale', schema: 1, factor: 0.001, label: '' },
    bake,
    { kind: 'set-pivot', schema: 1, at: 'base-centre', onGround: true },
  );
  const box = computeBounds(document)!;
  expectClose([...box.min, ...box.max], [-0.6, 0, -0.4, 0.6, 0.78, 0.4]);
});

test('a pivot moves all parts by the same, keeps the place of parts that have one, and needs no second time', async () => {
  const document = createTangle();
  const pivot: Step = { kind: 'set-pivot', schema: 1, at: 'base-centre', onGround: true };
  await apply(document, bake);
  const before = worldVertices(document);
  await apply(document, pivot);
  const after = worldVertices(document);
  const shift = [0, 1, 2].map((k) => after[k] - before[k]);
  expectClose(
    after,
    before.map((v, i) => v + shift[i % 3]),
  );
  expect(find(document, 'post 1').getTranslation()[0] - find(document, 'post 2').getTranslation()[0]).toBeCloseTo(
    10,
    6,
  );
  await apply(document, pivot);
  expectClose(worldVertices(document), after);
});

test('dissolving a wrapper moves nothing', async () => {
  const document = createTangle();
  const before = worldVertices(document);
  const [outcome] = await apply(document, {
    kind: 'dissolve-wrappers',
    schema: 1,
    parts: [createPartRef(document, find(document, 'RootNode'))],
  });
  expectClose(worldVertices(document), before);
  expect(outcome).toMatchObject({ changed: 'RootNode', unmatched: [] });
  expect(find(document, 'RootNode')).toBeUndefined();
});

test('a step says which of its targets are not there, and goes on', async () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1], 'cube');
  const real = createPartRef(document, find(document, 'cube'));
  const [outcome] = await apply(document, {
    kind: 'leave-out',
    schema: 1,
    what: 'start-up block',
    parts: [
      { ...real, signature: '8:12:9×9×9' },
      { name: 'gone', ordinal: 0, signature: 'empty' },
    ],
  });
  expect(outcome.unmatched).toEqual(['cube', 'gone']);
  expect(listMeshInstances(document)).toHaveLength(1);
});

test('of three twins the one meant is left out', async () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1], 'post');
  addBox(document, [0, 0, 0], [2, 2, 2], 'post');
  addBox(document, [0, 0, 0], [3, 3, 3], 'post');
  const second = createPartRef(document, listShownNodes(document)[1]);
  await apply(document, { kind: 'leave-out', schema: 1, what: 'clutter', parts: [second] });
  expect(listMeshInstances(document)).toHaveLength(2);
  expect(computeBounds(document)!.max).toEqual([3, 3, 3]);
});

test('a relinked map is bound, and the reference then stands as found', async () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1]);
  const material = document.createMaterial('oak');
  document.getRoot().listMeshes()[0].listPrimitives()[0].setMaterial(material);
  const [outcome] = await apply(document, {
    kind: 'relink-map',
    schema: 1,
    material: 'oak',
    slot: 'baseColor',
    sha256: 'a'.repeat(64),
    path: 'maps/oak_col.png',
  });
  expect(outcome).toMatchObject({ title: 'Base colour map relinked', changed: 'oak: oak_col.png' });
  expect(material.getBaseColorTexture()!.getName()).toBe('oak_col');
});

test('a map relinked to a part without a layout is left off that part, and the version is valid', async () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1], 'plain');
  const material = document.createMaterial('oak');
  const laid = addBox(document, [0, 0, 0], [1, 1, 1], 'laid').getMesh()!.listPrimitives()[0];
  const plain = find(document, 'plain').getMesh()!.listPrimitives()[0];
  [laid, plain].forEach((primitive) => primitive.setMaterial(material).setAttribute('TEXCOORD_0', null));
  const layout = new Float32Array(laid.getAttribute('POSITION')!.getCount() * 2);
  laid.setAttribute('TEXCOORD_0', document.createAccessor().setType('VEC2').setArray(layout));
  const [outcome] = await apply(document, {
    kind: 'relink-map',
    schema: 1,
    material: 'oak',
    slot: 'baseColor',
    sha256: 'a'.repeat(64),
    path: 'maps/oak_col.png',
  });
  expect(outcome.changed).toBe('oak: oak_col.png; parts without UVs show its colour alone');
  expect(laid.getMaterial()!.getBaseColorTexture()!.getName()).toBe('oak_col');
  expect(plain.getMaterial()!.getBaseColorTexture()).toBeNull();
});

test('one named root remains', async () => {
  const document = createTangle();
  addBox(document, [0, 0, 0], [1, 1, 1], 'loose');
  await apply(document, { kind: 'name-root', schema: 1, name: 'harbour_post' });
  expect(
    getShownScene(document)
      .listChildren()
      .map((node) => node.getName()),
  ).toEqual(['harbour_post']);
});

test('a moving model is baked through its places and tracks', async () => {
  const document = createTangle();
  const animation = document.createAnimation('swing');
  const times = document
    .createAccessor()
    .setType('SCALAR')
    .setArray(new Float32Array([0, 1]))
    .setBuffer(document.getRoot().listBuffers()[0]);
  const values = document
    .createAccessor()
    .setType('VEC3')
    .setArray(new Float32Array([0, 0, 0, 0, 1, 0]))
    .setBuffer(document.getRoot().listBuffers()[0]);
  const sampler = document.createAnimationSampler().setInput(times).setOutput(values);
  animation
    .addSampler(sampler)
    .addChannel(
      document
        .createAnimationChannel()
        .setTargetNode(find(document, 'post 1'))
        .setTargetPath('translation')
        .setSampler(sampler),
    );
  const [, outcome] = await apply(document, { kind: 'scale', schema: 1, factor: 0.5, label: '' }, bake);
  expect(outcome.changed).toBe('size and stance, through joints and clips');
  expect(find(document, 'post 1').getTranslation()).toEqual([2.5, 0, 0]);
  expect(getShownScene(document).listChildren()[0].getScale()).toEqual([1, 1, 1]);
  expect([...animation.listChannels()[0].getSampler()!.getOutput()!.getArray()!]).toEqual([0, 0, 0, 0, 0.5, 0]);
});

test('the same document and steps give the same bytes', async () => {
  const make = async (): Promise<Buffer> => {
    const document = await readGlb(await writeGlb(createTangle()));
    await apply(
      document,
      bake,
      { kind: 'set-pivot', schema: 1, at: 'balance-point', onGround: false },
      { kind: 'name-root', schema: 1, name: 'x' },
    );
    return Buffer.from(await writeGlb(document));
  };
  expect((await make()).equals(await make())).toBe(true);
});

test('steps run by phase, whatever order they were taken in', () => {
  const taken: Step[] = [
    { kind: 'name-root', schema: 1, name: 'x' },
    bake,
    { kind: 'scale', schema: 1, factor: 2, label: '' },
    { kind: 'dissolve-wrappers', schema: 1, parts: [] },
  ];
  expect(orderSteps(taken.map((step) => ({ step }))).map(({ step }) => step.kind)).toEqual([
    'dissolve-wrappers',
    'scale',
    'bake-transforms',
    'name-root',
  ]);
});

test('a credit names changes a person would see, each once', () => {
  const turn: Step = { kind: 'rotate', schema: 1, axis: 'x', degrees: -90 };
  expect(listCreditedChanges([turn, turn, { kind: 'scale', schema: 1, factor: 0.01, label: '' }, bake])).toEqual([
    'scaled to real size',
    'set upright',
  ]);
  expect(listCreditedChanges([{ kind: 'scale', schema: 1, factor: 1, label: '' }])).toEqual([]);
});

test('every kind of step has a row, a phase and a code version', () => {
  for (const [kind, definition] of Object.entries(STEPS))
    expect(definition).toMatchObject({ kind, codeVersion: expect.any(Number) as number });
});

test('a model that was only tidied is called that, and one without steps is unchanged', () => {
  expect(describeChanges([bake])).toEqual(['tidied only, its shape as it came']);
  expect(describeChanges([])).toEqual([]);
  expect(describeChanges([{ kind: 'rotate', schema: 1, axis: 'x', degrees: -90 }, bake])).toEqual(['set upright']);
});

test('shading anew moves no vertex of the world, and twice is once', async () => {
  const smooth: Step = { kind: 'set-normals', schema: 1, from: 'angle', degrees: 100 };
  const document = createTangle();
  const corners = (): number[] =>
    listMeshInstances(document).flatMap((instance) =>
      instance.mesh.listPrimitives().flatMap((primitive) => {
        const all = computeWorldPositions(instance, primitive);
        return [...primitive.getIndices()!.getArray()!].flatMap((i) => [...all.slice(i * 3, i * 3 + 3)]);
      }),
    );
  const before = corners();
  const [{ changed }] = await apply(document, smooth);
  expect(changed).toBe('normals of 24 triangles');
  expectClose(corners(), before);
  const once = await writeGlb(document);
  await apply(document, smooth);
  expect(await writeGlb(document)).toEqual(once);
  expect(listCreditedChanges([smooth])).toEqual(['smoothed']);
});

test('what a light reaches and what a camera sees is scaled with the model, each once', async () => {
  const document = createBoxDocument([0, 0, 0], [100, 100, 100], 'lantern');
  const lights = document.createExtension(KHRLightsPunctual);
  const light = lights.createLight('flame').setType('point').setRange(400);
  const camera = document.createCamera('view').setType('orthographic').setXMag(200).setYMag(150).setZNear(10);
  camera.setZFar(3000);
  for (let i = 0; i < 2; i++)
    getShownScene(document).addChild(
      document.createNode(`flame ${i}`).setExtension('KHR_lights_punctual', light).setCamera(camera),
    );
  await applyTreatment(document, [{ kind: 'scale', schema: 1, factor: 0.01, label: 'cm' }], context);
  expect(light.getRange()).toBeCloseTo(4);
  expect([camera.getXMag(), camera.getYMag(), camera.getZNear(), camera.getZFar()]).toEqual([2, 1.5, 0.1, 30]);
});
