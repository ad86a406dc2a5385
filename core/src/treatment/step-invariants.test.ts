import type { Document, Node, Primitive } from '@gltf-transform/core';
import type { Step, StepKind, StepOf } from '@haveld/contract/step';
import { linearDeterminant, normalMatrix } from '../scene/matrix';
import { writeGlb } from '../scene/document/document-io';
import { computeBounds } from '../scene/measures/bounds';
import { computeFigures } from '../scene/measures/figures';
import { computeWorldPositions } from '../scene/measures/world-positions';
import { createPartRef } from '../scene/part-ref';
import { getShownScene, listMeshInstances, listShownNodes, type MeshInstance } from '../scene/traverse';
import { createBoxDocument, createMemoryCodec, createPng } from '../testing/documents';
import { readFiles } from '../testing/read-files';
import { applyTreatment } from './apply-treatment';
import { STEPS } from './steps';

// Every kind of step, on one model that holds what must not be lost: what it moves lands where it should to 1e-6 of the size, and
// what it has no business with stays as it was.
const HASH = 'a'.repeat(64);
const LENDER_HASH = 'b'.repeat(64);
const context = {
  codec: createMemoryCodec(),
  readBytes: (sha256: string): Promise<Uint8Array> =>
    sha256 === LENDER_HASH ? writeGlb(createLender()) : Promise.resolve(createPng([200, 180, 160, 255])),
};

/** A door of tarred wood. */
function createLender(): Document {
  const document = createBoxDocument([0, 0, 0], [1, 2, 0.1], 'door');
  const tarred = document.createMaterial('tarred').setBaseColorFactor([0.1, 0.1, 0.1, 1]);
  listMeshInstances(document)[0].mesh.listPrimitives()[0].setMaterial(tarred);
  return document;
}

const BOX = `
v 0 0 0
v 1 0 0
v 1 2 0
v 0 2 0
v 0 0 3
v 1 0 3
v 1 2 3
v 0 2 3
vt 0 0
vt 1 0
vt 1 1
vt 0 1
`;
const FACES = `
f 4/4 3/3 2/2 1/1
f 5/1 6/2 7/3 8/4
f 1/1 2/2 6/3 5/4
f 3/1 4/2 8/3 7/4
f 1/1 5/2 8/3 4/4
f 2/1 3/2 7/3 6/4
`;

/** A body, a mirrored and stretched lid, two feet of one mesh, a wrapper and a mount point; quads, two layouts, colours, tangents. */
async function createModel(): Promise<Document> {
  const { document } = await readFiles({
    'm.obj': `mtllib m.mtl\n${BOX}o body\nusemtl oak\ns 1\n${FACES}`,
    'm.mtl': 'newmtl oak\nKd 0.5 0.4 0.3\n',
  });
  const [body] = listMeshInstances(document).map(({ node }) => node);
  const [primitive] = body.getMesh()!.listPrimitives();
  const count = primitive.getAttribute('POSITION')!.getCount();
  const buffer = document.getRoot().listBuffers()[0];
  const add = (name: string, type: 'VEC2' | 'VEC4', values: (i: number) => number[]): void => {
    primitive.setAttribute(
      name,
      document
        .createAccessor()
        .setType(type)
        .setArray(new Float32Array(Array.from({ length: count }, (_, i) => values(i)).flat()))
        .setBuffer(buffer),
    );
  };
  add('TEXCOORD_1', 'VEC2', (i) => [i / count, 1 - i / count]);
  add('COLOR_0', 'VEC4', (i) => [i / count, 0.5, 0.25, 1]);
  add('TANGENT', 'VEC4', () => [1, 0, 0, 1]);
  const mesh = body.getMesh()!;
  const image = createPng([120, 130, 250, 255]) as Uint8Array<ArrayBuffer>;
  const texture = (name: string) => document.createTexture(name).setImage(image).setMimeType('image/png');
  primitive
    .getMaterial()!
    .setBaseColorTexture(texture('colour'))
    .setNormalTexture(texture('normal'))
    .setMetallicRoughnessTexture(texture('surface'));
  document.createMaterial('oak copy');
  const scene = getShownScene(document);
  const wrapper = document.createNode('RootNode').setTranslation([0.5, 0, 0.25]);
  for (const child of scene.listChildren()) wrapper.addChild(child);
  scene.addChild(wrapper);
  // numbers are shared between meshes, as files do; primitives never are
  const lid = mesh.clone();
  for (const one of mesh.listPrimitives()) lid.removePrimitive(one).addPrimitive(one.clone());
  wrapper.addChild(document.createNode('lid').setMesh(lid).setTranslation([0, 2, 0]).setScale([-1, 0.25, 1]));
  for (const x of [4, 6]) wrapper.addChild(document.createNode(`foot ${x}`).setMesh(mesh).setTranslation([x, 0, 0]));
  wrapper.addChild(document.createNode('mount point').setTranslation([0.5, 2, 1.5]).setExtras({ holds: 'lamp' }));
  return document;
}

