import type { Document } from '@gltf-transform/core';
import {
  HouseTreatmentRuleSchema,
  HouseTreatmentSchema,
  type HouseTreatmentRule,
} from '@haveld/contract/house-treatment';
import type { Step } from '@haveld/contract/step';
import { createDocument } from '../../scene/document/document-io';
import { setNodeSource } from '../../scene/document/source-data';
import { computeFigures } from '../../scene/measures/figures';
import { listMeshInstances, listShownNodes } from '../../scene/traverse';
import { addBox, createMemoryCodec } from '../../testing/documents';
import { applyTreatment } from '../apply-treatment';
import { describeRule } from './describe-rule';
import { planHouseSteps } from './plan-house-steps';

const context = { codec: createMemoryCodec(), readBytes: () => Promise.reject(new Error('no maps here')) };

/** A lamp in centimetres: a foot, a shade, twice the same knob in one place, and three screws. */
function createLamp(): Document {
  const document = createDocument();
  const [brass, cloth] = ['brass', 'cloth'].map((name) => document.createMaterial(name));
  const add = (name: string, min: [number, number, number], max: [number, number, number], material = brass) =>
    addBox(document, min, max, name).getMesh()!.listPrimitives()[0].setMaterial(material);
  add('foot', [0, 0, 0], [20, 2, 20]);
  add('shade', [0, 30, 0], [20, 50, 20], cloth);
  add('knob', [9, 2, 9], [11, 4, 11]);
  add('knob copy', [9, 2, 9], [11, 4, 11]);
  for (let i = 0; i < 3; i++) add(`screw_${i}`, [i * 5, 2, 0], [i * 5 + 0.4, 2.4, 0.4]);
  listShownNodes(document).forEach((node, i) => setNodeSource(node, { id: `p${i}` }));
  return document;
}
const CENTIMETRES: Step = { kind: 'scale', schema: 1, factor: 0.01, label: 'centimetres' };

const plan = (rules: HouseTreatmentRule[], taken: Step[] = [CENTIMETRES]) =>
  planHouseSteps(() => Promise.resolve(createLamp()), taken, rules, context);

async function treat(rules: HouseTreatmentRule[]): Promise<Document> {
  const document = createLamp();
  await applyTreatment(document, [CENTIMETRES, ...(await plan(rules)).map(({ step }) => step)], context);
  return document;
}
const namesOf = (document: Document): string[] => listMeshInstances(document).map(({ node }) => node.getName());

test('each rule sees what those before it left', async () => {
  const rules: HouseTreatmentRule[] = [
    { do: 'mend', what: 'doubled' },
    { do: 'join', where: { name: 'screw*' }, name: 'screws' },
    { do: 'group', where: { name: 'screws' }, name: 'fittings' },
  ];
  expect((await plan(rules)).map(({ rule, step }) => [rule, step.kind])).toEqual([
    [0, 'take-out'],
    [1, 'join-parts'],
    [2, 'group-parts'],
  ]);
  const document = await treat(rules);
  expect(namesOf(document).sort()).toEqual(['foot', 'knob', 'screws', 'shade']);
  expect(
    listShownNodes(document)
      .find((node) => node.getName() === 'screws')!
      .getParentNode()!
      .getName(),
  ).toBe('fittings');
  expect(computeFigures(document).triangles).toBe(4 * 12 + 2 * 12);
});

test('sizes are those it will have, not the numbers of its file', async () => {
  const below = (belowM: number) => plan([{ do: 'take-out', where: { belowM } }]);
  // a screw is 0.4 of the file and 4 mm
  expect(await below(0.003)).toEqual([]);
  expect(await below(0.005)).toMatchObject([
    { step: { kind: 'take-out', parts: [{ name: 'screw_0' }, { name: 'screw_1' }, { name: 'screw_2' }] } },
  ]);
});

test('by material and name together both must fit; what fits nothing does nothing', async () => {
  expect(await plan([{ do: 'take-out', where: { name: 'sh', material: 'cloth' } }])).toHaveLength(1);
  expect(await plan([{ do: 'take-out', where: { name: 'shade', material: 'brass' } }])).toEqual([]);
  // one part cannot be joined
  expect(await plan([{ do: 'join', where: { name: 'foot' }, name: 'feet' }])).toEqual([]);
  expect(await plan([{ do: 'mend', what: 'cracks' }])).toEqual([]);
});

test('levels are made of what is heavy enough', async () => {
  expect(await plan([{ do: 'levels', above: 1000, shares: [0.5] }])).toEqual([]);
  expect(await plan([{ do: 'levels', above: 0, shares: [0.5, 0.25] }])).toMatchObject([
    { step: { kind: 'set-levels', levels: [{ share: 0.5 }, { share: 0.25 }] } },
  ]);
});

test('a model light enough is not reduced; smoothing means every part where none is named', async () => {
  const to = { by: 'share', share: 0.5 } as const;
  expect(await plan([{ do: 'reduce', above: 1000, to }])).toEqual([]);
  expect(await plan([{ do: 'reduce', above: 0, to }])).toMatchObject([{ step: { kind: 'reduce-triangles', to } }]);
  const [{ step }] = await plan([{ do: 'smooth', degrees: 30, atMaterials: true }]);
  expect(step).toMatchObject({ kind: 'shade-parts', degrees: 30, atMaterials: true });
  expect(step.kind === 'shade-parts' && step.parts).toHaveLength(7);
});

test('answers are none of the steps: they rest on the condition sheet', async () => {
  expect(await plan([{ do: 'answer', finding: 'normals' }])).toEqual([]);
});

test('every rule can be read as a sentence', () => {
  const rules: HouseTreatmentRule[] = [
    { do: 'answer', finding: 'normals' },
    { do: 'mend', what: 'holes' },
    { do: 'take-out', where: { name: 'tag*', belowM: 0.01 } },
    { do: 'join', where: { material: 'brass' }, name: 'fittings' },
    { do: 'smooth', degrees: 40, atMaterials: true },
    { do: 'reduce', above: 20_000, to: { by: 'triangles', triangles: 20_000 } },
    { do: 'reduce', above: 0, to: { by: 'error', mm: 1 } },
    { do: 'levels', above: 5000, shares: [0.5, 0.125] },
    { do: 'levels', above: 0, shares: [0.5] },
  ];
  expect(rules.map(describeRule)).toEqual([
    expect.stringMatching(/^take the likeliest answer about “.+”$/),
    'close small flat holes',
    'take out parts called tag* below 10 mm',
    'join parts of brass as “fittings”',
    'smooth every part below 40°, hard where materials meet',
    'reduce what has more than 20\u202f000 triangles to 20\u202f000 triangles',
    'reduce as far as 1 mm allows',
    'make coarser levels of what has more than 5\u202f000 triangles at 50, 13 %',
    'make coarser levels at 50 %',
  ]);
});

test('a rule that says no parts, and a treatment without a name or a rule, are refused', () => {
  expect(HouseTreatmentRuleSchema.safeParse({ do: 'take-out', where: {} }).success).toBe(false);
  expect(HouseTreatmentRuleSchema.safeParse({ do: 'mend', what: 'everything' }).success).toBe(false);
  expect(HouseTreatmentSchema.safeParse({ name: ' ', rules: [{ do: 'mend', what: 'holes' }] }).success).toBe(false);
  expect(HouseTreatmentSchema.safeParse({ name: 'tidy', rules: [] }).success).toBe(false);
});
