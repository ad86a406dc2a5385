import { JobBell } from './bell';

const LONG_MS = 60_000;
const never = new AbortController().signal;

test('all who wait are woken by one ring', async () => {
  const bell = new JobBell();
  const waits = [1, 2, 3].map(() => bell.wait(bell.rung, LONG_MS, never));
  bell.ring();
  await Promise.all(waits);
});

test('a ring between looking and waiting is not missed', async () => {
  const bell = new JobBell();
  const { rung } = bell;
  bell.ring();
  await bell.wait(rung, LONG_MS, never);
});

test('a ring of before wakes nobody, and time does', async () => {
  const bell = new JobBell();
  bell.ring();
  const started = performance.now();
  await bell.wait(bell.rung, 30, never);
  expect(performance.now() - started).toBeGreaterThan(25);
});

test.each(['before', 'after'])('who stops does not wait: aborted %s it began', async (when) => {
  const bell = new JobBell();
  const stop = new AbortController();
  if (when === 'before') stop.abort();
  const wait = bell.wait(bell.rung, LONG_MS, stop.signal);
  stop.abort();
  await wait;
});
