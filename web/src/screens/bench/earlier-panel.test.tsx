import { EarlierSchema, getEarlier, getSheet, listBench, takeEarlier } from '@haveld/contract/api/bench';
import type { Step } from '@haveld/contract/step';
import { exampleOf } from '@haveld/contract/testing/example-of';
import { exampleSheet } from '../../testing/example-sheet';
import { answer, renderAt, screen, waitFor, within } from '../../testing/render-at';
import { treatInPlace } from '../../testing/treat-in-place';

const SCALE: Step = { kind: 'scale', schema: 1, factor: 0.01, label: 'centimetres' };
const LEVELS: Step = { kind: 'set-levels', schema: 1, levels: [{ by: 'share', share: 0.5 }] };
const sheet = exampleSheet({ id: 'new', name: 'Ladder 2', documentSha256: 'd'.repeat(64) });
const earlier = exampleOf(EarlierSchema, {
  asset: { id: 'old', accession: 'HV-00007', name: 'Ladder', state: 'catalogued' },
  lines: [
    { key: 'size', title: 'Its size is open', label: 'centimetres', steps: [SCALE] },
    { key: 'own:levels', title: '', label: '', steps: [LEVELS] },
  ],
  steps: [SCALE, LEVELS],
});
const outcome = (kind: Step['kind'], title: string, changed: string, unmatched: string[] = []) => ({
  kind,
  title,
  changed,
  unmatched,
  worse: [],
});

async function open(given: typeof earlier) {
  const tried: Step[][] = [];
  treatInPlace((steps) => {
    tried.push(steps);
    return steps.length === 0
      ? {}
      : { outcomes: [outcome('scale', 'Scale', '× 0.01'), outcome('set-levels', 'Levels', '1 level', ['rail'])] };
  });
  const used = renderAt('/bench/new', [
    answer(getSheet, () => sheet),
    answer(listBench, () => []),
    answer(getEarlier, () => given),
    answer(takeEarlier, () => sheet),
  ]);
  await used.user.click(await screen.findByRole('button', { name: 'Reuse earlier treatment' }));
  return { ...used, tried, panel: within(screen.getByRole('region', { name: 'Reuse earlier treatment' })) };
}

test('what was done to the earlier one is tried on this one, with what does not fit, before anything is taken', async () => {
  const { panel, tried, sent, user } = await open(earlier);
  expect(panel.getByRole('link', { name: 'HV-00007 Ladder' }).getAttribute('href')).toBe('/catalogue/old');
  expect(await panel.findByText('× 0.01')).toBeTruthy();
  expect(panel.getByText('centimetres')).toBeTruthy();
  expect(await panel.findByText('not found, or left as it is: rail')).toBeTruthy();
  expect(tried.at(-1)).toEqual([SCALE, LEVELS]);
  expect(sent(takeEarlier)).toEqual([]);
  await user.click(panel.getByRole('button', { name: 'Take it over' }));
  await waitFor(() => expect(sent(takeEarlier)).toEqual([{ assetId: 'old', keys: ['size', 'own:levels'] }]));
  await waitFor(() => expect(screen.queryByRole('region', { name: 'Reuse earlier treatment' })).toBeNull());
});

test('where everything that fits is done already, that is said and nothing can be taken', async () => {
  const { panel } = await open({ ...earlier, lines: [] });
  expect(panel.getByText('Everything that fits is applied already.')).toBeTruthy();
  expect(panel.getByRole<HTMLButtonElement>('button', { name: 'Take it over' }).disabled).toBe(true);
});
