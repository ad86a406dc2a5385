import { countPolygons } from '../../scene/document/polygon-data';
import { setNodeSource } from '../../scene/document/source-data';
import { countTriangles, listMeshInstances, listShownNodes } from '../../scene/traverse';
import { createMeshDocument } from '../../testing/documents';
import { readFiles } from '../../testing/read-files';
import { FAULTS, listFaultyFaces, removeFaultyFaces } from './faulty-faces';
import { listPartOffers } from './part-offers';
import { listPartRows } from './part-rows';

const SQUARE = [0, 0, 0, 1, 0, 0, 1, 1, 0, 0, 1, 0, 2, 0, 0];
const faultsOf = (corners: number[], points = SQUARE): number[] => {
  const [{ mesh }] = listMeshInstances(createMeshDocument(points, corners));
  return [...listFaultyFaces(mesh.listPrimitives()).faults[0]];
};

test('a face without area is one whose corners are one, or lie in a line', () => {
  expect(faultsOf([0, 1, 2, 0, 0, 2, 0, 1, 4])).toEqual([FAULTS.none, FAULTS.noArea, FAULTS.noArea]);
});

test('a face that lies on another, wherever it begins, is doubled; its back is none', () => {
  expect(faultsOf([0, 1, 2, 1, 2, 0, 0, 2, 1])).toEqual([FAULTS.none, FAULTS.doubled, FAULTS.none]);
  // corners at the same place are the same corner
  expect(faultsOf([0, 1, 2, 3, 4, 5], [0, 0, 0, 1, 0, 0, 1, 1, 0, 0, 0, 0, 1, 0, 0, 1, 1, 0])).toEqual([
    FAULTS.none,
    FAULTS.doubled,
  ]);
});

test('a thin sliver is no fault as long as single precision sees it', () => {
  expect(faultsOf([0, 1, 2], [0, 0, 0, 1, 0, 0, 0.5, 1e-4, 0])).toEqual([FAULTS.none]);
  expect(faultsOf([0, 1, 2], [0, 0, 0, 1, 0, 0, 0.5, 1e-9, 0])).toEqual([FAULTS.noArea]);
});

test('a doubled quad goes as a whole, is offered with how many there are, and the rest keeps its polygons', async () => {
  const { document } = await readFiles({
    'm.obj': 'v 0 0 0\nv 1 0 0\nv 1 1 0\nv 0 1 0\nv 2 0 0\nv 2 1 0\no board\nf 1 2 3 4\nf 2 5 6 3\nf 2 3 4 1\n',
  });
  listShownNodes(document).forEach((node, i) => setNodeSource(node, { id: `p${i}` }));
  const rows = listPartRows(document);
  const [offer] = await listPartOffers(document, rows);
  expect(offer).toMatchObject({ kind: 'faces', title: '1 polygon lies on another', steps: [{ kind: 'clean-faces' }] });
  const [{ node }] = listMeshInstances(document);
  expect(removeFaultyFaces(document, node)).toBe(1);
  const [primitive] = node.getMesh()!.listPrimitives();
  expect([countTriangles(primitive), countPolygons(primitive, 4)]).toEqual([4, 2]);
  expect(removeFaultyFaces(document, node)).toBe(0);
});
