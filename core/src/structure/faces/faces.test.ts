import type { Document, Node } from '@gltf-transform/core';
import { setNodeSource } from '../../scene/document/source-data';
import { getShownScene, listMeshInstances, listShownNodes } from '../../scene/traverse';
import {
  addBox,
  addMesh,
  createBoxDocument,
  createMemoryCodec,
  createMeshDocument,
  createSphere,
  createSphereDocument,
} from '../../testing/documents';
import { applyTreatment } from '../../treatment/apply-treatment';
import { takeCensus } from '../../treatment/census';
import { placeAllFaces } from '../parts/choose-faces';
import { findHidden } from './find-hidden';
import { gatherFaces } from './gather-faces';
import { lookThroughFaces, type FaceOffer } from './face-offers';

const context = { codec: createMemoryCodec(), readBytes: () => Promise.reject(new Error('no maps here')) };

/** Gives every node an id, as reading does. */
function number(document: Document): Document {
  listShownNodes(document).forEach((node, i) => setNodeSource(node, { id: `p${i}` }));
  return document;
}
const crate = (): Document => createBoxDocument([0, 0, 0], [1, 1, 1], 'crate');
const find = (document: Document, kind: FaceOffer['kind']): FaceOffer | undefined =>
  lookThroughFaces(number(document)).offers.find((offer) => offer.kind === kind);
const node = (document: Document, name: string): Node =>
  listShownNodes(document).find((one) => one.getName() === name)!;

test('what stands in a closed crate cannot be seen, and is taken out whole', async () => {
  const document = crate();
  addBox(document, [0.3, 0.3, 0.3], [0.6, 0.6, 0.6], 'gull');
  const hidden = find(document, 'hidden')!;
  expect(hidden.title).toBe('12 triangles cannot be seen from outside');
  expect(hidden.evidence).toEqual([{ text: 'gull', figure: 'all of it' }]);
  await applyTreatment(document, hidden.steps, context);
  expect(listShownNodes(document).map((one) => one.getName())).toEqual(['crate']);
});

test('of a crate that stands in another the faces within go, and those that look out stay', async () => {
  const document = crate();
  addBox(document, [0.3, 0.3, 0.5], [0.6, 0.6, 1.5], 'post');
  const hidden = find(document, 'hidden')!;
  // its back lies within; its sides go through, and are seen where they come out
  expect(hidden.steps).toMatchObject([{ kind: 'separate-faces', part: { name: 'post' }, name: null }]);
  const placed = placeAllFaces(document, hidden.faces);
  expect(placed.filter((_, i) => i % 3 === 2).every((z) => z === 0.5)).toBe(true);
  const before = takeCensus(document).triangles;
  const [outcome] = await applyTreatment(document, hidden.steps, context);
  expect(outcome.unmatched).toEqual([]);
  expect(takeCensus(document).triangles).toBe(before - placed.length / 9);
});

test.each<[string, (document: Document) => void]>([
  ['the crate is of glass', (document) => document.getRoot().listMaterials()[0].setAlphaMode('BLEND')],
  ['the gull stands beside it', (document) => node(document, 'gull').setTranslation([2, 0, 0])],
  [
    'a clip moves the gull',
    (document) => {
      const buffer = document.getRoot().listBuffers()[0];
      const sampler = document
        .createAnimationSampler()
        .setInput(
          document
            .createAccessor()
            .setArray(Float32Array.from([0, 1]))
            .setBuffer(buffer),
        )
        .setOutput(
          document
            .createAccessor()
            .setType('VEC3')
            .setArray(Float32Array.from([0, 0, 0, 0, 2, 0]))
            .setBuffer(buffer),
        );
      const channel = document
        .createAnimationChannel()
        .setSampler(sampler)
        .setTargetNode(node(document, 'gull'))
        .setTargetPath('translation');
      document.createAnimation('flies').addSampler(sampler).addChannel(channel);
    },
  ],
])('nothing is offered where %s', (_, change) => {
  const document = crate();
  const glass = document.createMaterial('glass');
  for (const primitive of listMeshInstances(document)[0].mesh.listPrimitives()) primitive.setMaterial(glass);
  addBox(document, [0.3, 0.3, 0.3], [0.6, 0.6, 0.6], 'gull');
  change(document);
  expect(find(document, 'hidden')).toBeUndefined();
});

