import type { Document, Primitive } from '@gltf-transform/core';
import fc from 'fast-check';
import { getPolygonData, HaveldPolygons } from '../../scene/document/polygon-data';
import { createScalars } from '../../scene/meshes/create-scalars';
import { listIndices } from '../../scene/meshes/list-indices';
import { addBox, createBoxDocument, createMeshDocument, createSphereDocument } from '../../testing/documents';
import { closeHoles, listClosable } from './close-holes';
import { findHoles } from './find-holes';
import { findShells } from './find-shells';
import { gatherSurface } from './gather-surface';
import { judgeSurface, listTroubledEdges } from './judge-surface';
import { listTurnedFaces } from './list-turned-faces';
import { mergeVertices, planMerge } from './merge-vertices';
import { turnFacesOf } from './turn-faces-of';

const primitivesOf = (document: Document): Primitive[] =>
  document
    .getRoot()
    .listMeshes()
    .flatMap((mesh) => mesh.listPrimitives());
const surfaceOf = (document: Document) => gatherSurface(primitivesOf(document))!;
const stateOf = (document: Document) => judgeSurface(surfaceOf(document));

/** Takes triangles out, or turns them round. */
function change(document: Document, how: (triangle: number, corners: number[]) => number[]): Document {
  for (const primitive of primitivesOf(document)) {
    const indices = listIndices(primitive);
    const changed: number[] = [];
    for (let t = 0; t * 3 < indices.length; t++) changed.push(...how(t, [...indices.slice(t * 3, t * 3 + 3)]));
    primitive.setIndices(createScalars(document, Uint32Array.from(changed)));
  }
  return document;
}
/** Without those at the poles of a ball that have no extent. */
const countFaces = ({ table }: ReturnType<typeof surfaceOf>): number =>
  table.edgeOf.filter((edge) => edge >= 0).length / 3;
const turn = ([a, b, c]: number[]): number[] => [a, c, b];

/** A band of quads around the Y axis, from one ring to the next, open at both ends. */
function createBand(radii: readonly number[], heights: readonly number[], sides = 12): Document {
  const positions = radii.flatMap((radius, ring) =>
    Array.from({ length: sides }, (_, i) => {
      const angle = (i / sides) * Math.PI * 2;
      return [radius * Math.sin(angle), heights[ring], radius * Math.cos(angle)];
    }).flat(),
  );
  const indices = radii.slice(1).flatMap((_, ring) =>
    Array.from({ length: sides }, (__, i) => {
      const [a, b] = [ring * sides + i, ring * sides + ((i + 1) % sides)];
      return [a, b, b + sides, a, b + sides, a + sides];
    }).flat(),
  );
  return createMeshDocument(positions, indices);
}

describe('how faces meet', () => {
  test.each([
    ['a box', () => createBoxDocument([0, 0, 0], [1, 2, 3])],
    ['a ball', () => createSphereDocument(1, 16)],
  ])('%s is closed, and has two more corners and faces than edges (Euler)', (_, make) => {
    const surface = surfaceOf(make());
    expect(judgeSurface(surface)).toMatchObject({ isClosed: true, open: 0, crowded: 0, against: 0, holes: [] });
    expect(surface.positions.length / 3 - surface.table.edges + countFaces(surface)).toBe(2);
  });

  test('a ring is as many as it has edges: V - E + F = 0 (Euler)', () => {
    const ring = createBand([1, 2, 2, 1, 1], [0, 0, 1, 1, 0]);
    const surface = surfaceOf(ring);
    expect(judgeSurface(surface).isClosed).toBe(true);
    expect(surface.positions.length / 3 - surface.table.edges + countFaces(surface)).toBe(0);
  });

  test('edges are told by what is wrong with them, and where they are', () => {
    const box = createBoxDocument([0, 0, 0], [1, 1, 1]);
    expect(stateOf(change(box, (t, ring) => (t === 0 ? [] : ring)))).toMatchObject({ open: 3, isClosed: false });
    const turned = createBoxDocument([0, 0, 0], [1, 1, 1]);
    expect(stateOf(change(turned, (t, ring) => (t === 0 ? turn(ring) : ring)))).toMatchObject({ against: 3, open: 0 });
    // a third wing on an edge, as a flag on its pole
    const wings = createMeshDocument([0, 0, 0, 0, 1, 0, 1, 0, 0, -1, 0, 1, -1, 0, -1], [0, 1, 2, 0, 1, 3, 0, 1, 4]);
    expect(stateOf(wings)).toMatchObject({ crowded: 1, open: 6 });
    expect([...listTroubledEdges(surfaceOf(wings), 'crowded')]).toEqual([0, 0, 0, 0, 1, 0]);
  });

  test('nothing has no surface', () => {
    expect(gatherSurface([])).toBeNull();
    expect(gatherSurface(primitivesOf(createMeshDocument([0, 0, 0], [])))).toBeNull();
  });
});

