import type { Document } from '@gltf-transform/core';
import { computePolygonOutline } from '../../geometry/polygon-outline';
import { readFiles } from '../../testing/read-files';
import { createDocument, readGlb, writeGlb } from '../document/document-io';
import { computeFigures } from '../measures/figures';
import { countFacetedEdges } from './faceted-edges';
import { clipSpan, poseAt } from '../pose';
import { shadeMesh } from './shade-mesh';
import { describeSource } from '../document/source-facts';
import { setNodeSource, setPrimitiveSource } from '../document/source-data';
import { getShownScene, listMeshInstances, listShownNodes } from '../traverse';
import { computeWorldPositions } from '../measures/world-positions';

/** A roof of `sides` strips around a quarter circle of radius 1, every triangle with vertices of its own. */
function createRoof(sides: number): Document {
  const document = createDocument();
  const positions: number[] = [];
  for (let i = 0; i < sides; i++) {
    const [a, b] = [i, i + 1].map((k) => (k / sides) * (Math.PI / 2));
    const at = (angle: number, z: number): number[] => [Math.cos(angle), Math.sin(angle), z];
    positions.push(...at(a, 0), ...at(b, 0), ...at(b, 1), ...at(a, 0), ...at(b, 1), ...at(a, 1));
  }
  const position = document
    .createAccessor()
    .setType('VEC3')
    .setArray(new Float32Array(positions))
    .setBuffer(document.createBuffer());
  const primitive = document.createPrimitive().setAttribute('POSITION', position);
  setPrimitiveSource(primitive, { normals: 'none' });
  const node = document.createNode('roof').setMesh(document.createMesh('roof').addPrimitive(primitive));
  getShownScene(document).addChild(node);
  return document;
}
const meshOf = (document: Document) => document.getRoot().listMeshes()[0];
const vertices = (document: Document): number[] =>
  listMeshInstances(document).flatMap((instance) => {
    const [primitive] = instance.mesh.listPrimitives();
    const all = computeWorldPositions(instance, primitive);
    const indices = primitive.getIndices()?.getArray() ?? Array.from({ length: all.length / 3 }, (_, i) => i);
    return [...indices].flatMap((i) => [...all.slice(i * 3, i * 3 + 3)]);
  });

test('edges that bend less than the angle count, those of flat quads and sharper ones do not', () => {
  // 9 strips meet at 10°: 8 edges between them; the diagonals are flat
  expect(countFacetedEdges(meshOf(createRoof(9)), 40)).toBe(8);
  expect(countFacetedEdges(meshOf(createRoof(9)), 5)).toBe(0);
  // 2 strips meet at 45°
  expect(countFacetedEdges(meshOf(createRoof(2)), 40)).toBe(0);
});

test('smoothing below an angle joins the normals there, and no corner of a triangle moves', () => {
  const document = createRoof(9);
  const before = vertices(document);
  shadeMesh(document, meshOf(document), { from: 'angle', degrees: 40 });
  expect(vertices(document)).toEqual(before);
  const [primitive] = meshOf(document).listPrimitives();
  const normal = primitive.getAttribute('NORMAL')!;
  const position = primitive.getAttribute('POSITION')!;
  for (let i = 0; i < position.getCount(); i++) {
    const [x, y] = position.getElement(i, [] as number[]);
    const [nx, ny, nz] = normal.getElement(i, [] as number[]);
    expect(Math.hypot(nx, ny, nz)).toBeCloseTo(1, 5);
    // on a cylinder a normal points away from the axis; at the two ends it is that of the last strip
    expect(Math.abs(nx * x + ny * y)).toBeGreaterThan(Math.cos((6 * Math.PI) / 180));
  }
  expect(countFacetedEdges(meshOf(document), 40)).toBe(0);
});

test('smoothing twice changes nothing', () => {
  const document = createRoof(9);
  shadeMesh(document, meshOf(document), { from: 'angle', degrees: 40 });
  const once = meshOf(document).listPrimitives()[0].getAttribute('NORMAL')!.getArray()!.slice();
  shadeMesh(document, meshOf(document), { from: 'angle', degrees: 40 });
  expect(meshOf(document).listPrimitives()[0].getAttribute('NORMAL')!.getArray()).toEqual(once);
});

test('a bent quad shades as one, so that it stays a quad', async () => {
  // two quads in a row, the second bent along its diagonal by far more than the angle
  const obj = 'v 0 0 0\nv 1 0 0\nv 1 1 0\nv 0 1 0\nv 2 0 0\nv 2 1 3\nf 1 2 3 4\nf 2 5 6 3\n';
  const { document } = await readFiles({ 'bent.obj': obj });
  shadeMesh(document, meshOf(document), { from: 'angle', degrees: 40 });
  const [primitive] = meshOf(document).listPrimitives();
  const indices = primitive.getIndices()!.getArray()!;
  expect([0, 6].map((from) => computePolygonOutline(indices, from, 2)?.length)).toEqual([4, 4]);
  expect(computeFigures(document).polygons).toBe(2);
});

test('a clip poses by straight lines, steps and curves alike, and holds beyond its ends', () => {
  const document = createRoof(2);
  const [node] = listShownNodes(document);
  const create = (mode: 'LINEAR' | 'STEP' | 'CUBICSPLINE', values: number[]) => {
    const sampler = document
      .createAnimationSampler()
      .setInterpolation(mode)
      .setInput(
        document
          .createAccessor()
          .setType('SCALAR')
          .setArray(new Float32Array([1, 3])),
      )
      .setOutput(document.createAccessor().setType('VEC3').setArray(new Float32Array(values)));
    const channel = document
      .createAnimationChannel()
      .setTargetNode(node)
      .setTargetPath('translation')
      .setSampler(sampler);
    return document.createAnimation(mode).addSampler(sampler).addChannel(channel);
  };
  const at = (clip: ReturnType<typeof create>, seconds: number): number => {
    poseAt(clip, seconds);
    return node.getTranslation()[0];
  };
  const linear = create('LINEAR', [0, 0, 0, 4, 0, 0]);
  expect(clipSpan(linear)).toEqual([1, 3]);
  expect([0, 1, 1.5, 3, 9].map((seconds) => at(linear, seconds))).toEqual([0, 0, 1, 4, 4]);
  const step = create('STEP', [0, 0, 0, 4, 0, 0]);
  expect([1, 2.9, 3].map((seconds) => at(step, seconds))).toEqual([0, 0, 4]);
  // in-tangent, value, out-tangent a key; flat tangents: half way at half time, 0.15625 of the way at a quarter
  const cubic = create('CUBICSPLINE', [0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 4, 0, 0, 0, 0, 0]);
  expect([1.5, 2].map((seconds) => at(cubic, seconds))).toEqual([0.625, 2]);
});

test('the facts of a source count layers, groups, hidden parts and layouts', () => {
  const document = createRoof(2);
  setNodeSource(listShownNodes(document)[0], { layers: ['walls'], groups: ['a', 'b'], hidden: true });
  expect(describeSource(document)).toMatchObject({
    layers: [{ name: 'walls', parts: 1 }],
    groups: [
      { name: 'a', parts: 1 },
      { name: 'b', parts: 1 },
    ],
    hiddenParts: 1,
    uvSets: 0,
    vertexColours: false,
    clips: [],
  });
});

test('a document written and read again is the same, and the same bytes each time', async () => {
  const document = createRoof(3);
  const bytes = await writeGlb(document);
  expect(await writeGlb(document)).toEqual(bytes);
  const again = await readGlb(bytes);
  expect(vertices(again)).toEqual(vertices(document));
  expect(await writeGlb(again)).toEqual(bytes);
});
