import { setTimeout } from 'node:timers/promises';
import type { Dependencies } from '../dependencies';
import { loadRules } from '../house/rule-queries';
import { ASKING } from '../jobs/job-queries';
import type { JobHandlers } from '../jobs/worker-loop';
import { askPage } from './ask-page';
import { listDue } from './queries';

/** So many pages are asked in one job; what is left has its turn the next day. */
const MOST = 2000;

/** Nobody's site is asked twice in a row without a rest. */
const REST_MS = 500;

/** Jobs of this feature: pages of models are asked again, one after another. */
export function createPageHandlers(dependencies: Dependencies): JobHandlers {
  const { pool, log } = dependencies;
  return {
    [ASKING]: {
      async run(_job, { signal, onProgress }) {
        if ((await loadRules(pool)).askPagesEvery === 0) return;
        const due = await listDue(pool, MOST);
        let last = '';
        for (const [i, address] of due.entries()) {
          signal.throwIfAborted();
          const host = URL.canParse(address) ? new URL(address).hostname : '';
          if (host === last) await setTimeout(REST_MS, undefined, { signal });
          last = host;
          // one page that cannot be read must not keep the others from being asked
          await askPage(dependencies, address, signal).catch((error: unknown) => {
            signal.throwIfAborted();
            log.warn({ error, address }, 'a page could not be asked');
          });
          onProgress(i + 1, due.length);
        }
      },
      fail: () => Promise.resolve(),
    },
  };
}
