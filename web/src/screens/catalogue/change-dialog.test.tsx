import { CARDS_A_PAGE, CatalogueSchema, searchCatalogue } from '@haveld/contract/api/catalogue';
import { ActSchema, changeMany, listActs, undoChange } from '@haveld/contract/api/changes';
import {
  getHouseTrial,
  HouseTrialSchema,
  listHouseTreatments,
  StoredHouseTreatmentSchema,
  tryHouseTreatment,
} from '@haveld/contract/api/house-treatments';
import { listLicences } from '@haveld/contract/api/rights';
import { exampleOf } from '@haveld/contract/testing/example-of';
import { layOut } from '../../testing/lay-out';
import { answer, renderAt, screen, waitFor, within } from '../../testing/render-at';

const NAMES = ['Bell buoy', 'Crate', 'Dinghy', 'Oar'];
const catalogue = exampleOf(CatalogueSchema, {
  cards: NAMES.map((name) => ({
    id: name.toLowerCase().replace(' ', '-'),
    name,
    state: 'catalogued' as const,
    licenceId: 'CC0-1.0',
  })),
  total: 1234,
});

const open = (left: { id: string; name: string; why: string }[] = [], total = 1234) =>
  renderAt('/catalogue?pictures=list', [
    answer(searchCatalogue, ({ query }) => ({ ...catalogue, total, ...(Number(query.offset) > 0 && { cards: [] }) })),
    answer(changeMany, () => ({ id: 'act', changed: 2, left })),
    answer(undoChange, () => ({ changed: 2, left: [] })),
    answer(listActs, () => [
      exampleOf(ActSchema, { id: 'old', what: 'tags of 3 assets', personName: 'Jon', at: '2026-11-30T10:00:00.000Z' }),
      exampleOf(ActSchema, {
        id: 'own',
        what: 'category of 7 assets',
        at: '2026-11-30T09:00:00.000Z',
        mayUndo: true,
      }),
    ]),
    answer(listLicences, () => []),
    answer(listHouseTreatments, () => [
      exampleOf(StoredHouseTreatmentSchema, { id: 'quay', name: 'Quayside', number: 1 }),
    ]),
    answer(tryHouseTreatment, () => ({ id: 'trial' })),
    answer(getHouseTrial, () => exampleOf(HouseTrialSchema, { startedAt: '2026-11-30T10:00:00.000Z' })),
  ]);

beforeEach(() => layOut({ width: 1200, height: 700 }));

const choose = (name: string) => screen.findByRole('checkbox', { name: `Choose ${name}` });

test('several are given a category and tags, what is left empty stays, and it can be undone', async () => {
  const { user, sent } = open();
  await user.click(await choose('Bell buoy'));
  await user.click(await choose('Oar'));
  await user.click(screen.getByRole('button', { name: 'Change …' }));
  const dialog = within(await screen.findByRole('dialog', { name: 'Change 2 assets' }));
  const change = dialog.getByRole<HTMLButtonElement>('button', { name: 'Change 2' });
  expect(change.disabled).toBe(true);
  await user.type(dialog.getByLabelText('Add tags'), 'Harbour, tide');
  await user.click(dialog.getByLabelText('Category'));
  await user.click(await screen.findByRole('option', { name: /^boats and ships/ }));
  await user.click(change);
  expect(sent(changeMany)).toEqual([
    {
      chosen: { kind: 'assets', ids: ['bell-buoy', 'oar'] },
      change: { category: 'watercraft', addTags: ['harbour', 'tide'], removeTags: [], why: '' },
    },
  ]);
  await screen.findByText('2 assets changed.');
  await user.click(screen.getByRole('button', { name: 'Undo' }));
  await screen.findByText('Undone for 2 assets.');
  expect(sent(undoChange)).toHaveLength(1);
});

test('Shift takes all between two, and all that fit go by the question', async () => {
  const { user, sent } = open();
  await user.click(await choose('Bell buoy'));
  await user.keyboard('{Shift>}');
  await user.click(await choose('Dinghy'));
  await user.keyboard('{/Shift}');
  await waitFor(() => expect(screen.getByRole('button', { name: 'Hand over 3' })).toBeTruthy());
  await user.click(screen.getByRole('button', { name: 'all 1,234 that fit' }));
  expect(screen.queryByRole('button', { name: /^Hand over/ })).toBeNull();
  await user.click(screen.getByRole('button', { name: 'Change …' }));
  await user.type(await screen.findByLabelText('Remove tags'), 'old');
  await user.click(screen.getByRole('button', { name: 'Change 1,234' }));
  expect(sent(changeMany)[0]).toMatchObject({
    chosen: { kind: 'question', question: { state: 'catalogued' } },
    change: { removeTags: ['old'] },
  });
});

test('one that is taken out of all that fit leaves those that were shown', async () => {
  const { user } = open([], NAMES.length);
  await user.click(await choose('Crate'));
  await user.click(screen.getByRole('button', { name: 'all 4 that fit' }));
  await user.click(await choose('Oar'));
  expect(screen.getByRole('button', { name: 'Hand over 3' })).toBeTruthy();
  expect(NAMES.length).toBeLessThan(CARDS_A_PAGE);
});

test('a new author or licence asks why, and what could not be changed is named', async () => {
  const { user, sent } = open([{ id: 'oar', name: 'Oar', why: 'It has 30 tags: no more can be added.' }]);
  await user.click(await choose('Oar'));
  await user.click(screen.getByRole('button', { name: 'Change …' }));
  expect(screen.queryByLabelText('Reason for the new author or licence')).toBeNull();
  await user.type(await screen.findByLabelText('Author'), 'Tor Vestermoor');
  await user.type(screen.getByLabelText('Reason for the new author or licence'), 'a mail of today');
  await user.click(screen.getByRole('button', { name: 'Change 1' }));
  expect(sent(changeMany)[0].change).toMatchObject({ author: 'Tor Vestermoor', why: 'a mail of today' });
  const told = within(await screen.findByRole('dialog', { name: '1 asset not changed in full' }));
  expect(told.getByText(/no more can be added/)).toBeTruthy();
});

test('what was changed lately stands below; one’s own can be undone there', async () => {
  const { user, sent } = open();
  await user.click(await choose('Oar'));
  await user.click(screen.getByRole('button', { name: 'Change …' }));
  const lately = within(await screen.findByRole('region', { name: 'Recent changes' }));
  expect(lately.getAllByRole('button')).toHaveLength(1);
  await user.click(lately.getByRole('button', { name: 'Undo category of 7 assets' }));
  await waitFor(() => expect(sent(undoChange)).toHaveLength(1));
});

test('a house treatment is tried on what is chosen', async () => {
  const { user, sent, where } = open();
  await user.click(await choose('Oar'));
  await user.click(screen.getByRole('button', { name: 'Change …' }));
  await user.click(await screen.findByLabelText('House treatment'));
  await user.click(await screen.findByRole('option', { name: 'Quayside' }));
  await user.click(screen.getByRole('button', { name: 'Try it' }));
  await waitFor(() => expect(sent(tryHouseTreatment)).toEqual([{ on: { kind: 'assets', ids: ['oar'] } }]));
  await waitFor(() => expect(where()).toBe('/bench/trials/trial'));
});
