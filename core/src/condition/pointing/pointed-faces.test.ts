import type { Document } from '@gltf-transform/core';
import type { Finding } from '@haveld/contract/finding';
import { FINDING_KINDS, findingKey, type FindingKind } from '@haveld/contract/finding-kinds';
import { LAYOUT_TROUBLES } from '@haveld/contract/finding';
import type { Step } from '@haveld/contract/step';
import { findPart } from '../../scene/part-ref';
import { listShownNodes } from '../../scene/traverse';
import {
  addBox,
  createBoxDocument,
  createLaidSquare,
  createMemoryCodec,
  createMeshDocument,
} from '../../testing/documents';
import { flipFaces } from '../../scene/meshes/flip-faces';
import { applyTreatment } from '../../treatment/apply-treatment';
import { assess } from '../assess';
import { examine } from '../examination';
import { listPointedFaces, rememberAsReceived } from './pointed-faces';
import { describePointsAt } from './points-at';

const look = (document: Document): Finding[] =>
  assess(examine({ document, name: 'thing', log: [], pictures: [], belonging: new Set(), stated: [] }));
const context = { codec: createMemoryCodec(), readBytes: () => Promise.reject(new Error('no maps here')) };

/** Box of what is pointed at, after these steps. */
async function pointAfter(document: Document, finding: Finding, steps: Step[]): Promise<number[][] | null> {
  const received = rememberAsReceived(document);
  await applyTreatment(document, steps, context);
  const faces = listPointedFaces(document, received, describePointsAt(finding)!);
  if (!faces || faces.length === 0) return null;
  const ends = [0, 1, 2].map((axis) => Array.from(faces).filter((_, i) => i % 3 === axis));
  return ends.map((values) => [Math.min(...values), Math.max(...values)]);
}

/** A chest, and beside it a lid whose faces look inwards. */
function createInsideOut(): Document {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1], 'chest');
  const lid = addBox(document, [2, 0, 0], [3, 0.5, 1], 'lid');
  flipFaces(document, lid.getMesh()!);
  return document;
}

test('a part that is inside out is pointed at where it stands, also after the whole was turned and scaled', async () => {
  const finding = look(createInsideOut()).find(({ kind }) => kind === 'inverted-faces')!;
  expect(await pointAfter(createInsideOut(), finding, [])).toEqual([
    [2, 3],
    [0, 0.5],
    [0, 1],
  ]);
  const placed = await pointAfter(createInsideOut(), finding, [
    { kind: 'scale', schema: 1, factor: 0.5, label: 'half' } as unknown as Step,
    { kind: 'bake-transforms', schema: 1 } as unknown as Step,
  ]);
  expect(placed![0][1] - placed![0][0]).toBeCloseTo(0.5);
});

test('a part that was left out is pointed at no more, and the others are not mistaken for it', async () => {
  const finding = look(createInsideOut()).find(({ kind }) => kind === 'inverted-faces')!;
  const document = createInsideOut();
  const ref = finding.choices[0].steps.flatMap((step) => ('parts' in step ? step.parts : []));
  expect(findPart(document, ref[0])?.getName()).toBe('lid');
  expect(await pointAfter(document, finding, [{ kind: 'leave-out', schema: 1, what: 'lid', parts: ref }])).toBeNull();
});

test('of parts of one name the one that is meant is pointed at', () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1], 'leg');
  addBox(document, [5, 0, 0], [6, 1, 1], 'leg');
  const received = rememberAsReceived(document);
  listShownNodes(document).forEach((node, i) => node.setName(`renamed ${i}`));
  const faces = listPointedFaces(document, received, {
    kind: 'parts',
    parts: [{ name: 'leg', ordinal: 1, signature: 'as it was' }],
  })!;
  expect(Math.min(...faces.filter((_, i) => i % 3 === 0))).toBe(5);
});