const find = (document: Document, name: string): Node =>
  listShownNodes(document).find((node) => node.getName() === name)!;
const parts = (document: Document, name: string) => [createPartRef(document, find(document, name))];

interface Case {
  step: (document: Document) => Step;
  /** Where a point of the world goes; left out where nothing moves. */
  moves?: (point: number[], document: Document) => number[];
  /** Names of parts that go, change, or are not judged here. */
  without?: string[];
  /** What the step is there to change. */
  changes?: ('normals' | 'maps' | 'sharing')[];
  /** Parts whose corners go the other way round from then on. */
  turned?: string[];
}

const material = 'oak';

/** One a kind, but those of parts, which have their own: parts-invariants.test.ts. */
const CASES: Partial<Record<StepKind, Case>> = {
  'uniform-scale': {
    step: (document) => ({ kind: 'uniform-scale', schema: 1, parts: parts(document, 'lid'), unmirror: true }),
    without: ['lid'],
  },
  'set-part-pivot': {
    step: (document) => ({
      kind: 'set-part-pivot',
      schema: 1,
      parts: parts(document, 'lid'),
      point: [0, 0, 0.5],
      label: 'its left edge',
    }),
  },
  'flip-faces': {
    step: (document) => ({ kind: 'flip-faces', schema: 1, parts: parts(document, 'lid') }),
    turned: ['lid'],
  },
  'leave-out': {
    step: (document) => ({ kind: 'leave-out', schema: 1, what: 'stray part', parts: parts(document, 'foot 6') }),
    without: ['foot 6'],
    changes: ['sharing'],
  },
  'dissolve-wrappers': {
    step: (document) => ({ kind: 'dissolve-wrappers', schema: 1, parts: parts(document, 'RootNode') }),
  },
  'relink-map': {
    step: () => ({ kind: 'relink-map', schema: 1, material, slot: 'emissive', sha256: HASH, path: 'glow.png' }),
    changes: ['maps'],
  },
  'borrow-material': {
    step: () => ({
      kind: 'borrow-material',
      schema: 1,
      from: { id: 'l', accession: 'HV-000009', name: 'door', versionNumber: 1, sha256: LENDER_HASH },
      material: 'tarred',
      materials: [material],
    }),
    changes: ['maps'],
  },
  'unlink-map': {
    step: () => ({ kind: 'unlink-map', schema: 1, material, slot: 'normal' }),
    changes: ['maps'],
  },
  'convert-specular': {
    step: () => ({ kind: 'convert-specular', schema: 1, materials: [material] }),
    changes: ['maps'],
  },
  'height-to-normal': {
    step: () => ({
      kind: 'height-to-normal',
      schema: 1,
      material,
      sha256: HASH,
      path: 'height.png',
      depthMm: 5,
      texelMm: 1,
    }),
    changes: ['maps'],
  },
  'change-map': {
    step: () => ({ kind: 'change-map', schema: 1, materials: [material], slot: 'normal', change: 'flip-green' }),
  },
  'fold-constant': {
    step: () => ({ kind: 'fold-constant', schema: 1, material, slot: 'baseColor' }),
    changes: ['maps'],
  },
  'set-material': {
    step: () => ({
      kind: 'set-material',
      schema: 1,
      materials: [material],
      factors: { roughness: 0.3 },
      label: 'wood',
      without: [],
    }),
  },
  'merge-materials': {
    step: () => ({ kind: 'merge-materials', schema: 1, into: material, from: ['oak copy'] }),
  },
  'split-material': {
    step: (document) => ({
      kind: 'split-material',
      schema: 1,
      material,
      part: parts(document, 'lid')[0],
      name: 'oak of the lid',
    }),
  },
  'reduce-maps': { step: () => ({ kind: 'reduce-maps', schema: 1, side: 16 }) },
  scale: {
    step: () => ({ kind: 'scale', schema: 1, factor: 0.01, label: '' }),
    moves: (point) => point.map((v) => v * 0.01),
  },
  rotate: {
    step: () => ({ kind: 'rotate', schema: 1, axis: 'x', degrees: -90 }),
    moves: ([x, y, z]) => [x, z, -y],
  },
  straighten: {
    step: () => ({ kind: 'straighten', schema: 1, turn: [0, 0, 0.6, 0.8], degrees: 5, label: '' }),
    // about z by the angle whose half has the sine 0.6: cosine 0.28, sine 0.96
    moves: ([x, y, z]) => [0.28 * x - 0.96 * y, 0.96 * x + 0.28 * y, z],
  },
  'set-front-axis': {
    step: () => ({ kind: 'set-front-axis', schema: 1, degrees: 90 }),
    moves: ([x, y, z]) => [z, y, -x],
  },
  // what a node mirrored is turned round in its faces instead
  'bake-transforms': { step: () => ({ kind: 'bake-transforms', schema: 1 }), turned: ['lid'] },
  'set-pivot': {
    step: () => ({ kind: 'set-pivot', schema: 1, at: 'base-centre', onGround: true }),
    moves: (point, document) => {
      const { min, max } = computeBounds(document)!;
      return [point[0] - (min[0] + max[0]) / 2, point[1] - min[1], point[2] - (min[2] + max[2]) / 2];
    },
  },
  'set-normals': {
    step: () => ({ kind: 'set-normals', schema: 1, from: 'angle', degrees: 30 }),
    changes: ['normals'],
  },
  // a box has nothing to spare: its corners are borders of its sides
  'reduce-triangles': {
    step: () => ({ kind: 'reduce-triangles', schema: 1, to: { by: 'error', mm: 0.001 } }),
  },
  // the lid behind the body: no level of it, but what stays is what is looked at
  'keep-collision': {
    step: (document) => ({ kind: 'keep-collision', schema: 1, parts: parts(document, 'lid') }),
    without: ['lid'],
  },
  'keep-levels': {
    step: (document) => ({
      kind: 'keep-levels',
      schema: 1,
      sets: [['body', 'lid'].flatMap((name) => parts(document, name))],
    }),
    without: ['lid'],
  },
  'set-levels': { step: () => ({ kind: 'set-levels', schema: 1, levels: [{ by: 'share', share: 0.5 }] }) },
  'second-layout': { step: () => ({ kind: 'second-layout', schema: 1, side: 512 }) },
  'name-root': { step: () => ({ kind: 'name-root', schema: 1, name: 'prop_box' }) },
  'set-collision': {
    step: () => ({ kind: 'set-collision', schema: 1, shape: 'hull', isMovable: true, matter: 'wood' }),
  },
};

