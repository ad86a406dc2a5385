import {
  getLicence,
  LicencePageSchema,
  listLicences,
  saveLicence,
  type LicenceLine,
} from '@haveld/contract/api/rights';
import { DomainError } from '@haveld/contract/error';
import { BUILT_IN_BOOK } from '@haveld/core/rights/licence-book';
import { exampleOf } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen, waitFor, within } from '../../testing/render-at';

const line = (id: string, count = 0): LicenceLine => ({ terms: BUILT_IN_BOOK.getTerms(id), own: false, count });
const LINES = [line('CC-BY-4.0', 7), line('CC-BY-NC-4.0'), line('MIT', 2), line('GPL-3.0-only')];
const page = (id: string) =>
  exampleOf(LicencePageSchema, { terms: BUILT_IN_BOOK.getTerms(id) as never, listed: true, text: 'Its whole text.' });

test('what assets stand under comes first, the most used before the others', async () => {
  renderAt('/rights/licences', [answer(listLicences, () => LINES)]);
  const [held, others] = (await screen.findAllByRole('table')).map((table) =>
    within(table).getAllByRole('row').slice(1),
  );
  expect(held.map((row) => within(row).getAllByRole('cell')[1].textContent)).toEqual(['CC-BY-4.0', 'MIT']);
  expect(held[0].textContent).toContain('name, state changes');
  expect(others.map((row) => within(row).getAllByRole('cell')[1].textContent)).toEqual([
    'CC-BY-NC-4.0',
    'GPL-3.0-only',
  ]);
});

test('words find by name and by identifier, in any order', async () => {
  const { user } = renderAt('/rights/licences', [answer(listLicences, () => LINES)]);
  const words = await screen.findByLabelText('Words');
  await user.type(words, 'nc by');
  expect(screen.getAllByRole('row')).toHaveLength(2);
  await user.clear(words);
  await user.type(words, 'no such thing');
  expect(screen.getByText('No licence of that name')).toBeTruthy();
});

test('a licence of the house is written down with what it grants and asks, and opened', async () => {
  const { user, sent, where } = renderAt('/rights/licences', [
    answer(listLicences, () => LINES),
    answer(saveLicence, ({ body }) => ({ ...page('MIT'), terms: body.terms, own: true })),
    answer(getLicence, () => page('MIT')),
  ]);
  await user.click(await screen.findByRole('button', { name: 'New house licence' }));
  const keep = screen.getByRole<HTMLButtonElement>('button', { name: 'Save' });
  expect(keep.disabled).toBe(true);
  await user.type(screen.getByLabelText('Identifier'), 'harbour');
  await user.type(screen.getByLabelText('Short, as in a credit'), 'Harbour');
  await user.type(screen.getByLabelText('Name'), 'Harbour licence');
  await user.click(screen.getByRole('checkbox', { name: 'share alike' }));
  await user.type(screen.getByLabelText('People at most'), '5');
  await user.click(keep);
  await waitFor(() => expect(where()).toBe('/rights/licences/LicenseRef-harbour'));
  expect(sent(saveLicence)[0].terms).toMatchObject({
    id: 'LicenseRef-harbour',
    short: 'Harbour',
    house: 'look',
    shareAlike: { with: [] },
    seats: 5,
  });
});

test('a refusal of the server stands in its own words and loses nothing that was typed', async () => {
  const { user } = renderAt('/rights/licences', [
    answer(listLicences, () => LINES),
    answer(saveLicence, () => {
      throw new DomainError('bad-request', 'MIT comes with Haveld.');
    }),
  ]);
  await user.click(await screen.findByRole('button', { name: 'New house licence' }));
  await user.type(screen.getByLabelText('Short, as in a credit'), 'Harbour');
  await user.type(screen.getByLabelText('Name'), 'Harbour licence');
  await user.click(screen.getByRole('button', { name: 'Save' }));
  expect(await screen.findByText('MIT comes with Haveld.')).toBeTruthy();
  expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Harbour licence');
});

test('a licence’s page has its text, its clauses and who stands under it; what comes with Haveld cannot be rewritten', async () => {
  renderAt('/rights/licences/CC-BY-4.0', [
    answer(getLicence, () => ({
      ...page('CC-BY-4.0'),
      count: 1,
      assets: [{ id: 'buoy', accession: 'HV-00012', name: 'Bell buoy' }],
      changes: [
        {
          at: '2026-11-02T10:00:00.000Z',
          personName: 'Maja Lindqvist',
          why: 'the site changed',
          what: ['seats: none → 5'],
        },
      ],
    })),
  ]);
  expect(await screen.findByText('Its whole text.')).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Bell buoy' }).getAttribute('href')).toBe('/rights?asset=buoy');
  expect(screen.getByText(/because the site changed/)).toBeTruthy();
  expect(screen.queryByRole('button', { name: /term sheet/ })).toBeNull();
});
