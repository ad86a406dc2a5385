import { multiplyMatrix, quarterTurnMatrix } from '../../scene/matrix';
import { getPlacementRoot } from '../placement-root';
import type { StepDefinition } from '../step-definition';

/** Not idempotent: two quarter turns are a half turn. */
export const face: StepDefinition<'face'> = {
  kind: 'face',
  phase: 'size-and-stance',
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