/** Corners of every triangle in the world, and how its corners' normals look against its face. */
function describeParts(document: Document): Map<string, { corners: number[][]; outward: number[]; unit: number[] }> {
  return new Map(
    listMeshInstances(document).map((instance) => [
      instance.node.getName(),
      instance.mesh.listPrimitives().reduce(
        (all, primitive) => {
          const one = describePrimitive(instance, primitive);
          return {
            corners: [...all.corners, ...one.corners],
            outward: [...all.outward, ...one.outward],
            unit: [...all.unit, ...one.unit],
          };
        },
        { corners: [] as number[][], outward: [] as number[], unit: [] as number[] },
      ),
    ]),
  );
}

function describePrimitive(instance: MeshInstance, primitive: Primitive) {
  const p = computeWorldPositions(instance, primitive);
  const normal = primitive.getAttribute('NORMAL');
  const indices = primitive.getIndices()!;
  const carry = normalMatrix(instance.world);
  // a node that mirrors turns the winding (glTF 2.0, 3.7.4)
  const winding = linearDeterminant(instance.world) < 0 ? -1 : 1;
  const corners: number[][] = [];
  const outward: number[] = [];
  const unit: number[] = [];
  for (let i = 0; i < indices.getCount(); i += 3) {
    const [a, b, c] = [0, 1, 2].map((k) => [
      ...p.slice(indices.getScalar(i + k) * 3, indices.getScalar(i + k) * 3 + 3),
    ]);
    const u = b.map((v, k) => v - a[k]);
    const w = c.map((v, k) => v - a[k]);
    const face = [u[1] * w[2] - u[2] * w[1], u[2] * w[0] - u[0] * w[2], u[0] * w[1] - u[1] * w[0]];
    corners.push(a, b, c);
    const n = normal!.getElement(indices.getScalar(i), []);
    unit.push(Math.hypot(...n));
    const sign = linearDeterminant(instance.world) < 0 ? -1 : 1;
    const world = [0, 1, 2].map((row) => sign * (carry[row] * n[0] + carry[3 + row] * n[1] + carry[6 + row] * n[2]));
    outward.push(Math.sign(winding * (face[0] * world[0] + face[1] * world[1] + face[2] * world[2])));
  }
  return { corners, outward, unit };
}

