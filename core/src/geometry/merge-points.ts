/**
 * Gives equal points one number: for formats that write every corner's place anew.
 * @param points xyz per corner
 * @returns each distinct point once, in the order of first appearance, and which one each corner has
 */
export function mergePoints(points: Float32Array): { positions: Float32Array; corners: Int32Array } {
  const count = points.length / 3;
  const capacity = 2 ** Math.ceil(Math.log2(Math.max(16, count * 2)));
  const slots = new Int32Array(capacity).fill(-1);
  const bits = new Int32Array(points.buffer, points.byteOffset, points.length);
  const positions = new Float32Array(points.length);
  const corners = new Int32Array(count);
  let kept = 0;
  for (let c = 0; c < count; c++) {
    const o = c * 3;
    // −0 and 0 are one place
    for (let n = 0; n < 3; n++) if (points[o + n] === 0) points[o + n] = 0;
    let hash = Math.imul(bits[o], 0x9e3779b1) ^ Math.imul(bits[o + 1], 0x85ebca6b) ^ Math.imul(bits[o + 2], 0xc2b2ae35);
    hash ^= hash >>> 15;
    for (let slot = hash & (capacity - 1); ; slot = (slot + 1) & (capacity - 1)) {
      const known = slots[slot];
      if (known < 0) {
        slots[slot] = kept;
        for (let n = 0; n < 3; n++) positions[kept * 3 + n] = points[o + n];
        corners[c] = kept++;
        break;
      }
      const k = known * 3;
      if (positions[k] === points[o] && positions[k + 1] === points[o + 1] && positions[k + 2] === points[o + 2]) {
        corners[c] = known;
        break;
      }
    }
  }
  return { positions: positions.slice(0, kept * 3), corners };
}
