import type { HouseTreatmentRule } from '@haveld/contract/house-treatment';
import type { StepOutcome } from '@haveld/contract/report';
import type { Step } from '@haveld/contract/step';
import { readGlb } from '@haveld/core/scene/document/document-io';
import { computeFigures } from '@haveld/core/scene/measures/figures';
import { listShownNodes } from '@haveld/core/scene/traverse';
import { applyTreatment } from '@haveld/core/treatment/apply-treatment';
import { planHouseSteps } from '@haveld/core/treatment/house/plan-house-steps';
import { orderSteps } from '@haveld/core/treatment/steps';
import { sharpCodec } from '../pictures/sharp-codec';
import type { TaskContext } from './task';

export interface PlanHouseInput {
  documentSha256: string;
  /** What it has already, answers and guesses among them. */
  taken: Step[];
  rules: HouseTreatmentRule[];
  /** Rules that are left out. */
  left: number[];
}

/** What a model is counted by, before and after. */
export interface Counted {
  triangles: number;
  parts: number;
}

export interface PlanHouseResult {
  /** Each with the rule that calls for it, and what came of it. */
  steps: { rule: number; step: Step; outcome: StepOutcome }[];
  before: Counted;
  after: Counted;
}

/** Works out what a house treatment would do to a model, and tries it; nothing of it is kept. */
export async function planHouseTreatment(
  { documentSha256, taken, rules, left }: PlanHouseInput,
  { store, progress }: TaskContext,
): Promise<PlanHouseResult> {
  const bytes = await store.get(documentSha256);
  const read = () => readGlb(bytes);
  const context = { codec: sharpCodec, readBytes: (sha256: string) => store.get(sha256) };
  const planned = await planHouseSteps(read, taken, rules, context, left);
  progress(1, 2, 'stage');
  const [without, treated] = [await read(), await read()];
  await applyTreatment(without, taken, context);
  const ordered = orderSteps([
    ...taken.map((step) => ({ step, rule: null })),
    ...planned.map(({ step, rule }) => ({ step, rule })),
  ]);
  const outcomes = await applyTreatment(
    treated,
    ordered.map(({ step }) => step),
    context,
  );
  const count = (document: typeof treated): Counted => ({
    triangles: computeFigures(document).triangles,
    parts: listShownNodes(document).filter((node) => node.getMesh()).length,
  });
  return {
    steps: ordered.flatMap(({ step, rule }, i) => (rule === null ? [] : [{ rule, step, outcome: outcomes[i] }])),
    before: count(without),
    after: count(treated),
  };
}
