import type { PartRef, Step } from '@haveld/contract/step';
import type { ChosenFaces } from '@haveld/core/structure/parts/choose-faces';
import type { PartRow } from '@haveld/core/structure/parts/part-rows';
import { PLACEMENT_ROOT_ID } from '@haveld/core/treatment/placement-root';
import type { CutBy } from '../../view3d/treat.worker';
import { planCut, referToParts, type TreatedModel } from '../../view3d/use-part-sheet';
import { withBelow } from './arrange-rows';
import type { PartAction } from './part-actions';
import type { usePartSteps } from './use-part-steps';

/** What a person does to parts, as steps: each names its parts as they are when it comes. */
export function usePartActs({
  model,
  rows,
  chosenRows,
  own,
}: {
  model: TreatedModel;
  rows: readonly PartRow[];
  chosenRows: readonly PartRow[];
  own: ReturnType<typeof usePartSteps>;
}) {
  const chosenIds = chosenRows.map(({ id }) => id);
  const takeFor = (ids: readonly string[], make: (refs: PartRef[]) => Step[]): void => {
    if (!own.isBusy) own.take(async () => make(await referToParts(model, ids)));
  };
  return {
    takeFor,
    act: (action: PartAction): void => {
      if (chosenRows.length > 0 && action.whyNot(chosenRows) === null)
        takeFor(chosenIds, (refs) => action.steps(refs, chosenRows));
    },
    rename: (name: string): void =>
      takeFor(chosenIds.slice(0, 1), ([part]) => [{ kind: 'name-parts', schema: 1, names: [{ part, name }] }]),
    /** Nothing hangs under itself, nor where it hangs already. */
    hang: (ids: readonly string[], under: string): void => {
      const isThere = ids.every((id) => rows.find((row) => row.id === id)?.parentId === under);
      if (ids.length === 0 || isThere || withBelow(rows, new Set(ids)).has(under)) return;
      // the root that carries size and stance is made later: what hangs at the top hangs under it then
      if (under === PLACEMENT_ROOT_ID)
        takeFor(ids, (refs) => [{ kind: 'hang-parts', schema: 1, parts: refs, under: null }]);
      else
        takeFor([under, ...ids], ([target, ...refs]) => [
          { kind: 'hang-parts', schema: 1, parts: refs, under: target },
        ]);
    },
    /** Cuts what is chosen with all below it, or the whole model. */
    cut: (by: CutBy): void => {
      if (!own.isBusy) own.take(() => planCut(model, by, [...withBelow(rows, new Set(chosenIds))]));
    },
    separate: (id: string, { faces, polygons }: ChosenFaces, name: string | null): void => {
      if (polygons > 0) takeFor([id], ([part]) => [{ kind: 'separate-faces', schema: 1, part, faces, name }]);
    },
  };
}
