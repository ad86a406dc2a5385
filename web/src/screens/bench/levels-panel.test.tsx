import { getSheet, listBench, listStandIns, setOwnSteps, type Sheet } from '@haveld/contract/api/bench';
import type { StepOf } from '@haveld/contract/step';
import { exampleSheet } from '../../testing/example-sheet';
import { answer, renderAt, screen, waitFor, within } from '../../testing/render-at';
import { treatInPlace } from '../../testing/treat-in-place';
import type { ShownLevel } from '../../view3d/treat.worker';
import { readLevel, readReduction, writeLevel, writeReduction } from './reduction-ways';

const level = (given: Partial<ShownLevel>): ShownLevel => ({
  level: 0,
  triangles: 12_000,
  error: 0,
  from: 0,
  lengthPx: null,
  isHardlyLighter: false,
  side: 100,
  pictures: [],
  ...given,
});
const COARSER = [
  level({ level: 1, triangles: 6000, error: 0.0012, from: 1.39, lengthPx: 800, pictures: ['data:,a', 'data:,b'] }),
  level({
    level: 2,
    triangles: 5400,
    error: 0.004,
    from: 4.6,
    isHardlyLighter: true,
    pictures: ['data:,a', 'data:,c'],
  }),
];
const MADE: StepOf<'set-levels'> = {
  kind: 'set-levels',
  schema: 1,
  levels: [
    { by: 'share', share: 0.5 },
    { by: 'error', mm: 4 },
  ],
};

const CAME: StepOf<'keep-levels'> = {
  kind: 'keep-levels',
  schema: 1,
  sets: [['stool_LOD0', 'stool_LOD1'].map((name) => ({ name, ordinal: 0, signature: '8:12:1×1×1' }))],
};

async function open(levels: ShownLevel[], steps: Partial<Sheet['steps'][number]>[] = []) {
  const sheet = exampleSheet({
    id: 'stool',
    name: 'Stool',
    documentSha256: 'd'.repeat(64),
    steps,
    planned: steps.map((row) => ({ ...row, isGuess: false })),
  } as never);
  const asked: number[] = [];
  treatInPlace(() => ({}), {
    describeLevels: () => Promise.resolve(levels),
    pickLevel: (_, wanted) => {
      asked.push(wanted);
      return Promise.resolve(new Uint8Array(4));
    },
  });
  const { user, sent } = renderAt('/bench/stool', [
    answer(listStandIns, () => []),
    answer(listBench, () => []),
    answer(getSheet, () => sheet),
    answer(setOwnSteps, () => sheet),
  ]);
  await screen.findByRole('button', { name: 'Levels of detail' });
  await user.keyboard('g');
  return { user, sent, asked, panel: within(await screen.findByRole('region', { name: 'Levels of detail' })) };
}

test('a model of one level is offered three, each half of the one before, as a step', async () => {
  const { user, sent, panel } = await open([level({})]);
  expect(await panel.findByText('Only the model itself, no coarser levels.')).toBeTruthy();
  await user.click(panel.getByRole('button', { name: 'Make 3 levels' }));
  await waitFor(() =>
    expect(sent(setOwnSteps)).toEqual([
      {
        key: 'own:levels',
        seen: [],
        steps: [
          {
            kind: 'set-levels',
            schema: 1,
            levels: [0.5, 0.25, 0.12].map((share) => ({ by: 'share', share })),
          },
        ],
      },
    ]),
  );
});

test('each level says how far it is off, from where nobody sees it, and when it is hardly worth its place', async () => {
  const { user, asked, panel } = await open(
    [level({}), ...COARSER],
    [{ id: 's1', step: MADE, enabled: true, findingKey: 'own:levels' }],
  );
  const [, first, second] = await panel.findAllByRole('listitem');
  expect(first.textContent).toMatch(/level 1.*6.000.*50 %.*1.2 mm deviation, unseen from 1.40 m away/);
  expect(within(first).getAllByRole('img')).toHaveLength(2);
  expect(within(second).getByText('Barely fewer triangles than the level before.')).toBeTruthy();
  expect(within(first).queryByText('Barely fewer triangles than the level before.')).toBeNull();
  // one is shown on the model in its place
  await user.click(within(second).getByRole('radio'));
  await waitFor(() => expect(asked).toEqual([2]));
  expect(await screen.findByText('level 2 of detail')).toBeTruthy();
});

test('what was made stands in the form, is changed there and goes by a click', async () => {
  const { user, sent, panel } = await open(
    [level({}), ...COARSER],
    [{ id: 's1', step: MADE, enabled: true, findingKey: 'own:levels' }],
  );
  const error = await panel.findByLabelText<HTMLInputElement>('Level 2, how much');
  expect(error.value).toBe('4');
  await user.clear(error);
  const again = panel.getByRole<HTMLButtonElement>('button', { name: 'Make these instead' });
  expect(again.disabled).toBe(true);
  await user.type(error, '2,5');
  await user.click(panel.getByRole('button', { name: 'Without level 1' }));
  await user.click(again);
  await waitFor(() =>
    expect(sent(setOwnSteps)).toEqual([
      {
        key: 'own:levels',
        seen: [MADE],
        steps: [{ kind: 'set-levels', schema: 1, levels: [{ by: 'error', mm: 2.5 }] }],
      },
    ]),
  );
});

test('levels that came are told, and that others take their place', async () => {
  const { panel } = await open(
    [level({}), { ...COARSER[0], error: null, from: null }],
    [{ id: 's1', step: CAME, enabled: true, findingKey: 'levels' }],
  );
  expect(await panel.findByText('They came with the model. Making levels here replaces them.')).toBeTruthy();
  expect(panel.getByText('Deviation not measured.')).toBeTruthy();
});

test.each([
  { by: 'share', share: 0.125 },
  { by: 'triangles', triangles: 900 },
  { by: 'error', mm: 0.5 },
] as const)('%p is read as it was written', (to) => {
  const { way, text } = writeReduction(to);
  expect(readReduction(way, text)).toEqual(to);
});

test('a proxy is a level: so many triangles, a hull or a box, each with one map', async () => {
  const { user, sent, panel } = await open([level({})]);
  await user.selectOptions(panel.getByLabelText('Level 2, by what'), 'triangles, colours baked');
  const much = panel.getByLabelText('Level 2, how much');
  await user.clear(much);
  await user.type(much, '240');
  await user.selectOptions(panel.getByLabelText('Level 3, by what'), 'box, colours baked');
  // a box has no number
  expect(panel.queryByLabelText('Level 3, how much')).toBeNull();
  await user.click(panel.getByRole('button', { name: 'Make 3 levels' }));
  await waitFor(() =>
    expect(sent(setOwnSteps)[0].steps).toEqual([
      {
        kind: 'set-levels',
        schema: 1,
        levels: [
          { by: 'share', share: 0.5 },
          { by: 'baked', triangles: 240, side: 512 },
          { by: 'box', side: 256 },
        ],
      },
    ]),
  );
  expect(readLevel('baked', '3')).toBeNull();
  for (const one of sent(setOwnSteps)[0].steps.flatMap((step) => (step.kind === 'set-levels' ? step.levels : []))) {
    const { way, text } = writeLevel(one);
    expect(readLevel(way, text)).toEqual(one);
  }
});
