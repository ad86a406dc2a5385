/** @param points xyz each @returns the longest side of their box, in their unit; 0 for none */
export function longestSide(points: ArrayLike<number>): number {
  const min = [Infinity, Infinity, Infinity];
  const max = [-Infinity, -Infinity, -Infinity];
  for (let o = 0; o < points.length; o++) {
    const axis = o % 3;
    if (points[o] < min[axis]) min[axis] = points[o];
    if (points[o] > max[axis]) max[axis] = points[o];
  }
  return Math.max(0, ...max.map((v, axis) => v - min[axis]));
}
