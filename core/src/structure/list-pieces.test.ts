import type { Document } from '@gltf-transform/core';
import { boxSize } from '../scene/measures/bounds';
import { createDocument } from '../scene/document/document-io';
import { setNodeSource } from '../scene/document/source-data';
import { listShownNodes } from '../scene/traverse';
import { addBox, addMesh, createBoxDocument, createSphere } from '../testing/documents';
import { listPieces } from './list-pieces';

const give = (document: ReturnType<typeof createDocument>) => {
  listShownNodes(document).forEach((node, i) => setNodeSource(node, { id: `p${i}` }));
  return document;
};

function row(count: number, gap: number) {
  const document = createDocument();
  for (let i = 0; i < count; i++) addBox(document, [i * (1 + gap), 0, 0], [i * (1 + gap) + 1, 1, 1], `crate_${i}`);
  return give(document);
}

test('parts at the top that stand apart are pieces, each where it stands', () => {
  const found = listPieces(row(4, 0.5))!;
  expect(found.by).toBe('roots');
  expect(found.pieces.map(({ name, nodeIds, triangles }) => `${name} ${nodeIds.join()} ${triangles}`)).toEqual([
    'crate_0 p0 12',
    'crate_1 p1 12',
    'crate_2 p2 12',
    'crate_3 p3 12',
  ]);
  expect(found.pieces[2].box.min).toEqual([3, 0, 0]);
});

test('a wrapper around everything is passed through', () => {
  const document = createDocument();
  const wrapper = document.createNode('RootNode');
  document.getRoot().listScenes()[0].addChild(wrapper);
  for (let i = 0; i < 3; i++) addBox(document, [i * 2, 0, 0], [i * 2 + 1, 1, 1], `post_${i}`, wrapper);
  expect(listPieces(give(document))?.pieces).toHaveLength(3);
});

test('a table is one thing: its legs touch its top', () => {
  const document = createBoxDocument([0, 1, 0], [2, 1.1, 1], 'top');
  for (const [i, [x, z]] of [
    [0, 0],
    [1.9, 0],
    [0, 0.9],
    [1.9, 0.9],
  ].entries())
    addBox(document, [x, 0, z], [x + 0.1, 1.005, z + 0.1], `leg_${i}`);
  expect(listPieces(give(document))).toBeNull();
});

test('parts of one thing lie together, the things apart: told by where they lie', () => {
  const document = createDocument();
  for (let k = 0; k < 3; k++) {
    addBox(document, [k * 5, 0, 0], [k * 5 + 1, 1, 1], `body_${k}`);
    addBox(document, [k * 5 + 0.2, 0.99, 0.2], [k * 5 + 0.8, 1.5, 0.8], `lid_${k}`);
  }
  const found = listPieces(give(document))!;
  expect(found.by).toBe('loose');
  expect(found.pieces.map(({ nodeIds }) => nodeIds.length)).toEqual([2, 2, 2]);
});

test('layers tell pieces apart where roots do not', () => {
  const document = createDocument();
  const nodes = [0, 1, 2].flatMap((k) => [
    addBox(document, [k * 3, 0, 0], [k * 3 + 1, 1, 1], `a${k}`),
    addBox(document, [k * 3, 0.9, 0], [k * 3 + 1, 2, 1], `b${k}`),
  ]);
  give(document);
  nodes.forEach((node, i) => setNodeSource(node, { layers: [`Layer ${Math.floor(i / 2)}`] }));
  expect(listPieces(document)).toMatchObject({
    by: 'layers',
    pieces: [{ name: 'Layer 0' }, { name: 'Layer 1' }, { name: 'Layer 2' }],
  });
});

test('a display floor under all of them ties nothing together', () => {
  const document = row(4, 0.5);
  addBox(document, [-5, -0.05, -5], [12, 0, 6], 'floor');
  expect(listPieces(give(document))?.pieces).toHaveLength(4);
});

test('two things are no kit', () => {
  expect(listPieces(row(2, 0.5))).toBeNull();
});

/** Things in a row, each in three levels of detail, in one place or laid out behind it. */
function createLevelled(names: readonly string[], step: number): Document {
  const document = createDocument();
  names.forEach((name, i) =>
    [16, 8, 4].forEach((rings, level) => {
      const node = addMesh(document, createSphere(0.5, rings), `${name}_LOD${level}`);
      node.setTranslation([i * 4, 0, level * step]);
      setNodeSource(node, { id: `${name}${level}` });
    }),
  );
  return document;
}

test.each([
  ['in one place', 0],
  ['laid out behind one another', 2],
])('levels of detail %s are one piece, called and measured as the finest', (_, step) => {
  const found = listPieces(createLevelled(['buoy', 'bollard', 'cleat'], step))!;
  expect(found.pieces.map(({ name }) => name)).toEqual(['buoy', 'bollard', 'cleat']);
  found.pieces.forEach(({ nodeIds, box, triangles }, i) => {
    const name = ['buoy', 'bollard', 'cleat'][i];
    expect([...nodeIds].sort()).toEqual([`${name}0`, `${name}1`, `${name}2`]);
    expect(boxSize(box)[2]).toBeCloseTo(1, 1);
    expect(triangles).toBe(found.pieces[0].triangles);
  });
  expect(found.pieces[0].triangles).toBeGreaterThan(300);
});

test('one thing in three levels of detail that stand in a row is one thing', () => {
  expect(listPieces(createLevelled(['buoy'], 3))).toBeNull();
});
