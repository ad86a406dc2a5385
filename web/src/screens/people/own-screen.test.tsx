import {
  changeMe,
  changePassword,
  createToken,
  deleteToken,
  endSession,
  getMe,
  listSessions,
  listTokens,
  PersonSchema,
  ProgramTokenSchema,
  SessionSchema,
} from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import { exampleOf } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen, waitFor, within } from '../../testing/render-at';

const runa = exampleOf(PersonSchema, { id: 'runa', signIn: 'runa', name: 'Runa Vestergaard', role: 'artist' });
const at = '2026-11-20T10:00:00.000Z';
const here = exampleOf(SessionSchema, {
  id: 1,
  browser: 'Firefox on Linux',
  startedAt: at,
  lastSeenAt: at,
  isThis: true,
});
const there = exampleOf(SessionSchema, {
  id: 2,
  browser: 'Safari on iOS',
  address: '10.0.0.7',
  startedAt: at,
  lastSeenAt: at,
});
const token = exampleOf(ProgramTokenSchema, { id: 't', name: 'nightly', role: 'guest', createdAt: at, expiresAt: at });
const asRuna = [
  answer(getMe, () => runa),
  answer(listSessions, () => [here, there]),
  answer(listTokens, () => [token]),
];

test('the page says who one is, and a name that is changed stands at once', async () => {
  const { user, sent } = renderAt('/me', [answer(changeMe, ({ body }) => ({ ...runa, name: body.name })), ...asRuna]);
  expect(await screen.findByRole('heading', { name: 'Runa Vestergaard' })).toBeTruthy();
  expect(screen.getByText(/An artist brings models in/)).toBeTruthy();
  const save = screen.getByRole<HTMLButtonElement>('button', { name: 'Save the name' });
  expect(save.disabled).toBe(true);
  await user.clear(screen.getByLabelText('As others see it'));
  await user.type(screen.getByLabelText('As others see it'), 'Runa Holt{Enter}');
  expect(await screen.findByRole('heading', { name: 'Runa Holt' })).toBeTruthy();
  expect(sent(changeMe)).toEqual([{ name: 'Runa Holt' }]);
});

test('a password that is too short is told before it is sent, a weak one in the server’s words', async () => {
  const { user, sent } = renderAt('/me', [
    answer(changePassword, () => {
      throw new DomainError('bad-request', 'This password is among those that are tried first.');
    }),
    ...asRuna,
  ]);
  await user.type(await screen.findByLabelText('Current password'), 'before');
  await user.type(screen.getByLabelText('New password'), 'short{Enter}');
  expect(await screen.findByText('At least 10 characters.')).toBeTruthy();
  expect(sent(changePassword)).toEqual([]);
  await user.type(screen.getByLabelText('New password'), 'er than it was{Enter}');
  expect(await screen.findByText('This password is among those that are tried first.')).toBeTruthy();
});

test('another place one is signed in at can be ended, the one that asks cannot', async () => {
  const { user, askedOf } = renderAt('/me', [answer(endSession, () => ({})), ...asRuna]);
  const list = within(await screen.findByRole('region', { name: 'Where you are signed in' }));
  await user.click(await list.findByRole('button', { name: 'Sign out there: Safari on iOS, 10.0.0.7' }));
  await waitFor(() => expect(askedOf(endSession).map(({ params }) => params.id)).toEqual([2]));
  expect(list.getAllByRole('button')).toHaveLength(1);
});

test('a token is made for something, is no more than its person, and is shown once', async () => {
  const { user, sent, askedOf } = renderAt('/me', [
    answer(createToken, ({ body }) => ({ ...token, ...body, token: 'haveld_abc' })),
    answer(deleteToken, () => ({})),
    ...asRuna,
  ]);
  const form = within(await screen.findByRole('form', { name: 'A new token' }));
  expect(form.getByRole<HTMLButtonElement>('button', { name: 'Make a token' }).disabled).toBe(true);
  await user.type(form.getByLabelText('What is it for?'), 'turntables');
  await user.click(form.getByRole('combobox', { name: /Role/ }));
  expect((await screen.findAllByRole('option')).map((option) => option.textContent)).toEqual(['guest', 'artist']);
  await user.click(screen.getByRole('option', { name: 'artist' }));
  await user.click(form.getByRole('button', { name: 'Make a token' }));
  expect(await screen.findByText('haveld_abc')).toBeTruthy();
  expect(sent(createToken)).toEqual([{ name: 'turntables', role: 'artist', days: 90 }]);
  await user.click(screen.getByRole('button', { name: 'Done' }));
  expect(screen.queryByText('haveld_abc')).toBeNull();
  await user.click(screen.getByRole('button', { name: 'End it: nightly' }));
  await waitFor(() => expect(askedOf(deleteToken).map(({ params }) => params.id)).toEqual(['t']));
});
