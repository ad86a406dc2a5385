import type { Document } from '@gltf-transform/core';
import type { Step, StepOf } from '@haveld/contract/step';
import { readGlb, writeGlb } from '../../scene/document/document-io';
import { getNodeSource, setNodeSource } from '../../scene/document/source-data';
import { boxCentre, boxSize, computeBounds } from '../../scene/measures/bounds';
import { createPartRef } from '../../scene/part-ref';
import { listMeshInstances, listShownNodes } from '../../scene/traverse';
import { addBox, createBoxDocument, createMemoryCodec, createPng } from '../../testing/documents';
import { applyTreatment } from '../../treatment/apply-treatment';
import { findPlace } from './find-place';

const HASH = 'b'.repeat(64);
const FROM = { id: 'lender', accession: 'HV-000007', name: 'Shed', versionNumber: 2, sha256: HASH };
const node = (document: Document, name: string) => listShownNodes(document).find((one) => one.getName() === name)!;
const colour = (document: Document, name: string, rgb: [number, number, number]) => {
  const texture = document
    .createTexture(name)
    .setImage(createPng([...rgb, 255]) as Uint8Array<ArrayBuffer>)
    .setMimeType('image/png');
  return document.createMaterial(name).setBaseColorTexture(texture).setRoughnessFactor(0.3);
};
const wear = (document: Document, part: string, material: ReturnType<typeof colour>) =>
  node(document, part).getMesh()!.listPrimitives()[0].setMaterial(material);

/** A shed of two metres with a brass knob of six centimetres on its door, whose pivot is where it is screwed on. */
function createShed(): Document {
  const document = createBoxDocument([-1, 0, -1], [1, 2, 1], 'shed');
  const door = addBox(document, [-0.4, 0, 1], [0.4, 1.8, 1.05], 'door');
  const knob = addBox(document, [-0.03, -0.03, 0], [0.03, 0.03, 0.06], 'knob', door).setTranslation([0.3, 0.9, 1.05]);
  setNodeSource(knob, { id: 'k' });
  wear(document, 'shed', colour(document, 'wood', [90, 60, 30]));
  wear(document, 'door', colour(document, 'paint', [20, 60, 120]));
  wear(document, 'knob', colour(document, 'brass', [200, 170, 60]));
  return document;
}

async function run(document: Document, lender: Document, steps: Step[]) {
  const bytes = await writeGlb(lender);
  return applyTreatment(document, steps, { codec: createMemoryCodec(), readBytes: () => Promise.resolve(bytes) });
}

const borrow = (given: Partial<StepOf<'borrow-part'>>): StepOf<'borrow-part'> => ({
  kind: 'borrow-part',
  schema: 1,
  from: FROM,
  part: null,
  name: 'knob',
  under: null,
  at: [0, 0, 0],
  degrees: 0,
  times: 1,
  ...given,
});
const boxOf = (document: Document, name: string) =>
  computeBounds(
    document,
    listMeshInstances(document).filter((one) => one.node.getName() === name),
  )!;

test('a knob keeps its size in metres and stands upright on a chest that came in millimetres with Z up', async () => {
  const chest = createBoxDocument([-400, -200, 0], [400, 200, 500], 'chest');
  const shed = createShed();
  const step = borrow({
    part: createPartRef(shed, node(shed, 'knob')),
    under: createPartRef(chest, node(chest, 'chest')),
    // the middle of the front of a chest whose front looks to -y
    at: [0, -200, 250],
  });
  const outcomes = await run(chest, shed, [
    { kind: 'scale', schema: 1, factor: 0.001, label: 'mm' },
    { kind: 'rotate', schema: 1, axis: 'x', degrees: -90 },
    step,
  ]);
  expect(outcomes[0]).toMatchObject({ kind: 'borrow-part', unmatched: [], worse: [] });
  const box = boxOf(chest, 'knob');
  boxSize(box).forEach((side) => expect(side).toBeCloseTo(0.06, 6));
  // its back lies where it was put: the front of the chest
  expect(box.min[2]).toBeCloseTo(0.2, 6);
  expect(boxCentre(box)[1]).toBeCloseTo(0.25, 6);
  expect(node(chest, 'knob').getParentNode()!.getName()).toBe('chest');
  expect(getNodeSource(node(chest, 'knob')).id).toBe('HV-000007/k');
});

