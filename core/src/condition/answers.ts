import type { SheetFinding } from '@haveld/contract/api/bench';
import { DomainError } from '@haveld/contract/error';
import type { Answer, Finding } from '@haveld/contract/finding';
import type { Heading } from '@haveld/contract/heading';
import { FINDING_KINDS } from '@haveld/contract/finding-kinds';
import type { Step, StepKind } from '@haveld/contract/step';

/** Puts answers beside findings. A holding finding is settled; one that blocks rights is settled only by the rights themselves. */
export function answerFindings(findings: readonly Finding[], answers: ReadonlyMap<string, Answer>): SheetFinding[] {
  return findings.map((finding) => {
    const answer = answers.get(finding.key) ?? null;
    return { ...finding, answer, settled: isSettled(finding, answer) };
  });
}

function isSettled(finding: Finding, answer: Answer | null): boolean {
  if (finding.mark === 'holds') return true;
  if (finding.heading === 'rights') return finding.mark === 'look' && answer !== null;
  return answer !== null;
}

/** @returns findings whose first choice is sure, and which nobody has answered, in an order that answers "after" first */
export function listSureOpen(findings: readonly SheetFinding[]): SheetFinding[] {
  const sure = findings.filter((finding) => finding.sure && !finding.settled && finding.choices.length > 0);
  const settled = new Set([...findings.filter((finding) => finding.settled), ...sure].map((finding) => finding.key));
  return sure
    .filter((finding) => finding.after.every((key) => settled.has(key)))
    .sort((a, b) => a.after.length - b.after.length);
}

/** What still stands between an asset and the catalogue (house rules), a sentence each. */
export const listMissing = (findings: readonly SheetFinding[]): string[] =>
  findings.flatMap((finding) => describeMissing(finding) ?? []);

/** @returns why an open finding keeps an asset out of the catalogue, or null */
export function describeMissing(finding: SheetFinding): string | null {
  if (finding.settled) return null;
  if (finding.mark === 'blocks') return `${finding.title}.`;
  return FINDING_KINDS[finding.kind].whyMissing?.(finding.title) ?? null;
}

/**
 * What an answer adds to the treatment.
 * @throws {DomainError} `bad-request` where the answer is none of the finding's choices
 */
export function listAnswerSteps(finding: Finding, answer: Answer): Step[] {
  if (answer.kind === 'set-aside') return [];
  if (answer.kind === 'own') return answer.steps;
  const choice = finding.choices.find((candidate) => candidate.id === answer.choiceId);
  if (!choice) throw new DomainError('bad-request', 'This answer is not among the choices.');
  return choice.steps;
}

/** What a step of these kinds does lies in the root until it is baked. */
const LIES_IN_ROOT: ReadonlySet<StepKind> = new Set(['scale', 'rotate', 'straighten', 'set-front-axis']);

/** A turn or a scale lies in the root until it is baked; what moves keeps it there (it has no finding about baking). */
export const callsForBaking = (findings: readonly Finding[], steps: readonly Step[]): boolean =>
  steps.some((step) => LIES_IN_ROOT.has(step.kind)) &&
  findings.some((finding) => FINDING_KINDS[finding.kind].isAboutBaking);

/**
 * Answers every sure proposal with its first choice, as a person who takes them all would.
 * @param under headings whose proposals are taken
 * @returns the sheet with those answers, and the steps they come to
 */
export function takeEverySure(
  findings: readonly Finding[],
  under: readonly Heading[],
): { sheet: SheetFinding[]; steps: Step[] } {
  const answers = new Map<string, Answer>();
  const steps: Step[] = [];
  for (const finding of listSureOpen(answerFindings(findings, answers))) {
    if (!under.includes(finding.heading)) continue;
    const answer: Answer = { kind: 'taken', choiceId: finding.choices[0].id };
    answers.set(finding.key, answer);
    steps.push(...listAnswerSteps(finding, answer));
  }
  if (callsForBaking(findings, steps) && !steps.some((step) => step.kind === 'bake-transforms'))
    steps.push({ kind: 'bake-transforms', schema: 1 });
  return { sheet: answerFindings(findings, answers), steps };
}
