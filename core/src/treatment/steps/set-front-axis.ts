import { multiplyMatrix, quarterTurnMatrix } from '../../scene/matrix';
import { getPlacementRoot } from '../placement-root';
import type { StepDefinition } from '../step-definition';

/** Not idempotent: two quarter turns are a half turn. */
export const setFrontAxis: StepDefinition<'set-front-axis'> = {
  kind: 'set-front-axis',
  phase: 'size-and-orientation',
  order: 3,
  codeVersion: 1,
  topology: 'keeps',
  title: () => 'Turned to its front',
  credit: () => null,
  adaptation: () => null,
  apply(document, step) {
    const root = getPlacementRoot(document);
    root.setMatrix(multiplyMatrix(quarterTurnMatrix('y', step.degrees), root.getMatrix()));
    return { changed: `${step.degrees < 0 ? '−' : ''}${Math.abs(step.degrees)}° about Y`, unmatched: [] };
  },
};
