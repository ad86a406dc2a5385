import { answerFinding, getSheet, listBench, listStandIns } from '@haveld/contract/api/bench';
import { getProgress, ProgressSchema } from '@haveld/contract/api/progress';
import { DomainError } from '@haveld/contract/error';
import { exampleOf } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen, waitFor, within } from '../../testing/render-at';
import { treatInPlace } from '../../testing/treat-in-place';
import { exampleSheet } from '../../testing/example-sheet';

const sheet = exampleSheet({
  id: 'buoy',
  name: 'Bell buoy',
  state: 'on-bench',
  findings: [{ kind: 'rights:licence', key: 'licence', heading: 'rights', mark: 'blocks', title: 'No licence' }],
});

test('a sheet that cannot be asked again for a moment keeps what is typed on it', async () => {
  treatInPlace(() => ({}));
  let revision = 1;
  const { user, askedOf } = renderAt('/bench/buoy', [
    answer(getSheet, () => {
      if (revision === 2) throw new DomainError('broken', 'The database is busy.');
      return sheet;
    }),
    answer(listBench, () => []),
    answer(listStandIns, () => []),
    answer(answerFinding, () => sheet),
    answer(getProgress, () =>
      exampleOf(ProgressSchema, { revision: String(revision), running: [{ id: 1, label: 'reading' }] }),
    ),
  ]);
  const form = within(await screen.findByRole('form', { name: 'Whose it is' }));
  await user.type(form.getByLabelText('Author'), 'Ines Falkenrot');
  revision = 2;
  await waitFor(() => expect(askedOf(getSheet).length).toBeGreaterThan(1));
  revision = 3;
  await waitFor(() => expect(askedOf(getSheet).length).toBeGreaterThan(2));
  expect(screen.queryByText('The database is busy.')).toBeNull();
  expect(screen.getByLabelText<HTMLInputElement>('Author').value).toBe('Ines Falkenrot');
});