test('a crate without a lid shows what is in it', () => {
  // five sides of a crate, two triangles each
  const corners = [0, 1, 2, 3].flatMap((k) => [0, 1].map((y) => [[0, 1, 1, 0][k], y, [0, 0, 1, 1][k]])).flat();
  const sides = [0, 1, 2, 3].flatMap((k) => {
    const [a, b] = [k * 2, ((k + 1) % 4) * 2];
    return [a, b, b + 1, a, b + 1, a + 1];
  });
  const document = createMeshDocument(corners, [...sides, 0, 2, 4, 0, 4, 6]);
  addBox(document, [0.3, 0.3, 0.3], [0.6, 0.6, 0.6], 'gull');
  // all but its foot, which looks at the floor
  expect(find(document, 'hidden')!.evidence).toEqual([{ text: 'gull', figure: '2 of 12 polygons' }]);
  // with the lid on it is gone
  const shut = createMeshDocument(corners, [...sides, 0, 2, 4, 0, 4, 6, 1, 3, 5, 1, 5, 7]);
  addBox(shut, [0.3, 0.3, 0.3], [0.6, 0.6, 0.6], 'gull');
  expect(find(shut, 'hidden')!.evidence).toEqual([{ text: 'gull', figure: 'all of it' }]);
});

test('of a ball within a ball every face is hidden, and of the outer one none', () => {
  const document = createSphereDocument(1, 40);
  addMesh(document, createSphere(0.9, 40), 'inner');
  const faces = gatherFaces(document)!;
  const { parts, partOf } = faces;
  const { hidden, unasked } = findHidden(faces);
  expect(unasked).toBe(0);
  // those without area at the poles are nobody's
  const ofPart = (name: string): number =>
    hidden.reduce((sum, one, t) => sum + (parts[partOf[t]].node.getName() === name ? one : 0), 0);
  expect(ofPart('mesh')).toBe(0);
  expect(ofPart('inner')).toBeGreaterThanOrEqual(40 * 80 * 2 - 2 * 80);
});

test('of what stands several times only the whole is offered', () => {
  const document = crate();
  addBox(document, [0.3, 0.3, 0.5], [0.6, 0.6, 1.5], 'post');
  const post = node(document, 'post');
  getShownScene(document).addChild(document.createNode('twin').setMesh(post.getMesh()).setTranslation([5, 0, 0]));
  expect(find(document, 'hidden')).toBeUndefined();
});

test('a label a hair before its crate flickers, one a finger before it does not', () => {
  const label = (z: number, isBack = false): Document => {
    const document = crate();
    const points = [0.2, 0.2, z, 0.8, 0.2, z, 0.8, 0.8, z, 0.2, 0.8, z];
    addMesh(document, { points, corners: isBack ? [0, 2, 1, 0, 3, 2] : [0, 1, 2, 0, 2, 3] }, 'label');
    return document;
  };
  const lying = find(label(1 + 1e-5), 'lying')!;
  expect(lying).toMatchObject({ steps: [], evidence: [{ text: '“crate” and “label”' }] });
  expect(lying.faces).toHaveLength(2);
  expect(find(label(1.01), 'lying')).toBeUndefined();
  // seen from behind alone, the two are never drawn at once
  expect(find(label(1 + 1e-5, true), 'lying')).toBeUndefined();
});

test('faces of one part that go through one another are told, pieces put into one another are not', () => {
  // two crossed sheets in one mesh
  const points = [-1, 0, 0, 1, 0, 0, 1, 1, 0, -1, 1, 0, 0, 0.2, -1, 0, 0.2, 1, 0, 0.8, 1, 0, 0.8, -1];
  const crossed = createMeshDocument(points, [0, 1, 2, 0, 2, 3, 4, 5, 6, 4, 6, 7]);
  const offer = find(crossed, 'crossing')!;
  expect(offer).toMatchObject({ steps: [], evidence: [{ text: 'within “mesh”' }] });
  expect(placeAllFaces(crossed, offer.faces).length).toBeGreaterThan(0);
  const document = crate();
  addBox(document, [0.5, 0.5, 0.5], [1.5, 1.5, 1.5], 'other');
  expect(find(document, 'crossing')).toBeUndefined();
});

test('a sound crate has nothing to be told, and how far the looking is goes up to the end', () => {
  const told: number[] = [];
  const look = lookThroughFaces(number(crate()), (done) => told.push(done));
  expect(look).toEqual({ triangles: 12, unasked: 0, offers: [] });
  expect(told.at(-1)).toBe(1);
  told.slice(1).forEach((done, i) => expect(done).toBeGreaterThanOrEqual(told[i]));
});
