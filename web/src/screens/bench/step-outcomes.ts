import type { PlannedStep } from '@haveld/contract/api/bench';
import type { StepOutcome } from '@haveld/contract/report';

/** Outcomes come in the order of the enabled steps. @returns them by the steps' ids */
export function pairOutcomes(
  steps: readonly PlannedStep[],
  outcomes: readonly StepOutcome[],
): Map<string, StepOutcome> {
  const enabled = steps.filter((row) => row.enabled);
  return new Map(
    enabled.flatMap((row, i) => (outcomes[i]?.kind === row.step.kind ? [[row.id, outcomes[i]] as const] : [])),
  );
}

/** What did not go as it was meant to: parts that are not here, and what was lost unasked; a sentence each. */
export function listTrouble(outcome: StepOutcome | undefined): string[] {
  if (!outcome) return [];
  const { unmatched, worse } = outcome;
  const missing =
    unmatched.length > 4
      ? `${unmatched.slice(0, 3).join(', ')} and ${unmatched.length - 3} more`
      : unmatched.join(', ');
  return [...(unmatched.length > 0 ? [`not found, or left as it is: ${missing}`] : []), ...worse];
}