describe('faces that look the wrong way', () => {
  test('whichever faces of a closed solid were turned, they are found, and no other', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.nat(11), { maxLength: 12 }), (chosen) => {
        const document = createBoxDocument([5, 5, 5], [6, 7, 9]);
        change(document, (t, ring) => (chosen.includes(t) ? turn(ring) : ring));
        const surface = surfaceOf(document);
        const { turned, against, inwards } = listTurnedFaces(surface, findShells(surface));
        expect([...turned].flatMap((flag, t) => (flag ? [t] : []))).toEqual([...chosen].sort((a, b) => a - b));
        expect([against, inwards]).toEqual(chosen.length === 12 ? [0, 12] : [chosen.length, 0]);
        const [primitive] = primitivesOf(document);
        const normals = [...primitive.getAttribute('NORMAL')!.getArray()!];
        turnFacesOf(document, [primitive]);
        expect(stateOf(document)).toMatchObject({ against: 0, isClosed: true });
        const after = surfaceOf(document);
        expect(listTurnedFaces(after, findShells(after)).against).toBe(0);
        // the file's normals looked outwards before: they still do
        expect(normals).toHaveLength(72);
        checkNormals(primitive);
      }),
      { seed: 19, numRuns: 60 },
    );
  });

  /** Each face and its normals look away from the middle of the box. */
  function checkNormals(primitive: Primitive): void {
    const [position, normal] = [primitive.getAttribute('POSITION')!, primitive.getAttribute('NORMAL')!];
    for (const vertex of listIndices(primitive)) {
      const out = position.getElement<number[]>(vertex, []).map((v, i) => v - [5.5, 6, 7][i]);
      const dot = normal.getElement<number[]>(vertex, []).reduce((sum, v, i) => sum + v * out[i], 0);
      expect(dot).toBeGreaterThan(0);
    }
  }

  test('normals that looked with a wrong face turn with it; a vertex of a right one beside it stays', () => {
    const document = createSphereDocument(1, 12);
    change(document, (t, ring) => (t >= 48 && t < 88 ? turn(ring) : ring));
    const [primitive] = primitivesOf(document);
    // as a program writes them: the mean of the faces around, so those of turned faces look inwards
    const normal = primitive.getAttribute('POSITION')!.clone();
    primitive.setAttribute('NORMAL', normal);
    const indices = listIndices(primitive);
    const [from, to] = [48 * 3, 88 * 3];
    const others = new Set([...indices.slice(0, from), ...indices.slice(to)]);
    const inner = new Set(indices.slice(from, to).filter((v) => !others.has(v)));
    for (const vertex of inner)
      normal.setElement(
        vertex,
        normal.getElement<number[]>(vertex, []).map((v) => -v),
      );
    expect(turnFacesOf(document, [primitive])).toBe(40);
    const [position, turned] = [primitive.getAttribute('POSITION')!, primitive.getAttribute('NORMAL')!];
    for (const vertex of listIndices(primitive)) {
      const place = position.getElement<number[]>(vertex, []);
      expect(turned.getElement<number[]>(vertex, []).reduce((sum, v, i) => sum + v * place[i], 0)).toBeGreaterThan(0.9);
    }
  });

  test('a hollow inside a solid looks inwards on purpose; beside it, it is wrong', () => {
    const nested = (min: number): Document => {
      const document = createBoxDocument([0, 0, 0], [3, 3, 3]);
      addBox(document, [min, 1, 1], [min + 1, 2, 2], 'inner');
      const [, inner] = primitivesOf(document);
      const indices = listIndices(inner);
      for (let c = 0; c < indices.length; c += 3) [indices[c + 1], indices[c + 2]] = [indices[c + 2], indices[c + 1]];
      inner.setIndices(createScalars(document, indices));
      return document;
    };
    const inwardsOf = (document: Document): number => {
      const surface = surfaceOf(document);
      return listTurnedFaces(surface, findShells(surface)).inwards;
    };
    expect(inwardsOf(nested(1))).toBe(0);
    expect(inwardsOf(nested(5))).toBe(12);
  });

  test('an open shell that agrees stays, a room seen from within among them; one that disagrees goes the way it would look outwards', () => {
    const lidless = (how: (t: number) => boolean): Document =>
      change(createBoxDocument([0, 0, 0], [1, 1, 1]), (t, ring) => (t < 2 ? [] : how(t) ? turn(ring) : ring));
    const turnedOf = (document: Document): number[] => {
      const surface = surfaceOf(document);
      return [...listTurnedFaces(surface, findShells(surface)).turned].flatMap((flag, t) => (flag ? [t] : []));
    };
    expect(turnedOf(lidless(() => true))).toEqual([]);
    // ten faces are left; seven of them look inwards, and yet it is those that are wrong
    expect(turnedOf(lidless((t) => t > 4))).toEqual([3, 4, 5, 6, 7, 8, 9]);
  });

  test('a face that is there twice does not turn one of the two', () => {
    const doubled = surfaceOf(createMeshDocument([0, 0, 0, 1, 0, 0, 0, 1, 0], [0, 1, 2, 0, 1, 2]));
    expect(listTurnedFaces(doubled, findShells(doubled))).toMatchObject({ against: 0, inwards: 0 });
  });

  test('a strip with one side has no right way, and is left alone', () => {
    const strip: number[] = [];
    for (let i = 0; i < 12; i++) {
      const angle = (i / 12) * Math.PI * 2;
      for (const side of [-0.3, 0.3]) {
        const r = 1 + side * Math.cos(angle / 2);
        strip.push(r * Math.cos(angle), side * Math.sin(angle / 2), r * Math.sin(angle));
      }
    }
    const indices = Array.from({ length: 12 }, (_, i) => {
      const [a, b] = [i * 2, i * 2 + 1];
      const [c, d] = i === 11 ? [1, 0] : [a + 2, b + 2];
      return [a, b, d, a, d, c];
    }).flat();
    const surface = surfaceOf(createMeshDocument(strip, indices));
    const shells = findShells(surface);
    expect([...shells.oneSided]).toEqual([1]);
    expect(listTurnedFaces(surface, shells)).toMatchObject({ against: 0, inwards: 0 });
  });
});

