import type { Document, Node, mat4, vec3, vec4 } from '@gltf-transform/core';
import type { Step, StepKind } from '@haveld/contract/step';
import fc from 'fast-check';
import { createDocument, writeGlb } from '../scene/document/document-io';
import { getPolygonData, HaveldPolygons } from '../scene/document/polygon-data';
import { setNodeSource } from '../scene/document/source-data';
import { computeWorldPositions } from '../scene/measures/world-positions';
import { createScalars } from '../scene/meshes/create-scalars';
import { listIndices } from '../scene/meshes/list-indices';
import { PartIndex } from '../scene/part-ref';
import { getShownScene, listMeshInstances, listShownNodes } from '../scene/traverse';
import { createMemoryCodec } from '../testing/documents';
import { applyTreatment } from './apply-treatment';
import { STEPS } from './steps';

// Random models whose every triangle is known by a number that stands in its layout: whatever a step does to parts, each triangle stays
// where it was, with all it held, unless it was asked to go.
const context = { codec: createMemoryCodec(), readBytes: async () => writeGlb(createLender()) };

/** Triangles of the lender have numbers from here on. */
const LENT = 5000;

/** Two quads of a model something is borrowed from. */
function createLender(): Document {
  const document = createDocument();
  const mesh = document.createMesh('knob').addPrimitive(createQuads(document, 2, LENT));
  const node = document.createNode('knob').setMesh(mesh);
  setNodeSource(node, { id: 'knob' });
  getShownScene(document).addChild(node);
  return document;
}

interface Given {
  parts: { parent: number; turn: vec4; place: vec3; scale: vec3; islands: number; materials: number; twinOf: number }[];
}

const unit = fc.double({ min: -1, max: 1, noNaN: true });
const turn = fc.tuple(unit, unit, unit, fc.double({ min: 0.2, max: 1, noNaN: true })).map((q): vec4 => {
  const length = Math.hypot(...q);
  return q.map((v) => v / length) as vec4;
});
const models: fc.Arbitrary<Given> = fc.record({
  parts: fc.array(
    fc.record({
      parent: fc.nat(),
      turn,
      place: fc.tuple(unit, unit, unit),
      scale: fc.constantFrom<vec3>([1, 1, 1], [0.5, 0.5, 0.5], [2, 2, 2], [-1, 1, 1], [1, 2, 1]),
      islands: fc.integer({ min: 1, max: 3 }),
      materials: fc.integer({ min: 1, max: 2 }),
      twinOf: fc.integer({ min: -3, max: 3 }),
    }),
    { minLength: 2, maxLength: 7 },
  ),
});

/** Quads, each an island of its own, with two layouts, a colour, smoothing and a crease; some parts are instances of others. */
function build({ parts }: Given): Document {
  const document = createDocument();
  const materials = ['oak', 'brass'].map((name) => document.createMaterial(name));
  const nodes: Node[] = [];
  let stamp = 1;
  parts.forEach((part, i) => {
    const node = document
      .createNode(i % 2 ? `part ${i}` : 'part')
      .setTranslation([part.place[0] + i * 7, part.place[1], part.place[2]])
      .setRotation(part.turn)
      .setScale(part.scale);
    setNodeSource(node, { id: `p${i}` });
    const above = part.parent % (i + 1);
    if (above < i) nodes[above].addChild(node);
    else getShownScene(document).addChild(node);
    const twin = part.twinOf >= 0 && part.twinOf < i ? nodes[part.twinOf].getMesh() : null;
    if (twin) node.setMesh(twin);
    else {
      const mesh = document.createMesh(`mesh ${i}`);
      for (let m = 0; m < part.materials; m++) {
        mesh.addPrimitive(createQuads(document, part.islands, stamp).setMaterial(materials[m]));
        stamp += part.islands * 2;
      }
      node.setMesh(mesh);
    }
    nodes.push(node);
  });
  const mount = document.createNode('mount').setTranslation([1, 2, 3]).setExtras({ holds: 'lamp' });
  setNodeSource(mount, { id: 'mount' });
  nodes[0].addChild(mount);
  const group = document
    .createNode('wrapper')
    .setTranslation([0, 1, 0])
    .setRotation([0, Math.SQRT1_2, 0, Math.SQRT1_2]);
  setNodeSource(group, { id: 'wrapper' });
  for (const top of getShownScene(document).listChildren()) group.addChild(top);
  getShownScene(document).addChild(group);
  return document;
}

