import { getBounds } from '@gltf-transform/functions';
import { addBox, createBoxDocument } from '../testing/documents';
import { boxCentre, boxSize, computeBounds } from './measures/bounds';
import { compareFigures } from './measures/compare-figures';
import { createDocument, readGlb, writeGlb } from './document/document-io';
import { computeFigures } from './measures/figures';
import {
  isLinearIdentity,
  linearDeterminant,
  multiplyMatrix,
  normalMatrix,
  quarterTurnMatrix,
  scaleMatrix,
  translationMatrix,
} from './matrix';
import { createPartRef, findPart } from './part-ref';
import { getNodeSource, removeSourceData, setDocumentSource, setNodeSource } from './document/source-data';
import { getShownScene, listShownNodes } from './traverse';

test('bounds follow turned and scaled parents, as glTF Transform finds them too', () => {
  const document = createDocument();
  const parent = document
    .createNode('p')
    .setTranslation([1, 2, 3])
    .setRotation([0, 0, Math.SQRT1_2, Math.SQRT1_2])
    .setScale([2, 3, 4]);
  getShownScene(document).addChild(parent);
  addBox(document, [0, 0, 0], [1, 1, 1], 'b', parent);
  const ours = computeBounds(document)!;
  const theirs = getBounds(getShownScene(document));
  [...ours.min, ...ours.max].forEach((v, i) => expect(v).toBeCloseTo([...theirs.min, ...theirs.max][i], 5));
});

test('a skinned mesh stands where its joints put it, not where its node is (glTF 2.0, 3.7.3.3)', () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1]);
  const [node] = listShownNodes(document);
  const joint = document.createNode('joint').setTranslation([10, 0, 0]);
  getShownScene(document).addChild(joint);
  const buffer = document.getRoot().listBuffers()[0];
  const primitive = node.getMesh()!.listPrimitives()[0];
  const weights = Float32Array.from({ length: 96 }, (_, i) => (i % 4 === 0 ? 1 : 0));
  primitive.setAttribute(
    'JOINTS_0',
    document.createAccessor().setType('VEC4').setArray(new Uint8Array(96)).setBuffer(buffer),
  );
  primitive.setAttribute('WEIGHTS_0', document.createAccessor().setType('VEC4').setArray(weights).setBuffer(buffer));
  node.setTranslation([500, 0, 0]).setSkin(document.createSkin().addJoint(joint));
  expect(computeBounds(document)).toEqual({ min: [10, 0, 0], max: [11, 1, 1] });
});

test('nothing to measure has no bounds', () => {
  expect(computeBounds(createDocument())).toBeNull();
  expect(boxSize({ min: [1, 1, 1], max: [1, 2, 4] })).toEqual([0, 1, 3]);
  expect(boxCentre({ min: [0, 0, 0], max: [2, 4, 6] })).toEqual([1, 2, 3]);
});

test('an instance counts once for each place it stands', () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1], 'post');
  const [post] = listShownNodes(document);
  getShownScene(document).addChild(document.createNode('post 2').setMesh(post.getMesh()));
  expect(computeFigures(document)).toMatchObject({ triangles: 24, meshes: 1, nodes: 2, emptyNodes: 0 });
});

test('quarter turns are exact and four of them are none', () => {
  for (const axis of ['x', 'y', 'z'] as const) {
    const once = quarterTurnMatrix(axis, 90);
    const twice = multiplyMatrix(once, once);
    expect(twice).toEqual(quarterTurnMatrix(axis, 180).map((v) => v + 0));
    expect(isLinearIdentity(multiplyMatrix(twice, twice), 0)).toBe(true);
    expect(isLinearIdentity(multiplyMatrix(once, quarterTurnMatrix(axis, -90)), 0)).toBe(true);
  }
});

test('a mirror has a determinant below zero, and normals go by the cofactor matrix', () => {
  const mirror = scaleMatrix(1);
  mirror[0] = -2;
  expect(linearDeterminant(mirror)).toBe(-2);
  expect(normalMatrix(mirror).map((v) => v + 0)).toEqual([1, 0, 0, 0, -2, 0, 0, 0, -2]);
  expect(multiplyMatrix(translationMatrix([1, 2, 3]), scaleMatrix(2)).slice(12)).toEqual([1, 2, 3, 1]);
});

test('a part is found by name, place among twins and shape; a twin alike elsewhere stands in only where it is the only one', () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1], 'leg');
  addBox(document, [0, 0, 0], [2, 2, 2], 'leg');
  const [first, second] = listShownNodes(document);
  const ref = createPartRef(document, second);
  expect(ref).toEqual({ name: 'leg', ordinal: 1, signature: '24:12:2×2×2' });
  expect(findPart(document, ref)).toBe(second);
  expect(findPart(document, { ...ref, ordinal: 7 })).toBe(second);
  first.dispose();
  expect(findPart(document, ref)).toBe(second);
  expect(findPart(document, { ...ref, signature: '24:12:9×9×9' })).toBeNull();
});

test('what we keep for ourselves survives a GLB and can be taken out without touching the rest', async () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1]);
  const [node] = listShownNodes(document);
  node.setExtras({ theirs: 1 });
  setNodeSource(node, { id: 'p0', groups: ['top'] });
  setDocumentSource(document, { format: 'OBJ' });
  const again = await readGlb(await writeGlb(document));
  expect(getNodeSource(listShownNodes(again)[0])).toEqual({ id: 'p0', groups: ['top'] });
  removeSourceData(again);
  expect(listShownNodes(again)[0].getExtras()).toEqual({ theirs: 1 });
  expect(again.getRoot().getExtras()).toEqual({});
});

test('a comparison tells what differs, and lets the rounding of 32-bit floats pass', () => {
  const figures = computeFigures(createBoxDocument([0, 0, 0], [1, 2, 3]));
  expect(compareFigures(figures, figures).every((line) => line.holds)).toBe(true);
  const rounded = {
    ...figures,
    box: { min: [0, 0, 0] as [number, number, number], max: [1.00001, 2, 3] as [number, number, number] },
  };
  expect(compareFigures(figures, rounded)[0].holds).toBe(true);
  const other = {
    ...figures,
    triangles: 11,
    box: { min: [0, 0, 0] as [number, number, number], max: [1.1, 2, 3] as [number, number, number] },
  };
  expect(
    compareFigures(figures, other)
      .filter((line) => !line.holds)
      .map((line) => line.what),
  ).toEqual(['box', 'triangles']);
  expect(compareFigures(figures, { ...figures, box: null })[0].holds).toBe(false);
});