test('a node without a shape of its own means what hangs in it', () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1], 'table');
  const group = document.createNode('drawers');
  listShownNodes(document)[0].addChild(group);
  addBox(document, [0, 0, 2], [1, 1, 3], 'drawer', group);
  const faces = listPointedFaces(document, rememberAsReceived(document), {
    kind: 'parts',
    parts: [{ name: 'drawers', ordinal: 0, signature: 'empty' }],
  })!;
  expect(faces).toHaveLength(12 * 9);
  expect(Math.min(...faces.filter((_, i) => i % 3 === 2))).toBe(2);
});

test('faces without a material have an empty name', () => {
  const document = createLaidSquare([0, 1, 1, 1, 1, 0, 0, 0]);
  addBox(document, [0, 0, 0], [1, 1, 1], 'bare');
  const point = (materials: string[]) =>
    listPointedFaces(document, rememberAsReceived(document), { kind: 'materials', materials, layout: null })!;
  expect(point([''])).toHaveLength(12 * 9);
  expect(point(['oak'])).toHaveLength(2 * 9);
  expect(point(['no such'])).toHaveLength(0);
});

test('what is most of a large model is not pointed at', () => {
  const side = 450;
  const points = Array.from({ length: (side + 1) ** 2 }, (_, i) => [
    i % (side + 1),
    0,
    Math.floor(i / (side + 1)),
  ]).flat();
  const corners = Array.from({ length: side ** 2 }, (_, i) => {
    const at = Math.floor(i / side) * (side + 1) + (i % side);
    return [at, at + 1, at + side + 1, at + 1, at + side + 2, at + side + 1];
  }).flat();
  const document = createMeshDocument(points, corners);
  expect(
    listPointedFaces(document, rememberAsReceived(document), { kind: 'materials', materials: [''], layout: null }),
  ).toBeNull();
});

const finding = (kind: FindingKind, more: Partial<Finding>) => ({
  kind,
  key: findingKey(kind),
  about: {},
  choices: [],
  ...more,
});
const taking = (...steps: Step[]): Finding['choices'] => [
  { id: 'take', label: 'Take it', steps, confidence: 0.9, evidence: [] },
];

test('a finding points at what it names and at what its steps would change', () => {
  expect(describePointsAt(finding('uv', { about: { materials: ['oak', 'oak'], layout: 'flat' } }))).toEqual({
    kind: 'materials',
    materials: ['oak'],
    layout: 'flat',
  });
  expect(
    describePointsAt(
      finding('twins', {
        about: { material: 'oak' },
        choices: taking({ kind: 'merge-materials', schema: 1, into: 'oak', from: ['oak.001'] }),
      }),
    ),
  ).toMatchObject({ materials: ['oak', 'oak.001'] });
  const part = { name: 'lid', ordinal: 0, signature: '8:12:1×1×1' };
  expect(
    describePointsAt(finding('inverted-faces', { choices: taking({ kind: 'flip-faces', schema: 1, parts: [part] }) })),
  ).toEqual({ kind: 'parts', parts: [part] });
});

test('what is about the whole model points at no place', () => {
  const whole = (Object.keys(FINDING_KINDS) as FindingKind[]).filter((kind) => !FINDING_KINDS[kind].pointsAt);
  expect(whole).toEqual(expect.arrayContaining(['size', 'up', 'pivot', 'wrappers', 'rights:licence', 'triangles']));
  for (const kind of whole) expect(describePointsAt(finding(kind, { about: { materials: ['oak'] } }))).toBeNull();
  expect(describePointsAt(finding('sides', {}))).toBeNull();
});

test('of a layout the faces that have its trouble are pointed at, and those of no other', () => {
  const document = createLaidSquare([0, 0, 1, 0, 1, 0, 0, 0]);
  const received = rememberAsReceived(document);
  const count = (layout: (typeof LAYOUT_TROUBLES)[number]): number =>
    listPointedFaces(document, received, { kind: 'materials', materials: ['oak'], layout })!.length / 9;
  expect(Object.fromEntries(LAYOUT_TROUBLES.map((layout) => [layout, count(layout)]))).toEqual({
    none: 0,
    flat: 2,
    overlapping: 0,
    uneven: 0,
    outside: 0,
    flipped: 0,
  });
});