describe('holes', () => {
  test('a band has two, and closed it is a solid of the volume the handbook gives', () => {
    const document = createBand([1, 1], [0, 2], 96);
    expect(findHoles(surfaceOf(document)).map(({ ring, size }) => [ring.length, size])).toEqual([
      [96, 2],
      [96, 2],
    ]);
    const [primitive] = primitivesOf(document);
    expect(closeHoles(document, [primitive], 1)).toBe(2);
    expect(stateOf(document)).toMatchObject({ isClosed: true, against: 0 });
    const surface = surfaceOf(document);
    expect(listTurnedFaces(surface, findShells(surface))).toMatchObject({ against: 0, inwards: 0 });
    const sizes = getPolygonData(primitive)!.getSizes()!.getArray()!;
    expect([...sizes.slice(-2)]).toEqual([96, 96]);
    expect(sizes).toHaveLength(96 * 2 + 2);
  });

  test('larger ones than asked stay', () => {
    const document = createBand([1, 0.2], [0, 1]);
    const surface = surfaceOf(document);
    expect(listClosable(surface, findHoles(surface), 0.5).map(({ ring }) => ring.length)).toEqual([12]);
    expect(listClosable(surface, findHoles(surface), 1)).toHaveLength(2);
  });

  test('the border of a sheet is none, a hole in a sheet is one, and what is not flat is left', () => {
    const sheet = createMeshDocument([0, 0, 0, 1, 0, 0, 1, 1, 0, 0, 1, 0], [0, 1, 2, 0, 2, 3]);
    expect(listClosable(surfaceOf(sheet), findHoles(surfaceOf(sheet)), 1)).toEqual([]);
    const washer = surfaceOf(createBand([2, 1], [0, 0]));
    expect(listClosable(washer, findHoles(washer), 1).map(({ size }) => size)).toEqual([2]);
    const bent = createBand([1, 1], [0, 2]);
    const position = primitivesOf(bent)[0].getAttribute('POSITION')!;
    position.setElement(0, [0, 0.5, 1]);
    expect(listClosable(surfaceOf(bent), findHoles(surfaceOf(bent)), 1)).toHaveLength(1);
  });

  test('one between two materials goes to the one it has more edges of, with a layout for every corner', () => {
    const document = change(createBoxDocument([0, 0, 0], [1, 1, 1]), (t, ring) => (t < 2 ? [] : ring));
    const [primitive] = primitivesOf(document);
    const other = primitive.clone();
    const indices = listIndices(primitive);
    primitive.setMaterial(document.createMaterial('oak')).setIndices(createScalars(document, indices.slice(0, 6)));
    other.setMaterial(document.createMaterial('brass')).setIndices(createScalars(document, indices.slice(6)));
    document.getRoot().listMeshes()[0].addPrimitive(other);
    expect(closeHoles(document, [primitive, other], 1)).toBe(1);
    expect(stateOf(document)).toMatchObject({ isClosed: true, against: 0 });
    expect(listIndices(other).length).toBe(indices.length);
    expect(other.getAttribute('TEXCOORD_0')!.getCount()).toBe(other.getAttribute('POSITION')!.getCount());
  });

  test('the end of a thick pipe is two rings, and its bore is not filled; a hole elsewhere in it is', () => {
    // walls outside and inside, no rims
    const pipe = createBand([2, 2], [0, 6]);
    const inner = createBand([1, 1], [6, 0]);
    const [outside] = primitivesOf(pipe);
    const surface = gatherSurface([outside, ...primitivesOf(inner)])!;
    expect(findHoles(surface)).toHaveLength(4);
    expect(listClosable(surface, findHoles(surface), 1)).toEqual([]);
    const alone = gatherSurface([outside])!;
    expect(listClosable(alone, findHoles(alone), 1)).toHaveLength(2);
  });

  test('faces that touch in one place have a ring each', () => {
    const two = createMeshDocument([0, 0, 0, 1, 0, 0, 0, 1, 0, -1, 0, 0, 0, -1, 0], [0, 1, 2, 0, 3, 4]);
    expect(findHoles(surfaceOf(two)).map(({ ring }) => ring.length)).toEqual([3, 3]);
  });
});

