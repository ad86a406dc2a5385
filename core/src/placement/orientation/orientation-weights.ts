import type { OrientationFeatures } from './orientation-features';

/** Fitted by measures/tuning/train-orientation-weights.ts (`npm run tune orientation`) to two thirds of the authors of the open furniture. */
export const ORIENTATION_WEIGHTS: Record<keyof OrientationFeatures, number> = {
  flatFoot: -1.425,
  flatHead: 1.776,
  support: 2.708,
  balance: 2.23,
  height: 1.019,
  mirror: -1.39,
  mirrorLess: 1.241,
  mirrorMore: 0.149,
  square: 2.253,
  slender: 0.784,
  thin: 0.241,
  tallByName: 0.87,
  flatByName: -0.467,
};