function createQuads(document: Document, count: number, stamp: number) {
  const buffer = document.getRoot().listBuffers()[0] ?? document.createBuffer();
  const vertices = count * 4;
  const attribute = (type: 'VEC2' | 'VEC3' | 'VEC4', of: (quad: number, corner: number) => number[]) =>
    document
      .createAccessor()
      .setType(type)
      .setBuffer(buffer)
      .setArray(new Float32Array(Array.from({ length: vertices }, (_, v) => of(v >> 2, v & 3)).flat()));
  const data = document
    .createExtension(HaveldPolygons)
    .createPolygonData()
    .setSizes(createScalars(document, new Uint16Array(count).fill(4)))
    .setSmoothing(
      createScalars(
        document,
        Uint32Array.from({ length: count }, (_, k) => k % 2),
      ),
    )
    .setCreases(
      createScalars(
        document,
        Uint32Array.from({ length: count * 2 }, (_, e) => (e >> 1) * 4 + (e & 1)),
      ),
      createScalars(
        document,
        Float32Array.from({ length: count }, (_, k) => 0.5 + k / 10),
      ),
    );
  return document
    .createPrimitive()
    .setAttribute(
      'POSITION',
      attribute('VEC3', (k, c) => [(c === 1 || c === 2 ? 1 : 0) + k * 3, c > 1 ? 1 : 0, k * 0.5]),
    )
    .setAttribute(
      'NORMAL',
      attribute('VEC3', () => [0, 0, 1]),
    )
    .setAttribute(
      'TEXCOORD_0',
      attribute('VEC2', (k) => [stamp + k, 0.25]),
    )
    .setAttribute(
      'TEXCOORD_1',
      attribute('VEC2', (k, c) => [c / 4, k / 8]),
    )
    .setAttribute(
      'COLOR_0',
      attribute('VEC4', (k, c) => [k / 8, c / 4, 0.5, 1]),
    )
    .setIndices(
      createScalars(
        document,
        Uint16Array.from({ length: count * 6 }, (_, i) => Math.floor(i / 6) * 4 + [0, 1, 2, 0, 2, 3][i % 6]),
      ),
    )
    .setExtension('HAVELD_polygons', data);
}

/** Every triangle by its number and where it stands among those of the same one: corners in the world, winding, and what it holds. */
function describe2(document: Document): Map<string, { corners: number[]; holds: string; outward: number }> {
  const all = new Map<string, { corners: number[]; holds: string; outward: number }>();
  for (const instance of listMeshInstances(document))
    for (const primitive of instance.mesh.listPrimitives()) {
      const p = computeWorldPositions(instance, primitive);
      const indices = listIndices(primitive);
      const sizes = getPolygonData(primitive)?.getSizes()?.getArray();
      const smoothing = getPolygonData(primitive)?.getSmoothing()?.getArray();
      for (let t = 0; t < indices.length; t += 3) {
        const ring = [...indices.slice(t, t + 3)];
        const rest = ['TEXCOORD_0', 'TEXCOORD_1', 'COLOR_0'].map((semantic) =>
          ring.map((v) =>
            primitive
              .getAttribute(semantic)!
              .getElement<number[]>(v, [])
              .map((x) => x.toFixed(5))
              .join(),
          ),
        );
        const stamp = primitive.getAttribute('TEXCOORD_0')!.getElement(ring[0], [])[0];
        const corners = ring.flatMap((v) => [...p.slice(v * 3, v * 3 + 3)]);
        // instances are told apart by where they stand
        const at = corners.slice(0, 3).map((v) => Math.round(v * 200));
        const isSmooth = (smoothing?.[Math.floor(t / 6)] ?? 0) > 0;
        const holds = JSON.stringify([
          primitive.getMaterial()?.getName(),
          sizes?.[Math.floor(t / 6)],
          isSmooth,
          // the corners of a triangle turned round are the same ones in another order
          rest.map((of) => [...of].sort()),
        ]);
        all.set(`${Math.round(stamp)}:${t % 6}:${at.join()}`, {
          corners,
          holds,
          outward: windingOf(instance.world, corners),
        });
      }
    }
  return all;
}

