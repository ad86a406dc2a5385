import { PropertyType, type Document } from '@gltf-transform/core';
import { prune } from '@gltf-transform/functions';
import type { StepOutcome } from '@haveld/contract/report';
import type { Step } from '@haveld/contract/step';
import type { ChangeNature } from '../rights/verdict-rules';
import { withLevelsHung } from '../structure/levels/keep-levels';
import type { EdgeCounts } from '../structure/surfaces/judge-surface';
import { describeLosses, takeCensus } from './census';
import type { StepContext, StepResult } from './step-definition';
import { getStepDefinition, orderSteps } from './steps';
import { describeTroubles, takeSurfaceCensus } from './surface-census';

/**
 * Turns a document as received into one as treated, in place. The same document and steps give the same result. After each step it is
 * looked whether anything was lost that the step is not there to take away, and whether faces meet worse than before.
 * @returns what each step did, in the order they ran
 */
export async function applyTreatment(
  document: Document,
  steps: readonly Step[],
  context: StepContext,
): Promise<StepOutcome[]> {
  const outcomes: StepOutcome[] = [];
  let census = takeCensus(document);
  let troubles: EdgeCounts | null = null;
  const ordered = orderSteps(steps.map((step) => ({ step }))).map(({ step }) => step);
  const running = { ...context, steps: ordered };
  for (const step of ordered) {
    const definition = getStepDefinition(step);
    const isReshaped = definition.topology !== 'keeps';
    if (isReshaped) troubles ??= takeSurfaceCensus(document);
    const act = (): Promise<StepResult> | StepResult => definition.apply(document, step, running);
    // levels stand where the model stands, wherever it goes
    const { changed, unmatched } =
      definition.phase === 'size-and-orientation' ? await withLevelsHung(document, act) : await act();
    const now = takeCensus(document);
    const worse = describeLosses(census, now, definition.loses ?? []);
    census = now;
    if (isReshaped && troubles) {
      const after = takeSurfaceCensus(document);
      worse.push(...describeTroubles(troubles, after, definition.brings ?? []));
      troubles = after;
    }
    outcomes.push({ kind: step.kind, title: definition.title(step), changed, unmatched, worse });
  }
  await document.transform(
    prune({
      propertyTypes: [
        PropertyType.MESH,
        PropertyType.PRIMITIVE,
        PropertyType.ACCESSOR,
        PropertyType.MATERIAL,
        PropertyType.TEXTURE,
        PropertyType.CAMERA,
        PropertyType.BUFFER,
      ],
      keepLeaves: true,
      keepAttributes: true,
      keepSolidTextures: true,
      keepExtras: false,
    }),
  );
  return outcomes;
}

/** What a credit says was changed: each thing once. */
export function listCreditedChanges(steps: readonly Step[]): string[] {
  const changes = orderSteps(steps.map((step) => ({ step }))).flatMap(
    ({ step }) => getStepDefinition(step).credit(step) ?? [],
  );
  return [...new Set(changes)];
}

/** What a credit prints: a model that was only tidied is not called unchanged, nor changed in its shape. */
export function describeChanges(steps: readonly Step[]): string[] {
  const changes = listCreditedChanges(steps);
  return changes.length > 0 || steps.length === 0 ? changes : ['tidied only, its shape as it came'];
}

/** What a licence makes of a treatment: whether anything was changed, and what of it makes a new version of the work. */
export function describeNature(steps: readonly Step[]): ChangeNature {
  const adaptations = orderSteps(steps.map((step) => ({ step }))).flatMap(
    ({ step }) => getStepDefinition(step).adaptation(step) ?? [],
  );
  return { changed: listCreditedChanges(steps).length > 0, adaptations: [...new Set(adaptations)] };
}