describe('vertices brought together', () => {
  /** Two halves of a sheet with a crack between them. */
  const cracked = (gap: number): Document =>
    createMeshDocument(
      [0, 0, 0, 1, 0, 0, 1, 1, 0, 0, 1, 0, 1 + gap, 0, 0, 2, 0, 0, 2, 1, 0, 1 + gap, 1, 0],
      [0, 1, 2, 0, 2, 3, 4, 5, 6, 4, 6, 7],
    );

  test('a crack closes, and its two open edges with it', () => {
    const document = cracked(0.0001);
    expect(planMerge(surfaceOf(document), 1e-4, 'borders')).toMatchObject({ moved: 2, closed: 2, collapsed: 0 });
    expect(mergeVertices(document, primitivesOf(document), 1e-4, 'borders')).toBe(2);
    expect(stateOf(document)).toMatchObject({ open: 6 });
    expect(mergeVertices(document, primitivesOf(document), 1e-4, 'borders')).toBe(0);
  });

  test('what is farther apart stays, and so does what is shared with another part', () => {
    const document = cracked(0.01);
    const [primitive] = primitivesOf(document);
    const other = primitive.clone();
    const before = [...other.getAttribute('POSITION')!.getArray()!];
    expect(mergeVertices(document, [primitive], 1e-4, 'all')).toBe(0);
    expect(mergeVertices(document, [primitive], 1e-2, 'all')).toBe(2);
    expect([...other.getAttribute('POSITION')!.getArray()!]).toEqual(before);
  });

  test('within a surface nothing moves where borders alone are meant; a polygon that collapses loses a corner', () => {
    // a quad with two corners close to one another, in a fan that has no border there
    const document = createMeshDocument([0, 0, 0, 1, 0, 0, 1, 0.001, 0, 0, 1, 0], [0, 1, 2, 0, 2, 3]);
    const [primitive] = primitivesOf(document);
    const data = document
      .createExtension(HaveldPolygons)
      .createPolygonData()
      .setSizes(createScalars(document, Uint16Array.of(4)))
      .setSmoothing(createScalars(document, Uint32Array.of(7)));
    primitive.setExtension('HAVELD_polygons', data);
    expect(planMerge(surfaceOf(document), 0.01, 'all')).toMatchObject({ moved: 1, collapsed: 1 });
    mergeVertices(document, [primitive], 0.01, 'all');
    expect(listIndices(primitive)).toHaveLength(3);
    expect([...getPolygonData(primitive)!.getSizes()!.getArray()!]).toEqual([3]);
    expect([...getPolygonData(primitive)!.getSmoothing()!.getArray()!]).toEqual([7]);
    const ball = surfaceOf(createSphereDocument(1, 16));
    expect(planMerge(ball, 0.1, 'borders')).toMatchObject({ moved: 0 });
  });
});
