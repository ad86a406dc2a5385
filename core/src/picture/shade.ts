import type { DrawItem } from './gather';

// names of their own: looked up on a global in the inner loop they cost four fifths of the time in some hosts
const { max, min, sqrt } = Math;

/** From over the viewer's left shoulder; unit. */
export const KEY: readonly [number, number, number] = [-0.4243, 0.7071, 0.5657];
const KEY_STRENGTH = 2.1;
/** What a matt surface gives back of the key that falls straight on it. */
export const KEY_LIT = 0.42 * KEY_STRENGTH;
/** Sky and ground of a daylit room, linear. */
export const SKY: readonly [number, number, number] = [0.62, 0.64, 0.66];
export const GROUND: readonly [number, number, number] = [0.34, 0.32, 0.29];
/** Share of the light that what is no metal throws back as it came. */
export const DIELECTRIC = 0.04;

/** Steps of a highlight, from its rim to its middle. */
export const GLOSS_STEPS = 1024;

/** What of a surface's light is the same at every point of it. */
export interface Finish {
  metallic: number;
  emissive: readonly [number, number, number];
  /** Half way between the light and the viewer, unit. */
  half: readonly [number, number, number];
  /** Its highlight by the cosine between its normal and `half`, read between two steps; one more at the end. */
  gloss: Float32Array;
}

/** @param back towards the viewer, unit */
export function createFinish(
  { metallic, roughness, emissive }: Pick<DrawItem, 'metallic' | 'roughness' | 'emissive'>,
  back: readonly [number, number, number],
): Finish {
  const alpha = max(0.05, roughness * roughness);
  // Phong's exponent: how sharp it is
  const exponent = min(400, max(1, 2 / (alpha * alpha) - 2));
  const [hx, hy, hz] = [KEY[0] + back[0], KEY[1] + back[1], KEY[2] + back[2]];
  const length = sqrt(hx * hx + hy * hy + hz * hz);
  const strength = (exponent + 2) * 0.02 * KEY_STRENGTH;
  return {
    metallic,
    emissive,
    half: [hx / length, hy / length, hz / length],
    gloss: Float32Array.from({ length: GLOSS_STEPS + 2 }, (_, i) => (i / GLOSS_STEPS) ** exponent * strength),
  };
}
