import type { Document } from '@gltf-transform/core';
import type { Step } from '@haveld/contract/step';
import { setNodeSource } from '../../scene/document/source-data';
import { computeBounds } from '../../scene/measures/bounds';
import { getShownScene, listMeshInstances, listShownNodes } from '../../scene/traverse';
import { addBox, createBoxDocument, createMemoryCodec } from '../../testing/documents';
import { applyTreatment } from '../../treatment/apply-treatment';
import { listStepsBeforeParts, listStepsUpToPlace } from '../../treatment/steps';
import { planCut, planeAcross } from './plan-cut';

const context = { codec: createMemoryCodec(), readBytes: () => Promise.reject(new Error('no maps here')) };

/** A post of 1 × 2 × 1 units and its twin beside it, turned and stretched under a wrapper, with a cap. */
function build(): Document {
  const document = createBoxDocument([0, 0, 0], [1, 2, 1], 'post');
  const [post] = listShownNodes(document);
  const wrapper = document.createNode('wrapper').setRotation([0, 0.6, 0, 0.8]).setScale([2, 3, 1]);
  getShownScene(document).addChild(wrapper);
  wrapper.addChild(post).addChild(document.createNode('twin').setMesh(post.getMesh()).setTranslation([4, 0, 0]));
  addBox(document, [0, 2, 0], [1, 2.2, 1], 'cap', wrapper);
  listShownNodes(document).forEach((node, i) => setNodeSource(node, { id: `p${i}` }));
  return document;
}
const PLACING: Step[] = [
  { kind: 'scale', schema: 1, factor: 0.01, label: 'centimetres' },
  { kind: 'rotate', schema: 1, axis: 'x', degrees: 90 },
  { kind: 'bake-transforms', schema: 1 },
  { kind: 'set-pivot', schema: 1, at: 'base-centre', onGround: true },
  { kind: 'set-normals', schema: 1, from: 'angle', degrees: 30 },
];

async function plan(by: { plane: [number, number, number, number] } | { across: 0 | 1 | 2 }, ids?: string[]) {
  const [placed, before] = await Promise.all(
    [listStepsUpToPlace(PLACING), listStepsBeforeParts(PLACING)].map(async (steps) => {
      const document = build();
      await applyTreatment(document, steps, context);
      return document;
    }),
  );
  const plane = 'plane' in by ? by.plane : planeAcross(placed, by.across, ids)!;
  return planCut(placed, before, plane, ids);
}

test('a plane of the model as it stands cuts its parts where they lie in the file, through turns, scales and baking', async () => {
  const document = build();
  // upright it was 6.6 units of 1 cm, turned about X it lies along Z: across its middle in depth
  const cuts = await plan({ across: 2 });
  expect(cuts.map(({ part }) => part.name)).toEqual(['post', 'twin']);
  const outcomes = await applyTreatment(document, [...PLACING, { kind: 'cut-parts', schema: 1, cuts }], context);
  expect(outcomes.find(({ kind }) => kind === 'cut-parts')).toMatchObject({ unmatched: [], changed: '2 parts' });
  const whole = computeBounds(document)!;
  const middle = (whole.min[2] + whole.max[2]) / 2;
  for (const name of ['post', 'twin']) {
    const halves = listMeshInstances(document).filter(({ node }) => node.getName().startsWith(name));
    expect(halves.map(({ node }) => node.getName()).sort()).toEqual([name, `${name}_cut`]);
    const boxes = halves.map((instance) => computeBounds(document, [instance])!);
    // one ends where the other begins, in the plane
    const [low, high] = boxes.sort((a, b) => a.min[2] - b.min[2]);
    expect(low.max[2]).toBeCloseTo(middle, 5);
    expect(high.min[2]).toBeCloseTo(middle, 5);
  }
});

test('only what is chosen is cut, and what the plane does not go through is left', async () => {
  expect((await plan({ across: 2 }, ['p2'])).map(({ part }) => part.id)).toEqual(['p2']);
  expect(await plan({ plane: [0, 1, 0, 50] })).toEqual([]);
  expect(await plan({ across: 0 }, [])).toEqual([]);
});

test('a cut that meets another model is told and changes nothing', async () => {
  const cuts = await plan({ across: 2 }, ['p1']);
  const other = createBoxDocument([0, 0, 0], [1, 1, 1], 'post');
  const [outcome] = await applyTreatment(other, [{ kind: 'cut-parts', schema: 1, cuts }], context);
  expect(outcome.unmatched).toEqual(['post']);
  // beside it: the plane is told as not going through
  const missed = cuts.map((cut) => ({ ...cut, plane: [0, 1, 0, 99] as [number, number, number, number] }));
  const document = build();
  const [miss] = await applyTreatment(document, [{ kind: 'cut-parts', schema: 1, cuts: missed }], context);
  expect(miss.unmatched).toEqual(['a part of post on the other side']);
  expect(listMeshInstances(document)).toHaveLength(3);
});
