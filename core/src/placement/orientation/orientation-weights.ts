import type { OrientationFeatures } from './orientation-features';

/** Fitted by measures/tuning/train-orientation-weights.ts (`npm run tune orientation`) to two thirds of the authors of the open furniture and half of those of four packages of models. */
export const ORIENTATION_WEIGHTS: Record<keyof OrientationFeatures, number> = {
  flatFoot: -2.282,
  flatHead: 2.39,
  support: 4.253,
  balance: 1.585,
  height: -1.259,
  mirror: -2.509,
  mirrorLess: 2.313,
  mirrorMore: 0.195,
  square: 3.029,
  slender: 0.356,
  thin: 0.139,
  byKind: 0.538,
};
