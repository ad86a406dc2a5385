import {
  cancelJob,
  getHealth,
  getProgress,
  HealthSchema,
  ProgressSchema,
  retryJob,
} from '@haveld/contract/api/progress';
import { exampleOf } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen } from '../../testing/render-at';

test('a healthy house says so: bytes, work that failed, work that runs', async () => {
  renderAt('/health', [
    answer(getHealth, () => exampleOf(HealthSchema, { storeFiles: 12, storeBytes: 3_000_000, done: 40 })),
  ]);
  expect(await screen.findByText('Every file that a row names is in the store.')).toBeTruthy();
  expect(screen.getByText('12 files in the store, 3.0 MB · 40 jobs done')).toBeTruthy();
  expect(screen.getByText('Nothing runs.')).toBeTruthy();
});

test('how far processes that open files are shut in is said', async () => {
  renderAt('/health', [answer(getHealth, () => exampleOf(HealthSchema, { confinement: 'shut-in' }))]);
  expect(await screen.findByText(/^Opened in a sandbox: it sees the file itself/)).toBeTruthy();
});

test('where the system cannot, what to do is said too', async () => {
  renderAt('/health', [answer(getHealth, () => exampleOf(HealthSchema, { confinement: 'limits' }))]);
  expect(await screen.findByText(/under limits of memory and time alone.*Install bubblewrap/)).toBeTruthy();
});

test('bytes that are lost are named, failed work can be tried again, running work stopped', async () => {
  const { user, askedOf } = renderAt('/health', [
    answer(getHealth, () =>
      exampleOf(HealthSchema, {
        missing: ['c0ffee'],
        failed: [
          { id: 7, label: 'reading “Mast”', message: 'The disk is full.', at: '2026-11-02T10:00:00.000Z', attempts: 4 },
        ],
      }),
    ),
    answer(getProgress, () =>
      exampleOf(ProgressSchema, {
        revision: '1',
        running: [
          { id: 8, label: 'reading “Buoy”', done: 3, total: 9, state: 'running' },
          { id: 9, label: 'packing “Crate”', state: 'waiting' },
        ],
      }),
    ),
    answer(retryJob, () => ({})),
    answer(cancelJob, () => ({})),
  ]);
  expect(
    await screen.findByText('1 file named by a row are not in the store; restore them from a backup.'),
  ).toBeTruthy();
  expect(screen.getByText('c0ffee')).toBeTruthy();
  const rows = screen.getAllByRole('row').map((row) => row.textContent);
  expect(rows[0]).toContain('The disk is full.');
  expect(rows[0]).toContain('4 tries');
  expect(rows[1]).toContain('3 of 9');
  expect(rows[2]).toContain('waits');
  await user.click(screen.getByRole('button', { name: 'Try again: reading “Mast”' }));
  await user.click(screen.getByRole('button', { name: 'Stop packing “Crate”' }));
  expect(askedOf(retryJob)[0].params).toEqual({ id: 7 });
  expect(askedOf(cancelJob)[0].params).toEqual({ id: 9 });
});
