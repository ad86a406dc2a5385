/** sRGB to light and back, IEC 61966-2-1. @param value 0 to 1 */
export const toLinear = (value: number): number =>
  value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;

/** @param value 0 to 1 */
export const toSrgb = (value: number): number =>
  value <= 0.0031308 ? value * 12.92 : 1.055 * value ** (1 / 2.4) - 0.055;

/** Light of each of the 256 steps of an 8-bit sRGB channel. */
export const LIGHT_OF_BYTE: Float32Array = Float32Array.from({ length: 256 }, (_, i) => toLinear(i / 255));

/** Fine enough for the steepest part, near black: a fifth of a byte a step. */
const STEPS = 16383;
const BYTE_OF_LIGHT: Uint8Array = Uint8Array.from({ length: STEPS + 1 }, (_, i) => Math.round(toSrgb(i / STEPS) * 255));

/** @param light 0 to 1; cut to it @returns the 8-bit sRGB value nearest to it */
export function byteOfLight(light: number): number {
  if (!(light > 0)) return 0;
  return light >= 1 ? 255 : BYTE_OF_LIGHT[(light * STEPS + 0.5) | 0];
}
