import { Document, type Primitive } from '@gltf-transform/core';
import fc from 'fast-check';
import type { CornerLayer, PolygonMesh } from '../../geometry/polygon-mesh';
import { HaveldPolygons, type PolygonData } from '../document/polygon-data';
import { PrimitiveBuilder } from './build-primitive';

const mesh = (positions: number[], polygons: number[][], more: Partial<PolygonMesh> = {}): PolygonMesh => ({
  positions: Float64Array.from(positions),
  corners: Int32Array.from(polygons.flat()),
  sizes: Int32Array.from(polygons, (polygon) => polygon.length),
  normals: null,
  uvs: [],
  colours: [],
  smoothing: { by: 'angle', degrees: 180 },
  ...more,
});
/** Two squares side by side over the edge 1–2. */
const SQUARES = [0, 0, 0, 1, 0, 0, 1, 1, 0, 0, 1, 0, 2, 0, 0, 2, 1, 0];
const QUADS = [
  [0, 1, 2, 3],
  [1, 4, 5, 2],
];
const build = (given: PolygonMesh, polygons?: number[]) => new PrimitiveBuilder(new Document(), given).build(polygons);
const array = (primitive: Primitive, name: string): number[] => [...primitive.getAttribute(name)!.getArray()!];
const indices = (primitive: Primitive): number[] => [...primitive.getIndices()!.getArray()!];
const polygonsOf = (primitive: Primitive): PolygonData | null =>
  primitive.getExtension<PolygonData>(HaveldPolygons.EXTENSION_NAME);
const layer = (width: number, values: number[], index: number[] | null = null): CornerLayer => ({
  width,
  values: Float64Array.from(values),
  index: index && Int32Array.from(index),
});

test('corners that agree in everything are one vertex, and polygons become triangles in their order', () => {
  const { primitive, sources } = build(mesh(SQUARES, QUADS));
  expect([...sources]).toEqual([0, 1, 2, 3, 4, 5]);
  expect(indices(primitive)).toHaveLength(4 * 3);
  expect([...polygonsOf(primitive)!.getSizes()!.getArray()!]).toEqual([4, 4]);
});

test('a seam in the layout parts the vertices along it, and only those', () => {
  const seam = layer(2, [0, 0, 1, 0, 1, 1, 0, 1, 0.5, 0, 0.5, 1], [0, 1, 2, 3, 0, 1, 2, 3]);
  const { sources } = build(mesh(SQUARES, QUADS, { uvs: [seam] }));
  // the two points of the shared edge stand twice
  expect([...sources].sort()).toEqual([0, 1, 1, 2, 2, 3, 4, 5]);
});

test('elements of a layer that have the same numbers are the same, whatever their place in the file', () => {
  const twice = layer(2, [0, 0, 1, 1, 0, 0, 1, 1, 0, 0, 1, 1, 0, 0, 1, 1]);
  const { sources } = build(
    mesh(
      SQUARES,
      [
        [0, 1, 2, 3],
        [2, 1, 4, 5],
      ],
      { uvs: [twice] },
    ),
  );
  expect(sources.length).toBeLessThan(8);
});

test('polygons of one material are taken alone, with vertices of their own', () => {
  const { primitive, sources, cornersOfVertices } = build(mesh(SQUARES, QUADS), [1]);
  expect([...sources]).toEqual([1, 4, 5, 2]);
  expect([...cornersOfVertices]).toEqual([4, 5, 6, 7]);
  expect(indices(primitive)).toHaveLength(6);
});

test('UV sets are numbered without a gap; one nobody uses at the end is left out (glTF 2.0, 3.7.2.1)', () => {
  const none = layer(2, [9, 9], new Array<number>(8).fill(-1));
  const used = layer(2, [0.5, 0.5], new Array<number>(8).fill(0));
  const between = build(mesh(SQUARES, QUADS, { uvs: [none, used] })).primitive;
  expect(between.listSemantics().filter((name) => name.startsWith('TEXCOORD'))).toEqual(['TEXCOORD_0', 'TEXCOORD_1']);
  const last = build(mesh(SQUARES, QUADS, { uvs: [used, none] })).primitive;
  expect(last.listSemantics().filter((name) => name.startsWith('TEXCOORD'))).toEqual(['TEXCOORD_0']);
});