/** The side a face is seen from, as a renderer takes it: a node that mirrors turns the winding (glTF 2.0, 3.7.4). */
function windingOf(world: mat4, [ax, ay, az, bx, by, bz, cx, cy, cz]: number[]): number {
  const [ux, uy, uz, vx, vy, vz] = [bx - ax, by - ay, bz - az, cx - ax, cy - ay, cz - az];
  const n = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
  const det =
    world[0] * (world[5] * world[10] - world[6] * world[9]) -
    world[4] * (world[1] * world[10] - world[2] * world[9]) +
    world[8] * (world[1] * world[6] - world[2] * world[5]);
  const sign = det < 0 ? -1 : 1;
  const main = n.map(Math.abs).indexOf(Math.max(...n.map(Math.abs)));
  return Math.sign(sign * n[main]) * (main + 1);
}

function countCreases(document: Document): number {
  return listMeshInstances(document)
    .flatMap(({ mesh }) => mesh.listPrimitives())
    .reduce((sum, primitive) => sum + (getPolygonData(primitive)?.getCreaseWeights()?.getCount() ?? 0), 0);
}

const refer = (document: Document, ids: readonly string[]) => {
  const index = new PartIndex(document);
  return ids.map((id) => index.refer(index.get(id)!));
};

const idOf = (i: number, { parts }: Given): string => `p${i % parts.length}`;

type Make = (document: Document, given: Given, i: number, j: number) => Step;

/** One a kind. */
const CASES: { [K in Extract<StepKind, `${string}`>]?: Make } = {
  'hang-parts': (document, given, i, j) => ({
    kind: 'hang-parts',
    schema: 1,
    parts: refer(document, [idOf(i, given)]),
    under: i % 3 === 0 ? null : refer(document, [idOf(j, given)])[0],
  }),
  'group-parts': (document, given, i, j) => ({
    kind: 'group-parts',
    schema: 1,
    parts: refer(document, [...new Set([idOf(i, given), idOf(j, given)])]),
    name: 'together',
  }),
  'dissolve-groups': (document) => ({ kind: 'dissolve-groups', schema: 1, parts: refer(document, ['wrapper']) }),
  'join-parts': (document, given, i) => ({
    kind: 'join-parts',
    schema: 1,
    parts: refer(document, [idOf(i, given), idOf(i + 1, given)]),
    name: 'joined',
  }),
  'split-part': (document, given, i, j) => ({
    kind: 'split-part',
    schema: 1,
    part: refer(document, [idOf(i, given)])[0],
    by: j % 2 ? 'islands' : 'materials',
    tolerance: j % 3 ? 0 : 1e-5,
  }),
  'separate-faces': (document, given, i) => ({
    kind: 'separate-faces',
    schema: 1,
    part: refer(document, [idOf(i, given)])[0],
    faces: [[[0, 1]]],
    name: 'a piece',
  }),
  // between the quads, so that what a cut does not touch is looked at: cut-polygons.test.ts has the rest
  'cut-parts': (document, given, i) => ({
    kind: 'cut-parts',
    schema: 1,
    cuts: [{ part: refer(document, [idOf(i, given)])[0], plane: [1, 0, 0, 2] }],
  }),
  'sort-parts': (document) => ({ kind: 'sort-parts', schema: 1, parts: refer(document, ['wrapper']) }),
  'name-parts': (document, given, i) => ({
    kind: 'name-parts',
    schema: 1,
    names: [{ part: refer(document, [idOf(i, given)])[0], name: 'called' }],
  }),
  'share-geometry': (document, given, i) => ({
    kind: 'share-geometry',
    schema: 1,
    groups: [refer(document, [idOf(i, given), idOf(i + 1, given)])],
  }),
  'own-geometry': (document, given, i) => ({
    kind: 'own-geometry',
    schema: 1,
    parts: refer(document, [idOf(i, given)]),
  }),
  // no quad lies on another, and all have an area
  'clean-faces': (document, given, i) => ({ kind: 'clean-faces', schema: 1, parts: refer(document, [idOf(i, given)]) }),
  // every quad is alone and flat: none looks another way than its neighbours, none is near another, none has a hole
  'turn-faces': (document, given, i) => ({ kind: 'turn-faces', schema: 1, parts: refer(document, [idOf(i, given)]) }),
  'merge-vertices': (document, given, i, j) => ({
    kind: 'merge-vertices',
    schema: 1,
    parts: refer(document, [idOf(i, given)]),
    tolerance: 1e-3,
    of: j % 2 ? 'borders' : 'all',
  }),
  'close-holes': (document, given, i) => ({
    kind: 'close-holes',
    schema: 1,
    parts: refer(document, [idOf(i, given)]),
    upTo: 1,
  }),
  'shade-parts': (document, given, i, j) => ({
    kind: 'shade-parts',
    schema: 1,
    parts: refer(document, [idOf(i, given)]),
    degrees: j * 9,
    atMaterials: i % 2 === 0,
  }),
  'borrow-part': (document, given, i, j) => ({
    kind: 'borrow-part',
    schema: 1,
    from: { id: 'l', accession: 'HV-000009', name: 'door', versionNumber: 1, sha256: 'a'.repeat(64) },
    part: null,
    name: 'knob',
    under: i % 3 === 0 ? null : refer(document, [idOf(j, given)])[0],
    at: [i, j, 1],
    degrees: j * 10,
    times: 1 + i / 10,
  }),
  'take-out': (document, given, i) => ({ kind: 'take-out', schema: 1, parts: refer(document, [idOf(i, given)]) }),
};

