import { listMeshInstances } from '../../scene/traverse';
import { createBoxDocument, createLaidSquare, createMeshDocument, createSphereDocument } from '../../testing/documents';
import { listPlacedParts } from '../../scene/measures/placed-parts';
import { computeMoments } from './moments';

// handbook: V = w·h·d, centre in the middle
test('a closed box is weighed by its volume, wherever it stands', () => {
  const far = createBoxDocument([1e5, 0, 0], [1e5 + 2, 4, 6]);
  const { volume, area, balance, by } = computeMoments(listPlacedParts(far))!;
  expect(by).toBe('volume');
  expect(volume).toBeCloseTo(48, 4);
  expect(area).toBeCloseTo(88, 4);
  [1e5 + 1, 2, 3].forEach((v, axis) => expect(balance[axis]).toBeCloseTo(v, 4));
});

// handbook: a pyramid holds a third of its box, its centre a quarter above its base
test('a pyramid holds a third, its balance point a quarter of the way up', () => {
  const document = createMeshDocument(
    [0, 0, 0, 2, 0, 0, 2, 0, 2, 0, 0, 2, 1, 3, 1],
    [0, 1, 2, 0, 2, 3, 0, 4, 1, 1, 4, 2, 2, 4, 3, 3, 4, 0],
  );
  const { volume, balance, by } = computeMoments(listPlacedParts(document))!;
  expect(by).toBe('volume');
  expect(volume).toBeCloseTo(4, 6);
  [1, 0.75, 1].forEach((v, axis) => expect(balance[axis]).toBeCloseTo(v, 6));
});

// handbook: V = 4/3·π·r³; the polyhedron of n rings lies below by its facets
test('a sphere of many faces comes near its formula, a half one balances three eighths up', () => {
  const whole = computeMoments(listPlacedParts(createSphereDocument(1, 96)))!;
  expect(whole.volume / ((4 / 3) * Math.PI)).toBeCloseTo(1, 2);
  expect(Math.hypot(...whole.balance)).toBeLessThan(1e-6);
  const half = computeMoments(listPlacedParts(createSphereDocument(1, 96, 0.5)))!;
  expect(half.by).toBe('volume');
  expect(half.balance[1]).toBeCloseTo(3 / 8, 2);
});

test('an open surface is weighed as one, and that is said', () => {
  const open = computeMoments(listPlacedParts(createLaidSquare([0, 1, 1, 1, 1, 0, 0, 0])))!;
  expect(open).toMatchObject({ by: 'surface', volume: 0, area: 1 });
  expect(computeMoments(listPlacedParts(createBoxDocument([0, 0, 0], [0, 0, 0])))).toBeNull();
});

test('a box of two materials encloses what one of one does, though neither half is closed', () => {
  const document = createBoxDocument([10, 0, 0], [12, 4, 6]);
  const [{ mesh }] = listMeshInstances(document);
  const [whole] = mesh.listPrimitives();
  const corners = [...whole.getIndices()!.getArray()!];
  const half = (from: number, to: number) =>
    whole.clone().setIndices(
      whole
        .getIndices()!
        .clone()
        .setArray(Uint16Array.from(corners.slice(from, to))),
    );
  mesh.removePrimitive(whole).addPrimitive(half(0, 18)).addPrimitive(half(18, 36));
  const { volume, balance, by } = computeMoments(listPlacedParts(document))!;
  expect(by).toBe('volume');
  expect(volume).toBeCloseTo(48, 5);
  [11, 2, 3].forEach((v, axis) => expect(balance[axis]).toBeCloseTo(v, 5));
});
