import { count } from '../../text/count';
import { dissolveNamed } from './dissolve-wrappers';
import type { StepDefinition } from '../step-definition';

export const dissolveGroupsByHand: StepDefinition<'dissolve-groups'> = {
  kind: 'dissolve-groups',
  phase: 'parts',
  order: 0,
  codeVersion: 1,
  topology: 'keeps',
  title: (step) => `${count(step.parts.length, 'group')} dissolved`,
  credit: () => null,
  adaptation: () => null,
  apply: (document, step) => dissolveNamed(document, step.parts),
};
