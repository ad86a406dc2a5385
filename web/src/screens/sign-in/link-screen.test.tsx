import { searchCatalogue, CatalogueSchema } from '@haveld/contract/api/catalogue';
import { enterByLink, getMe, lookAtLink, PersonSchema } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import { exampleOf } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen } from '../../testing/render-at';

const invitation = answer(lookAtLink, () => ({
  kind: 'invitation' as const,
  name: 'Tjark Sundholm',
  signIn: 'tjark',
  role: 'guest' as const,
  by: 'Maja Lindqvist',
  expiresAt: '2026-12-07T10:20:00.000Z',
}));
const tjark = exampleOf(PersonSchema, { id: 'tjark', name: 'Tjark Sundholm', signIn: 'tjark', role: 'guest' });

test('an invitation says who invited whom as what; a password opens the house where a guest begins', async () => {
  const { user, sent, where } = renderAt('/join#the-secret', [
    invitation,
    answer(enterByLink, () => tjark),
    answer(getMe, () => tjark),
    answer(searchCatalogue, () => exampleOf(CatalogueSchema)),
  ]);
  expect(await screen.findByRole('heading', { name: 'Welcome, Tjark Sundholm' })).toBeTruthy();
  expect(screen.getByText(/Maja Lindqvist invited you to Haveld\. A guest looks/)).toBeTruthy();
  await user.type(screen.getByLabelText('Your password'), 'short{Enter}');
  expect(await screen.findByText('At least 10 characters.')).toBeTruthy();
  await user.type(screen.getByLabelText('Your password'), ' kelp lantern{Enter}');
  expect(await screen.findByRole('navigation', { name: 'The way of a model' })).toBeTruthy();
  expect(where()).toBe('/catalogue');
  expect(sent(enterByLink)).toEqual([{ token: 'the-secret', password: 'short kelp lantern' }]);
  expect(screen.queryByRole('link', { name: /Arrivals/ })).toBeNull();
});

test('a link that opens nothing more says so, with a way to sign in; half an address too', async () => {
  const gone = answer(lookAtLink, () => {
    throw new DomainError('not-found', 'This link opens nothing any more.');
  });
  renderAt('/join#used', [gone]);
  expect((await screen.findByRole('alert')).textContent).toBe('This link opens nothing any more.');
  expect(screen.getByRole('link', { name: 'Sign in' })).toBeTruthy();
});

test('an address without its last word is told as what it is', async () => {
  renderAt('/join', []);
  expect((await screen.findByRole('alert')).textContent).toMatch(/not whole/);
});
