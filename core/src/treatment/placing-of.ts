import type { mat4 } from '@gltf-transform/core';
import type { Step } from '@haveld/contract/step';
import { composeMatrix, multiplyMatrix, quarterTurnMatrix, scaleMatrix } from '../scene/matrix';

/**
 * How steps turn and scale a model as a whole, without a shift: its own space → metres, Y up, front +Z.
 * @param steps in the order they run
 */
export const placingOf = (steps: readonly Step[]): mat4 =>
  steps.reduce((placing, step) => {
    const next = turnOf(step);
    return next ? multiplyMatrix(next, placing) : placing;
  }, scaleMatrix(1));

function turnOf(step: Step): mat4 | null {
  switch (step.kind) {
    case 'scale':
      return scaleMatrix(step.factor);
    case 'rotate':
      return quarterTurnMatrix(step.axis, step.degrees);
    case 'straighten':
      return composeMatrix({ translation: [0, 0, 0], rotation: [...step.turn], scale: [1, 1, 1] });
    case 'set-front-axis':
      return quarterTurnMatrix('y', step.degrees);
    default:
      return null;
  }
}
