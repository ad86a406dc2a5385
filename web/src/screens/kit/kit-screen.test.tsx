import { drawKit, getKit, KitSchema, takePieces, type Kit } from '@haveld/contract/api/kits';
import { cancelJob } from '@haveld/contract/api/progress';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';
import { layOut } from '../../testing/lay-out';
import { answer, renderAt, screen, within } from '../../testing/render-at';

const kit = (more: Partly<Kit> = {}): Kit =>
  exampleOf(KitSchema, {
    id: 'k',
    name: 'Harbour kit',
    arrivalName: 'harbour.zip',
    reason: '4 things in one file',
    pieces: [
      { ordinal: 0, name: 'plank', triangles: 12, width: 2, height: 0.1, state: 'seen' },
      { ordinal: 1, name: 'post', triangles: 20, width: 0.2, height: 2, state: 'seen' },
      {
        ordinal: 2,
        name: 'empty',
        triangles: 0,
        width: 1,
        height: 1,
        state: 'failed',
        message: 'There is no surface in it.',
      },
      {
        ordinal: 3,
        name: 'bollard',
        triangles: 80,
        width: 1,
        height: 1,
        state: 'on-bench',
        assetId: 'x',
        accession: 'HV-00007',
      },
    ],
    ...more,
  } as Partly<Kit>);
const open = (now: Kit) =>
  renderAt('/kits/k', [
    answer(getKit, () => now),
    answer(takePieces, () => ({})),
    answer(drawKit, () => ({})),
    answer(cancelJob, () => ({})),
  ]);

beforeEach(() => layOut({ width: 1200, height: 800 }));

test('pieces are picked one by one and taken together; one that is taken already is not picked', async () => {
  const { user, sent } = open(kit());
  const list = within(await screen.findByRole('list', { name: 'Pieces' }));
  expect(list.getByRole<HTMLButtonElement>('button', { name: /bollard/ }).disabled).toBe(true);
  expect(list.getByText('There is no surface in it.')).toBeTruthy();
  await user.click(list.getByRole('button', { name: /post/ }));
  await user.click(list.getByRole('button', { name: /plank/ }));
  await user.click(list.getByRole('button', { name: /post/ }));
  await user.click(screen.getByRole('button', { name: '1 piece to the bench' }));
  expect(sent(takePieces)).toEqual([{ ordinals: [0] }]);
});

test('what is shown by its name is what all picks', async () => {
  const { user, sent } = open(kit());
  await user.type(await screen.findByLabelText('Name holds'), 'PO');
  expect(within(screen.getByRole('list', { name: 'Pieces' })).getAllByRole('listitem')).toHaveLength(1);
  await user.click(screen.getByRole('button', { name: 'Pick all 1' }));
  await user.click(screen.getByRole('button', { name: '1 piece to the bench' }));
  expect(sent(takePieces)).toEqual([{ ordinals: [1] }]);
});

test('the bar says the true length, or that the file has its own unit', async () => {
  const { user } = open(kit());
  expect(await screen.findByText(/in the file’s own unit/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Each in its own frame' }));
  expect(screen.queryByText(/in the file’s own unit/)).toBeNull();
});

test('drawing that was stopped can go on; what goes on can be stopped', async () => {
  const { user, askedOf } = open(kit({ undrawn: 3 }));
  await user.click(await screen.findByRole('button', { name: 'Draw the other 3' }));
  expect(askedOf(drawKit)).toHaveLength(1);
});

test('pieces that are being taken are counted, and can be stopped', async () => {
  const { user, askedOf } = open(kit({ progress: { jobId: 9, label: 'taking', done: 1, total: 3 } }));
  expect(await screen.findByText(/taking: piece 1 of 3/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Stop' }));
  expect(askedOf(cancelJob)[0].params).toEqual({ id: 9 });
});