const ATTRIBUTES = ['POSITION', 'NORMAL', 'TANGENT', 'TEXCOORD_0', 'TEXCOORD_1', 'COLOR_0'];

test('there is a case for every kind of step', () => {
  const kinds = Object.values(STEPS).filter(({ phase }) => phase !== 'parts');
  expect(Object.keys(CASES).sort()).toEqual(kinds.map(({ kind }) => kind).sort());
});

test.each(Object.entries(CASES) as [StepKind, Case][])('%s keeps what it should not change', async (kind, given) => {
  const { step, moves = (point: number[]) => point, without = [], changes = [], turned = [] } = given;
  const document = await createModel();
  const untouched = await createModel();
  const before = describeParts(untouched);
  const figures = computeFigures(untouched);
  const size = Math.hypot(...computeBounds(untouched)!.max);
  const mount = find(untouched, 'mount point').getWorldTranslation();
  const [outcome] = await applyTreatment(document, [step(document) as StepOf<typeof kind>], context);
  expect(outcome).toMatchObject({ unmatched: [], worse: [] });
  const after = describeParts(document);
  for (const [name, part] of before) {
    if (without.includes(name)) continue;
    const now = after.get(name)!;
    // a face turned round begins at the same corner and goes the other way
    const expected = turned.includes(name)
      ? part.corners.map((_, i) => part.corners[i % 3 === 0 ? i : i % 3 === 1 ? i + 1 : i - 1])
      : part.corners;
    expect(now.corners).toHaveLength(expected.length);
    const farthest = expected.reduce((far, corner, i) => {
      const wanted = moves(corner, untouched);
      return Math.max(far, ...wanted.map((value, axis) => Math.abs(value - now.corners[i][axis])));
    }, 0);
    expect(farthest).toBeLessThan(size * 1e-6);
    if (!changes.includes('normals')) expect(now.outward).toEqual(part.outward);
    now.unit.forEach((length) => expect(length).toBeCloseTo(1, 5));
  }
  const isGone = kind === 'leave-out' || kind === 'keep-levels' || kind === 'keep-collision';
  expect(after.size).toBe(before.size - (isGone ? 1 : 0));
  const figuresNow = computeFigures(document);
  if (!isGone) expect(figuresNow.polygons).toBe(figures.polygons);
  if (!changes.includes('maps')) expect(figuresNow.maps).toBe(figures.maps);
  for (const { mesh, node } of listMeshInstances(document))
    for (const primitive of mesh.listPrimitives())
      if (!changes.includes('normals') && node.getName() !== 'lid')
        expect(primitive.listSemantics()).toEqual(expect.arrayContaining(ATTRIBUTES));
  // what stands several times stays one mesh, and what is marked on the model goes with it
  if (!changes.includes('sharing'))
    expect(find(document, 'foot 4').getMesh() === find(document, 'foot 6').getMesh()).toBe(true);
  const marker = find(document, 'mount point');
  expect(marker.getExtras()).toMatchObject({ holds: 'lamp' });
  marker.getWorldTranslation().forEach((value, axis) => expect(value).toBeCloseTo(moves(mount, untouched)[axis], 6));
});
