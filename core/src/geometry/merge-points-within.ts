const { floor, imul } = Math;

/**
 * Gives points one number where they lie within a distance of one that has it: the first of a place stands for it.
 * @param points xyz a point
 * @param tolerance in their unit, above 0
 * @returns points that stand for others, in the order of first appearance, and which one each has
 */
export function mergePointsWithin(
  points: Float32Array,
  tolerance: number,
): { positions: Float32Array; corners: Int32Array } {
  const count = points.length / 3;
  const mask = 2 ** Math.ceil(Math.log2(Math.max(16, count * 2))) - 1;
  const heads = new Int32Array(mask + 1).fill(-1);
  const next = new Int32Array(count);
  const corners = new Int32Array(count);
  const kept = new Int32Array(count);
  const cell = tolerance * 2;
  const within = tolerance * tolerance;
  const hash = (x: number, y: number, z: number): number => {
    const mixed = imul(x, 0x9e3779b1) ^ imul(y, 0x85ebca6b) ^ imul(z, 0xc2b2ae35);
    return (mixed ^ (mixed >>> 15)) & mask;
  };
  let known = 0;
  for (let c = 0; c < count; c++) {
    const [x, y, z] = [points[c * 3], points[c * 3 + 1], points[c * 3 + 2]];
    // cells are twice as wide as the distance: a neighbour lies in this one or in the one on the nearer side
    const [u, v, w] = [x / cell, y / cell, z / cell];
    const [i, j, k] = [floor(u), floor(v), floor(w)];
    const [di, dj, dk] = [u - i < 0.5 ? -1 : 1, v - j < 0.5 ? -1 : 1, w - k < 0.5 ? -1 : 1];
    let found = -1;
    for (let near = 0; near < 8 && found < 0; near++) {
      const slot = hash(i + (near & 1 ? di : 0), j + (near & 2 ? dj : 0), k + (near & 4 ? dk : 0));
      for (let n = heads[slot]; n >= 0 && found < 0; n = next[n]) {
        const o = kept[n] * 3;
        if ((points[o] - x) ** 2 + (points[o + 1] - y) ** 2 + (points[o + 2] - z) ** 2 <= within) found = n;
      }
    }
    if (found < 0) {
      const slot = hash(i, j, k);
      kept[known] = c;
      next[known] = heads[slot];
      heads[slot] = known;
      found = known++;
    }
    corners[c] = found;
  }
  const positions = new Float32Array(known * 3);
  for (let n = 0; n < known; n++) positions.set(points.subarray(kept[n] * 3, kept[n] * 3 + 3), n * 3);
  return { positions, corners };
}
