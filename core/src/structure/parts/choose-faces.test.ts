import { readFiles } from '../../testing/read-files';
import { listMeshInstances } from '../../scene/traverse';
import { chooseIslandOf, chooseTriangles, placeFacesOf } from './choose-faces';
import { setNodeSource } from '../../scene/document/source-data';

/** Two squares side by side that hang together, and one apart: three polygons of two triangles each. */
async function createSheet() {
  const { document } = await readFiles({
    'm.obj':
      'o sheet\nv 0 0 0\nv 1 0 0\nv 2 0 0\nv 0 1 0\nv 1 1 0\nv 2 1 0\nv 5 0 0\nv 6 0 0\nv 6 1 0\nv 5 1 0\nf 1 2 5 4\nf 2 3 6 5\nf 7 8 9 10\n',
  });
  const [{ node, mesh }] = listMeshInstances(document);
  setNodeSource(node, { id: 'sheet' });
  return { document, primitives: mesh.listPrimitives() };
}

test('a polygon is chosen where all its triangles are, and what was chosen stays', async () => {
  const { document, primitives } = await createSheet();
  // one triangle of the first square, both of the second
  const second = chooseTriangles(primitives, [[0, 2, 3]])!;
  expect(second).toMatchObject({ faces: [[[1, 1]]], polygons: 1, isWhole: false });
  const both = chooseTriangles(primitives, [[4, 5]], second.faces)!;
  expect(both).toMatchObject({ faces: [[[1, 2]]], polygons: 2 });
  expect(chooseTriangles(primitives, [[0, 1]], both.faces)).toMatchObject({ isWhole: true, polygons: 3 });
  const corners = placeFacesOf(document, 'sheet', second.faces)!;
  expect(corners).toHaveLength(18);
  expect(Math.min(...corners.filter((_, i) => i % 3 === 0))).toBe(1);
});

test('a box with nothing in it chooses nothing, and triangles the part does not have are told', async () => {
  const { primitives } = await createSheet();
  expect(chooseTriangles(primitives, [[]])).toMatchObject({ polygons: 0, isWhole: false });
  expect(chooseTriangles(primitives, [[6]])).toBeNull();
});

test('a click chooses what hangs together, another gives it up', async () => {
  const { primitives } = await createSheet();
  const island = chooseIslandOf(primitives, 0, 0)!;
  expect(island).toMatchObject({ polygons: 2, faces: [[[0, 2]]] });
  expect(chooseIslandOf(primitives, 0, 3, island.faces)).toMatchObject({ polygons: 0 });
  expect(chooseIslandOf(primitives, 0, 99)).toBeNull();
});