test('corrected in scale the chest grows and the knob stays where it is on it, as large as it is', async () => {
  const sides = await Promise.all(
    [0.001, 0.01].map(async (factor) => {
      const chest = createBoxDocument([0, 0, 0], [800, 500, 400], 'chest');
      const shed = createShed();
      const part = createPartRef(shed, node(shed, 'knob'));
      await run(chest, shed, [borrow({ part, at: [400, 250, 400] }), { kind: 'scale', schema: 1, factor, label: '' }]);
      const box = boxOf(chest, 'knob');
      expect(boxCentre(box)[0]).toBeCloseTo(400 * factor, 5);
      expect(box.min[2]).toBeCloseTo(400 * factor, 5);
      return boxSize(box)[0];
    }),
  );
  sides.forEach((side) => expect(side).toBeCloseTo(0.06, 6));
});

test('all of it is put on its own pivot, turned and as many times as large', async () => {
  const yard = createBoxDocument([-5, -0.1, -5], [5, 0, 5], 'yard');
  await run(yard, createShed(), [borrow({ name: 'little shed', at: [3, 0, 2], degrees: 90, times: 0.5 })]);
  const shed = node(yard, 'little shed');
  expect(shed.listChildren().map((one) => one.getName())).toEqual(['shed', 'door']);
  const box = computeBounds(
    yard,
    listMeshInstances(yard).filter((one) => one.node.getName() === 'door'),
  )!;
  // its front looked to +z and looks to +x now
  expect(boxCentre(box)[0]).toBeCloseTo(3 + 1.025 / 2, 5);
  expect(boxCentre(box)[2]).toBeCloseTo(2, 5);
  expect(boxSize(box)[1]).toBeCloseTo(0.9, 6);
});

test('what is called alike stays two materials, what is the same is one', async () => {
  const chest = createBoxDocument([0, 0, 0], [1, 1, 1], 'chest');
  wear(chest, 'chest', colour(chest, 'brass', [10, 10, 10]));
  const shed = createShed();
  const part = createPartRef(shed, node(shed, 'knob'));
  await run(chest, shed, [
    borrow({ part, name: 'left knob', at: [0.2, 0.5, 1] }),
    borrow({ part, name: 'right knob', at: [0.8, 0.5, 1] }),
  ]);
  const materialOf = (name: string) => node(chest, name).getMesh()!.listPrimitives()[0].getMaterial()!;
  expect(materialOf('chest').getName()).toBe('brass');
  expect(materialOf('left knob').getName()).toBe('brass (HV-000007)');
  expect(materialOf('right knob')).toBe(materialOf('left knob'));
  expect(chest.getRoot().listTextures()).toHaveLength(2);
  expect(chest.getRoot().listBuffers()).toHaveLength(1);
  const again = await readGlb(await writeGlb(chest));
  expect(listMeshInstances(again)).toHaveLength(3);
  const ids = listShownNodes(again).flatMap((one) => getNodeSource(one).id ?? []);
  expect(new Set(ids).size).toBe(ids.length);
});

test('what moves, what shows nothing and what is not there any more is left, and said', async () => {
  const shed = createShed();
  const knob = node(shed, 'knob');
  const part = createPartRef(shed, knob);
  const mount = shed.createNode('mount');
  node(shed, 'door').addChild(mount);
  const chest = () => createBoxDocument([0, 0, 0], [1, 1, 1], 'chest');
  const [shown] = await run(chest(), shed, [borrow({ part: createPartRef(shed, mount) })]);
  expect(shown).toMatchObject({ changed: 'left where it is: it shows nothing', unmatched: ['mount of HV-000007'] });
  const [gone] = await run(chest(), shed, [borrow({ part: { ...part, name: 'lever', id: 'x' } })]);
  expect(gone.unmatched).toEqual(['lever of HV-000007']);
  const clip = shed.createAnimation('opens');
  clip.addChannel(shed.createAnimationChannel().setTargetNode(node(shed, 'door')).setTargetPath('rotation'));
  const receiver = chest();
  const [moved] = await run(receiver, shed, [borrow({ part })]);
  expect(moved.changed).toBe('left where it is: a clip or a skin moves it');
  expect(listMeshInstances(receiver)).toHaveLength(1);
});

