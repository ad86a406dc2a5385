import { bakeTransforms } from '../../placement/bake';
import { isMoving } from '../placement-root';
import type { StepDefinition } from '../step-definition';

export const bake: StepDefinition<'bake'> = {
  kind: 'bake',
  phase: 'size-and-stance',
  order: 2,
  codeVersion: 1,
  topology: 'permutes',
  title: () => 'Turns and scales baked',
  credit: () => null,
  adaptation: () => null,
  apply(document) {
    if (isMoving(document))
      return { changed: 'left as they are: joints and clips are placed by the root', unmatched: [] };
    const nodes = bakeTransforms(document);
    return { changed: nodes === 1 ? '1 node' : `${nodes} nodes`, unmatched: [] };
  },
};
