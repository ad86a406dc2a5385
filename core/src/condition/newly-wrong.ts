import type { StepOutcome } from '@haveld/contract/report';

/** Something that is wrong with the result and was not with what was received. */
export interface NewlyWrong {
  /** The step that brought it about, by its place among those that ran. */
  step: number;
  title: string;
}

/** Outcomes with what was found besides, each at its step. */
export const addWorse = (outcomes: readonly StepOutcome[], found: readonly NewlyWrong[]): StepOutcome[] =>
  outcomes.map((outcome, i) => ({
    ...outcome,
    worse: [...outcome.worse, ...found.filter(({ step }) => step === i).map(({ title }) => `now: ${title}`)],
  }));
