import type { Document } from '@gltf-transform/core';
import type { HouseTreatmentRule, PartCondition } from '@haveld/contract/house-treatment';
import type { PartRef, Step } from '@haveld/contract/step';
import { PartIndex } from '../../scene/part-ref';
import { computeFigures } from '../../scene/measures/figures';
import { listPartOffers } from '../../structure/parts/part-offers';
import { listPartRows, type PartRow } from '../../structure/parts/part-rows';
import { whyNotJoined } from '../../structure/parts/join-parts';
import { toNamePattern } from '../../text/name-pattern';
import { applyTreatment } from '../apply-treatment';
import type { StepContext } from '../step-definition';
import { getStepDefinition, listStepsBeforeParts } from '../steps';

/** A step that a rule of a house treatment calls for on one model. */
export interface PlannedStep {
  /** 0-based. */
  rule: number;
  step: Step;
}

/**
 * What a house treatment would do to a model, as steps that name its own parts: each rule sees what those before it leave. Answers to
 * findings are not made here: they rest on the condition sheet.
 * @param read the document as received, anew each time
 * @param taken steps it has already, answers among them
 * @param left rules that are left out, 0-based
 */
export async function planHouseSteps(
  read: () => Promise<Document>,
  taken: readonly Step[],
  rules: readonly HouseTreatmentRule[],
  context: StepContext,
  left: readonly number[] = [],
): Promise<PlannedStep[]> {
  const planned: PlannedStep[] = [];
  const before = await read();
  await applyTreatment(before, listStepsBeforeParts(taken), context);
  let seen: Seen | null = null;
  for (const [rule, wanted] of rules.entries()) {
    if (wanted.do === 'answer' || left.includes(rule)) continue;
    seen ??= await look(before, read, [...taken, ...planned.map(({ step }) => step)], context);
    const steps = await PLANNERS[wanted.do](seen, wanted as never);
    if (steps.length === 0) continue;
    planned.push(...steps.map((step) => ({ rule, step })));
    // steps on parts run as they were taken, so the document goes on from where it is
    await applyTreatment(
      before,
      steps.filter((step) => getStepDefinition(step).phase === 'parts'),
      context,
    );
    seen = null;
  }
  return planned;
}

/** A model as the next step on parts finds it, and as it will be. */
interface Seen {
  index: PartIndex;
  before: Document;
  /** Upright and at its size. */
  rows: PartRow[];
  triangles: number;
}

async function look(
  before: Document,
  read: () => Promise<Document>,
  steps: readonly Step[],
  context: StepContext,
): Promise<Seen> {
  const after = await read();
  await applyTreatment(after, steps, context);
  return {
    before,
    index: new PartIndex(before),
    rows: listPartRows(after),
    triangles: computeFigures(after).triangles,
  };
}

type RuleOf<K extends HouseTreatmentRule['do']> = Extract<HouseTreatmentRule, { do: K }>;
type Planner<K extends HouseTreatmentRule['do']> = (seen: Seen, rule: RuleOf<K>) => Step[] | Promise<Step[]>;

const PLANNERS: { [K in Exclude<HouseTreatmentRule['do'], 'answer'>]: Planner<K> } = {
  mend: async ({ before, rows }, { what }) =>
    (await listPartOffers(before, rows)).filter(({ kind }) => kind === what).flatMap(({ steps }) => steps),
  'take-out': (seen, { where }) => withParts(seen, where, 1, (parts) => ({ kind: 'take-out', schema: 1, parts })),
  join: (seen, { where, name }) =>
    withParts(
      seen,
      where,
      2,
      (parts) => ({ kind: 'join-parts', schema: 1, parts, name }),
      (nodes) => whyNotJoined(seen.before, nodes) === null,
    ),
  group: (seen, { where, name }) =>
    withParts(seen, where, 1, (parts) => ({ kind: 'group-parts', schema: 1, parts, name })),
  smooth: (seen, { where, degrees, atMaterials }) =>
    withParts(seen, where, 1, (parts) => ({ kind: 'shade-parts', schema: 1, parts, degrees, atMaterials })),
  reduce: ({ triangles }, { above, to }) => (triangles > above ? [{ kind: 'reduce-triangles', schema: 1, to }] : []),
  levels: ({ triangles }, { above, shares }) =>
    triangles > above
      ? [{ kind: 'set-levels', schema: 1, levels: shares.map((share) => ({ by: 'share', share })) }]
      : [],
};

/** One step for all parts that fit, where there are enough and they may. */
function withParts(
  { index, rows }: Seen,
  where: PartCondition | undefined,
  fewest: number,
  make: (parts: PartRef[]) => Step,
  may: (nodes: ReturnType<PartIndex['findAll']>['nodes']) => boolean = () => true,
): Step[] {
  const nodes = listFitting(rows, where).flatMap(({ id }) => index.get(id) ?? []);
  return nodes.length >= fewest && may(nodes) ? [make(nodes.map((node) => index.refer(node)))] : [];
}

/** @returns parts that show something and fit; a clip or a skin may move them */
export function listFitting(rows: readonly PartRow[], where: PartCondition | undefined): PartRow[] {
  const fitsName = where?.name === undefined ? () => true : toNamePattern(where.name);
  const fitsMaterial = where?.material === undefined ? () => true : toNamePattern(where.material);
  const { belowM } = where ?? {};
  return rows.filter(
    ({ kind, name, materials, size }) =>
      kind === 'shape' &&
      fitsName(name) &&
      (where?.material === undefined || materials.some(fitsMaterial)) &&
      (belowM === undefined || (size !== null && Math.max(...size) < belowM)),
  );
}
