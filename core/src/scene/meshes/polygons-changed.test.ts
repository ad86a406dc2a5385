import type { Document, Primitive } from '@gltf-transform/core';
import { createBoxDocument } from '../../testing/documents';
import { getPolygonData, HaveldPolygons } from '../document/polygon-data';
import { appendPolygons } from './append-polygons';
import { createScalars } from './create-scalars';
import { listIndices } from './list-indices';
import { turnPolygons } from './turn-polygons';

/** A quad and a triangle that share two corners, with all a vertex can have, a blend shape and a crease. */
function createFlap(): { document: Document; primitive: Primitive } {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1]);
  const buffer = document.getRoot().listBuffers()[0];
  const accessor = (type: 'VEC2' | 'VEC3' | 'VEC4', values: number[]) =>
    document.createAccessor().setType(type).setArray(Float32Array.from(values)).setBuffer(buffer);
  const up = [0, 0, 1, 0, 0, 1, 0, 0, 1, 0, 0, 1, 0, 0, 1];
  const data = document
    .createExtension(HaveldPolygons)
    .createPolygonData()
    .setSizes(createScalars(document, Uint16Array.of(4, 3)))
    .setSmoothing(createScalars(document, Uint32Array.of(1, 2)))
    .setCreases(createScalars(document, Uint32Array.of(1, 2)), createScalars(document, Float32Array.of(0.7)));
  const primitive = document
    .createPrimitive()
    .setAttribute('POSITION', accessor('VEC3', [0, 0, 0, 1, 0, 0, 1, 1, 0, 0, 1, 0, 2, 0.5, 0]))
    .setAttribute('NORMAL', accessor('VEC3', up))
    .setAttribute('TANGENT', accessor('VEC4', [1, 0, 0, 1, 1, 0, 0, 1, 1, 0, 0, 1, 1, 0, 0, 1, 1, 0, 0, 1]))
    .setAttribute('TEXCOORD_0', accessor('VEC2', [0, 0, 1, 0, 1, 1, 0, 1, 2, 0.5]))
    .setIndices(createScalars(document, Uint16Array.of(0, 1, 2, 0, 2, 3, 1, 4, 2)))
    .addTarget(document.createPrimitiveTarget('lifted').setAttribute('NORMAL', accessor('VEC3', up)))
    .setExtension('HAVELD_polygons', data);
  return { document, primitive };
}

const elementsOf = (primitive: Primitive, semantic: string): number[][] => {
  const accessor = primitive.getAttribute(semantic)!;
  return Array.from({ length: accessor.getCount() }, (_, v) => accessor.getElement<number[]>(v, []));
};

