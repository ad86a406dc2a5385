import { listPlacedParts } from '../../scene/measures/placed-parts';
import { createBoxDocument, createMeshDocument, createSphereDocument } from '../../testing/documents';
import { createRandom } from '../../testing/random';
import { fillRoom, measureAir } from './filled-room';

const fill = (document: ReturnType<typeof createBoxDocument>, low: number[], high: number[]) =>
  fillRoom(listPlacedParts(document), low, high);

test('what cannot be reached from outside is filled, though the surface has a hole smaller than a cell', () => {
  const ball = fill(createSphereDocument(1, 32), [-1, -1, -1], [1, 1, 1]);
  expect(ball.volume / ((4 / 3) * Math.PI)).toBeCloseTo(1, 1);
  // a box whose lid is missing holds nothing but its walls
  const box = createBoxDocument([0, 0, 0], [1, 1, 1]);
  const primitive = box.getRoot().listMeshes()[0].listPrimitives()[0];
  primitive.setIndices(
    primitive
      .getIndices()!
      .clone()
      .setArray(new Uint16Array(primitive.getIndices()!.getArray()!.slice(6))),
  );
  expect(fill(box, [0, 0, 0], [1, 1, 1]).volume).toBeLessThan(0.2);
});

test('how far each cell lies from a filled one is what looking at all of them finds', () => {
  const random = createRandom(5);
  const points = Array.from({ length: 30 }, () => random());
  const room = fill(createMeshDocument(points, [...Array(9).keys()]), [0, 0, 0], [1, 1, 1]);
  const { counts, filled, away } = room;
  const cells = [...filled.keys()].map((i) => [
    i % counts[0],
    Math.floor(i / counts[0]) % counts[1],
    Math.floor(i / (counts[0] * counts[1])),
  ]);
  const full = cells.filter((_, i) => filled[i]);
  expect(full.length).toBeGreaterThan(5);
  for (let i = 0; i < cells.length; i += 997) {
    const nearest = Math.min(...full.map((cell) => Math.hypot(...cell.map((v, k) => v - cells[i][k]))));
    expect(away[i]).toBeCloseTo(nearest, 4);
  }
});

test('air within a shape is measured to about a cell', () => {
  const room = fill(createBoxDocument([0, 0, 0], [1, 1, 1]), [0, 0, 0], [1, 1, 1]);
  expect(measureAir(room, () => false)).toBe(0);
  expect(measureAir(room, (x, y, z) => x >= 0 && x <= 1.2 && y >= 0 && y <= 1 && z >= 0 && z <= 1)).toBeCloseTo(0.2, 1);
});
