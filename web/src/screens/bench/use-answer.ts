import { answerFinding } from '@haveld/contract/api/bench';
import type { GivenAnswer } from '@haveld/contract/finding';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';

/** Answers a finding of a sheet, or takes its answer back with null. */
export function useAnswer(assetId: string, onDone: () => void) {
  return useChange(
    (given: { key: string; answer: GivenAnswer | null }) =>
      call(answerFinding, { params: { id: assetId }, body: given }),
    { onDone },
  );
}