test('the first colour layer that is used is glTF’s, the others are kept beside it', () => {
  const colour = (value: number) => layer(4, [value, 0, 0, 1], new Array<number>(8).fill(0));
  const { primitive } = build(mesh(SQUARES, QUADS, { colours: [colour(0.25), colour(0.75)] }));
  expect(array(primitive, 'COLOR_0')[0]).toBeCloseTo(0.25);
  expect(array(primitive, '_COLOR_1')[0]).toBeCloseTo(0.75);
});

test('a number of a layer that is none becomes 0, so that the file stays valid', () => {
  const odd = layer(2, [NaN, Infinity], new Array<number>(8).fill(0));
  expect(array(build(mesh(SQUARES, QUADS, { uvs: [odd] })).primitive, 'TEXCOORD_0').every((v) => v === 0)).toBe(true);
});

test('a normal without length takes that of its triangles, and up where they have no area', () => {
  const zero = layer(3, [0, 0, 0], new Array<number>(8).fill(0));
  expect(array(build(mesh(SQUARES, QUADS, { normals: zero })).primitive, 'NORMAL').slice(0, 3)).toEqual([0, 0, 1]);
  const line = mesh([0, 0, 0, 1, 0, 0, 2, 0, 0], [[0, 1, 2]], { normals: layer(3, [0, 0, 0], [0, 0, 0]) });
  expect(array(build(line).primitive, 'NORMAL').slice(0, 3)).toEqual([0, 1, 0]);
});

test('creases lie on the edges of the primitive, each once with its weight', () => {
  const creases = new Float32Array(8);
  // the shared edge: the second corner of the first quad, the fourth of the second
  creases[1] = 0.5;
  creases[7] = 0.5;
  const { primitive, sources } = build(mesh(SQUARES, QUADS, { creases }));
  const data = polygonsOf(primitive)!;
  expect([...data.getCreaseWeights()!.getArray()!]).toEqual([0.5]);
  expect([...data.getCreaseEdges()!.getArray()!].map((vertex) => sources[vertex]).sort()).toEqual([1, 2]);
});

test('many vertices need wide indices, few do not', () => {
  expect(build(mesh(SQUARES, QUADS)).primitive.getIndices()!.getArray()).toBeInstanceOf(Uint16Array);
  const count = 22_000;
  const positions = Array.from({ length: count * 9 }, (_, i) => (i * 7919) % 1000);
  const triangles = Array.from({ length: count }, (_, i) => [i * 3, i * 3 + 1, i * 3 + 2]);
  expect(build(mesh(positions, triangles)).primitive.getIndices()!.getArray()).toBeInstanceOf(Uint32Array);
});

/** Twice the area of triangles in the plane, signed. */
function area(primitive: Primitive): number {
  const points = array(primitive, 'POSITION');
  const corners = indices(primitive);
  let sum = 0;
  for (let i = 0; i < corners.length; i += 3) {
    const [a, b, c] = [corners[i] * 3, corners[i + 1] * 3, corners[i + 2] * 3];
    sum +=
      (points[b] - points[a]) * (points[c + 1] - points[a + 1]) -
      (points[c] - points[a]) * (points[b + 1] - points[a + 1]);
  }
  return sum;
}

test('any star-shaped polygon is cut into two triangles fewer than it has corners, which cover it once', () => {
  const radii = fc.array(fc.double({ min: 0.2, max: 3, noNaN: true }), { minLength: 3, maxLength: 12 });
  fc.assert(
    fc.property(radii, (lengths) => {
      const n = lengths.length;
      const positions = lengths.flatMap((r, i) => [
        r * Math.cos((i / n) * 2 * Math.PI),
        r * Math.sin((i / n) * 2 * Math.PI),
        0,
      ]);
      const { primitive } = build(mesh(positions, [lengths.map((_, i) => i)]));
      expect(indices(primitive)).toHaveLength((n - 2) * 3);
      let expected = 0;
      for (let i = 0; i < n; i++) {
        const j = (i + 1) % n;
        expected += positions[i * 3] * positions[j * 3 + 1] - positions[j * 3] * positions[i * 3 + 1];
      }
      expect(area(primitive)).toBeCloseTo(expected, 3);
    }),
  );
});
