import type { Step } from '@haveld/contract/step';

/** What steps scale by together; 1 where they leave the size alone. */
export const scaleOf = (steps: readonly Step[]): number =>
  steps.reduce((factor, step) => (step.kind === 'scale' ? factor * step.factor : factor), 1);
