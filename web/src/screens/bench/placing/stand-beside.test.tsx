import { answerFinding, getSheet, listBench, listStandIns, takePlace, type Sheet } from '@haveld/contract/api/bench';
import { FiguresSchema } from '@haveld/contract/report';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';
import { answer, fireEvent, renderAt, screen, waitFor, within } from '../../../testing/render-at';
import { treatInPlace } from '../../../testing/treat-in-place';
import { exampleSheet } from '../../../testing/example-sheet';

const scale = { kind: 'scale' as const, schema: 1 as const, factor: 0.01, label: 'x' };
const sheet = (more: Partly<Sheet> = {}): Sheet =>
  exampleSheet({
    id: 'buoy',
    accession: 'HV-00012',
    name: 'Bell buoy',
    state: 'on-bench',
    documentSha256: 'd'.repeat(64),
    findings: [
      {
        kind: 'size' as const,
        key: 'size',
        heading: 'size-and-orientation' as const,
        mark: 'look' as const,
        title: 'May be in centimetres (84 %)',
        choices: [{ id: 'cm', label: 'centimetres', confidence: 0.84, steps: [scale] }],
      },
    ],
    steps: [{ id: 's1', title: 'Scale', enabled: true, step: scale }],
    ...more,
  } as Partly<Sheet>);
/** One and a half times as large as the model, and crosswise. */
const mooring = {
  id: 'mooring',
  accession: 'HV-00003',
  name: 'Mooring post',
  modelSha256: 'e'.repeat(64),
  box: { min: [-1.5, 0, -3] as [number, number, number], max: [1.5, 3, 3] as [number, number, number] },
  isSimilar: true,
};
const other = { ...mooring, id: 'gull', accession: 'HV-00004', name: 'Gull', isSimilar: false };

beforeEach(() =>
  treatInPlace(() => ({ figures: exampleOf(FiguresSchema, { box: { min: [-2, 0, -1], max: [2, 2, 1] } }) })),
);

const open = (now = sheet()) =>
  renderAt('/bench/buoy', [
    answer(getSheet, () => now),
    answer(listBench, () => []),
    answer(listStandIns, ({ query }) =>
      [mooring, other].filter(({ name }) => name.toLowerCase().includes(query.words.toLowerCase())),
    ),
    answer(answerFinding, () => now),
    answer(takePlace, () => now),
  ]);
const group = async () => within(await screen.findByRole('group', { name: 'Stand it beside' }));
const chooseAsset = async (user: ReturnType<typeof open>['user'], name: string): Promise<void> => {
  await user.click(await screen.findByLabelText('or beside an asset of the library'));
  await user.click(await screen.findByRole('option', { name: new RegExp(name) }));
};

test('a thing stands beside it until it is pressed again', async () => {
  const { user } = open();
  const door = (await group()).getByRole('button', { name: /door/ });
  await user.click(door);
  expect(door.getAttribute('aria-pressed')).toBe('true');
  expect(screen.getByRole('slider', { name: 'How large it is shown' })).toBeTruthy();
  await user.click((await group()).getByRole('button', { name: /cube/ }));
  expect(door.getAttribute('aria-pressed')).toBe('false');
  await user.click((await group()).getByRole('button', { name: /cube/ }));
  expect(screen.queryByRole('slider', { name: 'How large it is shown' })).toBeNull();
});

test('by eye it is scaled by what is shown times what was taken already, and says how it was found', async () => {
  const { user, sent } = open();
  await user.click((await group()).getByRole('button', { name: /door/ }));
  const take = await screen.findByRole<HTMLButtonElement>('button', { name: 'Take × 1' });
  expect(take.disabled).toBe(true);
  fireEvent.change(screen.getByRole('slider', { name: 'How large it is shown' }), { target: { value: 0.3 } });
  expect(await screen.findByText('7.98 × 3.99 × 3.99 m')).toBeTruthy();
  await user.click(await screen.findByRole('button', { name: 'Take × 2' }));
  const [{ key, answer: given }] = sent(answerFinding);
  expect(key).toBe('size');
  expect(given).toMatchObject({ kind: 'own', summary: 'by eye, beside a thing of known size' });
  const [step] = (given as { steps: { factor: number }[] }).steps;
  expect(step.factor).toBeCloseTo(0.01 * 10 ** 0.3, 9);
});

test('away with it: nothing stands there, and nothing was changed', async () => {
  const { user, sent } = open();
  await user.click((await group()).getByRole('button', { name: /person/ }));
  await user.click(await screen.findByRole('button', { name: 'Remove it' }));
  expect(screen.queryByRole('slider', { name: 'How large it is shown' })).toBeNull();
  expect(sent(answerFinding)).toEqual([]);
});

test('assets are asked for by name, things of its kind apart from the others', async () => {
  const { user, askedOf } = open();
  await user.click(await screen.findByLabelText('or beside an asset of the library'));
  expect(await screen.findByText('things of its kind')).toBeTruthy();
  expect(screen.getByText('others')).toBeTruthy();
  await user.keyboard('gul');
  await waitFor(() => expect(askedOf(listStandIns).some(({ query }) => query.words === 'gul')).toBe(true));
  await waitFor(() => expect(screen.queryByRole('option', { name: /Mooring post/ })).toBeNull());
});

test('the place of another is taken with its size, its front and its pivot, and what then differs is said before', async () => {
  const { user, sent } = open();
  await chooseAsset(user, 'Mooring post');
  expect(await screen.findByText(/× 1\.5, turned a quarter, its pivot where that one has it/)).toBeTruthy();
  expect(screen.getByText(/Then its sides are the same/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Take its place' }));
  const [body] = sent(takePlace);
  expect(body.assetId).toBe('mooring');
  expect(body.answers.size).toMatchObject([{ kind: 'scale', factor: expect.closeTo(0.015, 9) as number }]);
  expect(body.answers['front-axis']).toMatchObject([{ kind: 'set-front-axis', degrees: 90 }]);
  expect(body.answers.pivot).toMatchObject([{ kind: 'set-pivot', at: 'point', point: [0.5, 0, 0.5] }]);
});

test('a quarter on top of a quarter is a half', async () => {
  const now = sheet({
    steps: [{ id: 's1', title: 'Front', enabled: true, step: { kind: 'set-front-axis', schema: 1, degrees: 90 } }],
  });
  const { user, sent } = open(now);
  await chooseAsset(user, 'Mooring post');
  await user.click(await screen.findByRole('button', { name: 'Take its place' }));
  expect(sent(takePlace)[0].answers['front-axis']).toMatchObject([{ degrees: 180 }]);
});

test('a place that was taken is given back', async () => {
  const now = sheet({ standsFor: { id: 'mooring', accession: 'HV-00003', name: 'Mooring post' } });
  const { user, sent } = open(now);
  expect(await screen.findByText(/It takes the place of HV-00003 Mooring post/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Give it back' }));
  expect(sent(takePlace)).toEqual([{ assetId: null, answers: {} }]);
});

test('an asset whose file is gone says so, and the model stays as it is', async () => {
  const { user } = open();
  const before = globalThis.fetch;
  globalThis.fetch = (input, init) =>
    String(input).includes('e'.repeat(64)) ? Promise.resolve({ ok: false } as Response) : before(input, init);
  await chooseAsset(user, 'Mooring post');
  expect(await screen.findByText('Mooring post cannot be shown: its file is not there.')).toBeTruthy();
});
