import { listHouseTreatments, StoredHouseTreatmentSchema } from '@haveld/contract/api/house-treatments';
import { HabitsSchema, listHabits, removeHabit, saveHabit, tryHabit, type Habits } from '@haveld/contract/api/habits';
import { exampleOf } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen, waitFor, within } from '../../testing/render-at';

const HOUSE = exampleOf(StoredHouseTreatmentSchema, {
  id: 't1',
  name: 'Tidy fittings',
  number: 1,
  rules: [{ do: 'mend', what: 'holes' }],
});
const habits = exampleOf(HabitsSchema, {
  habits: [
    {
      id: 'h1',
      appliesBy: 'archive',
      pattern: 'harbour_*',
      words: [{ word: 'WH', means: 'map:roughness' }],
      unit: 'cm',
      up: 'z',
      front: '-z',
      twoSidedFoliage: true,
      arrivals: 3,
      personName: 'Maja Lindqvist',
      changedAt: '2026-11-02T10:00:00.000Z',
    },
  ],
  proposals: [
    {
      appliesBy: 'site',
      pattern: 'quayside-models.example',
      word: 'lo',
      means: 'coarser detail',
      evidence: ['crate_lo.obj', 'mast_lo.obj', 'buoy_lo.obj', 'net_lo.obj', 'oar_lo.obj'],
    },
  ],
});
const open = (now: Habits = habits) =>
  renderAt('/arrivals/habits', [
    answer(listHabits, () => now),
    answer(listHouseTreatments, () => [HOUSE]),
    answer(saveHabit, () => ({ id: 'new' })),
    answer(removeHabit, () => ({})),
    answer(tryHabit, ({ body }) => ({
      before: [{ name: 'crate', files: body.paths.map((path) => ({ path, role: 'model' })) }],
      after: [{ name: 'crate', files: body.paths.map((path) => ({ path, role: 'lod' })) }],
      changed: [body.paths[0]],
    })),
  ]);

test('a habit says in words what it means', async () => {
  open();
  expect(
    await screen.findByText(
      '“WH” means a map of roughness, its files are in centimetres, Z is up, once they stand, its models face away, leaves are two-sided.',
    ),
  ).toBeTruthy();
  expect(screen.getByText(/fits 3 arrivals so far/)).toBeTruthy();
});

test('a house treatment is named for the next download of a source', async () => {
  const { user, sent } = open();
  await user.click(await screen.findByRole('button', { name: 'Edit: harbour_*' }));
  const form = within(await screen.findByRole('form', { name: 'A naming habit' }));
  await user.click(form.getByLabelText('House treatment'));
  await user.click(await screen.findByRole('option', { name: 'Tidy fittings' }));
  await user.click(form.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(sent(saveHabit)).toMatchObject([{ pattern: 'harbour_*', houseTreatmentId: 't1' }]));
});

test('what was decided often is proposed with its evidence, and opens as a habit to try', async () => {
  const { user, sent } = open();
  const proposed = within(await screen.findByRole('region', { name: 'Proposed' }));
  expect(proposed.getByText('and 2 times more')).toBeTruthy();
  await user.click(proposed.getByRole('button', { name: 'Try it out' }));
  const form = within(await screen.findByRole('form', { name: 'A naming habit' }));
  expect(form.getByLabelText<HTMLInputElement>('The word').value).toBe('lo');
  await user.click(form.getByRole('button', { name: 'Try it out' }));
  expect(await form.findByText('It sorts 1 file otherwise.')).toBeTruthy();
  expect(sent(tryHabit)[0]).toMatchObject({
    habit: { appliesBy: 'site', pattern: 'quayside-models.example' },
    paths: ['crate.fbx', 'crate_low.fbx', 'crate_col.png', 'crate_nrm.png'],
  });
  expect(sent(saveHabit)).toMatchObject([]);
});

test('a habit is not kept before it says what it applies to; empty words are left out', async () => {
  const { user, sent } = open();
  await user.click(await screen.findByRole('button', { name: 'New naming habit' }));
  const form = within(await screen.findByRole('form', { name: 'A naming habit' }));
  await user.click(form.getByRole('button', { name: 'Another word' }));
  await user.click(form.getByRole('button', { name: 'Save' }));
  expect(await form.findByText('Say which arrivals it applies to.')).toBeTruthy();
  await user.type(form.getByLabelText(/^Name/), 'harbour_*');
  await user.click(form.getByLabelText('Up is'));
  await user.click(await screen.findByRole('option', { name: 'Z' }));
  await user.click(form.getByRole('button', { name: 'Save' }));
  await waitFor(() =>
    expect(sent(saveHabit)).toMatchObject([
      {
        appliesBy: 'archive',
        pattern: 'harbour_*',
        words: [],
        unit: null,
        up: 'z',
        front: null,
        twoSidedFoliage: null,
      },
    ]),
  );
});

test('a habit is changed under its own number, and forgotten', async () => {
  const { user, askedOf, sent } = open();
  await user.click(await screen.findByRole('button', { name: 'Edit: harbour_*' }));
  const form = within(await screen.findByRole('form', { name: 'A naming habit' }));
  await user.click(form.getByRole('button', { name: 'Leave out word 1' }));
  await user.click(form.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(askedOf(saveHabit)[0]?.params).toEqual({ id: 'h1' }));
  expect(sent(saveHabit)[0]).toMatchObject({ words: [], unit: 'cm', twoSidedFoliage: true });
  await user.click(screen.getByRole('button', { name: 'Delete: harbour_*' }));
  expect(askedOf(removeHabit)[0].params).toEqual({ id: 'h1' });
});

test('none yet: what one is good for', async () => {
  open(exampleOf(HabitsSchema, {}));
  expect(await screen.findByText('No habits yet')).toBeTruthy();
});
