import { scaleReaches } from '../../scene/scale-reaches';
import { scaleMatrix, multiplyMatrix } from '../../scene/matrix';
import { getPlacementRoot } from '../placement-root';
import type { StepDefinition } from '../step-definition';

/** Not idempotent: scaling twice by 0.01 is scaling by 0.0001. A treatment holds one such step. */
export const scale: StepDefinition<'scale'> = {
  kind: 'scale',
  phase: 'size-and-orientation',
  order: 0,
  codeVersion: 2,
  topology: 'keeps',
  title: (step) => `Scaled × ${formatFactor(step.factor)}`,
  credit: (step) => (step.factor === 1 ? null : 'scaled to real size'),
  adaptation: () => null,
  apply(document, step) {
    const root = getPlacementRoot(document);
    root.setMatrix(multiplyMatrix(scaleMatrix(step.factor), root.getMatrix()));
    scaleReaches(document, step.factor);
    return { changed: step.label, unmatched: [] };
  },
};

export const formatFactor = (factor: number): string => String(Number(factor.toPrecision(5)));
