import { getShownScene } from '../../scene/traverse';
import { getPlacementRoot } from '../placement-root';
import type { StepDefinition } from '../step-definition';

export const nameRoot: StepDefinition<'name-root'> = {
  kind: 'name-root',
  phase: 'names',
  order: 0,
  codeVersion: 1,
  topology: 'keeps',
  title: () => 'Root named',
  credit: () => null,
  adaptation: () => null,
  apply(document, step) {
    const children = getShownScene(document).listChildren();
    const root = children.length === 1 ? children[0] : getPlacementRoot(document);
    root.setName(step.name);
    return { changed: step.name, unmatched: [] };
  },
};
