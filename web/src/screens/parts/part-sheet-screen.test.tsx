import type { Document } from '@gltf-transform/core';
import { setOwnSteps, switchStep } from '@haveld/contract/api/bench';
import type { Step } from '@haveld/contract/step';
import { createScalars } from '@haveld/core/scene/meshes/create-scalars';
import { listIndices } from '@haveld/core/scene/meshes/list-indices';
import { setNodeSource } from '@haveld/core/scene/document/source-data';
import { listShownNodes } from '@haveld/core/scene/traverse';
import { addBox } from '@haveld/core/testing/documents';
import { buildCupboard, line, names, openPartSheet } from '../../testing/open-part-sheet';
import { fireEvent, screen, waitFor, within } from '../../testing/render-at';

test('every part stands as it hangs, with what it is made of, and what is odd about it', async () => {
  openPartSheet();
  expect(await line('body')).toBeTruthy();
  expect(names()).toEqual(['cupboard', 'door_holder', 'door', 'body', 'Mesh.000', 'Mesh.001', 'Mesh.002']);
  const holder = within(await line('door_holder'));
  expect(holder.getByText('holds only one thing')).toBeTruthy();
  expect(within(await line('Mesh.001')).getByText(/no name of its own/)).toBeTruthy();
  expect(within(await line('body')).getByText('oak')).toBeTruthy();
  // what is folded is counted
  fireEvent.click(holder.getByRole('button', { name: 'fold door_holder' }));
  expect(names()).not.toContain('door');
  expect(within(await line('door_holder')).getByText('+1')).toBeTruthy();
});

test('three parts are chosen by a pattern, joined by a key, and come apart again by undoing', async () => {
  const { user, sent } = openPartSheet();
  await line('body');
  await user.keyboard('s');
  await user.keyboard('mesh*{Enter}');
  expect(await screen.findByRole('heading', { name: '3 parts chosen' })).toBeTruthy();
  await user.keyboard('o');
  await waitFor(() => expect(sent(setOwnSteps)).toHaveLength(1));
  expect(sent(setOwnSteps)[0]).toMatchObject({
    key: expect.stringMatching(/^own:parts:/),
    steps: [{ kind: 'join-parts', parts: [{ id: 'p4' }, { id: 'p5' }, { id: 'p6' }] }],
  });
  await waitFor(() => expect(names()).toEqual(['Mesh.000']));
  expect(screen.getByText('3 parts joined as “Mesh.000”')).toBeTruthy();
  await user.keyboard('{Control>}z{/Control}');
  await waitFor(() => expect(names()).toHaveLength(3));
  expect(sent(switchStep)).toEqual([{ stepId: 's0', enabled: false }]);
  await user.keyboard('{Control>}{Shift>}z{/Shift}{/Control}');
  await waitFor(() => expect(names()).toHaveLength(1));
});

test('a part is renamed, and what cannot be done says why', async () => {
  const { user, sent } = openPartSheet();
  await user.click(await line('door'));
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Join into one (o)' }).disabled).toBe(true);
  expect(screen.getByTitle('Choose two parts or more that show something.')).toBeTruthy();
  const field = screen.getByRole('textbox', { name: 'Name of the part' });
  await user.clear(field);
  await user.type(field, 'left door{Enter}');
  await waitFor(() => expect(names()).toContain('left door'));
  expect(sent(setOwnSteps)[0].steps).toMatchObject([
    { kind: 'name-parts', names: [{ part: { name: 'door', id: 'p2' }, name: 'left door' }] },
  ]);
});

test('a part is hung under another by keys alone, and nothing hangs under itself', async () => {
  const { user, sent } = openPartSheet();
  await user.click(await line('body'));
  await user.keyboard('u');
  expect(await screen.findByText(/What do they hang under/)).toBeTruthy();
  await user.click(await line('body'));
  expect(sent(setOwnSteps)).toEqual([]);
  await user.click(await line('door'));
  await waitFor(() => expect(sent(setOwnSteps)).toHaveLength(1));
  await waitFor(() => expect(names().slice(0, 4)).toEqual(['cupboard', 'door_holder', 'door', 'body']));
  expect(sent(setOwnSteps)[0].steps).toMatchObject([{ kind: 'hang-parts', under: { id: 'p2' } }]);
});

test('what speaks for a step is offered, looked at, and taken', async () => {
  const { user, sent } = openPartSheet();
  const offers = within(await screen.findByRole('region', { name: 'Proposals' }));
  await user.click(offers.getByText('3 parts have no name of their own'));
  expect(screen.getByRole('heading', { name: '3 parts chosen' })).toBeTruthy();
  await user.click(offers.getByRole('button', { name: 'Name them' }));
  await waitFor(() => expect(sent(setOwnSteps)).toHaveLength(1));
  await waitFor(() => expect(names()).toContain('brass_block_1'));
  expect(offers.queryByText('3 parts have no name of their own')).toBeNull();
});

test('by what is odd, only that is shown; where no word fits, it is said', async () => {
  const { user } = openPartSheet();
  await line('body');
  await user.selectOptions(screen.getByRole('combobox'), 'odd');
  await waitFor(() => expect(names().sort()).toEqual(['Mesh.000', 'Mesh.001', 'Mesh.002', 'door_holder']));
  await user.type(screen.getByRole('searchbox'), 'anchor');
  expect(await screen.findByText('No part is like that')).toBeTruthy();
});

