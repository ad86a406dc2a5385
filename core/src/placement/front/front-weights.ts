import type { FrontFeatures } from './front-features';

/** Fitted by measures/tuning/train-front-weights.ts (`npm run tune front`) to two thirds of the authors of the open furniture. */
export const FRONT_WEIGHTS: Record<keyof FrontFeatures, number> = {
  alikeSides: 0.869,
  alikeEnds: -0.869,
  flatBack: 2.888,
  upperBack: 1.133,
  middleBack: 1.271,
  wide: 1.24,
};
