import { useQueryClient, type QueryClient } from '@tanstack/react-query';
import { answerFinding } from '@haveld/contract/api/bench';
import type { Answer, GivenAnswer } from '@haveld/contract/finding';
import { call } from '../../api/client';
import { lineUpQuery, sheetQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';

/** Answers a finding of an asset, or takes its answer back with null; somebody else's that was not seen yet is not replaced. */
export function useAnswer(assetId: string, onDone: () => void = () => undefined) {
  const queries = useQueryClient();
  return useChange(
    (given: { key: string; answer: GivenAnswer | null }) =>
      call(answerFinding, {
        params: { id: assetId },
        body: { ...given, seen: findSeen(queries, assetId, given.key) },
      }),
    { onDone },
  );
}

/** @returns the answer that is shown, on a sheet or in the line-up; undefined where neither shows it */
function findSeen(queries: QueryClient, assetId: string, key: string): Answer | null | undefined {
  const onSheet = queries.getQueryData(sheetQuery(assetId).queryKey)?.findings.find((finding) => finding.key === key);
  if (onSheet) return onSheet.answer;
  const card = queries.getQueryData(lineUpQuery.queryKey)?.cards.find(({ id }) => id === assetId);
  const isOpen = card && [...card.guessed, ...card.asked].some((finding) => finding.key === key);
  return isOpen ? null : undefined;
}
