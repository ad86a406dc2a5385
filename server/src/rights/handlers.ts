import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import type { JobHandlers } from '../jobs/worker-loop';
import { KIND } from './ask-for-refresh';
import { refreshAllMarks } from './state';

/** Jobs of this feature: working out anew how all rights stand, after a change of rules. */
export function createRightsHandlers({ pool }: Dependencies): JobHandlers {
  return {
    [KIND]: {
      async run(_job, { signal, onProgress }) {
        await refreshAllMarks(pool, onProgress, signal);
        await bumpRevision(pool);
      },
      fail: () => Promise.resolve(),
    },
  };
}
