import { getArrival, listArrivals } from '@haveld/contract/api/arrivals';
import { CatalogueSchema, searchCatalogue } from '@haveld/contract/api/catalogue';
import { listHabits } from '@haveld/contract/api/habits';
import { getMe, PersonSchema } from '@haveld/contract/api/people';
import { getProgress, ProgressSchema } from '@haveld/contract/api/progress';
import { getProject, listProjects, ProjectSchema } from '@haveld/contract/api/projects';
import { listLicences } from '@haveld/contract/api/rights';
import { DomainError } from '@haveld/contract/error';
import { mayAs, type Role } from '@haveld/contract/role';
import { exampleOf } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen, waitFor, within } from '../testing/render-at';

const as = (role: Role) => answer(getMe, () => exampleOf(PersonSchema, { id: 'p', name: 'Somebody', role }));
const library = answer(searchCatalogue, () =>
  exampleOf(CatalogueSchema, {
    cards: [{ id: 'a', name: 'Bell buoy', state: 'catalogued', licenceId: 'CC0-1.0', heightM: 1, widthM: 1 }],
  }),
);
const projects = answer(listProjects, () => []);

/** What is on a screen for one role and not for another. */
const CASES: [string, Role, string, RegExp][] = [
  ['/catalogue', 'artist', 'checkbox', /Choose Bell buoy/],
  ['/projects', 'artist', 'button', /New project/],
  ['/rights/licences', 'curator', 'button', /New house licence/],
  ['/arrivals/habits', 'curator', 'button', /New naming habit/],
];
const SEEN: Record<string, RegExp> = {
  '/catalogue': /Bell buoy/,
  '/projects': /No project yet/,
  '/rights/licences': /with a term sheet/,
  '/arrivals/habits': /No habits yet/,
};

test.each(
  CASES.flatMap(([path, least, kind, name]) =>
    (['guest', 'artist', 'curator', 'owner'] as const)
      .filter((role) => mayAs(role, 'artist') || !path.startsWith('/arrivals'))
      .map((role) => [path, role, kind, name, mayAs(role, least)] as const),
  ),
)('%s as %s: %s %s', async (path, role, kind, name, isThere) => {
  renderAt(path, [
    as(role),
    library,
    projects,
    answer(listHabits, () => ({ habits: [], proposals: [] })),
    answer(listLicences, () => []),
  ]);
  await screen.findAllByText(SEEN[path]);
  if (isThere) expect(await screen.findByRole(kind, { name })).toBeTruthy();
  else expect(screen.queryByRole(kind, { name })).toBeNull();
});

test('a guest’s strip has what a guest may see, and a page beyond it says whose it is', async () => {
  renderAt('/arrivals', [
    as('guest'),
    answer(listArrivals, () => {
      throw new DomainError('not-allowed', 'This is for artists, curators and owners; you are here as a guest.');
    }),
  ]);
  const strip = within(await screen.findByRole('navigation', { name: 'The way of a model' }));
  expect(strip.getAllByRole('link').map((link) => link.textContent)).toEqual(['Catalogue', 'Projects']);
  expect(await screen.findByText(/you are here as a guest/)).toBeTruthy();
});

test('who is removed while they work meets the door at their next request', async () => {
  let removed = false;
  const out = (): never => {
    throw new DomainError('not-signed-in', 'Please sign in.');
  };
  renderAt('/projects/p', [
    answer(getMe, () => (removed ? out() : exampleOf(PersonSchema, { id: 'p', name: 'Somebody', role: 'artist' }))),
    answer(getProject, () => exampleOf(ProjectSchema, { id: 'p', name: 'Tide House' })),
    answer(getProgress, () =>
      removed ? out() : exampleOf(ProgressSchema, { revision: '1', running: [{ id: 1, label: 'reading' }] }),
    ),
    answer(getArrival, out),
  ]);
  expect(await screen.findByRole('heading', { name: 'Tide House' })).toBeTruthy();
  removed = true;
  await waitFor(() => expect(screen.queryByRole('heading', { name: 'Tide House' })).toBeNull());
  expect(await screen.findByRole('button', { name: 'Sign in' })).toBeTruthy();
});
