import type { Dependencies } from '../dependencies';
import type { JobHandlers } from '../jobs/worker-loop';
import { BEGIN_DAY, beginDay } from './begin-day';

/** Jobs of this feature: what a new day changes without anybody having touched it. */
export function createDayHandlers({ pool }: Dependencies): JobHandlers {
  return {
    [BEGIN_DAY]: {
      run: (_job, { signal }) => beginDay(pool, signal),
      fail: () => Promise.resolve(),
    },
  };
}
