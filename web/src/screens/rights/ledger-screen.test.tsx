import { getLedger, LEDGER_PAGE, LedgerSchema, settleRights, type LedgerQuestion } from '@haveld/contract/api/rights';
import { exampleOf } from '@haveld/contract/testing/example-of';
import { layOut } from '../../testing/lay-out';
import { answer, renderAt, screen, waitFor } from '../../testing/render-at';

const ROWS = 450;
const row = (i: number) => ({
  id: `a${i}`,
  accession: `HV-${i}`,
  name: `Asset ${i}`,
  mark: i === 0 ? ('look' as const) : ('holds' as const),
  title: i === 0 ? 'Two licences are named' : '',
  licenceId: 'CC-BY-4.0',
  author: i === 1 ? '' : 'Ines Falkenrot',
});
const page = ({ page: number, words }: LedgerQuestion) => {
  const all = words === 'nothing' ? [] : Array.from({ length: ROWS }, (_, i) => row(i));
  return exampleOf(LedgerSchema, {
    total: all.length,
    groups: [
      { value: 'CC-BY-4.0', count: ROWS },
      { value: '', count: 2 },
    ],
    rows: all.slice(number * LEDGER_PAGE, (number + 1) * LEDGER_PAGE),
  });
};
const open = (path = '/rights/ledger') =>
  renderAt(path, [
    answer(getLedger, ({ query }) => page(query)),
    answer(settleRights, ({ body }) => ({ settled: body.assetIds.length })),
  ]);

beforeEach(() => layOut({ width: 900, height: 600 }));

test('rows say licence, author and what is open; nobody named is said', async () => {
  open();
  const rows = await screen.findByRole('region', { name: 'Assets' });
  await waitFor(() => expect(rows.textContent).toContain('Asset 0'));
  expect(rows.textContent).toContain('Two licences are named');
  expect(rows.textContent).toContain('nobody named');
  expect(screen.getByText('450 assets')).toBeTruthy();
});

test('the question stands in the address, and a new order leaves the group', async () => {
  const { user, where, askedOf } = open('/rights/ledger?by=licence&group=CC-BY-4.0');
  await screen.findByText('Asset 3');
  await user.click(screen.getByRole('button', { name: 'Author' }));
  expect(where()).toBe('/rights/ledger?by=author');
  await user.type(screen.getByLabelText('Words'), 'net');
  expect(where()).toBe('/rights/ledger?words=net&by=author');
  await waitFor(() =>
    expect(askedOf(getLedger).at(-1)?.query).toMatchObject({ words: 'net', by: 'author', group: '' }),
  );
});

test('what nobody is named for is counted and cannot be asked for', async () => {
  open();
  const group = await screen.findByRole<HTMLButtonElement>('button', { name: /no source/ });
  expect(group.disabled).toBe(true);
});

test('many are settled with one reason; what was left empty stays as it is', async () => {
  const { user, sent } = open();
  for (const i of [0, 2]) await user.click(await screen.findByRole('checkbox', { name: `Choose Asset ${i}` }));
  await user.click(screen.getByRole('button', { name: 'Settle 2 assets at once' }));
  await user.type(await screen.findByLabelText('Source'), 'quayside-models.example');
  await user.type(screen.getByLabelText('Why'), 'the receipt says so');
  await user.click(screen.getByRole('button', { name: 'Save for 2 assets' }));
  expect(sent(settleRights)).toEqual([
    {
      assetIds: ['a0', 'a2'],
      change: { source: 'quayside-models.example' },
      why: 'the receipt says so',
      evidence: null,
    },
  ]);
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  expect(screen.getByRole<HTMLInputElement>('checkbox', { name: 'Choose Asset 0' }).checked).toBe(false);
});

test('a question nothing fits offers the whole ledger', async () => {
  const { user, where } = open('/rights/ledger?words=nothing');
  await user.click(await screen.findByRole('button', { name: 'Show the whole ledger' }));
  expect(where()).toBe('/rights/ledger?by=licence');
  expect(await screen.findByText('Asset 0')).toBeTruthy();
});
