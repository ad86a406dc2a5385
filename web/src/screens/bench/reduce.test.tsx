import { getSheet, listBench, listStandIns, setOwnSteps, type Sheet } from '@haveld/contract/api/bench';
import { exampleSheet } from '../../testing/example-sheet';
import { answer, renderAt, screen, waitFor } from '../../testing/render-at';
import { treatInPlace } from '../../testing/treat-in-place';
import { readReduction } from './reduction-ways';

const sheet = (steps: Partial<Sheet['steps'][number]>[] = []): Sheet =>
  exampleSheet({
    id: 'gull',
    name: 'Carved gull',
    state: 'on-bench',
    proposedCategory: { id: 'prop', word: null },
    documentSha256: 'd'.repeat(64),
    figures: { triangles: 96_000 },
    findings: [{ kind: 'triangles', key: 'triangles', heading: 'geometry', mark: 'holds', title: '96 000 triangles' }],
    steps,
  } as never);

// the one finding there is, is in hand
const open = (shown: () => Sheet) => {
  treatInPlace(() => ({}));
  return renderAt('/bench/gull', [
    answer(listStandIns, () => []),
    answer(listBench, () => []),
    answer(getSheet, shown),
    answer(setOwnSteps, shown),
  ]);
};

test('a heavy model is reduced to the budget of what it is, unless another figure is given', async () => {
  const { user, sent } = open(() => sheet());
  const field = await screen.findByLabelText(/its budget is 20\s000/);
  expect((field as HTMLInputElement).value).toBe('20000');
  await user.clear(field);
  await user.type(field, 'many');
  expect(screen.getByText('A number above 0.')).toBeTruthy();
  await user.clear(field);
  await user.type(field, '12 000');
  await user.click(screen.getByRole('button', { name: 'Reduce' }));
  await waitFor(() => expect(sent(setOwnSteps)).toHaveLength(1));
  expect(sent(setOwnSteps)[0]).toEqual({
    key: 'own:reduce',
    seen: [],
    steps: [{ kind: 'reduce-triangles', schema: 1, to: { by: 'triangles', triangles: 12_000 } }],
  });
});

test('what was reduced is given back as it came', async () => {
  const step = { kind: 'reduce-triangles' as const, schema: 1 as const, to: { by: 'share' as const, share: 0.5 } };
  const { user, sent } = open(() => sheet([{ id: 's1', step, title: '', enabled: true, findingKey: 'own:reduce' }]));
  await user.click(await screen.findByRole('button', { name: 'As it came' }));
  await waitFor(() => expect(sent(setOwnSteps)).toHaveLength(1));
  expect(sent(setOwnSteps)[0]).toEqual({ key: 'own:reduce', seen: [step], steps: [] });
});

test('a figure is read as people write it, and what cannot be meant is none', () => {
  expect(readReduction('share', '12,5')).toEqual({ by: 'share', share: 0.125 });
  expect(readReduction('share', '140')).toBeNull();
  expect(readReduction('error', '0')).toBeNull();
  expect(readReduction('error', '0.5')).toEqual({ by: 'error', mm: 0.5 });
  expect(readReduction('triangles', '')).toBeNull();
});
