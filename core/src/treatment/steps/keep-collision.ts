import { PartIndex } from '../../scene/part-ref';
import { keepCollision } from '../../structure/collision/keep-collision';
import { count } from '../../text/count';
import type { StepDefinition } from '../step-definition';

export const keepCollisionParts: StepDefinition<'keep-collision'> = {
  kind: 'keep-collision',
  phase: 'structure',
  order: 5,
  codeVersion: 1,
  topology: 'keeps',
  // they are kept beside what is shown
  loses: ['triangles', 'polygons', 'lines', 'layouts', 'colours', 'creases', 'maps'],
  title: ({ parts }) => `${count(parts.length, 'collision shape')} kept`,
  credit: () => null,
  adaptation: () => null,
  apply(document, { parts }) {
    const { nodes, unmatched } = new PartIndex(document).findAll(parts);
    keepCollision(document, nodes);
    return { changed: `${count(nodes.length, 'shape')} kept for collision, not shown`, unmatched };
  },
};
