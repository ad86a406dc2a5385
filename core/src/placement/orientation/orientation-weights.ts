import type { OrientationFeatures } from './orientation-features';

/** Fitted by measures/tuning/train-orientation-weights.ts (`npm run tune orientation`) to two thirds of the authors of the open furniture and half of those of four packages of models. */
export const ORIENTATION_WEIGHTS: Record<keyof OrientationFeatures, number> = {
  flatFoot: 0.086,
  flatHead: 1.759,
  support: 2.525,
  balance: 0.929,
  height: -0.177,
  mirror: -1.624,
  mirrorLess: 1.316,
  mirrorMore: 0.308,
  square: 3.275,
  slender: 0.394,
  thin: 0.151,
  open: 1.543,
  pictures: 3.785,
  atOrigin: 2.354,
  byKind: 0.388,
};
