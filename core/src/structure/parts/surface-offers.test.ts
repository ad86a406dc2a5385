import type { Document } from '@gltf-transform/core';
import type { Step } from '@haveld/contract/step';
import { setNodeSource } from '../../scene/document/source-data';
import { createScalars } from '../../scene/meshes/create-scalars';
import { listIndices } from '../../scene/meshes/list-indices';
import { PartIndex } from '../../scene/part-ref';
import { listShownNodes } from '../../scene/traverse';
import { addBox, createBoxDocument, createMemoryCodec, createMeshDocument } from '../../testing/documents';
import { applyTreatment } from '../../treatment/apply-treatment';
import { describeSurfaces } from '../surfaces/describe-surfaces';
import { listPartRows } from './part-rows';
import { listSurfaceOffers } from './surface-offers';

const context = { codec: createMemoryCodec(), readBytes: () => Promise.reject(new Error('no maps here')) };
const number = (document: Document): Document => {
  listShownNodes(document).forEach((node, i) => setNodeSource(node, { id: `p${i}` }));
  return document;
};
const offersFor = (document: Document) => listSurfaceOffers(new PartIndex(document), listPartRows(document));

/** Takes the last face of a box away, and turns its first. */
function spoil(document: Document, mesh: number): void {
  const [primitive] = document.getRoot().listMeshes()[mesh].listPrimitives();
  const indices = listIndices(primitive);
  for (const t of [0, 3]) [indices[t + 1], indices[t + 2]] = [indices[t + 2], indices[t + 1]];
  primitive.setIndices(createScalars(document, indices.slice(0, 30)));
}

test('nothing is offered for what is whole', () => {
  expect(offersFor(number(createBoxDocument([0, 0, 0], [1, 2, 3])))).toEqual([]);
});

test('what looks the wrong way is told by part; one that stands twice is told once; taken, nothing is left to offer', async () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1], 'whole');
  addBox(document, [2, 0, 0], [3, 1, 1], 'spoilt');
  spoil(document, 1);
  addBox(document, [4, 0, 0], [5, 1, 1], 'its twin').setMesh(document.getRoot().listMeshes()[1]);
  number(document);
  const [offer] = offersFor(document);
  expect(offer).toMatchObject({
    kind: 'turned',
    title: '2 polygons look the wrong way',
    evidence: [{ text: 'spoilt', figure: '2 polygons against the rest' }],
    ids: ['p1'],
  });
  await applyTreatment(document, offer.steps as Step[], context);
  expect(offersFor(document)).toEqual([]);
});

test('a closed part that is inside out says so', () => {
  const document = number(createBoxDocument([0, 0, 0], [1, 1, 1], 'inverted'));
  const [primitive] = document.getRoot().listMeshes()[0].listPrimitives();
  const indices = listIndices(primitive);
  for (let c = 0; c < indices.length; c += 3) [indices[c + 1], indices[c + 2]] = [indices[c + 2], indices[c + 1]];
  primitive.setIndices(createScalars(document, indices));
  expect(offersFor(document)[0].evidence).toEqual([{ text: 'inverted', figure: 'closed, and all look inwards' }]);
});

test('a crack comes before all else; one that would swallow faces is none', () => {
  const sheet = (gap: number, width: number) =>
    number(
      createMeshDocument(
        [
          0,
          0,
          0,
          1,
          0,
          0,
          1,
          1,
          0,
          0,
          1,
          0,
          1 + gap,
          0,
          0,
          1 + gap + width,
          0,
          0,
          1 + gap + width,
          1,
          0,
          1 + gap,
          1,
          0,
        ],
        [0, 1, 2, 0, 2, 3, 4, 5, 6, 4, 6, 7],
      ),
    );
  expect(offersFor(sheet(0.0001, 1))).toMatchObject([
    { kind: 'cracks', title: '2 open edges lie on another', steps: [{ kind: 'merge-vertices', of: 'borders' }] },
  ]);
  expect(offersFor(sheet(0.01, 1))).toEqual([]);
  // a strip as narrow as the crack would come together with it
  expect(offersFor(sheet(0.0001, 0.00005))).toEqual([]);
});

describe('what is said of a surface', () => {
  test('edges stand where the part stands, sizes are shares of it', () => {
    const document = createBoxDocument([0, 0, 0], [1, 1, 2], 'chest');
    spoil(document, 0);
    number(document);
    document.getRoot().listNodes()[0].setTranslation([10, 0, 0]).setScale([3, 3, 3]);
    const [facts] = describeSurfaces(document, ['p0', 'nobody']);
    expect(facts).toMatchObject({ id: 'p0', isClosed: false, shells: 1, open: 4, turned: 2 });
    // between 10 and 13 along x, whatever the file counts in
    const along = [...facts.edges].filter((_, i) => i % 3 === 0);
    expect(Math.min(...along)).toBeGreaterThanOrEqual(10);
    expect(Math.max(...along)).toBeLessThanOrEqual(13);
    expect(describeSurfaces(document, ['p0'])).toHaveLength(1);
  });

  test('what can be closed is known once its faces agree', async () => {
    const document = createBoxDocument([0, 0, 0], [1, 1, 2], 'chest');
    spoil(document, 0);
    number(document);
    const part = new PartIndex(document).refer(document.getRoot().listNodes()[0]);
    await applyTreatment(document, [{ kind: 'turn-faces', schema: 1, parts: [part] }], context);
    const [facts] = describeSurfaces(document, ['p0']);
    expect(facts).toMatchObject({ holes: 1, against: 0 });
    expect(facts.closable).toEqual([expect.closeTo(1, 5)]);
  });
});
