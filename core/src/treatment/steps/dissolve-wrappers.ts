import { findPart } from '../../scene/part-ref';
import { multiplyMatrix } from '../../scene/matrix';
import { getShownScene } from '../../scene/traverse';
import type { StepDefinition } from '../step-definition';
import { describeParts } from './leave-out';

export const dissolveWrappers: StepDefinition<'dissolve-wrappers'> = {
  kind: 'dissolve-wrappers',
  phase: 'structure',
  order: 4,
  codeVersion: 1,
  topology: 'keeps',
  title: () => 'Wrappers dissolved',
  credit: () => null,
  adaptation: () => null,
  apply(document, step) {
    const found = step.parts.map((part) => ({ part, node: findPart(document, part) }));
    const scene = getShownScene(document);
    for (const { node } of found) {
      if (!node || node.getMesh()) continue;
      const parent = node.getParentNode();
      const matrix = node.getMatrix();
      for (const child of node.listChildren()) {
        child.setMatrix(multiplyMatrix(matrix, child.getMatrix()));
        if (parent) parent.addChild(child);
        else scene.addChild(child);
      }
      node.dispose();
    }
    const unmatched = found.filter(({ node }) => !node).map(({ part }) => part.name);
    return { changed: describeParts(step.parts.filter((part) => !unmatched.includes(part.name))), unmatched };
  },
};
