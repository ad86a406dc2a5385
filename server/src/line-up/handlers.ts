import type { Dependencies } from '../dependencies';
import type { JobHandlers } from '../jobs/worker-loop';
import { lineUpFind } from './service';

/** Jobs of this feature: what was still read when its arrival was lined up follows. */
export const createLineUpHandlers = (dependencies: Dependencies): JobHandlers => ({
  'line-up-find': {
    run: (job) => lineUpFind(dependencies, job.subjectId),
    fail: () => Promise.resolve(),
  },
});
