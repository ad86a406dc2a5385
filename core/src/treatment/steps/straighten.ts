import { multiplyQuaternions, rotateVector } from '../../scene/quaternion';
import { getPlacementRoot } from '../placement-root';
import type { StepDefinition } from '../step-definition';

/** Not idempotent: straightened twice a model leans the other way. */
export const straighten: StepDefinition<'straighten'> = {
  kind: 'straighten',
  phase: 'size-and-orientation',
  order: 2,
  codeVersion: 1,
  topology: 'keeps',
  title: () => 'Straightened',
  credit: () => 'set upright',
  adaptation: () => null,
  apply(document, step) {
    const root = getPlacementRoot(document);
    root.setTranslation(rotateVector(step.turn, root.getTranslation()));
    root.setRotation(multiplyQuaternions(step.turn, root.getRotation()));
    return { changed: step.label, unmatched: [] };
  },
};
