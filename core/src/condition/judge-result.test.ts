import type { Document } from '@gltf-transform/core';
import type { Step } from '@haveld/contract/step';
import { readGlb, writeGlb } from '../scene/document/document-io';
import { createPartRef } from '../scene/part-ref';
import { listShownNodes } from '../scene/traverse';
import { addBox, createBoxDocument, createMemoryCodec } from '../testing/documents';
import { applyTreatment } from '../treatment/apply-treatment';
import { findNewlyWrong, judgeAgain } from './judge-result';
import { addWorse } from './newly-wrong';

const context = { codec: createMemoryCodec(), readBytes: () => Promise.reject(new Error('no maps here')) };

/** A chest of oak with a lid of oak. */
function createChest(): Document {
  const document = createBoxDocument([0, 0, 0], [1, 0.6, 0.5], 'chest');
  addBox(document, [0, 0.6, 0], [1, 0.7, 0.5], 'lid');
  const oak = document.createMaterial('oak').setBaseColorFactor([0.4, 0.3, 0.2, 1]).setRoughnessFactor(0.8);
  for (const mesh of document.getRoot().listMeshes()) mesh.listPrimitives()[0].setMaterial(oak);
  return document;
}

async function judge(steps: Step[]) {
  const bytes = await writeGlb(createChest());
  const treated = await readGlb(bytes);
  const outcomes = await applyTreatment(treated, steps, context);
  const asked: number[] = [];
  const treat = (document: Document, some: Step[]) => {
    asked.push(some.length);
    return applyTreatment(document, some, context);
  };
  const found = await judgeAgain({ read: () => readGlb(bytes), treat }, treated, steps);
  return { found, asked, outcomes: addWorse(outcomes, found) };
}

const flip = (document: Document): Step => ({
  kind: 'flip-faces',
  schema: 1,
  parts: [
    createPartRef(
      document,
      listShownNodes(document).find((node) => node.getName() === 'lid')!,
    ),
  ],
});

test('what a treatment brings about is told at the step that did it', async () => {
  const { outcomes, asked } = await judge([
    { kind: 'scale', schema: 1, factor: 0.5, label: 'halved' },
    flip(createChest()),
    { kind: 'name-root', schema: 1, name: 'chest' },
  ]);
  const worse = outcomes.map((outcome) => [outcome.kind, outcome.worse]);
  expect(worse).toEqual([
    ['flip-faces', [expect.stringMatching(/^now: .*inside out/)]],
    ['scale', []],
    ['name-root', []],
  ]);
  // of three steps one is looked at besides
  expect(asked.length).toBeLessThanOrEqual(2);
});

test('what was wrong already is not blamed on a treatment, and what goes right is asked nothing', async () => {
  const { found, asked } = await judge([
    { kind: 'scale', schema: 1, factor: 0.01, label: 'cm' },
    { kind: 'bake-transforms', schema: 1 },
    { kind: 'set-pivot', schema: 1, at: 'base-centre', onGround: true },
    { kind: 'name-root', schema: 1, name: 'chest' },
  ]);
  expect(found).toEqual([]);
  expect(asked).toEqual([]);
});

test('of many steps few are looked at', async () => {
  const asked: number[] = [];
  const found = await findNewlyWrong(new Map(), new Map([['a', 'A is wrong']]), 40, (count) => {
    asked.push(count);
    return Promise.resolve(new Map(count >= 27 ? [['a', 'A is wrong']] : []));
  });
  expect(found).toEqual([{ step: 26, title: 'A is wrong' }]);
  expect(asked.length).toBeLessThan(7);
});
