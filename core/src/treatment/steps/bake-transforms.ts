import { withCollidersShown } from '../../structure/collision/keep-collision';
import { bakeMovingRoot } from '../../placement/bake/bake-moving';
import { bakeTransforms } from '../../placement/bake/bake-transforms';
import { getPlacementRoot, isMoving } from '../placement-root';
import type { StepDefinition } from '../step-definition';

export const bake: StepDefinition<'bake-transforms'> = {
  kind: 'bake-transforms',
  phase: 'size-and-orientation',
  order: 4,
  codeVersion: 3,
  topology: 'permutes',
  title: () => 'Rotations and scales baked',
  credit: () => null,
  adaptation: () => null,
  apply(document) {
    if (isMoving(document)) {
      const isBaked = bakeMovingRoot(document, getPlacementRoot(document));
      return {
        changed: isBaked
          ? 'size and stance, through joints and clips'
          : 'left as they are: the root stretches, mirrors or moves itself',
        unmatched: [],
      };
    }
    const nodes = withCollidersShown(document, () => bakeTransforms(document));
    return { changed: nodes === 1 ? '1 node' : `${nodes} nodes`, unmatched: [] };
  },
};
