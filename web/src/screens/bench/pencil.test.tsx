import {
  catalogueAsset,
  confirmGuesses,
  getSheet,
  listBench,
  listStandIns,
  type Sheet,
} from '@haveld/contract/api/bench';
import { DomainError } from '@haveld/contract/error';
import { FiguresSchema } from '@haveld/contract/report';
import type { Step } from '@haveld/contract/step';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';
import { exampleSheet } from '../../testing/example-sheet';
import { answer, renderAt, screen, waitFor, within, type Answer } from '../../testing/render-at';
import { treatInPlace } from '../../testing/treat-in-place';

const SCALE: Step = { kind: 'scale', schema: 1, factor: 0.01, label: 'centimetres' };
const size = {
  kind: 'size' as const,
  key: 'size',
  heading: 'size-and-orientation' as const,
  mark: 'look' as const,
  title: 'May be in centimetres (84 %)',
  choices: [{ id: 'cm', label: 'centimetres', confidence: 0.84, steps: [SCALE] }],
};
/** A stool whose size is guessed, and whose root is named. */
const pencilled: Partly<Sheet> = {
  id: 'stool',
  name: 'Stool',
  state: 'on-bench',
  documentSha256: 'd'.repeat(64),
  findings: [size],
  missing: ['Its size is not settled.'],
  guessed: ['size'],
  steps: [{ id: 'named', title: 'Root named', enabled: true, step: { kind: 'name-root', schema: 1, name: 'stool' } }],
  planned: [
    { id: 'pencil-0', title: 'Scaled × 0.01', enabled: true, findingKey: 'size', step: SCALE, isGuess: true },
    { id: 'named', title: 'Root named', enabled: true, step: { kind: 'name-root', schema: 1, name: 'stool' } },
  ] as never,
};
const open = (more: Answer[] = [answer(getSheet, () => exampleSheet(pencilled))]) =>
  renderAt('/bench/stool', [answer(listStandIns, () => []), answer(listBench, () => []), ...more]);

let treated: Step[][] = [];
beforeEach(() => {
  treated = [];
  treatInPlace((steps) => {
    treated.push(steps);
    return {
      figures: exampleOf(FiguresSchema, { box: { min: [-0.2, 0, -0.2], max: [0.2, 0.45, 0.2] } }),
      outcomes: steps.map(({ kind }) => ({ kind, title: '', changed: `${kind} done`, unmatched: [], worse: [] })),
    };
  });
});

test('the bench opens on the model as it will be: what is guessed is done, drawn as a guess, and said to be one', async () => {
  open();
  const strip = within(await screen.findByRole('region', { name: 'Treatment' }));
  expect(await strip.findByText('scale done')).toBeTruthy();
  expect(strip.getByText('name-root done')).toBeTruthy();
  expect(strip.getByText('in pencil')).toBeTruthy();
  // a guess is no step that could be switched off
  expect(strip.getAllByRole('button').map(({ textContent }) => textContent)).toEqual(['switch off']);
  expect(treated.at(-1)!.map(({ kind }) => kind)).toEqual(['scale', 'name-root']);
  const condition = within(screen.getByRole('region', { name: 'Condition' }));
  expect(condition.getByRole('button', { name: /May be in centimetres \(84 %\).*in pencil/ })).toBeTruthy();
  // metres, and that they are a guess
  expect((await screen.findByText(/0\.40 × 0\.45 × 0\.40 m/)).textContent).toContain('in pencil');
});

test('a measure that is said is reached from the guess that stands', async () => {
  const { user } = open();
  const field = await screen.findByLabelText('now 0.45 m');
  await user.type(field, '90 cm');
  // twice as high as by a hundredth
  expect(screen.getByRole('button', { name: 'Take × 0.02' })).toBeTruthy();
});

test('cataloguing names what is in pencil once; said to be right, it goes on to the name', async () => {
  let now = pencilled;
  const { user, sent } = open([
    answer(getSheet, () => exampleSheet(now)),
    answer(confirmGuesses, () => {
      now = { ...pencilled, missing: [], guessed: [], findings: [], planned: [] };
      return exampleSheet(now);
    }),
    answer(catalogueAsset, () => exampleSheet(now)),
  ]);
  await user.click(await screen.findByRole('button', { name: 'Catalogue' }));
  const dialog = within(await screen.findByRole('dialog'));
  const guesses = within(dialog.getByRole('region', { name: 'Still in pencil' }));
  expect(guesses.getByText(/Size: centimetres/).textContent).toContain('84 %');
  expect(dialog.getByText('Its size is not settled.')).toBeTruthy();
  await user.click(guesses.getByRole('button', { name: 'This guess is right' }));
  expect(sent(confirmGuesses)).toEqual([{ guesses: [{ key: 'size', choiceId: 'cm' }] }]);
  await waitFor(() => expect(dialog.queryByRole('region', { name: 'Still in pencil' })).toBeNull());
  expect(await dialog.findByRole('button', { name: 'Catalogue it' })).toBeTruthy();
});

test('a guess that has changed meanwhile is said, and the dialog stays', async () => {
  const { user } = open([
    answer(getSheet, () => exampleSheet(pencilled)),
    answer(confirmGuesses, () => {
      throw new DomainError('out-of-step', 'A guess has changed since you looked. Look at it once more.');
    }),
  ]);
  await user.click(await screen.findByRole('button', { name: 'Catalogue' }));
  await user.click(await screen.findByRole('button', { name: 'This guess is right' }));
  expect(await screen.findByText('A guess has changed since you looked. Look at it once more.')).toBeTruthy();
  expect(screen.getByRole('dialog')).toBeTruthy();
});
