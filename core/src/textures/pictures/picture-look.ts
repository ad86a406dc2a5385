/** A look is made from this many columns and rows of colour. */
export const LOOK_SIDE = 8;

/** Mean difference of two looks of one picture, of 255, after another size or compression; measured on open pictures (docs/sorting.md). */
export const LOOK_TOLERANCE = 5.5;

/**
 * What a picture looks like whatever its size and compression: a small copy of its colours, as text.
 * @param rgb 8 × 8 pixels of three bytes, rows from the top
 */
export function describeLook(rgb: Uint8Array): string {
  if (rgb.length !== LOOK_SIDE * LOOK_SIDE * 3) throw new Error(`describeLook: 192 bytes, got ${rgb.length}`);
  return Array.from(rgb, (byte) => byte.toString(16).padStart(2, '0')).join('');
}

/** @returns the mean difference of two looks, 0 to 255 */
export function compareLooks(a: string, b: string): number {
  let sum = 0;
  for (let i = 0; i < a.length; i += 2)
    sum += Math.abs(parseInt(a.slice(i, i + 2), 16) - parseInt(b.slice(i, i + 2), 16));
  return sum / (a.length / 2);
}
