import type { OrientationFeatures } from './orientation-features';

/** Fitted by measures/tuning/train-orientation-weights.ts (`npm run tune orientation`) to two thirds of the authors of the open furniture and half of those of four packages of models. */
export const ORIENTATION_WEIGHTS: Record<keyof OrientationFeatures, number> = {
  flatFoot: -2.27,
  flatHead: 2.387,
  support: 4.236,
  balance: 1.583,
  height: -1.252,
  mirror: -2.476,
  mirrorLess: 2.32,
  mirrorMore: 0.156,
  square: 3.047,
  slender: 0.327,
  thin: 0.154,
  byKind: 0.522,
};