describe('a polygon turned round', () => {
  test('its corners run the other way, its normals look the other way, its neighbour keeps what it had', () => {
    const { document, primitive } = createFlap();
    turnPolygons(document, primitive, Uint8Array.of(0, 1));
    const indices = listIndices(primitive);
    const [positions, normals] = [elementsOf(primitive, 'POSITION'), elementsOf(primitive, 'NORMAL')];
    expect([...indices.slice(6)].map((v) => positions[v])).toEqual([
      [1, 0, 0],
      [1, 1, 0],
      [2, 0.5, 0],
    ]);
    expect([...indices.slice(6)].map((v) => normals[v][2])).toEqual([-1, -1, -1]);
    expect([...indices.slice(0, 6)].map((v) => normals[v][2])).toEqual([1, 1, 1, 1, 1, 1]);
    // two corners became two vertices each; layouts went with them
    expect(positions).toHaveLength(7);
    expect([...indices.slice(6)].map((v) => elementsOf(primitive, 'TEXCOORD_0')[v])).toEqual([
      [1, 0],
      [1, 1],
      [2, 0.5],
    ]);
  });

  test('the third axis of its tangents stays: it says which way a map runs', () => {
    const { document, primitive } = createFlap();
    turnPolygons(document, primitive, Uint8Array.of(0, 1));
    const tangents = elementsOf(primitive, 'TANGENT');
    const indices = listIndices(primitive);
    expect([...indices.slice(6)].map((v) => tangents[v])).toEqual([
      [1, 0, 0, -1],
      [1, 0, 0, -1],
      [1, 0, 0, -1],
    ]);
    expect(tangents[indices[0]]).toEqual([1, 0, 0, 1]);
  });

  test('blend shapes follow, a crease stays with its edge, what is shared with others is as it was', () => {
    const { document, primitive } = createFlap();
    const other = primitive.clone();
    const [before] = elementsOf(other, 'NORMAL');
    turnPolygons(document, primitive, Uint8Array.of(1, 1));
    expect(primitive.listTargets()[0].getAttribute('NORMAL')!.getElement<number[]>(0, [])[2]).toBe(-1);
    expect(other.listTargets()[0].getAttribute('NORMAL')!.getElement<number[]>(0, [])[2]).toBe(1);
    expect(elementsOf(other, 'NORMAL')[0]).toEqual(before);
    const data = getPolygonData(primitive)!;
    const ends = [...data.getCreaseEdges()!.getArray()!].map((v) => elementsOf(primitive, 'POSITION')[v]);
    expect(ends).toEqual([
      [1, 0, 0],
      [1, 1, 0],
    ]);
    expect([...data.getSizes()!.getArray()!]).toEqual([4, 3]);
  });

  test('turned twice it is as it was', () => {
    const { document, primitive } = createFlap();
    const untouched = createFlap().primitive;
    turnPolygons(document, primitive, Uint8Array.of(1, 0));
    turnPolygons(document, primitive, Uint8Array.of(1, 0));
    const describe = (one: Primitive): unknown =>
      [...listIndices(one)].map((v) =>
        ['POSITION', 'NORMAL', 'TANGENT', 'TEXCOORD_0'].map((name) => elementsOf(one, name)[v]),
      );
    expect(describe(primitive)).toEqual(describe(untouched));
  });
});

describe('a polygon added', () => {
  const pentagon = {
    places: Float64Array.from([0, 0, 0, 0, 1, 0, 0, 1, 2, 0, 0.5, 3, 0, 0, 2]),
    sources: [0, 3, 3, 0, 0],
    normal: [-1, 0, 0] as [number, number, number],
  };

  test('it has vertices of its own, at its places, that look its way, with the layout of those it comes from', () => {
    const { document, primitive } = createFlap();
    appendPolygons(document, primitive, [pentagon]);
    const indices = listIndices(primitive);
    expect(indices).toHaveLength(9 + 9);
    const own = new Set(indices.slice(9));
    expect([...own].sort((a, b) => a - b)).toEqual([5, 6, 7, 8, 9]);
    expect(elementsOf(primitive, 'POSITION').slice(5)).toEqual([
      [0, 0, 0],
      [0, 1, 0],
      [0, 1, 2],
      [0, 0.5, 3],
      [0, 0, 2],
    ]);
    expect(elementsOf(primitive, 'NORMAL')[6]).toEqual([-1, 0, 0]);
    expect(elementsOf(primitive, 'TEXCOORD_0').slice(5)).toEqual([
      [0, 0],
      [0, 1],
      [0, 1],
      [0, 0],
      [0, 0],
    ]);
  });

  test('it is kept as one polygon that shades with nobody; those before stay', () => {
    const { document, primitive } = createFlap();
    appendPolygons(document, primitive, [pentagon]);
    const data = getPolygonData(primitive)!;
    expect([...data.getSizes()!.getArray()!]).toEqual([4, 3, 5]);
    expect([...data.getSmoothing()!.getArray()!]).toEqual([1, 2, 0]);
    expect(data.getCreaseWeights()!.getCount()).toBe(1);
  });

  test('among triangles alone a triangle needs no word, and a larger one has them all counted', () => {
    const plain = () => {
      const { document, primitive } = createFlap();
      return { document, primitive: primitive.setExtension('HAVELD_polygons', null) };
    };
    const triangle = { places: pentagon.places.slice(0, 9), sources: [0, 3, 3], normal: pentagon.normal };
    const one = plain();
    appendPolygons(one.document, one.primitive, [triangle]);
    expect(getPolygonData(one.primitive)).toBeNull();
    const two = plain();
    appendPolygons(two.document, two.primitive, [triangle, pentagon]);
    expect([...getPolygonData(two.primitive)!.getSizes()!.getArray()!]).toEqual([3, 3, 3, 3, 5]);
  });
});
