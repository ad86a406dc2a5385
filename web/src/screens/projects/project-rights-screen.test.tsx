import {
  getProjectCredits,
  getProjectRights,
  ProjectRightsSchema,
  settleReopening,
  tickDuties,
  type ProjectRights,
} from '@haveld/contract/api/projects';
import { exampleOf } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen, type Answer } from '../../testing/render-at';

const DAY = '2026-11-02T10:00:00.000Z';
const rights = exampleOf(ProjectRightsSchema, {
  id: 'tide',
  name: 'Tide House',
  use: { commercial: true },
  live: true,
  uses: 3,
  createdAt: DAY,
  counts: { allowed: 1, 'allowed-with-duties': 1, 'ask-first': 0, 'not-allowed': 1 },
  verdicts: [
    {
      assetId: 'net',
      accession: 'HV-00003',
      name: 'Net float',
      licenceId: 'CC-BY-NC-4.0',
      author: 'Ines Falkenrot',
      verdict: { verdict: 'not-allowed', reasons: ['It earns money.'], question: 'use it in a show' },
    },
    { assetId: 'buoy', name: 'Bell buoy', licenceId: 'CC-BY-4.0', verdict: { verdict: 'allowed-with-duties' } },
    { assetId: 'crate', name: 'Crate', licenceId: 'CC0-1.0', verdict: { verdict: 'allowed' } },
  ],
  conflicts: [{ a: 'CC-BY-SA-4.0', b: 'CC-BY-NC-4.0', ofA: ['Mast'], ofB: ['Net float'] }],
  duties: [
    {
      kind: 'attribution',
      text: 'Name the author.',
      assets: [
        { assetId: 'buoy', name: 'Bell buoy', tickedBy: 'Maja Lindqvist', tickedAt: DAY },
        { assetId: 'mast', name: 'Mast' },
      ],
    },
  ],
  reopened: [{ id: 7, assetId: 'mast', name: 'Mast', why: 'Its licence has changed.', at: DAY }],
  creditsCount: 2,
});

const open = (now: ProjectRights = rights, more: Answer[] = []) =>
  renderAt('/projects/tide/rights', [
    answer(getProjectRights, () => now),
    answer(getProjectCredits, ({ query }) => ({
      name: 'Tide House credits.txt',
      mediaType: 'text/plain',
      text: `${query.form} ${query.format}`,
    })),
    ...more,
  ]);

test('what it may not hold stands first with its reason, and who can be asked; what holds is a table', async () => {
  open();
  const refused = await screen.findByRole('article', { name: 'Net float' });
  expect(refused.textContent).toContain('not allowed: It earns money.');
  expect(refused.textContent).toContain('CC BY-NC 4.0, Ines Falkenrot');
  expect(screen.getByRole('link', { name: 'Ask the author' }).getAttribute('href')).toBe('/rights?asset=net');
  expect(screen.getByLabelText('Verdicts').textContent).toBe(
    ' 1 not allowed 0 ask first 1 allowed with obligations 1 allowed',
  );
  const rows = screen.getAllByRole('row').map((row) => row.textContent);
  expect(rows).toHaveLength(3);
  expect(rows[1]).toContain('Bell buoy');
  expect(rows[1]).toContain('unknown');
});

test('licences that cannot become one work count only where one work is made', async () => {
  open();
  expect(await screen.findByText(/This counts only where the models become one new work/)).toBeTruthy();
  expect(screen.getByText(/CC BY-SA 4.0 \(Mast\) and CC BY-NC 4.0 \(Net float\)/)).toBeTruthy();
});

test('a duty is ticked for all that owe it or for one, and taken back', async () => {
  const { user, sent } = open(rights, [answer(tickDuties, () => rights)]);
  await user.click(await screen.findByRole('checkbox', { name: 'Done: Name the author.' }));
  await user.click(screen.getByRole('checkbox', { name: 'Done for Bell buoy: Name the author.' }));
  expect(sent(tickDuties)).toEqual([
    { kind: 'attribution', assetIds: ['buoy', 'mast'], done: true },
    { kind: 'attribution', assetIds: ['buoy'], done: false },
  ]);
});

test('a change is settled with what was decided, or with the plain word', async () => {
  const { user, sent } = open(rights, [answer(settleReopening, () => rights)]);
  await user.click(await screen.findByRole('button', { name: 'Mark as reviewed' }));
  await user.type(screen.getByLabelText('What was decided about Mast'), 'the author agreed');
  await user.click(screen.getByRole('button', { name: 'Mark as reviewed' }));
  expect(sent(settleReopening)).toEqual([{ note: 'reviewed' }, { note: 'the author agreed' }]);
});

test('credits are asked for in the form somebody needs, and leave as a file of that name', async () => {
  const { user } = open();
  expect(await screen.findByText('long text')).toBeTruthy();
  await user.click(screen.getByLabelText('Form'));
  await user.click(await screen.findByRole('option', { name: 'short' }));
  expect(await screen.findByText('short text')).toBeTruthy();
  const file = screen.getByRole('link', { name: 'Credits as a file' });
  expect(file.getAttribute('download')).toBe('Tide House credits.txt');
  expect(decodeURIComponent(file.getAttribute('href')!)).toBe('data:text/plain;charset=utf-8,short text');
});

test('a project that holds nothing says what will stand here', async () => {
  open({ ...rights, uses: 0, verdicts: [], conflicts: [], duties: [], reopened: [] });
  expect(await screen.findByText('It holds nothing yet')).toBeTruthy();
  expect(screen.queryByText('Obligations')).toBeNull();
});
