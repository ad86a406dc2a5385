export interface Outline {
  corners: Int32Array;
  sizes: Int32Array;
  numbers: Int32Array;
  /** Number of each kept corner in the file. */
  fileCorners: Int32Array;
  fileFaces: number;
  fileCornerCount: number;
  points: number;
  broken: number;
}

export function readOutline(
  counts: Float64Array,
  indices: Float64Array,
  points: number,
  isLeftHanded: boolean,
): Outline {
  const corners: number[] = [];
  const fileCorners: number[] = [];
  const sizes: number[] = [];
  const numbers: number[] = [];
  let broken = 0;
  for (let face = 0, start = 0; face < counts.length; start += counts[face++]) {
    const size = counts[face];
    if (!(size >= 0) || start + size > indices.length) {
      broken += counts.length - face;
      break;
    }
    const order = Array.from({ length: size }, (_, i) => start + (isLeftHanded && i > 0 ? size - i : i));
    if (size < 3 || order.some((c) => !(indices[c] >= 0 && indices[c] < points))) {
      broken++;
      continue;
    }
    for (const c of order) {
      corners.push(indices[c]);
      fileCorners.push(c);
    }
    sizes.push(size);
    numbers.push(face);
  }
  return {
    corners: Int32Array.from(corners),
    fileCorners: Int32Array.from(fileCorners),
    sizes: Int32Array.from(sizes),
    numbers: Int32Array.from(numbers),
    fileFaces: counts.length,
    fileCornerCount: indices.length,
    points,
    broken,
  };
}
