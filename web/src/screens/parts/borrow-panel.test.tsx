import type { Document } from '@gltf-transform/core';
import { listLenders, setOwnSteps, type LenderAsset } from '@haveld/contract/api/bench';
import { writeGlb } from '@haveld/core/scene/document/document-io';
import { setNodeSource } from '@haveld/core/scene/document/source-data';
import { listShownNodes } from '@haveld/core/scene/traverse';
import { addBox, createBoxDocument, createPng } from '@haveld/core/testing/documents';
import { line, names, openPartSheet } from '../../testing/open-part-sheet';
import { answer, screen, waitFor, within } from '../../testing/render-at';

/** A chest of drawers with a knob of brass. */
function buildChest(): Document {
  const document = createBoxDocument([0, 0, 0], [1, 1, 0.5], 'chest');
  const knob = addBox(document, [0.4, 0.5, 0.5], [0.44, 0.54, 0.54], 'knob');
  const texture = document
    .createTexture('brass')
    .setImage(createPng([200, 170, 60, 255]) as Uint8Array<ArrayBuffer>)
    .setMimeType('image/png');
  const brass = document.createMaterial('polished brass').setNormalTexture(texture);
  knob.getMesh()!.listPrimitives()[0].setMaterial(brass);
  listShownNodes(document).forEach((node, i) => setNodeSource(node, { id: `c${i}` }));
  return document;
}

const CHEST: LenderAsset = {
  id: 'chest',
  accession: 'HV-000031',
  name: 'Chest of drawers',
  versionNumber: 2,
  modelSha256: 'e'.repeat(64),
  thumbnailSha256: null,
  triangles: 24,
  author: 'Tor Aldersund',
  licenceId: 'CC-BY-4.0',
  standing: 'taken',
  others: [
    { part: 'maps', title: 'Worn brass', author: 'Runa Vestermoor', licenceId: 'CC-BY-SA-4.0', standing: 'look' },
  ],
};

function open(found: LenderAsset[] = [CHEST]) {
  const asked: string[] = [];
  const opened = openPartSheet({
    lend: () => writeGlb(buildChest()),
    answers: [
      answer(listLenders, ({ query }) => {
        asked.push(query.words);
        return found;
      }),
    ],
  });
  return { ...opened, asked };
}

const panel = () => within(screen.getByRole('region', { name: 'Borrow from the library' }));

test('by keyboard: a knob of another asset is put on what is chosen, turned, and moved while it is in hand', async () => {
  const { user, sent, asked } = open();
  await user.click(await line('body'));
  await user.keyboard('{Shift>}l{/Shift}');
  await user.keyboard('drawers tor');
  await waitFor(() => expect(asked).toContain('drawers tor'));
  expect(await screen.findByText('CC BY 4.0, Tor Aldersund')).toBeTruthy();
  await user.keyboard('{Enter}');
  expect(await panel().findByText(/its maps “Worn brass”: CC BY-SA 4.0, Runa Vestermoor/)).toBeTruthy();
  // the list of its parts opens by itself
  await screen.findByText('all of it');
  await user.keyboard('knob{Enter}');
  await user.click(await panel().findByRole('button', { name: 'Put it on what is chosen' }));
  await waitFor(() => expect(sent(setOwnSteps)).toHaveLength(1));
  const [{ key, steps }] = sent(setOwnSteps);
  expect(steps).toMatchObject([
    {
      kind: 'borrow-part',
      from: { id: 'chest', accession: 'HV-000031', versionNumber: 2, sha256: 'e'.repeat(64) },
      part: { name: 'knob' },
      under: { name: 'body' },
      degrees: 0,
      times: 1,
    },
  ]);
  // the middle of the top of the body
  [0.5, 2, 0.25].forEach((v, i) => expect((steps[0] as { at: number[] }).at[i]).toBeCloseTo(v, 5));
  expect(await panel().findByText('Click another place to move it.')).toBeTruthy();
  expect(await line('knob')).toBeTruthy();

  const turned = panel().getByLabelText('rotation, °');
  await user.clear(turned);
  await user.type(turned, '90{Enter}');
  await waitFor(() => expect(sent(setOwnSteps)).toHaveLength(2));
  // in place of what stood there, not besides
  expect(sent(setOwnSteps)[1]).toMatchObject({ key, steps: [{ degrees: 90, at: (steps[0] as { at: number[] }).at }] });
  expect(names().filter((name) => name === 'knob')).toHaveLength(1);
  await user.click(panel().getByRole('button', { name: 'Done (Esc)' }));
  expect(screen.queryByRole('region', { name: 'Borrow from the library' })).toBeNull();
});

test('a material is taken for those of the chosen parts, which keep their names', async () => {
  const { user, sent } = open();
  await user.click(await line('Mesh.001'));
  await user.click(screen.getByRole('button', { name: 'Borrow a part (Shift L)' }));
  await user.click(await screen.findByRole('option', { name: /Chest of drawers/ }));
  await user.click(await screen.findByRole('option', { name: 'polished brass' }));
  expect(await panel().findByText('brass will look like it, with its maps; it keeps its name.')).toBeTruthy();
  await user.click(panel().getByRole('button', { name: 'Take its looks for 1 material' }));
  await waitFor(() =>
    expect(sent(setOwnSteps)).toMatchObject([
      { steps: [{ kind: 'borrow-material', material: 'polished brass', materials: ['brass'] }] },
    ]),
  );
  await user.click(panel().getByRole('combobox', { name: 'Part, material or map' }));
  await user.click(await screen.findByRole('option', { name: 'polished brass, normal' }));
  await user.click(panel().getByRole('button', { name: 'Take the map for 1 material' }));
  await waitFor(() => expect(sent(setOwnSteps)[1]).toMatchObject({ steps: [{ slot: 'normal' }] }));
});

test('where the catalogue has nothing of that name it says so, and leaving takes nothing', async () => {
  const { user, sent } = open([]);
  await line('body');
  await user.keyboard('{Shift>}l{/Shift}');
  await user.keyboard('lighthouse');
  expect(await screen.findByText('Nothing in the catalogue is called so.')).toBeTruthy();
  await user.click(panel().getByRole('button', { name: 'Leave it (Esc)' }));
  expect(sent(setOwnSteps)).toEqual([]);
});
