import type { OrientationFeatures } from './orientation-features';

/** Fitted by measures/tuning/train-orientation-weights.ts (`npm run tune orientation`) to two thirds of the authors of the open furniture and half of those of four packages of models. */
export const ORIENTATION_WEIGHTS: Record<keyof OrientationFeatures, number> = {
  flatFoot: 0.131,
  flatHead: 1.657,
  support: 2.541,
  balance: 0.912,
  height: -0.174,
  mirror: -1.639,
  mirrorLess: 1.35,
  mirrorMore: 0.289,
  square: 3.259,
  slender: 0.432,
  thin: 0.131,
  open: 1.53,
  pictures: 3.485,
  atOrigin: 2.275,
  byKind: 0.387,
};
