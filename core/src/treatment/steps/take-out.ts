import { PartIndex } from '../../scene/part-ref';
import { takeOut } from '../../structure/parts/take-out';
import { count } from '../../text/count';
import { describeNames, namesOf } from '../describe-names';
import type { StepDefinition } from '../step-definition';

export const takeOutParts: StepDefinition<'take-out'> = {
  kind: 'take-out',
  phase: 'parts',
  order: 0,
  codeVersion: 1,
  topology: 'keeps',
  loses: [
    'triangles',
    'polygons',
    'lines',
    'layouts',
    'colours',
    'creases',
    'shapes',
    'skinned',
    'tracks',
    'maps',
    'marks',
  ],
  title: (step) => `${describeNames(step.parts.map(({ name }) => name))} taken out`,
  credit: (step) => `${describeNames(step.parts.map(({ name }) => name))} left out`,
  adaptation: (step) => `${describeNames(step.parts.map(({ name }) => name))} left out`,
  apply(document, step) {
    const { nodes, unmatched } = new PartIndex(document).findAll(step.parts);
    const { gone, left } = takeOut(document, nodes);
    return { changed: count(gone, 'part'), unmatched: [...unmatched, ...namesOf(left)] };
  },
};
