import type { Document, Primitive } from '@gltf-transform/core';
import { createScalars } from '@haveld/core/scene/meshes/create-scalars';
import { listIndices } from '@haveld/core/scene/meshes/list-indices';
import { closeHoles } from '@haveld/core/structure/surfaces/close-holes';
import { gatherSurface } from '@haveld/core/structure/surfaces/gather-surface';
import { judgeSurface } from '@haveld/core/structure/surfaces/judge-surface';
import { mergeVertices } from '@haveld/core/structure/surfaces/merge-vertices';
import { turnFacesOf } from '@haveld/core/structure/surfaces/turn-faces-of';
import { createMeshDocument } from '@haveld/core/testing/documents';
import { createRandom } from '@haveld/core/testing/random';
import Module from 'manifold-3d';
import type { Manifold, Mesh } from 'manifold-3d';

// Repairs against manifold-3d (Apache-2.0): it makes solids of known genus and volume, we spoil and mend them, and it takes nothing that is
// not closed and of one mind.
let wasm: Awaited<ReturnType<typeof Module>>;
beforeAll(async () => {
  wasm = await Module();
  wasm.setup();
});

const toDocument = ({ vertProperties, triVerts, numProp }: Mesh): Document =>
  createMeshDocument(
    Array.from({ length: vertProperties.length / numProp }, (_, i) => [
      ...vertProperties.subarray(i * numProp, i * numProp + 3),
    ]).flat(),
    [...triVerts],
  );
const primitiveOf = (document: Document): Primitive => document.getRoot().listMeshes()[0].listPrimitives()[0];

/** What the other makes of a mended mesh; it throws for one that is not manifold. */
function readByOther(document: Document): Manifold {
  const primitive = primitiveOf(document);
  const mesh = new wasm.Mesh({
    numProp: 3,
    vertProperties: Float32Array.from(primitive.getAttribute('POSITION')!.getArray()!),
    triVerts: listIndices(primitive),
  });
  mesh.merge();
  return new wasm.Manifold(mesh);
}

const SOLIDS: [string, () => Manifold][] = [
  ['a ball', () => wasm.Manifold.sphere(1.3, 48)],
  ['a box with two holes through it', () => drill(drill(wasm.Manifold.cube([3, 1, 2], true), -0.8), 0.8)],
  ['a hollow ball', () => wasm.Manifold.sphere(1, 32).subtract(wasm.Manifold.sphere(0.6, 32))],
  ['two balls apart', () => wasm.Manifold.sphere(1, 32).add(wasm.Manifold.sphere(0.5, 32).translate(3, 0, 0))],
];
const drill = (solid: Manifold, x: number): Manifold =>
  solid.subtract(wasm.Manifold.cylinder(4, 0.3, 0.3, 24, true).translate(x, 0, 0));

test.each(SOLIDS)(
  '%s has the corners, edges and faces its holes allow: V - E + F = 2 (shells - holes) (Euler, Poincaré)',
  (_, make) => {
    const solid = make();
    const surface = gatherSurface([primitiveOf(toDocument(solid.getMesh()))])!;
    const { isClosed, against, shells } = judgeSurface(surface);
    expect([isClosed, against]).toEqual([true, 0]);
    const holes = solid.decompose().reduce((sum, piece) => sum + piece.genus(), 0);
    const faces = surface.polygonOf.length;
    // the other counts an inner wall with its solid; it is a shell of its own all the same
    expect(surface.positions.length / 3 - surface.table.edges + faces).toBe(2 * (shells.shells - Math.max(0, holes)));
  },
);

test.each(SOLIDS)('%s with a third of its faces turned at random is a solid again, of its own volume', (_, make) => {
  const solid = make();
  const document = toDocument(solid.getMesh());
  const primitive = primitiveOf(document);
  const random = createRandom(19);
  const indices = listIndices(primitive);
  for (let c = 0; c < indices.length; c += 3)
    if (random() < 0.33) [indices[c + 1], indices[c + 2]] = [indices[c + 2], indices[c + 1]];
  primitive.setIndices(createScalars(document, indices));
  expect(() => readByOther(document)).toThrow();
  expect(turnFacesOf(document, [primitive])).toBeGreaterThan(10);
  const mended = readByOther(document);
  // which wall of a hollow is the inner one was lost with the turning: both look outwards then
  const volume = _ === 'a hollow ball' ? (solid.volume() * (1 + 0.6 ** 3)) / (1 - 0.6 ** 3) : solid.volume();
  expect(mended.volume() / volume).toBeCloseTo(1, 2);
});

test.each([3, 4, 7, 24])(
  'a prism of %d sides without its ends is a solid again, of the volume the handbook gives',
  (sides) => {
    const [radius, height] = [0.8, 2.5];
    const upright = wasm.Manifold.cylinder(height, radius, radius, sides);
    const { vertProperties, triVerts } = upright.getMesh();
    // its ends are the faces whose corners are all at one height
    const sidesOnly = [...triVerts].filter((_, c) => {
      const first = c - (c % 3);
      return new Set([0, 1, 2].map((k) => vertProperties[triVerts[first + k] * 3 + 2])).size > 1;
    });
    const { vertProperties: turned } = upright.rotate(20, 30, 40).translate(50, -20, 7).getMesh();
    const document = createMeshDocument([...turned], sidesOnly);
    const primitive = primitiveOf(document);
    expect(closeHoles(document, [primitive], 1)).toBe(2);
    const solid = readByOther(document);
    expect(solid.volume()).toBeCloseTo((sides / 2) * radius ** 2 * Math.sin((2 * Math.PI) / sides) * height, 4);
  },
);

test('a solid whose every face stands alone, a hair from the next, is a solid again', () => {
  const solid = wasm.Manifold.sphere(1, 24);
  const { vertProperties, triVerts } = solid.getMesh();
  const random = createRandom(7);
  const points = [...triVerts].flatMap((vertex) =>
    [0, 1, 2].map((axis) => vertProperties[vertex * 3 + axis] + (random() - 0.5) * 2e-5),
  );
  const document = createMeshDocument(points, [...triVerts.keys()]);
  const primitive = primitiveOf(document);
  expect(judgeSurface(gatherSurface([primitive])!).open).toBe(triVerts.length);
  mergeVertices(document, [primitive], 1e-4, 'borders');
  expect(readByOther(document).volume() / solid.volume()).toBeCloseTo(1, 3);
});
