/** sRGB to light and back, IEC 61966-2-1. @param value 0 to 1 */
export const toLinear = (value: number): number =>
  value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;

/** @param value 0 to 1 */
export const toSrgb = (value: number): number =>
  value <= 0.0031308 ? value * 12.92 : 1.055 * value ** (1 / 2.4) - 0.055;

/** Light of each of the 256 steps of an 8-bit sRGB channel. */
export const LIGHT_OF_BYTE: Float32Array = Float32Array.from({ length: 256 }, (_, i) => toLinear(i / 255));

/** The byte of light in steps of 1/4095; finer than one step of sRGB but for the darkest. */
const BYTE_OF_LIGHT: Uint8Array = Uint8Array.from({ length: 4096 }, (_, i) => Math.round(toSrgb(i / 4095) * 255));

/** @param light 0 to 1 @returns the 8-bit sRGB value nearest to it */
export function byteOfLight(light: number): number {
  if (light <= 0) return 0;
  if (light >= 1) return 255;
  // the straight part near black is steeper than the table's steps
  return light < 0.02 ? Math.round(toSrgb(light) * 255) : BYTE_OF_LIGHT[Math.round(light * 4095)];
}
