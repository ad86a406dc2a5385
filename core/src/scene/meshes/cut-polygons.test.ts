import type { Document, Primitive } from '@gltf-transform/core';
import { getPolygonData } from '../document/polygon-data';
import { readFiles } from '../../testing/read-files';
import { createMeshDocument, createSphereDocument } from '../../testing/documents';
import { listMeshInstances } from '../traverse';
import { cutPolygons, type Plane } from './cut-polygons';
import { listIndices } from './list-indices';

const primitiveOf = (document: Document): Primitive => listMeshInstances(document)[0].mesh.listPrimitives()[0];

/** Area, and the volume a closed surface would enclose, of the polygons of one side. */
function measure(primitive: Primitive, sides: Uint8Array | null, side = 0): { area: number; volume: number } {
  const p = primitive.getAttribute('POSITION')!;
  const indices = listIndices(primitive);
  const sizes = getPolygonData(primitive)?.getSizes()?.getArray();
  let [area, volume, t] = [0, 0, 0];
  const count = sizes?.length ?? indices.length / 3;
  for (let k = 0; k < count; k++)
    for (let left = (sizes?.[k] ?? 3) - 2; left > 0; left--, t++) {
      if (sides && sides[k] !== side) continue;
      const [a, b, c] = [0, 1, 2].map((n) => p.getElement<number[]>(indices[t * 3 + n], []));
      const [u, v] = [b, c].map((q) => q.map((x, axis) => x - a[axis]));
      const cross = [u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]];
      area += Math.hypot(...cross) / 2;
      volume += (a[0] * cross[0] + a[1] * cross[1] + a[2] * cross[2]) / 6;
    }
  return { area, volume };
}

test('a ball cut at a height gives the zones of the handbook: 2 π r h, and not a triangle of it is lost', () => {
  for (const height of [0, 0.3, -0.55]) {
    const document = createSphereDocument(1, 64);
    const primitive = primitiveOf(document);
    const whole = measure(primitive, null);
    const sides = cutPolygons(document, primitive, [0, 1, 0, height]);
    const [behind, before] = [0, 1].map((side) => measure(primitive, sides, side));
    // faces of 64 rings are chords of it: within a thousandth
    expect(before.area).toBeCloseTo(2 * Math.PI * (1 - height), 1);
    expect(before.area + behind.area).toBeCloseTo(whole.area, 6);
    expect(before.volume + behind.volume).toBeCloseTo(whole.volume, 6);
    const p = primitive.getAttribute('POSITION')!;
    const sizes = getPolygonData(primitive)?.getSizes()?.getArray();
    const indices = listIndices(primitive);
    let [t, wrong] = [0, 0];
    sides.forEach((side, k) => {
      for (let c = t * 3; c < (t + (sizes?.[k] ?? 3) - 2) * 3; c++) {
        const y = p.getElement<number[]>(indices[c], [])[1];
        if ((y - height) * (side === 1 ? 1 : -1) < -1e-6) wrong++;
      }
      t += (sizes?.[k] ?? 3) - 2;
    });
    expect(wrong).toBe(0);
  }
});

test('a quad becomes two quads that share the vertices of the cut, with all they hold mixed', async () => {
  const { document } = await readFiles({
    'p.obj': `v 0 0 0\nv 4 0 0\nv 4 2 0\nv 0 2 0\nvt 0 0\nvt 1 0\nvt 1 1\nvt 0 1\ns 3\nf 1/1 2/2 3/3 4/4\n`,
  });
  const primitive = primitiveOf(document);
  const sides = cutPolygons(document, primitive, [1, 0, 0, 1]);
  expect([...sides].sort()).toEqual([0, 1]);
  const data = getPolygonData(primitive)!;
  expect([...data.getSizes()!.getArray()!]).toEqual([4, 4]);
  expect([...data.getSmoothing()!.getArray()!]).toEqual([3, 3].map(() => data.getSmoothing()!.getScalar(0)));
  const position = primitive.getAttribute('POSITION')!;
  expect(position.getCount()).toBe(6);
  const uv = primitive.getAttribute('TEXCOORD_0')!;
  for (const v of [4, 5]) {
    const [x, y] = position.getElement<number[]>(v, []);
    expect(x).toBeCloseTo(1, 6);
    // glTF counts v from the top
    const [u, w] = uv.getElement<number[]>(v, []);
    expect(u).toBeCloseTo(0.25, 6);
    expect(w).toBeCloseTo(1 - y / 2, 6);
  }
});

test('a polygon that the plane goes through more than twice falls into more pieces, none lost', async () => {
  // a U: cut across its legs
  const { document } = await readFiles({
    'u.obj': `v 0 0 0\nv 3 0 0\nv 3 3 0\nv 2 3 0\nv 2 1 0\nv 1 1 0\nv 1 3 0\nv 0 3 0\nf 1 2 3 4 5 6 7 8\n`,
  });
  const primitive = primitiveOf(document);
  const sides = cutPolygons(document, primitive, [0, 1, 0, 2]);
  expect(measure(primitive, sides, 1).area).toBeCloseTo(2, 6);
  expect(measure(primitive, sides, 0).area).toBeCloseTo(5, 6);
});

test.each<[string, Plane, number[]]>([
  ['beside it', [1, 0, 0, 9], [0, 0]],
  ['on the other side', [1, 0, 0, -9], [1, 1]],
  ['along an edge', [1, 0, 0, 0], [1, 1]],
  ['in it', [0, 0, 1, 0], [0, 0]],
])('a plane that lies %s cuts nothing', (_, plane, wanted) => {
  const document = createMeshDocument([0, 0, 0, 1, 0, 0, 1, 1, 0, 0, 1, 0], [0, 1, 2, 0, 2, 3]);
  const primitive = primitiveOf(document);
  const before = primitive.getIndices();
  expect([...cutPolygons(document, primitive, plane)]).toEqual(wanted);
  expect(primitive.getIndices()).toBe(before);
});

test('a corner on the plane is a corner of both pieces, and no vertex more', () => {
  const document = createMeshDocument([0, 0, 0, 2, 0, 0, 1, 1, 0], [0, 1, 2]);
  const primitive = primitiveOf(document);
  const sides = cutPolygons(document, primitive, [1, 0, 0, 1]);
  expect([...sides].sort()).toEqual([0, 1]);
  expect(primitive.getAttribute('POSITION')!.getCount()).toBe(4);
  expect(getPolygonData(primitive)).toBeNull();
});
