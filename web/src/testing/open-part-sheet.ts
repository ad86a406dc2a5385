import type { Document } from '@gltf-transform/core';
import { getSheet, setOwnSteps, switchStep, type Sheet } from '@haveld/contract/api/bench';
import type { Step } from '@haveld/contract/step';
import { createDocument, readGlb } from '@haveld/core/scene/document/document-io';
import { setNodeSource } from '@haveld/core/scene/document/source-data';
import { PartIndex } from '@haveld/core/scene/part-ref';
import { getShownScene, listShownNodes } from '@haveld/core/scene/traverse';
import { describeLender } from '@haveld/core/structure/borrow/describe-lender';
import { findPlace } from '@haveld/core/structure/borrow/find-place';
import { lookThroughFaces } from '@haveld/core/structure/faces/face-offers';
import { describePartSheet } from '@haveld/core/structure/parts/part-sheet';
import { describeSurfaces } from '@haveld/core/structure/surfaces/describe-surfaces';
import { addBox, createMemoryCodec } from '@haveld/core/testing/documents';
import { applyTreatment } from '@haveld/core/treatment/apply-treatment';
import { getStepDefinition, listStepsBeforeParts, listStepsUpToPlace, orderSteps } from '@haveld/core/treatment/steps';
import { exampleSheet } from './example-sheet';
import { layOut } from './lay-out';
import { answer, renderAt, screen, waitFor, within, type Answer } from './render-at';
import { treatInPlace } from './treat-in-place';

// The worker's part is played by the real thing: a document in memory, treated by the steps the screen has.
/** A cupboard: a body, a door in a group of its own, three screws that have no names. */
export function buildCupboard(): Document {
  const document = createDocument();
  const scene = getShownScene(document);
  const [oak, brass] = ['oak', 'brass'].map((name) => document.createMaterial(name));
  const root = document.createNode('cupboard');
  scene.addChild(root);
  const holder = document.createNode('door_holder');
  root.addChild(holder);
  addBox(document, [0, 0, 0], [1, 2, 0.5], 'body', root).getMesh()!.listPrimitives()[0].setMaterial(oak);
  addBox(document, [0, 0, 0.5], [1, 2, 0.52], 'door', holder).getMesh()!.listPrimitives()[0].setMaterial(oak);
  for (let i = 0; i < 3; i++)
    addBox(document, [0.2 + i * 0.3, 1.9, 0.52], [0.21 + i * 0.3, 1.91, 0.53], `Mesh.00${i}`, root)
      .getMesh()!
      .listPrimitives()[0]
      .setMaterial(brass);
  listShownNodes(document).forEach((node, i) => setNodeSource(node, { id: `p${i}` }));
  return document;
}

/**
 * Opens the sheet of parts with a server that keeps the steps it is given.
 * @param before steps that stand there already
 * @param waitsWithFaces looking through faces does not end
 * @param lend bytes of what is borrowed from
 * @param answers of endpoints besides
 */
export function openPartSheet({
  before = [],
  build = buildCupboard,
  waitsWithFaces = false,
  lend = () => Promise.reject(new Error('nothing is lent here')),
  answers = [],
}: {
  before?: Step[];
  build?: () => Document;
  waitsWithFaces?: boolean;
  lend?: () => Promise<Uint8Array>;
  answers?: readonly Answer[];
} = {}) {
  const context = { codec: createMemoryCodec(), readBytes: lend };
  const treatedBy = async (steps: readonly Step[]): Promise<Document> => {
    const document = build();
    await applyTreatment(document, steps, context);
    return document;
  };

  let taken: Sheet['steps'] = before.map((step, i) => ({
    id: `b${i}`,
    step,
    title: '',
    enabled: true,
    findingKey: null,
    personName: 'Haveld',
  }));
  const sheet = (): Sheet => {
    const steps = orderSteps(taken).map((row) => ({ ...row, title: getStepDefinition(row.step).title(row.step) }));
    return exampleSheet({ id: 'cupboard', name: 'Cupboard', documentSha256: 'd'.repeat(64), steps } as never);
  };
  layOut({ width: 800, height: 900 });
  treatInPlace(() => ({}), {
    describeParts: async (_, steps) =>
      describePartSheet(await treatedBy(steps), await treatedBy(listStepsBeforeParts(steps))),
    describeSurfaces: async (_, steps, __, ids) => describeSurfaces(await treatedBy(steps), ids),
    referToParts: async (_, steps, __, ids) => {
      const index = new PartIndex(await treatedBy(listStepsBeforeParts(steps)));
      return ids.map((id) => index.get(id) && index.refer(index.get(id)!));
    },
    findPlace: async (_, steps, __, { id, point }) =>
      findPlace(await treatedBy(listStepsUpToPlace(steps)), await treatedBy(listStepsBeforeParts(steps)), id, point),
    describeLender: async () => describeLender(await readGlb(await lend())),
    lookThroughFaces: async (_, steps, __, tell) => {
      if (waitsWithFaces) await new Promise(() => {});
      // the last word on how far it is comes after the end
      setTimeout(() => tell(1), 50);
      return lookThroughFaces(await treatedBy(listStepsBeforeParts(steps)), tell);
    },
  });
  return renderAt('/bench/cupboard/parts', [
    answer(getSheet, sheet),
    ...answers,
    answer(setOwnSteps, ({ body }) => {
      taken = taken.filter(({ findingKey }) => findingKey !== body.key);
      for (const step of body.steps)
        taken.push({
          id: `s${taken.length}`,
          step,
          title: '',
          enabled: true,
          findingKey: body.key,
          personName: 'Maja',
        });
      return sheet();
    }),
    answer(switchStep, ({ body }) => {
      taken = taken.map((row) => (row.id === body.stepId ? { ...row, enabled: body.enabled } : row));
      return sheet();
    }),
  ]);
}

const grid = () => within(screen.getByRole('grid', { name: 'Parts of the model' }));
const lines = (): HTMLElement[] => grid().getAllByRole('row').slice(1);
const nameOf = (line: HTMLElement): string => line.querySelector('strong')!.textContent;
/** Of parts as they stand on the plan. */
export const names = (): string[] => lines().map(nameOf);
/** Waits for the line of a part. */
export const line = async (name: string): Promise<HTMLElement> => {
  await screen.findByRole('grid', { name: 'Parts of the model' });
  return waitFor(() => {
    const found = lines().find((one) => nameOf(one) === name);
    if (!found) throw new Error(`no line of ${name}`);
    return found;
  });
};
