import { ArrivalSchema, getArrival, joinArrivals, listArrivals, regroupFile } from '@haveld/contract/api/arrivals';
import { DomainError } from '@haveld/contract/error';
import { exampleOf } from '@haveld/contract/testing/example-of';
import { layOut } from '../../testing/lay-out';
import { answer, renderAt, screen, waitFor, within } from '../../testing/render-at';

const DAY = '2026-11-02T10:00:00.000Z';
const harbour = exampleOf(ArrivalSchema, {
  id: 'a1',
  name: 'harbour.zip',
  state: 'ready',
  createdAt: DAY,
  counts: { finds: 2, alone: 2, ready: 1, decisions: 0, taken: 1 },
  finds: [
    { id: 'buoy', name: 'Bell buoy', modelPath: 'harbour.zip/buoy.obj', state: 'read' },
    {
      id: 'mast',
      name: 'Mast',
      modelPath: 'harbour.zip/mast.obj',
      state: 'on-bench',
      asset: { id: 'x', state: 'on-bench' },
    },
  ],
  files: [
    { id: 1, path: 'harbour.zip/buoy.obj', kind: 'model', uses: [{ findId: 'buoy', role: 'model' }] },
    { id: 2, path: 'harbour.zip/buoy_low.obj', kind: 'model', uses: [{ findId: 'buoy', role: 'lod' }] },
    { id: 3, path: 'harbour.zip/front.png', kind: 'picture', uses: [{ findId: 'buoy', role: 'map' }] },
    { id: 4, path: 'harbour.zip/Thumbs.db', kind: 'other', excludedReason: 'left by a file browser' },
  ],
});
const open = () =>
  renderAt('/arrivals/a1', [
    answer(getArrival, () => harbour),
    answer(listArrivals, () => [
      harbour,
      exampleOf(ArrivalSchema, { id: 'a2', name: 'maps.zip', state: 'ready', createdAt: DAY }),
      exampleOf(ArrivalSchema, { id: 'a3', name: 'on its way', state: 'reading', createdAt: DAY }),
    ]),
    answer(regroupFile, () => ({})),
    answer(joinArrivals, () => ({ id: 'a1' })),
  ]);

beforeEach(() => layOut({ width: 1200, height: 700 }));

/** Opens the menu of a file. @returns what it offers */
async function offers(user: ReturnType<typeof open>['user'], path: RegExp) {
  await user.click(await screen.findByRole('button', { name: path }));
  const menu = await screen.findByRole('menu');
  return within(menu).getAllByRole('menuitem');
}

test('a model may go to another find, become a level of detail, a find of its own, or be excluded', async () => {
  const { user, sent, askedOf } = open();
  const items = await offers(user, /buoy_low/);
  expect(items.map((item) => item.textContent)).toEqual([
    'With “Bell buoy”',
    'With “Mast”',
    'The model of “Bell buoy”',
    'A level of detail of “Bell buoy”',
    'A find of its own',
    'Excluded, in no find',
  ]);
  // what is on the bench keeps its files
  expect(items[1].getAttribute('aria-disabled')).toBe('true');
  await user.click(items[4]);
  expect(sent(regroupFile)).toEqual([{ to: 'new' }]);
  expect(askedOf(regroupFile)[0].params).toEqual({ id: 2 });
});

test('a picture may show a find instead of being its map', async () => {
  const { user, sent } = open();
  const items = await offers(user, /front/);
  await user.click(items.find((item) => item.textContent === 'Shows “Bell buoy”, no map')!);
  expect(sent(regroupFile)).toEqual([{ to: 'buoy', role: 'preview' }]);
});

test('each file says what it is used as, or why it is in no find', async () => {
  open();
  expect((await screen.findByRole('button', { name: /Thumbs/ })).textContent).toContain('left by a file browser');
  const place = screen.getByRole('article', { name: 'Bell buoy' });
  expect(place.textContent).toContain('3 files');
  expect(screen.getByRole('article', { name: 'Mast' }).textContent).toContain(
    'on the bench, its files stay as they are',
  );
});

test('another arrival that waits can be joined, one that is still read cannot, and none where something is on the bench', async () => {
  open();
  await screen.findByRole('article', { name: 'Mast' });
  expect(screen.queryByRole('button', { name: 'Join with another arrival' })).toBeNull();
});

test('joining goes back to the arrivals', async () => {
  const loose = { ...harbour, finds: [harbour.finds[0]], counts: { ...harbour.counts, finds: 1, taken: 0 } };
  const { user, where, sent } = renderAt('/arrivals/a1', [
    answer(getArrival, () => loose),
    answer(listArrivals, () => [
      loose,
      exampleOf(ArrivalSchema, { id: 'a2', name: 'maps.zip', state: 'ready', createdAt: DAY }),
      exampleOf(ArrivalSchema, { id: 'a3', name: 'on its way', state: 'reading', createdAt: DAY }),
    ]),
    answer(joinArrivals, () => ({ id: 'a1' })),
  ]);
  await user.click(await screen.findByRole('button', { name: 'Join with another arrival' }));
  const items = within(await screen.findByRole('menu')).getAllByRole('menuitem');
  expect(items.map((item) => item.textContent)).toEqual(['maps.zip']);
  await user.click(items[0]);
  expect(sent(joinArrivals)).toEqual([{ otherId: 'a2' }]);
  await waitFor(() => expect(where()).toBe('/arrivals'));
});

test('an arrival that is gone says what may have become of it', async () => {
  renderAt('/arrivals/lost', [
    answer(listArrivals, () => []),
    answer(getArrival, () => {
      throw new DomainError('not-found', 'This arrival is not here any more.');
    }),
  ]);
  expect(await screen.findByText('This arrival is not here any more')).toBeTruthy();
});