test('there is a case for every kind of step about parts', () => {
  const kinds = Object.values(STEPS).filter(({ phase }) => phase === 'parts');
  expect(Object.keys(CASES).sort()).toEqual(kinds.map(({ kind }) => kind).sort());
});

test.each(Object.entries(CASES))('%s moves nothing and loses nothing that it was not asked to', async (kind, make) => {
  await fc.assert(
    fc.asyncProperty(models, fc.nat(20), fc.nat(20), async (given, i, j) => {
      const untouched = build(given);
      const document = build(given);
      const before = describe2(untouched);
      const asked = kind === 'take-out' ? trianglesBelow(untouched, idOf(i, given)) : 0;
      const [outcome] = await applyTreatment(document, [make(document, given, i, j)], context);
      expect(outcome.worse).toEqual([]);
      const all = describe2(document);
      const after = new Map([...all].filter(([key]) => Number.parseInt(key, 10) < LENT));
      expect(after.size).toBe(before.size - asked);
      expect(all.size - after.size).toBe(kind === 'borrow-part' ? 4 : 0);
      const wrong = [...after].filter(([key, triangle]) => {
        const was = before.get(key) ?? findNear(before, triangle.corners, key);
        if (!was || triangle.holds !== was.holds || triangle.outward !== was.outward) return true;
        return triangle.corners.slice(0, 3).some((v, n) => Math.abs(v - was.corners[n]) > 1e-4);
      });
      expect(wrong).toEqual([]);
      if (kind !== 'take-out') {
        if (kind !== 'borrow-part') expect(countCreases(document)).toBe(countCreases(untouched));
        const mount = listShownNodes(document).find((node) => node.getExtras().holds === 'lamp')!;
        const was = listShownNodes(untouched).find((node) => node.getExtras().holds === 'lamp')!;
        mount.getWorldTranslation().forEach((v, n) => expect(v).toBeCloseTo(was.getWorldTranslation()[n], 4));
      }
    }),
    { numRuns: 30, seed: 19, interruptAfterTimeLimit: 20_000 },
  );
});

/** Rounding may put a corner into the next cell. */
function findNear(
  all: Map<string, { corners: number[]; holds: string; outward: number }>,
  corners: number[],
  key: string,
) {
  const [stamp, t] = key.split(':');
  for (const [other, triangle] of all)
    if (
      other.startsWith(`${stamp}:${t}:`) &&
      triangle.corners.slice(0, 3).every((v, n) => Math.abs(v - corners[n]) < 1e-4)
    )
      return triangle;
  return undefined;
}

function trianglesBelow(document: Document, id: string): number {
  const top = new PartIndex(document).get(id)!;
  const below = new Set<Node>();
  top.traverse((node) => below.add(node));
  const own = listMeshInstances(document).filter(({ node }) => below.has(node));
  return own.reduce(
    (sum, { mesh }) => sum + mesh.listPrimitives().reduce((n, one) => n + listIndices(one).length / 3, 0),
    0,
  );
}
