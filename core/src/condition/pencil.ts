import type { SheetFinding } from '@haveld/contract/api/bench';
import { FINDING_KINDS } from '@haveld/contract/finding-kinds';
import type { HouseRules } from '@haveld/contract/house-rules';
import type { Step } from '@haveld/contract/step';
import { callsForBaking, describeMissing } from './answers';

/** How a model will be if every best guess is right, and what no guess may stand for. */
export interface Pencilled {
  /** Open findings whose first choice is applied to what is shown until a person confirms it, in an order that answers "after" first. */
  guessed: SheetFinding[];
  /** Open findings that keep it out of the catalogue and are for a person to answer. */
  asked: SheetFinding[];
  /** What the guesses come to, beside the steps that were taken. */
  steps: Step[];
}

/**
 * Sets the best guesses in pencil: of kinds whose outcome shows at a glance, likely enough for the house, and resting on nothing that is
 * open itself. Rights, parts that may be no part of the model, and whatever a picture does not show stay questions.
 */
export function setInPencil(
  findings: readonly SheetFinding[],
  { pencilFrom }: Pick<HouseRules, 'pencilFrom'>,
): Pencilled {
  const guessed: SheetFinding[] = [];
  const decided = new Set(findings.filter(({ settled }) => settled).map(({ key }) => key));
  const known = new Set(findings.map(({ key }) => key));
  const candidates = findings.filter((finding) => isGuess(finding, pencilFrom));
  for (let left = candidates; left.length > 0;) {
    const ready = left.filter(({ after }) => after.every((key) => decided.has(key) || !known.has(key)));
    if (ready.length === 0) break;
    for (const finding of ready) decided.add(finding.key);
    guessed.push(...ready);
    left = left.filter((finding) => !ready.includes(finding));
  }
  const steps = guessed.flatMap(({ choices }) => choices[0].steps);
  if (callsForBaking(findings, steps)) steps.push({ kind: 'bake-transforms', schema: 1 });
  return {
    guessed,
    asked: findings.filter((finding) => describeMissing(finding) !== null && !guessed.includes(finding)),
    steps,
  };
}

const isGuess = ({ settled, kind, choices }: SheetFinding, pencilFrom: number): boolean =>
  !settled && FINDING_KINDS[kind].mayBePencilled === true && choices.length > 0 && choices[0].confidence >= pencilFrom;
