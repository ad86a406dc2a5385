import { decideDuplicate, DuplicateSchema, listDuplicates, type Duplicate } from '@haveld/contract/api/duplicates';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen, within } from '../../testing/render-at';

const DAY = '2026-11-02T10:00:00.000Z';
const pair = (more: Partly<Duplicate> = {}): Duplicate =>
  exampleOf(DuplicateSchema, {
    id: 'p1',
    relation: 'same-shape',
    summary: 'The same shape, other maps.',
    mine: { findId: 'f1', name: 'Bell buoy', arrivalName: 'harbour.zip', arrivedAt: DAY },
    other: {
      findId: 'f0',
      name: 'Buoy',
      arrivalName: 'old.zip',
      arrivedAt: DAY,
      asset: { id: 'x', accession: 'HV-00004', state: 'catalogued' },
    },
    lines: [
      { what: 'triangles', mine: '1 200', other: '1 200', same: true },
      { what: 'licence', mine: 'CC BY', other: 'CC0', same: false },
    ],
    ...more,
  } as Partly<Duplicate>);

test('both sides stand beside one another; what is the same is said once', async () => {
  renderAt('/arrivals/duplicates/f1', [answer(listDuplicates, () => [pair()])]);
  expect(await screen.findByText('Bell buoy, from “harbour.zip”')).toBeTruthy();
  const [, triangles, licence] = screen.getAllByRole('row').map((row) => row.textContent);
  expect(triangles).toBe('triangles1 200the same');
  expect(licence).toBe('licenceCC BYCC0');
  expect(screen.getByRole('link', { name: 'HV-00004' }).getAttribute('href')).toBe('/catalogue/x');
  expect(screen.getByText('1 similar asset to decide')).toBeTruthy();
});

test.each([
  ['The same: keep the one here', 'same'],
  ['Take the new one', 'newer'],
  ['Two things: keep both', 'both'],
] as const)('“%s” decides so', async (words, decision) => {
  const { user, sent } = renderAt('/arrivals/duplicates/f1', [
    answer(listDuplicates, () => [pair()]),
    answer(decideDuplicate, () => ({})),
  ]);
  await user.click(await screen.findByRole('button', { name: words }));
  expect(sent(decideDuplicate)).toEqual([{ decision, seen: null }]);
});

test('what was decided says so and can be decided otherwise', async () => {
  renderAt('/arrivals/duplicates/f1', [answer(listDuplicates, () => [pair({ decision: 'both' })])]);
  const shown = within(await screen.findByRole('region', { name: 'Bell buoy and Buoy' }));
  expect(shown.getByText('decided: two things')).toBeTruthy();
  expect(shown.getByRole<HTMLButtonElement>('button', { name: 'Two things: keep both' }).disabled).toBe(true);
  expect(shown.getByRole<HTMLButtonElement>('button', { name: 'Take the new one' }).disabled).toBe(false);
  expect(screen.getByText('all decided')).toBeTruthy();
});

test('a find like nothing here says so', async () => {
  renderAt('/arrivals/duplicates/f1', [answer(listDuplicates, () => [])]);
  expect(await screen.findByText('Nothing like it is here')).toBeTruthy();
});
