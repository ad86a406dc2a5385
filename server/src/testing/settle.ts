import { getProgress } from '@haveld/contract/api/progress';
import { waitFor, type TestClient } from './test-library';

/** Waits until nothing is left to do: marks and verdicts follow a change as jobs. */
export const settle = (client: TestClient): Promise<unknown> =>
  waitFor(
    () => client.call(getProgress),
    ({ running }) => running.length === 0,
  );
