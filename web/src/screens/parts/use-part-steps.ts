import { useState } from 'react';
import { setOwnSteps, switchStep, type Sheet, type TreatmentStep } from '@haveld/contract/api/bench';
import type { Step } from '@haveld/contract/step';
import { getStepDefinition } from '@haveld/core/treatment/steps';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';

const OWN = 'own:parts:';

/** Under what steps on parts stand, those of each doing by themselves. */
export const makePartKey = (): string => `${OWN}${crypto.randomUUID()}`;

/** @returns steps on parts in the order they run */
export const listPartSteps = ({ steps }: Pick<Sheet, 'steps'>): TreatmentStep[] =>
  steps.filter(({ step }) => getStepDefinition(step).phase === 'parts');

/** Steps on parts: each is taken by itself, and the last is undone by being switched off. */
export function usePartSteps(sheet: Sheet, onDone: () => void) {
  const params = { id: sheet.id };
  const taking = useChange(
    async ({ make, key = makePartKey() }: { make: () => Promise<Step[]>; key?: string }) =>
      call(setOwnSteps, { params, body: { key, steps: await make() } }),
    { onDone },
  );
  const switching = useChange((row: TreatmentStep) =>
    call(switchStep, { params, body: { stepId: row.id, enabled: !row.enabled } }),
  );
  const taken = listPartSteps(sheet);
  /** What was undone since this sheet was opened, the last last: that is done again, and nothing that somebody switched off. */
  const [undone, setUndone] = useState<readonly string[]>([]);
  const last = taken.findLast(({ enabled }) => enabled);
  const again = taken.find(({ id, enabled }) => id === undone.at(-1) && !enabled);
  return {
    isBusy: taking.isPending || switching.isPending,
    /** @param make finds the parts first; what goes wrong there is told @param key where they stand in place of those before */
    take: (make: () => Promise<Step[]>, key?: string) => taking.mutate({ make, key }),
    switchOver: (row: TreatmentStep) => switching.mutate(row),
    undoable: last ?? null,
    undo: () => {
      if (!last || switching.isPending) return;
      setUndone([...undone, last.id]);
      switching.mutate(last);
    },
    redoable: again ?? null,
    redo: () => {
      if (!again || switching.isPending) return;
      setUndone(undone.slice(0, -1));
      switching.mutate(again);
    },
  };
}
