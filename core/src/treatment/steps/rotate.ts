import { multiplyMatrix, quarterTurnMatrix } from '../../scene/matrix';
import { getPlacementRoot } from '../placement-root';
import type { StepDefinition } from '../step-definition';

/** Not idempotent: two quarter turns are a half turn. */
export const rotate: StepDefinition<'rotate'> = {
  kind: 'rotate',
  phase: 'size-and-orientation',
  order: 1,
  codeVersion: 1,
  topology: 'keeps',
  title: (step) => (step.axis === 'y' ? 'Turned to face forwards' : 'Turned upright'),
  credit: () => 'set upright',
  adaptation: () => null,
  apply(document, step) {
    const root = getPlacementRoot(document);
    root.setMatrix(multiplyMatrix(quarterTurnMatrix(step.axis, step.degrees), root.getMatrix()));
    return {
      changed: `${step.degrees < 0 ? '−' : ''}${Math.abs(step.degrees)}° about ${step.axis.toUpperCase()}`,
      unmatched: [],
    };
  },
};
