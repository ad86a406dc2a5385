import {
  changeRole,
  createLink,
  getMe,
  invitePerson,
  listPeople,
  MemberSchema,
  PersonSchema,
  removePerson,
} from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import { exampleOf } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen, waitFor, within } from '../../testing/render-at';

const maja = exampleOf(MemberSchema, { id: 'maja', name: 'Maja Lindqvist', signIn: 'maja', role: 'owner' });
const oskar = exampleOf(MemberSchema, { id: 'oskar', name: 'Oskar Behn', signIn: 'oskar', role: 'curator', tokens: 2 });
const late = exampleOf(MemberSchema, {
  id: 'late',
  name: 'Ilse Norderau',
  signIn: 'ilse',
  role: 'artist',
  state: 'invited',
});
const gone = exampleOf(MemberSchema, {
  id: 'gone',
  name: 'Runa Vestergaard',
  signIn: 'runa',
  role: 'artist',
  state: 'removed',
});
const people = answer(listPeople, () => [maja, oskar, late, gone]);
const link = { token: 'a-long-word', expiresAt: '2026-12-07T10:20:00.000Z' };

const rowOf = async (name: string) => within((await screen.findByText(name)).closest('tr')!);

test('somebody is invited by a name: what they sign in with is suggested, and the link is shown once, to be copied', async () => {
  const { user, sent } = renderAt('/people', [people, answer(invitePerson, () => ({ id: 'new', ...link }))]);
  await user.click(await screen.findByRole('button', { name: 'Invite somebody' }));
  await user.type(screen.getByLabelText('Name'), 'Änne Holt');
  expect(screen.getByLabelText<HTMLInputElement>('Signs in as').value).toBe('änne');
  await user.click(screen.getByRole('button', { name: 'Make the link' }));
  const note = within(await screen.findByRole('region', { name: 'An invitation for Änne Holt' }));
  expect(note.getByText('http://localhost/join#a-long-word')).toBeTruthy();
  await user.click(note.getByRole('button', { name: 'Copy it' }));
  expect(await navigator.clipboard.readText()).toBe('http://localhost/join#a-long-word');
  expect(sent(invitePerson)).toEqual([{ name: 'Änne Holt', signIn: 'änne', role: 'artist' }]);
  await user.click(note.getByRole('button', { name: 'Done' }));
  expect(screen.queryByText(/a-long-word/)).toBeNull();
});

test('a name to sign in with that was typed stays, and one that cannot be is told at its place', async () => {
  const { user, sent } = renderAt('/people', [people]);
  await user.click(await screen.findByRole('button', { name: 'Invite somebody' }));
  await user.type(screen.getByLabelText('Signs in as'), 'two words');
  await user.type(screen.getByLabelText('Name'), 'Holt');
  await user.click(screen.getByRole('button', { name: 'Make the link' }));
  expect(await screen.findByText('Letters, digits, dots and dashes.')).toBeTruthy();
  expect(sent(invitePerson)).toEqual([]);
});

test('a role is changed with the one that was seen; what somebody else did first is told', async () => {
  const { user, sent } = renderAt('/people', [
    people,
    answer(changeRole, () => {
      throw new DomainError('out-of-step', 'Somebody else changed this: Oskar Behn is an owner now.');
    }),
  ]);
  await user.click(await screen.findByRole('combobox', { name: 'Role of Oskar Behn' }));
  await user.click(await screen.findByRole('option', { name: /^artist/ }));
  expect(await screen.findByText('Somebody else changed this: Oskar Behn is an owner now.')).toBeTruthy();
  expect(sent(changeRole)).toEqual([{ role: 'artist', seen: 'curator' }]);
});

test('removing says what ends and what stays, and is done only then', async () => {
  const { user, askedOf } = renderAt('/people', [people, answer(removePerson, () => ({}))]);
  await user.click(await screen.findByRole('button', { name: 'Remove: Oskar Behn' }));
  const dialog = within(await screen.findByRole('dialog', { name: 'Remove Oskar Behn' }));
  expect(dialog.getByText(/2 tokens of theirs open nothing more/)).toBeTruthy();
  expect(askedOf(removePerson)).toEqual([]);
  await user.click(dialog.getByRole('button', { name: 'Remove' }));
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  expect(askedOf(removePerson).map(({ params }) => params)).toEqual([{ id: 'oskar' }]);
});

test('each state has its own way in; one’s own account is looked after on one’s own page', async () => {
  const { user, askedOf } = renderAt('/people', [people, answer(createLink, () => link)]);
  expect((await rowOf('Maja Lindqvist')).queryByRole('button')).toBeNull();
  expect((await rowOf('Ilse Norderau')).getByText('invited; the link has run out')).toBeTruthy();
  expect((await rowOf('Ilse Norderau')).getByRole('button', { name: 'New link: Ilse Norderau' })).toBeTruthy();
  expect((await rowOf('Runa Vestergaard')).getByText('was artist')).toBeTruthy();
  await user.click((await rowOf('Runa Vestergaard')).getByRole('button', { name: 'Let in again: Runa Vestergaard' }));
  expect(await screen.findByRole('region', { name: 'An invitation for Runa Vestergaard' })).toBeTruthy();
  await user.click((await rowOf('Oskar Behn')).getByRole('button', { name: 'New password: Oskar Behn' }));
  expect(await screen.findByRole('region', { name: 'A new password for Oskar Behn' })).toBeTruthy();
  expect(askedOf(createLink).map(({ params }) => params.id)).toEqual(['gone', 'oskar']);
});

test('whoever is no owner is told so by the server, and finds no way there in the menu', async () => {
  const { user } = renderAt('/people', [
    answer(getMe, () => exampleOf(PersonSchema, { id: 'oskar', name: 'Oskar Behn', role: 'curator' })),
    answer(listPeople, () => {
      throw new DomainError('not-allowed', 'This is for owners; you are here as a curator.');
    }),
  ]);
  expect(await screen.findByText('This is for owners; you are here as a curator.')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: /^OB: Oskar Behn/ }));
  expect(await screen.findByRole('menuitem', { name: 'Your page' })).toBeTruthy();
  expect(screen.queryByRole('menuitem', { name: 'People' })).toBeNull();
});