test('under the root that is made later is at the top, and what is done to that root itself is refused in words', async () => {
  const pivot: Step = { kind: 'set-pivot', schema: 1, at: 'base-centre', onGround: true };
  const { user, sent } = openPartSheet({ before: [pivot] });
  await user.click(await line('body'));
  await user.keyboard('u');
  await user.click(await line('root'));
  await waitFor(() => expect(sent(setOwnSteps)).toHaveLength(1));
  expect(sent(setOwnSteps)[0].steps).toMatchObject([{ kind: 'hang-parts', parts: [{ id: 'p3' }], under: null }]);
  await user.click(await line('root'));
  await user.keyboard('g');
  expect(await screen.findByText(/made by a later step/)).toBeTruthy();
  expect(sent(setOwnSteps)).toHaveLength(1);
});

/** The cupboard, with a body whose first two faces look inwards and whose last is missing. */
function buildSpoilt(): Document {
  const document = buildCupboard();
  const body = listShownNodes(document).find((node) => node.getName() === 'body')!;
  const indices = listIndices(body.getMesh()!.listPrimitives()[0]);
  [indices[1], indices[2], indices[4], indices[5]] = [indices[2], indices[1], indices[5], indices[4]];
  body
    .getMesh()!
    .listPrimitives()[0]
    .setIndices(createScalars(document, indices.slice(0, 30)));
  return document;
}

test('how its faces meet is said, and mended by keys: turned, closed, smoothed', async () => {
  const { user, sent } = openPartSheet({ build: buildSpoilt });
  expect(await screen.findByText('2 polygons look the wrong way')).toBeTruthy();
  await user.click(await line('body'));
  expect(await screen.findByText('2 polygons the wrong way')).toBeTruthy();
  await user.keyboard('j');
  const hand = within(await screen.findByRole('region', { name: 'Its surface' }));
  expect(await hand.findByText('not closed, 1 shell')).toBeTruthy();
  expect(hand.getByText('3 edges whose two faces look opposite ways')).toBeTruthy();
  await user.keyboard('n');
  expect(await hand.findByText('4 open edges')).toBeTruthy();
  expect(await hand.findByText('1 ring of open edges, 1 flat, the largest 2.00 m')).toBeTruthy();
  // larger than what is asked for: nothing is closed
  await user.type(hand.getByLabelText('Close flat holes up to'), '200{Enter}');
  await waitFor(() => expect(sent(setOwnSteps)).toHaveLength(2));
  expect(sent(setOwnSteps)[1].steps).toMatchObject([{ kind: 'close-holes', parts: [{ id: 'p3' }], upTo: 0.1 }]);
  await user.clear(hand.getByLabelText('Close flat holes up to'));
  await user.keyboard('{Enter}');
  expect(await hand.findByText('closed, 1 shell')).toBeTruthy();
  expect(hand.queryByText(/open edge/)).toBeNull();
  await user.clear(hand.getByLabelText('Smooth edges below'));
  await user.type(hand.getByLabelText('Smooth edges below'), 'flat');
  expect(hand.getByRole<HTMLButtonElement>('button', { name: 'Smooth (z)' }).disabled).toBe(true);
  await user.clear(hand.getByLabelText('Smooth edges below'));
  await user.type(hand.getByLabelText('Smooth edges below'), '100{Enter}');
  await waitFor(() =>
    expect(sent(setOwnSteps).at(-1)?.steps).toMatchObject([{ kind: 'shade-parts', degrees: 100, atMaterials: false }]),
  );
});

/** The same with a lamp shut up in its body. */
function buildWithLamp(): Document {
  const document = buildCupboard();
  const root = listShownNodes(document)[0];
  setNodeSource(addBox(document, [0.4, 0.4, 0.1], [0.6, 0.6, 0.2], 'lamp', root), { id: 'lamp' });
  return document;
}

test('faces nobody sees are looked for by a key, lit when they are chosen, and taken out', async () => {
  const { user, sent } = openPartSheet({ build: buildWithLamp });
  await screen.findByRole('button', { name: /^Find hidden/ });
  await user.keyboard('{Shift>}b{/Shift}');
  const found = within(await screen.findByRole('region', { name: 'Problem faces' }));
  await new Promise((resolve) => setTimeout(resolve, 120));
  expect(screen.queryByRole('progressbar', { name: 'Faces checked' })).toBeNull();
  const hidden = found.getByRole('button', { name: /cannot be seen from outside/ });
  expect(hidden.title).toContain('lamp, all of it');
  await user.click(hidden);
  expect(hidden.getAttribute('aria-pressed')).toBe('true');
  await user.click(found.getByRole('button', { name: 'Take them out' }));
  await waitFor(() => expect(sent(setOwnSteps)).toHaveLength(1));
  const { steps } = sent(setOwnSteps)[0] as { steps: Step[] };
  expect(steps).toContainEqual(
    expect.objectContaining({ kind: 'take-out', parts: [expect.objectContaining({ id: 'lamp' })] }),
  );
  // what was found is of the model as it was
  expect(await screen.findByRole('button', { name: /^Find hidden/ })).toBeTruthy();
});

test('looking through faces can be stopped, and begun again', async () => {
  const { user } = openPartSheet({ waitsWithFaces: true });
  await user.click(await screen.findByRole('button', { name: /^Find hidden/ }));
  expect(await screen.findByRole('progressbar', { name: 'Faces checked' })).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Stop' }));
  expect(await screen.findByRole('button', { name: /^Find hidden/ })).toBeTruthy();
  expect(screen.queryByRole('progressbar', { name: 'Faces checked' })).toBeNull();
});
