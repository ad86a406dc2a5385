import { createScalars } from '../scene/meshes/create-scalars';
import { listIndices } from '../scene/meshes/list-indices';
import { PartIndex } from '../scene/part-ref';
import { addBox, createBoxDocument, createMemoryCodec } from '../testing/documents';
import { applyTreatment } from './apply-treatment';
import { describeTroubles, takeSurfaceCensus } from './surface-census';

const context = { codec: createMemoryCodec(), readBytes: () => Promise.reject(new Error('no maps here')) };

test('what got more is said, what got less and what comes with a step is not', () => {
  const before = { open: 3, crowded: 0, against: 5 };
  const after = { open: 1, crowded: 2, against: 6 };
  expect(describeTroubles(before, after, [])).toEqual([
    '2 edges where more than two faces meet more than before',
    '1 edge whose two faces look opposite ways more than before',
  ]);
  expect(describeTroubles(before, after, ['crowded', 'against'])).toEqual([]);
});

test('a part that stands twice counts twice, and what was changed is counted anew', () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1]);
  expect(takeSurfaceCensus(document)).toEqual({ open: 0, crowded: 0, against: 0 });
  const mesh = document.getRoot().listMeshes()[0];
  const [primitive] = mesh.listPrimitives();
  primitive.setIndices(createScalars(document, listIndices(primitive).slice(3)));
  expect(takeSurfaceCensus(document).open).toBe(3);
  addBox(document, [2, 0, 0], [3, 1, 1], 'other').setMesh(mesh);
  expect(takeSurfaceCensus(document).open).toBe(6);
});

test('a step that tears a surface open says so at itself: a face of no area closed a gap between three that do not meet', async () => {
  // the upper edge of the lower face is halved by those above: without the sliver between, none of them has a neighbour there
  const document = createBoxDocument([0, 0, 0], [1, 1, 1]);
  const [primitive] = document.getRoot().listMeshes()[0].listPrimitives();
  const buffer = document.getRoot().listBuffers()[0];
  primitive
    .setAttribute('NORMAL', null)
    .setAttribute('TEXCOORD_0', null)
    .setAttribute(
      'POSITION',
      document
        .createAccessor()
        .setType('VEC3')
        .setBuffer(buffer)
        .setArray(Float32Array.from([0, 0, 0, 2, 0, 0, 1, 0, 0, 1, -1, 0, 0, 1, 0, 2, 1, 0])),
    )
    .setIndices(createScalars(document, Uint16Array.of(0, 3, 1, 0, 1, 2, 0, 2, 4, 2, 1, 5)));
  expect(takeSurfaceCensus(document).open).toBe(6);
  const index = new PartIndex(document);
  const part = index.refer(document.getRoot().listNodes()[0]);
  const [outcome] = await applyTreatment(document, [{ kind: 'clean-faces', schema: 1, parts: [part] }], context);
  expect(outcome.worse).toEqual(['3 open edges more than before']);
});
