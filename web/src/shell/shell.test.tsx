import { ArrivalSchema, listArrivals } from '@haveld/contract/api/arrivals';
import { searchCatalogue, CatalogueSchema } from '@haveld/contract/api/catalogue';
import { changePassword, getMe, PersonSchema, signIn, signOut } from '@haveld/contract/api/people';
import { getProgress, ProgressSchema } from '@haveld/contract/api/progress';
import { DomainError } from '@haveld/contract/error';
import { exampleOf } from '@haveld/contract/testing/example-of';
import { answer, fireEvent, renderAt, screen, waitFor, within } from '../testing/render-at';

const maja = exampleOf(PersonSchema, { id: 'maja', name: 'Maja Lindqvist', role: 'owner' });
const nobody = answer(getMe, () => {
  throw new DomainError('not-signed-in', 'Please sign in.');
});
const noArrivals = answer(listArrivals, () => []);

test('who is not signed in meets the door, and a wrong password is told in the server’s words', async () => {
  let tries = 0;
  const { user, sent } = renderAt('/arrivals', [
    nobody,
    noArrivals,
    answer(signIn, () => {
      if (tries++ === 0) throw new DomainError('not-signed-in', 'Name and password do not fit.');
      return maja;
    }),
  ]);
  await user.click(await screen.findByRole('button', { name: 'Sign in' }));
  expect(await screen.findByText('Your name is needed.')).toBeTruthy();
  expect(screen.getByText('Your password is needed.')).toBeTruthy();
  await user.type(screen.getByLabelText('Name'), 'maja');
  await user.type(screen.getByLabelText('Password'), 'wrong{Enter}');
  expect(await screen.findByText('Name and password do not fit.')).toBeTruthy();
  expect(screen.queryByText('Please sign in.')).toBeNull();
  await user.click(screen.getByRole('button', { name: 'Sign in' }));
  expect(await screen.findByRole('heading', { name: 'Arrivals' })).toBeTruthy();
  expect(sent(signIn)).toHaveLength(2);
});

test('a printed password is good for one time: a new one of ten characters comes first', async () => {
  const { user, sent } = renderAt('/arrivals', [
    answer(getMe, () => ({ ...maja, mustChange: true })),
    noArrivals,
    answer(changePassword, () => maja),
  ]);
  await user.type(await screen.findByLabelText('Printed password'), 'printed');
  await user.type(screen.getByLabelText('Your password'), 'short');
  await user.click(screen.getByRole('button', { name: 'Save' }));
  expect(await screen.findByText('At least 10 characters.')).toBeTruthy();
  expect(sent(changePassword)).toEqual([]);
  await user.type(screen.getByLabelText('Your password'), ' but longer');
  await user.click(screen.getByRole('button', { name: 'Save' }));
  expect(await screen.findByRole('heading', { name: 'Arrivals' })).toBeTruthy();
  expect(sent(changePassword)).toEqual([{ before: 'printed', after: 'short but longer' }]);
});

test('a server that does not answer is said at the door', async () => {
  renderAt('/arrivals', [
    answer(getMe, () => {
      throw new DomainError('broken', 'Haveld does not answer. It may be starting again; nothing is lost.');
    }),
  ]);
  expect((await screen.findByRole('alert')).textContent).toContain('nothing is lost');
});

test('the strip counts what waits under each heading and tells what runs', async () => {
  renderAt('/arrivals', [
    noArrivals,
    answer(getProgress, () =>
      exampleOf(ProgressSchema, {
        revision: '1',
        counts: { arrivals: 3, bench: 0, rights: 12 },
        running: [
          { id: 1, label: 'reading “Bell buoy”', done: 1, total: 2, state: 'running' },
          { id: 2, label: 'packing', state: 'waiting' },
        ],
      }),
    ),
  ]);
  const strip = within(await screen.findByRole('navigation', { name: 'The way of a model' }));
  await waitFor(() =>
    expect(strip.getAllByRole('link').map((link) => link.textContent)).toEqual([
      'Arrivals3',
      'Bench',
      'Catalogue',
      'Projects',
      'Rights12',
      'Health',
    ]),
  );
  expect((await screen.findByText(/reading “Bell buoy”/)).textContent).toBe('reading “Bell buoy”, 1 more');
});

test('a new revision asks for everything that is shown again', async () => {
  let revision = 1;
  const { askedOf } = renderAt('/arrivals', [
    answer(listArrivals, () =>
      revision === 1
        ? []
        : [
            exampleOf(ArrivalSchema, {
              id: 'a',
              name: 'harbour.zip',
              state: 'ready',
              createdAt: '2026-11-02T10:00:00.000Z',
            }),
          ],
    ),
    answer(getProgress, () =>
      exampleOf(ProgressSchema, { revision: String(revision), running: [{ id: 1, label: 'reading' }] }),
    ),
  ]);
  expect(await screen.findByText('Nothing has arrived yet')).toBeTruthy();
  revision = 2;
  await waitFor(() => expect(screen.queryByText('Nothing has arrived yet')).toBeNull(), { timeout: 3000 });
  expect(askedOf(listArrivals)).toHaveLength(2);
});

test('the slash goes to the search, and the question mark lists the keys', async () => {
  const { user, where } = renderAt('/arrivals', [
    noArrivals,
    answer(searchCatalogue, () => exampleOf(CatalogueSchema, {})),
  ]);
  await screen.findByRole('heading', { name: 'Arrivals' });
  await user.keyboard('?');
  const keys = await screen.findByRole('dialog', { name: 'Keys' });
  expect(keys.textContent).toContain('take all sure proposals');
  await user.keyboard('{Escape}');
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  fireEvent.keyDown(document.body, { key: '/', code: 'Slash' });
  await user.keyboard('bell buoy{Enter}');
  expect(where()).toBe('/catalogue?words=bell%20buoy');
  // the field has let go of the keys: the next slash begins another search
  fireEvent.keyDown(document.activeElement ?? document.body, { key: '/', code: 'Slash' });
  await user.keyboard('lamp{Enter}');
  expect(where()).toBe('/catalogue?words=lamp');
});

test('each station has an access key of its own, the letter it begins with', async () => {
  renderAt('/arrivals', [noArrivals]);
  const strip = within(await screen.findByRole('navigation', { name: 'The way of a model' }));
  const links = strip.getAllByRole<HTMLAnchorElement>('link');
  expect(links.map(({ accessKey }) => accessKey)).toEqual(['a', 'b', 'c', 'p', 'r', 'h']);
});

test('colours are chosen and kept; signing out asks for the name again', async () => {
  let isIn = true;
  const { user } = renderAt('/arrivals', [
    answer(getMe, () => {
      if (isIn) return maja;
      throw new DomainError('not-signed-in', 'Please sign in.');
    }),
    noArrivals,
    answer(signOut, () => {
      isIn = false;
      return {};
    }),
  ]);
  const menu = await screen.findByRole('button', { name: /^ML: Maja Lindqvist/ });
  await user.click(menu);
  await user.click(await screen.findByRole('menuitem', { name: 'Dark colours' }));
  await user.click(menu);
  expect(await screen.findByRole('menuitem', { name: 'Light colours' })).toBeTruthy();
  await user.click(screen.getByRole('menuitem', { name: 'Sign out' }));
  expect(await screen.findByRole('button', { name: 'Sign in' })).toBeTruthy();
});

test('an address nobody knows is told', async () => {
  renderAt('/nowhere', []);
  expect((await screen.findByRole('alert')).textContent).toContain('There is no such page.');
});
