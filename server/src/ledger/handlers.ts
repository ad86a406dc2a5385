import type { Dependencies } from '../dependencies';
import type { JobHandlers } from '../jobs/worker-loop';
import { JUDGE_USES } from '../rights/ask-for-judging';
import { judgeUses } from './judge-uses';

/** Jobs of this feature: judging what live projects hold. */
export function createLedgerHandlers({ pool }: Dependencies): JobHandlers {
  return {
    [JUDGE_USES]: {
      run: () => judgeUses(pool),
      fail: () => Promise.resolve(),
    },
  };
}
