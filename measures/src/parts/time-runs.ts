import { median } from './run-timed';

const RUNS = 5;

/** Times something several times over, and prints all. @param prepare not timed @returns the median, seconds */
export async function time<T>(
  words: string,
  prepare: () => Promise<T> | T,
  act: (given: T) => unknown,
): Promise<number> {
  const taken: number[] = [];
  for (let i = 0; i < RUNS; i++) {
    const given = await prepare();
    const from = performance.now();
    await act(given);
    taken.push((performance.now() - from) / 1000);
  }
  console.log(`${words}: ${median(taken).toFixed(3)} s (${taken.map((s) => s.toFixed(3)).join(', ')})`);
  return median(taken);
}