test('a material comes with its maps and factors, keeps its own name, and needs the layout its maps lie on', async () => {
  const chest = createBoxDocument([0, 0, 0], [1, 1, 1], 'chest');
  addBox(chest, [2, 0, 0], [3, 1, 1], 'bare').getMesh()!.listPrimitives()[0].setAttribute('TEXCOORD_0', null);
  const oak = chest.createMaterial('oak');
  wear(chest, 'chest', oak);
  wear(chest, 'bare', oak);
  const take = (material: string, materials: string[]): Step => ({
    kind: 'borrow-material',
    schema: 1,
    from: FROM,
    material,
    materials,
  });
  const [outcome] = await run(chest, createShed(), [take('paint', ['oak', 'elm'])]);
  expect(outcome).toMatchObject({ changed: '1 material', unmatched: ['elm'] });
  const of = (name: string) => node(chest, name).getMesh()!.listPrimitives()[0].getMaterial()!;
  expect(of('chest').getName()).toBe('oak');
  expect(of('chest').getRoughnessFactor()).toBeCloseTo(0.3);
  expect(of('chest').getBaseColorTexture()!.getImage()).toEqual(createPng([20, 60, 120, 255]));
  expect(of('bare').getBaseColorTexture()).toBeNull();
  expect(chest.getRoot().listMaterials()).toHaveLength(2);
  // of a map alone the rest stays as it is
  const plain = createBoxDocument([0, 0, 0], [1, 1, 1], 'chest');
  wear(plain, 'chest', plain.createMaterial('oak').setRoughnessFactor(0.9));
  const [map] = await run(plain, createShed(), [{ ...take('paint', ['oak']), slot: 'baseColor' } as Step]);
  expect(map).toMatchObject({ title: 'oak with the base colour map of “paint” of HV-000007 Shed', unmatched: [] });
  const [worn] = plain.getRoot().listMaterials();
  expect(worn.getRoughnessFactor()).toBeCloseTo(0.9);
  expect(worn.getBaseColorTexture()!.getImage()).toEqual(createPng([20, 60, 120, 255]));
  expect(plain.getRoot().listMaterials()).toHaveLength(1);
  const [without] = await run(plain, createShed(), [{ ...take('paint', ['oak']), slot: 'normal' } as Step]);
  expect(without.unmatched).toEqual(['paint of HV-000007']);
  const [none] = await run(chest, createShed(), [take('velvet', ['oak'])]);
  expect(none.unmatched).toEqual(['velvet of HV-000007']);
});

test('a place that was picked on the model as it stands is found where the step will look for it', async () => {
  const chest = () => createBoxDocument([-400, -200, 0], [400, 200, 500], 'chest');
  const [before, placed] = [chest(), chest()];
  for (const document of [before, placed]) setNodeSource(node(document, 'chest'), { id: 'c' });
  await run(placed, createShed(), [
    { kind: 'scale', schema: 1, factor: 0.001, label: 'mm' },
    { kind: 'rotate', schema: 1, axis: 'x', degrees: -90 },
    { kind: 'bake-transforms', schema: 1 },
    { kind: 'set-pivot', schema: 1, at: 'base-centre', onGround: true },
  ]);
  const place = findPlace(placed, before, 'c', [0.1, 0.25, 0.2])!;
  [100, -200, 250].forEach((v, i) => expect(place[i]).toBeCloseTo(v, 3));
  expect(findPlace(placed, before, 'lid', [0, 0, 0])).toBeNull();
  // a part that was cut in between has other vertices
  expect(findPlace(createShed(), before, 'c', [0, 0, 0])).toBeNull();
});
