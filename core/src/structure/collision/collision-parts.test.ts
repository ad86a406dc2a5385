import type { Document } from '@gltf-transform/core';
import { assess } from '../../condition/assess';
import { examine } from '../../condition/examination';
import { readCollision } from '../../placement/collision/read-collision';
import { readGlb, writeGlb } from '../../scene/document/document-io';
import { computeFigures } from '../../scene/measures/figures';
import { createPartRef } from '../../scene/part-ref';
import { listShownNodes } from '../../scene/traverse';
import { addBox, addMesh, createBoxDocument, createMemoryCodec, createSphere } from '../../testing/documents';
import { applyTreatment } from '../../treatment/apply-treatment';
import { findCollisionParts } from './find-collision-parts';

/** A post of many faces with a box around it that is called as given. */
function createPost(name: string, size = 1): Document {
  const document = createBoxDocument([0, 0, 0], [0.2, 1, 0.2], 'post');
  addMesh(document, createSphere(0.1, 12), 'knob').setTranslation([0.1, 1, 0.1]);
  addBox(document, [0, 0, 0], [0.2 * size, 1.1 * size, 0.2 * size], name);
  return document;
}
const look = (document: Document) =>
  assess(examine({ document, name: 'post', log: [], pictures: [], belonging: new Set(), stated: [] }));

test.each([
  ['UCX_post_01', true],
  ['ubx_post', true],
  ['post-colonly', true],
  // a pistol is called so too: what it is of is not among the parts
  ['usp_slide', false],
  ['post_collision', false],
  ['Collider 2', false],
])('%s is a collision shape', (name, isPlain) => {
  const found = findCollisionParts(createPost(name));
  expect(found).toMatchObject({ isPlain, triangles: 12 });
  expect(found!.nodes.map((node) => node.getName())).toEqual([name]);
  const finding = look(createPost(name)).find(({ kind }) => kind === 'collision-parts');
  expect(finding).toMatchObject({ sure: isPlain, mark: 'look' });
});

test.each(['column', 'post_col', 'collar', 'collision_warning_sign', 'hull', 'physics book', 'lucx_post'])(
  '%s is none',
  (name) => expect(findCollisionParts(createPost(name))).toBeNull(),
);

test('what reaches far out of the model, and what is all there is, is none', () => {
  expect(findCollisionParts(createPost('UCX_post', 3))).toBeNull();
  expect(findCollisionParts(createBoxDocument([0, 0, 0], [1, 1, 1], 'UCX_crate'))).toBeNull();
});

test('kept it goes where the model goes, is written as what collides, and is counted no more', async () => {
  const document = createPost('UCX_post');
  const [part] = listShownNodes(document)
    .filter((node) => node.getName() === 'UCX_post')
    .map((node) => createPartRef(document, node));
  const [outcome] = await applyTreatment(
    document,
    [
      { kind: 'keep-collision', schema: 1, parts: [part] },
      { kind: 'scale', schema: 1, factor: 2, label: 'twice' },
      { kind: 'bake-transforms', schema: 1 },
      { kind: 'set-pivot', schema: 1, at: 'base-centre', onGround: true },
      { kind: 'name-root', schema: 1, name: 'post' },
    ],
    { codec: createMemoryCodec(), readBytes: () => Promise.reject(new Error('no maps here')) },
  );
  expect(outcome).toMatchObject({ changed: '1 shape kept for collision, not shown', unmatched: [], worse: [] });
  const again = await readGlb(await writeGlb(document));
  expect(computeFigures(again).meshes).toBe(2);
  const { shapes, mass } = readCollision(again)!;
  expect(mass).toBeNull();
  const [{ points }] = shapes[0].kind === 'hulls' ? shapes[0].hulls : [];
  const ends = [0, 1, 2].map((axis) => {
    const own = [...points].filter((_, o) => o % 3 === axis);
    return [Math.min(...own), Math.max(...own)];
  });
  [-0.2, 0, -0.2].forEach((v, i) => expect(ends[i][0]).toBeCloseTo(v, 5));
  [0.2, 2.2, 0.2].forEach((v, i) => expect(ends[i][1]).toBeCloseTo(v, 5));
});
