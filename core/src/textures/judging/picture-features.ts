import type { PictureMeasures } from './picture-measures';

/** A ramp from 0 at `from` to 1 at `to`. */
const ramp = (value: number, from: number, to: number): number =>
  Math.max(0, Math.min(1, (value - from) / (to - from)));

/** What the weights of `picture-weights.ts` apply to, in their order. All between −1 and 1. */
export const PICTURE_FEATURES: { name: string; of: (m: PictureMeasures) => number }[] = [
  { name: 'grey', of: (m) => 1 - ramp(m.coloured, 0.002, 0.05) },
  { name: 'nearly grey', of: (m) => 1 - ramp(m.chroma, 0.01, 0.08) },
  { name: 'colourful', of: (m) => ramp(m.chroma, 0.05, 0.3) },
  { name: 'unit', of: (m) => ramp(m.unit, 0.3, 0.95) },
  { name: 'all unit', of: (m) => ramp(m.unit, 0.9, 1) },
  { name: 'blue', of: (m) => ramp(m.blue, 0.2, 0.9) },
  { name: 'blue mean', of: (m) => ramp(m.mean[2] - Math.max(m.mean[0], m.mean[1]), 0.05, 0.4) },
  {
    name: 'red and green in the middle',
    of: (m) => 1 - ramp(Math.abs(m.mean[0] - 0.5) + Math.abs(m.mean[1] - 0.5), 0.02, 0.2),
  },
  { name: 'dark', of: (m) => m.dark },
  { name: 'mostly dark', of: (m) => ramp(m.dark, 0.5, 0.95) },
  { name: 'light', of: (m) => m.light },
  { name: 'mostly light', of: (m) => ramp(m.light, 0.3, 0.9) },
  { name: 'peak', of: (m) => m.peak },
  { name: 'two peaks', of: (m) => m.twoPeaked },
  { name: 'skew', of: (m) => m.skew / 3 },
  { name: 'brightness', of: (m) => (m.mean[0] + m.mean[1] + m.mean[2]) / 3 },
  { name: 'spread', of: (m) => ramp(Math.max(...m.spread), 0, 0.35) },
  { name: 'even', of: (m) => 1 - ramp(Math.max(...m.spread), 0.003, 0.03) },
  { name: 'detail', of: (m) => ramp(m.detail, 0, 0.08) },
  { name: 'smooth', of: (m) => 1 - ramp(m.detail, 0.003, 0.02) },
  { name: 'red goes with green', of: (m) => m.correlation[0] },
  { name: 'green goes with blue', of: (m) => m.correlation[1] },
  { name: 'red goes with blue', of: (m) => m.correlation[2] },
  { name: 'channels apart', of: (m) => ramp(m.apart, 0.05, 0.6) },
  { name: 'channels of their own', of: (m) => 1 - ramp(Math.max(...m.correlation.map(Math.abs)), 0.3, 0.9) },
  { name: 'few colours', of: (m) => 1 - ramp(Math.log2(m.colours * 4096 + 1), 2, 7) },
  { name: 'many colours', of: (m) => ramp(Math.log2(m.colours * 4096 + 1), 5, 10) },
  { name: 'grey in steps', of: (m) => (m.coloured < 0.02 ? ramp(Math.log2(m.colours * 4096 + 1), 1, 4) : 0) },
  { name: 'clear', of: (m) => m.clear },
  { name: 'half clear', of: (m) => 1 - m.clear - m.solid },
  { name: 'coloured on dark', of: (m) => m.dark * ramp(m.coloured, 0, 0.1) },
  { name: 'warm', of: (m) => Math.max(-1, Math.min(1, (m.mean[0] - m.mean[2]) * 4)) },
];

/** @returns a picture's features, one a row of `PICTURE_FEATURES` */
export const listPictureFeatures = (measures: PictureMeasures): number[] =>
  PICTURE_FEATURES.map(({ of }) => of(measures));
