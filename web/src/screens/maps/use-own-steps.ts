import { useQueryClient } from '@tanstack/react-query';
import { answerFinding, setOwnSteps, type SheetFinding } from '@haveld/contract/api/bench';
import type { Step } from '@haveld/contract/step';
import { call } from '../../api/client';
import { sheetQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';

export interface OwnChange {
  /** What it is about: `oak:baseColour`. */
  about: string;
  steps: Step[];
  /** What it is, in a few words. */
  summary: string;
  /** The open question it answers, where there is one. */
  finding?: SheetFinding;
}

/** A person's own change to a map or a material: the answer to what is asked there, or steps under a key of their own. */
export function useOwnSteps(assetId: string) {
  const queries = useQueryClient();
  return useChange(({ about, steps, summary, finding }: OwnChange) => {
    const params = { id: assetId };
    if (finding)
      return call(answerFinding, {
        params,
        body: { key: finding.key, answer: { kind: 'own', steps, summary }, seen: finding.answer },
      });
    const key = `own:${about}`.slice(0, 150);
    const shown = queries.getQueryData(sheetQuery(assetId).queryKey)?.steps;
    const seen = shown?.filter((row) => row.findingKey === key).map((row) => row.step);
    return call(setOwnSteps, { params, body: { key, steps, seen } });
  });
}
