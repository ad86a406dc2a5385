import { reduceTextures } from '../../textures/materials/rewrite-textures';
import type { StepDefinition } from '../step-definition';

export const reduceMaps: StepDefinition<'reduce-maps'> = {
  kind: 'reduce-maps',
  phase: 'textures',
  order: 9,
  codeVersion: 1,
  topology: 'keeps',
  title: (step) =>
    `Maps reduced to ${step.side >= 1024 && step.side % 1024 === 0 ? `${step.side / 1024}K` : `${step.side} texels`}`,
  credit: () => null,
  adaptation: () => null,
  async apply(document, step, { codec }) {
    const count = await reduceTextures(document, step.side, codec);
    return { changed: `${count} ${count === 1 ? 'map' : 'maps'}`, unmatched: [] };
  },
};
