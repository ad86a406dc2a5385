/** Pixels a look is made from: nine columns, eight rows. */
export const LOOK_WIDTH = 9;
export const LOOK_HEIGHT = 8;
/** Bits two looks of one picture may differ in, after another size or compression; measured on open pictures (docs/sorting.md). */
export const LOOK_TOLERANCE = 6;

/**
 * What a picture looks like whatever its size and compression: for each pixel of a small grey copy, whether the one to its right
 * is brighter (a difference hash; common practice, no source).
 * @param grey luminance of 9 × 8 pixels, rows from the top
 * @returns 64 bits; null for pictures so flat that their look says nothing
 */
export function computeLook(grey: Uint8Array): bigint | null {
  if (grey.length !== LOOK_WIDTH * LOOK_HEIGHT) throw new Error(`computeLook: 72 pixels, got ${grey.length}`);
  if (Math.max(...grey) - Math.min(...grey) < 8) return null;
  let look = 0n;
  for (let y = 0; y < LOOK_HEIGHT; y++)
    for (let x = 0; x < LOOK_WIDTH - 1; x++) {
      const at = y * LOOK_WIDTH + x;
      look = (look << 1n) | (grey[at + 1] > grey[at] ? 1n : 0n);
    }
  return look;
}

/** @returns in how many of the 64 bits two looks differ */
export function compareLooks(a: bigint, b: bigint): number {
  let differing = 0;
  for (let rest = a ^ b; rest > 0n; rest &= rest - 1n) differing++;
  return differing;
}
