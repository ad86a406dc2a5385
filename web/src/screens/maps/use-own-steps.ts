import { answerFinding, setOwnSteps, type SheetFinding } from '@haveld/contract/api/bench';
import type { Step } from '@haveld/contract/step';
import { call } from '../../api/client';
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
  return useChange(({ about, steps, summary, finding }: OwnChange) =>
    finding
      ? call(answerFinding, {
          params: { id: assetId },
          body: { key: finding.key, answer: { kind: 'own', steps, summary }, seen: finding.answer },
        })
      : call(setOwnSteps, { params: { id: assetId }, body: { key: `own:${about}`.slice(0, 150), steps } }),
  );
}
