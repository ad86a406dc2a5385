import Module from 'manifold-3d';
import type { Mesh } from 'manifold-3d';
import { computeMoments } from '@haveld/core/placement/pivot/moments';
import { listPlacedParts } from '@haveld/core/scene/measures/placed-parts';
import { listMeshInstances } from '@haveld/core/scene/traverse';
import { createBoxDocument, createMeshDocument, createSphereDocument } from '@haveld/core/testing/documents';

// Volumes and areas against manifold-3d (Apache-2.0), which computes them its own way.
let wasm: Awaited<ReturnType<typeof Module>>;
beforeAll(async () => {
  wasm = await Module();
  wasm.setup();
});

/** A mesh of manifold's as a document of ours. */
const toDocument = ({ vertProperties, triVerts, numProp }: Mesh) =>
  createMeshDocument(
    Array.from({ length: vertProperties.length / numProp }, (_, i) => [
      ...vertProperties.subarray(i * numProp, i * numProp + 3),
    ]).flat(),
    [...triVerts],
  );

test.each([
  ['a ball', () => wasm.Manifold.sphere(1.3, 96)],
  ['a cone cut off', () => wasm.Manifold.cylinder(2, 1, 0.4, 64)],
  [
    'a box with a hole',
    () => wasm.Manifold.cube([2, 1, 3], true).subtract(wasm.Manifold.cylinder(4, 0.3, 0.3, 48, true)),
  ],
  [
    'two balls grown together, far from the origin',
    () =>
      wasm.Manifold.sphere(1, 64)
        .add(wasm.Manifold.sphere(0.7, 64).translate(0.9, 0.2, 0))
        .translate(2000, -500, 30),
  ],
])('%s weighs what the other says, of its volume', (_, make) => {
  const solid = make();
  const ours = computeMoments(listPlacedParts(toDocument(solid.getMesh())))!;
  expect(ours.by).toBe('volume');
  expect(ours.volume / solid.volume()).toBeCloseTo(1, 4);
  expect(ours.area / solid.surfaceArea()).toBeCloseTo(1, 4);
});

test('our own solids are solids to the other too, and weigh the same', () => {
  for (const document of [createBoxDocument([0, 0, 0], [1, 2, 3]), createSphereDocument(1, 48)]) {
    const [{ mesh }] = listMeshInstances(document);
    const [primitive] = mesh.listPrimitives();
    const other = new wasm.Mesh({
      numProp: 3,
      vertProperties: Float32Array.from(primitive.getAttribute('POSITION')!.getArray()!),
      triVerts: Uint32Array.from(primitive.getIndices()!.getArray()!),
    });
    other.merge();
    expect(computeMoments(listPlacedParts(document))!.volume / new wasm.Manifold(other).volume()).toBeCloseTo(1, 4);
  }
});
