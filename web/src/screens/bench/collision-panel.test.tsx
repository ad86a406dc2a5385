import { getSheet, listBench, listStandIns, setOwnSteps, type Sheet } from '@haveld/contract/api/bench';
import type { StepOf } from '@haveld/contract/step';
import type { FittedCollision } from '@haveld/core/placement/collision/fit-collision';
import { exampleSheet } from '../../testing/example-sheet';
import { answer, renderAt, screen, waitFor, within } from '../../testing/render-at';
import { treatInPlace } from '../../testing/treat-in-place';

const STOOL: FittedCollision = {
  proposed: 'hulls',
  matter: 'wood',
  solidM3: 0.01,
  shapes: [
    { kind: 'box', times: 4.2, air: 0.21, hulls: 0, outline: new Float32Array(72) },
    { kind: 'hull', times: 2.5, air: 0.18, hulls: 1, outline: new Float32Array(72) },
    { kind: 'hulls', times: 1.08, air: 0.02, hulls: 5, outline: new Float32Array(72) },
  ],
};
const TAKEN: StepOf<'set-collision'> = {
  kind: 'set-collision',
  schema: 1,
  shape: 'box',
  isMovable: false,
  matter: 'stone',
};

function open(steps: Partial<Sheet['steps'][number]>[] = [], fitted: FittedCollision | null = STOOL) {
  const sheet = exampleSheet({ id: 'stool', name: 'Stool', documentSha256: 'd'.repeat(64), steps } as never);
  treatInPlace(() => ({}), { fitShapes: () => Promise.resolve(fitted) });
  return renderAt('/bench/stool', [
    answer(listStandIns, () => []),
    answer(listBench, () => []),
    answer(getSheet, () => sheet),
    answer(setOwnSteps, () => sheet),
  ]);
}
async function openPanel(user: ReturnType<typeof open>['user']) {
  await user.click(await screen.findByRole('button', { name: 'Collision shape' }));
  return within(await screen.findByRole('region', { name: 'Collision shape' }));
}

test('every shape says how well it fits, the best is in hand, and is taken with what it weighs by its matter', async () => {
  const { user, sent } = open();
  const panel = await openPanel(user);
  expect(await panel.findByText('1.08 ×')).toBeTruthy();
  expect(panel.getByRole<HTMLInputElement>('radio', { name: /convex hulls/ }).checked).toBe(true);
  expect(within(panel.getByRole('radio', { name: /convex hulls/ }).closest('tr')!).getByText('fits best')).toBeTruthy();
  // a hundredth of a cubic metre of wood, 650 kg each
  expect(panel.getByLabelText<HTMLInputElement>('Weight, kg').placeholder).toBe('6.5');
  await user.click(panel.getByRole('button', { name: 'Take it' }));
  await waitFor(() =>
    expect(sent(setOwnSteps)).toEqual([
      {
        key: 'own:collision',
        seen: [],
        steps: [{ kind: 'set-collision', schema: 1, shape: 'hulls', isMovable: true, matter: 'wood' }],
      },
    ]),
  );
});

test('another shape, another matter and a weight of its own; what is no weight is not taken', async () => {
  const { user, sent } = open();
  const panel = await openPanel(user);
  await user.click(await panel.findByRole('radio', { name: /a box/ }));
  await user.selectOptions(panel.getByRole('combobox'), 'metal');
  await user.type(panel.getByLabelText('Weight, kg'), 'heavy');
  expect(panel.getByRole<HTMLButtonElement>('button', { name: 'Take it' }).disabled).toBe(true);
  await user.clear(panel.getByLabelText('Weight, kg'));
  await user.type(panel.getByLabelText('Weight, kg'), '3,5');
  await user.click(panel.getByRole('button', { name: 'Take it' }));
  await waitFor(() =>
    expect(sent(setOwnSteps)[0]).toMatchObject({ steps: [{ shape: 'box', matter: 'metal', massKg: 3.5 }] }),
  );
});

test('what was taken is in hand again, and can be gone without', async () => {
  const { user, sent } = open([{ id: 's1', step: TAKEN, title: '', enabled: true, findingKey: 'own:collision' }]);
  const panel = await openPanel(user);
  expect((await panel.findByRole<HTMLInputElement>('radio', { name: /a box/ })).checked).toBe(true);
  expect(panel.getByRole<HTMLInputElement>('radio', { name: 'fixed' }).checked).toBe(true);
  // what never moves weighs nothing here
  expect(panel.queryByLabelText('Weight, kg')).toBeNull();
  await user.click(panel.getByRole('button', { name: 'Without' }));
  await waitFor(() => expect(sent(setOwnSteps)).toEqual([{ key: 'own:collision', seen: [TAKEN], steps: [] }]));
});

test('a sheet says that nothing can hold it; a key opens and closes the panel', async () => {
  const { user } = open([], null);
  await screen.findByRole('button', { name: 'Collision shape' });
  await user.keyboard('w');
  expect(await screen.findByText('Too flat for a collision shape.')).toBeTruthy();
  await user.keyboard('w');
  expect(screen.queryByRole('region', { name: 'Collision shape' })).toBeNull();
});
